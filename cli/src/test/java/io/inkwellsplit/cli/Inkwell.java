package io.inkwellsplit.cli;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.TimeUnit;

/** Runs the command line as a process of its own, as a shell does. */
final class Inkwell {
    private final Path folder;

    /** What came back. */
    record Result(int code, String out, String err) {}

    Inkwell(Path folder) {
        this.folder = folder;
    }

    /** Returns how the command line is called, for a shell. */
    static List<String> command() {
        String java = Path.of(System.getProperty("java.home"), "bin", "java").toString();
        return List.of(
                java, "-XX:TieredStopAtLevel=1", "-cp", System.getProperty("java.class.path"), Main.class.getName());
    }

    Result run(String... args) throws IOException, InterruptedException {
        return runWith("", args);
    }

    Result runWith(String input, String... args) throws IOException, InterruptedException {
        List<String> command = new ArrayList<>(command());
        command.addAll(List.of(args));
        return process(command, input);
    }

    Result process(List<String> command, String input) throws IOException, InterruptedException {
        Path in = Files.createTempFile(folder, "in", ".txt");
        Path out = Files.createTempFile(folder, "out", ".txt");
        Path err = Files.createTempFile(folder, "err", ".txt");
        Files.writeString(in, input);
        ProcessBuilder builder = new ProcessBuilder(command)
                .directory(folder.toFile())
                .redirectInput(in.toFile())
                .redirectOutput(out.toFile())
                .redirectError(err.toFile());
        builder.environment().put("COLUMNS", "100");
        builder.environment().put("LC_ALL", "C.UTF-8");
        Process process = builder.start();
        if (!process.waitFor(60, TimeUnit.SECONDS)) {
            process.destroyForcibly();
            throw new IOException("the command did not end");
        }
        Result result = new Result(process.exitValue(), read(out), read(err));
        for (Path file : List.of(in, out, err)) {
            Files.delete(file);
        }
        return result;
    }

    private static String read(Path file) throws IOException {
        return Files.readString(file, StandardCharsets.UTF_8);
    }
}
