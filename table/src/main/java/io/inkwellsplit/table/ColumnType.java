package io.inkwellsplit.table;

import java.util.List;
import java.util.Map;

/**
 * What kind of values a column of a database holds, so that an output can keep it.
 *
 * @param kind what it is in any database
 * @param declared how the database it comes from declares it, such as {@code numeric(10,2)}
 * @param system which database that is, such as {@code PostgreSQL}; others go by the kind
 */
public record ColumnType(Kind kind, String declared, String system) {
    /**
     * {@return what columns hold, in the order of their titles; text where it is not known}
     *
     * @param titles the titles
     * @param types what is known, by titles
     */
    public static List<Kind> kinds(List<String> titles, Map<String, ColumnType> types) {
        return titles.stream()
                .map(types::get)
                .map(type -> type == null ? Kind.TEXT : type.kind())
                .toList();
    }

    /** What values are, whatever a database calls it. */
    public enum Kind {
        /** Text, and all that has no kind of its own. */
        TEXT,
        /** Whole numbers. */
        WHOLE_NUMBER,
        /** Numbers with digits behind the point. */
        NUMBER,
        /** True or false. */
        TRUTH,
        /** A day. */
        DATE,
        /** A time of day. */
        TIME,
        /** A day and a time. */
        MOMENT
    }
}
