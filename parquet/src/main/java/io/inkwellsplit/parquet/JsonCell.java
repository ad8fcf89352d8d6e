package io.inkwellsplit.parquet;

import com.fasterxml.jackson.core.io.JsonStringEncoder;
import io.inkwellsplit.table.ColumnType.Kind;
import io.inkwellsplit.table.TypedText;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Consumer;
import java.util.stream.Collectors;
import org.apache.parquet.io.api.Converter;
import org.apache.parquet.io.api.GroupConverter;
import org.apache.parquet.schema.GroupType;
import org.apache.parquet.schema.LogicalTypeAnnotation.ListLogicalTypeAnnotation;
import org.apache.parquet.schema.Type;
import org.apache.parquet.schema.Type.Repetition;

/** What is repeated, or has something repeated in it, as JSON: a list is an array, all else a record. */
final class JsonCell extends GroupConverter {
    private final boolean isList;
    private final Map<String, List<String>> values = new LinkedHashMap<>();
    private final List<Type> fields;
    private final Converter[] converters;
    private final Consumer<String> to;

    private JsonCell(GroupType group, Consumer<String> to) {
        this.isList = group.getLogicalTypeAnnotation() instanceof ListLogicalTypeAnnotation;
        this.fields = group.getFields();
        this.to = to;
        this.converters = fields.stream()
                .map(field ->
                        converter(field, text -> values.computeIfAbsent(field.getName(), name -> new ArrayList<>())
                                .add(text)))
                .toArray(Converter[]::new);
    }

    /** Returns what hands out each value of a field as JSON. */
    static Converter converter(Type field, Consumer<String> to) {
        if (!field.isPrimitive()) {
            return new JsonCell(field.asGroupType(), to);
        }
        ParquetValue value = new ParquetValue(field.asPrimitiveType());
        Kind kind = value.columnType().kind();
        return new CellColumns.Value(field.getName(), value, text -> to.accept(json(kind, text)));
    }

    private static String json(Kind kind, String text) {
        boolean plain =
                TypedText.isNumber(kind, text) || TypedText.truth(kind, text).isPresent();
        return plain ? text : quoted(text);
    }

    private static String quoted(String text) {
        return '"' + new String(JsonStringEncoder.getInstance().quoteAsString(text)) + '"';
    }

    @Override
    public Converter getConverter(int field) {
        return converters[field];
    }

    @Override
    public void start() {
        values.clear();
    }

    @Override
    public void end() {
        if (isList) {
            List<String> all = values.values().stream().flatMap(List::stream).toList();
            to.accept("[" + all.stream().map(this::element).collect(Collectors.joining(",")) + "]");
            return;
        }
        to.accept(fields.stream()
                .map(field -> quoted(field.getName()) + ":" + value(field))
                .collect(Collectors.joining(",", "{", "}")));
    }

    /** Each element of a list stands in a record of its own, with that one field (parquet-format, LogicalTypes, Lists). */
    private String element(String json) {
        Type repeated = fields.get(0);
        boolean wrapped = !repeated.isPrimitive() && repeated.asGroupType().getFieldCount() == 1;
        int from = wrapped ? quoted(repeated.asGroupType().getFieldName(0)).length() + 2 : 0;
        return wrapped ? json.substring(from, json.length() - 1) : json;
    }

    private String value(Type field) {
        List<String> all = values.getOrDefault(field.getName(), List.of());
        return field.isRepetition(Repetition.REPEATED)
                ? "[" + String.join(",", all) + "]"
                : all.isEmpty() ? "null" : all.get(0);
    }
}
