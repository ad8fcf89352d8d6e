package io.inkwellsplit.cli.view;

import io.inkwellsplit.cli.terminal.Terminal;
import io.inkwellsplit.reading.Kind;
import io.inkwellsplit.reading.PartKey;
import io.inkwellsplit.reading.Reading;
import io.inkwellsplit.table.job.Job;
import io.inkwellsplit.table.part.PartTitles;
import io.inkwellsplit.table.run.Run;
import io.inkwellsplit.table.split.BoundSplit;
import io.inkwellsplit.table.split.SplitColumn;
import io.inkwellsplit.table.step.BoundStep;
import java.io.PrintWriter;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.stream.IntStream;
import picocli.CommandLine.Help.Ansi;

/** Shows the first rows of what would be written. */
public final class Previews {
    private static final int FEW = 8;
    private static final int MOST_NAMED = 12;

    private Previews() {}

    /** Shows what one step has made, or what several together have. */
    public static void show(Job job, Run run, PreviewSink shown, PrintWriter to) {
        List<List<String>> rows = shown.first();
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
                                    || shown.changed().contains(i)
                                    || !source.contains(run.header().get(i)))
                            .boxed()
                            .toList(),
                    run,
                    rows,
                    to);
        }
    }

    /** Shows the rows of a split in the texts themselves, each part with its title below; nothing for other steps. */
    public static void showInText(Run run, PreviewSink shown, PrintWriter to) {
        for (BoundStep step : run.steps()) {
            if (step instanceof BoundSplit split) {
                split.columns().forEach(column -> inText(column, run, shown.first(), to));
            }
        }
    }

    private static void inText(SplitColumn column, Run run, List<List<String>> rows, PrintWriter to) {
        int[] indexes = column.sources().stream()
                .mapToInt(run.header()::indexOf)
                .filter(index -> index >= 0)
                .toArray();
        if (indexes.length < column.sources().size()) {
            to.println(column.source() + " is left out of the table, so there is no text to show.");
            return;
        }
        MarkedText marked = new MarkedText(Ansi.AUTO, PartTitles.ENGLISH::of);
        for (List<String> row : rows) {
            Reading<PartKey> reading =
                    column.reading(Arrays.stream(indexes).mapToObj(row::get).toList());
            if (reading.kind() != Kind.BLANK) {
                marked.lines(reading).forEach(to::println);
                to.println();
            }
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
