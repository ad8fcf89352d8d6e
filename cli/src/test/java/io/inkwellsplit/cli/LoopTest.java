package io.inkwellsplit.cli;

import static org.assertj.core.api.Assertions.assertThat;
import static org.junit.jupiter.api.Assumptions.assumeTrue;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import io.inkwellsplit.cli.Inkwell.Result;
import io.inkwellsplit.cli.command.ExitCodes;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.TimeUnit;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Survey, split, review, correct, compare, repeat: as processes. */
class LoopTest {
    private static final String PATRONS = "No,Patron,Address\n"
            + "007,Dr. Ines Brandt,\"445 Industrial Lane Apt B, Grass Valley, CO 05641\"\n"
            + "008,\"van der Meulen, Odalys W.\",\"Flat 2/1, 14 Harbour Lane, Dunmere, Kent CT5 1AB\"\n";

    @TempDir
    Path folder;

    private Inkwell inkwell = new Inkwell(Path.of("."));

    @BeforeEach
    void setUp() throws IOException {
        inkwell = new Inkwell(folder);
        Files.writeString(folder.resolve("patrons.csv"), PATRONS);
    }

    private Result run(String line) throws Exception {
        return inkwell.run(line.split(" "));
    }

    private JsonNode json(String line) throws Exception {
        Result result = run(line);
        assertThat(result.code()).as("%s: %s", line, result.err()).isZero();
        return new ObjectMapper().readTree(result.out());
    }

    @Test
    void explainsReviewsAndCorrects() throws Exception {
        assertThat(inkwell.run("explain", "Marlow James").out())
                .contains("is read as person", "last: Marlow  (characters 1–6)", "ways to read it were weighed", "+");
        assertThat(inkwell.run("explain", "5 Elm St, Barre, VT 5641", "--address")
                        .out())
                .contains("in US", "suggested postcode: 05641");
        assertThat(inkwell.run("split", "patrons.csv", "--name", "Patron", "--explain", "2")
                        .out())
                .contains("last: van der Meulen", "last_core: Meulen");
        assertThat(inkwell.run("split", "patrons.csv", "--name", "Patron", "--explain", "9")
                        .code())
                .isEqualTo(ExitCodes.SETTING);
        Files.writeString(folder.resolve("told.csv"), "Column,For,Text,Is\nPatron,word,Ines Brandt,first\n");
        Result result = inkwell.run(
                "split",
                "patrons.csv",
                "--name",
                "Patron",
                "--corrections",
                "told.csv",
                "--doubt-below",
                "1",
                "--review",
                "review.csv",
                "--out",
                "-");
        assertThat(result.err()).contains("1 corrected", "To review: 1 different doubtful values in review.csv");
        assertThat(result.out()).contains("Dr.,Ines Brandt,");
        assertThat(Files.readString(folder.resolve("review.csv"))).contains("van der Meulen", "Column,For,Text,Is");
    }

    @Test
    void surveysAndFindsTheColumns() throws Exception {
        Result overview = inkwell.run("survey", "patrons.csv");
        assertThat(overview.out()).contains("Patron", "names", "addresses", "--name \"Patron\" --address \"Address\"");
        Result close = inkwell.run("survey", "patrons.csv", "--column", "Address");
        assertThat(close.out()).contains("1 GB, 1 US", "postcode-state", "street 445 Industrial");
        assertThat(inkwell.run("survey", "patrons.csv", "--json").out()).contains("\"holds\" : \"names\"");
        Result split = inkwell.run("split", "patrons.csv", "--no-checks", "--out", "-");
        assertThat(split.err()).contains("Patron is split as names: ", "Address is split as addresses: ");
        assertThat(split.out()).contains("Dr.,Ines,,Brandt");
        assertThat(run("split patrons.csv --out out.csv --save-job job.yaml").code())
                .isZero();
        assertThat(Files.readString(folder.resolve("job.yaml"))).contains("name: Patron", "address: Address");
    }

