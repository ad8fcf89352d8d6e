package io.inkwellsplit.address.place;

import io.inkwellsplit.data.Format;
import io.inkwellsplit.data.Format.Column;
import io.inkwellsplit.data.Resources.Line;
import io.inkwellsplit.text.PhraseTable;
import io.inkwellsplit.text.Tokens;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** What all countries are called, by name and by code, whether their addresses have a file or not. */
public final class CountryNames {
    private static final Format FORMAT = Format.NONE.required("", Column.CODE, Column.TEXTS);
    private static final int MAX_PHRASE = 6;
    /** Set in what is found where it is a code. */
    private static final int CODE = 1 << 16;

    private final PhraseTable table;
    private final List<String> codes = new ArrayList<>();
    private final Map<String, String> englishNames = new HashMap<>();

    private static final class Shipped {
        static final CountryNames NAMES = new CountryNames(FORMAT.readLines(CountryNames.class, "country-names.txt"));
    }

    public static CountryNames shipped() {
        return Shipped.NAMES;
    }

    private CountryNames(List<Line> lines) {
        PhraseTable.Builder names = new PhraseTable.Builder(10_000);
        for (Line line : lines) {
            String[] fields = line.fields();
            codes.add(fields[0]);
            int number = codes.size();
            for (int i = 2; i < fields.length; i++) {
                put(names, fields[i], number);
            }
            // A code that is a word of another country is that word.
            put(names, fields[1], number | CODE);
            put(names, fields[0], number | CODE);
        }
        table = names.build();
    }

    private static void put(PhraseTable.Builder names, String name, int number) {
        if (names.get(name) == PhraseTable.NONE) {
            names.put(name, number);
        }
    }

    /** Returns how many tokens make the longest name or code that ends before {@code end}; 0 for none. */
    public int longestBefore(Tokens tokens, int end) {
        for (int length = end > 0 && table.mayEnd(tokens.hash(end - 1)) ? Math.min(MAX_PHRASE, end) : 0;
                length >= 1;
                length--) {
            if (number(tokens, end - length, length) != PhraseTable.NONE) {
                return length;
            }
        }
        return 0;
    }

    /** Returns how many tokens from one on make the longest name or code; 0 for none. */
    public int longest(Tokens tokens, int from, int end) {
        int length = table.longest(tokens, from, end);
        return length > 0 && number(tokens, from, length) != PhraseTable.NONE ? length : 0;
    }

    /** Returns the country's code that a run of tokens names; empty if it names none. */
    public String code(Tokens tokens, int from, int length) {
        int number = number(tokens, from, length);
        return number == PhraseTable.NONE ? "" : codes.get((number & CODE - 1) - 1);
    }

    /** Returns whether a run of tokens is a country's code rather than its name. */
    public boolean isCode(Tokens tokens, int from, int length) {
        return (number(tokens, from, length) & CODE) != 0;
    }

    private int number(Tokens tokens, int from, int length) {
        int number = table.value(tokens, from, length);
        // A code has capitals, unless all letters are small.
        boolean code = (number & CODE) != 0;
        boolean refused = code && (tokens.isMixedCase() && !tokens.isAllCaps(from) || !isPlain(tokens, from));
        return refused ? PhraseTable.NONE : number;
    }

    /** {@code NÖ} is no Norway. */
    private static boolean isPlain(Tokens tokens, int token) {
        for (int i = tokens.start(token); i < tokens.end(token); i++) {
            if (tokens.charAt(i) > 'z') {
                return false;
            }
        }
        return true;
    }
}
