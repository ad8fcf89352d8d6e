package io.inkwellsplit.sheets;

import io.inkwellsplit.sheets.SheetOutput.SheetWriter;
import io.inkwellsplit.table.TableOutput;
import io.inkwellsplit.table.csv.AsideFile;
import io.inkwellsplit.table.file.Delivery;
import io.inkwellsplit.table.format.TableFormat;
import io.inkwellsplit.table.format.WriteSettings;
import io.inkwellsplit.table.format.WriteSettings.Sheet;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;

/** What all spreadsheets have in common as forms of tables. */
abstract class SheetFormat implements TableFormat {
    private final String ending;
    private final String mediaType;

    SheetFormat(String ending, String mediaType) {
        this.ending = ending;
        this.mediaType = mediaType;
    }

    /** Returns what writes the rows of some sheets into a new file. */
    abstract SheetWriter writer(OutputStream to, List<Sheet> sheets) throws IOException;

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
            return output(file.toString(), delivery.start(file), settings);
        } catch (IOException e) {
            throw Delivery.refused(file.toString(), e);
        }
    }

    @Override
    public TableOutput start(String called, OutputStream to, WriteSettings settings) {
        try {
            return output(called, to, settings);
        } catch (IOException e) {
            throw Delivery.refused(called, e);
        }
    }

    private TableOutput output(String called, OutputStream to, WriteSettings settings) throws IOException {
        List<Sheet> sheets = new ArrayList<>(List.of(new Sheet("Table", settings.choices())));
        sheets.addAll(settings.sheets());
        return new SheetOutput(called, writer(to, sheets), settings);
    }

    @Override
    public boolean keepsTypes() {
        return true;
    }

    @Override
    public boolean holdsSheets() {
        return true;
    }

    @Override
    public Path asideBeside(Path file) {
        return AsideFile.besideAsText(file);
    }
}
