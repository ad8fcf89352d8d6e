package io.inkwellsplit.sheets;

import io.inkwellsplit.sheets.SheetOutput.SheetWriter;
import io.inkwellsplit.table.TableOutput;
import io.inkwellsplit.table.csv.AsideFile;
import io.inkwellsplit.table.file.Delivery;
import io.inkwellsplit.table.format.TableFormat;
import io.inkwellsplit.table.format.WriteSettings;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.file.Path;
import java.util.List;

/** What all spreadsheets have in common as forms of tables. */
abstract class SheetFormat implements TableFormat {
    private final String ending;
    private final String mediaType;

    SheetFormat(String ending, String mediaType) {
        this.ending = ending;
        this.mediaType = mediaType;
    }

    /** Returns what writes the rows of a sheet into a new file. */
    abstract SheetWriter writer(OutputStream to) throws IOException;

    @Override
    public String name() {
        return "spreadsheet (" + ending + ")";
    }

    @Override
    public List<String> endings() {
        return List.of(ending);
    }

    @Override
    public List<String> mediaTypes() {
        return List.of(mediaType);
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
    public TableOutput start(Path file, Delivery delivery, WriteSettings settings) {
        try {
            return new SheetOutput(file.toString(), writer(delivery.start(file)), settings.aside());
        } catch (IOException e) {
            throw Delivery.refused(file.toString(), e);
        }
    }

    @Override
    public Path asideBeside(Path file) {
        return AsideFile.besideAsText(file);
    }
}
