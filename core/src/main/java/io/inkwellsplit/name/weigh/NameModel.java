package io.inkwellsplit.name.weigh;

import io.inkwellsplit.weigh.Weights;

/**
 * What is learned for weighing names, for values that stand alone and for values of a column that is known: where a column
 * speaks for itself, what is usual everywhere counts for less.
 */
public record NameModel(Weights alone, Weights inColumn) {
    private static final class Shipped {
        static final NameModel MODEL = new NameModel(load("weights-alone.txt"), load("weights-column.txt"));

        private static Weights load(String file) {
            return Weights.load(NameFeature.class, NameModel.class, file);
        }
    }

    public static NameModel shipped() {
        return Shipped.MODEL;
    }
}
