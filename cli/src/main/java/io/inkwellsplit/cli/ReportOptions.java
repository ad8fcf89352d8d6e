package io.inkwellsplit.cli;

import io.inkwellsplit.report.Figure;
import io.inkwellsplit.report.Report;
import io.inkwellsplit.table.TableException;
import io.inkwellsplit.table.TableException.Problem;
import io.inkwellsplit.table.file.Delivery;
import io.inkwellsplit.table.file.FilePlan;
import java.io.IOException;
import java.io.PrintWriter;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import org.jspecify.annotations.Nullable;
import picocli.CommandLine.Option;

/** What is told of a table to people: a page, and figures for slides. */
final class ReportOptions {
    @Option(
            names = "--report",
            paramLabel = "FILE",
            description = "Also write a page about it, as HTML, for a browser or on paper. The page holds values.")
    @Nullable Path report;

    @Option(
            names = "--figures",
            paramLabel = "FOLDER",
            description = "Also write the figures of that page as PNG, for slides.")
    @Nullable Path figures;

    boolean isGiven() {
        return report != null || figures != null;
    }

    /** Returns the folder of the page, from which the commands in it are told. */
    Path folder() {
        Path file = report != null ? report : figures;
        Path folder = file == null ? null : file.toAbsolutePath().normalize().getParent();
        return folder == null ? Path.of("/") : folder;
    }

    /** Says what is written. */
    void plan(FilePlan plan) {
        if (report != null) {
            plan.writes("the report", report);
        }
        if (figures != null) {
            plan.writesInto("the figures", figures);
        }
    }

    void write(Report made, Delivery delivery, PrintWriter to) {
        if (report != null) {
            delivery.write(report, made::page);
            to.println("Report: " + report);
        }
        if (figures != null) {
            List<Figure> all = made.figures();
            folder(figures);
            for (Figure figure : all) {
                delivery.write(figures.resolve(figure.name() + ".png"), figure::png);
            }
            to.println("Figures: " + all.size() + " in " + figures);
        }
    }

    private static void folder(Path folder) {
        try {
            Files.createDirectories(folder);
        } catch (IOException e) {
            throw new TableException(Problem.OUTPUT, "The folder " + folder + " cannot be made.", e);
        }
    }
}
