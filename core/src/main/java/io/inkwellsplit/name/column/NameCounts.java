package io.inkwellsplit.name.column;

import io.inkwellsplit.reading.NamePart;
import io.inkwellsplit.text.Tokens;
import io.inkwellsplit.weigh.EvidenceBytes;
import io.inkwellsplit.weigh.EvidenceBytes.Counts;
import java.util.Arrays;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;

/**
 * What is counted in a column of names: in which order it writes them, and which of its words serve as given or as family
 * names.
 *
 * <p>Only values whose words leave no doubt are counted. Words are counted by hash in two small tables; a word's count can
 * only be too high, by the rare word that shares both of its places. Gathering is for one thread at a time; reading what
 * was gathered is safe for several.
 */
public final class NameCounts {
    /** Says nothing: for a value that stands alone. Nobody adds to it. */
    public static final NameCounts NOTHING = new NameCounts();

    private static final int ROWS = 2;
    private static final int SIZE = 1 << 15;
    private static final int WORDS = 2 * ROWS * SIZE;
    private static final double MAX_ODDS = 5;
    /** Logarithms of small counts: every word of every value asks for two. */
    private static final double[] LOGS =
            IntStream.range(0, 1024).mapToDouble(i -> Math.log(i + 0.5)).toArray();

    private static final int GIVEN = 0;
    private static final int FAMILY = 1;

    /** How often a word serves as a given and as a family name, side by side, in two rows of slots. */
    private int @Nullable [] counts;

    private final OrderCounts orders;
    private final Leanings leanings = new Leanings();
    private long givenFirst;
    private long familyFirst;
    private long twoFamilyNames;
    private long oneFamilyName;
    private long twoWhereUsual;
    private long oneWhereUsual;
    private long familyInCapitals;
    private long oneCase;
    private long people;
    private long organisations;
    /** Worked out when first asked for, and again after the counts have changed. */
    private volatile @Nullable Habits habits;

    public NameCounts() {
        this(new OrderCounts());
    }

    private NameCounts(OrderCounts orders) {
        this.orders = orders;
    }

    /** Returns whether no value was gathered and no word was taught. */
    public boolean isEmpty() {
        return orders.isEmpty() && counts == null;
    }

    /** Returns in which orders the column writes its names. */
    public OrderCounts orders() {
        return orders;
    }

    public long givenFirst() {
        return givenFirst;
    }

    public long familyFirst() {
        return familyFirst;
    }

    public long organisations() {
        return organisations;
    }

    public void countOrder(Layout layout) {
        habits = null;
        if (layout == Layout.GIVEN_FIRST) {
            givenFirst++;
        } else {
            familyFirst++;
        }
    }

    /** @param odds how much a value speaks for the given name in front, in natural-log odds; counted besides {@link #countOrder} */
    public void countLeaning(double odds) {
        habits = null;
        leanings.add(odds);
    }

    /** @param usual whether the value's names are from where two family names are usual, and whose people keep a habit of their own */
    public void countFamilyNames(boolean two, boolean usual) {
        habits = null;
        twoFamilyNames += two ? 1 : 0;
        oneFamilyName += two ? 0 : 1;
        twoWhereUsual += two && usual ? 1 : 0;
        oneWhereUsual += !two && usual ? 1 : 0;
    }

    public void countCase(boolean familyCapitals) {
        habits = null;
        if (familyCapitals) {
            familyInCapitals++;
        } else {
            oneCase++;
        }
    }

    public void countKind(boolean organisation) {
        habits = null;
        if (organisation) {
            organisations++;
        } else {
            people++;
        }
    }

    public void countGiven(long word) {
        count(word, GIVEN);
    }

    public void countFamily(long word) {
        count(word, FAMILY);
    }

    private void count(long word, int role) {
        habits = null;
        int[] into = counts;
        if (into == null) {
            into = new int[WORDS];
            counts = into;
        }
        for (int row = 0; row < ROWS; row++) {
            into[place(word, row) + role]++;
        }
    }

    private static int place(long word, int row) {
        int slot = (int) (row == 0 ? word >>> 5 : word >>> 37) & SIZE - 1;
        return 2 * (row * SIZE + slot);
    }

    /** Counts the words of a first or middle name as given names, those of a last name as family names, so many times. */
    public void teach(String words, NamePart role, int times) {
        Tokens tokens = new Tokens();
        tokens.read(words);
        boolean given = role == NamePart.FIRST || role == NamePart.MIDDLE;
        for (int i = 0; i < tokens.count(); i++) {
            for (int n = 0; n < times && tokens.isWord(i) && (given || role == NamePart.LAST); n++) {
                count(tokens.hash(i), given ? GIVEN : FAMILY);
            }
        }
    }

    private static final int TOTALS = 10;
    private static final int NUMBERS = TOTALS + Leanings.SIZE;

