package io.inkwellsplit.cli;

import static org.assertj.core.api.Assertions.assertThat;

import io.inkwellsplit.cli.Inkwell.Result;
import io.inkwellsplit.cli.command.ExitCodes;
import io.inkwellsplit.reading.AddressPart;
import io.inkwellsplit.reading.NamePart;
import io.inkwellsplit.reading.PartKey;
import io.inkwellsplit.table.part.PartSample;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class CommandLineTest {
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
        Files.writeString(folder.resolve("ragged.csv"), PATRONS + "009,Hugh Okonedo\n");
        Files.writeString(folder.resolve("empty.csv"), "");
        Files.writeString(folder.resolve("header.csv"), "Patron\n");
        Files.write(folder.resolve("latin.csv"), "Patron\nJörg Müller\n".getBytes(StandardCharsets.ISO_8859_1));
        Files.writeString(folder.resolve("there.csv"), "mine\n");
    }

    @Test
    void splitsIntoAFile() throws Exception {
        Result result = inkwell.run(
                "split", "patrons.csv", "--name", "Patron", "--address", "Address", "--no-checks", "--out", "out.csv");
        assertThat(result.code()).isZero();
        assertThat(result.out()).contains("Rows: 2", "Patron: 2 read with confidence, 0 doubtful", "Written: out.csv");
        assertThat(folder.resolve("out.csv")).hasContent("""
                No,Patron,Title,First name,Middle name,Last name,Suffix,Remarks,Address,Street,Unit,City,State,Postcode,Country,Address Remarks
                007,Dr. Ines Brandt,Dr.,Ines,,Brandt,,,"445 Industrial Lane Apt B, Grass Valley, CO 05641",445 Industrial Lane,Apt B,Grass Valley,CO,05641,,
                008,"van der Meulen, Odalys W.",,Odalys,W.,van der Meulen,,,"Flat 2/1, 14 Harbour Lane, Dunmere, Kent CT5 1AB",14 Harbour Lane,Flat 2/1,Dunmere,,CT5 1AB,,County: Kent
                """);
        assertThat(folder.resolve("patrons.csv")).hasContent(PATRONS);
        Result again = inkwell.run("split", "patrons.csv", "--name", "2", "--out", "out.csv", "--replace");
        assertThat(again.code()).isZero();
    }

    @Test
    void tellsEveryPartWithAnExample() throws Exception {
        Result result = inkwell.run("parts");
        assertThat(result.code()).isZero();
        for (PartKey part : NamePart.values()) {
            assertThat(result.out()).containsPattern("(?m)^" + part.key() + " +\\S");
        }
        for (PartKey part : AddressPart.values()) {
            assertThat(result.out()).containsPattern("(?m)^" + part.key() + " +\\S");
        }
        assertThat(result.out()).contains("van der", "Marrow Family", "PO Box 41", "Kent");
        assertThat(PartSample.ofNames())
                .allSatisfy(part -> assertThat(part.example()).as(part.key()).isNotEmpty());
        assertThat(PartSample.ofAddresses())
                .allSatisfy(part -> assertThat(part.example()).as(part.key()).isNotEmpty());
    }

    @Test
    void aMisspeltPartIsToldWithTheNearestAndAllThereAre() throws Exception {
        Result result = inkwell.run("split", "patrons.csv", "--name", "Patron", "--parts", "frist");
        assertThat(result.code()).isEqualTo(ExitCodes.SETTING);
        assertThat(result.err()).contains("did you mean first?", "title, first, middle, last", "or all for every one");
    }

    @Test
    void standardisesAndSuggests() throws Exception {
        Files.writeString(
                folder.resolve("hosts.csv"),
                "Host\n\"5 Elm Street, Barre, Vermont 5641, USA\"\n\"Seestrasse 14, 8002 Zürich\"\n");
        Result result = inkwell.run(
                "split",
                "hosts.csv",
                "--address",
                "Host",
                "--standardise",
                "state-code,street-short,postcode",
                "--country",
                "CH",
                "--parts",
                "street,city,state,postcode",
                "--out",
                "-");
        assertThat(result.code()).isZero();
        assertThat(result.out())
                .contains(
                        "5 Elm St,Barre,VT,05641,Country: USA,",
                        "short-postcode,postcode=05641",
                        "Seestr. 14,Zürich,,8002,,");
    }

    @Test
    void previewsWithoutAFile() throws Exception {
        Result result = inkwell.run("split", "patrons.csv", "--name", "Patron");
        assertThat(result.code()).isZero();
        assertThat(result.out()).contains("Last name", "van der Meulen", "Nothing was written");
        assertThat(result.out().lines()).allMatch(line -> line.length() <= 100);
    }

    @Test
    void assemblesWhatWasSplit() throws Exception {
        assertThat(inkwell.run("split", "patrons.csv", "--name", "Patron", "--out", "split.csv")
                        .code())
                .isZero();
        Result result = inkwell.run(
                "assemble",
                "split.csv",
                "--make",
                "Full name={first} {middle} {last}",
                "--make",
                "Index={last}, {first}",
                "--out",
                "full.csv");
        assertThat(result.code()).isZero();
        assertThat(Files.readString(folder.resolve("full.csv")))
                .contains("Ines Brandt,\"Brandt, Ines\"", "Odalys W. van der Meulen,\"van der Meulen, Odalys\"");
    }

    @Test
    void assemblesReadyOnesStylesAndContacts() throws Exception {
        inkwell.run(
                "split",
                "patrons.csv",
                "--name",
                "Patron",
                "--address",
                "Address",
                "--titles",
                "schema",
                "--out",
                "split.csv",
                "--describe");
        assertThat(Files.readString(folder.resolve("split.csv-metadata.json")))
                .contains("\"titles\" : \"postalCode\"", "a leading zero counts");
        Result result = inkwell.run(
                "assemble",
                "split.csv",
                "--ready",
                "index-core",
                "--ready",
                "To=greeting",
                "--ready",
                "label",
                "--home",
                "US",
                "--locale",
                "en",
                "--style",
                "short-formal",
                "--out",
                "-");
        assertThat(result.code()).isZero();
        assertThat(result.out())
                .contains(
                        "Index entry by core,To,Label,Name short-formal (en)",
                        "\"Brandt, Ines\",Dear Dr. Brandt,\"Dr. Ines Brandt\n445 Industrial Lane Apt B\n",
                        "\"Meulen, Odalys W. van der\",Dear Odalys van der Meulen",
                        "O.W. van der Meulen");
        Result cards = inkwell.run("split", "patrons.csv", "--name", "Patron", "--out", "patrons.vcf");
        assertThat(cards.out()).contains("Contacts: 2", "Written: patrons.vcf");
        assertThat(Files.readString(folder.resolve("patrons.vcf"))).contains("N:van der Meulen;Odalys;W.;;");
    }

    /** Each command on the same small table; the output is that of standard output, with slashes between its lines. */
    @ParameterizedTest
    @CsvSource(delimiter = '|', quoteCharacter = '`', textBlock = """
            cut --at ; --column V                        | `No,V,V 1,V 2,N/7,B;A,B,A,i@q.example/8,A,A,,x 555`
            cut --column V --into-rows --at ;            | `No,V,V piece,V number,N/7,B;A,B,1,i@q.example/7,B;A,A,2,i@q.example/8,A,A,1,x 555`
            take --column V --at ; --piece -1 --title L  | `No,V,L,N/7,B;A,A,i@q.example/8,A,A,x 555`
            match --column N --ready emails --title E    | `No,V,N,E/7,B;A,i@q.example,i@q.example/8,A,x 555,`
            match --column N --find \\d+ --put #         | `No,V,N,N replaced/7,B;A,i@q.example,i@q.example/8,A,x 555,x #`
            mask --column N --letters --show-last 1      | `No,V,N/7,B;A,*@*.******e/8,A,x 555`
            mask --column N --pseudonyms --key-file key  | `No,V,N/7,B;A,%1$s/8,A,%2$s`
            tidy --column V --what lower                 | `No,V,V tidied,N/7,B;A,b;a,i@q.example/8,A,a,x 555`
            combine --column V --column No --with : --title G | `No,V,G,N/7,B;A,B;A:7,i@q.example/8,A,A:8,x 555`
            group --column No                            | `No together,Rows/7 and 8,2`
            sort --by-number-falling No                  | `No,V,N/8,A,x 555/7,B;A,i@q.example`
            columns --keep N --keep No --rename N=Note   | `Note,No/i@q.example,7/x 555,8`
            count --column V                             | `V,Count,Share/A,1,50.0 %/B;A,1,50.0 %`
            duplicates --by V                            | `No,V,N,Duplicate group,Likeness`
            cut --at ; --column V --into-rows next count --column `V piece` next columns --keep Count | `Count/2/1`
            """)
    void worksOnPieces(String args, String expected) throws Exception {
        Files.writeString(folder.resolve("list.csv"), "No,V,N\n7,B;A,i@q.example\n8,A,x 555\n");
        Files.writeString(folder.resolve("key"), "a key that nobody guesses\n");
        List<String> words = new ArrayList<>(List.of(args.strip().split(" +(?=(?:[^`]*`[^`]*`)*[^`]*$)")));
        words.replaceAll(word -> word.replace("`", ""));
        words.add(1, "list.csv");
        words.addAll(List.of("--out", "-"));
        Result result = inkwell.run(words.toArray(String[]::new));
        assertThat(result.err()).contains("Rows: 2");
        assertThat(result.out().strip().replace("\n", "/"))
                .matches(java.util.regex.Pattern.quote(expected)
                        .replace("%1$s", "\\E[a-z0-9]{12}\\Q")
                        .replace("%2$s", "\\E[a-z0-9]{12}\\Q"));
    }

    @Test
    void keepsQuiet() throws Exception {
        Result result = inkwell.run("split", "ragged.csv", "--name", "Patron", "--out", "out.csv", "--quiet");
        assertThat(result.code()).isEqualTo(ExitCodes.SET_ASIDE);
        assertThat(result.out()).isEmpty();
        assertThat(result.err()).contains("Set aside, with the reason for each row: out.set-aside.csv");
    }

    @Test
    void listsThePatterns() throws Exception {
        Result result = inkwell.run("patterns", "--locale", "de");
        assertThat(result.code()).isZero();
        assertThat(result.out())
                .contains(
                        "Meulen, Odalys W. van der",
                        "Dear Dr. van der Meulen",
                        "Mr. T. and Ms. I. Brandt",
                        "Style (de)");
        assertThat(inkwell.run("patterns", "Ines Brandt").out()).contains("Brandt, Ines");
    }

    @Test
    void readsAndWritesStandardStreams() throws Exception {
        Result result = inkwell.runWith(
                "Guest;Seats\r\nInes Brandt;2\r\n",
                "split",
                "-",
                "--name",
                "Guest",
                "--titles",
                "keys",
                "--parts",
                "last",
                "--no-checks",
                "--out",
                "-");
        assertThat(result.code()).isZero();
        assertThat(result.out()).isEqualTo("Guest;last;remarks;Seats\r\nInes Brandt;Brandt;first: Ines;2\r\n");
        assertThat(result.err()).contains("Rows: 1");
    }

    @Test
    void setsRaggedRowsAsideAndSaysSo() throws Exception {
        Result result = inkwell.run("split", "ragged.csv", "--name", "Patron", "--out", "out.csv");
        assertThat(result.code()).isEqualTo(ExitCodes.SET_ASIDE);
        assertThat(result.out()).contains("Rows: 3, set aside: 1", "out.set-aside.csv");
        assertThat(Files.readString(folder.resolve("out.set-aside.csv")))
                .contains("3,4,\"it has 2 cells, the header has 3\",009,Hugh Okonedo");
    }

    @Test
    void headerAloneGivesHeaderAlone() throws Exception {
        Result result = inkwell.run(
                "split", "header.csv", "--name", "Patron", "--parts", "last", "--no-checks", "--out", "out.csv");
        assertThat(result.code()).isZero();
        assertThat(folder.resolve("out.csv")).hasContent("Patron,Last name,Remarks\n");
    }

    @Test
    void tellsWhenItGuessesTheEncoding() throws Exception {
        Result result = inkwell.run("split", "latin.csv", "--name", "Patron", "--out", "out.csv");
        assertThat(result.code()).isZero();
        assertThat(result.err()).contains("no UTF-8");
        assertThat(Files.readString(folder.resolve("out.csv"))).contains("Jörg");
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            split none.csv --name Patron                        | 4 | There is no file none.csv
            split empty.csv --name Patron                       | 4 | empty.csv is empty
            split . --name Patron                               | 4 | is a folder
            split latin.csv --name Patron --charset UTF-8       | 4 | bytes that are not UTF-8
            split ragged.csv --name Patron --out -              | 4 | Row 3, line 4, cannot be worked on
            split patrons.csv --name Guest                      | 2 | There is no column "Guest"
            split there.csv                                     | 2 | say which to split
            split patrons.csv --name Patron --parts nose        | 2 | There is no part "nose"
            split patrons.csv --name Patron --titles latin      | 2 | There are no titles "latin"
            split patrons.csv --name Patron --charset utf-99    | 2 | There is no encoding "utf-99"
            split patrons.csv --name Patron --doubt-below 7     | 2 | from 0 to 1
            split patrons.csv --address Address --country XX    | 2 | Addresses of the country "XX" are not read
            split patrons.csv --address Address --standardise x | 2 | There is no rule "x" for addresses
            split patrons.csv --address 3 --standardise state-code,state-name | 2 | contradicts another one
            split patrons.csv --nmae Patron                     | 2 | Unknown option: '--nmae'
            assemble patrons.csv --make X={Patrn}               | 2 | did you mean {Patron}?
            assemble patrons.csv --make X={Patron               | 2 | at character 1
            assemble patrons.csv --make {Patron}                | 2 | make takes a title
            assemble patrons.csv                                | 2 | Say what to make
            assemble patrons.csv --ready fulll                  | 2 | did you mean full?
            assemble patrons.csv --ready full                   | 2 | split first
            assemble patrons.csv --style long                   | 2 | A style needs a language
            assemble patrons.csv --style lnog --locale en       | 2 | "lnog" is no word of a style
            assemble patrons.csv --ready label --home Frence    | 2 | is no country
            patterns --locale !                                 | 2 | is no language
            split patrons.csv --name Patron --describe --out -  | 2 | A description needs a file
            assemble patrons.csv --make X={No} --out cards.vcf  | 2 | Contacts need names
            cut patrons.csv --column No --at , --into 0         | 2 | The number of columns is 0
            cut patrons.csv --column No --titles No             | 2 | There is a column "No" already
            take patrons.csv --column No --piece 0              | 2 | 0 is not the number of a piece
            take patrons.csv --column No                        | 2 | --piece=N
            match patrons.csv --column No --find (              | 2 | is broken
            match patrons.csv --column No --ready x             | 2 | There is no ready-made expression "x"
            mask patrons.csv --column No --pseudonyms           | 2 | need a key
            mask patrons.csv --column No --pseudonyms --key-variable NO_SUCH | 2 | no environment variable
            mask patrons.csv --column No --show-last -1         | 2 | give 0 or more
            tidy patrons.csv --column No --what x               | 2 | There is no tidying "x"
            sort patrons.csv                                    | 2 | Say what to sort by
            sort --by No                                        | 2 | Name the FILE
            columns patrons.csv --rename No=Patron              | 2 | stand over two columns
            sort patrons.csv --by No --out x.csv next count --column No | 2 | Only the last of several commands names the output
            sort patrons.csv --by No next count there.csv --column No | 2 | name no file
            sort patrons.csv --by No next demo                  | 2 | works on no table
            splat patrons.csv                                   | 2 | splat
            split patrons.csv --name Patron --out there.csv     | 5 | there.csv is there already
            split patrons.csv --name Patron --out patrons.csv --replace | 2 | cannot be the output
            split patrons.csv --name Patron --out no/where.csv  | 5 | There is no folder
            split patrons.csv --name Patron --out new.csv --review there.csv | 5 | there.csv is there already
            sort patrons.csv --by No --out new.csv --save-job there.csv | 5 | there.csv is there already
            compare patrons.csv none.csv --by No                | 4 | There is no file none.csv
            demo .                                              | 5 | . is there already
            """)
    void badInputGetsASentenceAndItsCode(String args, int code, String message) throws Exception {
        Result result = inkwell.run(args.split(" "));
        assertThat(result.err()).contains(message).doesNotContain("Exception", "\tat ");
        assertThat(result.code()).isEqualTo(code);
        assertThat(folder.resolve("there.csv")).hasContent("mine\n");
        assertThat(folder.resolve("patrons.csv")).hasContent(PATRONS);
    }

    @Test
    void aClosedPipeEndsTheRun() throws Exception {
        StringBuilder many = new StringBuilder("Patron\n");
        many.append("Ines Brandt\n".repeat(200_000));
        Files.writeString(folder.resolve("many.csv"), many);
        List<String> quoted = new ArrayList<>();
        Inkwell.command().forEach(word -> quoted.add("'" + word + "'"));
        String script = String.join(" ", quoted)
                + " split many.csv --name Patron --no-learning --out - | head -n 1; exit ${PIPESTATUS[0]}";
        Result result = inkwell.process(List.of("bash", "-c", script), "");
        assertThat(result.out().lines()).hasSize(1);
        assertThat(result.err()).contains("The reader of standard output has closed it");
        assertThat(result.code()).isEqualTo(ExitCodes.CLOSED);
    }

    @Test
    void demoDoesTheWholeJob() throws Exception {
        Result result = inkwell.run("demo");
        assertThat(result.code()).isZero();
        assertThat(result.err()).isEmpty();
        assertThat(result.out())
                .contains(
                        "Three lists of people",
                        "Patron holds names",
                        "Written: inkwell-demo/letters.csv",
                        "Contacts: 163");
        assertThat(folder.resolve("inkwell-demo")).isDirectoryContaining("glob:**/box-office-split.csv");
        assertThat(Files.readAllLines(folder.resolve("inkwell-demo/box-office-split.csv")))
                .hasSize(153);
        assertThat(result.out().split("Job: inkwell-demo/box-office.yaml", -1)).hasSize(2);
        assertThat(result.out().split("Report: inkwell-demo/report.html", -1)).hasSize(2);
        assertThat(inkwell.run("columns", "inkwell-demo/box-office.xlsx", "--first", "Order", "--out", "back.csv")
                        .code())
                .isZero();
        assertThat(folder.resolve("back.csv")).hasSameTextualContentAs(folder.resolve("inkwell-demo/box-office.csv"));
        assertThat(inkwell.run("demo", "--replace").code()).isZero();
    }

    @Test
    void helpsEveryCommand() throws Exception {
        for (String command : List.of(
                "survey",
                "split",
                "explain",
                "assemble",
                "patterns",
                "cut",
                "take",
                "match",
                "mask",
                "tidy",
                "combine",
                "group",
                "sort",
                "columns",
                "count",
                "duplicates",
                "run",
                "job-schema",
                "demo")) {
            Result result = inkwell.run(command, "--help");
            assertThat(result.code()).isZero();
            assertThat(result.out()).contains("Usage: inkwell " + command);
        }
        assertThat(inkwell.run("generate-completion").out()).contains("complete -F", "--into-rows");
        assertThat(inkwell.run("--version").out()).startsWith("inkwell");
        assertThat(inkwell.run().code()).isEqualTo(ExitCodes.SETTING);
    }
}
