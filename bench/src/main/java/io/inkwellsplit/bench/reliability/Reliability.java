package io.inkwellsplit.bench.reliability;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.stream.Stream;

/** Tries to break the product, and prints what came of it. See {@code scripts/reliability}. */
public final class Reliability {
    private static final int MEGABYTES_OF_GROWTH = 16;

    private final Path project;
    private final long seed;
    private int failed;

    /** @param project its folder, in which the command line has been built */
    public Reliability(Path project, long seed) {
        this.project = project;
        this.seed = seed;
    }

    /** @param args the project's folder, the seed, a share of the whole run from 0 to 1, and what to run */
    public static void main(String[] args) throws IOException, InterruptedException {
        Reliability run = new Reliability(Path.of(args[0]), Long.parseLong(args[1]));
        double share = Double.parseDouble(args[2]);
        System.out.println("Seed: " + run.seed + ", share: " + share);
        for (String what : List.of(args).subList(3, args.length)) {
            run.run(what, share);
        }
        System.exit(run.failed == 0 ? 0 : 1);
    }

    /**
     * Runs a share, from 0 to 1, of one kind of trial: values, kills, troubles or growth.
     *
     * @return how many failures there have been so far
     */
    public int run(String what, double share) throws IOException, InterruptedException {
        long start = System.nanoTime();
        switch (what) {
            case "values" -> values((long) (10_000_000 * share));
            case "kills" -> kills((int) Math.ceil(200 * share));
            case "troubles" -> troubles();
            case "growth" -> growth(share);
            default -> throw new IllegalArgumentException(what + " is none of values, kills, troubles, growth");
        }
        System.out.printf(Locale.ROOT, "  %.0f s%n", (System.nanoTime() - start) / 1e9);
        return failed;
    }

    private void values(long count) throws IOException {
        Path regressions = project.resolve("bench/regressions.txt");
        long again = Values.again(regressions);
        long wrong = new Values(regressions).run(seed, count);
        say("Values read: " + count + ", and what has failed before", (int) (wrong + again));
    }

    private void kills(int count) throws IOException, InterruptedException {
        report("Commands ended at a random moment: " + count, new Kills(shell(), seed).run(count));
    }

    private void troubles() throws IOException, InterruptedException {
        Troubles troubles = new Troubles(shell());
        List<String> failures = troubles.run();
        report("Full disks, closed pipes, changed inputs, lost folders: " + troubles.tried(), failures);
    }

    private void growth(double share) {
        double values = Growth.overValues(seed, (long) (5_000_000 * share));
        double columns = Growth.overColumns((int) (10_000 * share));
        System.out.printf(Locale.ROOT, "Heap grown over values: %.1f MB, over columns: %.1f MB%n", values, columns);
        say("Growth of the heap", values > MEGABYTES_OF_GROWTH || columns > MEGABYTES_OF_GROWTH ? 1 : 0);
    }

    private Shell shell() throws IOException {
        try (Stream<Path> files = Files.list(project.resolve("cli/target"))) {
            Path jar = files.filter(file -> file.getFileName().toString().matches("inkwell-split-cli-.*\\.jar"))
                    .findFirst()
                    .orElseThrow();
            return new Shell(jar.toAbsolutePath(), Files.createTempDirectory("reliability"));
        }
    }

    private void report(String what, List<String> failures) {
        failures.forEach(failure -> System.out.println("Failed: " + failure));
        say(what, failures.size());
    }

    private void say(String what, int failures) {
        failed += failures;
        System.out.println(what + "; failures: " + failures);
    }
}
