package io.inkwellsplit.table.correct;

import java.text.Normalizer;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.regex.Pattern;

/**
 * One line of a corrections file.
 *
 * @param line its line in the file, from 1
 * @param column the title of the column it is for; empty for every column
 * @param scope what {@code text} is
 * @param text a value, a word or phrase, or a shape
 * @param is what it is: parts with their texts, one part, or a part for each word
 */
record Correction(long line, String column, Scope scope, String text, String is) {
    /** A semicolon parts, but for those within a text: {@code credentials=RN; BSN}. */
    private static final Pattern NEXT_PART = Pattern.compile(";(?=[^;=]*=)|;\\s*$");

    /** What a correction is about. */
    enum Scope {
        /** One value, whole. */
        VALUE,
        /** A word, or several in a row, wherever they stand. */
        WORD,
        /** Every value of a shape. */
        SHAPE;

        String key() {
            return name().toLowerCase(Locale.ROOT);
        }
    }

    /** Returns a text as it is compared: blanks at the ends and in a row make no difference, nor does the Unicode form. */
    static String plain(String text) {
        return Normalizer.normalize(text.strip().replaceAll("\\s+", " "), Normalizer.Form.NFC);
    }

    /** Returns the parts of {@code first=Ines; last=Brandt}, in their order; where no key is written, it is empty. */
    List<Map.Entry<String, String>> parts() {
        List<Map.Entry<String, String>> parts = new ArrayList<>();
        for (String pair : NEXT_PART.split(is)) {
            int equals = pair.indexOf('=');
            parts.add(
                    equals < 0
                            ? Map.entry("", pair.strip())
                            : Map.entry(
                                    pair.substring(0, equals).strip(),
                                    pair.substring(equals + 1).strip()));
        }
        return parts;
    }

    /** Returns whether it says the same of the same. */
    boolean isSameAs(Correction other) {
        return column.equalsIgnoreCase(other.column)
                && scope == other.scope
                && text.equals(other.text)
                && is.equals(other.is);
    }

    boolean isFor(String title) {
        return column.isEmpty() || column.equalsIgnoreCase(title.strip());
    }
}
