package io.inkwellsplit.table.job;

import io.inkwellsplit.table.Dialect;
import io.inkwellsplit.table.TableOutput;
import io.inkwellsplit.table.correct.EarlierDecisions;
import io.inkwellsplit.table.correct.ReviewCase;
import io.inkwellsplit.table.correct.ReviewSheet;
import io.inkwellsplit.table.csv.AsideFile;
import io.inkwellsplit.table.csv.Formulas;
import io.inkwellsplit.table.file.Delivery;
import io.inkwellsplit.table.format.Formats;
import io.inkwellsplit.table.format.WriteSettings;
import io.inkwellsplit.table.run.Run;
import io.inkwellsplit.table.split.BoundSplit;
import io.inkwellsplit.table.split.SplitColumn;
import io.inkwellsplit.table.split.Subject;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.stream.Collectors;

/** The doubtful values of a split, written in each form that was asked for. */
final class ReviewFiles {
    private final List<Path> files;
    /** The file of corrections that is applied, which may be the sheet of an earlier round. */
    private final Optional<Path> applied;

    private final Optional<String> reviewer;

    private final ReviewSheet sheet = new ReviewSheet();
    private long kept;

    ReviewFiles(List<Path> files, Optional<Path> applied, Optional<String> reviewer) {
        this.reviewer = reviewer;
        this.files = files;
        this.applied = applied;
    }

    /** Returns what has to look on while the columns are split. */
    ReviewSheet sheet() {
        return sheet;
    }

    /** Writes them; returns what is said of it. */
    String write(String title, List<ReviewForm> forms, Formats formats, Dialect dialect, Run run, Delivery delivery) {
        List<Consumer<ReviewCase>> outputs = new ArrayList<>();
        List<Runnable> ends = new ArrayList<>();
        for (Path file : files) {
            Optional<ReviewForm> form =
                    forms.stream().filter(one -> one.takes(file)).findFirst();
            if (form.isPresent()) {
                ReviewForm.Page page = form.get().start(title, subjects(run));
                outputs.add(page::add);
                ends.add(() -> delivery.write(file, page::writeTo));
            } else {
                EarlierDecisions earlier = EarlierDecisions.in(file, applied, reviewer);
                TableOutput table = formats.toWrite(file)
                        .start(
                                file,
                                delivery,
                                new WriteSettings(dialect, AsideFile.none(), Formulas.COUNT)
                                        .choosing(ReviewSheet.CHOICES));
                table.header(earlier.titles());
                outputs.add(one -> table.row(earlier.merged(one)));
                ends.add(() -> {
                    earlier.rest().forEach(table::row);
                    table.finish();
                    kept += earlier.kept();
                });
            }
        }
        sheet.drain(one -> outputs.forEach(output -> output.accept(one)));
        ends.forEach(Runnable::run);
        return "To review: " + sheet.lines() + " different doubtful values in "
                + files.stream().map(Path::toString).collect(Collectors.joining(" and "))
                + (kept > 0 ? "; " + kept + (kept == 1 ? " earlier decision" : " earlier decisions") + " kept" : "");
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
