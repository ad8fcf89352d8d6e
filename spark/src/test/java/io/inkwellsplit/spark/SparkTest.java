package io.inkwellsplit.spark;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import io.inkwellsplit.table.TableException;
import io.inkwellsplit.table.job.Job;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.stream.Stream;
import org.apache.spark.sql.Dataset;
import org.apache.spark.sql.Row;
import org.apache.spark.sql.SparkSession;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** In a session inside of this process: the same cells as on one machine, however the rows are parted. */
class SparkTest {
    private static final Path BOX_OFFICE =
            Path.of("../demo/box-office.csv").toAbsolutePath().normalize();

    private static SparkSession session;

    @TempDir
    Path folder;

    @BeforeAll
    static void start() {
        session = OneProcess.session();
        InkwellSpark.register(session);
    }

    @AfterAll
    static void stop() {
        session.stop();
    }

    private static Dataset<Row> boxOffice() {
        return session.read()
                .option("header", true)
                .option("escape", "\"")
                .option("emptyValue", "")
                .option("nullValue", "\u0000")
                .csv(BOX_OFFICE.toString());
    }

    private static List<List<String>> onOneMachine(Job job) {
        return OneProcess.onOneMachine(job).rows();
    }

    private static List<List<String>> cells(Dataset<Row> dataset) {
        List<List<String>> rows = new ArrayList<>(List.of(List.of(dataset.columns())));
        dataset.collectAsList().forEach(row -> rows.add(ChainOnSpark.cells(row)));
        return rows;
    }

    @ParameterizedTest
    @ValueSource(ints = {1, 2, 7})
    void theSameCellsAsOnOneMachineHoweverTheRowsAreParted(int partitions) {
        List<List<String>> expected =
                onOneMachine(Job.reading(BOX_OFFICE).step("split", step -> step.set("name", "Patron")
                        .set("address", "Address")
                        .set("parts", "all")));
        Dataset<Row> split = SplitColumns.of()
                .name("Patron")
                .address("Address")
                .set("parts", "all")
                .split(boxOffice().repartition(partitions));
        assertThat(cells(split).subList(0, 1)).isEqualTo(expected.subList(0, 1));
        assertThat(cells(split)).containsExactlyInAnyOrderElementsOf(expected);
    }

    @Test
    void aColumnTeachesFromAllPartitions() throws IOException {
        StringBuilder csv = new StringBuilder("Singer\n");
        List<String> family = List.of("Okonedo", "Marlow", "Thorne", "Whitlock", "Larkspur");
        List<String> given = List.of("Ines", "Tobias", "Wren", "James", "Martin");
        for (int i = 0; i < 300; i++) {
            csv.append(family.get(i % 5))
                    .append(' ')
                    .append(given.get(i / 5 % 5))
                    .append('\n');
        }
        Path list = Files.writeString(folder.resolve("roll.csv"), csv + "Martin James\n");
        Dataset<Row> split = SplitColumns.of()
                .name("Singer")
                .split(session.read()
                        .option("header", true)
                        .csv(list.toString())
                        .repartition(5));
        assertThat(split.where("Singer = 'Martin James'").first().<String>getAs("Last name"))
                .isEqualTo("Martin");
        assertThat(cells(split))
                .containsExactlyInAnyOrderElementsOf(
                        onOneMachine(Job.reading(list).step("split", step -> step.set("name", "Singer"))));
    }

    @Test
    void columnsThatArePassedOnKeepTheirTypes() {
        Dataset<Row> typed = session.sql("select 7 as no, 'Ada Thorne' as Singer, date '2026-11-30' as since, "
                + "cast(12.50 as decimal(9,2)) as amount, cast(null as int) as seats");
        Dataset<Row> split =
                SplitColumns.of().name("Singer").set("parts", "first,last").split(typed);
        assertThat(split.schema().simpleString())
                .startsWith("struct<no:int,Singer:string,First name:string,Last name:string,")
                .endsWith("since:date,amount:decimal(9,2),seats:int>");
        Row row = split.selectExpr("no", "seats", "`Last name`", "cast(since as string) as since")
                .first();
        assertThat(row.<String>getAs("since")).isEqualTo("2026-11-30");
        assertThat(row.<Integer>getAs("no")).isEqualTo(7);
        assertThat(row.isNullAt(row.fieldIndex("seats"))).isTrue();
        assertThat(row.<String>getAs("Last name")).isEqualTo("Thorne");
    }

