package io.inkwellsplit.cli;

import static org.assertj.core.api.Assertions.assertThat;

import io.inkwellsplit.cli.Inkwell.Result;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Rows kept and texts replaced, as a user does it; inputs stay as they are whatever is asked. */
class RowsTest {
    private static final String SINGERS =
            "No,Voice,Singer\n1,Alto,Ada Thorne\n2,Bass,Tom Orme\n3,Alto,Harrow Ltd\n4,,\n";

    @TempDir
    Path folder;

    private Inkwell inkwell = new Inkwell(Path.of("."));

    @BeforeEach
    void setUp() throws IOException {
        inkwell = new Inkwell(folder);
        Files.writeString(folder.resolve("singers.csv"), SINGERS);
    }

    @Test
    void theKeptAndTheOthersAreWritten() throws Exception {
        Result result = inkwell.run(
                "rows",
                "singers.csv",
                "--where",
                "Voice is Alto",
                "--where",
                "Singer reads as person",
                "--rest",
                "others.csv",
                "--out",
                "altos.csv");
        assertThat(result.code()).isZero();
        assertThat(result.out()).contains("Rows: 4, out: 1", "Rows kept: 1 of 4");
        assertThat(folder.resolve("altos.csv")).hasContent("No,Voice,Singer\n1,Alto,Ada Thorne\n");
        assertThat(folder.resolve("others.csv"))
                .hasContent("No,Voice,Singer\n2,Bass,Tom Orme\n3,Alto,Harrow Ltd\n4,,\n");
    }

    @Test
    void anyIsEnoughAndDropTurnsItRound() throws Exception {
        String[] either = {"rows", "singers.csv", "--where", "Voice is Bass", "--where", "Voice is blank", "--any"};
        assertThat(run(either)).contains("Tom Orme").doesNotContain("Ada Thorne");
        String[] dropped = {"rows", "singers.csv", "--where", "Voice is Bass", "--drop"};
        assertThat(run(dropped)).contains("Ada Thorne").doesNotContain("Tom Orme");
    }

    @Test
    void aPreviewShowsOnlyWhatHasChanged() throws Exception {
        Files.writeString(folder.resolve("singers.csv"), "No,Voice,Singer\n1,Alto,Ada  Thorne\n2,Bass,Tom Orme\n");
        assertThat(run("tidy", "singers.csv", "--column", "Singer", "--show", "changed"))
                .contains("Ada Thorne")
                .doesNotContain("Tom Orme");
        assertThat(run(
                        "replace",
                        "singers.csv",
                        "--column",
                        "Voice",
                        "--text",
                        "Bass",
                        "--with",
                        "Bariton",
                        "--show",
                        "changed"))
                .contains("Tom Orme", "Bariton")
                .doesNotContain("Thorne");
        Result sorted = inkwell.run("sort", "singers.csv", "--by", "Singer", "--show", "changed");
        assertThat(sorted.code()).isEqualTo(2);
        assertThat(sorted.err()).contains("It cannot be said which rows were changed");
    }

    @Test
    void aSplitIsShownInTheTextItself() throws Exception {
        Files.writeString(folder.resolve("singers.csv"), "Singer\n\"Thorne, Dr. Ada B.\"\nTom & Ines Orme\n");
        assertThat(run("split", "singers.csv", "--name", "Singer", "--in-text"))
                .contains(
                        "Thorne, Dr. Ada B.\n└─────  └── └── └─\nLast name   First name ",
                        "        Title   Middle name ",
                        "Tom & Ines Orme\n└──   └─── └───");
        Files.writeString(
                folder.resolve("told.csv"),
                "Column,For,Text,Is\nSinger,value,Tom & Ines Orme,organisation=Tom & Ines Orme\n");
        assertThat(run("split", "singers.csv", "--name", "Singer", "--in-text", "--corrections", "told.csv"))
                .contains("Tom & Ines Orme\n└──────────────\nOrganisation");
    }

    private String run(String... args) throws Exception {
        Result result = inkwell.run(args);
        assertThat(result.code()).as(result.err()).isZero();
        return result.out();
    }

    @Test
    void aTitleFollowsAFilterInOneLine() throws Exception {
        assertThat(run(
                        "rows",
                        "singers.csv",
                        "--where",
                        "Singer is filled",
                        "next",
                        "group",
                        "--by",
                        "Voice",
                        "--column",
                        "Singer",
                        "next",
                        "sort",
                        "--by-number-falling",
                        "Rows"))
                .contains("Alto   Ada Thorne and Harrow Ltd  2", "Bass   Tom Orme                   1");
    }

