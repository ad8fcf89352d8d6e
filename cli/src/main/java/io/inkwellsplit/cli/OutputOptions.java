package io.inkwellsplit.cli;

import io.inkwellsplit.table.Run;
import io.inkwellsplit.table.TableException;
import io.inkwellsplit.table.TableException.Problem;
import io.inkwellsplit.table.TableOutput;
import io.inkwellsplit.table.contact.ContactFormat;
import io.inkwellsplit.table.contact.ContactOutput;
import io.inkwellsplit.table.csv.AsideFile;
import io.inkwellsplit.table.csv.CsvMetadata;
import io.inkwellsplit.table.csv.CsvOutput;
import io.inkwellsplit.table.csv.CsvSource;
import io.inkwellsplit.table.csv.WholeFile;
import io.inkwellsplit.table.csv.WholeFile.WhenThere;
import java.io.BufferedOutputStream;
import java.io.FileDescriptor;
import java.io.FileOutputStream;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;

/** What a command writes. */
final class OutputOptions {
    @Option(
            names = {"-o", "--out"},
            paramLabel = "FILE",
            description =
                    "The table to write; - for standard output. A name in .vcf, .jcard or .jsonld gives contacts. "
                            + "Without it, a preview is shown.")
    @Nullable String out;

    @Option(names = "--replace", description = "Replace the output if it is there already.")
    boolean replace;

    @Option(
            names = "--set-aside",
            paramLabel = "FILE",
            description = "Where rows go that cannot be worked on; beside the output if not given.")
    @Nullable Path setAside;

    @Option(
            names = "--describe",
            description = "Also describe the columns in FILE-metadata.json, as the W3C's CSV on the Web does.")
    boolean describe;

    @Option(
            names = "--save-job",
            paramLabel = "FILE",
            description = "Write what this command does as a job, for inkwell run.")
    @Nullable Path saveJob;

    @Mixin
    SummaryOptions summary = new SummaryOptions();

    @Mixin
    ReportOptions report = new ReportOptions();

    /** Returns whether any of it was asked for. */
    boolean isGiven() {
        return out != null
                || replace
                || setAside != null
                || describe
                || saveJob != null
                || summary.json
                || report.isGiven();
    }

    /** Refuses, before any row is read, what could not be written beside the output. */
    void checkBeside() {
        if (saveJob != null) {
            WholeFile.start(saveJob, whenThere()).close();
        }
        report.check(whenThere());
    }

    boolean isStandardOutput() {
        return "-".equals(out);
    }

    /** Starts the output; {@code target} is {@link #out}. */
    TableOutput open(String target, InputOptions input, CsvSource source) {
        if (isStandardOutput()) {
            if (describe) {
                throw new TableException(Problem.SETTING, "--describe needs a file to describe; name one with --out.");
            }
            BufferedOutputStream stream = new BufferedOutputStream(new FileOutputStream(FileDescriptor.out));
            return CsvOutput.to("standard output", stream, source.dialect(), setAside)
                    .sourceHeader(source.header());
        }
        Path file = Path.of(target);
        refuseInput(file, input);
        Optional<ContactFormat> contacts = ContactFormat.of(file);
        if (contacts.isPresent()) {
            Path aside = setAside == null ? file.resolveSibling(file.getFileName() + ".set-aside.csv") : setAside;
            return ContactOutput.create(
                    file,
                    contacts.get(),
                    whenThere(),
                    new AsideFile(aside, source.dialect(), whenThere()).sourceHeader(source.header()));
        }
        CsvOutput output = setAside == null
                ? CsvOutput.create(file, source.dialect(), whenThere())
                : CsvOutput.create(file, source.dialect(), whenThere(), setAside);
        return output.sourceHeader(source.header());
    }

    WhenThere whenThere() {
        return replace ? WhenThere.REPLACE : WhenThere.REFUSE;
    }

    /** Describes the output that was written, where that was asked for. */
    void describe(String target, CsvSource source, Run run) {
        if (describe) {
            CsvMetadata.write(Path.of(target), source.dialect(), run.header(), run.meanings(), whenThere());
        }
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
