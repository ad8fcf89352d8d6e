package io.inkwellsplit.cli.command;

import io.inkwellsplit.cli.terminal.Surroundings;
import io.inkwellsplit.cli.view.CommandText;
import io.inkwellsplit.table.TableException;
import io.inkwellsplit.table.TableException.Problem;
import io.inkwellsplit.table.file.Delivery;
import io.inkwellsplit.table.file.WhenThere;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.io.PrintWriter;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Help.Ansi;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;

/** Copies the demo lists into a folder and does the whole job on them, step by step. */
@Command(
        name = "demo",
        description = "Does the whole job on the lists of the Quayside Choir Festival.",
        mixinStandardHelpOptions = true)
final class DemoCommand implements Callable<Integer> {
    private final Surroundings surroundings;

    private static final List<String> LISTS =
            List.of("sign-ups.csv", "members.csv", "box-office.csv", "box-office.xlsx", "corrections.csv");

    @Parameters(
            arity = "0..1",
            paramLabel = "FOLDER",
            defaultValue = "inkwell-demo",
            description = "The folder to use. Default: inkwell-demo.")
    Path folder = Path.of("inkwell-demo");

    @Option(names = "--replace", description = "Replace the files of an earlier demo.")
    boolean replace;

    DemoCommand(Surroundings surroundings) {
        this.surroundings = surroundings;
    }

    @Override
    public Integer call() {
        PrintWriter out = surroundings.out();
        copyLists();
        heading(out, "Three lists of people have come together in " + folder + ".");
        out.println("Sign-up sheets, an old membership roll and a box-office export: three orders, stray capitals,");
        out.println("couples, estates, care-of lines, and the whole address in one field.");
        heading(out, "First a look: what do the columns hold, and how would the patrons be read?");
        command("survey", file("box-office.csv"));
        command("survey", file("box-office.csv"), "--column", "Patron");
        heading(out, "It looks right. All three lists are split; what is doubtful in the largest goes to a review.");
        List<String> split =
                List.of("split", file("box-office.csv"), "--name", "Patron", "--address", "Address", "--parts", "all");
        command(with(
                split,
                "--review",
                file("review.html"),
                "--review",
                file("review.csv"),
                "--save-job",
                file("box-office.yaml"),
                "--out",
                file("box-office-split.csv")));
        command("split", file("members.csv"), "--name", "Member", "--out", file("members-split.csv"));
        command("split", file("sign-ups.csv"), "--name", "Singer", "--out", file("sign-ups-split.csv"));
        heading(
                out,
                "Somebody has looked at the review: three words are first names here, and BRANDT JR is J. R. Brandt.");
        show(folder.resolve("corrections.csv"), out);
        heading(out, "Her corrections are applied from now on. What do they change, and why?");
        command(with(
                split,
                "--corrections",
                file("corrections.csv"),
                "--report",
                file("report.html"),
                "--out",
                file("box-office-corrected.csv")));
        command("compare", file("box-office-split.csv"), file("box-office-corrected.csv"), "--by", "Order");
        heading(out, "And the parts put back together: an index, greetings, address labels, contact cards.");
        List<String> make = List.of("assemble", file("box-office-corrected.csv"));
        String[] ready = {"--tidy-case", "--ready", "index", "--ready", "greeting", "--ready", "label"};
        command(with(make, ready));
        command(with(with(make, ready), "--out", file("letters.csv")));
        command(with(make, "--ready", "full", "--out", file("box-office.vcf")));
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
        heading(
                out,
                "The box office keeps a spreadsheet. It comes out as one, with the doubtful values in a sheet of their own:");
        command(
                "split",
                file("box-office.xlsx"),
                "--name",
                "Patron",
                "--address",
                "Address",
                "--with-sheets",
                "doubtful,summary",
                "--out",
                file("box-office-split.xlsx"));
        heading(out, "Open these in a spreadsheet program:");
        for (String name :
                List.of("box-office-split.xlsx", "box-office-corrected.csv", "letters.csv", "sign-ups-split.csv")) {
            out.println("  " + folder.resolve(name));
        }
        heading(out, "And these in a browser: how it was read, and what is left to settle.");
        for (String name : List.of("report.html", "review.html")) {
            out.println("  " + folder.resolve(name));
        }
        return ExitCodes.DONE;
    }

    private static List<String> with(List<String> first, String... more) {
        List<String> all = new ArrayList<>(first);
        all.addAll(List.of(more));
        return all;
    }

    private static void show(Path file, PrintWriter out) {
        out.println();
        try {
            Files.readAllLines(file).forEach(line -> out.println("  " + line));
        } catch (IOException e) {
            throw new TableException(Problem.INPUT, file + " cannot be read.", e);
        }
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
        } catch (IOException e) {
            throw new TableException(Problem.OUTPUT, "The folder " + folder + " cannot be made.", e);
        }
        try (Delivery delivery = new Delivery(replace ? WhenThere.REPLACE : WhenThere.REFUSE)) {
            LISTS.forEach(list -> delivery.write(folder.resolve(list), stream -> copy(list, stream)));
            delivery.publish();
        }
    }

    private static void copy(String list, OutputStream to) throws IOException {
        try (InputStream in = DemoCommand.class.getResourceAsStream("/demo/" + list)) {
            if (in == null) {
                throw new IllegalStateException("the demo list " + list + " is missing");
            }
            in.transferTo(to);
        }
    }

    private void command(String... args) {
        command(List.of(args));
    }

    /** Shows a command and runs it. */
    private void command(List<String> args) {
        PrintWriter out = surroundings.out();
        out.println();
        out.println(Ansi.AUTO.string("@|faint $ " + CommandText.of(args).replace("@", "@@") + "|@"));
        List<String> all = new ArrayList<>(args);
        if (all.contains("--out")) {
            all.add("--replace");
        }
        // Each is parsed anew, so that no option of an earlier one goes on.
        Commands.line(surroundings).execute(all.toArray(String[]::new));
    }
}
