package io.inkwellsplit.table.survey;

import io.inkwellsplit.address.AddressSplitter;
import io.inkwellsplit.name.NameEvidence;
import io.inkwellsplit.name.NameSplitter;
import io.inkwellsplit.piece.LikelySeparator;
import io.inkwellsplit.reading.AddressPart;
import io.inkwellsplit.reading.Kind;
import io.inkwellsplit.reading.NamePart;
import io.inkwellsplit.reading.Reading;
import io.inkwellsplit.tidy.Tidying;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.TreeMap;
import java.util.regex.Pattern;

/** Counts one column for its survey; its size is bounded. */
final class ColumnCounter {
    private static final int SHAPES_SHOWN = 12;
    private static final int MOST_DISTINCT = 200_000;
    /** So many values are read to tell what the column holds: the first ones, so that the answer is always the same. */
    private static final int READ = 2_000;

    private static final double SURE = 0.9;

    private static final Map<String, Tidying> STRAY = Map.of(
            "control or invisible characters", Tidying.CONTROLS,
            "no-break or odd blanks", Tidying.NO_BREAK,
            "blanks doubled or at the ends", Tidying.SPACES,
            "curly or pointed quotes", Tidying.QUOTES,
            "dashes", Tidying.DASHES,
            "letters and marks apart", Tidying.UNICODE);

    private static final Pattern NUMBER = Pattern.compile("[-+]?[0-9][0-9.,' ]*%?");
    private static final Pattern DATE = Pattern.compile("[0-9]{1,4}[-./][0-9]{1,2}[-./][0-9]{1,4}");

    /** What may stand between pieces, and what it is called. */
    private static final String SIGNS = ",;/|&+:\n";

    private static final List<String> SIGN_WORDS =
            List.of("comma", "semicolon", "slash", "pipe", "ampersand", "plus sign", "colon", "line break");

    private final int index;
    private final String title;
    private final Shapes shapes = new Shapes();
    private final DistinctValues distinct = new DistinctValues(MOST_DISTINCT);
    private final LikelySeparator.Finder separators = new LikelySeparator.Finder();
    private final NameEvidence names = new NameEvidence();
    private final Map<String, Long> cases = new LinkedHashMap<>();
    private final Map<String, Long> stray = new TreeMap<>();
    private final long[] signs = new long[SIGNS.length()];
    private long values;
    private long blanks;
    private long words;
    private long numbers;
    private long dates;
    private long withDigits;
    private long oneWord;
    private long read;
    private long addresses;
    private long people;
    private long commaPeople;

    ColumnCounter(int index, String title) {
        this.index = index;
        this.title = title;
        for (String kind : new String[] {"capitals", "small letters", "mixed", "no letters"}) {
            cases.put(kind, 0L);
        }
    }

    void add(String value) {
        values++;
        String text = value.strip();
        if (text.isEmpty()) {
            blanks++;
            return;
        }
        shapes.add(ValueShape.of(text), text);
        distinct.add(hash(text));
        separators.observe(text);
        ValueSigns seen = ValueSigns.of(text);
        cases.merge(seen.letterCase(), 1L, Long::sum);
        stray(value, seen);
        for (int i = 0; i < SIGNS.length(); i++) {
            if (seen.has(SIGNS.charAt(i))) {
                signs[i]++;
            }
        }
        words += seen.words();
        oneWord += seen.words() == 1 ? 1 : 0;
        boolean number = seen.hasDigit() && NUMBER.matcher(text).matches();
        numbers += number ? 1 : 0;
        dates += seen.hasDigit() && DATE.matcher(text).matches() ? 1 : 0;
        withDigits += seen.hasDigit() ? 1 : 0;
        if (read < READ && !number) {
            read(text);
        }
    }

    /** Of plain signs only blanks can be stray, and that is quick to see. */
    private void stray(String value, ValueSigns seen) {
        boolean tidy = seen.isPlain() && value.length() == seen.length() && !seen.hasBlanksInARow();
        if (tidy) {
            return;
        }
        STRAY.forEach((label, tidying) -> {
            if (!tidying.apply(value).equals(value)) {
                stray.merge(label, 1L, Long::sum);
            }
        });
    }

