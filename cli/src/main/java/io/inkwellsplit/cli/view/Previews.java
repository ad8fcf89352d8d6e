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
    private static final int MOST_NAMED = 12;

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
        List<String> shown = new ArrayList<>();
        List<Integer> indexes = new ArrayList<>();
        for (String source : column.sources()) {
            int index = run.header().indexOf(source);
            // What is left out of the table has no column to show.
            if (index >= 0) {
                shown.add(source);
                indexes.add(index);
            }
        }
        for (int i = 0; i < column.titles().size(); i++) {
            shown.add(column.plainTitles().get(i));
            indexes.add(run.header().indexOf(column.titles().get(i)));
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
        int width = Terminal.width();
        to.println(TableView.of(titles, cells, width));
        TableView.LeftOut left = TableView.leftOut(titles, cells, width);
        told("Blank in these rows", left.blank(), to);
        told("No room here for", left.noRoom(), to);
        to.println();
    }

    /** What is not shown is named, so that nobody takes it for missing. */
    private static void told(String what, List<String> titles, PrintWriter to) {
        if (!titles.isEmpty()) {
            to.println(what + ": " + String.join(", ", titles.subList(0, Math.min(MOST_NAMED, titles.size())))
                    + (titles.size() > MOST_NAMED ? " and " + (titles.size() - MOST_NAMED) + " more" : ""));
        }
    }
}
