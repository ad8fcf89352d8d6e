package io.inkwellsplit.training;

import io.inkwellsplit.weigh.SequenceModel;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;

/**
 * Learns a linear-chain conditional random field by stochastic gradient ascent with steps that shrink for weights that
 * moved often. The same examples and seed give the same numbers.
 */
final class SequenceLearner {
    /** One value: its clues, what stands before each token, and the right labels. */
    record Example(int[] clues, byte[] joints, byte[] labels) {}

    /** Says which labels may start and follow. */
    interface Rules {
        boolean mayStart(int label);

        boolean mayFollow(int joint, int before, int label);
    }

    private static final float STEP = 0.12f;
    private static final float IMPOSSIBLE = -1e4f;
    private static final int LARGEST = 127;
    /** In how many rounds at the end the weights are looked at, and how many times in each. */
    private static final int AVERAGED_ROUNDS = 2;

    private static final int LOOKS = 6;
    private static final float LEAST_GRADIENT = 1e-4f;

    private final int labels;
    private final int each;
    private final Rules rules;
    private final int leastSeen;
    private final double smallest;
    private final int most;

    private float[] weights = new float[0];
    private float[] moved = new float[0];
    private float[] weightSums = new float[0];
    private float[] chainSums = new float[0];
    private int taken;
    private float[] chain = new float[0];
    private float[] expChain = new float[0];
    private float[] chainMoved = new float[0];
    private int ends;

    /**
     * @param leastSeen clues that are seen fewer times are not learned from
     * @param smallest rows whose weights are all smaller are left out
     * @param most how many rows are kept at most
     */
    SequenceLearner(int labels, int each, Rules rules, int leastSeen, double smallest, int most) {
        this.labels = labels;
        this.each = each;
        this.rules = rules;
        this.leastSeen = leastSeen;
        this.smallest = smallest;
        this.most = most;
        this.gradient = new float[labels];
    }

    SequenceModel learn(List<Example> all, int rounds, long seed) {
        List<Example> examples = all.stream().filter(this::isAllowed).toList();
        int[] known = known(examples);
        int[][] numbered = new int[examples.size()][];
        for (int e = 0; e < numbered.length; e++) {
            int[] clues = examples.get(e).clues();
            int[] rows = new int[clues.length];
            for (int i = 0; i < clues.length; i++) {
                rows[i] = clues[i] == 0 ? -1 : Math.max(-1, Arrays.binarySearch(known, clues[i]));
            }
            numbered[e] = rows;
        }
        weights = new float[known.length * labels];
        moved = new float[known.length * labels];
        weightSums = new float[known.length * labels];
        ends = SequenceModel.JOINTS * labels * labels;
        chain = new float[ends + 2 * labels];
        chainMoved = new float[chain.length];
        chainSums = new float[chain.length];
        forbid();
        expChain = new float[chain.length];
        for (int i = 0; i < chain.length; i++) {
            expChain[i] = (float) StrictMath.exp(chain[i]);
        }
        int[] order = IntStream.range(0, numbered.length).toArray();
        Random random = new Random(seed);
        for (int round = 0; round < rounds; round++) {
            for (int i = order.length - 1; i > 0; i--) {
                int j = random.nextInt(i + 1);
                int swap = order[i];
                order[i] = order[j];
                order[j] = swap;
            }
            double loss = 0;
            int looks = 0;
            for (int i = 0; i < order.length; i++) {
                loss += step(examples.get(order[i]), numbered[order[i]]);
                if (round >= rounds - AVERAGED_ROUNDS && (i + 1) * LOOKS / order.length > looks) {
                    looks++;
                    look();
                }
            }
            System.err.printf("  round %d: %.4f a value%n", round + 1, loss / numbered.length);
        }
        average(weights, weightSums);
        average(chain, chainSums);
        return model(known);
    }

    /** The last weights depend on the last examples; their mean over several looks does not. */
    private void look() {
        taken++;
        for (int i = 0; i < weights.length; i++) {
            weightSums[i] += weights[i];
        }
        for (int i = 0; i < chain.length; i++) {
            chainSums[i] += chain[i];
        }
    }

    private void average(float[] what, float[] sums) {
        for (int i = 0; i < what.length; i++) {
            what[i] = sums[i] / taken;
        }
    }

    /** A value whose right labels the rules forbid would only pull at everything else. */
    private boolean isAllowed(Example example) {
        byte[] right = example.labels();
        boolean allowed = rules.mayStart(right[0]);
        for (int t = 1; t < right.length; t++) {
            allowed &= rules.mayFollow(example.joints()[t], right[t - 1], right[t]);
        }
        return allowed;
    }

