/**
 * The same splits on Apache Spark: functions for SQL, part columns of a dataset, and jobs. What comes out are the same bytes as on
 * one machine, however the rows are parted.
 *
 * <pre>{@code
 * InkwellSpark.register(session);
 * session.sql("select split_name(patron).last from patrons");
 * Dataset<Row> split = SplitColumns.of().name("Patron").address("Address").split(patrons);
 * }</pre>
 */
@NullMarked
package io.inkwellsplit.spark;

import org.jspecify.annotations.NullMarked;
