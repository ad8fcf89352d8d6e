package io.inkwellsplit.weigh;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Supplier;

/** The candidates of one value, in a pool that is reused for every value. */
public final class CandidatePool<C extends Weighed> {
    /** Candidates so far behind the best have no probability worth the time to work it out. */
    private static final double NEGLIGIBLE = -25;

    private final Supplier<C> maker;
    private final List<C> pool = new ArrayList<>();
    private int size;

    public CandidatePool(Supplier<C> maker) {
        this.maker = maker;
    }

    public void clear() {
        size = 0;
    }

    public int size() {
        return size;
    }

    public C get(int i) {
        return pool.get(i);
    }

    /** Returns one more candidate, with what it held for an earlier value still in it. */
    public C add() {
        if (size == pool.size()) {
            pool.add(maker.get());
        }
        return pool.get(size++);
    }

    /** Takes the last one away if one that reads every token alike stands before it. */
    public void dropRepeat(int tokens) {
        C last = pool.get(size - 1);
        for (int i = 0; i < size - 1; i++) {
            if (pool.get(i).sameAs(last, tokens)) {
                size--;
                return;
            }
        }
    }

    /** Turns the scores into probabilities; returns the best one, of equals the first. */
    public C weigh() {
        C best = pool.get(0);
        for (int i = 1; i < size; i++) {
            if (pool.get(i).score > best.score) {
                best = pool.get(i);
            }
        }
        double total = 0;
        for (int i = 0; i < size; i++) {
            C candidate = pool.get(i);
            double behind = candidate.score - best.score;
            candidate.probability = candidate == best ? 1 : behind < NEGLIGIBLE ? 0 : Math.exp(behind);
            total += candidate.probability;
        }
        for (int i = 0; i < size; i++) {
            pool.get(i).probability /= total;
        }
        return best;
    }
}
