package io.inkwellsplit.weigh;

import java.util.Arrays;
import java.util.List;

/**
 * Finds the best labels for a run of tokens when every boundary between them is possible, and how probable they are
 * among all labellings. Buffers, reused for every value, so it is confined to one thread.
 */
public final class SequenceDecoder {
    private static final long EVEN = 0x00FF00FF00FF00FFL;
    /** Rows are as wide as there can be labels, so that loops over them have a fixed length. */
    private static final int WIDTH = SequenceModel.MOST_LABELS;

    private static final int LABEL_BITS = 5;
    private static final int LABEL_MASK = (1 << LABEL_BITS) - 1;
    private static final int UNREACHED = Integer.MIN_VALUE / 2;
    private static final double SMALL = 1e-100;
    private static final int LANE = 16;
    private static final int LANE_MASK = 0xFFFF;
    /** Labels so far behind the best one of their token do not count in sums. */
    private static final int NEGLIGIBLE = 20 * SequenceModel.SCALE;

    /** A way so far behind the best one to its token is not followed. */
    private static final int BEAM = 8 * SequenceModel.SCALE;

    /** In sums it counts up to here: many small ways add up. */
    private static final int SUM_BEAM = 12 * SequenceModel.SCALE;

    private static final float[] EXP = new float[NEGLIGIBLE + 1];

    static {
        for (int i = 0; i < EXP.length; i++) {
            EXP[i] = (float) StrictMath.exp(-(double) i / SequenceModel.SCALE);
        }
    }

    private final SequenceModel model;
    private final int labels;
    /** The model's, made ready for {@link #ways}. */
    private final int[] transitions;

    /** By joint, label and label before. */
    private final float[] expTransitions;

    private final float[] expEnds;
    private int[] scores = new int[0];
    private byte[] joints = new byte[0];
    /** By token and label, the score of the best way there, and the label before it in the low bits. */
    private int[] ways = new int[0];

    /** By token, the labels that count in sums, a bit each. */
    private int[] alive = new int[0];

    private final int[] reached = new int[WIDTH];
    private final int[] ended = new int[WIDTH];
    private final float[] sums = new float[WIDTH];
    private final float[] next = new float[WIDTH];
    private final long[] sumsOfToken = new long[RememberedSums.WIDTH];
    private final RememberedSums remembered = new RememberedSums();
    private final BestPaths bestPaths;
    private int count;
    private double logSum;

    public SequenceDecoder(SequenceModel model) {
        this.model = model;
        this.labels = model.labels;
        this.bestPaths = new BestPaths(model);
        this.transitions = new int[SequenceModel.JOINTS * WIDTH * WIDTH];
        Arrays.fill(transitions, SequenceModel.NEVER << LABEL_BITS);
        this.expTransitions = new float[transitions.length];
        for (int joint = 0; joint < SequenceModel.JOINTS; joint++) {
            for (int before = 0; before < labels; before++) {
                for (int label = 0; label < labels; label++) {
                    int at = (joint * WIDTH + before) * WIDTH + label;
                    int weight = model.transition(joint, before, label);
                    transitions[at] = weight << LABEL_BITS;
                    expTransitions[(joint * WIDTH + label) * WIDTH + before] = exponent(weight);
                }
            }
        }
        Arrays.fill(ended, UNREACHED);
        this.expEnds = new float[labels];
        for (int label = 0; label < labels; label++) {
            expEnds[label] = exponent(model.ends[label]);
        }
    }

    private static float exponent(int weight) {
        return weight <= SequenceModel.NEVER ? 0 : (float) StrictMath.exp((double) weight / SequenceModel.SCALE);
    }

    /** Starts a value of so many tokens. */
    public void start(int tokens) {
        count = tokens;
        if (joints.length < tokens) {
            int size = tokens * 2;
            scores = new int[size * WIDTH];
            Arrays.fill(scores, SequenceModel.NEVER);
            ways = new int[size * WIDTH];
            Arrays.fill(ways, UNREACHED);
            joints = new byte[size];
            alive = new int[size];
        }
    }

