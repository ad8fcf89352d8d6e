package io.inkwellsplit.table.json;

import com.fasterxml.jackson.core.JsonEncoding;
import com.fasterxml.jackson.core.JsonFactory;
import com.fasterxml.jackson.core.JsonGenerator;
import com.fasterxml.jackson.core.io.JsonStringEncoder;
import com.fasterxml.jackson.core.util.MinimalPrettyPrinter;
import io.inkwellsplit.table.Row;
import io.inkwellsplit.table.TableOutput;
import io.inkwellsplit.table.csv.AsideFile;
import io.inkwellsplit.table.file.Delivery;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.file.Path;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * Writes each row as a record in JSON, on a line of its own or as one of an array. Every value is text, so that no zero is
 * lost; a title that stands twice gets a number. Confined to one thread.
 */
public final class JsonOutput implements TableOutput {
    private static final JsonFactory FACTORY = new JsonFactory();

    private final String name;
    private final JsonGenerator json;
    private final Form form;
    private final AsideFile aside;
    private List<String> titles = List.of();

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
     * @param aside takes rows that are set aside
     */
    public JsonOutput(String name, OutputStream to, Form form, AsideFile aside) {
        this.name = name;
        this.form = form;
        this.aside = aside;
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
        if (form == Form.ARRAY) {
            write(json::writeStartArray);
        }
    }

    @Override
    public void row(List<String> cells) {
        write(() -> {
            json.writeStartObject();
            for (int i = 0; i < titles.size(); i++) {
                json.writeStringField(titles.get(i), cells.get(i));
            }
            json.writeEndObject();
        });
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
