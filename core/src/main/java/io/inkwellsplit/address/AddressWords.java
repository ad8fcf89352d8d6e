package io.inkwellsplit.address;

import io.inkwellsplit.text.PhraseTable;
import io.inkwellsplit.text.Resources;
import io.inkwellsplit.text.Tokens;
import java.util.List;
import java.util.Map;

/** The words of addresses, from one data file a country. Immutable. */
final class AddressWords {
    static final int COUNTRY = 1;
    static final int STATE = 1 << 1;
    static final int COUNTY = 1 << 2;
    static final int STREET_TYPE = 1 << 3;
    static final int DIRECTION = 1 << 4;
    static final int UNIT = 1 << 5;
    /** A unit that needs no number, such as {@code Basement}. */
    static final int UNIT_ALONE = 1 << 6;

    static final int BOX = 1 << 7;
    static final int BUILDING = 1 << 8;
    static final int CARE_OF = 1 << 9;
    static final int ATTENTION = 1 << 10;
    static final int PHRASE = 1 << 11;
    /** A country that has no file of its own yet. */
    static final int OTHER_COUNTRY = 1 << 12;

    /** A word that towns start with: {@code Lake}, {@code Fort}. */
    static final int TOWN_PREFIX = 1 << 13;

    private static final Map<String, Integer> CLASSES = Map.ofEntries(
            Map.entry("country", COUNTRY),
            Map.entry("town prefix", TOWN_PREFIX),
            Map.entry("other country", COUNTRY | OTHER_COUNTRY),
            Map.entry("state", STATE),
            Map.entry("county", COUNTY),
            Map.entry("street type", STREET_TYPE),
            Map.entry("direction", DIRECTION),
            Map.entry("unit", UNIT),
            Map.entry("unit alone", UNIT_ALONE),
            Map.entry("box", BOX),
            Map.entry("building", BUILDING),
            Map.entry("care of", CARE_OF),
            Map.entry("attention", ATTENTION));

    private static final List<String> FILES = List.of("common.txt", "US.txt", "GB.txt");

    private final PhraseTable table;
    private final PhraseTable stateCodes;

    private AddressWords(PhraseTable table, PhraseTable stateCodes) {
        this.table = table;
        this.stateCodes = stateCodes;
    }

    private static final class Shipped {
        static final AddressWords WORDS = load();
    }

    static AddressWords shipped() {
        return Shipped.WORDS;
    }

    private static AddressWords load() {
        PhraseTable.Builder table = new PhraseTable.Builder(2_000);
        PhraseTable.Builder codes = new PhraseTable.Builder(300);
        for (String file : FILES) {
            Resources.sections(AddressWords.class, file).forEach((section, lines) -> {
                Integer bit = CLASSES.get(section);
                for (Resources.Line line : lines) {
                    if (bit == null) {
                        throw line.refuse("the section [" + section + "] is unknown");
                    }
                    String[] spellings = line.fields();
                    for (String spelling : spellings) {
                        add(table, spelling, bit);
                        if (bit == STATE) {
                            codes.put(spelling, code(spellings[0]));
                        }
                    }
                }
            });
        }
        return new AddressWords(table.build(), codes.build());
    }

    private static int code(String letters) {
        return letters.charAt(0) << 8 | letters.charAt(1);
    }

    private static void add(PhraseTable.Builder table, String phrase, int bit) {
        table.put(phrase, table.get(phrase) | bit);
        Tokens tokens = new Tokens();
        tokens.read(phrase);
        if (tokens.count() > 1) {
            String first = phrase.substring(tokens.start(0), tokens.end(0));
            table.put(first, table.get(first) | PHRASE);
        }
        int dot = phrase.indexOf('.');
        if (dot > 0 && dot < phrase.length() - 1) {
            String joined = phrase.replaceAll("[. ]", "");
            table.put(joined, table.get(joined) | bit);
        }
    }

    /** Returns the two letters of the state that a run of tokens names, in one number, or {@link PhraseTable#NONE}. */
    int stateCode(Tokens tokens, int from, int length) {
        return stateCodes.value(tokens, from, length);
    }

    PhraseTable table() {
        return table;
    }
}
