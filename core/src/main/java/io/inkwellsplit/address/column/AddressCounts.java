package io.inkwellsplit.address.column;

import io.inkwellsplit.address.place.Countries;
import io.inkwellsplit.address.place.Country;
import io.inkwellsplit.address.text.AddressText;
import io.inkwellsplit.reading.AddressPart;
import io.inkwellsplit.text.PhraseTable;
import io.inkwellsplit.text.Tokens;
import io.inkwellsplit.weigh.EvidenceBytes;
import io.inkwellsplit.weigh.EvidenceBytes.Counts;
import java.util.Arrays;
import org.jspecify.annotations.Nullable;

/**
 * What is counted in a column of addresses: which cities, localities, states and countries occur, on which side of the
 * street the city stands, whether commas part them, and whether recipients are written.
 *
 * <p>Towns are counted in a fixed table in two places each, and the smaller count is taken. Confined to one thread while it
 * is gathered.
 */
public final class AddressCounts {
    private static final int SIZE = 1 << 15;
    private static final int CITY = 0;
    private static final int LOCALITY = 1;
    private static final int STATE = 2;
    private static final int KINDS = 3;
    private static final int SURE_ROWS = 5;
    private static final double SURE_SHARE = 0.9;
    private static final double MAX_ODDS = 4;
    private static final double MANY_ROWS = 20;
    private static final int NOISE = 2;

    private static final Habits NO_HABITS = new Habits(0, 0, 0);

    private final long[] countries = new long[Countries.MOST];
    private int @Nullable [] counts;
    private long rows;
    private long cityFirst;
    private long streetFirst;
    private long commas;
    private long bare;
    private long recipients;
    private @Nullable Habits habits;
    private @Nullable Busy busy;
    private @Nullable Boolean sure;
    /** Whether somebody has said what a place is, of whatever country. */
    private boolean taught;

    /** What the counts say, in natural-log odds; 0 where nothing is known. */
    public record Habits(double cityFirst, double commas, double recipients) {}

    /** Returns the habits of the column for an address of a country: those of other countries do not hold for it. */
    public Habits habits(Country country) {
        if (2 * countries[country.index] < rows) {
            return NO_HABITS;
        }
        Habits known = habits;
        if (known == null) {
            known = new Habits(
                    odds(cityFirst, streetFirst), odds(commas, bare), odds(recipients, Math.max(0, rows - recipients)));
            habits = known;
        }
        return known;
    }

    private static double odds(long yes, long no) {
        return Math.max(-MAX_ODDS, Math.min(MAX_ODDS, Math.log((yes + 0.5) / (no + 0.5))));
    }

    /** Adds what a reading says that was certain. */
    public void add(AddressText text) {
        forgetWhatFollows();
        rows++;
        countries[text.country().index]++;
        boolean recipient = false;
        int street = -1;
        int city = -1;
        for (int i = 0; i < text.count(); ) {
            int end = text.runEnd(i);
            if (text.label(i) >= 0) {
                switch (AddressText.part(text.label(i))) {
                    case STREET -> street = i;
                    case CITY -> {
                        city = i;
                        count(text, i, end, CITY);
                    }
                    case LOCALITY -> count(text, i, end, LOCALITY);
                    case STATE -> count(text, i, end, STATE);
                    case RECIPIENT -> recipient = true;
                    default -> {}
                }
            }
            i = end;
        }
        recipients += recipient ? 1 : 0;
        if (street >= 0 && city >= 0) {
            cityFirst += city < street ? 1 : 0;
            streetFirst += city < street ? 0 : 1;
            boolean cutAtComma = text.isComma(Math.max(street, city) - 1);
            commas += cutAtComma ? 1 : 0;
            bare += cutAtComma ? 0 : 1;
        }
    }

    /** What was worked out of the counts holds no more when they change. */
    private void forgetWhatFollows() {
        habits = null;
        busy = null;
        sure = null;
    }

    private void count(AddressText text, int from, int end, int kind) {
        count(of(text.country(), hash(text.tokens, from, end)), kind);
    }

    /** A place counts for the addresses of its country: {@code IL} is a state here and a country there. */
    private static long of(Country country, long hash) {
        return PhraseTable.chain(hash, country.index + 1);
    }

    /**
     * Counts a place as somebody who knows says what it is.
     *
     * @param part a city, a locality or a state; others teach nothing
     * @param times how many values that is worth
     */
    public void teach(String place, AddressPart part, int times) {
        Tokens tokens = new Tokens();
        tokens.read(place);
        int kind = part == AddressPart.CITY ? CITY : part == AddressPart.LOCALITY ? LOCALITY : STATE;
        boolean known = kind != STATE || part == AddressPart.STATE;
        forgetWhatFollows();
        taught |= known;
        for (int i = 0; i < times && known && tokens.count() > 0; i++) {
            count(hash(tokens, 0, tokens.count()), kind);
        }
    }

    private void count(long hash, int kind) {
        int[] all = counts;
        if (all == null) {
            all = new int[2 * SIZE * KINDS];
            counts = all;
        }
        all[place(hash, 0) + kind]++;
        all[place(hash, 1) + kind]++;
    }

    private static long hash(Tokens tokens, int from, int end) {
        long hash = tokens.hash(from);
        for (int i = from + 1; i < end; i++) {
            hash = PhraseTable.chain(hash, tokens.hash(i));
        }
        return hash;
    }

    private static int place(long hash, int row) {
        int slot = (int) (row == 0 ? hash >>> 7 : hash >>> 39) & SIZE - 1;
        return KINDS * (row * SIZE + slot);
    }

