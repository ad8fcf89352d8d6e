package io.inkwellsplit.address.place;

import java.lang.Character.UnicodeScript;
import java.util.Arrays;
import java.util.BitSet;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.Map;
import java.util.stream.Stream;

/** The countries, by index, for which a letter speaks: those that list it, or else those that are written in its script. */
final class LetterUsers {
    /** The Latin and Greek letters, of which only those that are listed say something. */
    private static final int SMALL = 0x400;

    private static final int[] NOBODY = {};

    private final int[][] small;
    private final Map<Character, int[]> listed = new HashMap<>();
    private final Map<UnicodeScript, int[]> scripts = new EnumMap<>(UnicodeScript.class);

    private LetterUsers(Builder builder) {
        small = Arrays.stream(builder.small).map(CountryTable::indexes).toArray(int[][]::new);
        builder.listed.forEach((letter, countries) -> listed.put(letter, CountryTable.indexes(countries)));
        builder.scripts.forEach((script, countries) -> scripts.put(script, CountryTable.indexes(countries)));
    }

    int[] of(char letter) {
        if (letter < SMALL) {
            return small[letter];
        }
        int[] users = listed.get(Character.toLowerCase(letter));
        return users != null ? users : scripts.getOrDefault(UnicodeScript.of(letter), NOBODY);
    }

    /** Gathers what the files of the countries say. */
    static final class Builder {
        private final BitSet[] small = Stream.generate(BitSet::new).limit(SMALL).toArray(BitSet[]::new);
        private final Map<Character, BitSet> listed = new HashMap<>();
        private final Map<UnicodeScript, BitSet> scripts = new EnumMap<>(UnicodeScript.class);

        void add(int country, CountryFile file) {
            for (char letter : file.letters().toCharArray()) {
                if (letter < SMALL) {
                    small[letter].set(country);
                    small[Character.toUpperCase(letter)].set(country);
                } else {
                    listed.computeIfAbsent(letter, any -> new BitSet()).set(country);
                }
            }
            for (UnicodeScript script : file.scripts()) {
                scripts.computeIfAbsent(script, any -> new BitSet()).set(country);
            }
        }

        LetterUsers build() {
            return new LetterUsers(this);
        }
    }
}
