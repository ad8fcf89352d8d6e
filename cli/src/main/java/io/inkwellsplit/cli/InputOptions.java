package io.inkwellsplit.cli;

import io.inkwellsplit.table.csv.CsvSource;
import io.inkwellsplit.table.csv.CsvSource.Header;
import io.inkwellsplit.table.file.FilePlan;
import java.io.PrintWriter;
import java.nio.file.Path;
import org.jspecify.annotations.Nullable;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;

/** What a command reads. */
final class InputOptions {
    @Parameters(arity = "0..1", paramLabel = "FILE", description = "The table to read; - for standard input.")
    String file = "";

    @Option(names = "--no-header", description = "The first row is no header; columns are called Column 1, Column 2 …")
    boolean noHeader;

    @Option(names = "--charset", paramLabel = "NAME", description = "The encoding, where it is not told rightly.")
    @Nullable String charset;

    /** Returns what the table is called for people. */
    String title() {
        return file.equals("-")
                ? "standard input"
                : String.valueOf(Path.of(file).getFileName());
    }

    /** Says what is read. */
    void plan(FilePlan plan) {
        plan.readsTable("the table that is read", file);
    }

    CsvSource open(PrintWriter err) {
        CsvSource.Settings settings = new CsvSource.Settings(noHeader ? Header.NONE : Header.FIRST_ROW, charset);
        CsvSource source = file.equals("-")
                ? CsvSource.open("standard input", System.in, settings)
                : CsvSource.open(Path.of(file), settings);
        if (source.isCharsetGuessed()) {
            err.println("The text is no UTF-8; it is read as " + source.charset()
                    + ". If accents look wrong, give --charset.");
        }
        return source;
    }
}