    /**
     * Returns whether what clues say is remembered.
     *
     * @param alike one number for all of the clues, of 64 bits in which each of them has a share
     */
    public boolean remembers(long alike) {
        return remembered.has(alike);
    }

    /**
     * Remembers what clues say.
     *
     * @param alike the number they are remembered by
     * @param clues holds them from {@code start} to {@code end}; 0 is none
     */
    public void remember(long alike, int[] clues, int start, int end) {
        addUp(clues, start, end, remembered.sums, RememberedSums.at(alike));
        remembered.put(alike, end - start);
    }

    /**
     * Adds up what the clues of a token say.
     *
     * @param joint what stands between it and the token before, below {@link SequenceModel#JOINTS}
     * @param alike the number of clues that are remembered
     * @param clues holds its other clues from {@code start} to {@code end}; 0 is none
     */
    public void token(int token, int joint, long alike, int[] clues, int start, int end) {
        joints[token] = (byte) joint;
        long[] own = sumsOfToken;
        addUp(clues, start, end, own, 0);
        int bias = (end - start + remembered.count(alike)) * SequenceModel.BIAS;
        long[] others = remembered.sums;
        int from = RememberedSums.at(alike);
        for (int row = 0; row < SequenceModel.ROW; row++) {
            long even = own[2 * row] + others[from + 2 * row];
            long odd = own[2 * row + 1] + others[from + 2 * row + 1];
            lanes(even, odd, scores, token * WIDTH + row * Long.BYTES, bias);
        }
    }

    /** Puts the sums of clues, lane by lane, into an array. */
    private void addUp(int[] clues, int start, int end, long[] into, int at) {
        long[] rows = model.rows();
        long a = 0;
        long b = 0;
        long c = 0;
        long d = 0;
        long e = 0;
        long f = 0;
        long g = 0;
        long h = 0;
        for (int i = start; i < end; i++) {
            int row = model.row(clues[i]);
            long x = rows[row];
            a += x & EVEN;
            b += x >>> Byte.SIZE & EVEN;
            x = rows[row + 1];
            c += x & EVEN;
            d += x >>> Byte.SIZE & EVEN;
            x = rows[row + 2];
            e += x & EVEN;
            f += x >>> Byte.SIZE & EVEN;
            x = rows[row + 3];
            g += x & EVEN;
            h += x >>> Byte.SIZE & EVEN;
        }
        into[at] = a;
        into[at + 1] = b;
        into[at + 2] = c;
        into[at + 3] = d;
        into[at + 4] = e;
        into[at + 5] = f;
        into[at + 6] = g;
        into[at + 7] = h;
    }

    /** Gives a token its label, so that only the labels around it are open. */
    public void settle(int token, int joint, int label) {
        joints[token] = (byte) joint;
        int at = token * WIDTH;
        Arrays.fill(scores, at, at + WIDTH, SequenceModel.NEVER);
        scores[at + label] = 0;
    }

    /** Puts eight sums apart. What there is no label for gets nothing, and no way leads to it. */
    private static void lanes(long even, long odd, int[] into, int at, int bias) {
        into[at] = (int) (even & LANE_MASK) - bias;
        into[at + 1] = (int) (odd & LANE_MASK) - bias;
        into[at + 2] = (int) (even >>> LANE & LANE_MASK) - bias;
        into[at + 3] = (int) (odd >>> LANE & LANE_MASK) - bias;
        into[at + 4] = (int) (even >>> 2 * LANE & LANE_MASK) - bias;
        into[at + 5] = (int) (odd >>> 2 * LANE & LANE_MASK) - bias;
        into[at + 6] = (int) (even >>> 3 * LANE) - bias;
        into[at + 7] = (int) (odd >>> 3 * LANE) - bias;
    }

    /** Adds to what speaks for a label at a token; {@link SequenceModel#NEVER} forbids it. */
    public void add(int token, int label, int score) {
        scores[token * WIDTH + label] += score;
    }

