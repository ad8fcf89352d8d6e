package io.inkwellsplit.bench;

import de.siegmar.fastcsv.reader.CsvReader;
import de.siegmar.fastcsv.reader.CsvRecord;
import de.siegmar.fastcsv.writer.CsvWriter;
import de.siegmar.fastcsv.writer.LineDelimiter;
import io.inkwellsplit.training.AddressSets;
import io.inkwellsplit.training.Labelled;
import io.inkwellsplit.training.NameSets;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.List;

/**
 * A generated register of any length, nearly every value different, and the least work that a table of its width is:
 * {@code WideTable <table> <copy> <more columns>} copies one.
 */
public final class WideTable {
    private static final long SEED = 4_711;
    private static final int TOWN_ROWS = 400;
    /** What stands behind the address and is not split. */
    private static final List<String> TITLES = List.of("Number", "Name", "Address", "Seats", "Since");

    private WideTable() {}

    public static void main(String[] args) throws IOException {
        copy(Path.of(args[0]), Path.of(args[1]), Integer.parseInt(args[2]));
    }

    /** Returns a register of so many rows, which is written if it is not there yet. */
    static Path register(Path root, int rows) throws IOException {
        Path table = root.resolve("bench/target/register-" + rows + ".csv");
        if (!Files.exists(table)) {
            Path part = table.resolveSibling("register.part");
            write(root.resolve("training/data"), part, rows);
            Files.move(part, table);
        }
        return table;
    }

    /** Writes a register: names in many formats, addresses mostly American and British, a tenth from elsewhere. */
    static void write(Path data, Path file, int rows) throws IOException {
        NameSets names = new NameSets(data, SEED);
        AddressSets addresses = new AddressSets(data, SEED);
        Deque<Labelled> nextNames = new ArrayDeque<>();
        Deque<Labelled> nextAddresses = new ArrayDeque<>();
        NameSets.Set[] nameSets = {NameSets.Set.MIXED, NameSets.Set.MIXED, NameSets.Set.LAYERS, NameSets.Set.EVERYTHING
        };
        int columns = 0;
        try (CsvWriter writer = CsvWriter.builder().build(file)) {
            writer.writeRecord(TITLES);
            for (int row = 1; row <= rows; row++) {
                if (nextNames.isEmpty()) {
                    nextNames.addAll(names.column(nameSets[columns++ % nameSets.length]));
                }
                if (nextAddresses.isEmpty()) {
                    nextAddresses.addAll(mixed(addresses));
                }
                writer.writeRecord(
                        Integer.toString(row),
                        nextNames.remove().text(),
                        nextAddresses.remove().text(),
                        Integer.toString(row % 7 + 1),
                        Integer.toString(1960 + row % 65));
            }
        }
    }

    /** Four American addresses, three of them with commas, and five British ones to one from elsewhere. */
    private static List<Labelled> mixed(AddressSets sets) {
        List<List<Labelled>> kinds = List.of(
                sets.column(AddressSets.Set.US_COMMAS, TOWN_ROWS * 3),
                sets.column(AddressSets.Set.US_BARE, TOWN_ROWS),
                sets.column(AddressSets.Set.UK, TOWN_ROWS * 5),
                sets.rows(AddressSets.Set.OTHERS, TOWN_ROWS));
        List<Labelled> all = new ArrayList<>();
        for (int i = 0; i < TOWN_ROWS; i++) {
            for (List<Labelled> kind : kinds) {
                int share = kind.size() / TOWN_ROWS;
                all.addAll(kind.subList(i * share, (i + 1) * share));
            }
        }
        return all;
    }

    /**
     * Reads a table and writes one that is wider: what any program must do that uses the same library.
     *
     * @param more how many columns are added; their text is that of the name and the address, in pieces
     */
    static void copy(Path from, Path to, int more) throws IOException {
        try (CsvReader<CsvRecord> reader = CsvReader.builder().ofCsvRecord(from);
                CsvWriter writer =
                        CsvWriter.builder().lineDelimiter(LineDelimiter.LF).build(to)) {
            for (CsvRecord record : reader) {
                List<String> cells = new ArrayList<>(record.getFieldCount() + more);
                cells.addAll(record.getFields());
                String text = record.getField(1) + record.getField(2);
                for (int i = 0; i < more; i++) {
                    cells.add(text.substring(text.length() * i / more, text.length() * (i + 1) / more));
                }
                writer.writeRecord(cells);
            }
        }
    }
}