    private int[] known(List<Example> examples) {
        int total = examples.stream().mapToInt(e -> e.clues().length).sum();
        int[] all = new int[total];
        int used = 0;
        for (Example example : examples) {
            for (int clue : example.clues()) {
                if (clue != 0) {
                    all[used++] = clue;
                }
            }
        }
        Arrays.parallelSort(all, 0, used);
        int[] kept = new int[used];
        int count = 0;
        for (int i = 0; i < used; ) {
            int end = i;
            while (end < used && all[end] == all[i]) {
                end++;
            }
            if (end - i >= leastSeen) {
                kept[count++] = all[i];
            }
            i = end;
        }
        return Arrays.copyOf(kept, count);
    }

    private void forbid() {
        for (int joint = 0; joint < SequenceModel.JOINTS; joint++) {
            for (int before = 0; before < labels; before++) {
                for (int label = 0; label < labels; label++) {
                    if (!rules.mayFollow(joint, before, label)) {
                        chain[(joint * labels + before) * labels + label] = IMPOSSIBLE;
                    }
                }
            }
        }
        for (int label = 0; label < labels; label++) {
            if (!rules.mayStart(label)) {
                chain[ends + label] = IMPOSSIBLE;
            }
        }
    }

    private float[] emit = new float[0];
    private float[] forward = new float[0];
    private float[] backward = new float[0];
    private float[] scale = new float[0];
    private final float[] gradient;

    /** One step towards an example; returns how improbable it was, in natural-log units. */
    private double step(Example example, int[] rows) {
        int count = example.labels().length;
        if (emit.length < count * labels) {
            emit = new float[2 * count * labels];
            forward = new float[2 * count * labels];
            backward = new float[2 * count * labels];
            scale = new float[2 * count];
        }
        double score = chain[ends + example.labels()[0]] + chain[ends + labels + example.labels()[count - 1]];
        double logZ = 0;
        for (int t = 0; t < count; t++) {
            emissions(t, rows);
            score += emit[t * labels + example.labels()[t]];
            if (t > 0) {
                score += chain[at(example, t, example.labels()[t - 1]) + example.labels()[t]];
            }
            logZ += exponents(t);
        }
        logZ += sums(example, count);
        update(example, rows, count);
        return logZ - score;
    }

    private void emissions(int t, int[] rows) {
        int own = t * labels;
        Arrays.fill(emit, own, own + labels, 0);
        for (int i = t * each; i < (t + 1) * each; i++) {
            if (rows[i] >= 0) {
                int row = rows[i] * labels;
                for (int label = 0; label < labels; label++) {
                    emit[own + label] += weights[row + label];
                }
            }
        }
    }

    /** Puts exponents in place of a token's scores; returns what they were scaled by, as a logarithm. */
    private float exponents(int t) {
        int own = t * labels;
        float top = emit[own];
        for (int label = 1; label < labels; label++) {
            top = Math.max(top, emit[own + label]);
        }
        for (int label = 0; label < labels; label++) {
            emit[own + label] = (float) StrictMath.exp(emit[own + label] - top);
        }
        return top;
    }

    private int at(Example example, int t, int before) {
        return (example.joints()[t] * labels + before) * labels;
    }

    /** Sums over all paths from both sides, each token's scaled to one; returns the logarithm of the whole sum. */
    private double sums(Example example, int count) {
        double log = 0;
        for (int t = 0; t < count; t++) {
            int own = t * labels;
            if (t == 0) {
                for (int label = 0; label < labels; label++) {
                    forward[label] = expChain[ends + label] * emit[label];
                }
            } else {
                Arrays.fill(forward, own, own + labels, 0);
                for (int one = 0; one < labels; one++) {
                    int at = at(example, t, one);
                    float before = forward[own - labels + one];
                    for (int label = 0; label < labels; label++) {
                        forward[own + label] += before * expChain[at + label];
                    }
                }
                for (int label = 0; label < labels; label++) {
                    forward[own + label] *= emit[own + label];
                }
            }
            scale[t] = sum(forward, own);
            log += StrictMath.log(scale[t]);
            for (int label = 0; label < labels; label++) {
                forward[own + label] /= scale[t];
            }
        }
        int last = (count - 1) * labels;
        float whole = 0;
        for (int label = 0; label < labels; label++) {
            whole += forward[last + label] * expChain[ends + labels + label];
        }
        for (int label = 0; label < labels; label++) {
            backward[last + label] = expChain[ends + labels + label] / whole;
        }
        for (int t = count - 2; t >= 0; t--) {
            int next = (t + 1) * labels;
            for (int one = 0; one < labels; one++) {
                int at = at(example, t + 1, one);
                float total = 0;
                for (int label = 0; label < labels; label++) {
                    total += expChain[at + label] * emit[next + label] * backward[next + label];
                }
                backward[t * labels + one] = total / scale[t + 1];
            }
        }
        return log + StrictMath.log(whole);
    }

