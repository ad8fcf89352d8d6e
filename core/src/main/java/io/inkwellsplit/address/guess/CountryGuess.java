package io.inkwellsplit.address.guess;

import io.inkwellsplit.address.column.AddressCounts;
import io.inkwellsplit.address.cut.Ends;
import io.inkwellsplit.address.place.AddressWord;
import io.inkwellsplit.address.place.AddressWords;
import io.inkwellsplit.address.place.Countries;
import io.inkwellsplit.address.place.Country;
import io.inkwellsplit.address.place.Places;
import io.inkwellsplit.address.place.Regions;
import io.inkwellsplit.address.text.AddressText;
import io.inkwellsplit.text.PhraseTable;
import io.inkwellsplit.text.TokenKind;
import io.inkwellsplit.text.Tokens;
import java.util.Arrays;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * Finds the country in which an address is likely to be: by the country that is written, the form and place of the postcode,
 * the words, and what the user or the column says. A buffer, reused for every value.
 */
public final class CountryGuess {
    /** What the user says is believed against all but what is written, in natural-log odds. */
    private static final double TOLD = 8;

    private static final double MOST_BY_LETTERS = 1.2;
    private static final int FEW_USERS = 2;
    /** In natural-log odds, between countries of which the gazetteer is asked. */
    private static final double CLOSE = 2;

    private static final int SEGMENTS = 3;
    private static final int LONGEST_TOWN = 4;
    private static final int TELLING_WORD = 2;
    private static final int FEW_DIGITS = 3;
    private static final int TOWN_WORDS = 3;

    private final Countries countries;
    private final Places places;
    private final CountryTally tally;
    private final double[] gathered;
    /** What letters say that hardly any other country has. */
    private final double[] alone;

    /** By country: how much its best postcode says, whether it stands first, is of its own form, has a region beside it. */
    private final Postcode[] best;
    /** By country: the number that is looked at. */
    private final Postcode[] numbers;

    private final FirstSight firstSight;
    private final WrittenCountry writtenCountry;
    private int likeliest;
    private boolean written;
    private boolean atFirstSight;

    public CountryGuess(AddressWords words) {
        this.countries = words.countries();
        this.places = words.places();
        this.tally = new CountryTally(countries, CountryModel.shipped());
        this.best = Stream.generate(Postcode::new).limit(countries.size()).toArray(Postcode[]::new);
        this.numbers = Stream.generate(Postcode::new).limit(countries.size()).toArray(Postcode[]::new);
        this.firstSight = new FirstSight(countries);
        this.writtenCountry = new WrittenCountry(countries, places, tally);
        this.gathered = new double[countries.size()];
        this.alone = new double[countries.size()];
    }

    public void guess(AddressText text, @Nullable Country told, AddressCounts evidence) {
        written = false;
        int plain = firstSight.country(text);
        atFirstSight = plain != FirstSight.NONE && (told == null || told.index == plain);
        if (atFirstSight) {
            likeliest = plain;
            written = firstSight.isWritten();
            return;
        }
        tally.reset();
        written = writtenCountry.find(text);
        postcodes(text);
        stateAtEnd(text);
        letters(text);
        numberBehindTown(text);
        words(text);
        if (told != null) {
            tally.add(told.index, TOLD);
        }
        for (int c = 0; c < tally.size(); c++) {
            double share = evidence.countryShare(c);
            if (share > 0) {
                tally.add(c, CountryClue.COLUMN, share);
            }
        }
        towns(text);
        likeliest = tally.likeliest();
    }

    /** Keeps what speaks for each country, to learn from. */
    public CountryTally tally() {
        return tally;
    }

    /** Returns the likeliest country. */
    public Country country() {
        return countries.get(likeliest);
    }

    /** Returns whether the address ends as only one country's do. */
    public boolean isAtFirstSight() {
        return atFirstSight;
    }

    /** Returns whether the address names its country. */
    public boolean isWritten() {
        return written;
    }

    /** What one postcode says for a country. */
    private static final class Postcode {
        private double points;
        private double share;
        private boolean first;
        private boolean ownForm;
        private boolean stateBefore;
        private boolean stateBehind;
    }

