package io.inkwellsplit.parquet;

/** A value is bytes that are no text; the message is the title of its column. */
final class BytesInCell extends RuntimeException {
    private static final long serialVersionUID = 1;

    BytesInCell(String column, Throwable cause) {
        super(column, cause);
    }
}
