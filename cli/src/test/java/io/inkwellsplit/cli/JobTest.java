package io.inkwellsplit.cli;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.networknt.schema.JsonSchema;
import com.networknt.schema.JsonSchemaFactory;
import com.networknt.schema.SpecVersion;
import io.inkwellsplit.cli.Inkwell.Result;
import io.inkwellsplit.cli.command.ExitCodes;
import java.io.IOException;
import java.io.PrintWriter;
import java.io.StringWriter;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.snakeyaml.engine.v2.api.Load;
import org.snakeyaml.engine.v2.api.LoadSettings;

class JobTest {
    @TempDir
    Path folder;

    private Inkwell inkwell = new Inkwell(Path.of("."));

    @BeforeEach
    void setUp() throws IOException {
        inkwell = new Inkwell(folder);
        Files.createDirectory(folder.resolve("jobs"));
        Files.writeString(folder.resolve("singers.csv"), "Singer,Voices\nWren Marlow,Alto;Bass\nInes Brandt,Alto\n");
    }

    /** A job that a chain of commands has saved does the same again, from another folder, byte for byte. */
    @Test
    void doesAgainWhatWasSaved() throws Exception {
        Result first = inkwell.run(
                "cut",
                "singers.csv",
                "--column",
                "Voices",
                "--at",
                ";",
                "--into-rows",
                "next",
                "split",
                "--name",
                "Singer",
                "--parts",
                "first,last",
                "next",
                "sort",
                "--by",
                "Last name",
                "--by-falling",
                "Voices piece",
                "--out",
                "out.csv",
                "--save-job",
                "jobs/month.yaml");
        assertThat(first.code()).isZero();
        assertThat(first.out()).contains("Job: jobs/month.yaml", "run it with --within");
        byte[] before = Files.readAllBytes(folder.resolve("out.csv"));
        assertThat(new String(before, java.nio.charset.StandardCharsets.UTF_8)).contains("Ines,Brandt");
        String job = Files.readString(folder.resolve("jobs/month.yaml"));
        assertThat(job).contains("file: ../singers.csv", "- cut:", "into-rows: true", "file: ../out.csv");
        assertThat(schema().validate(json(job))).isEmpty();
        Result again = inkwell.run("run", "jobs/month.yaml", "--within", ".", "--replace");
        assertThat(again.code()).isZero();
        assertThat(Files.readAllBytes(folder.resolve("out.csv"))).isEqualTo(before);
        assertThat(inkwell.run("run", "jobs/month.yaml", "--within", ".").code())
                .isEqualTo(ExitCodes.OUTPUT);
        assertThat(inkwell.run("run", "jobs/month.yaml", "--within", ".", "--preview")
                        .out())
                .contains("Nothing was written");
        Files.writeString(folder.resolve("july.csv"), "Singer,Voices\nTobias Brandt,Alto\n");
        Result july = inkwell.run("run", "jobs/month.yaml", "--input", "july.csv", "--out", "july-out.csv", "--quiet");
        assertThat(july.out() + july.err()).isEmpty();
        assertThat(Files.readString(folder.resolve("july-out.csv"))).contains("Tobias,Brandt");
        assertThat(Files.readAllBytes(folder.resolve("out.csv"))).isEqualTo(before);
        assertThat(inkwell.run("run", "jobs/month.yaml", "--input", "july.csv", "--preview", "--json")
                        .out())
                .contains("\"rows\" : 1");
    }

    private static JsonNode json(String yaml) {
        return new ObjectMapper().valueToTree(new Load(LoadSettings.builder().build()).loadFromString(yaml));
    }

    private static JsonSchema schema() {
        PrintWriter none = new PrintWriter(new StringWriter());
        return JsonSchemaFactory.getInstance(SpecVersion.VersionFlag.V202012)
                .getSchema(io.inkwellsplit.table.job.JobSchema.json());
    }

    @ParameterizedTest
    @CsvSource(delimiter = '¦', textBlock = """
            steps: [{split: {name: [X, Y], parts: first}}, {sort: {by: A}}] ¦ true
            steps: [{splt: {name: X}}]                                      ¦ false
            steps: [{split: {nmae: X}}]                                     ¦ false
            steps: [{sort: {by: A, locale: [de, en]}}]                      ¦ false
            steps: [{cut: {column: A, trim: perhaps}}]                      ¦ false
            steps: []                                                       ¦ false
            """)
    void theSchemaTellsGoodFromBad(String job, boolean good) {
        assertThat(schema().validate(json(job)).isEmpty()).isEqualTo(good);
    }

    /** Editors see the schema that stands in the docs. */
    @Test
    void theSchemaInTheDocsIsTheOneOfTheCommands() throws Exception {
        assertThat(inkwell.run("job-schema").out())
                .isEqualTo(Files.readString(Path.of("..", "docs", "job.schema.json")));
    }

    @ParameterizedTest
    @CsvSource(delimiter = '¦', textBlock = """
            steps: [{splt: {name: X}}]                  ¦ line 1, column 10: "splt" is unknown here; did you mean split?
            steps: [{split: {nmae: X}}]                 ¦ line 1, column 18: "nmae" is unknown here; did you mean name?
            stops: []                                   ¦ line 1, column 1: "stops" is unknown here; did you mean steps?
            steps: []                                   ¦ line 1, column 8: steps is a list with one step at least
            steps: [{split: {name: {a: b}}}]            ¦ line 1, column 24: a text or a number is needed here
            steps: [{sort: {by: A, locale: [de]}}]      ¦ line 1, column 32: locale takes one value, not a list
            steps: [{cut: {column: A, trim: perhaps}}]  ¦ line 1, column 33: trim is true or false
            steps: [{cut: {column: A, into: many}}]     ¦ line 1, column 9: into takes a whole number, not "many"
            steps: [{cut: {column: A, at: ""}}]         ¦ line 1, column 9: A separator is empty
            steps: [{match: {column: A, find: "("}}]    ¦ line 1, column 9: The expression "(" is broken
            steps: [{split: {name: X}                   ¦ line 1
            input: {fiel: x.csv}\\nsteps: [{sort: {by: A}}] ¦ "fiel" is unknown here
            input: {file: ../singers.csv}\\nsteps: [{sort: {by: A}}] ¦ There is no column "A"
            """)
    void mistakesAreToldWithTheirPlace(String job, String message) throws Exception {
        Files.writeString(folder.resolve("jobs/job.yaml"), job.replace("\\n", "\n"));
        Result result = inkwell.run("run", "jobs/job.yaml", "--within", ".");
        assertThat(result.err()).contains(message);
        assertThat(result.code()).isEqualTo(ExitCodes.SETTING);
    }
}
