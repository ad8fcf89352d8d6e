package io.inkwellsplit.reading;

import java.util.List;

/**
 * Splits values of one kind, names or addresses. Immutable and safe for use by several threads.
 *
 * @param <P> the keys of the parts
 * @param <E> what a column of such values says
 */
public interface Splitter<P extends PartKey, E extends Evidence<E>> {
    /**
     * Reads one value. Never throws for what the value is, never returns null; takes time linear in its length.
     *
     * @param text as somebody wrote it, of any length
     * @return the likeliest reading; of kind {@code BLANK} where there is nothing to read
     */
    Reading<P> split(String text);

    /**
     * {@return the ways in which a value was weighed, likeliest first, each with its reasons}
     *
     * <p>Costs several times what reading does.
     *
     * @param text the value; null is read as an empty one
     */
    List<Alternative<P>> alternatives(String text);

    /** {@return an evidence that says nothing yet} */
    E newEvidence();

    /**
     * {@return the evidence that {@link Evidence#toBytes} has written}
     *
     * @param bytes what was written by the same release
     * @throws IllegalArgumentException if the bytes are not such an evidence's
     */
    E evidence(byte[] bytes);

    /**
     * Adds to the evidence of a column what one of its values says.
     *
     * @param text the value
     * @param evidence what is added to
     */
    void gather(String text, E evidence);

    /**
     * Returns a splitter that reads values in the light of their column; the evidence must not change any more.
     *
     * @param evidence what the column says
     * @return it; this splitter stays as it is
     */
    Splitter<P, E> inLightOf(E evidence);

    /**
     * {@return a splitter that reads values in the light of their column}
     *
     * @param values the column, or as much of it as there is; gone through once, memory does not grow with it
     */
    default Splitter<P, E> learn(Iterable<String> values) {
        E evidence = newEvidence();
        for (String value : values) {
            gather(value, evidence);
        }
        return inLightOf(evidence);
    }
}
