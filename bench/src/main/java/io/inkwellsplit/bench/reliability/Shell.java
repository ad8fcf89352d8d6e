package io.inkwellsplit.bench.reliability;

import java.io.File;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.TimeUnit;

/** Starts the command line as processes of their own, in one folder. */
final class Shell {
    private final Path jar;
    private final Path folder;

    Shell(Path jar, Path folder) {
        this.jar = jar;
        this.folder = folder;
    }

    /** What a command gave back. */
    record Result(int code, String said) {}

    Path folder() {
        return folder;
    }

    Path file(String name) {
        return folder.resolve(name);
    }

    private List<String> command(List<String> args) {
        List<String> command = new ArrayList<>(List.of(
                Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                "-XX:TieredStopAtLevel=1",
                "-XX:+UseSerialGC",
                "-jar",
                jar.toString()));
        command.addAll(args);
        return command;
    }

    /** Starts a command; what it says goes to a file outside the folder. */
    Process start(Path said, List<String> args) throws IOException {
        return builder(said).command(command(args)).start();
    }

    Result run(List<String> args) throws IOException, InterruptedException {
        Path said = Files.createTempFile("said", ".txt");
        return ended(start(said, args), said);
    }

    /** Runs a line of a shell, in which {@code $INKWELL} is the command line. */
    Result shell(String line) throws IOException, InterruptedException {
        Path said = Files.createTempFile("said", ".txt");
        ProcessBuilder builder = builder(said).command("bash", "-c", line);
        builder.environment().put("INKWELL", String.join(" ", command(List.of())));
        return ended(builder.start(), said);
    }

    private ProcessBuilder builder(Path said) {
        ProcessBuilder builder = new ProcessBuilder()
                .directory(folder.toFile())
                .redirectInput(new File("/dev/null"))
                .redirectErrorStream(true)
                .redirectOutput(said.toFile());
        builder.environment().put("LC_ALL", "C.UTF-8");
        return builder;
    }

    static Result ended(Process process, Path said) throws IOException, InterruptedException {
        if (!process.waitFor(120, TimeUnit.SECONDS)) {
            process.destroyForcibly().waitFor();
            return new Result(-1, "it hung");
        }
        String text = Files.readString(said);
        Files.delete(said);
        return new Result(process.exitValue(), text);
    }
}
