package io.inkwellsplit.table.step;

/**
 * A step that works on the rows of one key together, and gives what comes of them in the order of the keys. Where rows come in that
 * order already, it may be {@linkplain #end ended} behind each key, and goes on with the next; so each range of keys can have a step
 * of its own.
 */
public interface Gathering extends Keyed {
    /** {@return whether it numbers groups in what it gives} */
    default boolean numbers() {
        return false;
    }

    /** {@return how many groups it has numbered so far} */
    default long numbered() {
        return 0;
    }

    /**
     * Numbers groups from there on.
     *
     * @param groups how many are numbered in the ranges before
     */
    default void numberBehind(long groups) {}
}