    @Test
    void tellsARunAsAPageWithFigures() throws Exception {
        Result result = run("split patrons.csv --name Patron --address Address --out out.csv --report report.html "
                + "--figures slides --review review.html --review review.csv");
        assertThat(result.out()).contains("Report: report.html", "Figures: ", "in review.html and review.csv");
        assertThat(Files.readString(folder.resolve("report.html")))
                .contains(
                        "inkwell split patrons.csv --name Patron",
                        "What is doubtful in Address",
                        "ruby",
                        "2 read with confidence");
        assertThat(Files.readString(folder.resolve("review.html"))).contains("\"group\":1", "Save corrections");
        assertThat(folder.resolve("slides/Address-confidence.png")).isNotEmptyFile();
        assertThat(run("survey patrons.csv --report report.html").err()).contains("report.html is there already");
        assertThat(run("survey patrons.csv --report survey.html").code()).isZero();
        assertThat(Files.readString(folder.resolve("survey.html")))
                .contains("How many values of Patron have each part")
                .doesNotContain("What was made");
        assertThat(run("cut patrons.csv --column Patron --at , --report cut.html")
                        .out())
                .contains("The table was not written", "Report: cut.html");
    }

    @Test
    void aJobTellsTheSameReportInEveryFolder() throws Exception {
        run(
                "split patrons.csv --name Patron --out out.csv --report report.html --review review.csv --save-job job.yaml");
        assertThat(Files.readString(folder.resolve("job.yaml"))).contains("report: report.html", "review: review.csv");
        Path other = Files.createDirectory(folder.resolve("other"));
        for (String file : List.of("patrons.csv", "job.yaml")) {
            Files.copy(folder.resolve(file), other.resolve(file));
        }
        assertThat(run("run job.yaml --replace").code()).isZero();
        assertThat(run("run other/job.yaml").code()).isZero();
        for (String file : List.of("out.csv", "report.html", "review.csv")) {
            assertThat(other.resolve(file)).hasSameBinaryContentAs(folder.resolve(file));
        }
    }

    @Test
    void speaksToMachines() throws Exception {
        JsonNode split = json("split patrons.csv --name Patron --out out.csv --json");
        assertThat(split.at("/rows").asInt()).isEqualTo(2);
        assertThat(split.at("/split/0/column").asText()).isEqualTo("Patron");
        assertThat(json("split patrons.csv --name Patron --explain 2 --json")
                        .at("/0/parts/0/text")
                        .asText())
                .isEqualTo("Odalys");
        assertThat(json("explain Brandt --json").at("/kind").asText()).isEqualTo("person");
        assertThat(json("patterns --json").at("/index").asText()).startsWith("van der Meulen");
        assertThat(json("survey patrons.csv --json")
                        .at("/columns/1/column/holds")
                        .asText())
                .isEqualTo("names");
        assertThat(json("compare patrons.csv out.csv --by No --json")
                        .at("/rows/same")
                        .asInt())
                .isEqualTo(2);
    }

    @Test
    void comparesTwoMonths() throws Exception {
        Files.writeString(
                folder.resolve("now.csv"),
                "No,Extra,Patron,Address\n007,x,Dr. Ines Brandt-Okonedo,\"445 Industrial Lane Apt B, Grass Valley, CO 05641\"\n"
                        + "010,y,Hugh Okonedo,\n");
        Result result = run("compare patrons.csv now.csv --by No --out what.csv");
        assertThat(result.out()).contains("Rows the same: 0, changed: 1, new: 1, gone: 1");
        assertThat(folder.resolve("what.csv")).hasContent("""
                No,What,Changed column,Before,Now,Why
                007,changed,Patron,Dr. Ines Brandt,Dr. Ines Brandt-Okonedo,
                008,gone,,,,
                010,new,,,,
                """);
        assertThat(run("compare patrons.csv now.csv --by Extra").code()).isEqualTo(ExitCodes.SETTING);
    }

