package io.inkwellsplit.name;

/** What a column of names says as a whole. */
interface NameEvidence {
    /** Says nothing: the value stands alone. */
    NameEvidence NONE = new NameEvidence() {
        @Override
        public double givenFirst() {
            return 0;
        }

        @Override
        public double odds(long word) {
            return 0;
        }
    };

    /** Returns the odds that a name without a comma starts with the given name, in natural-log units. */
    double givenFirst();

    /** Returns the odds that the column uses a word as a given rather than a family name, in natural-log units. */
    double odds(long word);
}
