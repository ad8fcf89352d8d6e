package io.inkwellsplit.table.step;

/** A step that only brings rows into an order; rows of one key stay as they came. */
public interface Sorting extends Keyed {}
