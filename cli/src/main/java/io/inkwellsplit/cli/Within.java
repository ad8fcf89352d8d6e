package io.inkwellsplit.cli;

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
final class Within {
    private final Path job;
    private final List<Path> folders = new ArrayList<>();
    private final List<Path> files = new ArrayList<>();

    Within(Path job) {
        this.job = job;
        Path folder = job.toAbsolutePath().getParent();
        folder(folder == null ? Path.of("/") : folder);
        file(job);
    }

    /** Allows a folder and what is below it. */
    void folder(Path folder) {
        if (!Files.isDirectory(folder)) {
            throw new TableException(Problem.SETTING, "There is no folder " + folder + " for --within.");
        }
        folders.add(real(folder));
    }

    /** Allows one file, which need not be there. */
    void file(Path file) {
        if (Files.exists(file)) {
            files.add(real(file));
        }
    }

    /** @throws TableException if a file is elsewhere, links followed */
    void check(FilePlan plan) {
        elsewhere(plan).ifPresent(place -> {
            throw new TableException(
                    Problem.SETTING,
                    "The job " + job + " reads or writes " + place
                            + ", which is outside its own folder. If that is right, allow it with --within FOLDER.");
        });
    }

    boolean allows(FilePlan plan) {
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
