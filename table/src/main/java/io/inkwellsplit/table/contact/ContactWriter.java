package io.inkwellsplit.table.contact;

import java.io.IOException;

/** Writes contacts in one format, one after the other. */
interface ContactWriter {
    void write(Contact contact) throws IOException;

    /** Writes what ends the file; the stream stays open. */
    void end() throws IOException;
}
