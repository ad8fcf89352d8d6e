package io.inkwellsplit.table.format;

import io.inkwellsplit.table.TableInput;
import io.inkwellsplit.table.TableOutput;
import io.inkwellsplit.table.csv.CsvOutput;
import io.inkwellsplit.table.csv.CsvSource;
import io.inkwellsplit.table.csv.FixedWidthSource;
import io.inkwellsplit.table.file.Delivery;
import io.inkwellsplit.table.file.InputFile;
import java.io.OutputStream;
import java.nio.file.Path;
import java.util.List;

/** Text with a separator between cells: a comma, semicolon, tab or pipe (RFC 4180 and its relatives). */
final class TextFormat implements TableFormat {
    @Override
    public String name() {
        return "text table";
    }

    @Override
    public List<String> endings() {
        return List.of(".csv", ".tsv", ".tab", ".txt");
    }

    @Override
    public List<String> mediaTypes() {
        return List.of("text/csv", "text/tab-separated-values", "text/plain");
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
        try {
            OtherFiles.checkText(file);
        } catch (RuntimeException e) {
            file.close();
            throw e;
        }
        CsvSource.Settings told = new CsvSource.Settings(
                settings.hasHeader() ? CsvSource.Header.FIRST_ROW : CsvSource.Header.NONE,
                settings.charset().orElse(null),
                settings.separator().orElse(null),
                settings.quote().orElse(null),
                settings.skipLines().orElse(-1));
        return settings.widths().isPresent()
                ? FixedWidthSource.open(file, told, settings.widths().get())
                : CsvSource.open(file, told);
    }

    @Override
    public TableOutput start(Path file, Delivery delivery, WriteSettings settings) {
        return CsvOutput.in(delivery, file, settings.dialect(), settings.aside())
                .guarding(settings.formulas());
    }

    @Override
    public TableOutput start(String called, OutputStream to, WriteSettings settings) {
        return CsvOutput.to(called, to, settings.dialect(), settings.aside()).guarding(settings.formulas());
    }
}
