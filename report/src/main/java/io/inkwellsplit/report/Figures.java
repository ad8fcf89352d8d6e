package io.inkwellsplit.report;

import io.inkwellsplit.report.Figure.Bar;
import io.inkwellsplit.table.survey.ColumnReadings;
import io.inkwellsplit.table.survey.ColumnReadings.Band;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/** The figures of one column. */
final class Figures {
    private static final int MOST_PARTS = 14;

    private Figures() {}

    /** Returns those that have something to show. */
    static List<Figure> of(String column, ColumnReadings readings) {
        List<Figure> figures = new ArrayList<>();
        String file = column.replaceAll("[^\\p{L}\\p{N}]+", "-");
        add(figures, file + "-confidence", "How sure the readings of " + column + " are", confidence(readings));
        add(
                figures,
                file + "-doubts",
                "What is doubtful in " + column,
                readings.doubts().entrySet().stream()
                        .map(doubt -> new Bar(doubt.getKey().code(), 0, doubt.getValue()))
                        .toList());
        add(
                figures,
                file + "-layouts",
                "The usual layouts of " + column,
                readings.layouts().stream()
                        .map(shape -> new Bar(
                                shape.shape().shape(), shape.shape().count() - shape.doubtful(), shape.doubtful()))
                        .toList());
        add(
                figures,
                file + "-parts",
                "How many values of " + column + " have each part",
                readings.parts().entrySet().stream()
                        .limit(MOST_PARTS)
                        .map(part -> new Bar(part.getKey(), part.getValue(), 0))
                        .toList());
        return figures;
    }

    private static void add(List<Figure> figures, String name, String title, List<Bar> bars) {
        if (bars.stream().anyMatch(bar -> bar.all() > 0)) {
            figures.add(new Figure(name, title, bars));
        }
    }

    /** From the least sure to the surest, beginning where there is something. */
    private static List<Bar> confidence(ColumnReadings readings) {
        List<Bar> bars = new ArrayList<>();
        for (Band band : readings.confidences()) {
            if (band.values() > 0 || !bars.isEmpty()) {
                bars.add(new Bar(label(band), band.values() - band.doubtful(), band.doubtful()));
            }
        }
        return bars;
    }

    private static String label(Band band) {
        return band.from() == 0
                ? "under " + number(band.to())
                : band.to() == 1 ? number(band.from()) + " and more" : number(band.from()) + "–" + number(band.to());
    }

    private static String number(double confidence) {
        String three = String.format(Locale.ROOT, "%.3f", confidence);
        return three.endsWith("0") ? three.substring(0, three.length() - 1) : three;
    }
}
