package io.inkwellsplit.table.step;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;

/** A step at work on one table. */
public interface BoundStep {
    /** {@return the titles of the columns that go out} */
    List<String> header();

    /**
     * {@return what columns that the step adds mean, in a sentence, by their titles; those that need no word are left out}
     */
    default Map<String, String> meanings() {
        return Map.of();
    }

    /** {@return whether the step must see every row before it can work on the first} */
    default boolean learns() {
        return false;
    }

    /**
     * Is told that rows will be seen from the first one on; forgets what it has seen.
     *
     * @param rowsAbout about how many there will be; 0 where that is not known
     */
    default void startLearning(long rowsAbout) {}

    /** {@return whether it has to see the rows again, as there were far fewer than it was told} */
    default boolean mustLearnAgain() {
        return false;
    }

    /**
     * Sees a row, before any is worked on; called only where {@link #learns}.
     *
     * @param cells the cells, one for each title of the header
     */
    default void observe(List<String> cells) {}

    /**
     * {@return a step that sees other rows at the same time, and is {@link #joinLearned} at the end; none where it cannot}
     */
    default Optional<BoundStep> forkToLearn() {
        return Optional.empty();
    }

    /**
     * Adds what a fork has learned; the order of rows and forks makes no difference.
     *
     * @param fork what was made by {@code fork}
     */
    default void joinLearned(BoundStep fork) {}

    /** Is told that all rows were seen, by this step or a fork that was joined. */
    default void endLearning() {}

    /**
     * Takes a row, which has as many cells as the header had, and passes on the rows that come of it.
     *
     * @param cells the cells, one for each title of the header
     * @param out takes the rows that come of it
     */
    void push(List<String> cells, Consumer<List<String>> out);

    /**
     * Passes on the rows that were held back until the last one had come.
     *
     * @param out takes the rows
     */
    default void end(Consumer<List<String>> out) {}

    /** Forgets the rows that went through only so that later steps could learn, and starts anew; what was learned stays. */
    default void restart() {}

    /** {@return whether the titles of the columns are known only after {@link #observe} has seen every row} */
    default boolean learnsTitles() {
        return false;
    }

    /** {@return whether each row is worked on by itself, so that it makes no difference which others there are} */
    default boolean isRowByRow() {
        return false;
    }

    /**
     * {@return what was counted so far, by names of its own; of small size, for another step of the same making, here or in another
     * process}
     */
    default Map<String, Long> counts() {
        return Map.of();
    }

    /**
     * Adds what another step of the same making has counted on other rows; the order makes no difference.
     *
     * @param counts what its {@code counts} gave
     */
    default void addCounts(Map<String, Long> counts) {}

    /** {@return what was done, in sentences for a summary} */
    default List<String> report() {
        return List.of();
    }
}
