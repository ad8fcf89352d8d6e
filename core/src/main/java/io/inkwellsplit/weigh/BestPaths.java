package io.inkwellsplit.weigh;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * Finds not only the best labelling, but the best few. Every label of every token knows the score of the best way to it, so a
 * way that is followed from the end backwards knows how good it can still become, and the most promising one is followed
 * first. A buffer, reused for every value.
 */
final class BestPaths {
    private static final int WIDTH = SequenceModel.MOST_LABELS;

    private final SequenceModel model;
    /** By token and label, the score of the best way there, its own score included. */
    private int[] reached = new int[0];

    BestPaths(SequenceModel model) {
        this.model = model;
    }

    /** A way from a label to the end, and how good it is together with the best way to that label. */
    private record Rest(
            int whole, int token, int label, @Nullable Rest behind) {}

    /**
     * Returns the best labellings, best first.
     *
     * @param scores by token and label
     * @param joints what stands before each token
     * @param open by token, the labels that come into question, a bit each
     */
    List<SequenceDecoder.Path> find(int count, int[] scores, byte[] joints, int[] open, int most) {
        reach(count, scores, joints, open);
        List<Rest> rests = new ArrayList<>(most + 1);
        int last = count - 1;
        for (int bits = open[last]; bits != 0; bits &= bits - 1) {
            int label = Integer.numberOfTrailingZeros(bits);
            keep(rests, reached[last * WIDTH + label] + model.ends[label], last, label, null, most);
        }
        List<SequenceDecoder.Path> found = new ArrayList<>(most);
        while (!rests.isEmpty()) {
            Rest best = rests.remove(0);
            if (best.token == 0) {
                found.add(path(best, count));
                continue;
            }
            // What the way adds to the best one to its label.
            int behind =
                    best.whole - reached[best.token * WIDTH + best.label] + scores[best.token * WIDTH + best.label];
            for (int bits = open[best.token - 1]; bits != 0; bits &= bits - 1) {
                int before = Integer.numberOfTrailingZeros(bits);
                int following = model.transition(joints[best.token], before, best.label);
                if (following > SequenceModel.NEVER) {
                    int whole = reached[(best.token - 1) * WIDTH + before] + following + behind;
                    keep(rests, whole, best.token - 1, before, best, most - found.size());
                }
            }
        }
        return found;
    }

    private void reach(int count, int[] scores, byte[] joints, int[] open) {
        if (reached.length < count * WIDTH) {
            reached = new int[2 * count * WIDTH];
        }
        for (int bits = open[0]; bits != 0; bits &= bits - 1) {
            int label = Integer.numberOfTrailingZeros(bits);
            reached[label] = scores[label] + model.starts[label];
        }
        for (int token = 1; token < count; token++) {
            for (int bits = open[token]; bits != 0; bits &= bits - 1) {
                int label = Integer.numberOfTrailingZeros(bits);
                int best = Integer.MIN_VALUE / 2;
                for (int rest = open[token - 1]; rest != 0; rest &= rest - 1) {
                    int before = Integer.numberOfTrailingZeros(rest);
                    int way = reached[(token - 1) * WIDTH + before] + model.transition(joints[token], before, label);
                    best = Math.max(best, way);
                }
                reached[token * WIDTH + label] = best + scores[token * WIDTH + label];
            }
        }
    }

    /** Keeps a way where it belongs among the best ones, if it does: each of them becomes a labelling of its own. */
    private static void keep(List<Rest> rests, int whole, int token, int label, @Nullable Rest behind, int most) {
        int at = rests.size();
        while (at > 0 && rests.get(at - 1).whole < whole) {
            at--;
        }
        if (at < most) {
            rests.add(at, new Rest(whole, token, label, behind));
            if (rests.size() > most) {
                rests.remove(most);
            }
        }
    }

    private static SequenceDecoder.Path path(Rest first, int count) {
        byte[] path = new byte[count];
        Rest rest = first;
        while (rest != null) {
            path[rest.token] = (byte) rest.label;
            rest = rest.behind;
        }
        return new SequenceDecoder.Path(path, first.whole);
    }
}
