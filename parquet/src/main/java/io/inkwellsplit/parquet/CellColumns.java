package io.inkwellsplit.parquet;

import io.inkwellsplit.table.ColumnType;
import io.inkwellsplit.table.NoValue;
import java.nio.charset.CharacterCodingException;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Consumer;
import org.apache.parquet.io.api.Binary;
import org.apache.parquet.io.api.Converter;
import org.apache.parquet.io.api.GroupConverter;
import org.apache.parquet.io.api.PrimitiveConverter;
import org.apache.parquet.io.api.RecordMaterializer;
import org.apache.parquet.schema.GroupType;
import org.apache.parquet.schema.MessageType;
import org.apache.parquet.schema.Type;
import org.apache.parquet.schema.Type.Repetition;

/** The columns of a file as those of a table: groups are gone into, and what is repeated is JSON in one cell. */
final class CellColumns {
    private final MessageType schema;
    private final List<String> titles = new ArrayList<>();
    private final Map<String, ColumnType> types = new LinkedHashMap<>();
    private final GroupConverter root;
    private String[] cells = {};

    CellColumns(MessageType schema) {
        this.schema = schema;
        this.root = new Fields(schema, "");
    }

    MessageType schema() {
        return schema;
    }

    List<String> titles() {
        return List.copyOf(titles);
    }

    Map<String, ColumnType> types() {
        return Map.copyOf(types);
    }

    /** Returns what makes the cells of each record. */
    RecordMaterializer<String[]> cells() {
        return new RecordMaterializer<>() {
            @Override
            public String[] getCurrentRecord() {
                return cells;
            }

            @Override
            public GroupConverter getRootConverter() {
                return root;
            }
        };
    }

    private Converter converter(Type field, String before) {
        String title = before + field.getName();
        if (field.isRepetition(Repetition.REPEATED) || !field.isPrimitive() && isRepeated(field.asGroupType())) {
            int column = add(title);
            return JsonCell.converter(field, text -> cells[column] = text);
        }
        if (!field.isPrimitive()) {
            return new Fields(field.asGroupType(), title + ".");
        }
        int column = add(title);
        ParquetValue value = new ParquetValue(field.asPrimitiveType());
        types.put(title, value.columnType());
        return new Value(title, value, text -> cells[column] = text);
    }

    /** A list or a map has something repeated in it. */
    private static boolean isRepeated(GroupType group) {
        return group.getLogicalTypeAnnotation() != null
                || group.getFields().stream().anyMatch(field -> field.isRepetition(Repetition.REPEATED));
    }

    private int add(String title) {
        titles.add(title);
        return titles.size() - 1;
    }

    /** The fields of a record. */
    private final class Fields extends GroupConverter {
        private final boolean isRoot;
        private final Converter[] fields;

        Fields(GroupType group, String before) {
            this.isRoot = before.isEmpty();
            this.fields = group.getFields().stream()
                    .map(field -> converter(field, before))
                    .toArray(Converter[]::new);
        }

        @Override
        public Converter getConverter(int field) {
            return fields[field];
        }

        @Override
        public void start() {
            if (isRoot) {
                cells = new String[titles.size()];
                Arrays.fill(cells, NoValue.CELL);
            }
        }

        @Override
        public void end() {
            // The cells are handed out by the materializer.
        }
    }

    /** One value as text. */
    static final class Value extends PrimitiveConverter {
        private final String title;
        private final ParquetValue value;
        private final Consumer<String> to;

        Value(String title, ParquetValue value, Consumer<String> to) {
            this.title = title;
            this.value = value;
            this.to = to;
        }

        @Override
        public void addBinary(Binary binary) {
            try {
                to.accept(value.text(binary));
            } catch (CharacterCodingException e) {
                throw new BytesInCell(title, e);
            }
        }

        @Override
        public void addBoolean(boolean truth) {
            to.accept(value.text(truth));
        }

        @Override
        public void addDouble(double number) {
            to.accept(value.text(number));
        }

        @Override
        public void addFloat(float number) {
            to.accept(value.text(number));
        }

        @Override
        public void addInt(int number) {
            to.accept(value.text((long) number));
        }

        @Override
        public void addLong(long number) {
            to.accept(value.text(number));
        }
    }
}
