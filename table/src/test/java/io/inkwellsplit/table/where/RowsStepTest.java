package io.inkwellsplit.table.where;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import io.inkwellsplit.table.TableException;
import io.inkwellsplit.table.TestTable;
import io.inkwellsplit.table.job.Job;
import io.inkwellsplit.table.job.JobDone;
import io.inkwellsplit.table.job.JobRun;
import io.inkwellsplit.table.step.ReplaceStep;
import io.inkwellsplit.table.where.Conditions.Join;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Rows kept and dropped, alone and in a job, and what is left over. */
class RowsStepTest {
    private static final String SINGERS = "Voice|Singer\nAlto|Ines\nBass|Tom\nAlto|Wren\n|Ada\n";

    @TempDir
    Path folder;

    private static Conditions where(String condition) {
        return Conditions.parse(List.of(condition), Join.ALL);
    }

    @Test
    void keepsAndDrops() {
        assertThat(TestTable.run(SINGERS, RowsStep.keeping(where("Voice is Alto"))))
                .isEqualTo("Voice|Singer/Alto|Ines/Alto|Wren");
        assertThat(TestTable.run(SINGERS, RowsStep.dropping(where("Voice is Alto"))))
                .isEqualTo("Voice|Singer/Bass|Tom/|Ada");
        assertThat(TestTable.run(SINGERS, RowsStep.keeping(where("Voice is Tenor"))))
                .isEqualTo("Voice|Singer");
    }

    private Path table(int rows) throws IOException {
        StringBuilder table = new StringBuilder("Voice,Singer\n");
        for (int i = 0; i < rows; i++) {
            table.append(i % 3 == 0 ? "Alto" : "Bass")
                    .append(",Ada Thorne ")
                    .append(i)
                    .append('\n');
        }
        return Files.writeString(folder.resolve("singers.csv"), table);
    }

    /** Enough rows for several batches; what stands behind learns, so that rows go through twice. */
    @Test
    void bothHalvesAreWrittenInTheirOrder() throws IOException {
        Path out = folder.resolve("out.csv");
        Path rest = folder.resolve("rest.csv");
        Job job = Job.reading(table(5000))
                .step("rows", step -> step.set("where", "Voice is Alto").set("rest", rest.toString()))
                .step(
                        "split",
                        step -> step.set("name", "Singer").set("parts", "last").set("no-checks"))
                .writing(out);
        JobDone done = JobRun.of(job).run();
        List<String> kept = Files.readAllLines(out);
        List<String> left = Files.readAllLines(rest);
        assertThat(kept).hasSize(1 + 1667);
        assertThat(left).hasSize(1 + 3333).startsWith("Voice,Singer", "Bass,Ada Thorne 1", "Bass,Ada Thorne 2");
        assertThat(left).allMatch(line -> !line.startsWith("Alto"));
        assertThat(left.get(left.size() - 1)).isEqualTo("Bass,Ada Thorne 4999");
        assertThat(done.run().steps().get(0).report()).containsExactly("Rows kept: 1667 of 5000");
        assertThat(done.run().rowsOut()).isEqualTo(1667);
    }

    @Test
    void theRestIsNeverWrittenOverWhatIsThere() throws IOException {
        Path rest = Files.writeString(folder.resolve("rest.csv"), "mine\n");
        Job job = Job.reading(table(3))
                .step("rows", step -> step.set("where", "Voice is Alto").set("rest", rest.toString()))
                .writing(folder.resolve("out.csv"));
        assertThatThrownBy(() -> JobRun.of(job).run()).isInstanceOf(TableException.class);
        assertThat(rest).hasContent("mine");
        assertThat(folder.resolve("out.csv")).doesNotExist();
    }

