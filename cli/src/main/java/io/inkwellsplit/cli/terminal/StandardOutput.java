package io.inkwellsplit.cli.terminal;

import io.inkwellsplit.table.TableException;
import io.inkwellsplit.table.file.Delivery;
import java.io.FileDescriptor;
import java.io.FileOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.util.Optional;

/** The standard output, which may be a full disk or a pipe that nobody reads any more: what goes wrong is kept. */
public final class StandardOutput extends OutputStream {
    private final OutputStream to;
    private Optional<IOException> failure = Optional.empty();

    /** Writes to the standard output of the process. */
    public StandardOutput() {
        this(new FileOutputStream(FileDescriptor.out));
    }

    /** Writes to a stream that stands for it. */
    public StandardOutput(OutputStream to) {
        this.to = to;
    }

    @Override
    public void write(int one) throws IOException {
        write(new byte[] {(byte) one}, 0, 1);
    }

    @Override
    public void write(byte[] bytes, int from, int length) throws IOException {
        try {
            to.write(bytes, from, length);
        } catch (IOException e) {
            failure = failure.isPresent() ? failure : Optional.of(e);
            throw e;
        }
    }

    @Override
    public void flush() throws IOException {
        to.flush();
    }

    /** Returns what went wrong, with a sentence; nothing where all was written. */
    public Optional<TableException> failure() {
        return failure.map(e -> Delivery.refused("standard output", e));
    }
}
