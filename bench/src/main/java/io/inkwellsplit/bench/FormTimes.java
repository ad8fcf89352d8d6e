package io.inkwellsplit.bench;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Locale;

/** How long reading and writing a table takes in each form, beside the text table: {@code FormTimes ROOT ROWS RUNS}. */
public final class FormTimes {
    private static final String HEAP = "-Xmx192m";
    private static final String TEXT = "text table into text table";
    private static final List<String> FORMS = List.of("xlsx", "ods", "jsonl", "parquet");

    private final Path folder;
    private final Processes processes;

    private FormTimes(Path root) {
        this.folder = root.resolve("bench/target");
        this.processes = new Processes(folder);
    }

    public static void main(String[] args) throws IOException, InterruptedException {
        Path root = Path.of(args[0]).toAbsolutePath().normalize();
        int rows = args.length > 1 ? Integer.parseInt(args[1]) : 1_000_000;
        int runs = args.length > 2 ? Integer.parseInt(args[2]) : 3;
        new FormTimes(root).measure(root, rows, runs);
    }

    private void measure(Path root, int rows, int runs) throws IOException, InterruptedException {
        Path register = folder.resolve("register-" + rows + ".csv");
        if (!Files.exists(register)) {
            WideTable.write(root.resolve("training/data"), register, rows);
        }
        // Ten columns: those of the register, and what many a list has beside them.
        Path text = folder.resolve("ten.csv");
        WideTable.copy(register, text, 10 - 5);
        for (int run = 0; run < runs; run++) {
            copy(TEXT, text, folder.resolve("copy.csv"));
            for (String form : FORMS) {
                Path file = folder.resolve("ten." + form);
                copy(writing(form), text, file);
                copy(reading(form), file, folder.resolve("back.csv"));
                if (run == 0 && Files.mismatch(folder.resolve("copy.csv"), folder.resolve("back.csv")) >= 0) {
                    throw new IllegalStateException("what was written as " + form + " comes back otherwise");
                }
            }
        }
        processes.print();
        System.out.println("\n| form | written, times the text table | read |\n|---|---|---|");
        for (String form : FORMS) {
            System.out.printf(
                    Locale.ROOT,
                    "| %s | %.1f | %.1f |%n",
                    form,
                    processes.least(writing(form)) / processes.least(TEXT),
                    processes.least(reading(form)) / processes.least(TEXT));
        }
    }

    private static String writing(String form) {
        return "text table into " + form;
    }

    private static String reading(String form) {
        return form + " into text table";
    }

    private void copy(String kind, Path from, Path to) throws IOException, InterruptedException {
        List<String> command = new ArrayList<>();
        command.add(ProcessHandle.current().info().command().orElse("java"));
        Collections.addAll(command, "-XX:+UseSerialGC", "-cp", System.getProperty("java.class.path"));
        Collections.addAll(command, "io.inkwellsplit.cli.Main", "columns", from.toString(), "--first", "Number");
        Collections.addAll(command, "--out", to.toString(), "--replace", "--no-before", "-q");
        processes.run(kind, HEAP, 2, command);
    }
}
