package io.inkwellsplit.cli.view;

import com.fasterxml.jackson.core.JsonGenerator;
import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.JsonSerializer;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.SerializationFeature;
import com.fasterxml.jackson.databind.SerializerProvider;
import com.fasterxml.jackson.databind.module.SimpleModule;
import com.fasterxml.jackson.databind.ser.std.StdSerializer;
import io.inkwellsplit.reading.Doubt;
import io.inkwellsplit.reading.Kind;
import io.inkwellsplit.table.VisibleText;
import io.inkwellsplit.table.run.Run;
import io.inkwellsplit.table.split.BoundSplit;
import io.inkwellsplit.table.split.SplitColumn;
import io.inkwellsplit.table.step.BoundStep;
import io.inkwellsplit.table.survey.Holds;
import java.io.IOException;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.function.Function;

/** Writes for machines what the commands say to people. */
public final class RunJson {
    private RunJson() {}

    private static final ObjectMapper MAPPER = new ObjectMapper()
            .enable(SerializationFeature.INDENT_OUTPUT)
            .registerModule(new SimpleModule()
                    .addSerializer(written(Holds.class, Holds::key))
                    .addSerializer(written(Kind.class, Kind::key))
                    .addSerializer(written(Doubt.class, Doubt::code))
                    .addKeySerializer(Kind.class, key(Kind::key))
                    .addKeySerializer(Doubt.class, key(Doubt::code)));

    /** Codes are written as they are everywhere else, not as Java calls them. */
    private static <T> JsonSerializer<T> written(Class<T> type, Function<T, String> code) {
        return new StdSerializer<>(type) {
            @Override
            public void serialize(T value, JsonGenerator to, SerializerProvider provider) throws IOException {
                to.writeString(code.apply(value));
            }
        };
    }

    private static <T> JsonSerializer<T> key(Function<T, String> code) {
        return new JsonSerializer<>() {
            @Override
            public void serialize(T value, JsonGenerator to, SerializerProvider provider) throws IOException {
                to.writeFieldName(code.apply(value));
            }
        };
    }

    /** Returns a value as JSON over several lines. */
    public static String of(Object value) {
        try {
            return VisibleText.inJson(MAPPER.writeValueAsString(value));
        } catch (JsonProcessingException e) {
            throw new IllegalStateException(e);
        }
    }

    /** Returns what a run has done. */
    public static Map<String, Object> summary(Run run) {
        Map<String, Object> summary = new LinkedHashMap<>();
        summary.put("rows", run.rows());
        summary.put("rowsOut", run.rowsOut());
        summary.put("setAside", run.setAside());
        summary.put("columns", run.header());
        List<Object> split = new ArrayList<>();
        List<String> said = new ArrayList<>();
        for (BoundStep step : run.steps()) {
            said.addAll(step.report());
            if (step instanceof BoundSplit columns) {
                columns.columns().forEach(column -> split.add(column(column)));
            }
        }
        summary.put("split", split);
        summary.put("said", said);
        return summary;
    }

    private static Map<String, Object> column(SplitColumn column) {
        Map<String, Long> doubts = new TreeMap<>();
        column.doubts().forEach((doubt, count) -> doubts.put(doubt.code(), count));
        Map<String, Object> one = new LinkedHashMap<>();
        one.put("column", column.source());
        one.put("read", column.read());
        one.put("blank", column.blank());
        one.put("doubtful", column.doubtful());
        one.put("corrected", column.corrected());
        one.put("doubts", doubts);
        return one;
    }
}