    @Test
    void aJobKeepsWhatWasAsked() throws Exception {
        run("rows", "singers.csv", "--where", "Voice is Alto", "--drop", "--out", "a.csv", "--save-job", "job.yaml");
        run("run", "job.yaml", "--input", "singers.csv", "--out", "b.csv");
        assertThat(folder.resolve("b.csv")).hasSameTextualContentAs(folder.resolve("a.csv"));
        assertThat(folder.resolve("job.yaml")).content().contains("Voice is Alto", "drop: true");
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            --where;Voices is Alto                              | 2 | There is no column "Voices"
            --where;Voice was Alto                              | 2 | does not say what is asked of which column
            --any                                               | 2 | Missing required option: '--where=CONDITION'
            --where;Voice is Alto;--rest;singers.csv;--out;o.csv | 2 | singers.csv
            --where;Voice is Alto;--rest;o.csv;--out;o.csv      | 2 | o.csv
            """)
    void whatCannotBeIsRefusedAndNothingIsWritten(String options, int code, String why) throws Exception {
        String[] own = options.split(";");
        String[] args = new String[own.length + 2];
        args[0] = "rows";
        args[1] = "singers.csv";
        System.arraycopy(own, 0, args, 2, own.length);
        Result result = inkwell.run(args);
        assertThat(result.err()).contains(why);
        assertThat(result.code()).isEqualTo(code);
        assertThat(folder.resolve("o.csv")).doesNotExist();
        assertThat(folder.resolve("singers.csv")).hasContent(SINGERS);
    }

    @Test
    void textsAreReplaced() throws Exception {
        assertThat(run("replace", "singers.csv", "--column", "Singer", "--text", "ada", "--with", "A.", "--any-case"))
                .contains("A. Thorne", "Cells changed: 1");
        assertThat(inkwell.run("replace", "singers.csv", "--column", "Singer").code())
                .isEqualTo(2);
        assertThat(inkwell.run("replace", "singers.csv", "--column", "Singer", "--text", "a", "--at", "middle")
                        .err())
                .contains("anywhere, start, end");
    }

    @Test
    void onlySomeRowsAreSplit() throws Exception {
        assertThat(run("split", "singers.csv", "--name", "Singer", "--only", "Voice is Bass", "--parts", "last"))
                .contains("Orme")
                .doesNotContain("  Thorne");
    }

    /** A table of a hundred rows, of which every tenth has a name that nothing tells the order of. */
    private void many() throws IOException {
        StringBuilder rows = new StringBuilder("No,Singer\n");
        for (int i = 1; i <= 100; i++) {
            rows.append(i).append(i % 10 == 0 ? ",Quillmere\n" : ",Ada Thorne\n");
        }
        Files.writeString(folder.resolve("many.csv"), rows);
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            sort;many.csv;--by-number;No                          | 10  | 1   | 10
            sort;many.csv;--by-number;No;--rows;3                 | 3   | 1   | 3
            sort;many.csv;--by-number;No;--rows;1000              | 100 | 1   | 100
            split;many.csv;--name;Singer;--show;doubtful          | 10  | Quillmere | Quillmere
            split;many.csv;--name;Singer;--show;DOUBTFUL;--rows;4 | 4   | Quillmere | Quillmere
            """)
    void aPreviewShowsTheRowsThatAreWanted(String command, int count, String first, String last) throws Exception {
        many();
        List<String> shown = shown(command);
        assertThat(shown).hasSize(count);
        assertThat(shown.get(0)).startsWith(first);
        assertThat(shown.get(count - 1)).startsWith(last);
    }

    private List<String> shown(String command) throws Exception {
        return run(command.split(";"))
                .lines()
                .takeWhile(line -> !line.isBlank() && !line.startsWith("Blank in"))
                .skip(1)
                .toList();
    }

    @Test
    void strewnRowsComeFromAllOverTheTableAndAreTheSameEachTime() throws Exception {
        many();
        String strewn = "sort;many.csv;--by-number;No;--show;strewn;--rows;20";
        List<Integer> numbers = shown(strewn).stream()
                .map(line -> Integer.valueOf(line.substring(0, line.indexOf(' '))))
                .toList();
        assertThat(numbers).hasSize(20).isSorted().doesNotHaveDuplicates();
        assertThat(numbers.stream().filter(number -> number > 50).count()).isBetween(4L, 16L);
        assertThat(shown(strewn)).isEqualTo(shown(strewn));
    }

    @Test
    void whatAPreviewLeavesOutIsNamed() throws Exception {
        assertThat(run("split", "singers.csv", "--name", "Singer"))
                .contains("Blank in these rows: Title, Middle name, Suffix");
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            --rows;0        | A preview shows from 1 to 1000 rows, not 0.
            --rows;1001     | A preview shows from 1 to 1000 rows, not 1001.
            --show;doubtful | No column says which rows are doubtful
            --show;last     | Invalid value for option '--show'
            """)
    void whatAPreviewCannotShowIsRefused(String options, String why) throws Exception {
        String[] own = options.split(";");
        Result result = inkwell.run("sort", "singers.csv", "--by", "Singer", own[0], own[1]);
        assertThat(result.code()).isEqualTo(2);
        assertThat(result.err()).contains(why);
    }
}
