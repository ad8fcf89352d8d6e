package io.inkwellsplit.cli;

import io.inkwellsplit.table.step.DuplicatesStep;
import io.inkwellsplit.table.step.Step;
import java.util.ArrayList;
import java.util.List;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;

/** Finds likely duplicates. */
@Command(
        name = "duplicates",
        description = "Finds rows that are likely the same by some columns, and gives them group by group.",
        mixinStandardHelpOptions = true,
        footer = {
            "",
            "The first column must be alike but for case, accents and signs; in the others a name and its initial, a "
                    + "value and nothing, or one letter of difference pass."
        })
final class DuplicatesCommand extends TableCommand {
    @Option(
            names = "--by",
            required = true,
            paramLabel = "COLUMN",
            description = "A column to compare by, the one that tells most first; repeatable.")
    List<String> by = new ArrayList<>();

    @Override
    List<? extends Step> steps() {
        return List.of(DuplicatesStep.by(by.toArray(String[]::new)));
    }
}