    private void postcodes(AddressText text) {
        Tokens tokens = text.tokens;
        boolean any = false;
        for (int i = 0; i < text.count(); i++) {
            if (!text.mayOpenPostcode(i) || text.isMark(i - 1, '/') || text.isMark(i - 1, '#')) {
                continue;
            }
            shortPostcode(text, i);
            int[] like = countries.withPostcodeLike(tokens, i);
            double share = 1 + 4.0 / Math.max(1, like.length);
            for (int c : like) {
                if (!any) {
                    for (Postcode one : best) {
                        one.points = 0;
                    }
                    any = true;
                }
                Country country = countries.get(c);
                int length = country.postcodes.match(tokens, i, text.count());
                // Three digits are a postcode where something else points to the country, and a house's number
                // elsewhere.
                boolean telling = length > 1
                        || tokens.letters(i) > FEW_DIGITS
                        || tokens.isWord(i)
                        || standsBehindTown(text, country, i);
                if (length > 0
                        && telling
                        && !text.isDottedInside(i + length - 1)
                        && isInPlace(text, country, i, i + length)) {
                    boolean ownForm = length > 1 || tokens.isWord(i) || tokens.hasHyphen(i);
                    Postcode one = numbers[c];
                    one.share = share;
                    one.first = i == 0;
                    one.ownForm = ownForm;
                    one.stateBefore = hasStateBefore(text, country, i);
                    one.stateBehind = !one.stateBefore && hasStateBehind(text, country, i + length);
                    keepBest(c);
                }
            }
        }
        for (int c = 0; any && c < best.length; c++) {
            Postcode one = best[c];
            if (one.points > 0) {
                tally.add(c, one.first ? CountryClue.POSTCODE_FIRST : CountryClue.POSTCODE, one.share);
                tally.add(c, CountryClue.OWN_FORM, one.ownForm ? 1 : 0);
                tally.add(c, CountryClue.STATE_BESIDE, one.stateBefore ? 1 : 0);
                tally.add(c, behind(c), one.stateBehind ? 1 : 0);
            }
        }
    }

    /** A state behind the postcode says something else where postcodes stand behind their states. */
    private CountryClue behind(int country) {
        return countries.get(country).postcodeFollowsState ? CountryClue.STATE_BEHIND : CountryClue.STATE_FOLLOWS;
    }

    /** Of several numbers that may be a country's postcode the one counts that says the most. */
    private void keepBest(int country) {
        Postcode one = numbers[country];
        one.points = one.share * tally.weight(one.first ? CountryClue.POSTCODE_FIRST : CountryClue.POSTCODE)
                + (one.ownForm ? tally.weight(CountryClue.OWN_FORM) : 0)
                + (one.stateBefore ? tally.weight(CountryClue.STATE_BESIDE) : 0)
                + (one.stateBehind ? tally.weight(behind(country)) : 0);
        if (one.points > best[country].points) {
            numbers[country] = best[country];
            best[country] = one;
        }
    }

    /** At the very end, behind a town of the country. */
    private boolean standsBehindTown(AddressText text, Country country, int number) {
        int end = text.isComma(number - 1) ? number - 1 : number;
        if (number < text.count() - 1 || country.postcodeBeforeCity) {
            return false;
        }
        for (int length = 1; length <= TOWN_WORDS && end - length > 0; length++) {
            if (places.find(country, text.tokens, end - length, end) != PhraseTable.NONE) {
                return true;
            }
        }
        return false;
    }

    /** {@code Dublin 4}, {@code Praha 1} at the end. */
    private void numberBehindTown(AddressText text) {
        int last = text.count() - 1;
        boolean district = last > 1
                && text.isNumber(last)
                && text.tokens.letters(last) <= 2
                && text.tokens.isWord(last - 1)
                && text.segmentStart(last) == last - 1;
        for (int c = 0; district && c < tally.size(); c++) {
            if (countries.get(c).cityHasNumber) {
                tally.add(c, CountryClue.DISTRICT, 1);
            }
        }
    }

    /** Letters beside a to z speak for the countries in whose languages they are. */
    private void letters(AddressText text) {
        if (text.isPlain()) {
            return;
        }
        Arrays.fill(gathered, 0);
        Arrays.fill(alone, 0);
        String source = text.source();
        for (int i = 0; i < source.length(); i++) {
            int[] users = countries.usersOfLetter(source.charAt(i));
            for (int c : users) {
                gathered[c] += 0.1 + 0.6 / users.length;
                alone[c] += users.length <= FEW_USERS ? 1.0 / users.length : 0;
            }
        }
        for (int c = 0; c < gathered.length; c++) {
            if (gathered[c] > 0) {
                tally.add(c, CountryClue.LETTERS, Math.min(MOST_BY_LETTERS, gathered[c]));
                tally.add(c, CountryClue.OWN_LETTERS, Math.min(1, alone[c]));
            }
        }
    }

    /** A number that has lost its leading zero behind a state: {@code ME 4101}. */
    private void shortPostcode(AddressText text, int i) {
        for (int c = 0; c < tally.size() && i > 1; c++) {
            Country country = countries.get(c);
            if (country.postcodeFollowsState
                    && country.postcodes.isShort(text.tokens, i)
                    && FirstSight.isState(text, country, i - 1)) {
                tally.add(c, CountryClue.SHORT_POSTCODE, 1);
            }
        }
    }

    /** A state at the end of the address, whether a postcode follows or not. */
    private void stateAtEnd(AddressText text) {
        int last = text.count() - 1;
        while (last > 0 && !text.tokens.isWord(last)) {
            last--;
        }
        for (int c = 0; c < tally.size() && last > 1; c++) {
            Country country = countries.get(c);
            if (!country.states.isEmpty()
                    && FirstSight.isState(text, country, last)
                    && !followsPostcode(text, country, last)) {
                tally.add(c, CountryClue.STATE_AT_END, 1);
            }
        }
    }

