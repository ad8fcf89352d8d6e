package io.inkwellsplit.sheets;

import io.inkwellsplit.table.TableInput;
import io.inkwellsplit.table.TableOutput;
import io.inkwellsplit.table.csv.AsideFile;
import io.inkwellsplit.table.file.Delivery;
import io.inkwellsplit.table.file.InputFile;
import io.inkwellsplit.table.format.ReadSettings;
import io.inkwellsplit.table.format.TableFormat;
import io.inkwellsplit.table.format.WriteSettings;
import java.io.IOException;
import java.nio.file.Path;
import java.util.List;

/** Spreadsheets of OpenDocument 1.3. */
public final class OdsFormat implements TableFormat {
    static final String MEDIA_TYPE = "application/vnd.oasis.opendocument.spreadsheet";

    /** Made by whoever looks for forms. */
    public OdsFormat() {}

    @Override
    public String name() {
        return "spreadsheet (.ods)";
    }

    @Override
    public List<String> endings() {
        return List.of(".ods");
    }

    @Override
    public List<String> mediaTypes() {
        return List.of(MEDIA_TYPE);
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
    public TableInput open(InputFile file, ReadSettings settings) {
        return OdsRows.open(file, settings);
    }

    @Override
    public TableOutput start(Path file, Delivery delivery, WriteSettings settings) {
        try {
            return new SheetOutput(file.toString(), new OdsWriter(delivery.start(file)), settings.aside());
        } catch (IOException e) {
            throw Delivery.refused(file.toString(), e);
        }
    }

    @Override
    public Path asideBeside(Path file) {
        return AsideFile.besideAsText(file);
    }
}
