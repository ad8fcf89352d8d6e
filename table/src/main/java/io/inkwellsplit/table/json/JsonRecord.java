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
     * Returns a record in which a title such as {@code name.first} is {@code first} in a record called {@code name}.
     *
     * @throws TableException if one title is both a value and a record
     */
    static JsonRecord nested(List<String> titles, String file) {
        JsonRecord record = new JsonRecord();
        for (int i = 0; i < titles.size(); i++) {
            record.put(titles.get(i), titles.get(i), i, file);
        }
        return record;
    }

    private void put(String title, String rest, int column, String file) {
        int dot = rest.indexOf('.');
        boolean inner = dot > 0 && dot < rest.length() - 1;
        Object before = fields.get(inner ? rest.substring(0, dot) : rest);
        if (inner && (before == null || before instanceof JsonRecord)) {
            ((JsonRecord) fields.computeIfAbsent(rest.substring(0, dot), key -> new JsonRecord()))
                    .put(title, rest.substring(dot + 1), column, file);
        } else if (inner || before != null) {
            throw new TableException(
                    Problem.SETTING,
                    file + " cannot have the column \"" + title
                            + "\" in a record, since another column has the name of that record or value; rename one of them.");
        } else {
            fields.put(rest, column);
        }
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
