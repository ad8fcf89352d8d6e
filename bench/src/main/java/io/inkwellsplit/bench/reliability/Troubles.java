package io.inkwellsplit.bench.reliability;

import io.inkwellsplit.bench.reliability.Shell.Result;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.TimeUnit;
import java.util.stream.Stream;

/** Disks that are full, pipes that nobody reads, folders that go, inputs that change: exit code and sentence. */
final class Troubles {
    private static final int ROWS = 60_000;

    private final Shell shell;
    private final List<String> failures = new ArrayList<>();
    private int tried;

    Troubles(Shell shell) {
        this.shell = shell;
    }

    int tried() {
        return tried;
    }

    /** Goes through all of them; returns what was found wrong. */
    List<String> run() throws IOException, InterruptedException {
        StringBuilder rows = new StringBuilder("No,Patron\n");
        for (int i = 0; i < ROWS; i++) {
            rows.append(i).append(",Ines Brandt").append(i).append('\n');
        }
        Files.writeString(shell.file("in.csv"), rows);
        fullDisk();
        closedPipe();
        changedInput();
        folderGone();
        return failures;
    }

    private void fullDisk() throws IOException, InterruptedException {
        for (String told : List.of(
                "survey in.csv",
                "split in.csv --name Patron",
                "split in.csv --name Patron --json",
                "job-schema",
                "patterns",
                "explain Ines",
                "--help",
                "split in.csv --name Patron --out -")) {
            expect("$INKWELL " + told + " > /dev/full", 5, "No space left on device");
        }
        for (String written : List.of("o.csv", "o.vcf")) {
            expect("ulimit -f 60; $INKWELL split in.csv --name Patron --out " + written, 5, "cannot be written");
        }
        expect("ulimit -f 60; $INKWELL sort in.csv --by Patron --out o.csv", 5, "cannot be written");
        expect("ulimit -f 60; cat in.csv | $INKWELL split - --name Patron --out o.csv", 5, "temporary files");
        expect(
                "TMPDIR=/proc/self; export TMPDIR; cat in.csv | $INKWELL split - --name Patron --out o.csv",
                5,
                "temporary files");
        expect("$INKWELL split in.csv --name Patron --out o.csv --report /dev/full", 5, "No space left on device");
        nothingWritten();
    }

    private void closedPipe() throws IOException, InterruptedException {
        for (String told : List.of(
                "survey in.csv", "split in.csv --name Patron", "job-schema", "split in.csv --name Patron --out -")) {
            expect(
                    "set -o pipefail; { $INKWELL " + told + "; echo code $?; } 2>&1 >&3 3>&- | cat 3>&- ; true",
                    0,
                    "",
                    "");
            expect("exec 3> >(exec true); sleep 0.3; $INKWELL " + told + " >&3", 6, "has closed it");
        }
    }

    private void changedInput() throws IOException, InterruptedException {
        for (String args :
                List.of("split changing.csv --name Patron --out o.csv", "sort changing.csv --by Patron --out o.csv")) {
            Files.copy(shell.file("in.csv"), shell.file("changing.csv"));
            long nanos = nanos(args + " --replace");
            Files.deleteIfExists(shell.file("o.csv"));
            Path said = Files.createTempFile("said", ".txt");
            Process process = shell.start(said, List.of(args.split(" ")));
            process.waitFor(nanos / 2, TimeUnit.NANOSECONDS);
            Files.writeString(shell.file("changing.csv"), "1,Hugh\n", StandardOpenOption.APPEND);
            Result result = Shell.ended(process, said);
            judge(args + " while the input changes", result, 4, "has changed while it was read");
            Files.delete(shell.file("changing.csv"));
            nothingWritten();
        }
    }

    private void folderGone() throws IOException, InterruptedException {
        String args = "split in.csv --name Patron --out gone/o.csv";
        Path folder = Files.createDirectory(shell.file("gone"));
        long nanos = nanos(args);
        Files.delete(folder.resolve("o.csv"));
        Path said = Files.createTempFile("said", ".txt");
        Process process = shell.start(said, List.of(args.split(" ")));
        process.waitFor(nanos / 2, TimeUnit.NANOSECONDS);
        try (Stream<Path> files = Files.list(folder)) {
            for (Path file : files.toList()) {
                Files.delete(file);
            }
        }
        Files.delete(folder);
        judge(args + " while the folder goes", Shell.ended(process, said), 5, "gone");
    }

    private long nanos(String args) throws IOException, InterruptedException {
        long start = System.nanoTime();
        shell.run(List.of(args.split(" ")));
        return System.nanoTime() - start;
    }

    private void expect(String line, int code, String... sentences) throws IOException, InterruptedException {
        judge(line, shell.shell(line), code, sentences);
    }

    private void judge(String what, Result result, int code, String... sentences) {
        tried++;
        for (String sentence : sentences) {
            if (result.code() != code || !result.said().contains(sentence)) {
                failures.add(what + " ended with " + result.code() + " and said: " + result.said());
            }
        }
    }

    /** No output, and nothing left of one. */
    private void nothingWritten() throws IOException {
        try (Stream<Path> files = Files.list(shell.folder())) {
            files.map(file -> file.getFileName().toString())
                    .filter(name -> !name.equals("in.csv"))
                    .forEach(name -> failures.add(name + " is left"));
        }
    }
}
