package io.inkwellsplit.table.csv;

import io.inkwellsplit.table.TableException;
import io.inkwellsplit.table.TableException.Problem;
import java.io.IOException;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.nio.file.AtomicMoveNotSupportedException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;

/** Writes a file aside and gives it its name when it is complete, so that no half-written file is ever seen. */
public final class WholeFile {
    private WholeFile() {}

    /** What to do when the file is there already. */
    public enum WhenThere {
        REFUSE,
        REPLACE
    }

    /**
     * Starts a file.
     *
     * @throws TableException if it is there and may not be replaced, or its folder cannot be written
     */
    public static Pending start(Path file, WhenThere whenThere) {
        if (Files.isDirectory(file)) {
            throw new TableException(Problem.OUTPUT, file + " is a folder; name a file in it.");
        }
        if (whenThere == WhenThere.REFUSE && Files.exists(file)) {
            throw new TableException(
                    Problem.OUTPUT, file + " is there already; give --replace to replace it, or another name.");
        }
        Path absolute = file.toAbsolutePath();
        Path folder = absolute.getParent();
        if (folder == null || !Files.isDirectory(folder)) {
            throw new TableException(Problem.OUTPUT, "There is no folder " + folder + "; make it first.");
        }
        try {
            return new Pending(Files.createTempFile(folder, "." + file.getFileName(), ".part"), absolute);
        } catch (IOException e) {
            throw new TableException(Problem.OUTPUT, "Nothing can be written into the folder " + folder + ".", e);
        }
    }

    /** Writes what a file holds. */
    public interface Content {
        void writeTo(OutputStream stream) throws IOException;
    }

    /**
     * Writes a whole file.
     *
     * @throws TableException as {@link #start} does, or if it cannot be written
     */
    public static void write(Path file, WhenThere whenThere, Content content) {
        try (Pending pending = start(file, whenThere)) {
            content.writeTo(pending.stream());
            pending.finish();
        } catch (IOException e) {
            throw new TableException(Problem.OUTPUT, file + " cannot be written.", e);
        }
    }

    /** A file that is being written. */
    public static final class Pending implements AutoCloseable {
        private final Path temporary;
        private final Path target;
        private final OutputStream stream;
        private final Thread onExit;

        private Pending(Path temporary, Path target) throws IOException {
            this.temporary = temporary;
            this.target = target;
            this.stream = Files.newOutputStream(temporary);
            this.onExit = new Thread(this::discard);
            Runtime.getRuntime().addShutdownHook(onExit);
        }

        /** Returns where to write. */
        public OutputStream stream() {
            return stream;
        }

        /** Gives the file its name. */
        public void finish() throws IOException {
            stream.close();
            try {
                Files.move(temporary, target, StandardCopyOption.ATOMIC_MOVE, StandardCopyOption.REPLACE_EXISTING);
            } catch (AtomicMoveNotSupportedException e) {
                Files.move(temporary, target, StandardCopyOption.REPLACE_EXISTING);
            }
        }

        /** Throws the file away unless it was finished. */
        @Override
        public void close() {
            discard();
            try {
                Runtime.getRuntime().removeShutdownHook(onExit);
            } catch (IllegalStateException e) {
                // The program is ending: the hook does the rest.
            }
        }

        private void discard() {
            try {
                stream.close();
                Files.deleteIfExists(temporary);
            } catch (IOException e) {
                throw new UncheckedIOException(e);
            }
        }
    }
}
