package io.inkwellsplit.databases;

import java.sql.SQLException;

/** A cell holds bytes, and no text. */
final class BytesInCell extends SQLException {
    BytesInCell() {
        super("bytes");
    }
}
