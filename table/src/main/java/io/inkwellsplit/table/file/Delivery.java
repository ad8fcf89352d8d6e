package io.inkwellsplit.table.file;

import io.inkwellsplit.table.TableException;
import io.inkwellsplit.table.TableException.Problem;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.file.Path;
import java.security.DigestOutputStream;
import java.security.MessageDigest;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Supplier;

/**
 * The files that one command writes: all of them appear when {@link #publish} is called, or none does.
 *
 * <p>Each is written aside, in the folder where it will stand, readable by its owner alone. A file that is replaced keeps
 * its rights; a link is followed; devices and pipes are written to as they are, at once. Used by one thread.
 */
public final class Delivery implements AutoCloseable {
    private final WhenThere whenThere;
    private final List<PendingFile> files = new ArrayList<>();
    private final List<OutputStream> streams = new ArrayList<>();
    private final List<Target> started = new ArrayList<>();
    private final List<Target> kept;
    private final List<Path> removed = new ArrayList<>();
    private final Map<Path, MessageDigest> digests = new HashMap<>();
    /** Packed files, by name. */
    private final Map<Path, OutputStream> ends = new HashMap<>();

    private Optional<Supplier<MessageDigest>> digesting = Optional.empty();
    private final List<Deliverable> joined = new ArrayList<>();
    private final Thread onExit = new Thread(this::discard);

    /**
     * A delivery that knows of no inputs.
     *
     * @param whenThere what becomes of a file that is there already
     */
    public Delivery(WhenThere whenThere) {
        this(whenThere, List.of());
    }

    /** @param kept what must not be written to */
    Delivery(WhenThere whenThere, List<Target> kept) {
        this.whenThere = whenThere;
        this.kept = kept;
        Runtime.getRuntime().addShutdownHook(onExit);
    }

    /** Writes what a file holds. */
    public interface Content {
        /**
         * Writes the content.
         *
         * @param stream the stream; it is closed by whoever opened it
         * @throws IOException if the stream does not take it
         */
        void writeTo(OutputStream stream) throws IOException;
    }

    /**
     * Starts a file; the stream is closed by whoever writes to it.
     *
     * @param file the file
     * @return what the file is written by
     * @throws TableException if it is an input, is there and may not be replaced, or cannot be written
     */
    public OutputStream start(Path file) {
        Target target = Target.of(file);
        refuse(target);
        started.add(target);
        try {
            if (target.kind() == Target.Kind.STREAM) {
                OutputStream stream = new java.io.FileOutputStream(file.toFile());
                streams.add(stream);
                return stream;
            }
            PendingFile pending = new PendingFile(target);
            files.add(pending);
            return packed(file, digested(file, pending.stream()));
        } catch (IOException e) {
            throw new TableException(Problem.OUTPUT, file + " cannot be written: " + why(e) + ".", e);
        }
    }

    /** A packed file ends in bytes that are only known when all has been written. */
    private OutputStream packed(Path file, OutputStream stream) throws IOException {
        Optional<Packing> packing = Packings.of(file);
        if (packing.isEmpty()) {
            return stream;
        }
        OutputStream packed = packing.get().packing(stream);
        streams.add(packed);
        ends.put(file, packed);
        return packed;
    }

    private OutputStream digested(Path file, OutputStream stream) {
        if (digesting.isEmpty()) {
            return stream;
        }
        MessageDigest digest = digesting.get().get();
        digests.put(file, digest);
        return new DigestOutputStream(stream, digest);
    }

    private void refuse(Target target) {
        check(target, whenThere);
        if (kept.stream().anyMatch(target::isSameAs)) {
            throw new TableException(
                    Problem.SETTING,
                    target.named() + " is an input, and an input is never written; give another name.");
        }
        if (!target.isDevice() && started.stream().anyMatch(target::isSameAs)) {
            throw new TableException(
                    Problem.SETTING, target.named() + " is written already by the same command; give another name.");
        }
    }

