package io.inkwellsplit.cli.view;

import io.inkwellsplit.cli.terminal.Terminal;
import io.inkwellsplit.table.job.Job;
import io.inkwellsplit.table.run.Run;
import io.inkwellsplit.table.split.BoundSplit;
import io.inkwellsplit.table.split.SplitColumn;
import java.io.PrintWriter;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;

/** Shows the first rows of what would be written. */
public final class Previews {
    private static final int FEW = 8;

    private Previews() {}

    /** Shows what one step has made, or what several together have. */
    public static void show(Job job, Run run, List<List<String>> rows, PrintWriter to) {
        if (run.steps().size() == 1 && run.steps().get(0) instanceof BoundSplit split) {
            split.columns().forEach(column -> split(column, run, rows, to));
        } else if (run.steps().size() == 1 && job.steps().get(0).kind().name().equals("assemble")) {
            columns(
                    IntStream.range(run.sourceHeader().size(), run.header().size())
                            .boxed()
                            .toList(),
                    run,
                    rows,
                    to);
        } else {
            List<String> source = run.sourceHeader();
            columns(
                    IntStream.range(0, run.header().size())
                            .filter(i -> run.header().size() <= FEW
                                    || i == 0
                                    || !source.contains(run.header().get(i)))
                            .boxed()
                            .toList(),
                    run,
                    rows,
                    to);
        }
    }

    private static void split(SplitColumn column, Run run, List<List<String>> rows, PrintWriter to) {
        List<String> shown = new ArrayList<>(List.of(column.source()));
        List<Integer> indexes = new ArrayList<>(List.of(run.header().indexOf(column.source())));
        for (int i = 0; i < column.titles().size(); i++) {
            int index = run.header().indexOf(column.titles().get(i));
            // A column without anything in the rows shown would only make the others narrower.
            if (rows.stream().anyMatch(row -> !row.get(index).isEmpty())) {
                shown.add(column.plainTitles().get(i));
                indexes.add(index);
            }
        }
        table(shown, indexes, rows, to);
    }

    private static void columns(List<Integer> indexes, Run run, List<List<String>> rows, PrintWriter to) {
        table(indexes.stream().map(run.header()::get).toList(), indexes, rows, to);
    }

    private static void table(List<String> titles, List<Integer> indexes, List<List<String>> rows, PrintWriter to) {
        List<List<String>> cells = rows.stream()
                .map(row -> indexes.stream().map(row::get).toList())
                .toList();
        to.println(TableView.of(titles, cells, Terminal.width()));
        to.println();
    }
}
