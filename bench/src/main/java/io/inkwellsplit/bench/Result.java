package io.inkwellsplit.bench;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/**
 * What one kind of process took over a table: a line of {@code bench/results.tsv}.
 *
 * @param date when it was measured, as in {@code 2026-11-30}
 * @param version the commit; with a plus where more was changed
 * @param machine cores, kind of processor and Java
 * @param rows how many rows the table has
 * @param what the kind of process; see {@link Ratios}
 * @param seconds from start to end, the middle of several
 * @param processor seconds of processor time, the middle of several
 * @param megabytes the most memory that one of them held
 */
record Result(
        String date,
        String version,
        String machine,
        int rows,
        String what,
        double seconds,
        double processor,
        long megabytes) {
    private static final String TITLES =
            "date\tversion\tmachine\trows\twhat\tseconds\tprocessor\tmegabytes\ttimes the copy\tprocessor, times the copy";
    private static final int FIELDS = 8;

    /** Adds results of one table to a file, each with what it is beside the copy. */
    static void append(Path file, List<Result> results) throws IOException {
        List<String> lines = new ArrayList<>();
        if (!Files.exists(file)) {
            lines.add(TITLES);
        }
        Result copy = copy(results);
        results.forEach(result -> lines.add(result.line(copy)));
        Files.write(file, lines, StandardOpenOption.CREATE, StandardOpenOption.APPEND);
    }

    /** Returns the results of a file. */
    static List<Result> read(Path file) throws IOException {
        List<Result> results = new ArrayList<>();
        List<String> lines = Files.readAllLines(file);
        for (String line : lines.subList(1, lines.size())) {
            String[] field = line.split("\t");
            if (field.length < FIELDS) {
                throw new IOException(file + ": this line has too few columns: " + line);
            }
            results.add(new Result(
                    field[0],
                    field[1],
                    field[2],
                    Integer.parseInt(field[3]),
                    field[4],
                    Double.parseDouble(field[5]),
                    Double.parseDouble(field[6]),
                    Long.parseLong(field[7])));
        }
        return results;
    }

    static void print(List<Result> results) {
        System.out.println(
                "| rows | what | seconds | processor | memory | times the copy | processor, times the copy |\n"
                        + "|---|---|---|---|---|---|---|");
        Result copy = copy(results);
        for (Result result : results) {
            System.out.printf(
                    Locale.ROOT,
                    "| %,d | %s | %.1f | %.1f | %d MB | %.1f | %.1f |%n",
                    result.rows,
                    result.what,
                    result.seconds,
                    result.processor,
                    result.megabytes,
                    result.seconds / copy.seconds,
                    result.processor / copy.processor);
        }
    }

    /** Returns the copy of the same run. */
    static Result copy(List<Result> results) {
        return results.stream()
                .filter(result -> result.what.equals(Ratios.COPY))
                .findFirst()
                .orElseThrow();
    }

    private String line(Result copy) {
        return String.format(
                Locale.ROOT,
                "%s\t%s\t%s\t%d\t%s\t%.2f\t%.2f\t%d\t%.2f\t%.2f",
                date,
                version,
                machine,
                rows,
                what,
                seconds,
                processor,
                megabytes,
                seconds / copy.seconds,
                processor / copy.processor);
    }
}
