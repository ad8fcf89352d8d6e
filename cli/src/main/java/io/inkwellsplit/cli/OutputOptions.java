package io.inkwellsplit.cli;

import io.inkwellsplit.table.TableException;
import io.inkwellsplit.table.TableException.Problem;
import io.inkwellsplit.table.TableOutput;
import io.inkwellsplit.table.contact.ContactFormat;
import io.inkwellsplit.table.contact.ContactOutput;
import io.inkwellsplit.table.csv.AsideFile;
import io.inkwellsplit.table.csv.CsvMetadata;
import io.inkwellsplit.table.csv.CsvOutput;
import io.inkwellsplit.table.csv.CsvSource;
import io.inkwellsplit.table.csv.Formulas;
import io.inkwellsplit.table.file.Delivery;
import io.inkwellsplit.table.file.FilePlan;
import io.inkwellsplit.table.file.WhenThere;
import io.inkwellsplit.table.run.Run;
import java.io.BufferedOutputStream;
import java.io.FileDescriptor;
import java.io.FileOutputStream;
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
            names = "--formula-guard",
            description =
                    "Put a ' before cells that a spreadsheet program would take for a formula, so that they stay text.")
    boolean formulaGuard;

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
                || formulaGuard
                || saveJob != null
                || summary.json
                || report.isGiven();
    }

    /** Says what is written. */
    void plan(FilePlan plan) {
        if (out != null && !isStandardOutput()) {
            plan.writes("the output", Path.of(out));
            if (describe) {
                plan.writes("the description of the output", CsvMetadata.beside(Path.of(out)));
            }
        }
        if (out != null) {
            asideFile().ifPresent(plan::setsAside);
        }
        if (saveJob != null) {
            plan.writes("the job", saveJob);
        }
        report.plan(plan);
    }

    /** Returns where rows go that cannot be worked on; nowhere beside the standard output. */
    private Optional<Path> asideFile() {
        if (setAside != null || out == null || isStandardOutput()) {
            return Optional.ofNullable(setAside);
        }
        Path file = Path.of(out);
        if (ContactFormat.of(file).isPresent()) {
            return Optional.of(ContactOutput.asideBeside(file));
        }
        return Files.exists(file) && !Files.isRegularFile(file)
                ? Optional.empty()
                : Optional.of(AsideFile.beside(file));
    }

    boolean isStandardOutput() {
        return "-".equals(out);
    }

    /** Starts the output; {@code target} is {@link #out}. */
    TableOutput open(String target, CsvSource source, Delivery delivery) {
        AsideFile aside = asideFile()
                .map(file -> AsideFile.in(delivery, file, source.dialect()).sourceHeader(source.header()))
                .orElseGet(AsideFile::none);
        if (isStandardOutput()) {
            if (describe) {
                throw new TableException(Problem.SETTING, "--describe needs a file to describe; name one with --out.");
            }
            BufferedOutputStream stream = new BufferedOutputStream(new FileOutputStream(FileDescriptor.out));
            return CsvOutput.to("standard output", stream, source.dialect(), aside)
                    .guarding(guard());
        }
        Path file = Path.of(target);
        Optional<ContactFormat> contacts = ContactFormat.of(file);
        return contacts.isPresent()
                ? ContactOutput.in(delivery, file, contacts.get(), aside)
                : CsvOutput.in(delivery, file, source.dialect(), aside).guarding(guard());
    }

    private Formulas guard() {
        return formulaGuard ? Formulas.GUARD : Formulas.COUNT;
    }

    WhenThere whenThere() {
        return replace ? WhenThere.REPLACE : WhenThere.REFUSE;
    }

    /** Describes the output that was written, where that was asked for. */
    void describe(String target, CsvSource source, Run run, Delivery delivery) {
        if (describe) {
            CsvMetadata.write(Path.of(target), source.dialect(), run.header(), run.meanings(), delivery);
        }
    }
}
