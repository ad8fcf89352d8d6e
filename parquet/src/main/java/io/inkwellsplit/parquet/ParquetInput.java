package io.inkwellsplit.parquet;

import com.fasterxml.jackson.core.JsonFactory;
import com.fasterxml.jackson.core.JsonParser;
import io.inkwellsplit.table.ColumnType;
import io.inkwellsplit.table.Dialect;
import io.inkwellsplit.table.Row;
import io.inkwellsplit.table.TableException;
import io.inkwellsplit.table.TableException.Problem;
import io.inkwellsplit.table.TableInput;
import io.inkwellsplit.table.file.InputFile;
import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.Iterator;
import java.util.List;
import java.util.Map;
import java.util.NoSuchElementException;
import org.apache.parquet.PlainReadOptions;
import org.apache.parquet.column.page.PageReadStore;
import org.apache.parquet.hadoop.ParquetFileReader;
import org.apache.parquet.hadoop.metadata.FileMetaData;
import org.apache.parquet.io.ColumnIOFactory;
import org.apache.parquet.io.LocalInputFile;
import org.apache.parquet.io.MessageColumnIO;
import org.apache.parquet.io.RecordReader;
import org.jspecify.annotations.Nullable;

/** Reads the rows of a file, a group of them at a time; columns inside of others are called {@code outer.inner}. */
final class ParquetInput implements TableInput {
    /** Where the file says what its columns mean, as JSON. */
    static final String MEANINGS = "inkwell-split.meanings";

    private final InputFile file;
    private final Path path;
    private final CellColumns columns;
    private final Map<String, String> meanings;
    private final long rowsAbout;
    private @Nullable ParquetFileReader pass;

    private ParquetInput(InputFile file, Path path) throws IOException {
        this.file = file;
        this.path = path;
        try (ParquetFileReader reader = reader()) {
            this.rowsAbout = reader.getRecordCount();
            FileMetaData data = reader.getFileMetaData();
            this.columns = new CellColumns(data.getSchema());
            this.meanings = meanings(data.getKeyValueMetaData().get(MEANINGS));
        }
    }

    /** Opens a file; closing this closes it. */
    static ParquetInput open(InputFile file) {
        try {
            Path path = file.path()
                    .orElseThrow(() -> new TableException(
                            Problem.INPUT,
                            file.name()
                                    + " comes packed or from a stream; a Parquet file is read from its end, so name it "
                                    + "as it is."));
            return new ParquetInput(file, path);
        } catch (IOException | RuntimeException e) {
            file.close();
            throw e instanceof TableException told ? told : broken(file, e);
        }
    }

    private static TableException broken(InputFile file, Exception e) {
        return new TableException(
                Problem.INPUT,
                file.name() + " is no Parquet file, is broken, or cannot be read: " + e.getMessage() + ".",
                e);
    }

    private ParquetFileReader reader() throws IOException {
        file.checkUnchanged();
        return ParquetFileReader.open(new LocalInputFile(path), PlainReadOptions.with(new Codecs()));
    }

    private static Map<String, String> meanings(@Nullable String json) throws IOException {
        Map<String, String> meanings = new HashMap<>();
        if (json != null) {
            try (JsonParser parser = new JsonFactory().createParser(json)) {
                for (parser.nextToken(); parser.nextFieldName() != null; ) {
                    meanings.put(parser.currentName(), parser.nextTextValue());
                }
            }
        }
        return meanings;
    }

    @Override
    public List<String> header() {
        return columns.titles();
    }

    @Override
    public boolean hasNamedColumns() {
        return true;
    }

    @Override
    public Map<String, ColumnType> types() {
        return columns.types();
    }

    @Override
    public Map<String, String> meanings() {
        return meanings;
    }

    @Override
    public Dialect dialect() {
        return Dialect.STANDARD;
    }

    @Override
    public long rowsAbout() {
        return rowsAbout;
    }

    @Override
    public Iterator<Row> rows() {
        closePass();
        try {
            return new Rows();
        } catch (IOException e) {
            throw broken(file, e);
        }
    }

    private final class Rows implements Iterator<Row> {
        private final ParquetFileReader reader;
        private final MessageColumnIO columnsIo;
        private @Nullable RecordReader<String[]> group;
        private long left;
        private long number;

        Rows() throws IOException {
            reader = reader();
            pass = reader;
            columnsIo = new ColumnIOFactory().getColumnIO(columns.schema());
        }

        @Override
        public boolean hasNext() {
            try {
                while (left == 0) {
                    PageReadStore pages = reader.readNextRowGroup();
                    if (pages == null) {
                        file.checkUnchanged();
                        return false;
                    }
                    left = pages.getRowCount();
                    group = columnsIo.getRecordReader(pages, columns.cells());
                }
            } catch (IOException e) {
                throw broken(file, e);
            }
            return true;
        }

        @Override
        public Row next() {
            if (!hasNext() || group == null) {
                throw new NoSuchElementException();
            }
            left--;
            number++;
            try {
                return new Row(number, number, new ArrayList<>(Arrays.asList(group.read())));
            } catch (BytesInCell e) {
                throw new TableException(
                        Problem.INPUT,
                        file.name() + " holds bytes and no text in the column " + e.getMessage() + ", row " + number
                                + "; leave that column out.",
                        e);
            } catch (RuntimeException e) {
                throw broken(file, e);
            }
        }
    }

    private void closePass() {
        if (pass != null) {
            try {
                pass.close();
            } catch (IOException e) {
                throw broken(file, e);
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
