package io.inkwellsplit.table.contact;

import ezvcard.VCard;
import ezvcard.io.StreamReader;
import io.inkwellsplit.table.Dialect;
import io.inkwellsplit.table.Row;
import io.inkwellsplit.table.TableException;
import io.inkwellsplit.table.TableException.Problem;
import io.inkwellsplit.table.TableInput;
import io.inkwellsplit.table.file.InputFile;
import java.io.IOException;
import java.util.Iterator;
import java.util.List;
import java.util.Map;
import java.util.NoSuchElementException;
import java.util.TreeSet;
import org.jspecify.annotations.Nullable;

/**
 * Reads contacts as a table: a row for each, and a column for whatever one of them has. What has no column, such as a picture,
 * is told. Confined to one thread.
 */
public final class ContactSource implements TableInput {
    private final InputFile file;
    private final ContactFormat format;
    private final List<String> header;
    private final TreeSet<String> leftOut = new TreeSet<>();
    private @Nullable StreamReader pass;

    private ContactSource(InputFile file, ContactFormat format) {
        this.file = file;
        this.format = format;
        CardColumns columns = new CardColumns();
        long cards = 0;
        for (Cards all = new Cards(); all.hasNext(); cards++) {
            VCard card = all.nextCard();
            columns.add(CardColumns.cells(card));
            leftOut.addAll(CardColumns.leftOut(card));
        }
        if (cards == 0) {
            throw new TableException(Problem.INPUT, file.name() + " has no contacts.");
        }
        header = columns.titles();
    }

    /**
     * Opens a file; closing this closes it.
     *
     * @param file the file
     * @param format its format, one that can be read
     * @return the table
     * @throws TableException if it cannot be read, or has no contacts
     */
    public static ContactSource open(InputFile file, ContactFormat format) {
        try {
            return new ContactSource(file, format);
        } catch (RuntimeException e) {
            file.close();
            throw e;
        }
    }

    @Override
    public List<String> header() {
        return header;
    }

    @Override
    public boolean hasNamedColumns() {
        return true;
    }

    @Override
    public Dialect dialect() {
        return Dialect.STANDARD;
    }

    @Override
    public List<String> notes() {
        return leftOut.isEmpty()
                ? List.of()
                : List.of("What contacts have and the table has no column for: " + String.join(", ", leftOut) + ".");
    }

    @Override
    public Iterator<Row> rows() {
        return new Cards();
    }

    private final class Cards implements Iterator<Row> {
        private final StreamReader reader;
        private @Nullable VCard next;
        private long number;

        Cards() {
            closePass();
            try {
                reader = format.reader(file.open());
            } catch (IOException e) {
                throw unreadable(e);
            }
            pass = reader;
            next = read();
        }

        private @Nullable VCard read() {
            try {
                VCard card = reader.readNext();
                if (card == null) {
                    file.checkUnchanged();
                }
                return card;
            } catch (IOException e) {
                throw unreadable(e);
            }
        }

        @Override
        public boolean hasNext() {
            return next != null;
        }

        VCard nextCard() {
            VCard card = next;
            if (card == null) {
                throw new NoSuchElementException();
            }
            number++;
            next = read();
            return card;
        }

        @Override
        public Row next() {
            Map<String, String> cells = CardColumns.cells(nextCard());
            return new Row(
                    number,
                    number,
                    header.stream().map(title -> cells.getOrDefault(title, "")).toList());
        }
    }

    private TableException unreadable(IOException e) {
        return new TableException(
                Problem.INPUT, file.name() + " cannot be read as " + format.title() + "; is it cut off?", e);
    }

    private void closePass() {
        if (pass != null) {
            try {
                pass.close();
            } catch (IOException e) {
                throw unreadable(e);
            }
            pass = null;
        }
    }

    @Override
    public void close() {
        closePass();
        file.close();
    }
}
