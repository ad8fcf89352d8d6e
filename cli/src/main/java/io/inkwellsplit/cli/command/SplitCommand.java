package io.inkwellsplit.cli.command;

import io.inkwellsplit.cli.terminal.Surroundings;
import io.inkwellsplit.cli.view.RunJson;
import io.inkwellsplit.table.TableInput;
import io.inkwellsplit.table.format.Formats;
import io.inkwellsplit.table.job.Job;
import io.inkwellsplit.table.kind.ReadingSettings;
import io.inkwellsplit.table.kind.StepKinds;
import io.inkwellsplit.table.kind.Values;
import io.inkwellsplit.table.split.Explanation;
import io.inkwellsplit.table.split.Splitters;
import io.inkwellsplit.table.split.Subject;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import picocli.CommandLine.Model.OptionSpec;

/** Splits columns; or tells how the values of one row are read. */
final class SplitCommand extends StepCommand {
    private final OptionSpec explain = OptionSpec.builder("--explain")
            .paramLabel("ROW")
            .type(Long.class)
            .description("Only tell how the values of this row are read, and why; rows are counted from 1.")
            .build();

    private final OptionSpec inText = OptionSpec.builder("--in-text")
            .type(boolean.class)
            .description("Show the parts in the text itself, each with its title below, instead of as a table.")
            .build();

    SplitCommand(Surroundings surroundings) {
        super(StepKinds.named("split"), surroundings);
        spec().addOption(explain);
        spec().addOption(inText);
    }

    @Override
    public Integer call() {
        @Nullable Long row = explain.getValue();
        return row == null ? super.call() : explained(row);
    }

    @Override
    JobSession session() {
        @Nullable Boolean wanted = inText.getValue();
        return super.session().inText(wanted != null && wanted);
    }

    private int explained(long row) {
        Job job = Job.of(input(), List.of(step()), output());
        Values values = values();
        try (TableInput source =
                Formats.shipped().open(job.input().texts("file"), surroundings.in(), job.readSettings())) {
            source.notes().forEach(surroundings.err()::println);
            Values complete = kind().isComplete(values)
                    ? values
                    : kind().find(values, source).values();
            Splitters splitters = ReadingSettings.splitters(complete.files("words"), complete.text("country"));
            List<Explanation> all = new ArrayList<>();
            complete.texts("name")
                    .forEach(column -> all.add(Explanation.of(source, Subject.NAME, column, row, splitters)));
            complete.texts("address")
                    .forEach(column -> all.add(Explanation.of(source, Subject.ADDRESS, column, row, splitters)));
            if (summary().json()) {
                surroundings
                        .out()
                        .println(RunJson.of(all.stream().map(Explanation::data).toList()));
            } else {
                all.forEach(one -> one.lines().forEach(surroundings.out()::println));
            }
        }
        return ExitCodes.DONE;
    }
}
