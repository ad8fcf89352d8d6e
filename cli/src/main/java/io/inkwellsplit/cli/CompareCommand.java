package io.inkwellsplit.cli;

import io.inkwellsplit.table.compare.Comparison;
import io.inkwellsplit.table.csv.CsvOutput;
import io.inkwellsplit.table.csv.CsvSource;
import io.inkwellsplit.table.csv.WholeFile.WhenThere;
import java.io.PrintWriter;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.Callable;
import org.jspecify.annotations.Nullable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

/** Compares two tables. */
@Command(
        name = "compare",
        description =
                "Says what differs between two tables, such as two runs or two months of a register: rows that are "
                        + "new, rows that are gone, and cells that have changed.",
        mixinStandardHelpOptions = true)
final class CompareCommand implements Callable<Integer> {
    @Parameters(index = "0", paramLabel = "BEFORE", description = "The earlier table.")
    Path before = Path.of("");

    @Parameters(index = "1", paramLabel = "NOW", description = "The later table.")
    Path now = Path.of("");

    @Option(
            names = "--by",
            required = true,
            paramLabel = "COLUMN",
            description = "A column by which rows are told apart, such as a number; repeatable.")
    List<String> by = new ArrayList<>();

    @Option(
            names = {"-o", "--out"},
            paramLabel = "FILE",
            description = "The table of differences to write. Without it, the first ones are shown.")
    @Nullable Path out;

    @Option(names = "--replace", description = "Replace the output if it is there already.")
    boolean replace;

    @Spec
    CommandSpec spec = CommandSpec.create();

    @Override
    public Integer call() {
        PrintWriter to = spec.commandLine().getOut();
        try (CsvSource first = CsvSource.open(before);
                CsvSource second = CsvSource.open(now)) {
            Comparison comparison = Comparison.of(first, second, by);
            if (out == null) {
                PreviewSink sink = new PreviewSink();
                comparison.writeTo(sink);
                to.println(TableView.of(sink.titles(), sink.first(), Terminal.width()));
                to.println();
                to.println(comparison.summary());
                to.println("Nothing was written. To write it all: --out FILE");
                return ExitCodes.DONE;
            }
            WhenThere whenThere = replace ? WhenThere.REPLACE : WhenThere.REFUSE;
            try (CsvOutput output = CsvOutput.create(out, second.dialect(), whenThere)) {
                comparison.writeTo(output);
            }
            to.println(comparison.summary());
            to.println("Written: " + out);
            return ExitCodes.DONE;
        }
    }
}
