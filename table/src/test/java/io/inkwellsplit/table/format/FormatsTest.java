package io.inkwellsplit.table.format;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import io.inkwellsplit.table.Dialect;
import io.inkwellsplit.table.Row;
import io.inkwellsplit.table.RowSource;
import io.inkwellsplit.table.TableException;
import io.inkwellsplit.table.TableInput;
import io.inkwellsplit.table.TableOutput;
import io.inkwellsplit.table.file.Delivery;
import io.inkwellsplit.table.file.InputFile;
import io.inkwellsplit.table.file.WhenThere;
import io.inkwellsplit.table.job.Job;
import io.inkwellsplit.table.job.JobRun;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Iterator;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class FormatsTest {
    @TempDir
    Path folder;

    @ParameterizedTest
    @CsvSource({
        "patrons.csv, text table",
        "PATRONS.TSV, text table",
        "patrons, text table",
        "patrons.dat, text table",
        "choir.vcf, vCard",
        "choir.JCARD, jCard",
        "choir.jsonld, JSON-LD"
    })
    void theNameTellsTheForm(String file, String form) {
        assertThat(Formats.shipped().of(Path.of(file)).name()).isEqualTo(form);
    }

    @ParameterizedTest
    @CsvSource({
        "text/csv; charset=utf-8, text table",
        "Text/Tab-Separated-Values, text table",
        "text/vcard, vCard",
        "application/ld+json, JSON-LD"
    })
    void theMediaTypeTellsTheForm(String mediaType, String form) {
        assertThat(Formats.shipped().ofMediaType(mediaType))
                .map(TableFormat::name)
                .contains(form);
    }

    @Test
    void anUnknownMediaTypeIsNone() {
        assertThat(Formats.shipped().ofMediaType("image/png")).isEmpty();
    }

    @Test
    void whatIsWrittenOnlyIsNotRead() throws IOException {
        Path cards = Files.writeString(folder.resolve("choir.jsonld"), "BEGIN:VCARD\n");
        assertThatThrownBy(() -> Formats.shipped().open(cards, ReadSettings.STANDARD))
                .isInstanceOf(TableException.class)
                .hasMessageContaining("is JSON-LD, which is written only");
    }

    @Test
    void aStreamIsReadAndWrittenAsText() {
        ByteArrayInputStream in = new ByteArrayInputStream("A;B\n1;2\n".getBytes(StandardCharsets.UTF_8));
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try (TableInput source = Formats.shipped().open("the stream", in, ReadSettings.STANDARD);
                TableOutput output = Formats.shipped()
                        .text()
                        .start(
                                "the stream",
                                out,
                                new WriteSettings(
                                        source.dialect(),
                                        WriteSettings.standard().aside(),
                                        WriteSettings.standard().formulas()))) {
            output.header(source.header());
            source.rows().forEachRemaining(row -> output.row(row.cells()));
            output.finish();
        }
        assertThat(out).hasToString("A;B\n1;2\n");
    }

    @Test
    void withoutAHeaderColumnsAreNumbered() throws IOException {
        Path file = Files.writeString(folder.resolve("list.csv"), "Ines,Alto\n");
        try (TableInput source =
                Formats.shipped().open(file, new ReadSettings(false, Optional.empty(), Optional.empty()))) {
            assertThat(source.header()).containsExactly("Column 1", "Column 2");
            assertThat(source.notes()).isEmpty();
        }
        Files.write(file, "Jörg\n".getBytes(StandardCharsets.ISO_8859_1));
        try (TableInput source = Formats.shipped().open(file, ReadSettings.STANDARD)) {
            assertThat(source.notes()).singleElement().asString().contains("no UTF-8");
        }
    }

    /** Lines with bars between cells: a form of one's own. */
    private static final class Bars implements TableFormat {
        @Override
        public String name() {
            return "lines with bars";
        }

        @Override
        public List<String> endings() {
            return List.of(".bars");
        }

        @Override
        public List<String> mediaTypes() {
            return List.of("text/x-bars");
        }

        @Override
        public boolean reads() {
            return true;
        }

        @Override
        public TableInput open(InputFile file, ReadSettings settings) {
            List<Row> rows = new ArrayList<>();
            try (var in = file.open()) {
                new String(in.readAllBytes(), StandardCharsets.UTF_8)
                        .lines()
                        .forEach(line -> rows.add(new Row(rows.size(), rows.size() + 1, List.of(line.split("\\|")))));
            } catch (IOException e) {
                throw new UncheckedIOException(e);
            }
            RowSource source = new RowSource() {
                @Override
                public List<String> header() {
                    return rows.get(0).cells();
                }

                @Override
                public Iterator<Row> rows() {
                    return rows.subList(1, rows.size()).iterator();
                }
            };
            return new TableInput() {
                @Override
                public List<String> header() {
                    return source.header();
                }

                @Override
                public Iterator<Row> rows() {
                    return source.rows();
                }

                @Override
                public Dialect dialect() {
                    return Dialect.STANDARD;
                }

                @Override
                public void close() {
                    file.close();
                }
            };
        }
    }

    @Test
    void aJobReadsAFormOfOnesOwn() throws IOException {
        Path file = Files.writeString(folder.resolve("singers.bars"), "Singer|Voice\nInes Brandt|Alto\n");
        Path out = folder.resolve("out.csv");
        Job job = Job.reading(file)
                .step(
                        "split",
                        step -> step.set("name", "Singer").set("parts", "last").set("no-checks"))
                .writing(out);
        JobRun.of(job).with(Formats.shipped().with(new Bars())).run();
        assertThat(out).hasContent("Singer,Last name,Remarks,Voice\nInes Brandt,Brandt,First name: Ines,Alto\n");
    }

    @Test
    void aFormSaysWhatItCannotDo() {
        Bars bars = new Bars();
        Path file = folder.resolve("out.bars");
        assertThatThrownBy(() -> Formats.shipped().with(bars).toWrite(file)).hasMessageContaining("read only");
        try (Delivery delivery = new Delivery(WhenThere.REFUSE)) {
            assertThatThrownBy(() -> bars.start(file, delivery, WriteSettings.standard()))
                    .isInstanceOf(UnsupportedOperationException.class);
            assertThatThrownBy(() -> bars.start("x", new ByteArrayOutputStream(), WriteSettings.standard()))
                    .isInstanceOf(UnsupportedOperationException.class);
        }
        assertThatThrownBy(() -> Formats.shipped().with(bars).with(bars))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining(".bars");
        assertThat(Formats.shipped().with(bars).all()).hasSizeGreaterThan(6);
        assertThat(bars.asideBeside(Path.of("a.bars"))).isEqualTo(Path.of("a.set-aside.bars"));
    }
}
