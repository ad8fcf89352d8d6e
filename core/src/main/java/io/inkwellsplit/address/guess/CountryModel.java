package io.inkwellsplit.address.guess;

import io.inkwellsplit.address.place.Countries;
import io.inkwellsplit.data.Format;
import io.inkwellsplit.data.Format.Column;
import io.inkwellsplit.data.Resources.Line;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** What is learned of telling countries apart: the weight of each clue, and how usual each country is. Immutable. */
final class CountryModel {
    private static final class Shipped {
        static final CountryModel MODEL = new CountryModel(Format.NONE
                .distinct("weights", Column.TEXT, Column.NUMBER)
                .distinct("usual", Column.CODE, Column.NUMBER)
                .read(CountryModel.class, "guess.txt"));
    }

    private final double[] weights = new double[CountryClue.values().length];
    private final Map<String, Double> usual = new HashMap<>();

    private CountryModel(Map<String, List<Line>> sections) {
        Arrays.fill(weights, Double.NaN);
        for (Line line : sections.getOrDefault("weights", List.of())) {
            weights[clue(line).ordinal()] = Double.parseDouble(line.fields()[1]);
        }
        for (CountryClue clue : CountryClue.values()) {
            if (Double.isNaN(weights[clue.ordinal()])) {
                throw new IllegalStateException("guess.txt: the clue " + clue + " has no weight");
            }
        }
        for (Line line : sections.getOrDefault("usual", List.of())) {
            usual.put(line.fields()[0], Double.parseDouble(line.fields()[1]));
        }
    }

    private static CountryClue clue(Line line) {
        try {
            return CountryClue.valueOf(line.fields()[0]);
        } catch (IllegalArgumentException e) {
            throw line.refuse("the clue " + line.fields()[0] + " is unknown");
        }
    }

    static CountryModel shipped() {
        return Shipped.MODEL;
    }

    double[] weights() {
        return weights;
    }

    /** Returns how usual each country is where nothing else speaks, in natural-log odds; one that was not learned is as the average. */
    double[] usual(Countries countries) {
        double average = usual.values().stream()
                .mapToDouble(Double::doubleValue)
                .average()
                .orElse(0);
        return countries.codes().stream()
                .mapToDouble(code -> usual.getOrDefault(code, average))
                .toArray();
    }
}
