package io.inkwellsplit.cli.command;

import io.inkwellsplit.cli.terminal.Surroundings;
import io.inkwellsplit.cli.terminal.Terminal;
import io.inkwellsplit.cli.view.PreviewSink;
import io.inkwellsplit.cli.view.RunJson;
import io.inkwellsplit.cli.view.TableView;
import io.inkwellsplit.table.TableInput;
import io.inkwellsplit.table.compare.Comparison;
import io.inkwellsplit.table.csv.AsideFile;
import io.inkwellsplit.table.csv.Formulas;
import io.inkwellsplit.table.file.Delivery;
import io.inkwellsplit.table.file.FilePlan;
import io.inkwellsplit.table.file.WhenThere;
import io.inkwellsplit.table.format.Formats;
import io.inkwellsplit.table.format.ReadSettings;
import io.inkwellsplit.table.format.WriteSettings;
import java.io.PrintWriter;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
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
                        + "new, rows that are gone, and cells that have changed; where a column was split, also why "
                        + "it is read differently.",
        mixinStandardHelpOptions = true)
final class CompareCommand implements Callable<Integer> {
    private final Surroundings surroundings;

    private static final int REASONS = 8;

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

    @Option(names = "--json", description = "Say what was found as JSON, for machines.")
    boolean json;

    CompareCommand(Surroundings surroundings) {
        this.surroundings = surroundings;
    }

    @Override
    public Integer call() {
        PrintWriter to = surroundings.out();
        FilePlan plan = new FilePlan(replace ? WhenThere.REPLACE : WhenThere.REFUSE);
        plan.reads("the earlier table", before);
        plan.reads("the later table", now);
        if (out != null) {
            plan.writes("the table of differences", out);
        }
        plan.check();
        JobSession.tellRemoved(plan.sweep(), surroundings.err());
        try (TableInput first = Formats.shipped().open(before, ReadSettings.STANDARD);
                TableInput second = Formats.shipped().open(now, ReadSettings.STANDARD);
                Delivery delivery = plan.open()) {
            Comparison comparison = Comparison.of(first, second, by);
            WriteSettings settings = new WriteSettings(second.dialect(), AsideFile.none(), Formulas.COUNT);
            PreviewSink sink = new PreviewSink();
            if (out == null) {
                comparison.writeTo(sink);
            } else {
                comparison.writeTo(Formats.shipped().toWrite(out).start(out, delivery, settings));
                delivery.publish();
            }
            if (json) {
                Map<String, Object> found = new LinkedHashMap<>();
                found.put("rows", comparison.counts());
                found.put("why", comparison.reasons());
                to.println(RunJson.of(found));
                return ExitCodes.DONE;
            }
            if (out == null) {
                to.println(TableView.of(sink.titles(), sink.first(), Terminal.width()));
                to.println();
            }
            say(comparison, to);
            to.println(out == null ? "Nothing was written. To write it all: --out FILE" : "Written: " + out);
            return ExitCodes.DONE;
        }
    }

    private static void say(Comparison comparison, PrintWriter to) {
        Map<String, Long> counts = comparison.counts();
        to.println("Rows the same: " + counts.get("same") + ", changed: " + counts.get("changed") + ", new: "
                + counts.get("new") + ", gone: " + counts.get("gone"));
        comparison.reasons().entrySet().stream()
                .limit(REASONS)
                .forEach(reason ->
                        to.println(Terminal.wrapped("  " + reason.getValue() + " because " + reason.getKey())));
    }
}
