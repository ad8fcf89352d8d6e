package io.inkwellsplit.address;

import io.inkwellsplit.text.PhraseTable;
import io.inkwellsplit.text.Resources;
import io.inkwellsplit.text.Resources.Line;
import java.util.HashMap;
import java.util.Map;

/**
 * The gazetteer, where its module is on the class path; an empty one elsewhere.
 *
 * <p>It is evidence and never a veto: a town it does not know is a town all the same. A place has one number, a set of
 * bits; each state has one bit of {@link #states}.
 */
final class Places {
    private static final int BRITISH = 1;
    private static final int AMERICAN = 1 << 1;
    private static final int FIRST_SET = 2;

    private final PhraseTable names;
    private final long[] states;
    private final Map<Integer, Long> stateBits;

    private Places(PhraseTable names, long[] states, Map<Integer, Long> stateBits) {
        this.names = names;
        this.states = states;
        this.stateBits = stateBits;
    }

    private static final class Shipped {
        static final Places PLACES = load();
    }

    static Places shipped() {
        return Shipped.PLACES;
    }

    /** Each distinct set of states is kept once; a place's number says which, and whether it is British as well. */
    private static Places load() {
        PhraseTable.Builder names = new PhraseTable.Builder(40_000);
        Map<Integer, Long> bits = new HashMap<>();
        Map<Long, Integer> sets = new HashMap<>();
        for (Line line : Resources.optionalLines(Places.class, "/io/inkwellsplit/places/US.txt")) {
            String[] fields = line.fields();
            long in = 0;
            for (String state : fields[1].split(",")) {
                in |= bits.computeIfAbsent(state.charAt(0) << 8 | state.charAt(1), s -> 1L << bits.size());
            }
            int set = sets.computeIfAbsent(in, s -> sets.size());
            names.put(fields[0], set << FIRST_SET | AMERICAN);
        }
        for (Line line : Resources.optionalLines(Places.class, "/io/inkwellsplit/places/GB.txt")) {
            names.put(line.text(), names.get(line.text()) | BRITISH);
        }
        long[] states = new long[sets.size()];
        sets.forEach((in, set) -> states[set] = in);
        return new Places(names.build(), states, bits);
    }

    /** Returns the number of the place that a run of tokens names, or {@link PhraseTable#NONE}. */
    int find(AddressText text, int from, int end) {
        return names.value(text.tokens, from, end - from);
    }

    static boolean isBritish(int place) {
        return (place & BRITISH) != 0;
    }

    static boolean isAmerican(int place) {
        return (place & AMERICAN) != 0;
    }

    /** Returns whether an American place is in a state, given by {@link AddressWords#stateCode}. */
    boolean isIn(int place, int stateCode) {
        long bit = stateBits.getOrDefault(stateCode, 0L);
        return isAmerican(place) && (states[place >> FIRST_SET] & bit) != 0;
    }
}
