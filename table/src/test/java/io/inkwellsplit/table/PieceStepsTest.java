package io.inkwellsplit.table;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import io.inkwellsplit.hide.Mask;
import io.inkwellsplit.piece.Combining;
import io.inkwellsplit.piece.Cutter;
import io.inkwellsplit.piece.Take;
import io.inkwellsplit.table.run.Run;
import io.inkwellsplit.table.sort.SortKey.Direction;
import io.inkwellsplit.table.split.SplitStep;
import io.inkwellsplit.table.split.SplitStep.Checks;
import io.inkwellsplit.table.step.AssembleStep;
import io.inkwellsplit.table.step.BoundStep;
import io.inkwellsplit.table.step.ColumnsStep;
import io.inkwellsplit.table.step.CombineStep;
import io.inkwellsplit.table.step.CountStep;
import io.inkwellsplit.table.step.CutStep;
import io.inkwellsplit.table.step.CutStep.Fill;
import io.inkwellsplit.table.step.DuplicatesStep;
import io.inkwellsplit.table.step.GroupStep;
import io.inkwellsplit.table.step.HideStep;
import io.inkwellsplit.table.step.MatchStep;
import io.inkwellsplit.table.step.SortStep;
import io.inkwellsplit.table.step.SortStep.As;
import io.inkwellsplit.table.step.Step;
import io.inkwellsplit.table.step.TakeStep;
import io.inkwellsplit.table.step.TidyStep;
import java.util.ArrayList;
import java.util.Iterator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class PieceStepsTest {
    private static final String SINGERS = """
            No|Voices|Name
            007|Alto, Bass|Ines Brandt
            008|Tenor|Wren Marlow
            009|Alto, Tenor, Bass|W. Marlow
            """;

    /** A table written with pipes; slashes in what comes out. */
    private static String run(String table, Step... steps) {
        List<List<String>> lines = table.strip()
                .lines()
                .map(line -> List.of(line.split("\\|", -1)))
                .toList();
        RowSource source = new RowSource() {
            @Override
            public List<String> header() {
                return lines.get(0);
            }

            @Override
            public Iterator<Row> rows() {
                List<Row> rows = new ArrayList<>();
                for (int i = 1; i < lines.size(); i++) {
                    rows.add(new Row(i, i + 1, lines.get(i)));
                }
                return rows.iterator();
            }
        };
        List<String> out = new ArrayList<>();
        Run run = Run.of(source, List.of(steps));
        run.into(new RowSink() {
            @Override
            public void header(List<String> titles) {
                out.add(String.join("|", titles));
            }

            @Override
            public void row(List<String> cells) {
                out.add(String.join("|", cells));
            }

            @Override
            public void setAside(Row row, String reason) {
                out.add("aside " + row.number());
            }

            @Override
            public void finish() {
                run.steps().stream().map(BoundStep::report).forEach(out_ -> out.addAll(out_));
            }
        });
        assertThat(run.rowsOut()).isLessThanOrEqualTo(out.size() - 1);
        return String.join("\n", out) + "\n";
    }

    @Test
    void cutsIntoAsManyColumnsAsTheWidestRowNeeds() {
        assertThat(run(SINGERS, CutStep.of("Voices", Cutter.at(", ")))).isEqualTo("""
                No|Voices|Voices 1|Voices 2|Voices 3|Name
                007|Alto, Bass|Alto|Bass||Ines Brandt
                008|Tenor|Tenor|||Wren Marlow
                009|Alto, Tenor, Bass|Alto|Tenor|Bass|W. Marlow
                Voices: 2 values cut
                """);
    }

    @ParameterizedTest
    @CsvSource(delimiter = '¦', textBlock = """
            LEFT  ¦ a,b,c                     ¦ a|b,c
            RIGHT ¦ a,b,c                     ¦ a,b|c
            RIGHT ¦ a                         ¦ |a
            ENDS  ¦ a                         ¦ |a
            LEFT  ¦ a                         ¦ a|
            """)
    void keepsTheRestAndFills(Fill fill, String value, String expected) {
        assertThat(run(
                        "L\n" + value,
                        CutStep.of("L", Cutter.at(",")).intoColumns(2).fill(fill)))
                .contains("\n" + value + "|" + expected + "\n");
    }

    @Test
    void theLastPieceStandsInTheLastColumn() {
        assertThat(run(
                        "Name\nInes Brandt\nInes Wren Brandt",
                        CutStep.of("Name", Cutter.at(" ")).fill(Fill.ENDS)))
                .contains("Ines Brandt|Ines||Brandt\n", "Ines Wren Brandt|Ines|Wren|Brandt\n");
    }

    @Test
    void findsTheSeparatorAndTitles() {
        assertThat(run(
                        "First;Last\nInes;Brandt\nWren;Marlow",
                        CutStep.atLikelySeparator("First;Last", each -> each).titledByHeader()))
                .startsWith("First;Last|First|Last\n")
                .contains("First;Last: cut at \";\", which stands in 100 % of the values");
        assertThat(run(SINGERS, CutStep.of("Voices", Cutter.at(", ")).titled(List.of("One", "Two"))))
                .contains("One|Two", "|Alto|Tenor, Bass|");
    }

    @Test
    void stepsFollowOneAnother() {
        assertThat(run(
                        "Names\nIn, Ma, Wr, Od, To, Inés van der Meulen, x\nonly one",
                        TakeStep.of("Names", Take.piece(Cutter.at(", "), 6)).titled("Sixth"),
                        SplitStep.builder()
                                .name("Sixth")
                                .checks(Checks.LEAVE_OUT)
                                .build(),
                        AssembleStep.builder().ready("initials-dots").build(),
                        ColumnsStep.asTheyAre().keep(List.of("Sixth", "Initials with dots"))))
                .startsWith("Sixth|Initials with dots\nInés van der Meulen|I. M.\n|\n");
        assertThat(run(
                        SINGERS,
                        CutStep.of("Voices", Cutter.at(", ")).intoRows().titled(List.of("Voice", "At")),
                        GroupStep.phrase("No", Locale.ENGLISH, "Voice").sorted().atMost(2),
                        SortStep.in(Locale.ENGLISH).by("Voice", As.TEXT, Direction.FALLING)))
                .startsWith("""
                        Voice|No together|Rows
                        Tenor|008 and 009|2
                        Bass|007 and 009|2
                        Alto|007 and 009|2
                        """);
    }

    /** A step that learns behind a step that counts makes that one count once. */
    @Test
    void learningBehindAnotherStepCountsOnce() {
        assertThat(run(
                        SINGERS,
                        SplitStep.builder()
                                .name("Name")
                                .checks(Checks.LEAVE_OUT)
                                .build(),
                        CutStep.of("Voices", Cutter.at(", "))))
                .contains("Name: 2 read with confidence, 1 doubtful");
    }

    @Test
    void groupsWithoutRepeats() {
        assertThat(run(
                        "G|V\nb|2\na|1\nb|2\nb|\nb|3",
                        GroupStep.joined("V", "+", "G").distinct()))
                .startsWith("G|V together|Rows\na|1|1\nb|2+3|4\n");
        assertThat(run("V\n1\n2\n3", GroupStep.phrase("V", Locale.ENGLISH).atMost(1)))
                .contains("1 … and 2 more|3");
    }

    @Test
    void pullsReplacesAndTests() {
        String notes = "Note\nborn 1998-06-01, ines@quayside.example\nnone";
        assertThat(run(notes, MatchStep.pull("Note", "(?P<year>\\d{4})-(?P<month>\\d{2})")))
                .contains("Note|year|month\n", "example|1998|06\n", "none||\n");
        assertThat(run(notes, MatchStep.pull("Note", MatchStep.ready("emails")).titled("Mail")))
                .contains("Note|Mail\n", "|ines@quayside.example\n");
        assertThat(run(notes, MatchStep.pull("Note", "\\d+"))).contains("|1998; 06; 01\n");
        assertThat(run(notes, MatchStep.replace("Note", "(\\d)(\\d)", "$2$1"))).contains("|born 9189-60-10,");
        assertThat(run(notes, MatchStep.test("Note", "born"))).contains("|yes\n", "none|no\n");
        assertThat(MatchStep.readyNames()).allSatisfy(name -> MatchStep.pull("Note", MatchStep.ready(name)));
    }

    @ParameterizedTest
    @CsvSource(delimiter = '¦', textBlock = """
            capitalised  ¦ the Old Ropewalk of O'Brien  ¦ Old; Ropewalk; O'Brien
            numbers      ¦ 2 seats at 18.00, no 007     ¦ 2; 18.00; 007
            emails       ¦ a.b@quayside.example, c@d    ¦ a.b@quayside.example
            phones       ¦ call +44 20 7946 0101 now    ¦ +44 20 7946 0101
            phones       ¦ call (555) 555-0101          ¦ (555) 555-0101
            us-postcodes ¦ CO 05641-1234                ¦ 05641-1234
            uk-postcodes ¦ Kent CT5 1AB                 ¦ CT5 1AB
            postcodes    ¦ 1012 AB Amsterdam, M5V 2T6   ¦ 1012 AB; M5V 2T6
            dates        ¦ 2026-06-01 or 1.6.26         ¦ 2026-06-01; 1.6.26
            """)
    void readyExpressionsFindTheirKind(String name, String text, String found) {
        assertThat(run("T\n" + text, MatchStep.pull("T", MatchStep.ready(name))))
                .contains("|" + found + "\n");
    }

    /** No expression can hang a run: this one takes a backtracking engine longer than the sun will shine. */
    @Test
    void expressionsTakeLinearTime() {
        assertThat(run("T\n" + "a".repeat(20_000), MatchStep.test("T", "(a*)*(a*)*b")))
                .contains("|no\n");
    }

    @Test
    void masksInPlaceAndTidiesBeside() {
        assertThat(run("Phone|Name\n555-0101|Ines", HideStep.mask(Mask.digits().allButLast(2), "Phone")))
                .isEqualTo("Phone|Name\n***-**01|Ines\n");
        assertThat(run("T\ncall 555 or a@b.example", HideStep.mask(Mask.all(), "\\d+", List.of("T"))))
                .contains("call *** or a@b.example");
        assertThat(run(
                        "A|B\n x  y |“Q”\nz|z",
                        TidyStep.of(List.of("B", "A"), TidyStep.named(List.of("spaces", "quotes")))))
                .isEqualTo("""
                        A|A tidied|B|B tidied
                         x  y |x y|“Q”|"Q"
                        z|z|z|z
                        A: changed 1 spaces
                        B: changed 1 quotes
                        """);
        assertThat(run("A|B\n007|", CombineStep.of("C", Combining.with("-").skipBlanks(), "B", "A")))
                .contains("007||007");
    }

    @Test
    void countsAndFindsDuplicates() {
        assertThat(run("N\nInes\nWren\nInes", CountStep.of("N"))).isEqualTo("""
                N|Count|Share
                Ines|2|66.7 %
                Wren|1|33.3 %
                """);
        assertThat(run("""
                        Last|First|City
                        Brandt|Inés|Dunmere
                        Marlow|Wren|Dunmere
                        BRANDT|I.|Dunmere
                        Brandt|Tobias|Dunmere
                        Marlow|Wren|Dunmere
                        O'Brien|Rafaela|Wexcombe
                        OBrien|Rafaella|
                        |x|y
                        """, DuplicatesStep.by("Last", "First", "City"))).isEqualTo("""
                Last|First|City|Duplicate group|Likeness
                Brandt|Inés|Dunmere|1|likely
                BRANDT|I.|Dunmere|1|likely
                Marlow|Wren|Dunmere|2|same
                Marlow|Wren|Dunmere|2|same
                O'Brien|Rafaela|Wexcombe|3|likely
                OBrien|Rafaella||3|likely
                Likely duplicates: rows 6, groups 3
                """);
    }

    @Test
    void movesDropsAndRenames() {
        assertThat(run(
                        SINGERS,
                        ColumnsStep.asTheyAre()
                                .first(List.of("Name"))
                                .last(List.of("No"))
                                .drop(List.of("Voices"))
                                .rename(Map.of("No", "Number"))))
                .startsWith("Name|Number\nInes Brandt|007\n");
    }

    @Test
    void sortsByNumbersAndByTheAlphabetOfALanguage() {
        assertThat(run(
                        "N|T\n10|a\n9|b\nx|c\n-1|d\n9|e",
                        SortStep.in(Locale.ENGLISH).by("N", As.NUMBER, Direction.RISING)))
                .isEqualTo("N|T\n-1|d\n9|b\n9|e\n10|a\nx|c\n");
        assertThat(run(
                        "N\nÖberg\nZoe\nOlga",
                        SortStep.in(Locale.forLanguageTag("sv")).by("N", As.TEXT, Direction.RISING)))
                .isEqualTo("N\nOlga\nZoe\nÖberg\n");
        assertThat(run("N\nÖberg\nZoe\nOlga", SortStep.in(Locale.GERMAN).by("N", As.TEXT, Direction.FALLING)))
                .isEqualTo("N\nZoe\nOlga\nÖberg\n");
    }

    @Test
    void refusesBadSettings() {
        assertThatThrownBy(() -> MatchStep.pull("T", "(a")).hasMessageContaining("is broken", "missing closing )");
        assertThatThrownBy(() -> MatchStep.pull("T", "")).hasMessageContaining("expression is empty");
        assertThatThrownBy(() -> MatchStep.replace("T", "a", "$1"))
                .hasMessageContaining("names at character 1 a group");
        assertThatThrownBy(() -> MatchStep.ready("colours")).hasMessageContaining("no ready-made expression");
        assertThatThrownBy(() -> TidyStep.named(List.of("x"))).hasMessageContaining("There is no tidying \"x\"");
        assertThatThrownBy(() -> CutStep.of("T", Cutter.at(",")).intoColumns(0))
                .hasMessageContaining("one from 1 to 1000");
        assertThatThrownBy(() -> CutStep.of("T", Cutter.at(",")).intoColumns(1001))
                .hasMessageContaining("one from 1 to 1000");
        assertThatThrownBy(() -> run("T\n" + ",".repeat(1000), CutStep.of("T", Cutter.at(","))))
                .hasMessageContaining("has 1001 pieces");
        assertThatThrownBy(() -> GroupStep.joined("T", ",").atMost(0)).hasMessageContaining("give 1 or more");
        assertThatThrownBy(() -> CountStep.of()).hasMessageContaining("No column was given");
        List<String> header = List.of("No", "T");
        assertThatThrownBy(() ->
                        CutStep.of("T", Cutter.at(",")).titled(List.of("No")).bind(header))
                .hasMessageContaining("There is a column \"No\" already");
        assertThatThrownBy(() -> CutStep.of("T", Cutter.at(","))
                        .titled(List.of("A", "A"))
                        .bind(header))
                .hasMessageContaining("\"A\" already");
        assertThatThrownBy(() -> SortStep.in(Locale.ENGLISH).bind(header)).hasMessageContaining("No column was given");
        assertThatThrownBy(() -> ColumnsStep.asTheyAre().drop(header).bind(header))
                .hasMessageContaining("No column would be left");
        assertThatThrownBy(
                        () -> ColumnsStep.asTheyAre().rename(Map.of("T", "No")).bind(header))
                .hasMessageContaining("stand over two columns");
    }
}
