package io.inkwellsplit.table.csv;

import io.inkwellsplit.table.Dialect;
import io.inkwellsplit.table.Row;
import io.inkwellsplit.table.TableException;
import io.inkwellsplit.table.TableException.Problem;
import io.inkwellsplit.table.file.Delivery;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** The file of rows that could not be worked on, each with its reason; started when the first such row comes. */
public final class AsideFile {
    /** What stands in front of the titles of the source. */
    public static final List<String> TITLES = List.of("Row", "Line", "Reason");

    private final @Nullable Path file;
    private final Dialect dialect;
    private final @Nullable Delivery delivery;
    private @Nullable CsvRows rows;
    private List<String> sourceHeader = List.of();

    private AsideFile(@Nullable Path file, Dialect dialect, @Nullable Delivery delivery) {
        this.file = file;
        this.dialect = dialect;
        this.delivery = delivery;
    }

    /**
     * {@return one that appears with the other files of a delivery}
     *
     * @param delivery with what it appears
     * @param file the file
     * @param dialect how the text is written
     */
    public static AsideFile in(Delivery delivery, Path file, Dialect dialect) {
        return new AsideFile(file, dialect, delivery);
    }

    /** {@return one that takes no row: the first one ends the run} */
    public static AsideFile none() {
        return new AsideFile(null, Dialect.STANDARD, null);
    }

    /**
     * {@return the usual name of such a file beside an output}
     *
     * @param output the output
     */
    public static Path beside(Path output) {
        String text = output.getFileName().toString();
        int dot = text.lastIndexOf('.');
        String stem = dot > 0 ? text.substring(0, dot) : text;
        return output.resolveSibling(stem + ".set-aside" + (dot > 0 ? text.substring(dot) : ""));
    }

    /**
     * {@return the name of such a file beside an output that is no text table}
     *
     * @param output the output
     */
    public static Path besideAsText(Path output) {
        return output.resolveSibling(output.getFileName() + ".set-aside.csv");
    }

    /**
     * Sets the titles of the source, which head the file.
     *
     * @param titles the titles
     * @return this file
     */
    public AsideFile sourceHeader(List<String> titles) {
        sourceHeader = List.copyOf(titles);
        return this;
    }

    /**
     * Writes a row with its reason.
     *
     * @param row the row, as it was read
     * @param reason why, in a sentence
     */
    public void add(Row row, String reason) {
        if (rows == null) {
            if (file == null || delivery == null) {
                throw new TableException(
                        Problem.INPUT,
                        "Row " + row.number() + ", line " + row.line() + ", cannot be worked on: " + reason
                                + ". Mend it, or name a file for such rows with --set-aside.");
            }
            rows = new CsvRows(file.toString(), delivery.start(file), dialect);
            List<String> titles = new ArrayList<>(TITLES);
            titles.addAll(sourceHeader);
            rows.row(titles);
        }
        List<String> cells = new ArrayList<>(List.of(Long.toString(row.number()), Long.toString(row.line()), reason));
        cells.addAll(row.cells());
        rows.row(cells);
    }

    /** Writes what is still held back. */
    public void finish() {
        if (rows != null) {
            rows.flush();
        }
    }

    /** {@return the file; null where no row was set aside} */
    public @Nullable Path file() {
        return rows == null ? null : file;
    }
}
