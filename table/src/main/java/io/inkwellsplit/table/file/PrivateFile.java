package io.inkwellsplit.table.file;

import java.io.IOException;
import java.nio.channels.FileChannel;
import java.nio.channels.FileLock;
import java.nio.channels.OverlappingFileLockException;
import java.nio.file.FileSystems;
import java.nio.file.Files;
import java.nio.file.OpenOption;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.nio.file.attribute.FileAttribute;
import java.nio.file.attribute.PosixFilePermissions;
import java.security.SecureRandom;
import java.util.ArrayList;
import java.util.HexFormat;
import java.util.List;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;

/**
 * A new file that its owner alone can read, under a name that tells it for one of ours.
 *
 * <p>While it is open it is locked, so that another run can tell it from one whose program was killed.
 */
final class PrivateFile {
    /** What the names of all end in, by what they are for. */
    static final String PART = ".inkwell.part";

    static final String BEFORE = ".inkwell.before";
    static final String SPOOL = ".inkwell.spool";

    private static final Pattern OURS = Pattern.compile("\\..*\\.[0-9a-f]{16}\\.inkwell\\.(part|before|spool)");
    private static final SecureRandom RANDOM = new SecureRandom();
    private static final int MOST_OF_NAME = 40;
    /** Files of this very program are never left over, and closing a second channel to one would take its lock away. */
    private static final Set<Path> LIVE = ConcurrentHashMap.newKeySet();

    private PrivateFile() {}

    /** A file that is being written. */
    record Open(Path path, FileChannel channel) {}

    /** Returns a name in a folder that nothing has yet. */
    static Path name(Path folder, String stem, String ending) {
        byte[] bytes = new byte[8];
        RANDOM.nextBytes(bytes);
        String start = stem.substring(0, Math.min(stem.length(), MOST_OF_NAME));
        return folder.resolve("." + start + "." + HexFormat.of().formatHex(bytes) + ending);
    }

    static Open create(Path folder, String stem, String ending, OpenOption... more) throws IOException {
        Path path = name(folder, stem, ending);
        LIVE.add(path);
        Set<OpenOption> options = new java.util.HashSet<>(List.of(more));
        options.addAll(List.of(StandardOpenOption.CREATE_NEW, StandardOpenOption.READ, StandardOpenOption.WRITE));
        try {
            FileChannel channel = FileChannel.open(path, options, ownerOnly());
            lock(channel);
            return new Open(path, channel);
        } catch (IOException | RuntimeException e) {
            LIVE.remove(path);
            throw e;
        }
    }

    private static FileAttribute<?>[] ownerOnly() {
        boolean posix = FileSystems.getDefault().supportedFileAttributeViews().contains("posix");
        return posix
                ? new FileAttribute<?>[] {
                    PosixFilePermissions.asFileAttribute(PosixFilePermissions.fromString("rw-------"))
                }
                : new FileAttribute<?>[0];
    }

    static void forget(Path path) {
        LIVE.remove(path);
    }

    private static @Nullable FileLock lock(FileChannel channel) {
        try {
            return channel.tryLock();
        } catch (IOException | OverlappingFileLockException e) {
            // Some network folders have no locks; then nothing is taken for left over there.
            return null;
        }
    }

    /** Deletes what killed runs have left in a folder, and returns it. */
    static List<Path> sweep(Path folder) {
        List<Path> left = new ArrayList<>();
        try (var files = Files.newDirectoryStream(folder, ".*.inkwell.*")) {
            for (Path file : files) {
                if (OURS.matcher(file.getFileName().toString()).matches() && !LIVE.contains(file) && isLeft(file)) {
                    Files.deleteIfExists(file);
                    left.add(file);
                }
            }
        } catch (IOException | RuntimeException e) {
            // A folder that cannot be looked through has nothing that could be taken away.
            return left;
        }
        return left;
    }

    private static boolean isLeft(Path file) {
        if (!Files.isRegularFile(file, java.nio.file.LinkOption.NOFOLLOW_LINKS)) {
            return false;
        }
        try (FileChannel channel = FileChannel.open(file, StandardOpenOption.WRITE)) {
            return lock(channel) != null;
        } catch (IOException e) {
            return false;
        }
    }
}
