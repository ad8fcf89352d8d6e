package io.inkwellsplit.cli;

import io.inkwellsplit.table.sort.SortKey.Direction;
import io.inkwellsplit.table.step.SortStep;
import io.inkwellsplit.table.step.SortStep.As;
import io.inkwellsplit.table.step.Step;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;
import picocli.CommandLine.ParameterException;

/** Sorts rows. */
@Command(
        name = "sort",
        description = "Sorts rows by columns; the options --by… stand in the order in which they decide.",
        mixinStandardHelpOptions = true)
final class SortCommand extends TableCommand {
    private final List<By> columns = new ArrayList<>();

    private record By(String column, As as, Direction direction) {}

    @Option(names = "--by", paramLabel = "COLUMN", description = "By the alphabet.")
    void by(List<String> wanted) {
        add(wanted, As.TEXT, Direction.RISING);
    }

    @Option(names = "--by-falling", paramLabel = "COLUMN", description = "By the alphabet, from its end.")
    void byFalling(List<String> wanted) {
        add(wanted, As.TEXT, Direction.FALLING);
    }

    @Option(names = "--by-number", paramLabel = "COLUMN", description = "By numbers, the smallest first.")
    void byNumber(List<String> wanted) {
        add(wanted, As.NUMBER, Direction.RISING);
    }

    @Option(names = "--by-number-falling", paramLabel = "COLUMN", description = "By numbers, the greatest first.")
    void byNumberFalling(List<String> wanted) {
        add(wanted, As.NUMBER, Direction.FALLING);
    }

    @Option(names = "--locale", paramLabel = "TAG", description = "The language of the alphabet. Default: en.")
    String locale = "en";

    /** The parser gives each option all its columns so far, the last of them new. */
    private void add(List<String> wanted, As as, Direction direction) {
        if (!wanted.isEmpty()) {
            columns.add(new By(wanted.get(wanted.size() - 1), as, direction));
        }
    }

    @Override
    List<? extends Step> steps() {
        if (columns.isEmpty()) {
            throw new ParameterException(spec.commandLine(), "Say what to sort by, with --by COLUMN");
        }
        SortStep step = SortStep.in(Locale.forLanguageTag(locale));
        for (By by : columns) {
            step = step.by(by.column, by.as, by.direction);
        }
        return List.of(step);
    }
}
