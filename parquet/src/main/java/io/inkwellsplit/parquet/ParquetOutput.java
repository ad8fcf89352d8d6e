package io.inkwellsplit.parquet;

import com.fasterxml.jackson.core.JsonFactory;
import com.fasterxml.jackson.core.JsonGenerator;
import io.inkwellsplit.table.ColumnType;
import io.inkwellsplit.table.NoValue;
import io.inkwellsplit.table.Row;
import io.inkwellsplit.table.TableException;
import io.inkwellsplit.table.TableException.Problem;
import io.inkwellsplit.table.TableOutput;
import io.inkwellsplit.table.file.Delivery;
import io.inkwellsplit.table.format.WriteSettings;
import java.io.IOException;
import java.io.OutputStream;
import java.io.StringWriter;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import org.apache.parquet.io.api.RecordConsumer;
import org.apache.parquet.schema.PrimitiveType;
import org.apache.parquet.schema.Type;
import org.jspecify.annotations.Nullable;

/**
 * Writes a table into a file whose columns keep their types. They are settled by the first rows: a column of which one of these
 * does not fit is text.
 */
final class ParquetOutput implements TableOutput {
    private static final int FIRST_ROWS = 10_000;
    /** Of very long cells fewer rows settle the types, as they are held in memory. */
    private static final long MOST_HELD = 8_000_000;

    private final String name;
    private final OutputStream to;
    private final WriteSettings settings;
    private List<String> titles = List.of();
    private List<ParquetValue> values = List.of();
    private List<Boolean> texts = List.of();
    private final List<List<String>> first = new ArrayList<>();
    private @Nullable GroupWriter groups;
    private long held;
    private long rows;

    ParquetOutput(String name, OutputStream to, WriteSettings settings) {
        this.name = name;
        this.to = to;
        this.settings = settings;
    }

    @Override
    public void header(List<String> header) {
        Set<String> seen = new HashSet<>();
        for (String title : header) {
            if (title.isBlank() || !seen.add(title)) {
                throw new TableException(
                        Problem.OUTPUT,
                        name + " would have "
                                + (title.isBlank() ? "a column without a title" : "two columns called " + title)
                                + ", which a Parquet file cannot have; rename it with columns.");
            }
        }
        titles = List.copyOf(header);
    }

    @Override
    public void row(List<String> cells) {
        if (groups == null) {
            first.add(List.copyOf(cells));
            held += cells.stream().mapToInt(String::length).sum();
            if (first.size() == FIRST_ROWS || held > MOST_HELD) {
                start();
            }
        } else {
            write(cells);
        }
    }

    private void start() {
        List<Type> types = new ArrayList<>();
        values = new ArrayList<>();
        texts = new ArrayList<>();
        for (int c = 0; c < titles.size(); c++) {
            ColumnType known = settings.types().get(titles.get(c));
            PrimitiveType type =
                    known == null ? ParquetValue.text(titles.get(c)) : ParquetValue.typeOf(titles.get(c), known);
            if (!fit(c, new ParquetValue(type))) {
                type = ParquetValue.text(titles.get(c));
            }
            types.add(type);
            values.add(new ParquetValue(type));
            texts.add(type.equals(ParquetValue.text(titles.get(c))));
        }
        try {
            groups = new GroupWriter(name, to, types, different());
        } catch (IOException e) {
            throw Delivery.refused(name, e);
        }
        first.forEach(this::write);
        first.clear();
    }

    private List<String> different() {
        List<String> different = new ArrayList<>();
        for (int c = 0; c < titles.size(); c++) {
            int column = c;
            long values =
                    first.stream().map(cells -> cells.get(column)).distinct().count();
            if (values > first.size() / 2) {
                different.add(titles.get(c));
            }
        }
        return different;
    }

    private boolean fit(int column, ParquetValue value) {
        for (List<String> cells : first) {
            String text = cells.get(column);
            if (!text.isEmpty()) {
                try {
                    value.write(text, Nowhere.CONSUMER);
                } catch (RuntimeException e) {
                    return false;
                }
            }
        }
        return true;
    }

    private GroupWriter writer() {
        if (groups == null) {
            throw new IllegalStateException("no header has come");
        }
        return groups;
    }

    private void write(List<String> cells) {
        GroupWriter writer = writer();
        rows++;
        RecordConsumer to = writer.consumer();
        to.startMessage();
        for (int c = 0; c < titles.size(); c++) {
            String text = cells.get(c);
            // An empty text is a text; in other columns an empty cell is no value.
            if (NoValue.is(text) || text.isEmpty() && !texts.get(c)) {
                continue;
            }
            to.startField(titles.get(c), c);
            try {
                values.get(c).write(text, to);
            } catch (RuntimeException e) {
                throw new TableException(
                        Problem.OUTPUT,
                        name + " cannot hold \"" + text + "\" in row " + rows + " of the column " + titles.get(c)
                                + ": the first rows were "
                                + values.get(c).columnType().kind()
                                + ". Write another form, such as .csv.",
                        e);
            }
            to.endField(titles.get(c), c);
        }
        to.endMessage();
        try {
            writer.added();
        } catch (IOException e) {
            throw Delivery.refused(name, e);
        }
    }

    @Override
    public void setAside(Row row, String reason) {
        settings.aside().add(row, reason);
    }

    @Override
    public void finish() {
        if (groups == null) {
            start();
        }
        try {
            writer().end(Map.of(ParquetInput.MEANINGS, meanings()));
        } catch (IOException e) {
            throw Delivery.refused(name, e);
        }
        settings.aside().finish();
    }

    private String meanings() throws IOException {
        StringWriter text = new StringWriter();
        try (JsonGenerator json = new JsonFactory().createGenerator(text)) {
            json.writeStartObject();
            for (Map.Entry<String, String> one : new TreeMap<>(settings.meanings()).entrySet()) {
                if (titles.contains(one.getKey())) {
                    json.writeStringField(one.getKey(), one.getValue());
                }
            }
            json.writeEndObject();
        }
        return text.toString();
    }

    @Override
    public @Nullable Path asideFile() {
        return settings.aside().file();
    }

    @Override
    public void close() {}
}
