package io.inkwellsplit.assemble;

import io.inkwellsplit.data.Format;
import io.inkwellsplit.data.Format.Column;
import io.inkwellsplit.data.Resources.Line;
import io.inkwellsplit.pattern.Nearest;
import io.inkwellsplit.pattern.Writing;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * A pattern for a common need, by name: a line of {@code ready.txt}. Immutable.
 *
 * @param name by which it is asked for, such as {@code index}
 * @param title what a column of such texts is called, such as {@code Index entry}
 * @param pattern the pattern, over the fields of {@link NameFields}
 * @param comesBack whether a text it made gives the same parts when it is split again
 * @param meaning what it is for, in a sentence
 */
public record ReadyPattern(String name, String title, NamePattern pattern, boolean comesBack, String meaning) {
    private static final Map<String, ReadyPattern> ALL = load();

    private static Map<String, ReadyPattern> load() {
        Map<String, ReadyPattern> all = new LinkedHashMap<>();
        for (Line line : Format.NONE
                .required("", Column.TEXT, Column.TEXT, Column.YES_OR_NO, Column.TEXT, Column.TEXT)
                .readLines(ReadyPattern.class, "ready.txt")) {
            String[] fields = line.fields();
            if (fields.length != 5) {
                throw line.refuse("there are " + fields.length + " fields, not 5");
            }
            NamePattern pattern = NamePattern.compile(fields[3]);
            boolean comesBack = fields[2].equals("yes");
            if (all.put(fields[0], new ReadyPattern(fields[0], fields[1], pattern, comesBack, fields[4])) != null) {
                throw line.refuse(fields[0] + " stands twice");
            }
        }
        return all;
    }

    /** {@return all ready-made patterns, in the order of the file} */
    public static List<ReadyPattern> all() {
        return List.copyOf(ALL.values());
    }

    /**
     * {@return one by its name}
     *
     * @param name its name, such as {@code index}
     * @throws IllegalArgumentException if there is none, offering the nearest
     */
    public static ReadyPattern named(String name) {
        ReadyPattern found = ALL.get(name);
        if (found == null) {
            throw new IllegalArgumentException("There is no ready-made pattern \"" + name + "\""
                    + Nearest.of(name, ALL.keySet())
                            .map(near -> "; did you mean " + near + "?")
                            .orElse(""));
        }
        return found;
    }

    /**
     * {@return the pattern with the initials and capitals of a language}
     *
     * @param writing how the language writes them
     */
    public ReadyPattern in(Writing writing) {
        return new ReadyPattern(name, title, pattern.in(writing), comesBack, meaning);
    }

    /**
     * Puts a name together.
     *
     * @param parts what gives the text of a part
     * @return the filled text
     */
    public String format(NameFields.Parts parts) {
        return pattern.format(parts);
    }
}
