package io.inkwellsplit.table.file;

import io.inkwellsplit.table.TableException;
import io.inkwellsplit.table.TableException.Problem;
import java.io.Closeable;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import java.nio.file.attribute.BasicFileAttributes;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * Bytes that can be gone through more than once, and must stay the same meanwhile.
 *
 * <p>A file is read where it is, and refused when its size, its time or the file itself has changed since it was first
 * looked at. A pipe or a stream is read once, to its end, into a temporary file.
 */
public final class InputFile implements Closeable {
    private final String name;
    private final @Nullable Path file;
    private final @Nullable Spool spool;
    private final @Nullable Stamp stamp;

    private InputFile(String name, @Nullable Path file, @Nullable Spool spool, @Nullable Stamp stamp) {
        this.name = name;
        this.file = file;
        this.spool = spool;
        this.stamp = stamp;
    }

    /** What tells that a file is still the one it was. */
    private record Stamp(long size, long time, @Nullable Object key) {
        static Stamp of(Path file) throws IOException {
            BasicFileAttributes now = Files.readAttributes(file, BasicFileAttributes.class);
            return new Stamp(now.size(), now.lastModifiedTime().toMillis(), now.fileKey());
        }
    }

    /**
     *
     *
     * @param file the file
     * @return the input
     * @throws TableException if it is missing, a folder, or cannot be read
     */
    public static InputFile of(Path file) {
        if (Files.isDirectory(file)) {
            throw new TableException(Problem.INPUT, file + " is a folder; name a file in it.");
        }
        try {
            if (!Files.exists(file) || Files.isRegularFile(file)) {
                return new InputFile(file.toString(), file, null, Stamp.of(file));
            }
            try (InputStream in = Files.newInputStream(file)) {
                return of(file.toString(), in);
            }
        } catch (NoSuchFileException e) {
            throw new TableException(Problem.INPUT, "There is no file " + file + "; check the name and the folder.", e);
        } catch (IOException e) {
            throw new TableException(Problem.INPUT, file + " cannot be read.", e);
        }
    }

    /**
     * Reads a stream to its end.
     *
     * @param name what messages call it
     * @param in the stream; it is read to its end
     * @return the input
     */
    public static InputFile of(String name, InputStream in) {
        Spool spool = Spool.create();
        boolean whole = false;
        try (OutputStream out = spool.writer()) {
            byte[] buffer = new byte[1 << 16];
            for (int read = read(name, in, buffer); read >= 0; read = read(name, in, buffer)) {
                out.write(buffer, 0, read);
            }
            whole = true;
        } catch (IOException e) {
            throw Spool.full(e);
        } finally {
            if (!whole) {
                spool.close();
            }
        }
        return new InputFile(name, null, spool, null);
    }

    private static int read(String name, InputStream in, byte[] buffer) {
        try {
            return in.read(buffer);
        } catch (IOException e) {
            throw new TableException(Problem.INPUT, name + " cannot be read to its end.", e);
        }
    }

    /** {@return what messages call it} */
    public String name() {
        return name;
    }

    /** {@return the file, where it is one that is read in its place; empty for what came from a stream} */
    public Optional<Path> path() {
        return Optional.ofNullable(file);
    }

    /** {@return how many bytes there are, where that is known without reading them; 0 elsewhere} */
    public long size() {
        return stamp == null ? 0 : stamp.size();
    }

    /**
     * {@return the bytes from the first one on}
     *
     * @throws IOException if the file cannot be read, or has changed since it was found
     */
    public InputStream open() throws IOException {
        checkUnchanged();
        if (spool != null) {
            return spool.reader();
        }
        if (file == null) {
            throw new IllegalStateException("neither a file nor a stream");
        }
        return Files.newInputStream(file);
    }

    /** @throws TableException if somebody has written to it since it was first looked at */
    public void checkUnchanged() {
        if (file == null || stamp == null) {
            return;
        }
        try {
            if (stamp.equals(Stamp.of(file))) {
                return;
            }
        } catch (IOException e) {
            throw new TableException(Problem.INPUT, name + " has gone while it was read; nothing was written.", e);
        }
        throw new TableException(
                Problem.INPUT,
                name + " has changed while it was read; nothing was written. Run it again when nobody writes to it.");
    }

    @Override
    public void close() {
        if (spool != null) {
            spool.close();
        }
    }
}
