package io.inkwellsplit.address;

import io.inkwellsplit.address.Country.State;
import io.inkwellsplit.data.Format;
import io.inkwellsplit.data.Format.Column;
import io.inkwellsplit.data.Resources.Line;
import io.inkwellsplit.text.PhraseTable;
import io.inkwellsplit.text.Tokens;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * The countries whose addresses are read, and the vocabulary of them all: a word has one number, and each country says
 * what the word with that number is there. Immutable.
 */
final class Countries {
    /** A country's bit must find room in a {@code long}. */
    private static final int MOST = 64;
    /** The signs of a token's pattern, two bits each. */
    private static final int PATTERN_LENGTH = 15;

    private final List<Country> countries;
    private final Map<String, Country> byCode = new HashMap<>();
    private final PhraseTable words;
    private final EndingIndex endings;
    private final boolean[] startsPhrase;
    private final long[] users;
    private final boolean[] states;
    private final LongTable postcodePatterns;
    private final long[] letterUsers = new long[LETTERS];

    /** Letters of the Latin and Greek scripts lie below this. */
    static final int LETTERS = 0x400;

    private static final class Shipped {
        static final Countries COUNTRIES = new Countries();
    }

    static Countries shipped() {
        return Shipped.COUNTRIES;
    }

    private Countries() {
        List<String> codes = Format.NONE.distinct("", Column.CODE).readLines(Countries.class, "countries.txt").stream()
                .map(Line::text)
                .toList();
        if (codes.size() > MOST) {
            throw new IllegalStateException("countries.txt: there is room for " + MOST + " countries");
        }
        List<CountryFile> files = codes.stream().map(CountryFile::new).toList();
        Vocabulary vocabulary = new Vocabulary();
        List<Map<Integer, Integer>> meanings =
                files.stream().map(file -> vocabulary.add(file.words())).toList();
        int size = vocabulary.size();
        users = new long[size];
        states = new boolean[size];
        startsPhrase = vocabulary.startsPhrase(size);
        List<Country> all = new ArrayList<>();
        Map<Integer, Long> patterns = new HashMap<>();
        Map<String, Long> endingUsers = new HashMap<>();
        for (int c = 0; c < files.size(); c++) {
            int[] meaning = new int[size];
            long bit = 1L << c;
            meanings.get(c).forEach((number, bits) -> {
                meaning[number] = bits;
                states[number] |= (bits & AddressWord.STATE) != 0;
                users[number] |= (bits & AddressWord.TELLING) == 0 ? 0 : bit;
            });
            Country country = new Country(
                    c,
                    codes.get(c),
                    files.get(c),
                    meaning,
                    numbered(files.get(c).states()));
            all.add(country);
            for (String form : country.postcodes.spellings()) {
                patterns.merge(pattern(form), bit, (a, b) -> a | b);
            }
            for (char letter : files.get(c).letters().toCharArray()) {
                letterUsers[letter] |= bit;
                letterUsers[Character.toUpperCase(letter)] |= bit;
            }
            for (Country.Ending ending : files.get(c).endings()) {
                endingUsers.merge(ending.letters(), bit, (a, b) -> a | b);
            }
        }
        countries = List.copyOf(all);
        all.forEach(country -> byCode.put(country.code, country));
        words = vocabulary.build();
        endings = EndingIndex.of(endingUsers);
        postcodePatterns = new LongTable(patterns);
    }

    /** Gives each word of all the countries a number, from 1. */
    private static final class Vocabulary {
        private final PhraseTable.Builder table = new PhraseTable.Builder(6_000);
        private final Tokens tokens = new Tokens();
        private final Map<String, int[]> spellings = new HashMap<>();
        private final List<Integer> phraseStarts = new ArrayList<>();
        private int used;

        Map<Integer, Integer> add(Map<String, Integer> words) {
            Map<Integer, Integer> meanings = new HashMap<>();
            words.forEach((phrase, bits) -> {
                for (int number : spellings.computeIfAbsent(phrase, this::spellings)) {
                    meanings.merge(number, bits, (a, b) -> a | b);
                }
            });
            return meanings;
        }