    private void read(String text) {
        read++;
        NameSplitter.standard().gather(text, names);
        Reading<NamePart> name = NameSplitter.standard().split(text);
        boolean two = name.kind() == Kind.COUPLE
                || name.kind() == Kind.PERSON && text.indexOf(' ') > 0 && name.confidence() > 0.5;
        people += two ? 1 : 0;
        boolean oneComma = text.indexOf(',') > 0 && text.indexOf(',') == text.lastIndexOf(',');
        commaPeople += two && oneComma && name.confidence() > SURE ? 1 : 0;
        if (text.chars().anyMatch(Character::isDigit)) {
            Reading<AddressPart> address = AddressSplitter.standard().split(text);
            boolean street = address.part(AddressPart.STREET).isPresent()
                    || address.part(AddressPart.BOX).isPresent();
            boolean place = address.part(AddressPart.CITY).isPresent()
                    || address.part(AddressPart.POSTCODE).isPresent();
            addresses += street && place && address.confidence() > 0.3 ? 1 : 0;
        }
    }

    private static long hash(String text) {
        long hash = 1125899906842597L;
        for (int i = 0; i < text.length(); i++) {
            hash = 31 * hash + text.charAt(i);
        }
        return hash;
    }

    ColumnSurvey survey() {
        long filled = values - blanks;
        LikelySeparator separator = separators.find();
        Found found = found(filled, separator);
        return new ColumnSurvey(
                index,
                title,
                found.holds,
                found.why,
                values,
                blanks,
                distinct.size(),
                distinct.size() >= MOST_DISTINCT,
                shapes.most(SHAPES_SHOWN, filled),
                shapes.size(),
                Collections.unmodifiableMap(new LinkedHashMap<>(cases)),
                new TreeMap<>(stray),
                signs(),
                separator);
    }

    private Map<String, Long> signs() {
        Map<String, Long> counts = new TreeMap<>();
        for (int i = 0; i < signs.length; i++) {
            if (signs[i] > 0) {
                counts.put(SIGN_WORDS.get(i), signs[i]);
            }
        }
        return counts;
    }

    private record Found(Holds holds, String why) {}

    private Found found(long filled, LikelySeparator separator) {
        if (filled == 0) {
            return new Found(Holds.BLANKS, "no row has a value");
        }
        // "Alto, Bass" reads like a name, but a column of voices says the same few things again and again.
        long commas = distinct.size() > filled / 3 ? commaPeople : 0;
        long beyondDoubt = names.givenFirst() + names.familyFirst() + names.organisations() + commas;
        double certain = share(beyondDoubt, read);
        double addressShare = share(addresses, filled < READ ? filled : read);
        if (share(dates, filled) > 0.8) {
            return new Found(Holds.DATES, percent(dates, filled) + " look like dates");
        }
        if (share(numbers, filled) > 0.8) {
            return new Found(Holds.NUMBERS, percent(numbers, filled) + " are numbers");
        }
        if (addressShare > 0.5) {
            return new Found(Holds.ADDRESSES, percent(addresses, read) + " have a street or box and a place");
        }
        if (share(people, read) + share(names.organisations(), read) > 0.6 && certain > 0.3) {
            return new Found(
                    Holds.NAMES,
                    percent(people + names.organisations(), read) + " read as names of two words or more, "
                            + percent(beyondDoubt, read)
                            + " of them beyond doubt");
        }
        boolean plain = separator.separator().isBlank() || separator.separator().matches("[-.:_]");
        if (separator.fit() > 0.4 && !plain) {
            return new Found(
                    Holds.LISTS,
                    "\"" + separator.separator() + "\" stands in "
                            + percent(Math.round(separator.fit() * filled), filled));
        }
        if (share(withDigits, filled) > 0.8 && share(oneWord, filled) > 0.8) {
            return new Found(Holds.CODES, percent(withDigits, filled) + " are one word with digits");
        }
        if (distinct.size() <= Math.max(2, filled / 10)) {
            return new Found(Holds.CATEGORIES, "there are only " + distinct.size() + " different values");
        }
        return new Found(Holds.TEXT, String.format(Locale.ROOT, "%.1f words on average", (double) words / filled));
    }

    private static double share(long part, long whole) {
        return whole == 0 ? 0 : (double) part / whole;
    }

    private static String percent(long part, long whole) {
        return String.format(Locale.ROOT, "%.0f %%", 100 * share(part, whole));
    }
}
