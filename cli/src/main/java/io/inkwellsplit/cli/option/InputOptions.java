package io.inkwellsplit.cli.option;

import io.inkwellsplit.cli.terminal.Surroundings;
import io.inkwellsplit.table.TableInput;
import io.inkwellsplit.table.file.FilePlan;
import io.inkwellsplit.table.format.Formats;
import io.inkwellsplit.table.format.ReadSettings;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import org.jspecify.annotations.Nullable;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;

/** What a command reads that only looks at a table. */
public final class InputOptions {
    @Parameters(
            arity = "0..*",
            paramLabel = "FILE",
            description = "The table to read; - for standard input. Several with the same columns are one table.")
    List<String> files = new ArrayList<>();

    @Option(names = "--no-header", description = "The first row is no header; columns are called Column 1, Column 2 …")
    boolean noHeader;

    @Option(names = "--charset", paramLabel = "NAME", description = "The encoding, where it is not told rightly.")
    @Nullable String charset;

    @Option(
            names = "--sheet",
            paramLabel = "NAME",
            description = "The sheet of a spreadsheet, by name or number. Default: the first one.")
    @Nullable String sheet;

    @Option(
            names = "--separator",
            paramLabel = "SIGN",
            description = "What stands between cells, where it is not told rightly; \\t is a tab.")
    @Nullable String separator;

    @Option(
            names = "--quote",
            paramLabel = "SIGN",
            description = "What stands around cells with separators in them; none for none. Default: \".")
    @Nullable String quote;

    @Option(
            names = "--skip-lines",
            paramLabel = "N",
            description = "Skip so many lines above the header. Default: they are found, and told.")
    int skipLines = -1;

    @Option(
            names = "--format",
            paramLabel = "ENDING",
            description = "The form of the table, where its name does not tell it: the ending of a file in that form, "
                    + "such as jsonl.")
    @Nullable String format;

    @Option(
            names = "--widths",
            paramLabel = "N,N,…",
            description =
                    "The columns have fixed widths: so many characters each, the last one the rest. auto finds them.")
    @Nullable String widths;

    /** Returns whether a table is named. */
    public boolean isGiven() {
        return !files.isEmpty();
    }

    /** Returns what the table is called for people. */
    public String title(Surroundings surroundings) {
        String first = files.get(0);
        return first.equals("-")
                ? "standard input"
                : surroundings.path(first).getFileName()
                        + (files.size() > 1 ? " and " + (files.size() - 1) + " more" : "");
    }

    /** Says what is read. */
    public void plan(FilePlan plan, Surroundings surroundings) {
        files.forEach(file -> plan.readsTable(
                "the table that is read", surroundings.path(file).toString()));
    }

    /** Opens it, and says what is to be said of it. */
    public TableInput open(Surroundings surroundings) {
        ReadSettings settings = new ReadSettings(
                !noHeader,
                Optional.ofNullable(format),
                Optional.ofNullable(charset),
                Optional.ofNullable(sheet),
                Optional.ofNullable(separator),
                Optional.ofNullable(quote),
                skipLines < 0 ? OptionalInt.empty() : OptionalInt.of(skipLines),
                Optional.ofNullable(widths));
        List<String> names =
                files.stream().map(file -> surroundings.path(file).toString()).toList();
        TableInput input = Formats.shipped().open(names, surroundings.in(), settings);
        input.notes().forEach(surroundings.err()::println);
        return input;
    }
}
