package io.inkwellsplit.spark;

import io.inkwellsplit.databases.SharedTable;
import io.inkwellsplit.table.TableException;
import io.inkwellsplit.table.file.WhenThere;
import java.nio.file.Path;
import java.util.Optional;
import org.apache.spark.sql.DataFrameWriter;
import org.apache.spark.sql.Dataset;
import org.apache.spark.sql.Row;
import org.apache.spark.sql.SaveMode;
import org.apache.spark.sql.SparkSession;

/** A table that a job writes, by the engine's own writers; it appears whole, or not at all. */
final class TableToWrite implements AutoCloseable {
    private final String name;
    private final Form form;
    private final Optional<SharedTable> shared;
    private final Optional<FolderOutput> folder;

    /** @throws TableException if there is one and it may not be replaced, or it is one that is read */
    TableToWrite(SparkSession session, String name, Form form, WhenThere whenThere, Optional<String> read) {
        this.name = name;
        this.form = form;
        if (form == Form.DATABASE) {
            this.shared = Optional.of(SharedTable.toWrite(Path.of(name), whenThere));
            this.folder = Optional.empty();
        } else {
            this.shared = Optional.empty();
            this.folder = Optional.of(new FolderOutput(
                    session.sparkContext().hadoopConfiguration(),
                    name,
                    whenThere,
                    read.stream().toArray(String[]::new)));
        }
    }

    /** Returns its name, as it was given. */
    String name() {
        return name;
    }

    /** Writes the rows; nobody sees them before it {@linkplain #appear appears}. */
    void write(Dataset<Row> rows) {
        DataFrameWriter<Row> writer = rows.write().format(form.called()).mode(SaveMode.ErrorIfExists);
        if (form == Form.CSV) {
            writer.option("header", true)
                    .option("sep", name.endsWith(".tsv") ? "\t" : ",")
                    .option("quote", "\"")
                    .option("escape", "\"")
                    .option("emptyValue", "")
                    .option("ignoreLeadingWhiteSpace", false)
                    .option("ignoreTrailingWhiteSpace", false);
        }
        shared.ifPresent(table -> {
            writer.option("url", table.url()).option("dbtable", table.text());
            table.settings().forEach((key, value) -> writer.option(String.valueOf(key), String.valueOf(value)));
            writer.save();
        });
        folder.ifPresent(to -> writer.save(to.text()));
    }

    /** Takes away what an earlier run has left under its name, where it may be replaced. */
    void giveWay() {
        folder.ifPresent(FolderOutput::giveWay);
    }

    void appear() {
        shared.ifPresent(SharedTable::appear);
        folder.ifPresent(FolderOutput::appear);
    }

    @Override
    public void close() {
        shared.ifPresent(SharedTable::close);
        folder.ifPresent(FolderOutput::close);
    }
}