    @Test
    void onlySomeRowsAreSplit() throws IOException {
        Path in = Files.writeString(folder.resolve("in.csv"), "Voice,Singer\nAlto,Ada Thorne\nBass,Tom Orme\n");
        Path out = folder.resolve("out.csv");
        JobRun.of(Job.reading(in)
                        .step("split", step -> step.set("name", "Singer")
                                .set("parts", "last")
                                .set("no-checks")
                                .set("only", "Voice is Bass"))
                        .writing(out))
                .run();
        assertThat(Files.readAllLines(out))
                .containsExactly(
                        "Voice,Singer,Last name,Remarks", "Alto,Ada Thorne,,", "Bass,Tom Orme,Orme,First name: Tom");
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', quoteCharacter = '`', textBlock = """
            County of   | ``     | ANYWHERE | County of Kent          | Kent
            County of   | ``     | ANYWHERE | The County of Kent      | The Kent
            County      | ``     | ANYWHERE | Kent County             | Kent
            County      | Co.    | ANYWHERE | Kent County, County Rd  | Kent Co., Co. Rd
            County      | Co.    | START    | County Kent County      | Co. Kent County
            County      | Co.    | END      | County Kent County      | County Kent Co.
            a           | b      | ANYWHERE | banana                  | bbnbnb
            .           | !      | ANYWHERE | a.b.                    | a!b!
            x           | y      | ANYWHERE | Kent                    | Kent
            Kent        | ``     | ANYWHERE | Kent                    | ``
            """)
    void replacesTexts(String text, String by, ReplaceStep.Where at, String cell, String expected) {
        ReplaceStep step = ReplaceStep.of(List.of("A"), Map.of(text, by)).at(at);
        assertThat(TestTable.run("A|B\n" + cell + "|" + cell + "\n", step)).isEqualTo("A|B/" + expected + "|" + cell);
    }

    @Test
    void wholeWordsAndAnyCase() {
        ReplaceStep step = ReplaceStep.of(List.of("A"), Map.of("st", "street"));
        assertThat(TestTable.run("A\nMain St, west st\n", step)).isEqualTo("A/Main St, westreet street");
        assertThat(TestTable.run("A\nMain St, west st\n", step.wholeWords())).isEqualTo("A/Main St, west street");
        assertThat(TestTable.run("A\nMain St, west st\n", step.wholeWords().anyCase()))
                .isEqualTo("A/Main street, west street");
        assertThat(TestTable.run(
                        "A\nab abc a\n", ReplaceStep.of(List.of("A"), Map.of("ab", "1", "abc", "2", "a", "3"))))
                .isEqualTo("A/1 2 3");
        assertThatThrownBy(() -> ReplaceStep.of(List.of("A"), Map.of("", "x"))).isInstanceOf(TableException.class);
        assertThatThrownBy(() -> ReplaceStep.of(List.of("A"), Map.of())).isInstanceOf(TableException.class);
    }

    @Test
    void pairsComeFromATable() throws IOException {
        Path pairs = Files.writeString(folder.resolve("pairs.csv"), "Text,By\nAlto,A\nBass,B\n");
        Path out = folder.resolve("out.csv");
        Job job = Job.reading(table(2))
                .step("replace", step -> step.set("column", "Voice").set("pairs", pairs.toString()))
                .writing(out);
        JobDone done = JobRun.of(job).run();
        assertThat(Files.readAllLines(out)).containsExactly("Voice,Singer", "A,Ada Thorne 0", "B,Ada Thorne 1");
        assertThat(done.run().steps().get(0).report()).containsExactly("Cells changed: 2");
        Files.writeString(pairs, "Text,By\nAlto,A\nAlto,B\n");
        assertThatThrownBy(() -> JobRun.of(job.replacing()).run())
                .isInstanceOf(TableException.class)
                .hasMessageContaining("Line 3");
        Files.writeString(pairs, "Text,By\nAlto\n");
        assertThatThrownBy(() -> JobRun.of(job.replacing()).run())
                .isInstanceOf(TableException.class)
                .hasMessageContaining("1 cells");
    }

    /** New columns move none of those that are given by their numbers. */
    @Test
    void severalColumnsAreCutAtOnce() throws IOException {
        Path in = Files.writeString(folder.resolve("in.csv"), "A,B\n1-2,3-4\n5-6-7,8\n");
        Path out = folder.resolve("out.csv");
        Job job = Job.reading(in)
                .step("cut", step -> step.set("column", "1")
                        .set("column", "2")
                        .set("at", "-")
                        .set("into", "2"))
                .writing(out);
        JobDone done = JobRun.of(job).run();
        assertThat(Files.readAllLines(out))
                .containsExactly("A,A 1,A 2,B,B 1,B 2", "1-2,1,2,3-4,3,4", "5-6-7,5,6-7,8,8,");
        assertThat(done.run().steps().get(1).report())
                .contains("A: 1 values have more pieces than columns; what is left of them stays together");
        assertThatThrownBy(() -> JobRun.of(Job.reading(in)
                                .step("take", step -> step.set("column", "A")
                                        .set("column", "B")
                                        .set("words", "1")
                                        .set("title", "T"))
                                .writing(folder.resolve("other.csv")))
                        .run())
                .isInstanceOf(TableException.class)
                .hasMessageContaining("title is for one column");
    }
}
