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

/** Spreadsheets of Office Open XML (ECMA-376). */
public final class XlsxFormat implements TableFormat {
    /** Made by whoever looks for forms. */
    public XlsxFormat() {}

    @Override
    public String name() {
        return "spreadsheet (.xlsx)";
    }

    @Override
    public List<String> endings() {
        return List.of(".xlsx");
    }

    @Override
    public List<String> mediaTypes() {
        return List.of("application/vnd.openxmlformats-officedocument.spreadsheetml.sheet");
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
        return XlsxBook.open(file, settings);
    }

    @Override
    public TableOutput start(Path file, Delivery delivery, WriteSettings settings) {
        try {
            return new SheetOutput(file.toString(), new XlsxWriter(delivery.start(file)), settings.aside());
        } catch (IOException e) {
            throw Delivery.refused(file.toString(), e);
        }
    }

    @Override
    public Path asideBeside(Path file) {
        return AsideFile.besideAsText(file);
    }
}
