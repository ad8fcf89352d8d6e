package io.inkwellsplit.cli;

import io.inkwellsplit.table.step.ColumnsStep;
import io.inkwellsplit.table.step.Step;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;

/** Moves, drops and renames columns. */
@Command(
        name = "columns",
        description = "Moves, keeps, drops and renames columns; every option is repeatable.",
        mixinStandardHelpOptions = true)
final class ColumnsCommand extends TableCommand {
    @Option(names = "--first", paramLabel = "COLUMN", description = "Move it to the left.")
    List<String> first = new ArrayList<>();

    @Option(names = "--last", paramLabel = "COLUMN", description = "Move it to the right.")
    List<String> last = new ArrayList<>();

    @Option(names = "--only", paramLabel = "COLUMN", description = "Keep only those given so, in this order.")
    List<String> only = new ArrayList<>();

    @Option(names = "--drop", paramLabel = "COLUMN", description = "Leave it out.")
    List<String> drop = new ArrayList<>();

    @Option(names = "--rename", paramLabel = "OLD=NEW", description = "Give it another title.")
    Map<String, String> rename = new LinkedHashMap<>();

    @Override
    List<? extends Step> steps() {
        return List.of(ColumnsStep.asTheyAre()
                .first(first)
                .last(last)
                .only(only)
                .drop(drop)
                .rename(rename));
    }
}
