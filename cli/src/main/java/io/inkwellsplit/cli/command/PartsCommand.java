package io.inkwellsplit.cli.command;

import io.inkwellsplit.cli.terminal.Terminal;
import io.inkwellsplit.cli.view.TableView;
import io.inkwellsplit.table.part.PartSample;
import java.io.PrintWriter;
import java.util.List;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Spec;

/** Tells the parts that there are, each with what it holds in a sample. */
@Command(
        name = "parts",
        description =
                "Tells the parts of names and addresses: the key of each, for --parts and patterns, its title, an example, and what it means.",
        mixinStandardHelpOptions = true)
final class PartsCommand implements Callable<Integer> {
    @Spec
    CommandSpec spec = CommandSpec.create();

    @Override
    public Integer call() {
        PrintWriter out = spec.commandLine().getOut();
        out.println("Parts of names");
        table(PartSample.ofNames(), out);
        out.println();
        out.println("Parts of addresses");
        table(PartSample.ofAddresses(), out);
        return ExitCodes.DONE;
    }

    private static void table(List<PartSample> parts, PrintWriter out) {
        List<List<String>> rows = parts.stream()
                .map(part -> List.of(part.key(), part.title(), part.example(), part.meaning()))
                .toList();
        out.println(TableView.of(List.of("Key", "Title", "Example", "Meaning"), rows, Terminal.width()));
    }
}
