package io.inkwellsplit.table.csv;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import io.inkwellsplit.table.Dialect;
import io.inkwellsplit.table.Row;
import io.inkwellsplit.table.file.WhenThere;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.util.List;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class CsvOutputTest {
    @TempDir
    Path folder;

    private Path file = Path.of("out.csv");

    @BeforeEach
    void setUp() {
        file = folder.resolve("out.csv");
    }

    @Test
    void appearsWholeOrNotAtAll() throws IOException {
        try (CsvOutput output = CsvOutput.create(file, Dialect.STANDARD, WhenThere.REFUSE)) {
            output.header(List.of("a"));
            assertThat(file).doesNotExist();
            Path pending = only();
            assertThat(PosixFilePermissions.toString(Files.getPosixFilePermissions(pending)))
                    .isEqualTo("rw-------");
        }
        assertThat(folder).isEmptyDirectory();
        write();
        assertThat(file).hasContent("a,b\n1,\"x,y\"\n");
        assertThatThrownBy(this::write).hasMessageContaining("is there already");
    }

    private Path only() throws IOException {
        try (var files = Files.list(folder)) {
            return files.findFirst().orElseThrow();
        }
    }

    private void write() {
        try (CsvOutput output = CsvOutput.create(file, Dialect.STANDARD, WhenThere.REFUSE)) {
            output.header(List.of("a", "b"));
            output.row(List.of("1", "x,y"));
            output.finish();
        }
    }

    @Test
    void setsRowsAsideWithTheReason() {
        try (CsvOutput output = CsvOutput.create(file, Dialect.STANDARD, WhenThere.REFUSE)) {
            output.sourceHeader(List.of("a", "b")).header(List.of("a", "b"));
            output.setAside(new Row(3, 4, List.of("1")), "it has 1 cell, the header has 2");
            output.finish();
            assertThat(output.asideFile()).isEqualTo(folder.resolve("out.set-aside.csv"));
        }
        assertThat(folder.resolve("out.set-aside.csv"))
                .hasContent("Row,Line,Reason,a,b\n3,4,\"it has 1 cell, the header has 2\",1\n");
    }

    @Test
    void streamsNeedAPlaceForRowsSetAside() {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try (CsvOutput output = CsvOutput.to(
                "the stream", bytes, new Dialect(';', Dialect.Quoting.ALWAYS, "\r\n", true), AsideFile.none())) {
            output.row(List.of("a", "b"));
            assertThatThrownBy(() -> output.setAside(new Row(3, 4, List.of("secret")), "it is short"))
                    .hasMessageContaining("Row 3, line 4")
                    .hasMessageContaining("--set-aside")
                    .hasMessageNotContaining("secret");
            output.finish();
        }
        assertThat(bytes.toString(StandardCharsets.UTF_8)).isEqualTo("\uFEFF\"a\";\"b\"\r\n");
    }

    @Test
    void refusesFoldersThatAreNotThere() {
        assertThatThrownBy(() -> CsvOutput.create(folder.resolve("no/out.csv"), Dialect.STANDARD, WhenThere.REFUSE))
                .hasMessageContaining("There is no folder");
        assertThatThrownBy(() -> CsvOutput.create(folder, Dialect.STANDARD, WhenThere.REPLACE))
                .hasMessageContaining("is a folder");
    }
}
