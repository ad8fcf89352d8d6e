package io.inkwellsplit.databases;

import io.inkwellsplit.table.TableInput;
import io.inkwellsplit.table.TableOutput;
import io.inkwellsplit.table.file.Delivery;
import io.inkwellsplit.table.file.TableInFile;
import io.inkwellsplit.table.format.ReadSettings;
import io.inkwellsplit.table.format.TableFormat;
import io.inkwellsplit.table.format.WriteSettings;
import java.nio.file.Path;
import java.util.List;

/** What all databases have in common as forms of tables: a table is named behind the file. */
abstract class DatabaseFormat implements TableFormat {
    /** Returns the database of a file, connected to. */
    abstract Database connect(Path file, boolean toWrite);

    @Override
    public List<String> mediaTypes() {
        return List.of();
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
    public boolean holdsTables() {
        return true;
    }

    @Override
    public TableInput open(Path named, ReadSettings settings) {
        TableInFile place = TableInFile.of(named);
        Database database = connect(place.file(), false);
        try {
            return new DatabaseInput(database, database.reading().toRead(place.table()));
        } catch (RuntimeException e) {
            database.close();
            throw e;
        }
    }

    @Override
    public TableOutput start(Path named, Delivery delivery, WriteSettings settings) {
        TableInFile place = TableInFile.of(named);
        Database database = connect(place.file(), true);
        try {
            PendingTable table = new PendingTable(database, place.table(), delivery.whenThere());
            delivery.join(table);
            return new DatabaseOutput(table, settings);
        } catch (RuntimeException e) {
            database.close();
            throw e;
        }
    }

    @Override
    public Path asideBeside(Path named) {
        TableInFile place = TableInFile.of(named);
        String name = place.file().getFileName() + "." + place.table().replaceAll("[^\\p{L}\\p{N}_-]+", "_");
        return place.file().resolveSibling(name + ".set-aside.csv");
    }
}
