package io.inkwellsplit.bench;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.concurrent.TimeUnit;
import java.util.stream.Stream;

/**
 * Measures how many times as long as a plain copy a split takes, over tables of several lengths, and which part of the work takes
 * it: {@code Ratios <project folder> <rows,rows,...> <runs>}. What it finds it adds to {@code bench/results.tsv}.
 *
 * <p>Every figure is that of a process of its own, from its start to its end; the kinds take turns.
 */
public final class Ratios {
    static final String COPY = "copy";
    static final String SPLIT = "split";
    static final String NAMES = "split, names alone";
    static final String ADDRESSES = "split, addresses alone";
    static final String NOT_LEARNED = "split, no learning";
    static final String START = "split, one row";

    /** How many columns the usual parts of a name and an address add. */
    private static final int USUAL = 18;

    private final Path root;
    private final Path folder;
    private final Processes processes;

    private Ratios(Path root) {
        this.root = root;
        this.folder = root.resolve("bench/target");
        this.processes = new Processes(folder);
    }

    public static void main(String[] args) throws IOException, InterruptedException {
        Path root = Path.of(args[0]).toAbsolutePath().normalize();
        int runs = Integer.parseInt(args[2]);
        Path file = root.resolve("bench/results.tsv");
        for (String rows : args[1].split(",")) {
            List<Result> results = new Ratios(root).measure(Integer.parseInt(rows), runs);
            Result.append(file, results);
            Result.print(results);
        }
    }

    private List<Result> measure(int rows, int runs) throws IOException, InterruptedException {
        Path table = WideTable.register(root, rows);
        Path one = folder.resolve("one-row.csv");
        try (Stream<String> lines = Files.lines(table)) {
            Files.write(one, lines.limit(2).toList());
        }
        List<String> both = List.of("--name", "Name", "--address", "Address");
        for (int run = 0; run < runs; run++) {
            copy(table);
            split(SPLIT, table, both);
            split(NAMES, table, both.subList(0, 2));
            split(ADDRESSES, table, both.subList(2, 4));
            split(
                    NOT_LEARNED,
                    table,
                    Stream.concat(both.stream(), Stream.of("--no-learning")).toList());
            split(START, one, both);
        }
        String version = version();
        String machine = machine();
        return processes.kinds().stream()
                .map(kind -> new Result(
                        LocalDate.now().toString(),
                        version,
                        machine,
                        rows,
                        kind,
                        processes.middle(kind),
                        processes.middleProcessor(kind),
                        processes.most(kind)))
                .toList();
    }

    private void split(String kind, Path table, List<String> columns) throws IOException, InterruptedException {
        List<String> command = new ArrayList<>(List.of(root.resolve("inkwell").toString(), "split", table.toString()));
        command.addAll(columns);
        command.addAll(List.of("--out", folder.resolve("ratio.csv").toString(), "--replace", "--no-before", "-q"));
        processes.run(kind, command);
    }

    private void copy(Path table) throws IOException, InterruptedException {
        processes.run(
                COPY,
                List.of(
                        ProcessHandle.current().info().command().orElse("java"),
                        "-cp",
                        System.getProperty("java.class.path"),
                        WideTable.class.getName(),
                        table.toString(),
                        folder.resolve("copy.csv").toString(),
                        Integer.toString(USUAL)));
    }

    /** The commit, with a plus where something is not committed; {@code unknown} outside a checkout. */
    private String version() throws IOException, InterruptedException {
        String commit = said("git", "rev-parse", "--short", "HEAD");
        return commit.isEmpty()
                ? "unknown"
                : commit + (said("git", "status", "--porcelain", "-uno").isEmpty() ? "" : "+");
    }

    private String said(String... command) throws IOException, InterruptedException {
        try {
            Process process =
                    new ProcessBuilder(command).directory(root.toFile()).start();
            String text = new String(process.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
            return process.waitFor(10, TimeUnit.SECONDS) && process.exitValue() == 0 ? text.strip() : "";
        } catch (IOException e) {
            return "";
        }
    }

    private static String machine() {
        return String.format(
                Locale.ROOT,
                "%d cores, %s, Java %s",
                Runtime.getRuntime().availableProcessors(),
                System.getProperty("os.arch"),
                Runtime.version().feature());
    }
}
