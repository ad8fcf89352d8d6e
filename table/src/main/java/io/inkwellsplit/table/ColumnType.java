package io.inkwellsplit.table;

/**
 * What kind of values a column of a database holds, so that an output can keep it.
 *
 * @param kind what it is in any database
 * @param declared how the database it comes from declares it, such as {@code numeric(10,2)}
 * @param system which database that is, such as {@code PostgreSQL}; others go by the kind
 */
public record ColumnType(Kind kind, String declared, String system) {
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
