package io.inkwellsplit.parquet;

import io.inkwellsplit.table.TableInput;
import io.inkwellsplit.table.TableOutput;
import io.inkwellsplit.table.csv.AsideFile;
import io.inkwellsplit.table.file.Delivery;
import io.inkwellsplit.table.file.InputFile;
import io.inkwellsplit.table.format.ReadSettings;
import io.inkwellsplit.table.format.TableFormat;
import io.inkwellsplit.table.format.WriteSettings;
import java.nio.file.Path;
import java.util.List;

/** Tables in columns, as Apache Parquet stores them (format 2.11). */
public final class ParquetFormat implements TableFormat {
    /** Made by whoever looks for forms. */
    public ParquetFormat() {}

    @Override
    public String name() {
        return "Parquet file";
    }

    @Override
    public List<String> endings() {
        return List.of(".parquet");
    }

    @Override
    public List<String> mediaTypes() {
        return List.of("application/vnd.apache.parquet");
    }

    @Override
    public boolean reads() {
        return true;
    }

    @Override
    public boolean writes() {
        return true;
    }

    @Override
    public boolean keepsTypes() {
        return true;
    }

    @Override
    public TableInput open(InputFile file, ReadSettings settings) {
        return ParquetInput.open(file);
    }

    @Override
    public TableOutput start(Path file, Delivery delivery, WriteSettings settings) {
        return new ParquetOutput(file.toString(), delivery.start(file), settings);
    }

    @Override
    public Path asideBeside(Path file) {
        return AsideFile.besideAsText(file);
    }
}
