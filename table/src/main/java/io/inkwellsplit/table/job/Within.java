package io.inkwellsplit.table.job;

import io.inkwellsplit.table.TableException;
import io.inkwellsplit.table.TableException.Problem;
import io.inkwellsplit.table.file.FilePlan;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Where a job may read and write: in its own folder, and wherever else the person who runs it has allowed. */
public final class Within {
    private final Path job;
    private final List<Path> folders = new ArrayList<>();
    private final List<Path> files = new ArrayList<>();

    /**
     * Allows the folder of a job's file, and the file itself.
     *
     * @param job the job
     */
    public Within(Path job) {
        this.job = job;
        Path folder = job.toAbsolutePath().getParent();
        folder(folder == null ? Path.of("/") : folder);
        file(job);
    }

    /**
     * Allows a folder and what is below it.
     *
     * @param folder the folder
     * @throws TableException if there is no such folder
     */
    public void folder(Path folder) {
        if (!Files.isDirectory(folder)) {
            throw new TableException(Problem.SETTING, "There is no folder " + folder + " to allow.");
        }
        folders.add(real(folder));
    }

    /**
     * Allows one file, which need not be there.
     *
     * @param file the file
     */
    public void file(Path file) {
        if (Files.exists(file)) {
            files.add(real(file));
        }
    }

    /**
     *
     *
     * @param plan the files
     * @throws TableException if a file is elsewhere, links followed
     */
    public void check(FilePlan plan) {
        elsewhere(plan).ifPresent(place -> {
            throw new TableException(
                    Problem.SETTING,
                    "The job " + job + " reads or writes " + place
                            + ", which is outside its own folder. If that is right, allow the folder (--within).");
        });
    }

    /**
     * {@return whether all files of a plan are where they may be}
     *
     * @param plan the files
     */
    public boolean allows(FilePlan plan) {
        return elsewhere(plan).isEmpty();
    }

    private Optional<Path> elsewhere(FilePlan plan) {
        return plan.places().stream()
                .filter(place -> !files.contains(place) && folders.stream().noneMatch(place::startsWith))
                .findFirst();
    }

    private static Path real(Path path) {
        try {
            return path.toRealPath();
        } catch (IOException e) {
            throw new TableException(Problem.SETTING, path + " cannot be looked at.", e);
        }
    }
}
