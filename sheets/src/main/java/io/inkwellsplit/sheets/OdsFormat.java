package io.inkwellsplit.sheets;

import io.inkwellsplit.sheets.SheetOutput.SheetWriter;
import io.inkwellsplit.table.TableInput;
import io.inkwellsplit.table.file.InputFile;
import io.inkwellsplit.table.format.ReadSettings;
import io.inkwellsplit.table.format.WriteSettings.Sheet;
import java.io.IOException;
import java.io.OutputStream;
import java.util.List;

/** Spreadsheets of OpenDocument 1.3. */
public final class OdsFormat extends SheetFormat {
    static final String MEDIA_TYPE = "application/vnd.oasis.opendocument.spreadsheet";

    /** Made by whoever looks for forms. */
    public OdsFormat() {
        super(".ods", MEDIA_TYPE);
    }

    @Override
    public TableInput open(InputFile file, ReadSettings settings) {
        return OdsRows.open(file, settings);
    }

    @Override
    SheetWriter writer(OutputStream to, List<Sheet> sheets) throws IOException {
        return new OdsWriter(to, sheets);
    }
}
