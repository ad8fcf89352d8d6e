package io.inkwellsplit.cli;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.InputStream;
import java.io.PrintWriter;
import java.io.StringWriter;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Every bad input gets its exit code and its sentence, and loses nothing: a table of them, in {@code bad-inputs.txt}. */
class BadInputsTest {
    private static final Pattern WORD = Pattern.compile("\"([^\"]*)\"|(\\S+)");
    private static final String PATRONS = "No,Patron,Address\n007,Dr. Ines Brandt,\"12 Main St, Barre, VT 05641\"\n";

    @TempDir
    Path folder;

    @TempDir
    Path outside;

    record Bad(int code, String command, String sentence) {}

    static Stream<Bad> table() throws IOException {
        try (InputStream in = BadInputsTest.class.getResourceAsStream("bad-inputs.txt")) {
            return new String(in.readAllBytes(), StandardCharsets.UTF_8)
                            .lines()
                            .filter(line -> !line.isBlank() && !line.startsWith("#"))
                            .map(line -> line.split(" \\| ", -1))
                            .map(cells ->
                                    new Bad(Integer.parseInt(cells[0].strip()), cells[1].strip(), cells[2].strip()))
                            .toList()
                            .stream();
        }
    }

    @BeforeEach
    void setUp() throws IOException {
        write("patrons.csv", PATRONS);
        write("ragged.csv", PATRONS + "008,Hugh\n");
        write("double.csv", "Patron,Patron\na,b\n");
        write("numbers.csv", "A,B\n1,2\n3,4\n");
        write("headless.csv", "Ines Brandt,12 Main St\nTobias Wren,3 Quay Rd\n");
        write("commas.csv", "List\n\"" + "a,".repeat(1499) + "\"\n");
        write("empty.csv", "");
        write("openquote.csv", "No,Patron\n1,\"Ines\n2,Tobias\n");
        write("there.csv", "mine\n");
        write("old.set-aside.csv", "Row,Line,Reason,No\n1,2,x,y\n");
        write("corrections.csv", "Column,Text,Part,Is\nPatron,Dr. Ines Brandt,last,Brandt\n");
        write("wrong-corrections.csv", "Column,Text,Part,Is\nPatron,Ines,nonsense,Ines\n");
        write("jobs.csv", "steps:\n  - tidy: {column: Patron}\ninput: {file: patrons.csv}\n");
        write(
                "over-job.yaml",
                "input: {file: patrons.csv}\nsteps:\n  - split: {name: Patron}\noutput: {file: over-job.yaml, replace: true}\n");
        write(
                "over-input.yaml",
                "input: {file: patrons.csv}\nsteps:\n  - split: {name: Patron}\noutput: {file: ./patrons.csv, replace: true}\n");
        write("empty.yaml", "");
        write("text.yaml", "hello");
        write("broken.yaml", "steps: [a\n");
        write("unknown.yaml", "steps:\n  - splitt: {name: Patron}\n");
        write("deep.yaml", "steps: " + "[".repeat(5000) + "]".repeat(5000) + "\n");
        write("many.yaml", "steps:\n  - {split: {name: Patron}, tidy: {column: Patron}}\n");
        String beyond = outside.toRealPath().toString();
        write(
                "outside.yaml",
                "input: {file: patrons.csv}\nsteps:\n  - split: {name: Patron}\noutput: {file: " + beyond
                        + "/new.csv}\n");
        write(
                "outside-key.yaml",
                "input: {file: patrons.csv}\nsteps:\n  - mask: {column: Patron, pseudonyms: true, key-file: " + beyond
                        + "/secret.csv}\n");
        Files.writeString(outside.resolve("secret.csv"), PATRONS);
        write("outside-read.yaml", "input: {file: " + beyond + "/secret.csv}\nsteps:\n  - split: {name: Patron}\n");
        Files.write(folder.resolve("latin.csv"), "Patron\nJörg\n".getBytes(StandardCharsets.ISO_8859_1));
        Files.createSymbolicLink(folder.resolve("link.csv"), Path.of("patrons.csv"));
    }

    private void write(String name, String text) throws IOException {
        Files.writeString(folder.resolve(name), text);
    }

    @ParameterizedTest
    @MethodSource("table")
    void getsItsSentenceAndLosesNothing(Bad bad) throws IOException {
        Map<String, String> before = files();
        StringWriter said = new StringWriter();
        PrintWriter to = new PrintWriter(said);
        List<String> words = new ArrayList<>();
        Matcher word = WORD.matcher(bad.command.replace("@", folder.toString()));
        while (word.find()) {
            words.add(word.group(1) != null ? word.group(1) : word.group(2));
        }
        int code = Inkwell.run(to, words.toArray(String[]::new));
        to.flush();
        assertThat(code).as(said.toString()).isEqualTo(bad.code);
        assertThat(said.toString()).contains(bad.sentence).doesNotContain("Exception", "12 Main St", "Brandt,");
        assertThat(files()).isEqualTo(before);
        try (Stream<Path> there = Files.list(outside)) {
            assertThat(there).hasSize(1);
        }
    }

    private Map<String, String> files() throws IOException {
        Map<String, String> files = new TreeMap<>();
        try (Stream<Path> all = Files.list(folder)) {
            for (Path file : all.toList()) {
                String rights = Files.getPosixFilePermissions(file).toString();
                files.put(
                        file.getFileName() + (Files.isSymbolicLink(file) ? "@" : ""),
                        rights + Files.readString(file, StandardCharsets.ISO_8859_1));
            }
        }
        return files;
    }
}
