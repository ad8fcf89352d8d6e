package io.inkwellsplit.databases;

/**
 * The name of a table.
 *
 * @param schema the schema it is in; empty for the usual one
 * @param table its name there
 */
record TableName(String schema, String table) {
    /** Returns the name as people write it. */
    String written() {
        return schema.isEmpty() ? table : schema + "." + table;
    }

    TableName called(String other) {
        return new TableName(schema, other);
    }
}
