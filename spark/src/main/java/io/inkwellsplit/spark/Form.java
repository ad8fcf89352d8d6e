package io.inkwellsplit.spark;

import io.inkwellsplit.databases.SharedTable;
import io.inkwellsplit.table.TableException;
import io.inkwellsplit.table.TableException.Problem;
import java.util.Locale;
import java.util.Optional;

/** In what form a table is, of those that the engine reads and writes. */
enum Form {
    CSV("csv"),
    JSON("json"),
    PARQUET("parquet"),
    DATABASE("jdbc");

    private final String called;

    Form(String called) {
        this.called = called;
    }

    /** Returns what the engine calls it. */
    String called() {
        return called;
    }

    /**
     * Returns the form of a file.
     *
     * @param told the ending of a file in that form, where the name does not tell it
     * @throws TableException if it is none of these
     */
    static Form of(String file, Optional<String> told) {
        String name = told.map(ending -> "." + ending).orElse(file).toLowerCase(Locale.ROOT);
        if (name.endsWith(".csv") || name.endsWith(".tsv")) {
            return CSV;
        }
        if (name.endsWith(".jsonl") || name.endsWith(".ndjson")) {
            return JSON;
        }
        if (name.endsWith(".parquet")) {
            return PARQUET;
        }
        if (told.isEmpty() && SharedTable.isNamed(file)) {
            return DATABASE;
        }
        throw new TableException(
                Problem.SETTING,
                file + " is in no form that Spark reads and writes here: .csv, .tsv, .jsonl, .parquet, "
                        + "or a table of a connection file (.db.yaml).");
    }
}
