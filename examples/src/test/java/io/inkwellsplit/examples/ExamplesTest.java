package io.inkwellsplit.examples;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatCode;

import java.io.ByteArrayOutputStream;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Runs every example and reads what it prints. */
class ExamplesTest {
    @TempDir
    Path folder;

    private static String printed(Runnable program) {
        PrintStream before = System.out;
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try {
            System.setOut(new PrintStream(bytes, true, StandardCharsets.UTF_8));
            program.run();
        } finally {
            System.setOut(before);
        }
        return bytes.toString(StandardCharsets.UTF_8);
    }

    @Test
    void splitOneName() {
        assertThat(printed(() -> SplitOneName.main(new String[0])))
                .contains(
                        "Title: Dr.", "Last name: van der Meulen", "Nickname: Dot", "Sorted under: Meulen", "because:");
    }

    @Test
    void splitAColumn() {
        assertThat(printed(() -> SplitAColumn.main(new String[0]))).contains("first: JAMES    last: MARLOW");
    }

    @Test
    void partsInSql() throws Exception {
        assertThat(printed(() ->
                        assertThatCode(() -> PartsInSql.main(new String[0])).doesNotThrowAnyException()))
                .contains("MARLOW, JAMES      Montpelier   short-postcode", "MILLER, KAREN      Barre        null");
    }

    @Test
    void standardiseAddresses() {
        assertThat(printed(() -> StandardiseAddresses.main(new String[0])))
                .contains(
                        "GB: 14 Harbour Lane | Wexcombe | CT5 1AB",
                        "3 Quay Street | Wexcombe | ",
                        "US: 5 North Elm Street | Barre | 05641",
                        "The postcode has lost its leading zero.",
                        "DE: Musterstraße 7a | Köln | 50667");
    }

    @Test
    void registerJob() throws Exception {
        Path out = folder.resolve("register.csv");
        String[] args = {Path.of("../demo/box-office.csv").toString(), out.toString()};
        assertThat(printed(() -> RegisterJob.main(args)))
                .contains("Title: Cantor", "parts: first,last", "  - Last name\n", "Rows: 152");
        assertThat(Files.readAllLines(out).get(0)).contains("Patron,First name,Last name,Remarks,Confidence");
    }

    @Test
    void splitAndReassembleCsv() throws Exception {
        Path out = folder.resolve("out.csv");
        String[] args = {Path.of("../demo/box-office.csv").toString(), out.toString()};
        assertThat(printed(() -> SplitAndReassembleCsv.main(args))).contains("Rows: 152, set aside: 0");
        assertThat(Files.readString(out)).contains("\"Brandt, Ines\"");
    }

    @Test
    void mailRun() {
        assertThat(printed(() -> MailRun.main(new String[0])))
                .contains(
                        "445 Industrial Lane Apt B\nGrass Valley, CA 95945\n\nDear Dr. Okonedo,",
                        "UK\n\nDear Mr. and Mrs. Brandt,",
                        "50667 Köln\nGERMANY\n\nDear Odalys van der Meulen,",
                        "Dear Harlow & Sons LLC,");
    }

    @Test
    void labelSheet() {
        assertThat(printed(() -> LabelSheet.main(new String[] {"../demo/box-office.csv"})))
                .contains("INES BRANDT                             MR. and MRS. TOBIAS BRANDT", "DUNMERE");
    }

    @Test
    void indexInTwoAlphabets() {
        assertThat(printed(() -> IndexInTwoAlphabets.main(new String[0]))).isEqualTo("""
                In Latin letters
                  Ærø, Øystein
                  Brandt, Ines
                  Brandt, Tobias
                  Fairweather-Jessop, Zoë
                  Meulen, Odalys Wren van der
                In Cyrillic letters
                  Новиков, Пётр Ильич
                  Орлова, Анна
                  Соколова, Мария Ивановна
                """);
    }

    @Test
    void contactCards() throws Exception {
        Path out = folder.resolve("cards.vcf");
        String[] args = {"../demo/box-office.csv", out.toString()};
        assertThat(printed(() -> ContactCards.main(args))).startsWith("Contacts: 1");
        assertThat(Files.readString(out)).contains("BEGIN:VCARD", "N:BRANDT;INES;;;", "KIND:org");
    }

    @Test
    void jshellScript() throws Exception {
        Path jshell = Path.of(System.getProperty("java.home"), "bin", "jshell");
        Process process = new ProcessBuilder(
                        jshell.toString(), "--class-path", System.getProperty("java.class.path"), "split.jsh")
                .redirectErrorStream(true)
                .start();
        process.getOutputStream().close();
        String out = new String(process.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        assertThat(process.waitFor(60, TimeUnit.SECONDS)).isTrue();
        assertThat(out).contains("Ines and Tobias, both Brandt", "Grass Valley in CO");
    }
}
