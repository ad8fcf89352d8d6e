/**
 * Tables of databases, over JDBC, as forms of tables to read and to write, and functions that a database calls from SQL.
 *
 * <p>Start from {@link io.inkwellsplit.databases.SqlFunctions} for SQL; the forms are found as services.
 *
 * <pre>{@code
 * try (TableInput patrons = Formats.shipped().open(Path.of("register.sqlite#patrons"), ReadSettings.STANDARD)) {
 *     patrons.rows().forEachRemaining(row -> System.out.println(row.cells()));
 * }
 * }</pre>
 */
@NullMarked
package io.inkwellsplit.databases;

import org.jspecify.annotations.NullMarked;
