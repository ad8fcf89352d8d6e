package io.inkwellsplit.pattern;

import io.inkwellsplit.data.Format;
import io.inkwellsplit.data.Format.Column;
import io.inkwellsplit.data.Resources.Line;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;

/**
 * Writes several texts as one phrase: {@code Alto, Bass and Tenor}, {@code Alto, Bass … and 4 more}. Immutable.
 *
 * <p>The words between the last two and the words for what was left out are those of a language, from
 * {@code phrases.txt}; a language that is not there is written as English.
 */
public final class ListPhrase {
    private static final Map<String, ListPhrase> LANGUAGES = load();

    private final String last;
    private final String more;

    private ListPhrase(String last, String more) {
        this.last = last;
        this.more = more;
    }

    private static Map<String, ListPhrase> load() {
        Map<String, ListPhrase> languages = new HashMap<>();
        for (Line line :
                Format.NONE.required("", Column.TEXT, Column.TEXTS).readLines(ListPhrase.class, "phrases.txt")) {
            String[] fields = line.fields();
            if (fields.length != 3 || !fields[1].contains("{1}") || !fields[2].contains("{1}")) {
                throw line.refuse("a language, two texts and a number of others are needed, with {0} and {1}");
            }
            languages.put(fields[0], new ListPhrase(fields[1], fields[2]));
        }
        return languages;
    }

    /**
     * {@return how a language writes lists}
     *
     * @param locale the language; one that is unknown is written as the root locale
     */
    public static ListPhrase in(Locale locale) {
        ListPhrase english = LANGUAGES.get("en");
        if (english == null) {
            throw new IllegalStateException("phrases.txt has no line for en");
        }
        return LANGUAGES.getOrDefault(locale.getLanguage(), english);
    }

    /**
     * {@return all texts as one phrase; empty where there are none}
     *
     * @param texts what is listed
     */
    public String of(List<String> texts) {
        return of(texts, Integer.MAX_VALUE);
    }

    /**
     * {@return the first texts as one phrase, and how many more there are}
     *
     * @param texts what is listed
     * @param most how many are written out, from 1
     * @throws IllegalArgumentException if {@code most} is under 1
     */
    public String of(List<String> texts, int most) {
        if (most < 1) {
            throw new IllegalArgumentException("most: " + most + " is under 1");
        }
        if (texts.size() > most) {
            String shown = String.join(", ", texts.subList(0, most));
            return fill(more, shown, Integer.toString(texts.size() - most));
        }
        int count = texts.size();
        return count < 2
                ? String.join("", texts)
                : fill(last, String.join(", ", texts.subList(0, count - 1)), texts.get(count - 1));
    }

    private static String fill(String pattern, String before, String behind) {
        int first = pattern.indexOf("{0}");
        int second = pattern.indexOf("{1}");
        return pattern.substring(0, first)
                + before
                + pattern.substring(first + 3, second)
                + behind
                + pattern.substring(second + 3);
    }
}
