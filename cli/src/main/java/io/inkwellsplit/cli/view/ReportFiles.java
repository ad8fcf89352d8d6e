package io.inkwellsplit.cli.view;

import io.inkwellsplit.report.Figure;
import io.inkwellsplit.report.Report;
import io.inkwellsplit.table.TableException;
import io.inkwellsplit.table.TableException.Problem;
import io.inkwellsplit.table.file.Delivery;
import io.inkwellsplit.table.file.FilePlan;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * The files of a report.
 *
 * @param page its page; empty where none is wanted
 * @param figures the folder of its figures; empty where none are wanted
 */
public record ReportFiles(Optional<Path> page, Optional<Path> figures) {

    /** Returns whether any was asked for. */
    public boolean isGiven() {
        return page.isPresent() || figures.isPresent();
    }

    /** Returns the folder of the page, from which the commands in it are told. */
    public Path folder() {
        Path folder = page.or(() -> figures)
                .map(file -> file.toAbsolutePath().normalize().getParent())
                .orElse(null);
        return folder == null ? Path.of("/") : folder;
    }

    /** Says what is written. */
    public void plan(FilePlan plan) {
        page.ifPresent(file -> plan.writes("the report", file));
        figures.ifPresent(folder -> plan.writesInto("the figures", folder));
    }

    /** Writes them; returns what is said of it, in sentences. */
    public List<String> write(Report made, Delivery delivery) {
        List<String> said = new ArrayList<>();
        page.ifPresent(file -> {
            delivery.write(file, made::page);
            said.add("Report: " + file);
        });
        figures.ifPresent(folder -> {
            List<Figure> all = made.figures();
            make(folder);
            for (Figure figure : all) {
                delivery.write(folder.resolve(figure.name() + ".png"), figure::png);
            }
            said.add("Figures: " + all.size() + " in " + folder);
        });
        return said;
    }

    private static void make(Path folder) {
        try {
            Files.createDirectories(folder);
        } catch (IOException e) {
            throw new TableException(Problem.OUTPUT, "The folder " + folder + " cannot be made.", e);
        }
    }
}
