/** Tables of databases as forms of tables, and functions for SQL. */
module io.inkwellsplit.databases {
    requires transitive io.inkwellsplit.table;
    requires transitive io.inkwellsplit.core;
    requires static transitive org.jspecify;
    requires transitive java.sql;
    requires org.snakeyaml.engine.v2;
    requires org.xerial.sqlitejdbc;
    requires org.postgresql.jdbc;
    requires static org.checkerframework.checker.qual;

    exports io.inkwellsplit.databases;

    uses java.sql.Driver;

    provides io.inkwellsplit.table.format.TableFormat with
            io.inkwellsplit.databases.SqliteFormat,
            io.inkwellsplit.databases.ConnectionFormat;
}
