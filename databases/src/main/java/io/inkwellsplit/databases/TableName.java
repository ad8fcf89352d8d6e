package io.inkwellsplit.databases;

/**
 * The name of a table.
 *
 * @param schema the schema it is in; empty where none was named, or there are none
 * @param table its name there
 * @param isUsual whether that is the schema which a name without one means
 * @param isView whether it is a view, which is read only
 */
record TableName(String schema, String table, boolean isUsual, boolean isView) {
    /** Returns the name as people write it. */
    String written() {
        return schema.isEmpty() || isUsual ? table : schema + "." + table;
    }

    TableName called(String other) {
        return new TableName(schema, other, isUsual, false);
    }
}
