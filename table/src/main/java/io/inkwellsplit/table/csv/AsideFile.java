package io.inkwellsplit.table.csv;

import io.inkwellsplit.table.Row;
import io.inkwellsplit.table.TableException;
import io.inkwellsplit.table.TableException.Problem;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** The file of rows that could not be worked on, each with its reason; started when the first such row comes. */
public final class AsideFile {
    private final @Nullable Path file;
    private final Dialect dialect;
    private final WholeFile.WhenThere whenThere;
    private @Nullable CsvOutput output;
    private List<String> sourceHeader = List.of();

    /** @param file its name; null if the first such row shall end the run */
    public AsideFile(@Nullable Path file, Dialect dialect, WholeFile.WhenThere whenThere) {
        this.file = file;
        this.dialect = dialect;
        this.whenThere = whenThere;
    }

    /** Returns the usual name of such a file beside an output. */
    public static Path beside(Path output) {
        String text = output.getFileName().toString();
        int dot = text.lastIndexOf('.');
        String stem = dot > 0 ? text.substring(0, dot) : text;
        return output.resolveSibling(stem + ".set-aside" + (dot > 0 ? text.substring(dot) : ""));
    }

    /** Sets the titles of the source, which head the file. */
    public AsideFile sourceHeader(List<String> titles) {
        sourceHeader = List.copyOf(titles);
        return this;
    }

    /** Writes a row with its reason. */
    public void add(Row row, String reason) {
        if (output == null) {
            if (file == null) {
                throw new TableException(
                        Problem.INPUT,
                        "Row " + row.number() + ", line " + row.line() + ", cannot be worked on: " + reason
                                + ". Mend it, or name a file for such rows with --set-aside.");
            }
            output = CsvOutput.create(file, dialect, whenThere);
            List<String> titles = new ArrayList<>(List.of("Row", "Line", "Reason"));
            titles.addAll(sourceHeader);
            output.header(titles);
        }
        List<String> cells = new ArrayList<>(List.of(Long.toString(row.number()), Long.toString(row.line()), reason));
        cells.addAll(row.cells());
        output.row(cells);
    }

    /** Gives the file its name, where there is one. */
    public void finish() {
        if (output != null) {
            output.finish();
        }
    }

    /** Throws the file away unless it was finished. */
    public void close() {
        if (output != null) {
            output.close();
        }
    }

    /** Returns the file; null where no row was set aside. */
    public @Nullable Path file() {
        return output == null ? null : file;
    }
}
