package io.inkwellsplit.table.file;

import io.inkwellsplit.table.TableException;
import io.inkwellsplit.table.TableException.Problem;
import java.io.BufferedOutputStream;
import java.io.Closeable;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.nio.ByteBuffer;
import java.nio.channels.Channels;
import java.nio.channels.FileChannel;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.util.List;

/**
 * A temporary file that is written once and read any number of times, in the folder that {@code TMPDIR} names.
 *
 * <p>Only its owner can read it. Where the system lets, it has no name any more as soon as it is open, so that nothing is
 * left of it however the program ends.
 */
public final class Spool implements Closeable {
    private static final int BUFFER = 1 << 16;

    private final PrivateFile.Open file;

    private Spool(PrivateFile.Open file) {
        this.file = file;
    }

    /**
     *
     *
     * @return an empty file, which is deleted when it is closed
     * @throws TableException if the folder for temporary files cannot be written
     */
    public static Spool create() {
        try {
            return new Spool(
                    PrivateFile.create(folder(), "rows", PrivateFile.SPOOL, StandardOpenOption.DELETE_ON_CLOSE));
        } catch (IOException e) {
            throw full(e);
        }
    }

    /**
     * {@return what goes wrong when the folder for temporary files does not take more}
     *
     * @param e what has happened
     */
    public static TableException full(IOException e) {
        return new TableException(
                Problem.OUTPUT,
                "The folder for temporary files, " + folder()
                        + ", is full or cannot be written; name another one in TMPDIR.",
                e);
    }

    /** Returns the folder for temporary files. */
    static Path folder() {
        String named = System.getenv("TMPDIR");
        Path folder = named == null || named.isEmpty() ? null : Path.of(named);
        return folder != null && Files.isDirectory(folder) ? folder : Path.of(System.getProperty("java.io.tmpdir"));
    }

    /** Deletes what killed runs have left in the folder for temporary files, and returns it. */
    static List<Path> sweep() {
        return PrivateFile.sweep(folder());
    }

    /** {@return a stream that writes behind what is there; closing it leaves the file open} */
    public OutputStream writer() {
        return new BufferedOutputStream(Channels.newOutputStream(file.channel()), BUFFER) {
            @Override
            public void close() throws IOException {
                flush();
            }
        };
    }

    /** {@return a stream that reads from the beginning; several can be read at the same time} */
    public InputStream reader() {
        return new ChannelStream(file.channel());
    }

    /**
     * {@return a stream that reads from a place on, in bytes from the beginning}
     *
     * @param from the place, in bytes
     */
    public InputStream reader(long from) {
        ChannelStream stream = new ChannelStream(file.channel());
        stream.at = from;
        return stream;
    }

    @Override
    public void close() {
        try {
            file.channel().close();
            Files.deleteIfExists(file.path());
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        } finally {
            PrivateFile.forget(file.path());
        }
    }

    /** Reads a channel from a place of its own; closing it leaves the channel open. */
    private static final class ChannelStream extends InputStream {
        private final FileChannel channel;
        private long at;

        ChannelStream(FileChannel channel) {
            this.channel = channel;
        }

        @Override
        public int read() throws IOException {
            byte[] one = new byte[1];
            return read(one, 0, 1) < 0 ? -1 : one[0] & 0xff;
        }

        @Override
        public int read(byte[] bytes, int from, int length) throws IOException {
            int read = channel.read(ByteBuffer.wrap(bytes, from, length), at);
            at += Math.max(0, read);
            return read;
        }
    }
}