        /** A phrase with dots inside is known without them as well, and written together: {@code P.O. Box}. */
        private int[] spellings(String phrase) {
            int dot = phrase.indexOf('.');
            if (dot <= 0 || dot == phrase.length() - 1) {
                return new int[] {number(phrase)};
            }
            String plain = phrase.replace(".", "");
            return new int[] {number(phrase), number(plain.replace(" ", "")), number(plain)};
        }

        private int number(String phrase) {
            int number = table.get(phrase);
            if (number == PhraseTable.NONE) {
                number = ++used;
                table.put(phrase, number);
                tokens.read(phrase);
                if (tokens.count() > 1) {
                    phraseStarts.add(number(phrase.substring(tokens.start(0), tokens.end(0))));
                }
            }
            return number;
        }

        int size() {
            return used + 1;
        }

        boolean[] startsPhrase(int size) {
            boolean[] starts = new boolean[size];
            phraseStarts.forEach(number -> starts[number] = true);
            return starts;
        }

        PhraseTable build() {
            return table.build();
        }
    }

    private static PhraseTable numbered(List<State> states) {
        PhraseTable.Builder table = new PhraseTable.Builder(states.size() * 3 + 1);
        for (int i = 0; i < states.size(); i++) {
            for (String name : states.get(i).names()) {
                table.put(name, i + 1);
            }
        }
        return table.build();
    }

    /** Returns what the first token of a postcode's form looks like, two bits a sign. */
    private static int pattern(String form) {
        int pattern = 1;
        for (int i = 0; i < form.length() && form.charAt(i) != ' '; i++) {
            char c = form.charAt(i);
            pattern = pattern << 2 | (c == '9' || c == '*' ? 1 : c == '-' ? 3 : 2);
        }
        return pattern;
    }

    /** Returns the countries, a bit each, whose postcodes may start with a token that looks like this one. */
    long withPostcodeLike(Tokens tokens, int token) {
        int end = tokens.end(token) - (tokens.isDotted(token) ? 1 : 0);
        int start = tokens.start(token);
        if (end - start > PATTERN_LENGTH || end - start < 2) {
            return 0;
        }
        int pattern = 1;
        for (int i = start; i < end; i++) {
            char c = tokens.charAt(i);
            int sign = Postcodes.isDigit(c) ? 1 : c == '-' ? 3 : Postcodes.isLetter(c) ? 2 : 0;
            if (sign == 0) {
                return 0;
            }
            pattern = pattern << 2 | sign;
        }
        return postcodePatterns.get(pattern);
    }

    /** Returns the countries, a bit each, in whose languages a letter is that is none of a to z. */
    long usersOfLetter(char letter) {
        return letter < LETTERS ? letterUsers[letter] : 0;
    }

    int size() {
        return countries.size();
    }

    Country get(int index) {
        return countries.get(index);
    }

    List<String> codes() {
        return countries.stream().map(country -> country.code).toList();
    }

    /** Returns the country with a code in capitals; null where it has no file. */
    @Nullable Country known(String code) {
        return byCode.get(code);
    }

    /** Returns the country with a code, in any case. */
    Optional<Country> withCode(String code) {
        return Optional.ofNullable(byCode.get(code.toUpperCase(Locale.ROOT)));
    }

    PhraseTable words() {
        return words;
    }

    boolean startsPhrase(int word) {
        return startsPhrase[word];
    }

    /** Returns whether a word is a region of any country that has a file. */
    boolean isState(int word) {
        return states[word];
    }

    /** Returns the countries, a bit each, for whose addresses a word speaks. */
    long users(int word) {
        return users[word];
    }

    /** Returns the countries, a bit each, in which a word with such an ending is one of streets or places. */
    long endingUsers(Tokens tokens, int token) {
        return endings.users(tokens, token);
    }
}