    /** A name that is read first-last among its like, and last-first in a roll that writes names so. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "BRANDT INES|Patron is read differently: the column has changed: .*the column writes",
                "Hugh Okonedo|Patron has changed"
            })
    void saysWhyARowIsReadDifferently(String row, String why) throws Exception {
        List<String> rows = new ArrayList<>(List.of("No,Patron", "1,MARLOW HARLOW"));
        for (int i = 2; i < 30; i++) {
            rows.add(i + ",INES BRANDT");
        }
        Files.write(folder.resolve("before.csv"), rows);
        rows.replaceAll(line -> line.replace("INES BRANDT", row.equals("BRANDT INES") ? row : "INES BRANDT"));
        if (!row.equals("BRANDT INES")) {
            rows.set(1, "1," + row);
        }
        Files.write(folder.resolve("now.csv"), rows);
        run("split before.csv --name Patron --out a.csv");
        run("split now.csv --name Patron --out b.csv");
        assertThat(run("compare a.csv b.csv --by No").out().replaceAll("\\s+", " "))
                .containsPattern("1 because (the same )?" + why);
    }

    /** Long work shows a bar on a terminal; where nobody looks, or on request, none. */
    @Test
    void showsProgressOnATerminal() throws Exception {
        Files.writeString(folder.resolve("big.csv"), "Patron\n" + "Ines Brandt\n".repeat(300_000));
        String shown = onTerminal("split big.csv --name Patron --out one.csv");
        assertThat(shown)
                .containsPattern("Rows +[0-9]+% \\[=*>? *\\] +[0-9]+/300000 .*/s")
                .contains("Written: one.csv");
        assertThat(onTerminal("split big.csv --name Patron --out two.csv --quiet"))
                .isBlank();
        Result piped = run("split big.csv --name Patron --out three.csv");
        assertThat(piped.err()).isEmpty();
        assertThat(piped.out()).doesNotContain("%").contains("Written: three.csv");
    }

    /** Runs a command on a terminal of its own, and returns what stands on it. */
    private String onTerminal(String args) throws Exception {
        Path script = Path.of("/usr/bin/script");
        assumeTrue(Files.isExecutable(script), "there is no program that gives a command a terminal");
        String command =
                Inkwell.command().stream().map(word -> "'" + word + "'").collect(Collectors.joining(" ")) + " " + args;
        return inkwell.process(List.of(script.toString(), "-qec", command, "/dev/null"), "")
                .out();
    }

    /** Whoever stops a run finds nothing but what was there before. */
    @ParameterizedTest
    @ValueSource(strings = {"INT", "TERM"})
    void anInterruptedRunLeavesNothing(String signal) throws Exception {
        Path big = folder.resolve("big.csv");
        Files.writeString(big, "Patron\n" + "Ines Brandt\n".repeat(2_000_000));
        List<String> command = new ArrayList<>();
        if (signal.equals("INT") && System.getProperty("os.name").equals("Linux")) {
            // A build that runs in the background of a shell ignores the signal, and so would all that it starts.
            command.addAll(List.of("env", "--default-signal=INT"));
        }
        command.addAll(Inkwell.command());
        command.addAll(List.of("split", "big.csv", "--name", "Patron", "--out", "out.csv"));
        Process process = new ProcessBuilder(command)
                .directory(folder.toFile())
                .redirectErrorStream(true)
                .redirectOutput(ProcessBuilder.Redirect.DISCARD)
                .start();
        while (process.isAlive() && unfinished() == 0) {
            Thread.sleep(20);
        }
        assertThat(process.isAlive()).isTrue();
        new ProcessBuilder("kill", "-" + signal, Long.toString(process.pid()))
                .start()
                .waitFor();
        assertThat(process.waitFor(30, TimeUnit.SECONDS)).isTrue();
        assertThat(process.exitValue()).isNotZero();
        try (Stream<Path> left = Files.list(folder)) {
            assertThat(left.map(Path::getFileName).map(Path::toString))
                    .containsExactlyInAnyOrder("big.csv", "patrons.csv");
        }
    }

    /** Returns how much has been written of an output that has no name yet. */
    private long unfinished() throws IOException {
        try (Stream<Path> files = Files.list(folder)) {
            return files.filter(file -> file.toString().endsWith(".part"))
                    .mapToLong(file -> file.toFile().length())
                    .sum();
        }
    }
}
