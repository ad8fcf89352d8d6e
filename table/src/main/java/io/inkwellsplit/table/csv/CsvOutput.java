package io.inkwellsplit.table.csv;

import io.inkwellsplit.table.Dialect;
import io.inkwellsplit.table.Row;
import io.inkwellsplit.table.TableOutput;
import io.inkwellsplit.table.file.Delivery;
import io.inkwellsplit.table.file.WhenThere;
import java.io.OutputStream;
import java.nio.file.Path;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * Writes a text table in UTF-8: whole, or not at all.
 *
 * <p>Rows that were set aside go to a file of their own beside it. Both are written under other names, readable by their
 * owner alone, and get their names when {@link #finish} is called, or, where they belong to a {@link Delivery}, when that
 * is published; without it, {@link #close} throws them away.
 */
public final class CsvOutput implements TableOutput {
    private final CsvRows rows;
    private final AsideFile aside;
    /** What is published at the end; null where whoever made it does that. */
    private final @Nullable Delivery own;

    private FormulaCells formulas = new FormulaCells(Formulas.COUNT);

    private CsvOutput(CsvRows rows, AsideFile aside, @Nullable Delivery own) {
        this.rows = rows;
        this.aside = aside;
        this.own = own;
    }

    /**
     * Starts a file.
     *
     * @param file the file
     * @param dialect how the text is written
     * @param whenThere what becomes of a file that is there already
     * @return what takes the rows
     * @throws io.inkwellsplit.table.TableException if the file is there and may not be replaced, or its folder cannot be
     *     written
     */
    public static CsvOutput create(Path file, Dialect dialect, WhenThere whenThere) {
        Delivery own = new Delivery(whenThere);
        try {
            return new CsvOutput(rows(file, dialect, own), AsideFile.in(own, AsideFile.beside(file), dialect), own);
        } catch (RuntimeException e) {
            own.close();
            throw e;
        }
    }

    /**
     * Starts a file of a delivery, which appears with the delivery's other files.
     *
     * @param delivery with what it appears
     * @param file the file
     * @param dialect how the text is written
     * @param aside what takes rows that are set aside
     * @return what takes the rows
     */
    public static CsvOutput in(Delivery delivery, Path file, Dialect dialect, AsideFile aside) {
        return new CsvOutput(rows(file, dialect, delivery), aside, null);
    }

    private static CsvRows rows(Path file, Dialect dialect, Delivery delivery) {
        return new CsvRows(file.toString(), delivery.start(file), dialect);
    }

    /**
     * Writes to a stream, which becomes visible at once.
     *
     * @param name what messages call it
     * @param out the stream; whoever opened it closes it
     * @param dialect how the text is written
     * @param aside takes rows that are set aside
     * @return what takes the rows
     */
    public static CsvOutput to(String name, OutputStream out, Dialect dialect, AsideFile aside) {
        return new CsvOutput(new CsvRows(name, out, dialect), aside, null);
    }

    /**
     * Sets the titles of the source, which head the file of rows that are set aside.
     *
     * @param titles the titles
     * @return this output
     */
    public CsvOutput sourceHeader(List<String> titles) {
        aside.sourceHeader(titles);
        return this;
    }

    /**
     * Says what is done with cells that a spreadsheet program would take for a formula; called before the header.
     *
     * @param kind what is done
     * @return this output
     */
    public CsvOutput guarding(Formulas kind) {
        formulas = new FormulaCells(kind);
        return this;
    }

    @Override
    public void header(List<String> titles) {
        rows.row(formulas.header(titles));
    }

    @Override
    public void row(List<String> cells) {
        rows.row(formulas.row(cells));
    }

    @Override
    public List<String> notes() {
        String note = formulas.note();
        return note.isEmpty() ? List.of() : List.of(note);
    }

    @Override
    public void setAside(Row row, String reason) {
        aside.add(row, reason);
    }

    @Override
    public void finish() {
        rows.flush();
        aside.finish();
        if (own != null) {
            own.publish();
        }
    }

    @Override
    public @Nullable Path asideFile() {
        return aside.file();
    }

    @Override
    public void close() {
        if (own != null) {
            own.close();
        }
    }
}
