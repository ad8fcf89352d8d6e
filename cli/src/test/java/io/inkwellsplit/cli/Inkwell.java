package io.inkwellsplit.cli;

import io.inkwellsplit.cli.command.Commands;
import io.inkwellsplit.cli.terminal.StandardOutput;
import io.inkwellsplit.cli.terminal.Surroundings;
import io.inkwellsplit.cli.terminal.VisibleWriter;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.io.OutputStreamWriter;
import java.io.PrintWriter;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.TimeUnit;

/** Runs the command line in a folder: inside this process, or as a process of its own where a shell is part of the matter. */
final class Inkwell {
    private final Path folder;

    /** What came back. */
    record Result(int code, String out, String err) {}

    Inkwell(Path folder) {
        this.folder = folder;
    }

    /** Runs a command whose output and errors go to one place; names of files are whole. */
    static int run(PrintWriter to, String... args) {
        return Commands.run(
                new Surroundings(
                        Path.of(""), ByteArrayInputStream.nullInputStream(), OutputStream.nullOutputStream(), to, to),
                args);
    }

    /** Returns surroundings that write nowhere. */
    static Surroundings nowhere() {
        PrintWriter none = new PrintWriter(OutputStream.nullOutputStream());
        return new Surroundings(
                Path.of(""), ByteArrayInputStream.nullInputStream(), OutputStream.nullOutputStream(), none, none);
    }

    Result run(String... args) {
        return runWith("", args);
    }

    Result runWith(String input, String... args) {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ByteArrayOutputStream err = new ByteArrayOutputStream();
        StandardOutput standard = new StandardOutput(out);
        PrintWriter toOut = visible(standard);
        PrintWriter toErr = visible(err);
        ByteArrayInputStream in = new ByteArrayInputStream(input.getBytes(StandardCharsets.UTF_8));
        int code = Commands.run(new Surroundings(folder, in, standard, toOut, toErr), args);
        int written = Main.written(standard, toOut, toErr, code);
        toErr.flush();
        return new Result(written, told(out), told(err));
    }

    private static PrintWriter visible(OutputStream to) {
        return new PrintWriter(new VisibleWriter(new OutputStreamWriter(to, StandardCharsets.UTF_8), false), true);
    }

    /** As somebody reads it who stands in the folder. */
    private String told(ByteArrayOutputStream bytes) {
        return bytes.toString(StandardCharsets.UTF_8)
                .replace(folder + "/./", "")
                .replace(folder + "/", "")
                .replace(folder.toString(), ".");
    }

    /** Returns how the command line is called, for a shell. */
    static List<String> command() {
        String java = Path.of(System.getProperty("java.home"), "bin", "java").toString();
        return List.of(
                java, "-XX:TieredStopAtLevel=1", "-cp", System.getProperty("java.class.path"), Main.class.getName());
    }

    /** Runs the command line as a process of its own. */
    Result runApart(String... args) throws IOException, InterruptedException {
        List<String> command = new ArrayList<>(command());
        command.addAll(List.of(args));
        return process(command, "");
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
