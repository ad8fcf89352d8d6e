package io.inkwellsplit.cli.command;

import io.inkwellsplit.words.OwnWords;
import java.io.PrintWriter;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Spec;

/** Tells how a file of one's own words is written. */
@Command(
        name = "words",
        description =
                "Tells how to write a file of your own words, for --words, and lists the sections that it may have.",
        mixinStandardHelpOptions = true)
final class WordsCommand implements Callable<Integer> {
    @Spec
    CommandSpec spec = CommandSpec.create();

    @Override
    public Integer call() {
        PrintWriter out = spec.commandLine().getOut();
        out.println(
                "A file of your own words is UTF-8 text. [title] starts a section. Each line below it is one entry.");
        out.println(
                "A line that starts with # is a comment. Where a line has several columns, a tab stands between them;");
        out.println("below, ; stands for that tab. Words add to those that are known; case and accents do not matter.");
        out.println();
        out.println("  # The words of the Quayside Choir Festival");
        out.println("  [title]");
        out.println("  Cantor");
        out.println("  [town]");
        out.println("  Wexcombe Staithe;GB");
        out.println();
        int widest = OwnWords.sections().stream()
                        .mapToInt(one -> one.name().length())
                        .max()
                        .orElse(0)
                + 2;
        for (OwnWords.Section section : OwnWords.sections()) {
            out.printf("%-" + widest + "s  %s%n", "[" + section.name() + "]", section.meaning());
            out.println(" ".repeat(widest + 4) + section.line());
        }
        return ExitCodes.DONE;
    }
}
