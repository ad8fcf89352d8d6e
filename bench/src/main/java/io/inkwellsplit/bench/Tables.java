package io.inkwellsplit.bench;

import java.io.BufferedReader;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/**
 * Prints how long whole tables take, and how much memory: {@code Tables <project folder> [rows] [runs]}.
 *
 * <p>Every figure is that of a process of its own with 256 MB of heap, from its start to its end. The kinds take turns, so
 * that a slow phase of the machine meets all of them. Memory is the most that the process ever held, as Linux counts it.
 */
public final class Tables {
    private static final int ROWS = 1_000_000;
    private static final int RUNS = 3;
    private static final String HEAP = "-Xmx256m";

    private final Path root;
    private final Path folder;
    private final Path table;
    private final Processes processes;

    private Tables(Path root, Path table) {
        this.root = root;
        this.folder = root.resolve("bench/target");
        this.table = table;
        this.processes = new Processes(folder);
    }

    public static void main(String[] args) throws IOException, InterruptedException {
        Path root = Path.of(args[0]).toAbsolutePath().normalize();
        int rows = args.length > 1 ? Integer.parseInt(args[1]) : ROWS;
        int runs = args.length > 2 ? Integer.parseInt(args[2]) : RUNS;
        new Tables(root, WideTable.register(root, rows)).measure(rows, runs);
    }

    private void measure(int rows, int runs) throws IOException, InterruptedException {
        Path every = folder.resolve("every.csv");
        Path usual = folder.resolve("usual.csv");
        Path alone = folder.resolve("every-by-one.csv");
        Path copy = folder.resolve("copy.csv");
        for (int run = 0; run < runs; run++) {
            split("split into every part, two cores", 2, every, "--parts", "all");
            copy("the CSV library alone: read it, and write one as wide", copy, width(every) - width(table));
            split("split into every part, one core", 1, alone, "--parts", "all");
            split("split into the usual parts, two cores", 2, usual);
            copy("the CSV library alone, as wide as that", copy, width(usual) - width(table));
        }
        System.out.printf(
                Locale.ROOT,
                "%,d rows, %d MB. Every part: %d more columns, %d MB; the usual ones: %d more, %d MB. By one core the same bytes: %s.%n%n",
                rows,
                megabytes(table),
                width(every) - width(table),
                megabytes(every),
                width(usual) - width(table),
                megabytes(usual),
                Files.mismatch(every, alone) < 0 ? "yes" : "NO");
        processes.print();
    }

    private static long megabytes(Path file) throws IOException {
        return Files.size(file) / 1_000_000;
    }

    private static int width(Path file) throws IOException {
        try (BufferedReader reader = Files.newBufferedReader(file)) {
            return reader.readLine().split(",").length;
        }
    }

    private void split(String kind, int cores, Path to, String... more) throws IOException, InterruptedException {
        List<String> command = new ArrayList<>(List.of(root.resolve("inkwell").toString(), "split", table.toString()));
        command.addAll(List.of("--name", "Name", "--address", "Address", "--out", to.toString(), "--replace", "-q"));
        command.addAll(List.of(more));
        processes.run(kind, HEAP, cores, command);
    }

    private void copy(String kind, Path to, int columns) throws IOException, InterruptedException {
        String java = ProcessHandle.current().info().command().orElse("java");
        String classes = System.getProperty("java.class.path");
        processes.run(
                kind,
                HEAP,
                2,
                List.of(
                        java,
                        "-XX:+UseSerialGC",
                        "-cp",
                        classes,
                        WideTable.class.getName(),
                        table.toString(),
                        to.toString(),
                        Integer.toString(columns)));
    }
}
