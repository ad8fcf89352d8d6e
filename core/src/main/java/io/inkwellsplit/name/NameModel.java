package io.inkwellsplit.name;

import io.inkwellsplit.weigh.Weights;

/**
 * What is learned for weighing names, for values that stand alone and for values of a column that is known: where a column
 * speaks for itself, what is usual everywhere counts for less.
 */
record NameModel(Weights alone, Weights inColumn) {
    private static final class Shipped {
        static final NameModel MODEL = new NameModel(load("weights-alone.txt"), load("weights-column.txt"));

        private static Weights load(String file) {
            return Weights.load(NameFeature.class, NameModel.class, file);
        }
    }

    static NameModel shipped() {
        return Shipped.MODEL;
    }
}
