package io.inkwellsplit.table.json;

import com.fasterxml.jackson.core.JsonEncoding;
import com.fasterxml.jackson.core.JsonFactory;
import com.fasterxml.jackson.core.JsonGenerator;
import com.fasterxml.jackson.core.io.JsonStringEncoder;
import com.fasterxml.jackson.core.util.MinimalPrettyPrinter;
import io.inkwellsplit.table.ColumnType;
import io.inkwellsplit.table.ColumnType.Kind;
import io.inkwellsplit.table.NoValue;
import io.inkwellsplit.table.Row;
import io.inkwellsplit.table.TableOutput;
import io.inkwellsplit.table.TypedText;
import io.inkwellsplit.table.csv.AsideFile;
import io.inkwellsplit.table.file.Delivery;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * Writes each row as a record in JSON, on a line of its own or as one of an array. Values are text, so that no zero is lost,
 * but for those of columns that are known to hold numbers or truth values; there an empty cell is {@code null}. A title that
 * stands twice gets a number. Confined to one thread.
 */
public final class JsonOutput implements TableOutput {
    private static final JsonFactory FACTORY = new JsonFactory();

    private final String name;
    private final JsonGenerator json;
    private final Form form;
    private final AsideFile aside;
    private final Map<String, ColumnType> types;
    private final boolean nested;
    private List<String> titles = List.of();
    private List<Kind> kinds = List.of();
    private JsonRecord record = JsonRecord.of(List.of());

    /** How records stand. */
    public enum Form {
        /** Each on a line (JSON Lines). */
        LINES,
        /** All in an array. */
        ARRAY
    }

    /**
     * Starts an output.
     *
     * @param name what messages call it
     * @param to where it goes
     * @param form how records stand
     * @param aside takes rows that are set aside
     * @param types what columns hold, by their titles; text where it is not known
     * @param nested whether a title such as {@code name.first} is that of a record in a record
     */
    public JsonOutput(
            String name, OutputStream to, Form form, AsideFile aside, Map<String, ColumnType> types, boolean nested) {
        this.name = name;
        this.form = form;
        this.aside = aside;
        this.types = types;
        this.nested = nested;
        try {
            this.json = FACTORY.createGenerator(to, JsonEncoding.UTF8);
        } catch (IOException e) {
            throw Delivery.refused(name, e);
        }
        json.setPrettyPrinter(new MinimalPrettyPrinter("\n"));
    }

    static String quoted(String text) {
        return '"' + new String(JsonStringEncoder.getInstance().quoteAsString(text)) + '"';
    }

    @Override
    public void header(List<String> header) {
        titles = JsonSource.distinct(header);
        kinds = ColumnType.kinds(titles, types);
        record = nested ? JsonRecord.nested(titles, name) : JsonRecord.of(titles);
        if (form == Form.ARRAY) {
            write(json::writeStartArray);
        }
    }

    @Override
    public void row(List<String> cells) {
        write(() -> record.write(json, cells, this));
    }

    /** Writes a cell as what its column holds. */
    void cell(int column, String text) throws IOException {
        Kind kind = kinds.get(column);
        Optional<Boolean> truth = TypedText.truth(kind, text);
        if (truth.isPresent()) {
            json.writeBoolean(truth.get());
        } else if (TypedText.isNumber(kind, text)) {
            json.writeNumber(text);
        } else if (NoValue.is(text) || text.isEmpty() && kind != Kind.TEXT) {
            json.writeNull();
        } else {
            json.writeString(text);
        }
    }

    @Override
    public void setAside(Row row, String reason) {
        aside.add(row, reason);
    }

    @Override
    public void finish() {
        write(() -> {
            if (form == Form.ARRAY) {
                json.writeEndArray();
            }
            json.writeRaw('\n');
            json.flush();
        });
        aside.finish();
    }

    private interface Writing {
        void run() throws IOException;
    }

    private void write(Writing writing) {
        try {
            writing.run();
        } catch (IOException e) {
            throw Delivery.refused(name, e);
        }
    }

    @Override
    public @Nullable Path asideFile() {
        return aside.file();
    }

    @Override
    public void close() {}
}
