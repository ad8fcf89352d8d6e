package io.inkwellsplit.pattern;

import java.text.BreakIterator;
import java.util.Locale;

/** What is done to a field's value before it is put in; named as in the person names of Unicode UTS #35. */
enum Modifier {
    /** The first letter of each word with a dot: {@code Hugh Piers} gives {@code H. P.} */
    INITIAL("initial") {
        @Override
        String apply(String value) {
            StringBuilder out = new StringBuilder();
            for (String word : value.split("[ \u00A0]+")) {
                if (!word.isEmpty()) {
                    out.append(out.isEmpty() ? "" : " ")
                            .append(firstCharacter(word))
                            .append('.');
                }
            }
            return out.toString();
        }
    },
    /** The first letter alone. */
    MONOGRAM("monogram") {
        @Override
        String apply(String value) {
            return value.isEmpty() ? "" : firstCharacter(value);
        }
    },
    ALL_CAPS("allCaps") {
        @Override
        String apply(String value) {
            return value.toUpperCase(Locale.ROOT);
        }
    },
    /** The first letter of each word becomes a capital; the others stay. */
    INITIAL_CAP("initialCap") {
        @Override
        String apply(String value) {
            StringBuilder out = new StringBuilder(value);
            for (int i = 0; i < out.length(); i++) {
                if (i == 0 || out.charAt(i - 1) == ' ') {
                    out.setCharAt(i, Character.toTitleCase(out.charAt(i)));
                }
            }
            return out.toString();
        }
    };

    private final String key;

    Modifier(String key) {
        this.key = key;
    }

    abstract String apply(String value);

    String key() {
        return key;
    }

    private static String firstCharacter(String word) {
        BreakIterator characters = BreakIterator.getCharacterInstance(Locale.ROOT);
        characters.setText(word);
        return word.substring(0, characters.next());
    }
}
