package io.inkwellsplit.bench.reliability;

import io.inkwellsplit.bench.reliability.Shell.Result;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.SplittableRandom;
import java.util.concurrent.TimeUnit;
import java.util.stream.Stream;

/** Ends commands at random moments, and looks at what is left: inputs as they were, outputs whole, old or absent. */
final class Kills {
    private static final int ROWS = 4_000;
    private static final String LEFT = "\\..*\\.inkwell\\.(part|before|spool)";
    private static final byte[] OLD = "old\n".getBytes(StandardCharsets.UTF_8);
    /** Commands that write; the files that each writes stand behind it. */
    private static final List<Command> COMMANDS = List.of(
            command("split in.csv --name Patron --address Address --parts all --out o.csv", "o.csv"),
            command(
                    "split in.csv --name Patron --out o.csv --report r.html --review v.csv --review v.html --save-job j.yaml"
                            + " --describe",
                    "o.csv",
                    "r.html",
                    "v.csv",
                    "v.html",
                    "j.yaml",
                    "o.csv-metadata.json"),
            command("split in.csv --name Patron --out o.vcf", "o.vcf"),
            command("sort in.csv --by Address --out o.csv", "o.csv"),
            command("tidy in.csv --column Patron --out o.csv", "o.csv"),
            command("cut in.csv --column Address --at , --out o.csv", "o.csv"),
            command("take in.csv --column Patron --words 1 --out o.csv", "o.csv"),
            command("match in.csv --column Address --find [0-9]+ --out o.csv", "o.csv"),
            command("mask in.csv --column Patron --letters --out o.csv", "o.csv"),
            command("group in.csv --by Town --column Patron --out o.csv", "o.csv"),
            command("count in.csv --column Town --out o.csv", "o.csv"),
            command("columns in.csv --drop Town --out o.csv", "o.csv"),
            command("duplicates in.csv --by Address --out o.csv", "o.csv"),
            command("compare in.csv other.csv --by No --out o.csv", "o.csv"),
            command("survey in.csv --report r.html --figures fig", "r.html"),
            command("run job.yaml", "o.csv"));

    private final Shell shell;
    private final SplittableRandom random;
    private final Map<Command, Long> nanos = new HashMap<>();
    private final Map<String, byte[]> whole = new HashMap<>();
    private final List<String> failures = new ArrayList<>();

    private record Command(List<String> args, List<String> outputs) {
        List<String> replacing() {
            List<String> all = new ArrayList<>(args);
            all.add("--replace");
            return all;
        }
    }

    private static Command command(String line, String... outputs) {
        return new Command(List.of(line.split(" ")), List.of(outputs));
    }

    Kills(Shell shell, long seed) {
        this.shell = shell;
        this.random = new SplittableRandom(seed);
    }

    /** Kills commands, the one as well as the other; returns what was found wrong. */
    List<String> run(int kills) throws IOException, InterruptedException {
        table("in.csv", 1);
        table("other.csv", 2);
        Files.writeString(
                shell.file("job.yaml"),
                "input: {file: in.csv}\nsteps:\n  - split: {name: Patron}\noutput: {file: o.csv}\n");
        byte[] input = Files.readAllBytes(shell.file("in.csv"));
        for (int i = 0; i < kills; i++) {
            Command command = COMMANDS.get(i % COMMANDS.size());
            reference(command);
            kill(command, i % 3 > 0, i % 5 == 4);
            if (!Arrays.equals(input, Files.readAllBytes(shell.file("in.csv")))) {
                failures.add(command + ": the input has changed");
            }
        }
        return failures;
    }

    private void table(String name, int step) throws IOException {
        StringBuilder rows = new StringBuilder("No,Patron,Address,Town\n");
        for (int i = 0; i < ROWS; i++) {
            rows.append(i * step)
                    .append(",Ines ")
                    .append((char) ('A' + i % 26))
                    .append(". Brandt")
                    .append(i % 97)
                    .append(",\"")
                    .append(i)
                    .append(" Harbour Lane, Wexcombe ")
                    .append(i % 13)
                    .append(", VT 05641\",Town ")
                    .append(i % 31)
                    .append('\n');
        }
        Files.writeString(shell.file(name), rows);
    }

    /** What a command writes when nobody ends it, and how long that takes. */
    private void reference(Command command) throws IOException, InterruptedException {
        if (nanos.containsKey(command)) {
            return;
        }
        clean();
        long start = System.nanoTime();
        Result result = shell.run(command.replacing());
        nanos.put(command, System.nanoTime() - start);
        if (result.code() != 0) {
            failures.add(command.args + " ended with " + result.code() + ": " + result.said());
        }
        for (String output : command.outputs) {
            whole.put(command.args + output, Files.readAllBytes(shell.file(output)));
        }
    }

    private void kill(Command command, boolean old, boolean gently) throws IOException, InterruptedException {
        clean();
        if (old) {
            for (String output : command.outputs) {
                Files.write(shell.file(output), OLD);
                Files.setPosixFilePermissions(shell.file(output), PosixFilePermissions.fromString("rw-r-----"));
            }
        }
        Path said = Files.createTempFile("said", ".txt");
        Process process = shell.start(said, command.replacing());
        process.waitFor(random.nextLong(Objects.requireNonNull(nanos.get(command))), TimeUnit.NANOSECONDS);
        if (gently) {
            process.destroy();
        } else {
            process.destroyForcibly();
        }
        Shell.ended(process, said);
        look(command, old);
        boolean left = left();
        if (left && gently) {
            failures.add(command.args + ": a signal left files behind");
        }
        Result next = shell.run(command.replacing());
        if (next.code() != 0 || left() || left && !next.said().contains("Removed what a run that was ended has left")) {
            failures.add(command.args + ": the next run ended with " + next.code() + ", files left: " + left());
        }
    }

    private void look(Command command, boolean old) throws IOException {
        for (String output : command.outputs) {
            Path file = shell.file(output);
            if (!Files.exists(file)) {
                if (old) {
                    failures.add(command.args + ": " + output + " is gone");
                }
                continue;
            }
            byte[] bytes = Files.readAllBytes(file);
            boolean isOld = old && Arrays.equals(bytes, OLD);
            if (!isOld && !Arrays.equals(bytes, whole.get(command.args + output))) {
                failures.add(command.args + ": " + output + " is neither whole nor old");
            }
            String rights = PosixFilePermissions.toString(Files.getPosixFilePermissions(file));
            if (!rights.equals(old ? "rw-r-----" : "rw-------")) {
                failures.add(command.args + ": " + output + " has the rights " + rights);
            }
        }
    }

    private boolean left() throws IOException {
        try (Stream<Path> files = Files.list(shell.folder())) {
            return files.anyMatch(file -> file.getFileName().toString().matches(LEFT));
        }
    }

    private void clean() throws IOException {
        List<String> kept = List.of("in.csv", "other.csv", "job.yaml", "fig");
        try (Stream<Path> files = Files.list(shell.folder())) {
            for (Path file : files.toList()) {
                if (!kept.contains(file.getFileName().toString())) {
                    Files.delete(file);
                }
            }
        }
    }
}
