package io.inkwellsplit.table.split;

import io.inkwellsplit.address.AddressStandard;
import io.inkwellsplit.address.AddressStandard.Rule;
import io.inkwellsplit.pattern.Nearest;
import io.inkwellsplit.reading.PartKey;
import io.inkwellsplit.table.ReadingWatch;
import io.inkwellsplit.table.TableException;
import io.inkwellsplit.table.TableException.Problem;
import io.inkwellsplit.table.correct.Corrections;
import io.inkwellsplit.table.part.PartTitles;
import io.inkwellsplit.table.step.Columns;
import io.inkwellsplit.table.step.Step;
import io.inkwellsplit.table.where.Conditions;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.BitSet;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.concurrent.atomic.AtomicLong;
import java.util.function.Predicate;
import java.util.stream.Collectors;

/**
 * Splits columns of names and addresses: each is followed by columns for its parts, then remarks and checks.
 *
 * <p>Source columns stay as they are and in their order.
 */
public final class SplitStep implements Step {

    /** One column to split, as the user calls it. */
    private record Wanted(String column, Subject subject) {}

    private final List<Wanted> wanted;
    private final PartTitles titles;
    private final List<String> parts;
    private final Checks checks;
    private final Learning learning;
    private final Splitters splitters;
    private final AddressStandard standard;
    private final Corrections corrections;
    private final List<ReadingWatch> watches;
    private final boolean eachPerson;
    private final Optional<Conditions> only;
    private final List<String> keys;

    private SplitStep(Builder builder) {
        this.wanted = List.copyOf(builder.wanted);
        this.titles = builder.titles;
        this.parts = List.copyOf(builder.parts);
        this.checks = builder.checks;
        this.learning = builder.learning;
        this.splitters = builder.splitters;
        this.standard = builder.standard;
        this.corrections = builder.corrections;
        this.watches = List.copyOf(builder.watches);
        this.eachPerson = builder.eachPerson;
        this.only = builder.only;
        this.keys = List.copyOf(builder.keys);
    }

    /** Whether confidence and doubts have columns. */
    public enum Checks {
        /** They have columns. */
        SHOW,
        /** They have none. */
        LEAVE_OUT
    }

    /** Whether a column is looked at as a whole before its values are read. */
    public enum Learning {
        /** Its order, case and words help to read every value; the table is gone through twice. */
        FROM_COLUMN,
        /** Every value is read by itself. */
        NONE
    }

    /** {@return a builder; a step needs one column at least} */
    public static Builder builder() {
        return new Builder();
    }

    /** Gathers the settings of a {@link SplitStep}. */
    public static final class Builder {
        private final List<Wanted> wanted = new ArrayList<>();
        private PartTitles titles = PartTitles.ENGLISH;
        private List<String> parts = List.of();
        private Checks checks = Checks.SHOW;
        private Learning learning = Learning.FROM_COLUMN;
        private Splitters splitters = Splitters.standard();
        private AddressStandard standard = AddressStandard.asWritten();
        private Corrections corrections = Corrections.none();
        private final List<ReadingWatch> watches = new ArrayList<>();

        private boolean eachPerson;
        private Optional<Conditions> only = Optional.empty();
        private final List<String> keys = new ArrayList<>();

        private Builder() {}

        /**
         * Leaves out all columns of the source but this one, and others that are named so: the parts become a table beside
         * the source, which can be joined with it.
         *
         * @param column the column's title, or its number from 1
         * @return this builder
         */
        public Builder key(String column) {
            keys.add(column);
            return this;
        }

        /**
         * Splits only rows that meet conditions; the parts of the others stay blank, and they teach nothing.
         *
         * @param conditions the conditions
         * @return this builder
         */
        public Builder only(Conditions conditions) {
            only = Optional.of(conditions);
            return this;
        }

        /**
         * Gives every person of a cell of names a row of its own, with a number; the other cells are repeated.
         *
         * @return this builder
         */
        public Builder eachPerson() {
            eachPerson = true;
            return this;
        }

        /**
         * Splits a column of names, given by its title or its number from 1.
         *
         * @param column the column's title, or its number from 1
         * @return this builder
         */
        public Builder name(String column) {
            wanted.add(new Wanted(column, Subject.NAME));
            return this;
        }

        /**
         * Splits a column of addresses, given by its title or its number from 1.
         *
         * @param column the column's title, or its number from 1
         * @return this builder
         */
        public Builder address(String column) {
            wanted.add(new Wanted(column, Subject.ADDRESS));
            return this;
        }

        /**
         * Sets the vocabulary of the part columns' titles; plain English if not set.
         *
         * @param vocabulary the vocabulary
         * @return this builder
         */
        public Builder titles(PartTitles vocabulary) {
            titles = vocabulary;
            return this;
        }

        /**
         * Sets which parts have columns of their own.
         *
         * @param keys keys of parts, or only {@code all} for every key there is; empty for the usual ones
         * @return this builder
         */
        public Builder parts(List<String> keys) {
            parts = List.copyOf(keys);
            return this;
        }

        /**
         * Sets whether each split column is followed by its confidence and doubts; they are shown if not set.
         *
         * @param mode whether they are shown
         * @return this builder
         */
        public Builder checks(Checks mode) {
            checks = mode;
            return this;
        }