    public byte[] toBytes() {
        long[] plain = {
            givenFirst,
            familyFirst,
            twoFamilyNames,
            oneFamilyName,
            familyInCapitals,
            oneCase,
            people,
            organisations,
            twoWhereUsual,
            oneWhereUsual
        };
        long[] totals = Arrays.copyOf(plain, NUMBERS);
        for (int step = 0; step < Leanings.SIZE; step++) {
            totals[TOTALS + step] = leanings.count(step);
        }
        int[] words = counts;
        int[] all = words == null ? new int[WORDS + OrderCounts.SIZE] : Arrays.copyOf(words, WORDS + OrderCounts.SIZE);
        System.arraycopy(orders.counts(), 0, all, WORDS, OrderCounts.SIZE);
        return EvidenceBytes.write('N', new Counts(totals, all));
    }

    /** Reads what {@link #toBytes} has written. */
    public static NameCounts of(byte[] bytes) {
        Counts read = EvidenceBytes.read('N', bytes, NUMBERS, WORDS + OrderCounts.SIZE);
        long[] totals = read.totals();
        int[] all = read.counts();
        NameCounts evidence = new NameCounts(
                all == null ? new OrderCounts() : new OrderCounts(Arrays.copyOfRange(all, WORDS, all.length)));
        evidence.givenFirst = totals[0];
        evidence.familyFirst = totals[1];
        evidence.twoFamilyNames = totals[2];
        evidence.oneFamilyName = totals[3];
        evidence.familyInCapitals = totals[4];
        evidence.oneCase = totals[5];
        evidence.people = totals[6];
        evidence.organisations = totals[7];
        evidence.twoWhereUsual = totals[8];
        evidence.oneWhereUsual = totals[9];
        for (int step = 0; step < Leanings.SIZE; step++) {
            evidence.leanings.put(step, totals[TOTALS + step]);
        }
        if (all != null && hasWords(all)) {
            evidence.counts = Arrays.copyOf(all, WORDS);
        }
        return evidence;
    }

    private static boolean hasWords(int[] all) {
        for (int i = 0; i < WORDS; i++) {
            if (all[i] != 0) {
                return true;
            }
        }
        return false;
    }

    public void merge(NameCounts other) {
        habits = null;
        orders.merge(other.orders);
        leanings.merge(other.leanings);
        givenFirst += other.givenFirst;
        familyFirst += other.familyFirst;
        twoFamilyNames += other.twoFamilyNames;
        oneFamilyName += other.oneFamilyName;
        familyInCapitals += other.familyInCapitals;
        oneCase += other.oneCase;
        people += other.people;
        organisations += other.organisations;
        twoWhereUsual += other.twoWhereUsual;
        oneWhereUsual += other.oneWhereUsual;
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

    /**
     * What the counts say of the column, in natural-log odds from -{@value #MAX_ODDS} to {@value #MAX_ODDS}; 0 where
     * nothing is known.
     *
     * @param givenFirst that a name without a comma starts with the given name
     * @param twoFamilyNames that a person has two family names
     * @param twoWhereUsual that a person whose names are from where two family names are usual has two
     * @param familyInCapitals that family names are written in capitals and given names not
     * @param organisations that a value is an organisation
     */
    public record Habits(
            double givenFirst,
            double twoFamilyNames,
            double twoWhereUsual,
            double familyInCapitals,
            double organisations) {}

    public Habits habits() {
        Habits known = habits;
        if (known == null) {
            known = new Habits(
                    clip(leanings.odds()),
                    others(twoFamilyNames, oneFamilyName),
                    others(twoWhereUsual, oneWhereUsual),
                    others(familyInCapitals, oneCase),
                    others(organisations, people));
            habits = known;
        }
        return known;
    }

    /** Returns the odds that the column uses a word as a given rather than a family name; 0 if it is not seen. */
    public double odds(long word) {
        int[] all = counts;
        if (all == null) {
            return 0;
        }
        int one = place(word, 0);
        int other = place(word, 1);
        int given = Math.min(all[one + GIVEN], all[other + GIVEN]);
        int family = Math.min(all[one + FAMILY], all[other + FAMILY]);
        return others(given, family);
    }

    /** Returns the odds with one value less: the one that asks may have been counted, and must not be its own witness. */
    private static double others(long yes, long no) {
        return yes == no ? 0 : yes > no ? odds(yes - 1, no) : odds(yes, no - 1);
    }

    private static double odds(long yes, long no) {
        return clip(log(yes) - log(no));
    }

    /** Returns the logarithm of a count and a half. */
    private static double log(long count) {
        return count < LOGS.length ? LOGS[(int) count] : Math.log(count + 0.5);
    }

    private static double clip(double odds) {
        return Math.max(-MAX_ODDS, Math.min(MAX_ODDS, odds));
    }
}
