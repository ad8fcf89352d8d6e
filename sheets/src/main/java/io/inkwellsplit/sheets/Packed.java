package io.inkwellsplit.sheets;

import io.inkwellsplit.table.TableException;
import io.inkwellsplit.table.TableException.Problem;
import io.inkwellsplit.table.file.InputFile;
import java.io.Closeable;
import java.io.FilterInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.util.Optional;
import java.util.zip.ZipEntry;
import java.util.zip.ZipException;
import java.util.zip.ZipFile;
import org.jspecify.annotations.Nullable;

/**
 * A packed file and the files in it, limited in size: a small file must not unpack to one that fills the machine. It is read
 * by its table of contents, as some programs write no sizes before the files.
 */
final class Packed implements Closeable {
    private static final long MOST_BYTES = 16L << 30;

    private final InputFile file;
    private final ZipFile zip;
    private final @Nullable Path copy;

    private Packed(InputFile file, ZipFile zip, @Nullable Path copy) {
        this.file = file;
        this.zip = zip;
        this.copy = copy;
    }

    /**
     * Opens a file; what comes from a stream is copied first.
     *
     * @throws TableException if it is not packed
     */
    static Packed open(InputFile file) throws IOException {
        Optional<Path> path = file.path();
        if (path.isPresent()) {
            return open(file, path.get(), null);
        }
        Path copy = Files.createTempFile("inkwell", ".zip");
        boolean opened = false;
        try (InputStream in = file.open()) {
            Files.copy(in, copy, StandardCopyOption.REPLACE_EXISTING);
            Packed packed = open(file, copy, copy);
            opened = true;
            return packed;
        } finally {
            if (!opened) {
                Files.delete(copy);
            }
        }
    }

    private static Packed open(InputFile file, Path path, @Nullable Path copy) throws IOException {
        try {
            return new Packed(file, new ZipFile(path.toFile()), copy);
        } catch (ZipException e) {
            throw broken(file, e);
        }
    }

    static TableException broken(InputFile file, Exception e) {
        return new TableException(Problem.INPUT, file.name() + " is no spreadsheet, or is broken.", e);
    }

    InputFile file() {
        return file;
    }

    /** Returns whether there is a file of a name. */
    boolean has(String entry) {
        return zip.getEntry(entry) != null;
    }

    /** Returns the bytes of a file in it. */
    InputStream entry(String entry) throws IOException {
        return entry(entry, MOST_BYTES);
    }

    /**
     * Returns the bytes of a file in it.
     *
     * @param most how many there may be
     * @throws TableException if there is no such file; when it is read, if it has more
     */
    InputStream entry(String name, long most) throws IOException {
        ZipEntry entry = zip.getEntry(name);
        if (entry == null) {
            throw new TableException(
                    Problem.INPUT, file.name() + " is no spreadsheet, or is broken: it has no " + name + ".");
        }
        return new Limited(zip.getInputStream(entry), most);
    }

    private final class Limited extends FilterInputStream {
        private final long most;
        private long read;

        Limited(InputStream in, long most) {
            super(in);
            this.most = most;
        }

        @Override
        public int read() throws IOException {
            int one = super.read();
            counted(one < 0 ? 0 : 1);
            return one;
        }

        @Override
        public int read(byte[] bytes, int from, int length) throws IOException {
            int count = super.read(bytes, from, length);
            counted(Math.max(0, count));
            return count;
        }

        private void counted(int count) {
            read += count;
            if (read > most) {
                throw new TableException(
                        Problem.INPUT,
                        file.name() + " unpacks to more than " + (most >> 20) + " megabytes; it is not read.");
            }
        }
    }

    @Override
    public void close() {
        try {
            zip.close();
            if (copy != null) {
                Files.deleteIfExists(copy);
            }
        } catch (IOException e) {
            throw broken(file, e);
        }
    }
}
