package io.inkwellsplit.address.place;

import io.inkwellsplit.address.place.Country.State;
import io.inkwellsplit.data.Format;
import io.inkwellsplit.data.Format.Column;
import io.inkwellsplit.text.PhraseTable;
import io.inkwellsplit.text.Tokens;
import io.inkwellsplit.words.OwnWords;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.BitSet;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * The countries whose addresses are read, and the vocabulary of them all: a word has one number, and each country says
 * what the word with that number is there. Immutable.
 */
public final class Countries {
    /** The signs of a token's pattern, two bits each. */
    private static final int PATTERN_LENGTH = 15;

    private static final int[] NONE = {};

    private final List<String> codes;
    private final List<Country> countries;
    private final Map<String, Country> byCode = new HashMap<>();
    private final PhraseTable words;
    private final EndingIndex endings;
    private final boolean[] startsPhrase;
    private final int[][] users;
    private final boolean[] states;
    private final CountryTable postcodePatterns;
    private final LetterUsers letterUsers;
    private final boolean lettersOpenPostcodes;

    /** The shipped countries and room for a user's. */
    public static final int MOST = 96;

    private static final class Shipped {
        static final Countries COUNTRIES = new Countries(Map.of(), OwnWords.none());
    }

    public static Countries shipped() {
        return Shipped.COUNTRIES;
    }

    /**
     * @param own files of the user's, by the code of their country
     * @param words of the user's, for every country
     */
    Countries(Map<String, CountryFile> own, OwnWords words) {
        Set<String> codes = new LinkedHashSet<>();
        Format.NONE
                .distinct("", Column.CODE)
                .readLines(Countries.class, "countries.txt")
                .forEach(line -> codes.add(line.text()));
        codes.addAll(own.keySet());
        this.codes = List.copyOf(codes);
        List<CountryFile> files = this.codes.stream()
                .map(code -> own.containsKey(code) ? own.get(code) : new CountryFile(code))
                .toList();
        Map<String, Integer> everywhere = CountryFile.own(words);
        Vocabulary vocabulary = new Vocabulary();
        List<Map<Integer, Integer>> meanings =
                files.stream().map(file -> vocabulary.add(file.words())).toList();
        Map<Integer, Integer> meaningsEverywhere = vocabulary.add(everywhere);
        meanings.forEach(
                known -> meaningsEverywhere.forEach((number, bits) -> known.merge(number, bits, (a, b) -> a | b)));
        int size = vocabulary.size();
        BitSet[] usersOfWord = sets(size);
        LetterUsers.Builder usersOfLetter = new LetterUsers.Builder();
        states = new boolean[size];
        startsPhrase = vocabulary.startsPhrase(size);
        List<Country> all = new ArrayList<>();
        Map<Integer, BitSet> patterns = new HashMap<>();
        Map<String, BitSet> endingUsers = new HashMap<>();
        for (int c = 0; c < files.size(); c++) {
            int[] meaning = new int[size];
            int index = c;
            meanings.get(c).forEach((number, bits) -> {
                meaning[number] = bits;
                states[number] |= (bits & AddressWord.STATE) != 0;
                if ((bits & AddressWord.TELLING) != 0) {
                    usersOfWord[number].set(index);
                }
            });
            Country country = new Country(
                    c,
                    this.codes.get(c),
                    files.get(c),
                    meaning,
                    numbered(files.get(c).states()));
            all.add(country);
            for (String form : country.postcodes.spellings()) {
                patterns.computeIfAbsent(pattern(form), any -> new BitSet()).set(index);
            }
            usersOfLetter.add(index, files.get(c));
            for (Country.Ending ending : files.get(c).endings()) {
                endingUsers
                        .computeIfAbsent(ending.letters(), any -> new BitSet())
                        .set(index);
            }
        }
        lettersOpenPostcodes = all.stream()
                .flatMap(country -> country.postcodes.spellings().stream())
                .anyMatch(form -> form.matches("@+ .*"));
        countries = List.copyOf(all);
        all.forEach(country -> byCode.put(country.code, country));
        this.words = vocabulary.build();
        endings = EndingIndex.of(endingUsers);
        postcodePatterns = new CountryTable(patterns);
        users = Arrays.stream(usersOfWord).map(CountryTable::indexes).toArray(int[][]::new);
        letterUsers = usersOfLetter.build();
    }

    private static BitSet[] sets(int size) {
        return Stream.generate(BitSet::new).limit(size).toArray(BitSet[]::new);
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

    /** Returns the countries, by index, whose postcodes may start with a token that looks like this one. */
    public int[] withPostcodeLike(Tokens tokens, int token) {
        int end = tokens.end(token) - (tokens.isDotted(token) ? 1 : 0);
        int start = tokens.start(token);
        if (end - start > PATTERN_LENGTH || end - start < 2) {
            return NONE;
        }
        int pattern = 1;
        for (int i = start; i < end; i++) {
            char c = tokens.charAt(i);
            int sign = Postcodes.isDigit(c) ? 1 : c == '-' ? 3 : Postcodes.isLetter(c) ? 2 : 0;
            if (sign == 0) {
                return NONE;
            }
            pattern = pattern << 2 | sign;
        }
        return postcodePatterns.get(pattern);
    }

    /** Returns whether postcodes of some country begin with a word of letters alone: {@code SLM 1234}. */
    public boolean lettersOpenPostcodes() {
        return lettersOpenPostcodes;
    }

    /** Returns the countries in whose languages a letter is that is none of a to z. */
    public int[] usersOfLetter(char letter) {
        return letterUsers.of(letter);
    }

    public int size() {
        return countries.size();
    }

    public Country get(int index) {
        return countries.get(index);
    }

    public List<String> codes() {
        return codes;
    }

    /** Returns the country with a code in capitals; null where it has no file. */
    public @Nullable Country known(String code) {
        return byCode.get(code);
    }

    /** Returns the country with a code, in any case. */
    public Optional<Country> withCode(String code) {
        return Optional.ofNullable(byCode.get(code.toUpperCase(Locale.ROOT)));
    }

    public PhraseTable words() {
        return words;
    }

    public boolean startsPhrase(int word) {
        return startsPhrase[word];
    }

    /** Returns whether a word is a region of any country that has a file. */
    public boolean isState(int word) {
        return states[word];
    }

    /** Returns the countries for whose addresses a word speaks. */
    public int[] users(int word) {
        return users[word];
    }

    /** Returns the countries in which a word with such an ending is one of streets or places. */
    public int[] endingUsers(Tokens tokens, int token) {
        return endings.users(tokens, token);
    }
}
