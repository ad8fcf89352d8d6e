package io.inkwellsplit.table.job;

import io.inkwellsplit.table.RowSink;
import io.inkwellsplit.table.TableOutput;
import io.inkwellsplit.table.step.BoundStep;
import io.inkwellsplit.table.step.Parting;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;

/** The rows that steps leave out, each step's in a file of its own. */
final class RestFiles {
    /** The setting of a step that names such a file. */
    static final String SETTING = "rest";

    private final Map<Path, Parting> files = new LinkedHashMap<>();
    private final Function<Path, TableOutput> open;

    RestFiles(List<JobStep> steps, List<BoundStep> bound, Function<Path, TableOutput> open) {
        this.open = open;
        for (int i = 0; i < steps.size(); i++) {
            if (steps.get(i).values().isDeclared(SETTING) && bound.get(i) instanceof Parting parting) {
                steps.get(i).values().file(SETTING).ifPresent(file -> files.put(file, parting));
            }
        }
    }

    /** Returns what passes rows on, and writes the others as soon as the rows themselves come: not while steps only learn. */
    RowSink around(RowSink sink) {
        return files.isEmpty() ? sink : new Beside(sink);
    }

    private final class Beside extends PassedOn {
        private final List<TableOutput> outputs = new ArrayList<>();

        Beside(RowSink sink) {
            super(sink);
        }

        @Override
        public void header(List<String> titles, List<String> cameIn) {
            files.forEach((file, parting) -> {
                TableOutput output = open.apply(file);
                output.header(parting.header());
                parting.restTo(output::row);
                outputs.add(output);
            });
            super.header(titles, cameIn);
        }

        @Override
        public void finish() {
            super.finish();
            outputs.forEach(TableOutput::finish);
        }
    }
}
