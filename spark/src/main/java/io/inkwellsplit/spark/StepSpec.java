package io.inkwellsplit.spark;

import io.inkwellsplit.table.TableException;
import io.inkwellsplit.table.TableException.Problem;
import io.inkwellsplit.table.kind.Setting;
import io.inkwellsplit.table.kind.StepKind;
import io.inkwellsplit.table.kind.StepKinds;
import io.inkwellsplit.table.kind.Values;
import io.inkwellsplit.table.kind.Values.Given;
import io.inkwellsplit.table.step.Step;
import java.io.IOException;
import java.io.Serializable;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import org.jspecify.annotations.Nullable;

/**
 * What a step is, as it goes to other machines: its kind, its settings, and the content of the files that they name, which are
 * written anew there. Immutable.
 */
final class StepSpec implements Serializable {
    private static final long serialVersionUID = 1;

    /** What was written on this machine, by name and content. */
    private static final Map<String, Path> WRITTEN = new ConcurrentHashMap<>();

    private final String kind;
    private final ArrayList<String[]> settings = new ArrayList<>();
    private final HashMap<String, byte[]> files = new HashMap<>();

    /** The settings with the files themselves; on the driver alone. */
    private final transient @Nullable Values original;

    /** @throws TableException if a file that is named cannot be read */
    StepSpec(StepKind kind, Values values) {
        this.kind = kind.name();
        this.original = values;
        for (Given given : values.given()) {
            settings.add(new String[] {given.name(), given.value()});
            boolean input = kind.settings().stream()
                    .anyMatch(one -> one.name().equals(given.name()) && one.type() == Setting.Type.INPUT);
            if (input) {
                try {
                    files.put(given.value(), Files.readAllBytes(Path.of(given.value())));
                } catch (IOException e) {
                    throw new TableException(
                            Problem.INPUT, "There is no file " + given.value() + "; check the name and the folder.", e);
                }
            }
        }
    }

    /** Returns the name of the kind. */
    String name() {
        return kind;
    }

    /** Makes what it stands for; a kind may make several steps. */
    List<Step> steps() {
        if (original != null) {
            return List.copyOf(StepKinds.named(kind).steps(original, List.of()));
        }
        List<Given> given = new ArrayList<>();
        for (String[] setting : settings) {
            byte[] content = files.get(setting[1]);
            given.add(new Given(setting[0], content == null ? setting[1] : written(setting[1], content)));
        }
        StepKind made = StepKinds.named(kind);
        return List.copyOf(made.steps(Values.of(made, given), List.of()));
    }

    private static String written(String name, byte[] content) {
        return WRITTEN.computeIfAbsent(name + "\n" + Arrays.hashCode(content) + "\n" + content.length, key -> {
                    try {
                        Path folder = Files.createTempDirectory("inkwell");
                        Path file = folder.resolve(String.valueOf(Path.of(name).getFileName()));
                        Files.write(file, content);
                        file.toFile().deleteOnExit();
                        folder.toFile().deleteOnExit();
                        return file;
                    } catch (IOException e) {
                        throw new TableException(Problem.OUTPUT, "A copy of " + name + " cannot be written here.", e);
                    }
                })
                .toString();
    }
}
