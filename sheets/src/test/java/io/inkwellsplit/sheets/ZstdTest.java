package io.inkwellsplit.sheets;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import io.inkwellsplit.table.Row;
import io.inkwellsplit.table.TableException;
import io.inkwellsplit.table.TableInput;
import io.inkwellsplit.table.TableOutput;
import io.inkwellsplit.table.file.Delivery;
import io.inkwellsplit.table.file.WhenThere;
import io.inkwellsplit.table.format.Formats;
import io.inkwellsplit.table.format.ReadSettings;
import io.inkwellsplit.table.format.WriteSettings;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Iterator;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Files that are packed, by their names. */
class ZstdTest {
    private static final int ROWS = 20_000;

    @TempDir
    Path folder;

    private static void write(Path file) throws IOException {
        try (Delivery delivery = new Delivery(WhenThere.REFUSE);
                TableOutput output = Formats.shipped().toWrite(file).start(file, delivery, WriteSettings.standard())) {
            output.header(List.of("No", "Singer"));
            for (int i = 0; i < ROWS; i++) {
                output.row(List.of(Integer.toString(i), "Ada Thorne " + i % 7));
            }
            output.finish();
            delivery.publish();
        }
    }

    private static List<List<String>> read(Path file) {
        List<List<String>> rows = new ArrayList<>();
        try (TableInput input = Formats.shipped().open(file, ReadSettings.STANDARD)) {
            rows.add(input.header());
            for (Iterator<Row> all = input.rows(); all.hasNext(); ) {
                rows.add(all.next().cells());
            }
        }
        return rows;
    }

    @ParameterizedTest
    @ValueSource(strings = {"a.csv.zst", "a.jsonl.zst", "a.CSV.ZST", "a.xlsx.zst", "a.csv.gz", "a.ods.gz"})
    void whatIsWrittenComesBack(String name) throws IOException {
        Path file = folder.resolve(name);
        write(file);
        List<List<String>> rows = read(file);
        assertThat(rows).hasSize(ROWS + 1);
        assertThat(rows.get(0)).containsExactly("No", "Singer");
        assertThat(rows.get(ROWS)).containsExactly("19999", "Ada Thorne 0");
        assertThat(Files.size(file)).isLessThan(ROWS * 10L);
    }

    @Test
    void whatIsNotPackedOrCutOffIsTold() throws IOException {
        Path file = folder.resolve("a.csv.zst");
        write(file);
        byte[] whole = Files.readAllBytes(file);
        Path cut = Files.write(folder.resolve("cut.csv.zst"), Arrays.copyOf(whole, whole.length / 2));
        assertThatThrownBy(() -> read(cut)).isInstanceOf(TableException.class).hasMessageContaining("cut.csv.zst");
        Path plain = Files.writeString(folder.resolve("plain.csv.zst"), "No,Singer\n1,Ada\n");
        assertThatThrownBy(() -> read(plain)).hasMessageContaining("is not packed by zstd");
        Path other = Files.write(folder.resolve("other.csv"), whole);
        assertThatThrownBy(() -> read(other)).hasMessageContaining("give it the ending .zst");
        Path none = folder.resolve("none.csv.zst");
        assertThatThrownBy(() -> read(none)).hasMessageContaining("There is no file");
    }
}
