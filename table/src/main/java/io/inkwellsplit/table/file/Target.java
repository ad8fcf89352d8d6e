package io.inkwellsplit.table.file;

import io.inkwellsplit.table.TableException;
import io.inkwellsplit.table.TableException.Problem;
import java.io.IOException;
import java.nio.file.FileSystemLoopException;
import java.nio.file.Files;
import java.nio.file.LinkOption;
import java.nio.file.Path;
import java.util.Locale;
import java.util.Optional;

/**
 * Where a name that is written to leads, links followed.
 *
 * @param named the name as it was given
 * @param real the file behind it; it need not be there
 * @param kind what is there
 */
record Target(Path named, Path real, Kind kind) {
    private static final int MOST_LINKS = 40;

    enum Kind {
        NOTHING,
        FILE,
        FOLDER,
        /** A device, a pipe or a socket: written to, never replaced. */
        STREAM
    }

    /** @throws TableException if the folder is not there, or cannot be looked into */
    static Target of(Path named) {
        try {
            if (Files.exists(named)) {
                Kind kind =
                        Files.isRegularFile(named) ? Kind.FILE : Files.isDirectory(named) ? Kind.FOLDER : Kind.STREAM;
                return new Target(named, kind == Kind.STREAM ? named.toAbsolutePath() : named.toRealPath(), kind);
            }
            Optional<TableInFile> inside = TableInFile.there(named);
            if (inside.isPresent()) {
                Path file = inside.get().file().toRealPath();
                return new Target(named, new TableInFile(file, inside.get().table()).named(), Kind.NOTHING);
            }
            Path last = behindLinks(named.toAbsolutePath());
            Path folder = last.getParent();
            if (folder == null || !Files.isDirectory(folder)) {
                throw new TableException(Problem.OUTPUT, "There is no folder " + folder + "; make it first.");
            }
            return new Target(named, folder.toRealPath().resolve(last.getFileName()), Kind.NOTHING);
        } catch (IOException e) {
            throw new TableException(Problem.OUTPUT, named + " cannot be looked at.", e);
        }
    }

    /** A link that leads to nothing yet is followed as well. */
    private static Path behindLinks(Path named) throws IOException {
        Path path = named;
        for (int links = 0; Files.isSymbolicLink(path); links++) {
            if (links == MOST_LINKS) {
                throw new FileSystemLoopException(named.toString());
            }
            path = path.resolveSibling(Files.readSymbolicLink(path));
        }
        return path;
    }

    boolean isSameAs(Target other) {
        if (real.equals(other.real) || isSameTable(other)) {
            return true;
        }
        try {
            return kind == Kind.FILE && other.kind == Kind.FILE && Files.isSameFile(real, other.real);
        } catch (IOException e) {
            return false;
        }
    }

    /** Returns whether this is a file, and the other a table in it. */
    boolean holds(Target other) {
        TableInFile its = TableInFile.of(other.real);
        return kind == Kind.FILE && !its.table().isEmpty() && its.file().equals(real);
    }

    /** Most databases take no notice of capitals, nor need the name of the schema. */
    private boolean isSameTable(Target other) {
        TableInFile own = TableInFile.of(real);
        TableInFile its = TableInFile.of(other.real);
        String name = own.table().toLowerCase(Locale.ROOT);
        String itsName = its.table().toLowerCase(Locale.ROOT);
        return !name.isEmpty()
                && !itsName.isEmpty()
                && own.file().equals(its.file())
                && (name.equals(itsName) || name.endsWith("." + itsName) || itsName.endsWith("." + name));
    }

    /** Returns whether anything at all may be written to it any number of times, such as the null device. */
    boolean isDevice() {
        try {
            return kind == Kind.STREAM
                    && real.startsWith("/dev")
                    && Files.readAttributes(real, "unix:mode").get("mode") instanceof Integer mode
                    && (mode & 0170000) == 0020000;
        } catch (IOException | UnsupportedOperationException | IllegalArgumentException e) {
            return false;
        }
    }

    static boolean isThere(Path path) {
        return Files.exists(path, LinkOption.NOFOLLOW_LINKS);
    }
}
