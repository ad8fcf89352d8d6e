package io.inkwellsplit.spark;

import io.inkwellsplit.table.TableException;
import io.inkwellsplit.table.TableException.Problem;
import io.inkwellsplit.table.file.WhenThere;
import java.io.IOException;
import java.util.UUID;
import org.apache.hadoop.conf.Configuration;
import org.apache.hadoop.fs.FileSystem;
import org.apache.hadoop.fs.Path;

/**
 * A folder that the engine writes under another name, and that takes its own when all has been written: what was there before stays
 * until then. On any file system that the engine reaches.
 */
final class FolderOutput implements AutoCloseable {
    private static final String BEFORE = ".before";

    private final FileSystem files;
    private final Path place;
    private final Path part;
    private final WhenThere whenThere;

    /** @throws TableException if there is something of that name and it may not be replaced, or it is what is read */
    FolderOutput(Configuration settings, String name, WhenThere whenThere, String... read) {
        this.whenThere = whenThere;
        try {
            Path given = new Path(name);
            this.files = given.getFileSystem(settings);
            this.place = files.makeQualified(given);
            // Names that begin so are no part of a table to whoever reads a folder.
            this.part = new Path(place.getParent(), "_inkwell_" + UUID.randomUUID());
            for (String one : read) {
                Path source = new Path(one);
                String from = source.getFileSystem(settings).makeQualified(source) + "/";
                if (from.startsWith(place + "/") || (place + "/").startsWith(from)) {
                    throw new TableException(
                            Problem.SETTING,
                            name + " is the table that is read, and an input is never written; give another name.");
                }
            }
            if (whenThere == WhenThere.REFUSE && files.exists(place)) {
                throw new TableException(
                        Problem.OUTPUT, name + " is there already; give replace to replace it, or another name.");
            }
        } catch (IOException | IllegalArgumentException e) {
            throw trouble(name, e);
        }
    }

    private static TableException trouble(String name, Exception why) {
        return new TableException(Problem.OUTPUT, name + " cannot be written: " + why.getMessage(), why);
    }

    /** Returns where it is written. */
    String text() {
        return part.toString();
    }

    /** Gives it its name. */
    void appear() {
        try {
            boolean keeps = whenThere == WhenThere.REPLACE_AND_KEEP;
            Path old = keeps ? place.suffix(BEFORE) : part.suffix(BEFORE);
            if (files.exists(place)) {
                files.delete(old, true);
                move(place, old);
            }
            move(part, place);
            if (!keeps) {
                files.delete(old, true);
            }
        } catch (IOException e) {
            throw trouble(place.toString(), e);
        }
    }

    /** Takes what is there away, as if it were replaced by nothing. */
    void giveWay() {
        try {
            if (whenThere == WhenThere.REPLACE_AND_KEEP && files.exists(place)) {
                files.delete(place.suffix(BEFORE), true);
                move(place, place.suffix(BEFORE));
            } else if (whenThere == WhenThere.REPLACE) {
                files.delete(place, true);
            }
        } catch (IOException e) {
            throw trouble(place.toString(), e);
        }
    }

    private void move(Path from, Path to) throws IOException {
        if (!files.rename(from, to)) {
            throw new IOException(from + " could not be renamed to " + to);
        }
    }

    /** Throws away what has not appeared. */
    @Override
    public void close() {
        try {
            files.delete(part, true);
        } catch (IOException e) {
            // What is left has a name that nobody reads.
            return;
        }
    }
}