    /** Puts the best labels into {@code into} and returns their score. */
    public int best(byte[] into) {
        int[] all = ways;
        for (int label = 0; label < labels; label++) {
            all[label] = scores[label] + model.starts[label] << LABEL_BITS;
        }
        for (int token = 1; token < count; token++) {
            step(token);
        }
        int last = (count - 1) * WIDTH;
        for (int label = 0; label < labels; label++) {
            ended[label] = all[last + label] + (model.ends[label] << LABEL_BITS);
        }
        int top = top(ended, 0);
        alive[count - 1] = near(ended, 0, top, SUM_BEAM);
        int winner = 0;
        while (ended[winner] != top) {
            winner++;
        }
        int score = top >> LABEL_BITS;
        for (int token = count - 1; token >= 0; token--) {
            into[token] = (byte) winner;
            winner = all[token * WIDTH + winner] & LABEL_MASK;
        }
        return score;
    }

    /** The best way to each label of a token, from those labels of the token before that are not far behind. */
    private void step(int token) {
        int[] all = ways;
        int at = token * WIDTH;
        int before = at - WIDTH;
        int best = top(all, before);
        int counting = near(all, before, best, SUM_BEAM);
        int leastFollowed = best - (BEAM << LABEL_BITS);
        alive[token - 1] = counting;
        int[] now = reached;
        int[] following = transitions;
        Arrays.fill(now, UNREACHED);
        int rows = joints[token] * WIDTH * WIDTH;
        for (int rest = counting; rest != 0; rest &= rest - 1) {
            int one = Integer.numberOfTrailingZeros(rest);
            if (all[before + one] < leastFollowed) {
                continue;
            }
            int way = all[before + one] & ~LABEL_MASK | one;
            int row = rows + one * WIDTH;
            for (int label = 0; label < WIDTH; label++) {
                now[label] = Math.max(now[label], way + following[row + label]);
            }
        }
        for (int label = 0; label < WIDTH; label++) {
            all[at + label] = now[label] + (scores[at + label] << LABEL_BITS);
        }
    }

    /** Returns the best score of a token's labels. */
    private static int top(int[] all, int from) {
        int top = Integer.MIN_VALUE;
        for (int label = 0; label < WIDTH; label++) {
            top = Math.max(top, all[from + label]);
        }
        return top;
    }

    /** Returns the labels, a bit each, that are not far behind the best one. */
    private static int near(int[] all, int from, int top, int beam) {
        int least = top - (beam << LABEL_BITS);
        int near = 0;
        for (int label = 0; label < WIDTH; label++) {
            near |= (least - all[from + label] - 1 >>> Integer.SIZE - 1) << label;
        }
        return near;
    }

    /** Returns how probable a labelling with this score is among all that {@link #sumAll} has summed up, from 0 to 1. */
    public double probability(int score) {
        return Math.min(1, StrictMath.exp((double) score / SequenceModel.SCALE - logSum));
    }

    /** Sums up all labellings that are not forbidden; probabilities are shares of them from now on. */
    public void sumAll() {
        logSum = sum();
    }

    /** From now on probabilities are shares of a sum. */
    public void sumIs(double logarithm) {
        logSum = logarithm;
    }

    /** Returns the logarithm of the sum that probabilities are shares of. */
    public double logSum() {
        return logSum;
    }

    /**
     * Returns the logarithm of the sum over all labellings that were near the best when {@link #best} was last asked, in
     * natural-log units. What was not near is too improbable to count.
     */
    public double sum() {
        // The logarithm of the sum over all paths: tops of tokens in units, and a product of sums between them.
        long units = 0;
        double product = 1;
        double logs = 0;
        for (int token = 0; token < count; token++) {
            int at = token * WIDTH;
            int top = Integer.MIN_VALUE;
            for (int rest = alive[token]; rest != 0; rest &= rest - 1) {
                int label = Integer.numberOfTrailingZeros(rest);
                top = Math.max(top, scores[at + label] + (token == 0 ? model.starts[label] : 0));
            }
            units += top;
            product *= sum(token, at, top);
            if (product < SMALL || product > 1 / SMALL) {
                logs += StrictMath.log(product);
                product = 1;
            }
        }
        double ends = 0;
        for (int rest = alive[count - 1]; rest != 0; rest &= rest - 1) {
            int label = Integer.numberOfTrailingZeros(rest);
            ends += sums[label] * expEnds[label];
        }
        return (double) units / SequenceModel.SCALE + logs + StrictMath.log(product * ends);
    }

