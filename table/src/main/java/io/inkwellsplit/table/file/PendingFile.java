package io.inkwellsplit.table.file;

import java.io.BufferedOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.nio.channels.Channels;
import java.nio.file.AtomicMoveNotSupportedException;
import java.nio.file.FileAlreadyExistsException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.attribute.PosixFileAttributeView;
import java.nio.file.attribute.PosixFileAttributes;
import org.jspecify.annotations.Nullable;

/** A file that is written aside until it appears under its name. */
final class PendingFile {
    private static final int BUFFER = 1 << 16;

    private final Target target;
    private final PrivateFile.Open part;
    private final OutputStream stream;
    /** A second name of the file that is replaced, until all others have appeared. */
    private @Nullable Path before;

    private boolean appeared;

    PendingFile(Target target) throws IOException {
        this.target = target;
        this.part = PrivateFile.create(folder(target), name(target), PrivateFile.PART);
        this.stream = new BufferedOutputStream(Channels.newOutputStream(part.channel()), BUFFER) {
            /** The file stays open, and so locked, until it appears. */
            @Override
            public void close() throws IOException {
                flush();
            }
        };
    }

    private static Path folder(Target target) {
        Path folder = target.real().getParent();
        if (folder == null) {
            throw new IllegalArgumentException(target.real() + " is no file");
        }
        return folder;
    }

    private static String name(Target target) {
        return target.real().getFileName().toString();
    }

    OutputStream stream() {
        return stream;
    }

    String named() {
        return target.named().toString();
    }

    /** Writes what is held back and gives it the rights of the file that it replaces. */
    void complete(boolean keepBefore) throws IOException {
        stream.flush();
        if (target.kind() == Target.Kind.FILE && Files.exists(target.real())) {
            takeRights();
            if (keepBefore) {
                keepBefore();
            }
        }
    }

    private void takeRights() throws IOException {
        PosixFileAttributeView view = Files.getFileAttributeView(part.path(), PosixFileAttributeView.class);
        if (view == null) {
            return;
        }
        PosixFileAttributes old = Files.readAttributes(target.real(), PosixFileAttributes.class);
        try {
            PosixFileAttributes now = view.readAttributes();
            if (!now.group().equals(old.group())) {
                view.setGroup(old.group());
            }
            if (!now.owner().equals(old.owner())) {
                view.setOwner(old.owner());
            }
        } catch (IOException e) {
            // Who may not give a file away keeps it; its rights are set all the same.
            view.setPermissions(old.permissions());
            return;
        }
        view.setPermissions(old.permissions());
    }

    /** Returns where what is replaced is kept. */
    static Path before(Target target) {
        return target.real().resolveSibling(name(target) + ".before");
    }

    private void keepBefore() throws IOException {
        Path second = PrivateFile.name(folder(target), name(target), PrivateFile.BEFORE);
        try {
            before = Files.createLink(second, target.real());
        } catch (IOException | UnsupportedOperationException e) {
            // Where a file has one name only, a copy can be brought back, should a later file not appear.
            before = Files.copy(target.real(), second, StandardCopyOption.COPY_ATTRIBUTES);
        }
    }

    void appear(WhenThere whenThere) throws IOException {
        if (whenThere == WhenThere.REFUSE || target.kind() == Target.Kind.NOTHING) {
            appearAnew();
        } else {
            move();
        }
        appeared = true;
        part.channel().close();
        PrivateFile.forget(part.path());
    }

    /** Nothing is replaced that has come in the meantime. */
    private void appearAnew() throws IOException {
        try {
            Files.createLink(target.real(), part.path());
            Files.delete(part.path());
        } catch (FileAlreadyExistsException e) {
            throw new IOException("it has come there in the meantime", e);
        } catch (IOException | UnsupportedOperationException e) {
            Files.move(part.path(), target.real());
        }
    }

    private void move() throws IOException {
        try {
            Files.move(part.path(), target.real(), StandardCopyOption.ATOMIC_MOVE, StandardCopyOption.REPLACE_EXISTING);
        } catch (AtomicMoveNotSupportedException e) {
            Files.move(part.path(), target.real(), StandardCopyOption.REPLACE_EXISTING);
        }
    }

    /** Brings back what was there before. */
    void takeBack() {
        if (!appeared) {
            return;
        }
        try {
            if (before != null) {
                Files.move(before, target.real(), StandardCopyOption.REPLACE_EXISTING);
            } else if (target.kind() == Target.Kind.NOTHING) {
                Files.deleteIfExists(target.real());
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** All have appeared: what was replaced goes, or is kept under a name for people. */
    void forgetBefore(WhenThere whenThere) {
        try {
            if (before != null && whenThere == WhenThere.REPLACE_AND_KEEP) {
                Files.move(before, before(target), StandardCopyOption.REPLACE_EXISTING);
                before = null;
            } else if (before != null) {
                Files.deleteIfExists(before);
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** Throws it away unless it has appeared. */
    void discard() {
        try {
            if (!appeared) {
                Files.deleteIfExists(part.path());
                part.channel().close();
            }
            if (before != null) {
                Files.deleteIfExists(before);
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        } finally {
            PrivateFile.forget(part.path());
        }
    }
}
