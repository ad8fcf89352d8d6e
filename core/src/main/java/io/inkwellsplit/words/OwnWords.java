package io.inkwellsplit.words;

import io.inkwellsplit.data.Format;
import io.inkwellsplit.data.Format.Column;
import io.inkwellsplit.data.Resources;
import io.inkwellsplit.data.Resources.Line;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * Words that a user adds to the shipped ones, for names and for addresses; {@code NameSplitter.withWords} and
 * {@code AddressSplitter.withWords} take them.
 *
 * <p>The file is written as the shipped data are: UTF-8, one entry a line, {@code #} starts a comment line, and
 * {@code [title]} starts a section. {@link #sections()} tells which sections there are. A file that holds anything else is
 * refused, with file and line. Immutable and safe for use by several threads.
 */
public final class OwnWords {
    private static final OwnWords NONE = new OwnWords(Map.of());

    private final Map<String, List<Line>> lines;

    /**
     * One section that a file of words may have.
     *
     * @param name what stands between the brackets
     * @param line what a line of it holds; {@code ;} stands for a tab
     * @param meaning what the section is for, as a sentence
     */
    public record Section(String name, String line, String meaning) {}

    /** What a file may hold, as a data file says. */
    private static final class Declared {
        private static final List<Line> LINES = Format.NONE
                .required("", Column.TEXT, Column.TEXT, Column.TEXT, Column.TEXT)
                .readLines(OwnWords.class, "sections.txt");
        static final List<Section> SECTIONS = LINES.stream()
                .map(line -> new Section(line.fields()[0], line.fields()[2], line.fields()[3]))
                .toList();
        static final Format FORMAT = format();

        private static Format format() {
            Format format = Format.NONE;
            for (Line line : LINES) {
                format = format.distinctIfThere(line.fields()[0], columns(line));
            }
            return format;
        }

        private static Column[] columns(Line line) {
            return Arrays.stream(line.fields()[1].split(" "))
                    .map(Column::valueOf)
                    .toArray(Column[]::new);
        }
    }

    private OwnWords(Map<String, List<Line>> lines) {
        this.lines = lines;
    }

    /** {@return no words} */
    public static OwnWords none() {
        return NONE;
    }

    /** {@return the sections that a file of words may have, in the order in which they are told} */
    public static List<Section> sections() {
        return Declared.SECTIONS;
    }

    /**
     * Reads a file of words.
     *
     * @param file the file, in UTF-8
     * @return its words
     * @throws IOException if it cannot be read
     * @throws IllegalArgumentException if it holds what it may not; the message names file and line
     */
    public static OwnWords read(Path file) throws IOException {
        try (InputStream in = Files.newInputStream(file)) {
            return of(file.toString(), in.readAllBytes());
        }
    }

    /**
     * Reads words from a text.
     *
     * @param called what messages call the text
     * @param text the lines of such a file
     * @return its words
     * @throws IllegalArgumentException if it holds what it may not; the message names the text and the line
     */
    public static OwnWords of(String called, String text) {
        return of(called, text.getBytes(StandardCharsets.UTF_8));
    }

    private static OwnWords of(String called, byte[] bytes) {
        try {
            List<Line> all = Resources.lines(called, new ByteArrayInputStream(bytes));
            Map<String, List<Line>> sections = new LinkedHashMap<>();
            Declared.FORMAT.read(called, all).forEach((name, found) -> sections.put(name, List.copyOf(found)));
            return new OwnWords(sections);
        } catch (IllegalStateException e) {
            throw new IllegalArgumentException(e.getMessage(), e);
        }
    }

    /**
     * {@return these words and others}
     *
     * @param more what is added; both stay as they are
     */
    public OwnWords and(OwnWords more) {
        Map<String, List<Line>> all = new LinkedHashMap<>(lines);
        more.lines.forEach((name, found) -> {
            List<Line> both = new ArrayList<>(all.getOrDefault(name, List.of()));
            both.addAll(found);
            all.put(name, List.copyOf(both));
        });
        return new OwnWords(all);
    }

    /** {@return whether there are none} */
    public boolean isEmpty() {
        return lines.isEmpty();
    }

    /**
     * {@return the lines of a section; empty where there are none}
     *
     * @param section its name, as {@link #sections} tells it
     */
    @SuppressWarnings("exports") // Only the splitters of this module ask.
    public List<Line> lines(String section) {
        if (sections().stream().noneMatch(one -> one.name().equals(section))) {
            throw new IllegalArgumentException("the section [" + section + "] is not declared");
        }
        return lines.getOrDefault(section, List.of());
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof OwnWords own && lines.equals(own.lines);
    }

    @Override
    public int hashCode() {
        return lines.hashCode();
    }

    /** Returns how many lines there are, and no word of them. */
    @Override
    public String toString() {
        int count = lines.values().stream().mapToInt(List::size).sum();
        return "OwnWords[" + count + " lines in " + lines.keySet() + "]";
    }
}
