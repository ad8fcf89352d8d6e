package io.inkwellsplit.cli;

import io.inkwellsplit.report.ReviewPage;
import io.inkwellsplit.table.correct.ReviewCase;
import io.inkwellsplit.table.correct.ReviewSheet;
import io.inkwellsplit.table.csv.AsideFile;
import io.inkwellsplit.table.csv.CsvOutput;
import io.inkwellsplit.table.csv.CsvSource;
import io.inkwellsplit.table.file.Delivery;
import io.inkwellsplit.table.run.Run;
import io.inkwellsplit.table.step.BoundSplit;
import io.inkwellsplit.table.step.SplitColumn;
import io.inkwellsplit.table.step.Subject;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.function.Consumer;

/** Writes a review sheet in each form that was asked for: a table, or a page. */
final class ReviewFiles {
    private ReviewFiles() {}

    static void write(String title, ReviewSheet sheet, List<Path> files, CsvSource source, Run run, Delivery delivery) {
        List<Consumer<ReviewCase>> outputs = new ArrayList<>();
        List<Runnable> ends = new ArrayList<>();
        for (Path file : files) {
            if (isPage(file)) {
                ReviewPage page = new ReviewPage(title, subjects(run));
                outputs.add(page::add);
                ends.add(() -> delivery.write(file, page::writeTo));
            } else {
                CsvOutput table = CsvOutput.in(delivery, file, source.dialect(), AsideFile.none());
                table.header(ReviewSheet.TITLES);
                outputs.add(one -> table.row(one.cells()));
                ends.add(table::finish);
            }
        }
        sheet.drain(one -> outputs.forEach(output -> output.accept(one)));
        ends.forEach(Runnable::run);
    }

    private static boolean isPage(Path file) {
        String name = file.toString().toLowerCase(Locale.ROOT);
        return name.endsWith(".html") || name.endsWith(".htm");
    }

    private static Map<String, Subject> subjects(Run run) {
        Map<String, Subject> subjects = new LinkedHashMap<>();
        run.steps().stream()
                .filter(BoundSplit.class::isInstance)
                .flatMap(step -> ((BoundSplit) step).columns().stream())
                .forEach((SplitColumn column) -> subjects.put(column.source(), column.subject()));
        return subjects;
    }
}
