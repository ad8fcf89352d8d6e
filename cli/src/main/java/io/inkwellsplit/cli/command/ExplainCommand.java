package io.inkwellsplit.cli.command;

import io.inkwellsplit.cli.option.ReadingOptions;
import io.inkwellsplit.cli.terminal.Surroundings;
import io.inkwellsplit.cli.view.RunJson;
import io.inkwellsplit.table.split.Explanation;
import io.inkwellsplit.table.split.Subject;
import java.io.PrintWriter;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

/** Tells how one value is read. */
@Command(
        name = "explain",
        description =
                "Tells how one value is read: its parts and their places, the other ways in which it was weighed, and "
                        + "what spoke for each. For a row of a table, in the light of its column: split FILE --name COLUMN "
                        + "--explain ROW.",
        mixinStandardHelpOptions = true)
final class ExplainCommand implements Callable<Integer> {
    private final Surroundings surroundings;

    @Parameters(paramLabel = "TEXT", description = "The value.")
    String text = "";

    @Option(names = "--address", description = "It is an address; otherwise it is a name.")
    boolean address;

    @Mixin
    ReadingOptions reading = new ReadingOptions();

    @Option(names = "--json", description = "Write it as JSON, for machines.")
    boolean json;

    @Spec
    CommandSpec spec = CommandSpec.create();

    ExplainCommand(Surroundings surroundings) {
        this.surroundings = surroundings;
    }

    @Override
    public Integer call() {
        PrintWriter out = surroundings.out();
        Explanation told = Explanation.of(address ? Subject.ADDRESS : Subject.NAME, text, reading.splitters());
        if (json) {
            out.println(RunJson.of(told.data()));
        } else {
            told.lines().forEach(out::println);
        }
        return ExitCodes.DONE;
    }
}