        /**
         * Sets whether the column teaches; it does if not set.
         *
         * @param mode whether it teaches
         * @return this builder
         */
        public Builder learning(Learning mode) {
            learning = mode;
            return this;
        }

        /**
         * Sets how values are read; with the shipped data and the standard settings if not set.
         *
         * @param wanted how values are read
         * @return this builder
         */
        public Builder splitters(Splitters wanted) {
            splitters = wanted;
            return this;
        }

        /**
         * Sets by which rules the parts of addresses are written; as in the source if not set.
         *
         * @param rules keys such as {@code state-code}
         * @return this builder
         * @throws TableException if there is no such rule, or if two contradict each other
         */
        public Builder standardise(List<String> rules) {
            standard = AddressStandard.asWritten();
            for (String key : rules) {
                Rule rule = Arrays.stream(Rule.values())
                        .filter(each -> each.key().equals(key.toLowerCase(Locale.ROOT)))
                        .findFirst()
                        .orElseThrow(() -> new TableException(
                                Problem.SETTING,
                                "There is no rule \"" + key + "\" for addresses. There are "
                                        + Arrays.stream(Rule.values())
                                                .map(Rule::key)
                                                .collect(Collectors.joining(", "))
                                        + "."));
                try {
                    standard = standard.with(rule);
                } catch (IllegalArgumentException e) {
                    throw new TableException(
                            Problem.SETTING, "The rule " + key + " contradicts another one that is asked for.", e);
                }
            }
            return this;
        }

        /**
         * Sets a person's corrections, which stand above what is read and teach the columns; none if not set.
         *
         * @param told the corrections
         * @return this builder
         */
        public Builder corrections(Corrections told) {
            corrections = told;
            return this;
        }

        /**
         * Adds somebody who looks on, such as a review sheet; the rows then go through one after the other.
         *
         * @param watch who looks on
         * @return this builder
         */
        public Builder watch(ReadingWatch watch) {
            watches.add(watch);
            return this;
        }

        /**
         *
         *
         * @return the step
         * @throws TableException if no column is to be split
         */
        public SplitStep build() {
            if (wanted.isEmpty()) {
                throw new TableException(Problem.SETTING, "No column was named to be split.");
            }
            long names =
                    wanted.stream().filter(one -> one.subject == Subject.NAME).count();
            if (eachPerson && names != 1) {
                throw new TableException(
                        Problem.SETTING,
                        "A row for each person can be made of one column of names, and " + names + " are to be split.");
            }
            return new SplitStep(this);
        }
    }

    @Override
    public BoundSplit bind(List<String> header) {
        Map<Integer, Wanted> byIndex = new HashMap<>();
        Map<Wanted, SourceCells> sources = new HashMap<>();
        for (Wanted one : wanted) {
            SourceCells source = new SourceCells(header, Columns.findAll(header, one.column), one.subject);
            Wanted before = byIndex.put(source.last(), one);
            if (before != null) {
                throw new TableException(Problem.SETTING, "The column \"" + one.column + "\" is named twice.");
            }
            sources.put(one, source);
        }
        checkParts();
        List<SplitColumn> columns = new ArrayList<>();
        List<String> titlesOut = new ArrayList<>(header);
        for (int i = 0; i < header.size(); i++) {
            Wanted one = byIndex.get(i);
            if (one != null) {
                columns.add(new SplitColumn(
                        Objects.requireNonNull(sources.get(one)),
                        one.subject,
                        parts,
                        titles,
                        checks,
                        splitters,
                        standard,
                        corrections,
                        watches,
                        eachPerson && one.subject == Subject.NAME,
                        titlesOut));
            }
        }
        Predicate<List<String>> wantedRows =
                only.map(conditions -> conditions.bind(header)).orElse(BoundSplit.ALL_ROWS);
        corrections.checkColumns(header);
        BitSet kept = new BitSet();
        kept.set(0, keys.isEmpty() ? header.size() : 0);
        keys.forEach(key -> kept.set(Columns.find(header, key)));
        return new BoundSplit(
                header,
                Collections.unmodifiableList(columns),
                learning,
                corrections,
                wantedRows,
                kept,
                new AtomicLong());
    }

    private List<String> keys() {
        return wanted.stream()
                .flatMap(one -> one.subject.allParts().stream())
                .map(PartKey::key)
                .distinct()
                .toList();
    }

    private void checkParts() {
        for (String part : parts) {
            boolean known = part.equals("all")
                    || part.equals(PartTitles.Extra.KIND.key())
                    || part.equals(PartTitles.Extra.RUNNER_UP.key())
                    || part.equals(PartTitles.Extra.COUNTRY_CODE.key())
                            && wanted.stream().anyMatch(one -> one.subject == Subject.ADDRESS)
                    || wanted.stream().anyMatch(one -> one.subject.allParts().stream()
                            .anyMatch(key -> key.key().equals(part)));
            if (!known) {
                throw new TableException(
                        Problem.SETTING,
                        "There is no part \"" + part + "\" in the columns to be split"
                                + Nearest.of(part, keys())
                                        .map(near -> "; did you mean " + near + "?")
                                        .orElse(".")
                                + " There are " + String.join(", ", keys()) + ", or all for every one.");
            }
        }
    }
}
