package io.inkwellsplit.table.format;

import io.inkwellsplit.table.Dialect;
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

/**
 * Text with a separator between cells: a comma, semicolon, tab or pipe (RFC 4180 and its relatives). What stands there is told
 * from the text; what is written is like the input, but a name for tabs is kept.
 */
final class TextFormat implements TableFormat {
    private final List<String> endings;
    private final List<String> mediaTypes;
    private final boolean tabs;

    private TextFormat(List<String> endings, List<String> mediaTypes, boolean tabs) {
        this.endings = endings;
        this.mediaTypes = mediaTypes;
        this.tabs = tabs;
    }

    /** Returns the form of files with any separator. */
    static TextFormat any() {
        return new TextFormat(List.of(".csv", ".txt"), List.of("text/csv", "text/plain"), false);
    }

    /** Returns the form of files whose names promise tabs. */
    static TextFormat tabs() {
        return new TextFormat(List.of(".tsv", ".tab"), List.of("text/tab-separated-values"), true);
    }

    @Override
    public Dialect written(Dialect source) {
        return tabs ? new Dialect('\t', source.quoting(), source.lineEnd(), source.byteOrderMark()) : source;
    }

    @Override
    public String name() {
        return "text table";
    }

    @Override
    public List<String> endings() {
        return endings;
    }

    @Override
    public List<String> mediaTypes() {
        return mediaTypes;
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
        return CsvOutput.in(delivery, file, written(settings.dialect()), settings.aside())
                .guarding(settings.formulas());
    }

    @Override
    public TableOutput start(String called, OutputStream to, WriteSettings settings) {
        return CsvOutput.to(called, to, written(settings.dialect()), settings.aside())
                .guarding(settings.formulas());
    }
}
