package io.inkwellsplit.cli;

import io.inkwellsplit.table.TableException;
import io.inkwellsplit.table.TableException.Problem;
import java.io.IOException;
import java.io.InputStream;
import java.io.PrintWriter;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.Callable;
import picocli.CommandLine;
import picocli.CommandLine.Command;
import picocli.CommandLine.Help.Ansi;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

/** Copies the demo lists into a folder and does the whole job on them, step by step. */
@Command(
        name = "demo",
        description = "Does the whole job on the lists of the Quayside Choir Festival.",
        mixinStandardHelpOptions = true)
final class DemoCommand implements Callable<Integer> {
    private static final List<String> LISTS = List.of("sign-ups.csv", "members.csv", "box-office.csv");

    @Parameters(
            arity = "0..1",
            paramLabel = "FOLDER",
            defaultValue = "inkwell-demo",
            description = "The folder to use. Default: inkwell-demo.")
    Path folder = Path.of("inkwell-demo");

    @Option(names = "--replace", description = "Replace the files of an earlier demo.")
    boolean replace;

    @Spec
    CommandSpec spec = CommandSpec.create();

    @Override
    public Integer call() {
        PrintWriter out = spec.commandLine().getOut();
        copyLists();
        heading(out, "Three lists of people have come together in " + folder + ".");
        out.println("Sign-up sheets, an old membership roll and a box-office export: three orders, stray capitals,");
        out.println("couples, estates, care-of lines, and the whole address in one field.");
        heading(out, "First a look: what do the columns hold, and how would the patrons be read?");
        command("survey", file("box-office.csv"));
        command("survey", file("box-office.csv"), "--column", "Patron");
        heading(out, "It looks right. Now all three lists are split for good.");
        command(
                "split",
                file("box-office.csv"),
                "--name",
                "Patron",
                "--address",
                "Address",
                "--parts",
                "all",
                "--out",
                file("box-office-split.csv"));
        command("split", file("members.csv"), "--name", "Member", "--out", file("members-split.csv"));
        command("split", file("sign-ups.csv"), "--name", "Singer", "--out", file("sign-ups-split.csv"));
        heading(out, "And the parts put back together: an index, greetings, address labels, contact cards.");
        List<String> make = List.of("--tidy-case", "--ready", "index", "--ready", "greeting", "--ready", "label");
        command(with(make, "assemble", file("box-office-split.csv")));
        command(with(make, "assemble", file("box-office-split.csv"), "--out", file("letters.csv")));
        command("assemble", file("box-office-split.csv"), "--ready", "full", "--out", file("box-office.vcf"));
        heading(out, "Who sings what? The voices of the sign-up sheets, as one line each:");
        command(
                "group",
                file("sign-ups-split.csv"),
                "--by",
                "Voice",
                "--column",
                "Last name",
                "--sorted",
                "--distinct",
                "--most",
                "6");
        heading(out, "Open these in a spreadsheet program:");
        for (String name : List.of("box-office-split.csv", "letters.csv", "sign-ups-split.csv")) {
            out.println("  " + folder.resolve(name));
        }
        return ExitCodes.DONE;
    }

    private static String[] with(List<String> more, String... first) {
        List<String> all = new ArrayList<>(List.of(first));
        all.addAll(more);
        return all.toArray(String[]::new);
    }

    private String file(String name) {
        return folder.resolve(name).toString();
    }

    private void heading(PrintWriter out, String text) {
        out.println();
        out.println(Ansi.AUTO.string("@|bold " + text + "|@"));
    }

    private void copyLists() {
        if (Files.exists(folder) && !replace) {
            throw new TableException(
                    Problem.OUTPUT, folder + " is there already; give --replace, or name another folder.");
        }
        try {
            Files.createDirectories(folder);
            for (String list : LISTS) {
                try (InputStream in = Main.class.getResourceAsStream("/demo/" + list)) {
                    if (in == null) {
                        throw new IllegalStateException("the demo list " + list + " is missing");
                    }
                    Files.copy(in, folder.resolve(list), StandardCopyOption.REPLACE_EXISTING);
                }
            }
        } catch (IOException e) {
            throw new TableException(Problem.OUTPUT, "The folder " + folder + " cannot be written.", e);
        }
    }

    /** Shows a command and runs it. */
    private void command(String... args) {
        PrintWriter out = spec.commandLine().getOut();
        StringBuilder line = new StringBuilder("$ inkwell");
        for (String arg : args) {
            line.append(' ').append(arg.matches("[-\\w./]+") ? arg : '"' + arg + '"');
        }
        out.println();
        out.println(Ansi.AUTO.string("@|faint " + line.toString().replace("@", "@@") + "|@"));
        List<String> all = new ArrayList<>(List.of(args));
        if (all.contains("--out")) {
            all.add("--replace");
        }
        CommandLine root = spec.commandLine().getParent();
        root.execute(all.toArray(String[]::new));
    }
}
