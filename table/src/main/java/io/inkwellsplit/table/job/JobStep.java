package io.inkwellsplit.table.job;

import io.inkwellsplit.table.TableException;
import io.inkwellsplit.table.kind.StepKind;
import io.inkwellsplit.table.kind.StepKinds;
import io.inkwellsplit.table.kind.Values;
import java.util.ArrayList;
import java.util.List;

/**
 * A step of a job.
 *
 * @param kind what kind of step it is
 * @param values what is set of it
 * @param where where it was read, for messages; empty where a program has made it
 */
public record JobStep(StepKind kind, Values values, String where) {

    /** Gathers what is set of a step. */
    public static final class Builder {
        private final StepKind kind;
        private final List<Values.Given> given = new ArrayList<>();

        Builder(String kind) {
            this.kind = StepKinds.named(kind);
        }

        /**
         * Sets something; one that is repeatable can be set several times.
         *
         * @param name the setting's name
         * @param value its value, as a user writes it
         * @return this builder
         */
        public Builder set(String name, String value) {
            given.add(new Values.Given(name, value));
            return this;
        }

        /**
         * Sets a flag.
         *
         * @param flag the flag's name
         * @return this builder
         */
        public Builder set(String flag) {
            return set(flag, "true");
        }

        JobStep build() {
            return new JobStep(kind, Values.of(kind, given), "");
        }
    }

    /** Returns this one with other values. */
    JobStep with(Values other) {
        return new JobStep(kind, other, where);
    }

    /** Returns a refusal that tells where the step stands. */
    TableException placed(TableException e) {
        return where.isEmpty() ? e : new TableException(e.problem(), where + ": " + e.getMessage(), e);
    }
}