    /** How often a place was counted as each of the kinds. */
    public record Seen(int cities, int localities, int states) {
        private static final Seen NEVER = new Seen(0, 0, 0);

        /** Returns how often it was counted as what it was counted as most often. */
        public int most() {
            return Math.max(Math.max(cities, localities), states);
        }
    }

    /** Returns how often a run of tokens was counted. */
    public Seen seen(AddressText text, int from, int end) {
        int[] all = counts;
        if (all == null) {
            return Seen.NEVER;
        }
        long hash = hash(text.tokens, from, end);
        long here = of(text.country(), hash);
        return new Seen(times(all, here, hash, CITY), times(all, here, hash, LOCALITY), times(all, here, hash, STATE));
    }

    private int times(int[] all, long here, long anywhere, int kind) {
        int noise = noise();
        return Math.max(0, times(all, here, kind) - noise) + Math.max(0, times(all, anywhere, kind) - noise);
    }

    /** In a long column other places share the slots. */
    private int noise() {
        return (int) (NOISE * rows / SIZE);
    }

    /** A bit for each slot of the first row in which anything was counted beyond noise: few words are in one. */
    private record Busy(long[] slots) {
        static Busy of(int[] counts, int noise) {
            long[] slots = new long[SIZE / Long.SIZE];
            for (int i = 0; i < SIZE * KINDS; i++) {
                if (counts[i] > noise) {
                    slots[i / KINDS / Long.SIZE] |= 1L << i / KINDS;
                }
            }
            return new Busy(slots);
        }

        boolean has(long hash) {
            int slot = place(hash, 0) / KINDS;
            return (slots[slot / Long.SIZE] & 1L << slot) != 0;
        }
    }

    /**
     * Returns how many tokens from one on, at most some, may make the longest place that was counted; 0 where none does. A
     * quick look, for most words are no place.
     */
    public int longest(AddressText text, int from, int most) {
        int[] all = counts;
        if (all == null) {
            return 0;
        }
        Busy known = busy;
        if (known == null) {
            known = Busy.of(all, noise());
            busy = known;
        }
        int longest = 0;
        long hash = 0;
        for (int length = 1; length <= most; length++) {
            long word = text.tokens.hash(from + length - 1);
            hash = length == 1 ? word : PhraseTable.chain(hash, word);
            if (known.has(of(text.country(), hash)) || known.has(hash)) {
                longest = length;
            }
        }
        return longest;
    }

    private static int times(int[] all, long hash, int kind) {
        return Math.min(all[place(hash, 0) + kind], all[place(hash, 1) + kind]);
    }

    /** Returns whether somebody has said what a place is. */
    public boolean isTaught() {
        return taught;
    }

    /** Returns whether any place was counted that may be one of the country. */
    public boolean knowsPlaces(Country country) {
        return counts != null && (countries[country.index] > 0 || taught);
    }

    /** Returns whether the rows that were certain are as good as all in one country. */
    public boolean isSure() {
        Boolean known = sure;
        if (known == null) {
            known = rows >= SURE_ROWS && Arrays.stream(countries).anyMatch(one -> one >= SURE_SHARE * rows);
            sure = known;
        }
        return known;
    }

    /**
     * Returns how much the column speaks for a country, from 0 to 1. A mixed column says little of one address; one that is
     * all in a country says much.
     */
    public double countryShare(int country) {
        if (countries[country] == 0) {
            return 0;
        }
        double share = (double) countries[country] / rows;
        return share * share * share * share * Math.min(1, Math.log1p(countries[country]) / Math.log1p(MANY_ROWS));
    }

    private static final int TOTALS = 7;

    /** The countries are told in the order of their codes, which is that of the shipped files. */
    public byte[] toBytes() {
        long[] totals = Arrays.copyOf(
                new long[] {rows, cityFirst, streetFirst, commas, bare, recipients, taught ? 1 : 0},
                TOTALS + countries.length);
        System.arraycopy(countries, 0, totals, TOTALS, countries.length);
        return EvidenceBytes.write('A', new Counts(totals, counts));
    }

    /** Reads what {@link #toBytes} has written. */
    public static AddressCounts of(byte[] bytes) {
        AddressCounts evidence = new AddressCounts();
        Counts all = EvidenceBytes.read('A', bytes, TOTALS + evidence.countries.length, 2 * SIZE * KINDS);
        long[] totals = all.totals();
        evidence.rows = totals[0];
        evidence.cityFirst = totals[1];
        evidence.streetFirst = totals[2];
        evidence.commas = totals[3];
        evidence.bare = totals[4];
        evidence.recipients = totals[5];
        evidence.taught = totals[6] != 0;
        System.arraycopy(totals, TOTALS, evidence.countries, 0, evidence.countries.length);
        evidence.counts = all.counts();
        return evidence;
    }

    public void merge(AddressCounts other) {
        forgetWhatFollows();
        rows += other.rows;
        taught |= other.taught;
        cityFirst += other.cityFirst;
        streetFirst += other.streetFirst;
        commas += other.commas;
        bare += other.bare;
        recipients += other.recipients;
        for (int c = 0; c < countries.length; c++) {
            countries[c] += other.countries[c];
        }
        int[] from = other.counts;
        if (from != null) {
            int[] into = counts;
            if (into == null) {
                counts = from.clone();
            } else {
                for (int i = 0; i < into.length; i++) {
                    into[i] += from[i];
                }
            }
        }
    }
}
