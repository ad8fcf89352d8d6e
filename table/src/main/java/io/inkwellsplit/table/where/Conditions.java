package io.inkwellsplit.table.where;

import java.util.List;
import java.util.function.Predicate;

/**
 * Conditions that a row has to meet: all of them, or any.
 *
 * @param conditions the conditions, one at least
 * @param join whether all are to be met, or any
 */
public record Conditions(List<Condition> conditions, Join join) {
    /** How many of them a row has to meet. */
    public enum Join {
        /** All of them. */
        ALL,
        /** One or more. */
        ANY
    }

    /** Keeps its own list. */
    public Conditions {
        conditions = List.copyOf(conditions);
    }

    /**
     * {@return the conditions that are written}
     *
     * @param written a condition each
     * @param join whether all are to be met, or any
     * @throws io.inkwellsplit.table.TableException if one cannot be understood
     */
    public static Conditions parse(List<String> written, Join join) {
        return new Conditions(written.stream().map(Condition::parse).toList(), join);
    }

    /**
     * {@return what tells whether a row meets them}
     *
     * @param header the titles of the columns
     * @throws io.inkwellsplit.table.TableException if a column is not there
     */
    public Predicate<List<String>> bind(List<String> header) {
        List<Predicate<List<String>>> bound =
                conditions.stream().map(condition -> condition.bind(header)).toList();
        return join == Join.ALL
                ? cells -> bound.stream().allMatch(one -> one.test(cells))
                : cells -> bound.stream().anyMatch(one -> one.test(cells));
    }
}
