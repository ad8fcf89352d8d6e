package io.inkwellsplit.data;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * The one loader of the data files that ship with the code.
 *
 * <p>A data file is UTF-8 text with one entry a line. {@code #} starts a comment line. {@code [name]} starts a section.
 * Files are part of the code: one that is missing or broken stops at once with its name and line.
 */
public final class Resources {
    private Resources() {}

    /** One line of a data file. */
    public record Line(String file, int number, String text) {
        /** Returns an exception that names the file and the line. */
        public IllegalStateException refuse(String why) {
            return new IllegalStateException(file + ", line " + number + ": " + why);
        }

        /** Returns the fields between tabs. */
        public String[] fields() {
            return text.split("\t", -1);
        }
    }

    /**
     * Reads a file that is no text.
     *
     * @throws IllegalStateException if it is missing
     */
    public static byte[] bytes(Class<?> beside, String file) {
        try (InputStream in = beside.getResourceAsStream(file)) {
            if (in == null) {
                throw new IllegalStateException("the data file " + file + " is missing");
            }
            return in.readAllBytes();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** Returns the lines of a file that has no sections, without comments and empty lines. */
    public static List<Line> lines(Class<?> beside, String file) {
        try (InputStream in = beside.getResourceAsStream(file)) {
            if (in == null) {
                throw new IllegalStateException("the data file " + file + " is missing");
            }
            return read(file, in);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static List<Line> read(String file, InputStream in) throws IOException {
        List<Line> lines = new ArrayList<>();
        BufferedReader reader = new BufferedReader(new InputStreamReader(in, StandardCharsets.UTF_8), 1 << 16);
        int number = 0;
        for (String text = reader.readLine(); text != null; text = reader.readLine()) {
            number++;
            if (!text.isEmpty() && text.charAt(0) != '#') {
                lines.add(new Line(file, number, text));
            }
        }
        return lines;
    }

    /** Returns the lines of a file that somebody else has opened; it is closed afterwards. */
    public static List<Line> lines(String file, InputStream in) {
        try (in) {
            return read(file, in);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** Returns the sections of a file in their order; a line before the first section, or a section twice, is refused. */
    public static Map<String, List<Line>> sections(Class<?> beside, String file) {
        return sections(lines(beside, file));
    }

    static Map<String, List<Line>> sections(List<Line> lines) {
        Map<String, List<Line>> sections = new LinkedHashMap<>();
        List<Line> current = null;
        for (Line line : lines) {
            String text = line.text().strip();
            if (text.startsWith("[") && text.endsWith("]")) {
                current = new ArrayList<>();
                if (sections.put(text.substring(1, text.length() - 1), current) != null) {
                    throw line.refuse("the section " + text + " stands twice");
                }
            } else if (current == null) {
                throw line.refuse("a line before the first section");
            } else {
                current.add(new Line(line.file(), line.number(), text));
            }
        }
        return sections;
    }
}
