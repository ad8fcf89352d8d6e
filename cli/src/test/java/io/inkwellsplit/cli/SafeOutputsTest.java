package io.inkwellsplit.cli;

import static org.assertj.core.api.Assertions.assertThat;

import io.inkwellsplit.cli.command.ExitCodes;
import io.inkwellsplit.cli.terminal.StandardOutput;
import io.inkwellsplit.cli.terminal.VisibleWriter;
import java.io.IOException;
import java.io.OutputStream;
import java.io.PrintWriter;
import java.io.StringWriter;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** What a command writes and says is safe to look at and to hand on, and nothing of before is lost. */
class SafeOutputsTest {
    @TempDir
    Path folder;

    private final StringWriter said = new StringWriter();

    @BeforeEach
    void setUp() throws IOException {
        write("patrons.csv", "No,Patron\n1,Ines Brandt\n");
        write("ragged.csv", "No,Patron\n1,Ines Brandt\n2\n");
    }

    private Path write(String name, String text) throws IOException {
        return Files.writeString(folder.resolve(name), text);
    }

    private int run(String... words) {
        said.getBuffer().setLength(0);
        PrintWriter to = new PrintWriter(new VisibleWriter(said, false), true);
        List<String> args = new ArrayList<>();
        for (String word : words) {
            args.add(word.replace("@", folder.toString()));
        }
        return Inkwell.run(to, args.toArray(String[]::new));
    }

    @Test
    void rowsSetAsideDoNotOutliveACleanRun() throws IOException {
        Path aside = folder.resolve("out.set-aside.csv");
        assertThat(run("split", "@/ragged.csv", "--name", "Patron", "--out", "@/out.csv"))
                .isEqualTo(ExitCodes.SET_ASIDE);
        assertThat(aside).content().contains("2,3,", "it has 1 cell, the header has 2");
        Files.delete(folder.resolve("out.csv"));
        assertThat(run("split", "@/patrons.csv", "--name", "Patron", "--out", "@/out.csv"))
                .isEqualTo(ExitCodes.OUTPUT);
        assertThat(folder.resolve("out.csv")).doesNotExist();
        assertThat(aside).exists();
        assertThat(run("split", "@/patrons.csv", "--name", "Patron", "--out", "@/out.csv", "--replace"))
                .isZero();
        assertThat(aside).doesNotExist();
    }

    @Test
    void whenTheReportCannotBeWrittenTheTableIsNotNew() throws IOException {
        write("out.csv", "old\n");
        assertThat(run(
                        "split",
                        "@/patrons.csv",
                        "--name",
                        "Patron",
                        "--out",
                        "@/out.csv",
                        "--report",
                        "/dev/full",
                        "--replace"))
                .isEqualTo(ExitCodes.OUTPUT);
        assertThat(folder.resolve("out.csv")).hasContent("old");
        assertThat(said.toString()).doesNotContain("Written");
    }

    @Test
    void aReplacedOutputKeepsLinkAndRights() throws IOException {
        Path real = write("real.csv", "old\n");
        Files.setPosixFilePermissions(real, PosixFilePermissions.fromString("rw-r-----"));
        Path link = Files.createSymbolicLink(folder.resolve("link.csv"), Path.of("real.csv"));
        assertThat(run("tidy", "@/patrons.csv", "--column", "Patron", "--out", "@/link.csv", "--replace"))
                .isZero();
        assertThat(link).isSymbolicLink();
        assertThat(real).content().contains("Ines Brandt");
        assertThat(PosixFilePermissions.toString(Files.getPosixFilePermissions(real)))
                .isEqualTo("rw-r-----");
        assertThat(run("tidy", "@/patrons.csv", "--column", "Patron", "--out", "/dev/null"))
                .isZero();
    }

