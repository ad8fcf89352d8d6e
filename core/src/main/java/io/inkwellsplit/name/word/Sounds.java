package io.inkwellsplit.name.word;

import io.inkwellsplit.data.Format;
import io.inkwellsplit.data.Format.Column;
import io.inkwellsplit.data.Resources.Line;
import io.inkwellsplit.text.Tokens;
import java.util.List;
import java.util.Map;

/**
 * Tells by its letters whether a word that is in no list may be a family name of people who usually bear two of them, as in Spain:
 * no list has them all, and the first of two must not be taken for a middle name.
 *
 * <p>Every three letters in a row, edges of the word among them, speak for or against it; {@code sounds.txt} says how much, in
 * natural-log odds, learned from the lists of names and from names of places.
 */
final class Sounds {
    private static final int SYMBOLS = 27;
    private static final int EDGE = 0;
    private static final int OTHER = -1;
    private static final int SHORTEST = 4;

    private static final Format FORMAT =
            Format.NONE.required("letters", Column.TEXT, Column.NUMBER).required("odds needed", Column.NUMBER);

    /** In hundredths, so that the table stays small enough for the nearest cache. */
    private static final short[] ODDS = new short[SYMBOLS * SYMBOLS * SYMBOLS];

    private static final int NEEDED;

    static {
        Map<String, List<Line>> sections = FORMAT.read(Sounds.class, "sounds.txt");
        for (Line line : sections.getOrDefault("letters", List.of())) {
            String[] fields = line.text().split("\t");
            ODDS[place(fields[0].charAt(0), fields[0].charAt(1), fields[0].charAt(2))] = (short) hundredths(fields[1]);
        }
        NEEDED = hundredths(
                sections.getOrDefault("odds needed", List.of()).get(0).text());
    }

    private Sounds() {}

    private static int hundredths(String number) {
        return (int) Math.round(Double.parseDouble(number) * 100);
    }

    private static int place(char a, char b, char c) {
        return (symbol(a) * SYMBOLS + symbol(b)) * SYMBOLS + symbol(c);
    }

    private static int symbol(char letter) {
        return letter >= 'a' && letter <= 'z' ? letter - 'a' + 1 : letter == '_' ? EDGE : OTHER;
    }

    /** Returns whether a word of plain Latin letters sounds so; others do not. */
    static boolean isTwoUsual(Tokens tokens, int token) {
        if (tokens.letters(token) < SHORTEST) {
            return false;
        }
        int odds = 0;
        int before = EDGE;
        int last = EDGE;
        for (int at = tokens.start(token); at < tokens.end(token); at++) {
            int symbol = symbol(tokens.foldAt(at));
            if (symbol == OTHER) {
                return false;
            }
            odds += last == EDGE ? 0 : ODDS[(before * SYMBOLS + last) * SYMBOLS + symbol];
            before = last;
            last = symbol;
        }
        return odds + ODDS[(before * SYMBOLS + last) * SYMBOLS + EDGE] > NEEDED;
    }
}
