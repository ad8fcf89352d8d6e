package io.inkwellsplit.table.job;

import io.inkwellsplit.table.ReadingWatch;
import io.inkwellsplit.table.RowSource;
import io.inkwellsplit.table.file.Delivery;
import io.inkwellsplit.table.file.FilePlan;
import java.nio.file.Path;
import java.util.List;
import java.util.Set;

/** Somebody who goes along with a job: shows how far it is, says what was found, writes something beside the output. */
public interface JobCompanion {
    /** {@return the settings of the output, such as {@code report}, that this one takes care of} */
    default Set<String> takes() {
        return Set.of();
    }

    /**
     * Says which files it reads and writes.
     *
     * @param plan the files
     */
    default void plan(FilePlan plan) {}

    /**
     * Hears which files that ended runs had left were removed.
     *
     * @param files the files
     */
    default void removed(List<Path> files) {}

    /**
     * Hears a sentence about the input, as soon as it is known.
     *
     * @param topic what the sentence is about
     * @param sentence the sentence
     */
    default void said(Topic topic, String sentence) {}

    /** What a sentence is about. */
    enum Topic {
        /** How the input was read. */
        INPUT,
        /** What was found out that the job leaves open. */
        FOUND
    }

    /**
     * Stands between the input and the steps.
     *
     * @param source the input
     * @return what the steps read instead
     */
    default RowSource around(RowSource source) {
        return source;
    }

    /**
     * Looks at the table before the steps work on it.
     *
     * @param source the table
     */
    default void before(RowSource source) {}

    /** {@return those who look on while columns are split} */
    default List<ReadingWatch> watches() {
        return List.of();
    }

    /**
     * Writes what stands beside the output, when all rows have gone through; it appears with it. Returns what is said of it,
     * in sentences.
     *
     * @param done what the run has done
     * @param delivery with what it appears
     * @return what is said, in sentences
     */
    default List<String> after(JobDone done, Delivery delivery) {
        return List.of();
    }
}