    /** Sums over the paths to each label of a token and scales them to one; returns the whole sum. */
    private float sum(int token, int at, int top) {
        float[] now = next;
        float total = 0;
        for (int rest = alive[token]; rest != 0; rest &= rest - 1) {
            int label = Integer.numberOfTrailingZeros(rest);
            if (token == 0) {
                now[label] = exp(top - scores[label] - model.starts[label]);
            } else {
                now[label] = into(token, label) * exp(top - scores[at + label]);
            }
            total += now[label];
        }
        if (total <= 0) {
            // Every way in is forbidden or negligible; what follows is then as good as any.
            Arrays.fill(sums, 0, labels, 1f / labels);
            return Float.MIN_NORMAL;
        }
        float scale = 1 / total;
        for (int rest = alive[token]; rest != 0; rest &= rest - 1) {
            int label = Integer.numberOfTrailingZeros(rest);
            sums[label] = now[label] * scale;
        }
        return total;
    }

    /** Sums over the paths that lead into a label. */
    private float into(int token, int label) {
        float sum = 0;
        int row = (joints[token] * WIDTH + label) * WIDTH;
        for (int rest = alive[token - 1]; rest != 0; rest &= rest - 1) {
            int before = Integer.numberOfTrailingZeros(rest);
            sum += sums[before] * expTransitions[row + before];
        }
        return sum;
    }

    private static float exp(int behind) {
        return behind > NEGLIGIBLE ? 0 : EXP[behind];
    }

    /**
     * Returns how probable it is that some labels stand where they do in a labelling, and nowhere else, whatever the others
     * are: from 0 to 1, among all that {@link #sumAll} has summed up.
     *
     * @param path the labelling
     * @param pinned the labels that count, a bit each
     */
    public double share(byte[] path, int pinned) {
        int[] all = Arrays.copyOf(alive, count);
        for (int token = 0; token < count; token++) {
            int own = 1 << path[token];
            alive[token] &= (own & pinned) != 0 ? own : ~pinned;
        }
        double part = sum();
        System.arraycopy(all, 0, alive, 0, count);
        return Math.min(1, StrictMath.exp(part - logSum));
    }

    /**
     * Returns how probable it is that no token has a label that is shut to it: from 0 to 1, among all that is summed up.
     *
     * @param shut by token, the labels that do not count, a bit each
     */
    public double shareWithout(int[] shut) {
        int[] all = Arrays.copyOf(alive, count);
        for (int token = 0; token < count; token++) {
            alive[token] &= ~shut[token];
        }
        double part = sum();
        System.arraycopy(all, 0, alive, 0, count);
        return Math.min(1, StrictMath.exp(part - logSum));
    }

    /** One labelling and its score. */
    public record Path(byte[] labels, int score) {}

    /**
     * Returns the best labellings among those that were near the best when {@link #best} was last asked, best first.
     *
     * @param most how many at most; at least 1
     */
    public List<Path> nBest(int most) {
        return bestPaths.find(count, scores, joints, alive, most);
    }

    /** Returns what a clue says for a label, in the model's units. */
    public int weight(int clue, int label) {
        return model.weight(clue, label);
    }

    /** Returns what the order of labels says for a labelling, its start and end included. */
    public int orderOf(byte[] path) {
        int score = model.starts[path[0]] + model.ends[path[count - 1]];
        for (int token = 1; token < count; token++) {
            score += model.transition(joints[token], path[token - 1], path[token]);
        }
        return score;
    }
}