    @Test
    void functionsReadAValueByItself() {
        Row row = session.sql(
                        "select split_name('Thorne, Dr. Ada M.').last as last, split_name('x').kind is not null as kind, "
                                + "assemble_name('{last}, {first}', split_name('Ada Thorne')) as made, "
                                + "assemble_name('full', split_name('Thorne, Ada')) as full, "
                                + "split_address('12 Quay Street, Plymouth PL1 1AA', 'GB').city as city, "
                                + "split_address('Hafenstraße 5, 10115 Berlin', null).postcode as postcode, "
                                + "tidy_name('ADA VAN DER MEULEN') as tidy, tidy_organisation('HARBOUR LTD') as firm, "
                                + "tidy_address('12 QUAY ST') as street, split_name(null) is null as none, "
                                + "size(split_name('MARLOW JAMES').doubts) as doubts")
                .first();
        assertThat(row.toString())
                .isEqualTo(
                        "[Thorne,true,Thorne, Ada,Ada Thorne,Plymouth,10115,Ada van der Meulen,Harbour Ltd,12 Quay St,true,"
                                + row.<Integer>getAs("doubts") + "]");
        assertThatThrownBy(() ->
                        session.sql("select split_address('x', 'Atlantis')").collect())
                .hasStackTraceContaining("Atlantis");
    }

    @Test
    void correctionsAndWordsOfOnesOwnGoAlong() throws IOException {
        Path corrections = Files.writeString(
                folder.resolve("corrections.csv"),
                "Column,For,Text,Is\nPatron,value,BRANDT JR,first=J; middle=R; last=BRANDT\n");
        Path words = Files.writeString(folder.resolve("words.txt"), "[title]\nCantor\n");
        Dataset<Row> split = SplitColumns.of()
                .name("Patron")
                .set("corrections", corrections.toString())
                .set("words", words.toString())
                .set("parts", "title,first,middle,last")
                .split(boxOffice().union(session.sql("select '1', 'Cantor Ada Thorne', '', '', ''")));
        // The files have been read when the rows come.
        Files.delete(corrections);
        Files.delete(words);
        assertThat(split.where("Patron = 'Cantor Ada Thorne'").first().<String>getAs("Title"))
                .isEqualTo("Cantor");
        assertThat(split.where("Patron = 'BRANDT JR'").first().<String>getAs("Middle name"))
                .isEqualTo("R");
    }

    @Test
    void everyPersonGetsARow() {
        Dataset<Row> couple = session.sql("select 1 as no, 'Ada and Neil Harrow' as Singer");
        Dataset<Row> split = SplitColumns.of()
                .name("Singer")
                .set("each", "person")
                .set("parts", "first,last")
                .split(couple);
        assertThat(split.collectAsList().stream().map(row -> row.getInt(0) + row.<String>getAs("First name")))
                .containsExactly("1Ada", "1Neil");
    }

    @Test
    void whatCannotBeSplitIsRefused() {
        assertThatThrownBy(() -> SplitColumns.of().name("Nobody").split(boxOffice()))
                .isInstanceOf(TableException.class)
                .hasMessageContaining("Nobody");
        assertThatThrownBy(() -> SplitColumns.of().set("nmae", "Patron").split(boxOffice()))
                .hasMessageContaining("did you mean name?");
    }

    @Test
    void aLongTableIsLearnedFromTheSameRows() throws IOException {
        StringBuilder csv = new StringBuilder("Singer,Address\n");
        List<String> family = List.of("Okonedo", "Marlow", "Thorne", "Whitlock", "Larkspur", "James", "Martin");
        for (int i = 0; i < 120_000; i++) {
            csv.append(String.format(
                    Locale.ROOT,
                    "%s %s,\"%d Quay Street, Barre VT %05d\"%n",
                    family.get(i % 7),
                    family.get((i / 7 + 3) % 7),
                    i,
                    5600 + i % 90));
        }
        Path list = Files.writeString(folder.resolve("long.csv"), csv);
        List<List<String>> expected = onOneMachine(Job.reading(list)
                .step("split", step -> step.set("name", "Singer").set("address", "Address")));
        Dataset<Row> split = SplitColumns.of()
                .name("Singer")
                .address("Address")
                .split(session.read()
                        .option("header", true)
                        .option("escape", "\"")
                        .csv(list.toString())
                        .repartition(6));
        List<String> lines = new ArrayList<>(split.collectAsList().stream()
                .map(row -> String.join("|", ChainOnSpark.cells(row)))
                .sorted()
                .toList());
        Stream<String> onOne = expected.subList(1, expected.size()).stream()
                .map(cells -> String.join("|", cells))
                .sorted();
        assertThat(lines).isEqualTo(onOne.toList());
    }
}
