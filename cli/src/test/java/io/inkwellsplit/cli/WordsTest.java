package io.inkwellsplit.cli;

import static org.assertj.core.api.Assertions.assertThat;

import io.inkwellsplit.cli.Inkwell.Result;
import io.inkwellsplit.words.OwnWords;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Words of one's own on the command line and in jobs. */
class WordsTest {
    @TempDir
    Path folder;

    @BeforeEach
    void lists() throws IOException {
        Files.writeString(
                folder.resolve("own.txt"), "[title]\nCantor\n\n[building]\nChandlery\n\n[nothing]\nask Ada\n");
        Files.writeString(
                folder.resolve("singers.csv"),
                "Singer,Home\nCantor Tom Orme,\"The Chandlery, 4 Fore St, Plymouth PL1 1AA\"\nask Ada,ask Ada\n");
    }

    private String split(String... more) throws IOException {
        String[] usual = {"split", "singers.csv", "--name", "Singer", "--address", "Home", "--no-checks", "--parts"};
        String[] all = new String[usual.length + 1 + more.length];
        System.arraycopy(usual, 0, all, 0, usual.length);
        all[usual.length] = "title,first,last,building";
        System.arraycopy(more, 0, all, usual.length + 1, more.length);
        Result result = new Inkwell(folder).run(all);
        assertThat(result.code()).as(result.err()).isZero();
        return Files.readString(folder.resolve("out.csv"));
    }

    @Test
    void theyAreReadInNamesAndAddresses() throws IOException {
        String with = split("--words", "own.txt", "--out", "out.csv");
        assertThat(with).contains("Cantor Tom Orme,Cantor,Tom,Orme,", ",The Chandlery", "ask Ada,,,,");
        assertThat(split("--out", "out.csv", "--replace")).doesNotContain("Cantor Tom Orme,Cantor");
    }

    @Test
    void aJobSaysThem() throws IOException {
        String once = split("--words", "own.txt", "--out", "out.csv", "--save-job", "job.yaml");
        assertThat(Files.readString(folder.resolve("job.yaml"))).contains("words: own.txt");
        Result again = new Inkwell(folder).run("run", "job.yaml", "--replace");
        assertThat(again.code()).as(again.err()).isZero();
        assertThat(Files.readString(folder.resolve("out.csv"))).isEqualTo(once);
    }

    @Test
    void aJobsMistakesAreToldBeforeAnythingIsRead() throws IOException {
        Files.writeString(folder.resolve("own.txt"), "[town]\nBarley\tZZ\n");
        Files.writeString(
                folder.resolve("job.yaml"),
                "input: {file: singers.csv}\nsteps:\n  - split: {name: Singer, words: own.txt}\noutput: {file: out.csv}\n");
        Result result = new Inkwell(folder).run("run", "job.yaml");
        assertThat(result.code()).isEqualTo(2);
        assertThat(result.err()).contains("line 2: addresses of the country \"ZZ\" are not read", "job.yaml, line 3");
        assertThat(folder.resolve("out.csv")).doesNotExist();
    }

    @Test
    void theyAreExplained() throws IOException {
        Result result = new Inkwell(folder).run("explain", "--words", "own.txt", "Cantor Tom Orme");
        assertThat(result.out()).contains("title: Cantor");
        assertThat(new Inkwell(folder)
                        .run("split", "singers.csv", "--name", "Singer", "--words", "own.txt", "--explain", "1")
                        .out())
                .contains("title: Cantor");
    }

    @Test
    void aSurveyKnowsThem() {
        String[] survey = {"survey", "singers.csv", "--column", "Singer", "--json"};
        assertThat(new Inkwell(folder).run(survey).out()).doesNotContain("\"title\" : 1");
        String[] with = {"survey", "singers.csv", "--column", "Singer", "--json", "--words", "own.txt"};
        assertThat(new Inkwell(folder).run(with).out()).contains("\"title\" : 1");
        assertThat(new Inkwell(folder)
                        .run("survey", "singers.csv", "--country", "Nowhere")
                        .err())
                .contains("Addresses of the country \"Nowhere\" are not read.");
    }

    @Test
    void aFileThatCannotBeReadIsToldInASentence() throws IOException {
        Result none = new Inkwell(folder).run("explain", "--words", "none.txt", "Tom Orme");
        assertThat(none.code()).isEqualTo(4);
        assertThat(none.err()).contains("There is no file of words none.txt, or it cannot be read.");
        Files.writeString(folder.resolve("own.txt"), "[titel]\nCantor\n");
        Result unknown = new Inkwell(folder).run("explain", "--words", "own.txt", "Tom Orme");
        assertThat(unknown.code()).isEqualTo(2);
        assertThat(unknown.err()).contains("own.txt, line 2: the section [titel] is unknown");
    }

    @Test
    void everySectionIsTold() throws IOException {
        Result result = new Inkwell(folder).run("words");
        assertThat(result.code()).isZero();
        OwnWords.sections()
                .forEach(section -> assertThat(result.out()).contains("[" + section.name() + "]", section.meaning()));
    }
}
