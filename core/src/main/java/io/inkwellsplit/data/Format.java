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

    /** What may stand between two tabs. */
    public enum Column {
        /** Any text that is not blank. */
        TEXT("\\S(.*\\S)?"),
        /** Any text, also none. */
        ANY(".*"),
        /** Texts that are not blank, in this column and as many as follow. */
        TEXTS("\\S(.*\\S)?"),
        /** Any texts, in this column and as many as follow. */
        ANYS(".*"),
        /** A decimal number. */
        NUMBER("-?[0-9]+(\\.[0-9]+)?(E-?[0-9]+)?"),
        /** Two capitals. */
        CODE("[A-Z]{2}"),
        /** {@code yes} or {@code no}. */
        YES_OR_NO("yes|no"),
        /** Two hexadecimal digits, and letters behind them. */
        FREQUENCIES("[0-9a-f]{2}[a-z]*");

        private final Pattern pattern;

        Column(String pattern) {
            this.pattern = Pattern.compile(pattern);
        }

        boolean isOpen() {
            return this == TEXTS || this == ANYS;
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
        String[] fields = line.fields();
        boolean open = columns.get(columns.size() - 1).isOpen();
        if (fields.length < columns.size() || !open && fields.length > columns.size()) {
            throw line.refuse(
                    "there are " + fields.length + " columns, not " + columns.size() + (open ? " or more" : ""));
        }
        for (int i = 0; i < fields.length; i++) {
            Column column = columns.get(Math.min(i, columns.size() - 1));
            if (!column.pattern.matcher(fields[i]).matches()) {
                throw line.refuse("column " + (i + 1) + ", \"" + fields[i] + "\", is no "
                        + column.name().toLowerCase(java.util.Locale.ROOT));
            }
        }
    }
}
