package io.inkwellsplit.table.survey;

import io.inkwellsplit.reading.PartKey;
import io.inkwellsplit.reading.Reading;
import io.inkwellsplit.table.ReadingWatch;
import io.inkwellsplit.table.Ways;
import java.util.LinkedHashMap;
import java.util.Map;

/** Counts, while a table is split, how each column is read. */
public final class RunWatch implements ReadingWatch {
    private final Map<String, ReadingCounter> counters = new LinkedHashMap<>();

    /** Starts with nothing seen. */
    public RunWatch() {}

    @Override
    public Runnable seen(String column, Reading<PartKey> reading, Ways ways) {
        ReadingCounter.Look look = ReadingCounter.look(reading);
        return () ->
                counters.computeIfAbsent(column, title -> new ReadingCounter()).add(look);
    }

    @Override
    public void restart() {
        counters.clear();
    }

    /** {@return how the columns were read, by their titles, from left to right} */
    public Map<String, ColumnReadings> counted() {
        Map<String, ColumnReadings> counted = new LinkedHashMap<>();
        counters.forEach((column, counter) -> counted.put(column, counter.counted()));
        return counted;
    }
}
