package io.inkwellsplit.cli;

import io.inkwellsplit.table.TableException;
import io.inkwellsplit.table.TableException.Problem;
import io.inkwellsplit.table.csv.CsvOutput;
import io.inkwellsplit.table.csv.CsvSource;
import io.inkwellsplit.table.csv.WholeFile.WhenThere;
import java.io.BufferedOutputStream;
import java.io.FileDescriptor;
import java.io.FileOutputStream;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.jspecify.annotations.Nullable;
import picocli.CommandLine.Option;

/** What a command writes. */
final class OutputOptions {
    @Option(
            names = {"-o", "--out"},
            paramLabel = "FILE",
            description = "The table to write; - for standard output. Without it, a preview is shown.")
    @Nullable String out;

    @Option(names = "--replace", description = "Replace the output if it is there already.")
    boolean replace;

    @Option(
            names = "--set-aside",
            paramLabel = "FILE",
            description = "Where rows go that cannot be worked on; beside the output if not given.")
    @Nullable Path setAside;

    boolean isStandardOutput() {
        return "-".equals(out);
    }

    /** Starts the output; {@code target} is {@link #out}. */
    CsvOutput open(String target, InputOptions input, CsvSource source) {
        if (isStandardOutput()) {
            BufferedOutputStream stream = new BufferedOutputStream(new FileOutputStream(FileDescriptor.out));
            return CsvOutput.to("standard output", stream, source.dialect(), setAside)
                    .sourceHeader(source.header());
        }
        Path file = Path.of(target);
        refuseInput(file, input);
        WhenThere whenThere = replace ? WhenThere.REPLACE : WhenThere.REFUSE;
        CsvOutput output = setAside == null
                ? CsvOutput.create(file, source.dialect(), whenThere)
                : CsvOutput.create(file, source.dialect(), whenThere, setAside);
        return output.sourceHeader(source.header());
    }

    private static void refuseInput(Path file, InputOptions input) {
        try {
            if (!input.file.equals("-") && Files.exists(file) && Files.isSameFile(file, Path.of(input.file))) {
                throw new TableException(
                        Problem.OUTPUT, file + " is the input, and the input is never written; give another name.");
            }
        } catch (IOException e) {
            throw new TableException(Problem.OUTPUT, file + " cannot be looked at.", e);
        }
    }
}
