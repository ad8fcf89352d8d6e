package io.inkwellsplit.cli;

import io.inkwellsplit.hide.Mask;
import io.inkwellsplit.hide.Pseudonyms;
import io.inkwellsplit.table.TableException;
import io.inkwellsplit.table.TableException.Problem;
import io.inkwellsplit.table.file.FilePlan;
import io.inkwellsplit.table.step.HideStep;
import io.inkwellsplit.table.step.MatchStep;
import io.inkwellsplit.table.step.Step;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import org.jspecify.annotations.Nullable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;
import picocli.CommandLine.ParameterException;

/** Hides what columns hold. */
@Command(
        name = "mask",
        description =
                "Hides the letters and digits of columns, or puts stable pseudonyms in their place, so that a table "
                        + "can be shared. The columns themselves are changed in what goes out.",
        mixinStandardHelpOptions = true)
final class MaskCommand extends TableCommand {
    @Mixin
    ColumnsOption columns = new ColumnsOption();

    @Option(names = "--digits", description = "Hide digits alone.")
    boolean digits;

    @Option(names = "--letters", description = "Hide letters alone.")
    boolean letters;

    @Option(names = "--show-last", paramLabel = "N", description = "Show the last N of those that are hidden.")
    int showLast;

    @Option(names = "--only", paramLabel = "EXPRESSION", description = "Hide only what matches a regular expression.")
    @Nullable String only;

    @Option(
            names = "--only-ready",
            paramLabel = "NAME",
            description = "Hide only what matches a ready-made expression, such as emails.")
    @Nullable String onlyReady;

    @Option(names = "--pseudonyms", description = "Write pseudonyms; needs --key-file or --key-variable.")
    boolean pseudonyms;

    @Option(names = "--key-file", paramLabel = "FILE", description = "The file that holds the key of the pseudonyms.")
    @Nullable Path keyFile;

    @Option(
            names = "--key-variable",
            paramLabel = "NAME",
            description = "The environment variable that holds the key of the pseudonyms.")
    @Nullable String keyVariable;

    @Override
    void plan(FilePlan plan) {
        if (keyFile != null) {
            plan.reads("the file of the key", keyFile);
        }
    }

    @Override
    List<? extends Step> steps() {
        String[] wanted = columns.array();
        if (pseudonyms) {
            Pseudonyms made = setting(() -> Pseudonyms.of(key()));
            return List.of(HideStep.pseudonyms(made, wanted));
        }
        Mask mask = digits == letters ? Mask.all() : digits ? Mask.digits() : Mask.letters();
        Mask showing = setting(() -> mask.allButLast(showLast));
        String expression = onlyReady != null ? MatchStep.ready(onlyReady) : only;
        return List.of(
                expression == null
                        ? HideStep.mask(showing, wanted)
                        : HideStep.mask(showing, expression, columns.titles));
    }

    /** The key never stands on the command line, where others can read it in the list of processes. */
    private byte[] key() {
        if (keyFile != null) {
            try {
                return Files.readString(keyFile).strip().getBytes(StandardCharsets.UTF_8);
            } catch (IOException e) {
                throw new TableException(Problem.INPUT, "The key file " + keyFile + " cannot be read.", e);
            }
        }
        String value = keyVariable == null ? null : System.getenv(keyVariable);
        if (value == null) {
            throw new ParameterException(
                    spec.commandLine(),
                    keyVariable == null
                            ? "--pseudonyms needs a key, with --key-file FILE or --key-variable NAME"
                            : "There is no environment variable " + keyVariable + ", or it is empty");
        }
        return value.strip().getBytes(StandardCharsets.UTF_8);
    }
}
