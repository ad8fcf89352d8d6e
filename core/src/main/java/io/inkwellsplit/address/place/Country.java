package io.inkwellsplit.address.place;

import io.inkwellsplit.text.PhraseTable;
import io.inkwellsplit.text.Tokens;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/** How the addresses of one country are written, as its data file says. Immutable. */
public final class Country {
    private static final int LETTERS = 128;

    /** What a slash between two numbers parts. */
    public enum Slash {
        /** {@code 12/14}: nothing, both are the house number. */
        IN_NUMBER,
        /** {@code 3/12 Smith St}: flat, then house. */
        UNIT_NUMBER,
        /** {@code Gasse 45/12}: house, then flat. */
        NUMBER_UNIT
    }

    /** A region with its code or first name, all its names, and how its postcodes start. */
    public record State(List<String> names, List<String> postcodeStarts) {
        /** Returns whether a postcode starts as one of the region's. */
        public boolean mayHave(String postcode) {
            for (int i = 0; i < postcodeStarts.size(); i++) {
                String start = postcodeStarts.get(i);
                if (postcode.regionMatches(true, 0, start, 0, start.length())) {
                    return true;
                }
            }
            return false;
        }
    }

    /** An ending of words and what words that have it are. */
    record Ending(String letters, int bits) {}

    public final int index;
    public final String code;
    public final Postcodes postcodes;
    public final boolean numberFirst;
    public final boolean postcodeBeforeCity;
    public final boolean cityFirst;
    public final boolean cityHasNumber;
    public final boolean cityIsCountry;
    public final boolean postcodeFollowsState;
    public final boolean letterBehindNumberIsUnit;
    public final boolean slashInCity;
    public final boolean dashPartsUnit;
    public final boolean hasState;
    public final boolean stateBehindCity;
    public final Slash slash;
    public final List<State> states;
    public final Map<String, String> abbreviations;
    /** Regions by the first sign of their postcodes, those of other signs under 0. */
    private final State[][] statesByPostcode;

    private final PhraseTable stateNumbers;
    /** Endings by their last letter, longest first; those of other letters than these under 0. */
    private final Ending[][] endings;

    private final int[] words;
    private final long[] postcodeWords;

    Country(int index, String code, CountryFile file, int[] words, PhraseTable stateNumbers) {
        this.index = index;
        this.code = code;
        this.words = words;
        this.stateNumbers = stateNumbers;
        this.states = file.states();
        this.statesByPostcode = byFirstSign(states);
        this.endings = byLastLetter(file.endings());
        this.abbreviations = Map.copyOf(file.abbreviations());
        Map<String, List<String>> form = file.form();
        this.postcodes = new Postcodes(
                form.getOrDefault("postcode", List.of()),
                form.getOrDefault("prefix", List.of()),
                form.getOrDefault("lost zero", List.of()));
        this.postcodeWords = form.getOrDefault("postcode word", List.of()).stream()
                .mapToLong(Tokens::hashOfWord)
                .toArray();
        String order = String.join(", ", form.getOrDefault("order", List.of()));
        this.numberFirst = order.indexOf("number street") >= 0;
        this.postcodeBeforeCity = order.indexOf("postcode") < order.indexOf("city");
        this.hasState = order.contains("state");
        this.stateBehindCity = order.indexOf("state") > order.indexOf("city");
        this.cityFirst = form.containsKey("city first");
        this.cityHasNumber = form.containsKey("city number");
        this.cityIsCountry = form.containsKey("city is country");
        this.postcodeFollowsState = form.containsKey("postcode follows");
        this.letterBehindNumberIsUnit = form.containsKey("letter behind number");
        this.slashInCity = form.containsKey("slash in city");
        this.dashPartsUnit = form.containsKey("dash");
        String between = String.join("", form.getOrDefault("slash", List.of()));
        this.slash = between.startsWith("unit")
                ? Slash.UNIT_NUMBER
                : between.startsWith("number") ? Slash.NUMBER_UNIT : Slash.IN_NUMBER;
    }

    /** Returns whether one or two tokens only announce the postcode: {@code CEP}. */
    public boolean isPostcodeWord(Tokens tokens, int from, int end) {
        if (postcodeWords.length == 0) {
            return false;
        }
        long written = tokens.hash(tokens.start(from), tokens.end(end - 1));
        for (long hash : postcodeWords) {
            if (written == hash) {
                return true;
            }
        }
        return false;
    }

    /** Returns what a word is here, by its number in the vocabulary of all countries. */
    public int word(int number) {
        return words[number];
    }

    /** Returns what the ending of a word says of it. */
    public int ending(Tokens tokens, int token) {
        int end = tokens.end(token) - (tokens.isDotted(token) ? 1 : 0);
        int room = end - tokens.start(token);
        int last = tokens.foldAt(end - 1);
        for (Ending ending : endings[last < LETTERS ? last : 0]) {
            String letters = ending.letters;
            boolean hyphen = letters.charAt(0) == '-';
            if (letters.length() + (hyphen || tokens.isIdeograph(token) ? 0 : 1) < room
                    && endsIn(letters, tokens, end)) {
                return ending.bits;
            }
        }
        return 0;
    }

    private static State[][] byFirstSign(List<State> all) {
        State[][] buckets = new State[LETTERS][];
        for (int sign = 0; sign < LETTERS; sign++) {
            int wanted = sign;
            buckets[sign] = all.stream()
                    .filter(state -> state.postcodeStarts().stream()
                            .anyMatch(start -> bucket(start.charAt(0)) == bucket(wanted)))
                    .toArray(State[]::new);
        }
        return buckets;
    }

    private static int bucket(int sign) {
        return sign < LETTERS ? Character.toUpperCase(sign) : 0;
    }

    /** Returns the regions that have postcodes which start like one. */
    public List<State> statesWithPostcodesLike(String postcode) {
        List<State> like = new ArrayList<>(2);
        for (State state : statesByPostcode[postcode.isEmpty() ? 0 : bucket(postcode.charAt(0))]) {
            if (state.mayHave(postcode)) {
                like.add(state);
            }
        }
        return like;
    }

    private static Ending[][] byLastLetter(List<Ending> all) {
        Ending[][] buckets = new Ending[LETTERS][];
        for (int letter = 0; letter < LETTERS; letter++) {
            int wanted = letter;
            buckets[letter] = all.stream()
                    .filter(ending -> {
                        char last = ending.letters.charAt(ending.letters.length() - 1);
                        return (last < LETTERS ? last : 0) == wanted;
                    })
                    .toArray(Ending[]::new);
        }
        return buckets;
    }

    private static boolean endsIn(String letters, Tokens tokens, int end) {
        for (int i = letters.length() - 1, at = end - 1; i >= 0; i--, at--) {
            if (tokens.foldAt(at) != letters.charAt(i)) {
                return false;
            }
        }
        return true;
    }

    public boolean hasStreetEndings() {
        return !numberFirst;
    }

    /** Returns the region that a text names, or null. */
    public @Nullable State stateNamed(String text) {
        Tokens tokens = new Tokens();
        tokens.read(text);
        int number = tokens.count() == 0 ? 0 : state(tokens, 0, tokens.count());
        return number == 0 ? null : states.get(number - 1);
    }

    /** Returns how many tokens from one on make the longest name of a region; 0 for none. */
    public int longestState(Tokens tokens, int from, int end) {
        return stateNumbers.longest(tokens, from, end);
    }

    /** Returns the number, from 1, of the region that a run of tokens names; 0 if none. */
    public int state(Tokens tokens, int from, int end) {
        return stateNumbers.value(tokens, from, end - from);
    }
}
