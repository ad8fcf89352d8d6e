package io.inkwellsplit.address;

import io.inkwellsplit.text.PhraseTable;
import io.inkwellsplit.text.TokenKind;
import io.inkwellsplit.text.Tokens;
import java.util.Arrays;
import org.jspecify.annotations.Nullable;

/**
 * Finds the country in which an address is likely to be: by the country that is written, the form and place of the postcode,
 * the words, and what the user or the column says. A buffer, reused for every value.
 */
final class CountryGuess {
    private static final double TOLD = 8;
    private static final double STATE_BESIDE = 3;
    private static final double MOST_BY_LETTERS = 1.2;
    private static final double FRONT = 0.6;
    /** What a postcode says that is no plain number. */
    private static final double OWN_FORM = 3;

    private static final double STATE_AT_END = 1.5;
    private static final double DISTRICT = 1;
    private static final double CLOSE = 0.9;
    private static final int SEGMENTS = 3;
    private static final int LONGEST_TOWN = 4;
    private static final double TOWN = 1;
    private static final int TELLING_WORD = 2;
    private static final int FEW_DIGITS = 3;
    private static final int TOWN_WORDS = 3;

    private final Countries countries;
    private final Places places;
    private final double[] points;
    private final double[] gathered;
    private final FirstSight firstSight;
    private final WrittenCountry writtenCountry;
    private int likeliest;
    private boolean written;
    private boolean atFirstSight;

    CountryGuess(AddressWords words) {
        this.countries = words.countries();
        this.places = words.places();
        this.points = new double[countries.size()];
        this.firstSight = new FirstSight(countries);
        this.writtenCountry = new WrittenCountry(countries, places);
        this.gathered = new double[countries.size()];
    }

    void guess(AddressText text, @Nullable Country told, AddressEvidence evidence) {
        written = false;
        int plain = told == null ? firstSight.country(text) : FirstSight.NONE;
        atFirstSight = plain != FirstSight.NONE;
        if (plain != FirstSight.NONE) {
            likeliest = plain;
            written = firstSight.isWritten();
            return;
        }
        Arrays.fill(points, 0);
        points[0] = 0.3;
        written = writtenCountry.find(text, points);
        postcodes(text);
        stateAtEnd(text);
        letters(text);
        numberBehindTown(text);
        words(text);
        if (told != null) {
            points[told.index] += TOLD;
        }
        evidence.addCountryOdds(points);
        towns(text);
        choose();
    }

    /** Returns the likeliest country. */
    Country country() {
        return countries.get(likeliest);
    }

    /** Returns whether the address ends as only one country's do. */
    boolean isAtFirstSight() {
        return atFirstSight;
    }

    /** Returns whether the address names its country. */
    boolean isWritten() {
        return written;
    }

    private void choose() {
        likeliest = 0;
        for (int c = 1; c < points.length; c++) {
            likeliest = points[c] > points[likeliest] ? c : likeliest;
        }
    }

