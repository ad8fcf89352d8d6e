package io.inkwellsplit.databases;

public final class SqlFunctions {
    private SqlFunctions() {}
}
