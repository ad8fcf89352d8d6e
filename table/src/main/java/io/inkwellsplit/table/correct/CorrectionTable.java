package io.inkwellsplit.table.correct;

import io.inkwellsplit.table.TableInput;
import io.inkwellsplit.table.format.Formats;
import io.inkwellsplit.table.format.ReadSettings;
import java.nio.file.Path;

/** A file of corrections, in any form of table. */
final class CorrectionTable {
    private CorrectionTable() {}

    /**
     * Opens it. In a spreadsheet that was written with its doubtful values they stand in a sheet of their own, which is taken.
     *
     * @throws io.inkwellsplit.table.TableException if it cannot be read
     */
    static TableInput open(Path file) {
        TableInput first = Formats.shipped().open(file, ReadSettings.STANDARD);
        if (first.tables().indexOf(ReviewSheet.NAME) <= 0) {
            return first;
        }
        first.close();
        return Formats.shipped().open(file, ReadSettings.STANDARD.onSheet(ReviewSheet.NAME));
    }
}