    private void postcodes(AddressText text) {
        Tokens tokens = text.tokens;
        boolean any = false;
        for (int i = 0; i < text.count; i++) {
            if (!text.mayOpenPostcode(i) || text.isMark(i - 1, '/') || text.isMark(i - 1, '#')) {
                continue;
            }
            shortPostcode(text, i);
            int[] like = countries.withPostcodeLike(tokens, i);
            double share = 1 + 4.0 / Math.max(1, like.length);
            for (int c : like) {
                if (!any) {
                    Arrays.fill(gathered, 0);
                    any = true;
                }
                Country country = countries.get(c);
                int length = country.postcodes.match(tokens, i, text.count);
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
                    double form =
                            length > 1 || tokens.isWord(i) || tokens.hasHyphen(i) ? Math.max(share, OWN_FORM) : share;
                    // A number in front may be the house's.
                    double front = i == 0 ? FRONT : 1;
                    double one = front * form + (hasStateBeside(text, country, i, i + length) ? STATE_BESIDE : 0);
                    gathered[country.index] = Math.max(gathered[country.index], one);
                }
            }
        }
        for (int c = 0; any && c < points.length; c++) {
            points[c] += gathered[c];
        }
    }

    /** At the very end, behind a town of the country. */
    private boolean standsBehindTown(AddressText text, Country country, int number) {
        int end = text.isComma(number - 1) ? number - 1 : number;
        if (number < text.count - 1 || country.postcodeBeforeCity) {
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
        int last = text.count - 1;
        boolean district = last > 1
                && text.isNumber(last)
                && text.tokens.letters(last) <= 2
                && text.tokens.isWord(last - 1)
                && text.segmentStart(last) == last - 1;
        for (int c = 0; district && c < points.length; c++) {
            points[c] += countries.get(c).cityHasNumber ? DISTRICT : 0;
        }
    }

    /** Letters beside a to z speak for the countries in whose languages they are. */
    private void letters(AddressText text) {
        if (text.isPlain()) {
            return;
        }
        Arrays.fill(gathered, 0);
        String source = text.source();
        for (int i = 0; i < source.length(); i++) {
            int[] users = countries.usersOfLetter(source.charAt(i));
            for (int c : users) {
                gathered[c] += 0.1 + 0.6 / users.length;
            }
        }
        for (int c = 0; c < points.length; c++) {
            points[c] += Math.min(MOST_BY_LETTERS, gathered[c]);
        }
    }

    /** A number that has lost its leading zero behind a state: {@code ME 4101}. */
    private void shortPostcode(AddressText text, int i) {
        for (int c = 0; c < points.length && i > 1; c++) {
            Country country = countries.get(c);
            if (country.postcodeFollowsState
                    && country.postcodes.isShort(text.tokens, i)
                    && FirstSight.isState(text, country, i - 1)) {
                points[c] += 1 + STATE_BESIDE;
            }
        }
    }

    /** A state at the end of the address, whether a postcode follows or not. */
    private void stateAtEnd(AddressText text) {
        int last = text.count - 1;
        while (last > 0 && !text.tokens.isWord(last)) {
            last--;
        }
        for (int c = 0; c < points.length && last > 1; c++) {
            if (!countries.get(c).states.isEmpty() && FirstSight.isState(text, countries.get(c), last)) {
                points[c] += STATE_AT_END;
            }
        }
    }

    /** Before the city the code is followed by words, behind it by nothing more of its line. */
    private static boolean isInPlace(AddressText text, Country country, int from, int end) {
        boolean wordFollows = text.is(end, TokenKind.WORD);
        if (country.postcodeBeforeCity) {
            if (Ends.postcodeWordBefore(text, country, from) < from) {
                return true;
            }
            return wordFollows ? from > 0 || country.cityFirst : from > 0 && text.nextWord(end) == text.count;
        }
        return from > 0 && !wordFollows && endsHere(text, country, end);
    }

    /** Behind the postcode nothing follows but the country or a state. */
    private static boolean endsHere(AddressText text, Country country, int end) {
        int next = text.nextWord(end);
        return next == text.count
                || (country.word(text.words[next]) & (AddressWord.STATE | AddressWord.COUNTRY)) != 0
                || (country.word(text.phrases[next]) & (AddressWord.STATE | AddressWord.COUNTRY)) != 0;
    }

    private static boolean hasStateBeside(AddressText text, Country country, int from, int end) {
        if (country.postcodeBeforeCity) {
            return false;
        }
        int before = from - 1;
        while (before >= 0 && text.isComma(before)) {
            before--;
        }
        if (before > 0 && Regions.longestBefore(country.code, text.tokens, before + 1) > 0) {
            return true;
        }
        if (country.states.isEmpty()) {
            return false;
        }
        int behind = end;
        while (behind < text.count && text.isComma(behind)) {
            behind++;
        }
        return before > 0 && FirstSight.isState(text, country, before)
                || behind < text.count
                        && country.word(text.words[behind]) != 0
                        && (country.word(text.words[behind]) & AddressWord.STATE) != 0;
    }

    private void words(AddressText text) {
        Tokens tokens = text.tokens;
        for (int i = 0; i < text.count; i++) {
            if (text.phraseLength(i) > 1) {
                speak(countries.users(text.phrases[i]), 1);
            }
            if (!tokens.isWord(i) || tokens.letters(i) < TELLING_WORD) {
                continue;
            }
            int word = text.words[i];
            if (word != PhraseTable.NONE) {
                speak(countries.users(word), tokens.letters(i) > TELLING_WORD || text.isNumber(i + 1) ? 1 : 0.5);
            } else if (tokens.letters(i) > TELLING_WORD + 1) {
                speak(countries.endingUsers(tokens, i), 0.7);
            }
        }
    }

    /** Where several countries are about as likely, the gazetteer may know in which of them such a town is. */
    private void towns(AddressText text) {
        double best = 0;
        for (double one : points) {
            best = Math.max(best, one);
        }
        int close = 0;
        for (double one : points) {
            close += best - one < CLOSE ? 1 : 0;
        }
        if (close < 2) {
            return;
        }
        int end = text.count;
        for (int segment = 0; segment < SEGMENTS && end > 0; segment++) {
            int from = text.segmentStart(end - 1);
            town(text, from, end, best);
            end = from - 1;
        }
    }

    /** Looks the words of a segment up, without numbers at its start and end. */
    private void town(AddressText text, int segmentStart, int segmentEnd, double best) {
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
        for (int c = 0; c < points.length; c++) {
            if (best - points[c] < CLOSE && places.find(countries.get(c), text.tokens, from, end) != PhraseTable.NONE) {
                points[c] += TOWN;
            }
        }
    }

    /** The fewer countries know a word, the more it says. */
    private void speak(int[] users, double weight) {
        for (int c : users) {
            points[c] += weight * (0.4 + 1.6 / users.length);
        }
    }
}
