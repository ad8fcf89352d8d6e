package io.inkwellsplit.table.kind;

import io.inkwellsplit.hide.Mask;
import io.inkwellsplit.hide.Pseudonyms;
import io.inkwellsplit.table.ReadingWatch;
import io.inkwellsplit.table.TableException;
import io.inkwellsplit.table.TableException.Problem;
import io.inkwellsplit.table.step.HideStep;
import io.inkwellsplit.table.step.MatchStep;
import io.inkwellsplit.table.step.Step;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;

/** Hides what columns hold. */
final class MaskKind implements StepKind {
    @Override
    public String name() {
        return "mask";
    }

    @Override
    public String description() {
        return "Hides the letters and digits of columns, or puts stable pseudonyms in their place, so that a table can be "
                + "shared. The columns themselves are changed in what goes out.";
    }

    @Override
    public String example() {
        return "mask demo/members.csv --column Number --digits --show-last 2";
    }

    @Override
    public List<Setting> settings() {
        return List.of(
                Common.COLUMNS,
                Setting.flag("digits", "Hide digits alone."),
                Setting.flag("letters", "Hide letters alone."),
                Setting.whole("show-last", "N", "Show the last N of those that are hidden."),
                Setting.text("only", "EXPRESSION", "Hide only what matches a regular expression."),
                Setting.text("only-ready", "NAME", "Hide only what matches a ready-made expression, such as emails."),
                Setting.flag("pseudonyms", "Write pseudonyms; needs `key-file` or `key-variable`."),
                Setting.input(
                        "key-file", "FILE", "The file that holds the key of the pseudonyms.", "the file of the key"),
                Setting.text("key-variable", "NAME", "The environment variable that holds the key of the pseudonyms."));
    }

    @Override
    public Step step(Values values, List<ReadingWatch> watches) {
        String[] wanted = Common.columns(values);
        if (values.isSet("pseudonyms")) {
            byte[] key = key(values);
            return HideStep.pseudonyms(Values.checked(() -> Pseudonyms.of(key)), wanted);
        }
        boolean digits = values.isSet("digits");
        Mask mask = digits == values.isSet("letters") ? Mask.all() : digits ? Mask.digits() : Mask.letters();
        Mask showing =
                Values.checked(() -> mask.allButLast(values.whole("show-last").orElse(0)));
        Optional<String> expression =
                values.text("only-ready").map(MatchStep::ready).or(() -> values.text("only"));
        return expression
                .map(only -> HideStep.mask(showing, only, List.of(wanted)))
                .orElseGet(() -> HideStep.mask(showing, wanted));
    }

    /** The key never stands among the settings, where others can read it in the list of processes. */
    private static byte[] key(Values values) {
        Optional<Path> file = values.file("key-file");
        if (file.isPresent()) {
            try {
                return Files.readString(file.get()).strip().getBytes(StandardCharsets.UTF_8);
            } catch (IOException e) {
                throw new TableException(Problem.INPUT, "The key file " + file.get() + " cannot be read.", e);
            }
        }
        String variable = values.text("key-variable")
                .orElseThrow(() ->
                        new TableException(Problem.SETTING, "Pseudonyms need a key: give key-file or key-variable."));
        String key = System.getenv(variable);
        if (key == null) {
            throw new TableException(
                    Problem.SETTING, "There is no environment variable " + variable + ", or it is empty.");
        }
        return key.strip().getBytes(StandardCharsets.UTF_8);
    }
}
