package io.inkwellsplit.cli;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.SerializationFeature;
import io.inkwellsplit.table.Run;
import io.inkwellsplit.table.step.BoundSplit;
import io.inkwellsplit.table.step.BoundStep;
import io.inkwellsplit.table.step.SplitColumn;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;

/** Writes for machines what the commands say to people. */
final class RunJson {
    private RunJson() {}

    /** Returns a value as JSON over several lines. */
    static String of(Object value) {
        try {
            return new ObjectMapper()
                    .enable(SerializationFeature.INDENT_OUTPUT, SerializationFeature.ORDER_MAP_ENTRIES_BY_KEYS)
                    .writeValueAsString(value);
        } catch (JsonProcessingException e) {
            throw new IllegalStateException(e);
        }
    }

    /** Returns what a run has done. */
    static Map<String, Object> summary(Run run) {
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
