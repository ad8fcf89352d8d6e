package io.inkwellsplit.sheets;

import io.inkwellsplit.sheets.SheetOutput.SheetWriter;
import io.inkwellsplit.table.TableInput;
import io.inkwellsplit.table.file.InputFile;
import io.inkwellsplit.table.format.ReadSettings;
import io.inkwellsplit.table.format.WriteSettings.Sheet;
import java.io.IOException;
import java.io.OutputStream;
import java.util.List;

/** Spreadsheets of Office Open XML (ECMA-376). */
public final class XlsxFormat extends SheetFormat {
    /** Made by whoever looks for forms. */
    public XlsxFormat() {
        super(".xlsx", "application/vnd.openxmlformats-officedocument.spreadsheetml.sheet");
    }

    @Override
    public TableInput open(InputFile file, ReadSettings settings) {
        return XlsxBook.open(file, settings);
    }

    @Override
    SheetWriter writer(OutputStream to, List<Sheet> sheets) throws IOException {
        return new XlsxWriter(to, sheets);
    }
}
