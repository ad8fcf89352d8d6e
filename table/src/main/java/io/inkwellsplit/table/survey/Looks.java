package io.inkwellsplit.table.survey;

import io.inkwellsplit.reading.PartKey;
import io.inkwellsplit.reading.Reading;
import io.inkwellsplit.table.survey.ColumnReadings.ShapeReading;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;

/** Counts readings by how they look, and keeps the first one of each look; its size is bounded. */
final class Looks {
    private final Shapes shapes = new Shapes();
    private final Map<String, Reading<PartKey>> examples = new HashMap<>();
    private final Map<String, Long> doubtful = new HashMap<>();

    void add(String look, Reading<PartKey> reading) {
        if (shapes.add(look, reading.source().strip())) {
            examples.putIfAbsent(look, reading);
            if (!reading.doubts().isEmpty()) {
                doubtful.merge(look, 1L, Long::sum);
            }
        }
    }

    /** Returns the most frequent looks. */
    List<ShapeReading> most(int number, long values) {
        List<ShapeReading> most = new ArrayList<>();
        for (ColumnSurvey.Shape shape : shapes.most(number, values)) {
            String parts = example(shape).map(Looks::parts).orElse("");
            most.add(new ShapeReading(shape, parts, doubtful.getOrDefault(shape.shape(), 0L)));
        }
        return most;
    }

    /** Returns the first reading of each of the most frequent looks. */
    List<Reading<PartKey>> examples(int number) {
        return shapes.most(number, 1).stream()
                .flatMap(shape -> example(shape).stream())
                .toList();
    }

    private Optional<Reading<PartKey>> example(ColumnSurvey.Shape shape) {
        return Optional.ofNullable(examples.get(shape.shape()));
    }

    private static String parts(Reading<PartKey> reading) {
        return reading.parts().stream()
                .filter(part -> !part.key().isFiner())
                .map(part -> part.key().key() + " " + part.text())
                .collect(Collectors.joining(" | "));
    }
}
