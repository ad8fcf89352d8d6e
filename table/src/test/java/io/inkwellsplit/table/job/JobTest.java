package io.inkwellsplit.table.job;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import io.inkwellsplit.table.ReadingWatch;
import io.inkwellsplit.table.Row;
import io.inkwellsplit.table.RowSink;
import io.inkwellsplit.table.RowSource;
import io.inkwellsplit.table.TableException;
import io.inkwellsplit.table.TableException.Problem;
import io.inkwellsplit.table.TestTable;
import io.inkwellsplit.table.correct.ReviewCase;
import io.inkwellsplit.table.file.Delivery;
import io.inkwellsplit.table.file.FilePlan;
import io.inkwellsplit.table.format.Formats;
import io.inkwellsplit.table.kind.Values.Given;
import io.inkwellsplit.table.split.Subject;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class JobTest {
    private static final String SINGERS = "Singer,Voices\nWren Marlow,Alto;Bass\nInes Brandt,Alto\n";

    @TempDir
    Path folder;

    private Path singers = Path.of("");
    private Path out = Path.of("");

    @BeforeEach
    void setUp() throws IOException {
        singers = Files.writeString(folder.resolve("singers.csv"), SINGERS);
        out = folder.resolve("out.csv");
    }

    private Job job() {
        return Job.reading(singers)
                .step("cut", step -> step.set("column", "Voices").set("at", ";").set("into-rows"))
                .step(
                        "split",
                        step -> step.set("name", "Singer").set("parts", "last").set("no-checks"))
                .step("sort", step -> step.set("by", "Last name").set("by-falling", "Voices piece"))
                .writing(out);
    }

    @Test
    void aProgramBuildsAndRunsOne() {
        JobDone done = JobRun.of(job()).run();
        assertThat(out).hasContent("""
                Singer,Last name,Remarks,Voices,Voices piece,Voices number
                Ines Brandt,Brandt,First name: Ines,Alto,Alto,1
                Wren Marlow,Marlow,First name: Wren,Alto;Bass,Bass,2
                Wren Marlow,Marlow,First name: Wren,Alto;Bass,Alto,1
                """);
        assertThat(done.run().rows()).isEqualTo(2);
        assertThat(done.run().rowsOut()).isEqualTo(3);
        assertThat(done.setAside()).isEmpty();
        assertThat(done.job().steps()).hasSize(3);
        assertThatThrownBy(() -> JobRun.of(job()).run())
                .isInstanceOfSatisfying(
                        TableException.class, e -> assertThat(e.problem()).isEqualTo(Problem.OUTPUT));
        JobRun.of(job().replacing()).run();
    }

    @Test
    void whatIsWrittenIsReadAgain() throws IOException {
        Path file = folder.resolve("jobs/month.yaml");
        Files.createDirectory(file.getParent());
        String text = JobWriter.text(job(), file);
        assertThat(text).contains("file: ../singers.csv", "into-rows: true", "by-falling: Voices piece");
        Files.writeString(file, text);
        Job again = JobReader.read(file);
        assertThat(JobWriter.text(again, file)).isEqualTo(text);
        assertThat(again.steps())
                .extracting(JobStep::values)
                .isEqualTo(job().steps().stream().map(JobStep::values).toList());
        assertThat(again.steps().get(0).where()).contains("month.yaml, line 4");
        JobRun.of(again).run();
        assertThat(out).exists();
    }

    @Test
    void theOrderOfSettingsDecides() throws IOException {
        Path file = folder.resolve("job.yaml");
        Files.writeString(file, """
                input: {file: singers.csv}
                steps:
                  - sort: {by-falling: Voices, by: [Singer]}
                output: {file: out.csv}
                """);
        JobRun.of(JobReader.read(file)).run();
        assertThat(Files.readAllLines(out).get(1)).isEqualTo("Wren Marlow,Alto;Bass");
    }

    @Test
    void standardStreamsAreThoseOfTheCaller() {
        ByteArrayInputStream in = new ByteArrayInputStream(SINGERS.getBytes(StandardCharsets.UTF_8));
        ByteArrayOutputStream to = new ByteArrayOutputStream();
        Job job = Job.reading(Path.of("-"))
                .step("columns", step -> step.set("keep", "Voices"))
                .into("-");
        assertThat(job.title()).isEqualTo("standard input");
        JobRun.of(job).streams(in, to).run();
        assertThat(to).hasToString("Voices\nAlto;Bass\nAlto\n");
    }

    @Test
    void firstStepFindsItsColumns() {
        List<String> said = new ArrayList<>();
        Job job = Job.reading(singers).step("split", step -> {}).writing(out);
        JobDone done = JobRun.of(job)
                .with(new JobCompanion() {
                    @Override
                    public void said(Topic topic, String sentence) {
                        said.add(topic + " " + sentence);
                    }
                })
                .run();
        assertThat(said).singleElement().asString().startsWith("FOUND Singer is split as names: ");
        assertThat(done.job().steps().get(0).values().texts("name")).containsExactly("Singer");
        assertThat(JobWriter.text(done.job(), folder.resolve("job.yaml"))).contains("name: Singer");
    }

    @Test
    void companionsGoAlong() throws IOException {
        List<String> heard = new ArrayList<>();
        Path note = folder.resolve("note.txt");
        JobCompanion companion = new JobCompanion() {
            @Override
            public Set<String> takes() {
                return Set.of("report");
            }

            @Override
            public void plan(FilePlan plan) {
                plan.writes("the note", note);
            }

            @Override
            public RowSource around(RowSource source) {
                heard.add("around");
                return source;
            }

            @Override
            public void before(RowSource source) {
                heard.add("before " + source.header().size());
            }

            @Override
            public List<ReadingWatch> watches() {
                heard.add("watches");
                return List.of();
            }

            @Override
            public List<String> after(JobDone done, Delivery delivery) {
                delivery.write(note, to -> to.write('x'));
                assertThat(note).doesNotExist();
                return List.of("A note of " + done.run().rowsOut() + " rows");
            }
        };
        Job job = Job.of(
                List.of(new Given("file", singers.toString())),
                Job.reading(singers)
                        .step("sort", step -> step.set("by", "Singer"))
                        .steps(),
                List.of(new Given("file", out.toString()), new Given("report", "r.html")));
        JobDone done = JobRun.of(job).with(companion).run();
        assertThat(heard).containsExactly("around", "watches", "before 2");
        assertThat(done.beside()).containsExactly("A note of 2 rows");
        assertThat(note).hasContent("x");
        assertThatThrownBy(() -> JobRun.of(job.replacing()).run())
                .hasMessageContaining("nobody here who can write the report");
    }

    @Test
    void aRecordTellsWhetherTheSameComesAgain() throws IOException {
        Path corrections = Files.writeString(
                folder.resolve("told.csv"), "Column,For,Text,Is\nSinger,value,Ines Brandt,first=Ines; last=Brandt\n");
        Path review = folder.resolve("review.csv");
        Job job = Job.reading(singers)
                .step("split", step -> step.set("name", "Singer")
                        .set("corrections", corrections.toString())
                        .set("review", review.toString()))
                .writing(out)
                .with("record");
        assertThat(JobRun.of(job).run().beside()).contains("Record: " + out + ".record.yaml");
        Path record = folder.resolve("out.csv.record.yaml");
        assertThat(record)
                .content()
                .contains("rows: 2\n", "- file: singers.csv\n", "- file: told.csv\n", "    file: out.csv\n    sha256: ")
                .doesNotContain("Ines", folder.toString());
        List<String> before = names();
        RunRecord.Check same = RunRecord.read(record).check(Formats.shipped());
        assertThat(same.isSame()).isTrue();
        assertThat(same.sentences()).containsExactly("out.csv: the same bytes come again.");
        assertThat(names()).as("a check writes nothing").isEqualTo(before);
        Files.writeString(singers, SINGERS.replace("Brandt", "Brand"));
        RunRecord.Check other = RunRecord.read(record).check(Formats.shipped());
        assertThat(other.isSame()).isFalse();
        assertThat(other.sentences())
                .containsExactly(singers + " has changed since.", "out.csv: other bytes come now.");
        Files.writeString(folder.resolve("month.yaml"), JobWriter.text(job, folder.resolve("month.yaml")));
        assertThatThrownBy(() -> RunRecord.read(folder.resolve("month.yaml")))
                .hasMessageContaining("is a job, and no record of a run");
        assertThatThrownBy(() -> JobRun.of(job.into("-").replacing()).run())
                .hasMessageContaining("A record needs a file");
        Files.delete(out);
        JobRun.of(JobReader.read(record).replacing()).run();
        assertThat(out).content().contains("Brand,");
    }

    private List<String> names() throws IOException {
        try (var files = Files.list(folder)) {
            return files.map(file -> file.getFileName().toString()).sorted().toList();
        }
    }

    /** A sheet that is written again loses nothing that people wrote, and the next one takes it over. */
    @Test
    void aRoundOfReviewLosesNoDecision() throws IOException {
        Path sheet = folder.resolve("review.csv");
        Job first = Job.reading(singers)
                .step("split", step -> step.set("name", "Singer")
                        .set("doubt-below", "1")
                        .set("review", sheet.toString()))
                .writing(out);
        JobRun.of(first).run();
        List<String> filled = new ArrayList<>();
        for (String line : Files.readAllLines(sheet)) {
            boolean header = line.startsWith("Column,");
            String told =
                    line.contains("Wren Marlow") ? line.replaceFirst("Wren Marlow,,", "Wren Marlow,as read,") : line;
            filled.add(told + (header ? ",Asked" : line.contains("Ines") ? ",Tom" : ",Edda"));
        }
        filled.add("Singer,word,Brandt,last,,,,,,,,,,,,,Tom");
        Files.write(sheet, filled);
        assertThatThrownBy(() -> JobRun.of(first).run()).hasMessageContaining("is there already");
        assertThat(sheet).content().isEqualToIgnoringNewLines(String.join("\n", filled) + "\n");
        JobDone again = JobRun.of(first.replacing()).run();
        assertThat(again.beside()).singleElement().asString().endsWith("; 2 earlier decisions kept");
        String written = Files.readString(sheet);
        assertThat(written)
                .contains(
                        "Why,Asked\n",
                        "Wren Marlow,first=Wren; last=Marlow,1,",
                        "Singer,word,Brandt,last,,,,,,,,,,,,,Tom\n");
        assertThat(written.lines().filter(line -> line.endsWith(",Edda"))).hasSize(1);
        Path next = folder.resolve("next.csv");
        Job second = Job.reading(singers)
                .step("split", step -> step.set("name", "Singer")
                        .set("doubt-below", "1")
                        .set("corrections", sheet.toString())
                        .set("review", next.toString()))
                .writing(out)
                .replacing();
        for (int round = 0; round < 2; round++) {
            JobRun.of(second).run();
            assertThat(Files.readString(next))
                    .containsOnlyOnce("Singer,value,Wren Marlow,first=Wren; last=Marlow,,")
                    .containsOnlyOnce("Singer,word,Brandt,last,");
        }
        assertThat(sheet).content().isEqualTo(written);
        Path named = folder.resolve("named.csv");
        Job third = Job.reading(singers)
                .step("split", step -> step.set("name", "Singer")
                        .set("doubt-below", "1")
                        .set("corrections", next.toString())
                        .set("review", named.toString())
                        .set("reviewer", "Edda"))
                .writing(out)
                .replacing();
        JobRun.of(third).run();
        String today = LocalDate.now().toString();
        assertThat(Files.readString(named))
                .contains(
                        "Why,Decided by,Decided on,Asked\n",
                        "Singer,word,Brandt,last,,,,,,,,,,,,,Edda," + today + ",Tom\n");
        assertThat(Files.readString(named).lines().filter(line -> line.contains("Edda,2")))
                .as("decided, and not only listed")
                .hasSize(2);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                "'Thorne, Ada|Barre'; 'Wren, Tobias|Stowe'; true",
                "M-2745|Ada Thorne; M-4778|Tobias Wren; true",
                "ada@quayside.example|x; tom@quayside.example|y; true",
                "12 Fore Street|x; 4 Mill Ln|y; true",
                "Patron|2024|2025; Ada|15|16; false",
                "Address 1|Address 2; Barre 1|Stowe 2; false",
                "Name|Since; Ada Thorne|1971; false",
                "Name; ; false"
            })
    void aHeaderThatLooksLikeDataIsSuspected(String header, String row, boolean suspected) {
        String table = header + (row == null ? "" : "\n" + row);
        assertThat(MissingHeader.suspected(TestTable.of(table)).isPresent()).isEqualTo(suspected);
    }

    @Test
    void doubtfulValuesAreWrittenInEveryForm() throws IOException {
        Path sheet = folder.resolve("review.csv");
        Path page = folder.resolve("review.page");
        ReviewForm form = new ReviewForm() {
            @Override
            public boolean takes(Path file) {
                return file.toString().endsWith(".page");
            }

            @Override
            public Page start(String title, Map<String, Subject> subjects) {
                StringBuilder text = new StringBuilder(title + " " + subjects);
                return new Page() {
                    @Override
                    public void add(ReviewCase one) {
                        text.append("\n").append(one.cells().get(0));
                    }

                    @Override
                    public void writeTo(OutputStream to) throws IOException {
                        to.write(text.toString().getBytes(StandardCharsets.UTF_8));
                    }
                };
            }
        };
        Job job = Job.reading(singers)
                .step("split", step -> step.set("name", "Singer")
                        .set("doubt-below", "1")
                        .set("review", sheet.toString())
                        .set("review", page.toString()))
                .writing(out);
        JobDone done = JobRun.of(job).with(form).run();
        assertThat(done.beside()).singleElement().asString().startsWith("To review: 2 different doubtful values in ");
        assertThat(sheet).content().contains("Column,For,Text,Is", "Wren Marlow");
        assertThat(page).content().contains("singers.csv {Singer=NAME}");
        Files.delete(sheet);
        Files.delete(page);
        assertThat(JobRun.of(job.writingNothing()).into(new Sink()).beside()).isEmpty();
        assertThat(sheet).doesNotExist();
    }

    private static final class Sink implements RowSink {
        private final List<List<String>> rows = new ArrayList<>();

        @Override
        public void header(List<String> titles) {
            rows.add(titles);
        }

        @Override
        public void row(List<String> cells) {
            rows.add(cells);
        }

        @Override
        public void setAside(Row row, String reason) {
            rows.add(List.of(reason));
        }

        @Override
        public void finish() {
            rows.add(List.of("end"));
        }
    }

    @Test
    void rowsGoIntoASinkInsteadAndNothingIsWritten() throws IOException {
        Files.writeString(singers, SINGERS + "Hugh\n");
        Sink sink = new Sink();
        JobDone done = JobRun.of(Job.reading(singers).step("count", step -> step.set("column", "Voices")))
                .into(sink);
        assertThat(sink.rows).contains(List.of("Voices", "Count", "Share"), List.of("end"));
        assertThat(sink.rows).contains(List.of("it has 1 cell, the header has 2"));
        assertThat(done.run().setAside()).isEqualTo(1);
        try (var files = Files.list(folder)) {
            assertThat(files).containsExactly(singers);
        }
    }

    @Test
    void rowsSetAsideHaveTheirFile() throws IOException {
        Files.writeString(singers, SINGERS + "Hugh\n");
        JobDone done = JobRun.of(job()).run();
        assertThat(done.setAside()).contains(folder.resolve("out.set-aside.csv"));
        assertThat(done.setAside().orElseThrow()).content().contains("3,4,", "Hugh");
    }

    @ParameterizedTest(name = "{1}")
    @CsvSource(delimiter = '|', textBlock = """
            steps: []                              | steps is a list with one step at least
            input: {file: singers.csv}             | the job has no steps
            steps: [{sort: {by: A}, cut: {}}]      | a step has one kind, not 2
            steps: [{sort: A}]                     | the settings of sort are a map
            steps: [{take: {column: A}}]           | take takes one of piece, words
            steps: [{combine: {column: A}}]        | combine needs title
            output: [a]                            | output is a map
            [1, 2]                                 | a job is a map with input, steps and output
            """)
    void whatIsNoJobIsRefusedWithItsPlace(String text, String sentence) throws IOException {
        Path file = Files.writeString(folder.resolve("job.yaml"), text);
        assertThatThrownBy(() -> JobReader.read(file))
                .isInstanceOfSatisfying(
                        TableException.class, e -> assertThat(e.problem()).isEqualTo(Problem.SETTING))
                .hasMessageContaining("job.yaml, line 1, column")
                .hasMessageContaining(sentence);
    }

    @Test
    void aSettingThatCannotBeIsToldWithTheStepsPlace() throws IOException {
        Path file = folder.resolve("job.yaml");
        Files.writeString(file, "input: {file: none.csv}\nsteps:\n  - cut: {column: A, at: ''}\n");
        Job job = JobReader.read(file);
        assertThatThrownBy(job::check).hasMessageContaining("job.yaml, line 3, column 5: A separator is empty");
        Job built =
                Job.reading(singers).step("cut", step -> step.set("column", "A").set("at", ""));
        assertThatThrownBy(built::check).hasMessageStartingWith("A separator is empty");
    }

    @Test
    void whatIsMissingIsSaid() {
        Job none = Job.of(List.of(), List.of(), List.of(new Given("file", out.toString())));
        assertThatThrownBy(() -> JobRun.of(none).run()).hasMessage("No table was named to be read.");
        assertThatThrownBy(() -> JobRun.of(Job.reading(singers).writing(out)).run())
                .hasMessage("The job has no steps.");
        assertThatThrownBy(() -> JobRun.of(Job.reading(singers)).run()).hasMessage("No table was named to be written.");
        assertThatThrownBy(() -> Job.reading(singers).step("splt", step -> {}))
                .hasMessageContaining("did you mean split?");
        Job described = Job.of(
                List.of(new Given("file", singers.toString())),
                job().steps(),
                List.of(new Given("file", "-"), new Given("describe", "true")));
        assertThatThrownBy(() -> JobRun.of(described).run()).hasMessageContaining("needs a file to describe");
    }

    @Test
    void aJobStaysInItsFolder() throws IOException {
        Path jobs = Files.createDirectory(folder.resolve("jobs"));
        Path file = Files.writeString(jobs.resolve("job.yaml"), JobWriter.text(job(), jobs.resolve("job.yaml")));
        JobRun run = JobRun.of(JobReader.read(file)).readFrom(file, new Within(file));
        assertThatThrownBy(run::run).hasMessageContaining("outside its own folder");
        Within bounds = new Within(file);
        bounds.folder(folder);
        assertThat(bounds.allows(run.plan())).isTrue();
        JobRun.of(JobReader.read(file)).readFrom(file, bounds).run();
        assertThat(out).exists();
        assertThatThrownBy(() -> bounds.folder(folder.resolve("none"))).hasMessageContaining("There is no folder");
    }
}
