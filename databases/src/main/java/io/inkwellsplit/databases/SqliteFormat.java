package io.inkwellsplit.databases;

import java.nio.file.Path;
import java.util.List;

/** Databases in a file, of SQLite. */
public final class SqliteFormat extends DatabaseFormat {
    /** Made by whoever looks for forms. */
    public SqliteFormat() {}

    @Override
    public String name() {
        return "database (.sqlite)";
    }

    @Override
    public List<String> endings() {
        return List.of(".sqlite", ".sqlite3", ".db");
    }

    @Override
    public List<String> mediaTypes() {
        return List.of("application/vnd.sqlite3");
    }

    @Override
    Database connect(Path file, boolean toWrite) {
        return SqliteFile.open(file, toWrite);
    }
}