    /** {@code 49277, IL}: where postcodes stand behind their states, that is no state. */
    private static boolean followsPostcode(AddressText text, Country country, int state) {
        int before = text.isComma(state - 1) ? state - 2 : state - 1;
        return country.postcodeFollowsState
                && before > 0
                && text.tokens.hasDigit(before)
                && country.postcodes.match(text.tokens, before, before + 1) == 1;
    }

    /** Before the city the code is followed by words, behind it by nothing more of its line. */
    private static boolean isInPlace(AddressText text, Country country, int from, int end) {
        boolean wordFollows = text.is(end, TokenKind.WORD);
        // In their own letters many write the largest first.
        if (text.hasOtherLetters() && text.nextWord(0) == from) {
            return true;
        }
        if (country.postcodeBeforeCity) {
            if (Ends.postcodeWordBefore(text, country, from) < from) {
                return true;
            }
            return wordFollows ? from > 0 || country.cityFirst : from > 0 && text.nextWord(end) == text.count();
        }
        return from > 0 && !wordFollows && endsHere(text, country, end);
    }

    /** Behind the postcode nothing follows but the country or a state. */
    private static boolean endsHere(AddressText text, Country country, int end) {
        int next = text.nextWord(end);
        return next == text.count()
                || (country.word(text.word(next)) & (AddressWord.STATE | AddressWord.COUNTRY)) != 0
                || (country.word(text.phrase(next)) & (AddressWord.STATE | AddressWord.COUNTRY)) != 0;
    }

    private static boolean hasStateBefore(AddressText text, Country country, int from) {
        if (country.postcodeBeforeCity) {
            return false;
        }
        int before = from - 1;
        while (before >= 0 && text.isComma(before)) {
            before--;
        }
        return before >= 0
                && (Regions.longestBefore(country.code, text.tokens, before + 1) > 0
                        || !country.states.isEmpty() && FirstSight.isState(text, country, before));
    }

    private static boolean hasStateBehind(AddressText text, Country country, int end) {
        if (country.postcodeBeforeCity || country.states.isEmpty()) {
            return false;
        }
        int behind = end;
        while (behind < text.count() && text.isComma(behind)) {
            behind++;
        }
        return behind < text.count()
                && country.word(text.word(behind)) != 0
                && (country.word(text.word(behind)) & AddressWord.STATE) != 0;
    }

    private void words(AddressText text) {
        Tokens tokens = text.tokens;
        for (int i = 0; i < text.count(); i++) {
            if (text.phraseLength(i) > 1) {
                speak(countries.users(text.phrase(i)), CountryClue.WORD, CountryClue.WORD_SHARE, 1);
            }
            if (!tokens.isWord(i) || tokens.letters(i) < TELLING_WORD) {
                continue;
            }
            int word = text.word(i);
            if (word != PhraseTable.NONE) {
                double weight = tokens.letters(i) > TELLING_WORD || text.isNumber(i + 1) ? 1 : 0.5;
                speak(countries.users(word), CountryClue.WORD, CountryClue.WORD_SHARE, weight);
            } else if (tokens.letters(i) > TELLING_WORD + 1) {
                speak(countries.endingUsers(tokens, i), CountryClue.ENDING, CountryClue.ENDING_SHARE, 1);
            }
        }
    }

    /** Where several countries are about as likely, the gazetteer may know in which of them such a town is. */
    private void towns(AddressText text) {
        double most = tally.points(tally.likeliest());
        int close = 0;
        for (int c = 0; c < tally.size(); c++) {
            close += most - tally.points(c) < CLOSE ? 1 : 0;
        }
        if (close < 2) {
            return;
        }
        int end = text.count();
        for (int segment = 0; segment < SEGMENTS && end > 0; segment++) {
            int from = text.segmentStart(end - 1);
            town(text, from, end, most);
            end = from - 1;
        }
    }

    /** Looks the words of a segment up, without numbers at its start and end. */
    private void town(AddressText text, int segmentStart, int segmentEnd, double most) {
        int from = segmentStart;
        int end = segmentEnd;
        while (from < end && (text.tokens.hasDigit(from) || !text.tokens.isWord(from))) {
            from++;
        }
        while (end > from && (text.tokens.hasDigit(end - 1) || !text.tokens.isWord(end - 1))) {
            end--;
        }
        if (from == end || end - from > LONGEST_TOWN) {
            return;
        }
        for (int c = 0; c < tally.size(); c++) {
            if (most - tally.points(c) < CLOSE
                    && places.find(countries.get(c), text.tokens, from, end) != PhraseTable.NONE) {
                tally.add(c, CountryClue.TOWN, 1);
            }
        }
    }

    /** The fewer countries know a word, the more it says. */
    private void speak(int[] users, CountryClue known, CountryClue share, double weight) {
        for (int c : users) {
            tally.add(c, known, weight);
            tally.add(c, share, weight / users.length);
        }
    }
}
