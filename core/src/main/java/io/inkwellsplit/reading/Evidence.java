package io.inkwellsplit.reading;

/**
 * What a column says as a whole, gathered from its values.
 *
 * <p>Its size is bounded. Parts of a column may be gathered anywhere, by several processes, and merged in any order and
 * grouping: the result is the same. Gathering and merging are for one thread at a time; reading what was gathered is safe
 * for several.
 *
 * @param <E> the evidence itself
 */
public interface Evidence<E extends Evidence<E>> {
    /**
     * Adds what another part of the column says.
     *
     * @param other evidence of the same kind; it stays as it is
     */
    void merge(E other);

    /** {@return all of it as bytes, for another process; the same evidence gives the same bytes} */
    byte[] toBytes();
}