    private float sum(float[] what, int from) {
        float total = 0;
        for (int label = 0; label < labels; label++) {
            total += what[from + label];
        }
        return Math.max(total, Float.MIN_NORMAL);
    }

    private void update(Example example, int[] rows, int count) {
        for (int t = count - 1; t > 0; t--) {
            pairs(example, t);
        }
        for (int t = 0; t < count; t++) {
            int own = t * labels;
            for (int label = 0; label < labels; label++) {
                gradient[label] = (example.labels()[t] == label ? 1 : 0) - forward[own + label] * backward[own + label];
            }
            for (int i = t * each; i < (t + 1) * each; i++) {
                if (rows[i] >= 0) {
                    move(rows[i] * labels);
                }
            }
            for (int label = 0; label < labels; label++) {
                if (t == 0 && chain[ends + label] > IMPOSSIBLE / 2) {
                    moveChain(ends + label, gradient[label]);
                }
                if (t == count - 1) {
                    moveChain(ends + labels + label, gradient[label]);
                }
            }
        }
    }

    private void pairs(Example example, int t) {
        int own = t * labels;
        for (int one = 0; one < labels; one++) {
            int at = at(example, t, one);
            float before = forward[own - labels + one];
            for (int label = 0; label < labels; label++) {
                float p = before * expChain[at + label] * emit[own + label] * backward[own + label] / scale[t];
                boolean right = example.labels()[t - 1] == one && example.labels()[t] == label;
                if (chain[at + label] > IMPOSSIBLE / 2 && (right || p > LEAST_GRADIENT)) {
                    moveChain(at + label, (right ? 1 : 0) - p);
                }
            }
        }
    }

    private void moveChain(int at, float slope) {
        chainMoved[at] += slope * slope;
        chain[at] += STEP * slope / (float) Math.sqrt(chainMoved[at] + 0.1f);
        expChain[at] = (float) StrictMath.exp(chain[at]);
    }

    private void move(int row) {
        for (int label = 0; label < labels; label++) {
            float slope = gradient[label];
            if (Math.abs(slope) > LEAST_GRADIENT) {
                float all = moved[row + label] + slope * slope;
                moved[row + label] = all;
                weights[row + label] += STEP * slope / (float) Math.sqrt(all + 0.1f);
            }
        }
    }

    private SequenceModel model(int[] known) {
        float[] size = new float[known.length];
        for (int row = 0; row < known.length; row++) {
            for (int label = 0; label < labels; label++) {
                size[row] = Math.max(size[row], Math.abs(weights[row * labels + label]));
            }
        }
        float[] sorted = size.clone();
        Arrays.sort(sorted);
        float least = (float) Math.max(smallest, sorted.length > most ? sorted[sorted.length - most] : 0);
        List<Integer> kept = new ArrayList<>();
        for (int row = 0; row < known.length; row++) {
            if (size[row] >= least) {
                kept.add(row);
            }
        }
        int[] clues = new int[kept.size()];
        byte[] rows = new byte[kept.size() * labels];
        for (int i = 0; i < clues.length; i++) {
            clues[i] = known[kept.get(i)];
            for (int label = 0; label < labels; label++) {
                int weight = Math.round(weights[kept.get(i) * labels + label] * SequenceModel.SCALE);
                rows[i * labels + label] = (byte) Math.max(-LARGEST, Math.min(LARGEST, weight));
            }
        }
        System.err.println("  " + known.length + " rows, kept " + clues.length + " from " + least + " on");
        return new SequenceModel(
                labels, clues, rows, ints(0, ends), ints(ends, ends + labels), ints(ends + labels, ends + 2 * labels));
    }

    private int[] ints(int from, int end) {
        int[] ints = new int[end - from];
        for (int i = from; i < end; i++) {
            ints[i - from] =
                    chain[i] < IMPOSSIBLE / 2 ? SequenceModel.NEVER : Math.round(chain[i] * SequenceModel.SCALE);
        }
        return ints;
    }
}