    @Test
    void formulasAreCountedAndGuardedOnDemand() throws IOException {
        write("sums.csv", "Patron,Sum\n=Ines,1\nHugh,@x\nAda,-5\n");
        assertThat(run("columns", "@/sums.csv", "--rename", "Sum=Total", "--out", "@/plain.csv"))
                .isZero();
        assertThat(said.toString())
                .contains("Cells that a spreadsheet program would take for a formula: 2 (Patron 1, Total 1)");
        assertThat(folder.resolve("plain.csv")).hasContent("Patron,Total\n=Ines,1\nHugh,@x\nAda,-5\n");
        assertThat(run("columns", "@/sums.csv", "--rename", "Sum=Total", "--out", "@/safe.csv", "--formula-guard"))
                .isZero();
        assertThat(folder.resolve("safe.csv")).hasContent("Patron,Total\n'=Ines,1\nHugh,'@x\nAda,-5\n");
    }

    @Test
    void cardsHoldQuotesAndNoControls() throws IOException {
        write("hosts.csv", "Host,Address\nInes \u0007Brandt,\"12 \"\"Old\"\" Quay Rd, Barre, VT 05641\"\n");
        for (String form : List.of("vcf", "jcard", "jsonld")) {
            String file = "@/hosts." + form;
            assertThat(run(
                            "split",
                            "@/hosts.csv",
                            "--name",
                            "Host",
                            "--address",
                            "Address",
                            "--parts",
                            "all",
                            "--out",
                            file))
                    .as(said.toString())
                    .isZero();
            assertThat(folder.resolve("hosts." + form))
                    .content()
                    .contains("Old", "Brandt")
                    .doesNotContain("\u0007");
        }
        assertThat(folder.resolve("hosts.vcf")).content().contains("LABEL=\"", "^'Old^'");
    }

    /** A cell, a title and a file's name could make a terminal do anything. */
    @ParameterizedTest
    @CsvSource({
        "survey @/evil.csv",
        "survey @/evil.csv --column 1",
        "split @/evil.csv --name 1",
        "split @/evil.csv --name 1 --explain 1",
        "count @/evil.csv --column 1",
        "sort @/evil.csv --by none",
        "split @/\u001B[31mnone.csv --name 1",
        "compare @/evil.csv @/evil.csv --by 1"
    })
    void hiddenCharactersAreShownAsSigns(String line) throws IOException {
        write("evil.csv", "\u001B]0;title\u0007,Note\nInes \u001B[31mBrandt\u202E,\u009B2J\nHugh\u2066 Wren,x\n");
        run(line.split(" "));
        assertThat(said.toString())
                .isNotEmpty()
                .doesNotContainPattern("[\\x00-\\x08\\x0B-\\x1F\\x7F-\\x9F\u202A-\u202E\u2066-\u2069]");
    }

    @ParameterizedTest
    @ValueSource(strings = {"--json", ""})
    void jsonTellsHiddenCharactersByNumber(String json) throws IOException {
        write("evil.csv", "Patron\nInes\u202E Brandt\nInes\u202E Wren\n");
        run(("survey @/evil.csv --column Patron " + json).strip().split(" "));
        assertThat(said.toString()).contains(json.isEmpty() ? "Ines\uFFFD" : "Ines\\u202E");
    }

    /** What was said to a full disk has failed, whatever else was done. */
    @Test
    void aFullStandardOutputIsTold() {
        StandardOutput full = new StandardOutput(new OutputStream() {
            @Override
            public void write(int one) throws IOException {
                throw new IOException("No space left on device");
            }
        });
        PrintWriter out = new PrintWriter(full, true, StandardCharsets.UTF_8);
        PrintWriter err = new PrintWriter(said, true);
        out.println("Rows: 2");
        assertThat(Main.written(full, out, err, ExitCodes.DONE)).isEqualTo(ExitCodes.OUTPUT);
        assertThat(said.toString()).contains("standard output cannot be written: No space left on device.");
        assertThat(Main.written(full, out, err, ExitCodes.INPUT)).isEqualTo(ExitCodes.INPUT);
    }

    @Test
    void weightsOfTypeGoThroughWhereTheyAreShown() {
        PrintWriter to = new PrintWriter(new VisibleWriter(said, true), true);
        to.print("\u001B[1mbold\u001B[21m\u001B[0m \u001B[0;36mpart\u001B[0m \u001B[31mred \u001B[2J");
        to.flush();
        assertThat(said.toString())
                .isEqualTo("\u001B[1mbold\u001B[21m\u001B[0m \u001B[0;36mpart\u001B[0m \u241B[31mred \u241B[2J");
    }
}
