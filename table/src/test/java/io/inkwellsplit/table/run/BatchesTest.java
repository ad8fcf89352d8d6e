package io.inkwellsplit.table.run;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import io.inkwellsplit.reading.PartKey;
import io.inkwellsplit.reading.Reading;
import io.inkwellsplit.table.ReadingWatch;
import io.inkwellsplit.table.Row;
import io.inkwellsplit.table.RowSink;
import io.inkwellsplit.table.RowSource;
import io.inkwellsplit.table.Ways;
import io.inkwellsplit.table.correct.Corrections;
import io.inkwellsplit.table.split.SplitStep;
import io.inkwellsplit.table.step.AssembleStep;
import io.inkwellsplit.table.step.Step;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Iterator;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class BatchesTest {
    private static Iterator<Row> rows(int count) {
        return IntStream.range(0, count)
                .mapToObj(i -> new Row(i + 1, i + 2, List.of(Integer.toString(i))))
                .iterator();
    }

    /** However many threads there are, the results come in the order of the rows, each row once. */
    @Property(tries = 60)
    void keepsTheOrder(@ForAll @IntRange(max = 5000) int count, @ForAll @IntRange(min = 1, max = 5) int threads) {
        List<String> out = new ArrayList<>();
        new Batches<>(IntStream.range(0, threads).boxed().toList())
                .run(
                        rows(count),
                        (worker, batch) ->
                                batch.stream().map(row -> row.cells().get(0)).toList(),
                        out::addAll);
        assertThat(out)
                .isEqualTo(IntStream.range(0, count).mapToObj(Integer::toString).toList());
    }

    @Test
    void aFaultOfAThreadIsTheRunsOwn() {
        assertThatThrownBy(() -> new Batches<>(List.of(1, 2))
                        .run(
                                rows(3000),
                                (worker, batch) -> {
                                    throw new IllegalArgumentException("row " + batch.size());
                                },
                                result -> {}))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessage("row 512");
    }

    /** One thread or four: the same header, rows, rows set aside, rows corrected and counts. */
    @Test
    void aSplitIsTheSameByAnyNumberOfThreads(@TempDir Path folder) throws IOException {
        Path told = folder.resolve("told.csv");
        Files.writeString(
                told, "Column,For,Text,Is\nPatron,word,Wren,last\nPatron,value,Ines James,first=James; last=Ines\n");
        List<String> one = split(1, Corrections.read(told));
        assertThat(split(4, Corrections.read(told))).isEqualTo(one);
        assertThat(one)
                .hasSizeGreaterThan(8900)
                .anyMatch(line -> line.startsWith("aside "))
                .anyMatch(line -> line.contains("corrected"));
    }

    /** Values are read before their turn where nobody has corrected any; so is what is learned, where a table says how long it is. */
    @Test
    void aSplitIsTheSameHoweverLongTheTableSaysItIs() {
        List<String> one = split(1, Corrections.none(), 0);
        for (long rowsAbout : new long[] {0, 3000, 40_000_000}) {
            assertThat(split(3, Corrections.none(), rowsAbout)).isEqualTo(one);
        }
        assertThat(one).noneMatch(line -> line.contains("corrected"));
    }

    private static List<String> split(int threads, Corrections corrections) {
        return split(threads, corrections, 0);
    }

    private static List<String> split(int threads, Corrections corrections, long rowsAbout) {
        Random random = new Random(7);
        List<String> given = List.of("Ines", "Tobias", "Wren", "Marlow", "James");
        List<String> family = List.of("Brandt", "Okonedo", "Marlow", "James", "Pettibone");
        List<Row> rows = new ArrayList<>();
        for (int i = 0; i < 3000; i++) {
            String name = given.get(random.nextInt(5)) + " " + family.get(random.nextInt(5));
            List<String> cells = List.of(name, random.nextInt(90) + " Elm St, Wexcombe, VT 05641");
            rows.add(new Row(i + 1, i + 2, i % 700 == 3 ? List.of(name) : cells));
        }
        RowSource source = new RowSource() {
            @Override
            public List<String> header() {
                return List.of("Patron", "Address");
            }

            @Override
            public Iterator<Row> rows() {
                return rows.iterator();
            }

            @Override
            public long rowsAbout() {
                return rowsAbout;
            }
        };
        List<String> watched = new ArrayList<>();
        ReadingWatch watch = new ReadingWatch() {
            @Override
            public Runnable seen(String column, Reading<PartKey> reading, Ways ways) {
                return () -> watched.add(column + ": " + reading);
            }

            @Override
            public void restart() {
                watched.clear();
            }
        };
        List<Step> steps = List.of(
                SplitStep.builder()
                        .name("Patron")
                        .address("Address")
                        .corrections(corrections)
                        .watch(watch)
                        .build(),
                AssembleStep.builder().ready("index").ready("label").build());
        List<String> out = new ArrayList<>();
        Run run = Run.of(source, steps, threads);
        run.into(new RowSink() {
            @Override
            public void header(List<String> titles) {
                out.add(titles.toString());
            }

            @Override
            public void row(List<String> cells) {
                out.add(cells.toString());
            }

            @Override
            public void setAside(Row row, String reason) {
                out.add("aside " + row.number() + " " + reason);
            }

            @Override
            public void finish() {
                run.steps().forEach(step -> out.addAll(step.report()));
            }
        });
        out.add(run.rows() + " " + run.rowsOut() + " " + run.setAside());
        for (String column : List.of("Patron", "Address")) {
            watched.stream().filter(line -> line.startsWith(column)).forEach(out::add);
        }
        return out;
    }
}
