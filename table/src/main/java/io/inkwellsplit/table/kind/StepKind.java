package io.inkwellsplit.table.kind;

import io.inkwellsplit.table.ReadingWatch;
import io.inkwellsplit.table.RowSource;
import io.inkwellsplit.table.TableException;
import io.inkwellsplit.table.file.FilePlan;
import io.inkwellsplit.table.step.Step;
import java.util.List;

/** A kind of step: its name, what can be set of it, and how a step is made of that. */
public interface StepKind {
    /** {@return its name, such as {@code cut}} */
    String name();

    /** {@return what it does, as a sentence} */
    String description();

    /** {@return its use on a list of the demo, as a command line without the program's name} */
    String example();

    /** {@return what else is good to know, in sentences} */
    default List<String> notes() {
        return List.of();
    }

    /** {@return what can be set} */
    List<Setting> settings();

    /** {@return the settings of which exactly one has to be set; none where there are no such} */
    default List<String> oneOf() {
        return List.of();
    }

    /**
     * {@return whether enough is set to make a step; otherwise {@link #find} has to be asked}
     *
     * @param values what is set
     */
    default boolean isComplete(Values values) {
        return true;
    }

    /**
     * Finds out from a table what the settings leave open.
     *
     * @param values what is set
     * @param source the table
     * @return what it found, in sentences, and what is set then
     */
    default Found find(Values values, RowSource source) {
        return new Found(values, List.of());
    }

    /**
     * What was found out from a table.
     *
     * @param values the settings, with what was found
     * @param sentences what is said of it
     */
    record Found(Values values, List<String> sentences) {}

    /**
     * Says which files are read and written.
     *
     * @param values what is set
     * @param plan the files
     */
    default void plan(Values values, FilePlan plan) {
        values.plan(plan);
    }

    /**
     * Makes a step.
     *
     * @param values what is set
     * @param watches those who look on while columns are split
     * @return the step
     * @throws TableException if what is set cannot be
     */
    Step step(Values values, List<ReadingWatch> watches);

    /**
     * Makes the steps that go through a table one after the other: one, but for kinds that do the same to several columns.
     *
     * @param values what is set
     * @param watches those who look on while columns are split
     * @return the steps
     * @throws TableException if what is set cannot be
     */
    default List<Step> steps(Values values, List<ReadingWatch> watches) {
        return List.of(step(values, watches));
    }
}
