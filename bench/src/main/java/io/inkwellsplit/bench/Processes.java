package io.inkwellsplit.bench;

import java.io.IOException;
import java.lang.ProcessBuilder.Redirect;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.concurrent.TimeUnit;
import java.util.function.ToDoubleFunction;

/** Times processes, each several times, and prints what they took. */
final class Processes {
    private final Path folder;
    private final Map<String, List<Figure>> figures = new LinkedHashMap<>();

    /** @param folder takes what they say */
    Processes(Path folder) {
        this.folder = folder;
    }

    /** What one process took. */
    private record Figure(double seconds, double processor, long megabytes) {}

    /** Returns the kinds that were run, in their order. */
    List<String> kinds() {
        return List.copyOf(figures.keySet());
    }

    /** Returns how long a kind of process took from its start to its end, in seconds: the middle of its runs. */
    double middle(String kind) {
        return middle(kind, Figure::seconds);
    }

    /** Returns how much processor time a kind of process took, in seconds: the middle of its runs. */
    double middleProcessor(String kind) {
        return middle(kind, Figure::processor);
    }

    /** Returns the most memory that a kind of process held, in megabytes. */
    long most(String kind) {
        return figures.getOrDefault(kind, List.of()).stream()
                .mapToLong(Figure::megabytes)
                .max()
                .orElse(0);
    }

    private double middle(String kind, ToDoubleFunction<Figure> value) {
        double[] all = figures.getOrDefault(kind, List.of()).stream()
                .mapToDouble(value)
                .sorted()
                .toArray();
        return all[all.length / 2];
    }

    /** Prints a table: the least, the middle and the most of each. */
    void print() {
        System.out.println("| what | seconds: least | middle | most | memory |\n|---|---|---|---|---|");
        figures.forEach((kind, all) -> {
            double[] seconds =
                    all.stream().mapToDouble(Figure::seconds).sorted().toArray();
            System.out.printf(
                    Locale.ROOT,
                    "| %s | %.1f | %.1f | %.1f | %d MB |%n",
                    kind,
                    seconds[0],
                    middle(kind),
                    seconds[seconds.length - 1],
                    most(kind));
        });
    }

    /** Returns the least that a kind of process took, in seconds: what others do on the machine only adds to it. */
    double least(String kind) {
        return figures.getOrDefault(kind, List.of()).stream()
                .mapToDouble(Figure::seconds)
                .min()
                .orElseThrow();
    }

    /** Runs one with a heap of that size, on so many cores. */
    void run(String kind, String heap, int cores, List<String> command) throws IOException, InterruptedException {
        run(kind, heap + " -XX:ActiveProcessorCount=" + cores, command);
    }

    /** Runs one as its launcher sets it up. */
    void run(String kind, List<String> command) throws IOException, InterruptedException {
        run(kind, "", command);
    }

    private void run(String kind, String options, List<String> command) throws IOException, InterruptedException {
        Path said = folder.resolve("said.txt");
        ProcessBuilder builder =
                new ProcessBuilder(command).redirectErrorStream(true).redirectOutput(Redirect.to(said.toFile()));
        if (!options.isEmpty()) {
            builder.environment().put("JAVA_TOOL_OPTIONS", options);
        }
        long start = System.nanoTime();
        Process process = builder.start();
        Path status = Path.of("/proc", Long.toString(process.pid()), "status");
        long most = 0;
        Duration processor = Duration.ZERO;
        do {
            most = Math.max(most, kilobytes(status));
            Duration sofar = process.info().totalCpuDuration().orElse(Duration.ZERO);
            processor = sofar.compareTo(processor) > 0 ? sofar : processor;
        } while (!process.waitFor(50, TimeUnit.MILLISECONDS));
        double seconds = (System.nanoTime() - start) / 1e9;
        if (process.exitValue() != 0) {
            throw new IllegalStateException(kind + ": " + Files.readString(said));
        }
        figures.computeIfAbsent(kind, key -> new ArrayList<>())
                .add(new Figure(seconds, processor.toNanos() / 1e9, most / 1000));
    }

    /** The most that a process has held so far; 0 where it has just ended or the system does not tell. */
    private static long kilobytes(Path status) {
        try {
            for (String line : Files.readAllLines(status, StandardCharsets.UTF_8)) {
                if (line.startsWith("VmHWM:")) {
                    return Long.parseLong(line.replaceAll("[^0-9]", ""));
                }
            }
        } catch (IOException e) {
            return 0;
        }
        return 0;
    }
}
