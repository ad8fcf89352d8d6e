package io.inkwellsplit.data;

import io.inkwellsplit.data.Resources.Line;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.regex.Pattern;

/**
 * What a data file may hold: its sections, and what stands between the tabs of their lines. A file that holds anything else
 * is refused, with file and line. Immutable.
 *
 * <pre>{@code
 * Format.NONE.required("title", Column.TEXT).optional("note", Column.CODE, Column.TEXT)
 * }</pre>
 */
public final class Format {
    /** A file that holds nothing. */
    public static final Format NONE = new Format(Map.of());

    private final Map<String, Section> sections;

    private record Section(boolean isRequired, boolean isDistinct, List<Column> columns) {}

    /** What may stand between two tabs. Told without expressions, as tens of thousands of lines are looked at before anything is read. */
    public enum Column {
        /** Any text that is not blank. */
        TEXT(Column::isText),
        /** Any text, also none. */
        ANY((line, from, end) -> true),
        /** Texts that are not blank, in this column and as many as follow. */
        TEXTS(Column::isText),
        /** Any texts, in this column and as many as follow. */
        ANYS((line, from, end) -> true),
        /** A decimal number. */
        NUMBER(Column::isDecimal),
        /** Two capitals. */
        CODE((line, from, end) -> end - from == 2 && isCapital(line.charAt(from)) && isCapital(line.charAt(from + 1))),
        /** {@code yes} or {@code no}. */
        YES_OR_NO((line, from, end) -> Set.of("yes", "no").contains(line.substring(from, end))),
        /** Two hexadecimal digits, and letters behind them. */
        FREQUENCIES(Column::areFrequencies);

        private static final Pattern DECIMAL = Pattern.compile("-?[0-9]+(\\.[0-9]+)?(E-?[0-9]+)?");
        private static final int DIGITS = 2;

        /** Whether a piece of a line is what a column holds. */
        private interface Check {
            boolean fits(String line, int from, int end);
        }

        private final Check check;

        Column(Check check) {
            this.check = check;
        }

        boolean isOpen() {
            return this == TEXTS || this == ANYS;
        }

        private static boolean isDecimal(String line, int from, int end) {
            return DECIMAL.matcher(line).region(from, end).matches();
        }

        private static boolean isText(String line, int from, int end) {
            return from < end && !isBlank(line.charAt(from)) && !isBlank(line.charAt(end - 1));
        }

        private static boolean isBlank(char c) {
            return c == ' ' || c >= '\t' && c <= '\r';
        }

        private static boolean isCapital(char c) {
            return c >= 'A' && c <= 'Z';
        }

        private static boolean areFrequencies(String line, int from, int end) {
            boolean fits = end - from >= DIGITS;
            for (int i = from; fits && i < end; i++) {
                char c = line.charAt(i);
                boolean hexadecimal = c >= '0' && c <= '9' || c >= 'a' && c <= 'f';
                fits = i < from + DIGITS ? hexadecimal : c >= 'a' && c <= 'z';
            }
            return fits;
        }
    }

    private Format(Map<String, Section> sections) {
        this.sections = sections;
    }

    /** Adds a section that has to be there, with a line at least. */
    public Format required(String name, Column... columns) {
        return with(name, new Section(true, false, List.of(columns)));
    }

    /** Adds a section that may be there. */
    public Format optional(String name, Column... columns) {
        return with(name, new Section(false, false, List.of(columns)));
    }

    /** Adds a section that has to be there, in which no line stands twice. */
    public Format distinct(String name, Column... columns) {
        return with(name, new Section(true, true, List.of(columns)));
    }

    /** Adds a section that may be there, in which no line stands twice. */
    public Format distinctIfThere(String name, Column... columns) {
        return with(name, new Section(false, true, List.of(columns)));
    }

    private Format with(String name, Section section) {
        Map<String, Section> more = new LinkedHashMap<>(sections);
        if (more.put(name, section) != null) {
            throw new IllegalArgumentException("the section " + name + " is declared twice");
        }
        return new Format(more);
    }

    /**
     * Returns the sections of a file, in the order of the file.
     *
     * @throws IllegalStateException if it holds what it may not, or lacks what it must hold, naming file and line
     */
    public Map<String, List<Line>> read(Class<?> beside, String file) {
        return check(file, Resources.sections(beside, file));
    }

    /** Returns the sections of a text that somebody else has opened; see {@link #read}. */
    public Map<String, List<Line>> read(String file, List<Line> lines) {
        return check(file, Resources.sections(lines));
    }

    /**
     * Returns the lines of a file without sections, which the format declares as the section {@code ""}; see {@link #read}.
     */
    public List<Line> readLines(Class<?> beside, String file) {
        return lines(file, Resources.lines(beside, file));
    }

    List<Line> lines(String file, List<Line> lines) {
        return check(file, Map.of("", lines)).getOrDefault("", List.of());
    }

    private Map<String, List<Line>> check(String file, Map<String, List<Line>> found) {
        found.forEach((name, lines) -> {
            Section section = sections.get(name);
            if (section == null) {
                throw lines.isEmpty()
                        ? unknown(file, name)
                        : lines.get(0).refuse("the section [" + name + "] is unknown");
            }
            Set<String> seen = new HashSet<>();
            for (Line line : lines) {
                check(line, section);
                if (section.isDistinct && !seen.add(line.text())) {
                    throw line.refuse("\"" + line.text() + "\" stands twice");
                }
            }
        });
        sections.forEach((name, section) -> {
            if (section.isRequired && found.getOrDefault(name, List.of()).isEmpty()) {
                throw new IllegalStateException(file + ": "
                        + (name.isEmpty() ? "there are no lines" : "the section [" + name + "] is missing or empty"));
            }
        });
        return found;
    }

    private static IllegalStateException unknown(String file, String name) {
        return new IllegalStateException(file + ": the section [" + name + "] is unknown");
    }

    private static void check(Line line, Section section) {
        List<Column> columns = section.columns;
        boolean open = columns.get(columns.size() - 1).isOpen();
        String text = line.text();
        int count = 0;
        int from = 0;
        while (from <= text.length()) {
            int tab = text.indexOf('\t', from);
            int end = tab < 0 ? text.length() : tab;
            if (count < columns.size() || open) {
                Column column = columns.get(Math.min(count, columns.size() - 1));
                if (!column.check.fits(text, from, end)) {
                    refuseCount(line, columns, open);
                    throw line.refuse("column " + (count + 1) + ", \"" + text.substring(from, end) + "\", is no "
                            + column.name().toLowerCase(java.util.Locale.ROOT));
                }
            }
            count++;
            from = end + 1;
        }
        if (count != columns.size()) {
            refuseCount(line, columns, open);
        }
    }

    /** Too few columns, or too many, are told before what stands in one. */
    private static void refuseCount(Line line, List<Column> columns, boolean open) {
        int count = line.fields().length;
        if (count < columns.size() || !open && count > columns.size()) {
            throw line.refuse("there are " + count + " columns, not " + columns.size() + (open ? " or more" : ""));
        }
    }
}
