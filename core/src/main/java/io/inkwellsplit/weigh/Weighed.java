package io.inkwellsplit.weigh;

import java.util.Arrays;

/** One way in which a value can be read, while it is weighed: a label for every token. A buffer that is reused. */
public abstract class Weighed {
    /** By token; what the numbers mean is the splitter's. */
    public byte[] labels = new byte[32];

    public double score;
    public double probability;

    /** Starts with the labels that the tokens have so far. */
    protected void startWith(byte[] from, int count) {
        if (labels.length < count) {
            labels = new byte[count * 2];
        }
        System.arraycopy(from, 0, labels, 0, count);
    }

    /** Returns whether another candidate reads every token alike. */
    public boolean sameAs(Weighed other, int count) {
        return Arrays.equals(labels, 0, count, other.labels, 0, count);
    }
}
