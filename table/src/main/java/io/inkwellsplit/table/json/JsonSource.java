package io.inkwellsplit.table.json;

import com.fasterxml.jackson.core.JsonFactory;
import com.fasterxml.jackson.core.JsonLocation;
import com.fasterxml.jackson.core.JsonParser;
import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.core.JsonToken;
import io.inkwellsplit.table.ColumnKinds;
import io.inkwellsplit.table.ColumnType;
import io.inkwellsplit.table.ColumnType.Kind;
import io.inkwellsplit.table.Dialect;
import io.inkwellsplit.table.NoValue;
import io.inkwellsplit.table.Row;
import io.inkwellsplit.table.TableException;
import io.inkwellsplit.table.TableException.Problem;
import io.inkwellsplit.table.TableInput;
import io.inkwellsplit.table.file.InputFile;
import java.io.IOException;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Iterator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.NoSuchElementException;
import org.jspecify.annotations.Nullable;

/**
 * Reads records in JSON, one on each line or in one array. The columns are the keys of all records, in the order in which
 * they first come; those inside a record are called {@code outer.inner}. A number comes as it is written, {@code null} and
 * what is missing as an empty cell, an array as its JSON. Confined to one thread.
 */
public final class JsonSource implements TableInput {
    private static final JsonFactory FACTORY = new JsonFactory();
    private static final int MOST_COLUMNS = 16_384;

    private final InputFile file;
    private final Map<String, Integer> columns = new LinkedHashMap<>();
    private final ColumnKinds kinds = new ColumnKinds();
    private @Nullable JsonParser pass;

    private JsonSource(InputFile file) {
        this.file = file;
        Records records = new Records(true);
        while (records.hasNext()) {
            records.next();
        }
        if (columns.isEmpty()) {
            throw new TableException(Problem.INPUT, file.name() + " has no records: there is not even a header.");
        }
    }

    /**
     * Opens a file; closing this closes it.
     *
     * @throws TableException if it cannot be read, or is not JSON
     */
    public static JsonSource open(InputFile file) {
        try {
            return new JsonSource(file);
        } catch (RuntimeException e) {
            file.close();
            throw e;
        }
    }

    @Override
    public List<String> header() {
        return List.copyOf(columns.keySet());
    }

    @Override
    public boolean hasNamedColumns() {
        return true;
    }

    @Override
    public Map<String, ColumnType> types() {
        return kinds.types(header());
    }

    @Override
    public Dialect dialect() {
        return Dialect.STANDARD;
    }

    @Override
    public Iterator<Row> rows() {
        return new Records(false);
    }

    /** Goes through the records; the first time, the columns are gathered. */
    private final class Records implements Iterator<Row> {
        private final JsonParser parser;
        private final boolean gathers;
        private long number;
        private boolean found;

        Records(boolean gathers) {
            this.gathers = gathers;
            closePass();
            try {
                this.parser = FACTORY.createParser(file.open());
            } catch (IOException e) {
                throw unreadable(e);
            }
            pass = parser;
        }

        @Override
        public boolean hasNext() {
            if (found) {
                return true;
            }
            try {
                JsonToken token = parser.nextToken();
                boolean array = token == JsonToken.START_ARRAY && number == 0;
                token = array ? parser.nextToken() : token;
                if (token == null || token == JsonToken.END_ARRAY) {
                    file.checkUnchanged();
                    return false;
                }
                if (token != JsonToken.START_OBJECT) {
                    throw refuse(parser.currentLocation(), "a record in braces is needed here");
                }
            } catch (IOException e) {
                throw unreadable(e);
            }
            found = true;
            return true;
        }

        @Override
        public Row next() {
            if (!hasNext()) {
                throw new NoSuchElementException();
            }
            found = false;
            number++;
            long line = parser.currentLocation().getLineNr();
            String[] cells = new String[columns.size()];
            Arrays.fill(cells, NoValue.CELL);
            try {
                cells = record("", cells);
            } catch (IOException e) {
                throw unreadable(e);
            }
            return new Row(number, line, List.of(cells));
        }

        private String[] record(String before, String[] cells) throws IOException {
            String[] all = cells;
            while (parser.nextToken() != JsonToken.END_OBJECT) {
                String key = before + parser.currentName();
                JsonToken value = parser.nextToken();
                if (value == JsonToken.START_OBJECT) {
                    all = record(key + ".", all);
                    continue;
                }
                String text = value == JsonToken.START_ARRAY ? array() : text(value);
                Integer column = columns.get(key);
                if (column == null) {
                    if (!gathers) {
                        throw new TableException(Problem.INPUT, file.name() + " has changed while it was read.");
                    }
                    column = add(key);
                    all = Arrays.copyOf(all, columns.size());
                }
                all[column] = text;
                if (gathers && value != JsonToken.VALUE_NULL) {
                    kinds.add(column, kind(value), text);
                }
            }
            return all;
        }

        private static Kind kind(JsonToken value) {
            return switch (value) {
                case VALUE_NUMBER_INT, VALUE_NUMBER_FLOAT -> Kind.NUMBER;
                case VALUE_TRUE, VALUE_FALSE -> Kind.TRUTH;
                default -> Kind.TEXT;
            };
        }

        private int add(String key) {
            if (columns.size() == MOST_COLUMNS) {
                throw refuse(
                        parser.currentLocation(), "there are more than " + MOST_COLUMNS + " different keys in all");
            }
            columns.put(key, columns.size());
            return columns.size() - 1;
        }

        private String text(JsonToken value) throws IOException {
            return value == JsonToken.VALUE_NULL ? NoValue.CELL : parser.getText();
        }

        /** An array has no columns; it is written as JSON. */
        private String array() throws IOException {
            StringBuilder text = new StringBuilder("[");
            int depth = 1;
            boolean comma = false;
            while (depth > 0) {
                JsonToken token = parser.nextToken();
                boolean ends = token == JsonToken.END_ARRAY || token == JsonToken.END_OBJECT;
                text.append(comma && !ends ? "," : "");
                switch (token) {
                    case START_ARRAY, START_OBJECT -> depth++;
                    case END_ARRAY, END_OBJECT -> depth--;
                    default -> {}
                }
                comma = token != JsonToken.START_ARRAY
                        && token != JsonToken.START_OBJECT
                        && token != JsonToken.FIELD_NAME;
                boolean quoted = token == JsonToken.VALUE_STRING || token == JsonToken.FIELD_NAME;
                text.append(quoted ? JsonOutput.quoted(parser.getText()) : parser.getText());
                text.append(token == JsonToken.FIELD_NAME ? ":" : "");
            }
            return text.toString();
        }
    }

    private TableException unreadable(IOException e) {
        return e instanceof JsonProcessingException json
                ? refuse(json.getLocation(), "this is no JSON")
                : new TableException(Problem.INPUT, file.name() + " cannot be read.", e);
    }

    private TableException refuse(@Nullable JsonLocation at, String why) {
        String place = at == null ? "" : ", line " + at.getLineNr() + ", column " + at.getColumnNr();
        return new TableException(Problem.INPUT, file.name() + place + ": " + why + ".");
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

    /** Returns the titles that come from a header in which one stands twice, made different. */
    static List<String> distinct(List<String> titles) {
        List<String> distinct = new ArrayList<>();
        for (String title : titles) {
            String name = title;
            for (int i = 2; distinct.contains(name); i++) {
                name = title + " " + i;
            }
            distinct.add(name);
        }
        return distinct;
    }
}
