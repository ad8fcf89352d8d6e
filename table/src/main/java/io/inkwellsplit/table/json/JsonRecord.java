package io.inkwellsplit.table.json;

import com.fasterxml.jackson.core.JsonGenerator;
import io.inkwellsplit.table.TableException;
import io.inkwellsplit.table.TableException.Problem;
import java.io.IOException;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** How the cells of a row make a record: side by side, or in records that their titles name. */
final class JsonRecord {
    private static final String TEXT = "text";

    /** By key, either the number of a column or a record. */
    private final Map<String, Object> fields = new LinkedHashMap<>();

    private JsonRecord() {}

    static JsonRecord of(List<String> titles) {
        JsonRecord record = new JsonRecord();
        for (int i = 0; i < titles.size(); i++) {
            record.fields.put(titles.get(i), i);
        }
        return record;
    }

    /**
     * Returns a record in which a title such as {@code name.first} is {@code first} in a record called {@code name}. Where there
     * is a value called {@code name} as well, it is {@code text} in that record.
     *
     * @throws TableException if two values would have one place
     */
    static JsonRecord nested(List<String> titles, String file) {
        JsonRecord record = new JsonRecord();
        for (int i = 0; i < titles.size(); i++) {
            if (!record.put(titles.get(i), i)) {
                throw new TableException(
                        Problem.SETTING,
                        file + " cannot have the column \"" + titles.get(i)
                                + "\" in a record, since another one stands there; rename one of them.");
            }
        }
        return record;
    }

    /** Returns whether there was a place for a column. */
    private boolean put(String title, int column) {
        int dot = title.indexOf('.');
        if (dot <= 0 || dot == title.length() - 1) {
            Object before = fields.putIfAbsent(title, column);
            return before == null || before instanceof JsonRecord inner && inner.put(TEXT, column);
        }
        String name = title.substring(0, dot);
        Object before = fields.get(name);
        JsonRecord inner = before instanceof JsonRecord record ? record : new JsonRecord();
        if (before instanceof Integer value) {
            inner.put(TEXT, value);
        }
        fields.put(name, inner);
        return inner.put(title.substring(dot + 1), column);
    }

    void write(JsonGenerator json, List<String> cells, JsonOutput output) throws IOException {
        json.writeStartObject();
        for (Map.Entry<String, Object> field : fields.entrySet()) {
            json.writeFieldName(field.getKey());
            if (field.getValue() instanceof JsonRecord inner) {
                inner.write(json, cells, output);
            } else {
                int column = (Integer) field.getValue();
                output.cell(column, cells.get(column));
            }
        }
        json.writeEndObject();
    }
}