    static void check(Target target, WhenThere whenThere) {
        if (target.kind() == Target.Kind.FOLDER) {
            throw new TableException(Problem.OUTPUT, target.named() + " is a folder; name a file in it.");
        }
        if (whenThere == WhenThere.REFUSE && target.kind() == Target.Kind.FILE) {
            throw new TableException(
                    Problem.OUTPUT,
                    target.named() + " is there already; give --replace to replace it, or another name.");
        }
    }

    /**
     * Writes a whole file, which appears with the others.
     *
     * @param file the file
     * @param content what is to stand in it
     */
    public void write(Path file, Content content) {
        try (OutputStream stream = start(file)) {
            content.writeTo(stream);
        } catch (IOException e) {
            throw refused(file.toString(), e);
        }
    }

    /**
     * {@return what goes wrong when something cannot be written to its end}
     *
     * @param name its name
     * @param e what has happened
     */
    public static TableException refused(String name, IOException e) {
        return isClosed(e)
                ? new TableException(
                        Problem.CLOSED, "The reader of " + name + " has closed it; the rest was not written.", e)
                : new TableException(Problem.OUTPUT, name + " cannot be written: " + why(e) + ".", e);
    }

    private static boolean isClosed(IOException e) {
        String message = String.valueOf(e.getMessage());
        return message.contains("Broken pipe") || message.contains("Pipe closed") || message.contains("reset by peer");
    }

    private static String why(IOException e) {
        String message = e.getMessage();
        return message == null ? e.getClass().getSimpleName() : message;
    }

    /**
     * Looks at the bytes of every file that is started from now on.
     *
     * @param by makes what looks at the bytes of one
     */
    public void digest(Supplier<MessageDigest> by) {
        digesting = Optional.of(by);
    }

    /**
     * {@return what has looked at the bytes of a file that was written; empty where nothing has} A packed file takes no more.
     *
     * @param file the file, as it was started
     */
    public Optional<MessageDigest> digestOf(Path file) {
        OutputStream packed = ends.get(file);
        if (packed != null) {
            try {
                packed.close();
            } catch (IOException e) {
                throw refused(file.toString(), e);
            }
        }
        return Optional.ofNullable(digests.get(file));
    }

    /** {@return what becomes of what is there already} */
    public WhenThere whenThere() {
        return whenThere;
    }

    /**
     * Lets something that is no file appear with the files, or not at all.
     *
     * @param one what appears; it is thrown away if nothing is published
     */
    public void join(Deliverable one) {
        joined.add(one);
    }

    /**
     * Takes a file away when the others appear: one of an earlier run that has no successor.
     *
     * @param file the file
     */
    public void remove(Path file) {
        removed.add(file);
    }

    /**
     * Lets all files appear.
     *
     * @throws TableException if one cannot; then all are as they were before
     */
    public void publish() {
        List<PendingFile> done = new ArrayList<>();
        try {
            for (OutputStream stream : streams) {
                stream.close();
            }
            for (PendingFile file : files) {
                file.complete(
                        whenThere == WhenThere.REPLACE_AND_KEEP || files.size() + removed.size() + joined.size() > 1);
            }
            for (PendingFile file : files) {
                done.add(file);
                file.appear(whenThere);
            }
            joined.forEach(Deliverable::appear);
            for (Path file : removed) {
                java.nio.file.Files.deleteIfExists(file);
            }
        } catch (IOException e) {
            String name =
                    done.isEmpty() ? "The output" : done.get(done.size() - 1).named();
            done.forEach(PendingFile::takeBack);
            throw refused(name, e);
        } catch (TableException e) {
            done.forEach(PendingFile::takeBack);
            throw e;
        }
        files.forEach(file -> file.forgetBefore(whenThere));
    }

    /** Throws away what was not published. */
    @Override
    public void close() {
        for (OutputStream stream : streams) {
            try {
                stream.close();
            } catch (IOException e) {
                // It was not published: whoever wrote to it has been told already.
                continue;
            }
        }
        joined.forEach(Deliverable::discard);
        discard();
        try {
            Runtime.getRuntime().removeShutdownHook(onExit);
        } catch (IllegalStateException e) {
            // The program is ending: the hook does the rest.
        }
    }

    private void discard() {
        List.copyOf(files).forEach(PendingFile::discard);
    }
}
