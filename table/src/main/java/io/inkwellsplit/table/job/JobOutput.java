package io.inkwellsplit.table.job;

import io.inkwellsplit.table.Dialect;
import io.inkwellsplit.table.TableException;
import io.inkwellsplit.table.TableException.Problem;
import io.inkwellsplit.table.TableInput;
import io.inkwellsplit.table.TableOutput;
import io.inkwellsplit.table.csv.AsideFile;
import io.inkwellsplit.table.csv.Formulas;
import io.inkwellsplit.table.file.Delivery;
import io.inkwellsplit.table.file.Packings;
import io.inkwellsplit.table.format.Formats;
import io.inkwellsplit.table.format.TableFormat;
import io.inkwellsplit.table.format.WriteSettings;
import io.inkwellsplit.table.run.Run;
import java.io.BufferedOutputStream;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;

/**
 * How the tables of a job are written.
 *
 * @param out what stands for standard output
 */
record JobOutput(Job job, Formats formats, MoreSheets moreSheets, OutputStream out) {
    private static final String STANDARD_OUTPUT = "standard output";

    /** Starts the output. */
    TableOutput open(Path file, TableInput source, Run run, Delivery delivery) {
        boolean stream = job.writesStandardOutput();
        TableFormat format =
                stream ? told().map(formats::called).orElse(formats.text()) : formats.toWrite(file, told());
        checkSheets(format);
        if (stream && job.output().isSet("describe")) {
            throw new TableException(
                    Problem.SETTING, "A description needs a file to describe; name one for the output.");
        }
        Dialect dialect = format.written(source.dialect());
        AsideFile aside = asideFile()
                .map(to -> AsideFile.in(delivery, to, dialect).sourceHeader(source.header()))
                .orElseGet(AsideFile::none);
        WriteSettings settings = settings(format, source, aside);
        return stream
                ? toStream(format, settings)
                : format.start(
                        file, delivery, settings.meaning(meanings(source, run)).followedBy(moreSheets.sheets()));
    }

    /** Returns how text in a file that is written is. */
    Dialect dialect(Path file, TableInput source) {
        return formats.toWrite(file, told()).written(source.dialect());
    }

    private TableOutput toStream(TableFormat format, WriteSettings settings) {
        try {
            return format.start(STANDARD_OUTPUT, new BufferedOutputStream(out), settings);
        } catch (UnsupportedOperationException e) {
            throw new TableException(
                    Problem.SETTING, "A " + format.name() + " cannot be written to standard output; name a file.", e);
        }
    }

    /** Starts a file for the rows that a step leaves out. */
    TableOutput rest(Path file, TableInput source, Delivery delivery) {
        TableFormat format = formats.toWrite(file);
        return format.start(file, delivery, settings(format, source, AsideFile.none()));
    }

    /** Returns where rows go that cannot be worked on; nowhere beside the standard output. */
    Optional<Path> asideFile() {
        Optional<Path> asked = job.output().file("set-aside");
        if (asked.isPresent() || job.writesStandardOutput()) {
            return asked;
        }
        return job.outputFile()
                .filter(file -> !Files.exists(file) || Files.isRegularFile(file))
                .map(file -> formats.toWrite(file, told()).asideBeside(Packings.unpackedName(file)));
    }

    private Optional<String> told() {
        return job.output().text("out-format");
    }

    /** What a form has no use for is not asked of the source. */
    private WriteSettings settings(TableFormat format, TableInput source, AsideFile aside) {
        Formulas formulas = job.output().isSet("formula-guard") ? Formulas.GUARD : Formulas.COUNT;
        WriteSettings settings = new WriteSettings(source.dialect(), aside, formulas)
                .nesting(job.output().isSet("nested"));
        return format.keepsTypes() ? settings.typed(source.types()) : settings;
    }

    /** What a column meant when it came holds on where no step says otherwise. */
    private static Map<String, String> meanings(TableInput source, Run run) {
        Map<String, String> meanings = new HashMap<>(source.meanings());
        meanings.putAll(run.meanings());
        return meanings;
    }

    private void checkSheets(TableFormat format) {
        if (moreSheets.isAny() && (job.writesStandardOutput() || !format.holdsSheets())) {
            throw new TableException(
                    Problem.SETTING, "Further sheets need a spreadsheet for the output, with a name in .xlsx or .ods.");
        }
    }
}
