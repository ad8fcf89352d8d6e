package io.inkwellsplit.databases;

import java.nio.file.Path;
import java.util.List;

/** Databases that a connection file leads to. */
public final class ConnectionFormat extends DatabaseFormat {
    static final List<String> ENDINGS = List.of(".db.yaml", ".db.yml");

    /** Made by whoever looks for forms. */
    public ConnectionFormat() {}

    @Override
    public String name() {
        return "connection to a database (.db.yaml)";
    }

    @Override
    public List<String> endings() {
        return ENDINGS;
    }

    @Override
    Database connect(Path file, boolean toWrite) {
        return ConnectionFile.read(file).connect();
    }
}
