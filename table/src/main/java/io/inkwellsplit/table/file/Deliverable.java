package io.inkwellsplit.table.file;

/** Something that appears with the files of a {@link Delivery}, and is no file: a table of a database. */
public interface Deliverable {
    /** {@return what messages call it} */
    String named();

    /**
     * Lets it appear, after all files have.
     *
     * @throws io.inkwellsplit.table.TableException if it cannot; then it is as if it had never been started
     */
    void appear();

    /** Throws it away unless it has appeared. */
    void discard();
}
