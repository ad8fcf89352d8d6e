package io.inkwellsplit.table;

import io.inkwellsplit.table.step.BoundStep;
import io.inkwellsplit.table.step.Step;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.Iterator;
import java.util.List;
import java.util.Map;

/** Carries the rows of a source through steps into a sink, one row at a time. */
public final class Run {
    private final RowSource source;
    private final List<BoundStep> steps = new ArrayList<>();
    private final List<String> header;
    private final int width;
    private long rows;
    private long setAside;

    private Run(RowSource source, List<? extends Step> steps) {
        this.source = source;
        List<String> titles = source.header();
        this.width = titles.size();
        for (Step step : steps) {
            BoundStep bound = step.bind(titles);
            this.steps.add(bound);
            titles = bound.header();
        }
        this.header = titles;
    }

    /**
     * Prepares a run; nothing is read but the header.
     *
     * @throws TableException if a step does not fit the columns
     */
    public static Run of(RowSource source, List<? extends Step> steps) {
        return new Run(source, steps);
    }

    /** Returns the titles of the columns that will come out. */
    public List<String> header() {
        return header;
    }

    /** Returns what columns that steps have added mean, by their titles. */
    public Map<String, String> meanings() {
        Map<String, String> meanings = new HashMap<>();
        steps.forEach(step -> meanings.putAll(step.meanings()));
        return meanings;
    }

    /** Returns the steps as they work on this table, with what they have counted so far. */
    public List<BoundStep> steps() {
        return List.copyOf(steps);
    }

    /** Carries all rows; a row with more or fewer cells than the header is set aside with the reason. */
    public void into(RowSink sink) {
        learn();
        sink.header(header);
        Iterator<Row> iterator = source.rows();
        while (iterator.hasNext()) {
            Row row = iterator.next();
            rows++;
            int cells = row.cells().size();
            if (cells == width) {
                sink.row(apply(row.cells(), steps.size()));
            } else {
                setAside++;
                sink.setAside(row, "it has " + cells + (cells == 1 ? " cell" : " cells") + ", the header has " + width);
            }
        }
        sink.finish();
    }

    /** Lets the steps that learn see the rows as they will come to them. */
    private void learn() {
        for (int i = 0; i < steps.size(); i++) {
            if (steps.get(i).learns()) {
                Iterator<Row> iterator = source.rows();
                while (iterator.hasNext()) {
                    List<String> cells = iterator.next().cells();
                    if (cells.size() == width) {
                        steps.get(i).observe(apply(cells, i));
                    }
                }
            }
        }
    }

    private List<String> apply(List<String> cells, int untilStep) {
        List<String> current = cells;
        for (BoundStep step : steps.subList(0, untilStep)) {
            current = step.apply(current);
        }
        return current;
    }

    /** Returns how many rows were read. */
    public long rows() {
        return rows;
    }

    /** Returns how many of them were set aside. */
    public long setAside() {
        return setAside;
    }
}
