package io.inkwellsplit.table.job;

import io.inkwellsplit.pattern.Nearest;
import io.inkwellsplit.table.TableException;
import io.inkwellsplit.table.TableException.Problem;
import io.inkwellsplit.table.kind.Setting;
import io.inkwellsplit.table.kind.StepKind;
import io.inkwellsplit.table.kind.StepKinds;
import io.inkwellsplit.table.kind.Values;
import io.inkwellsplit.table.kind.Values.Given;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import org.snakeyaml.engine.v2.api.LoadSettings;
import org.snakeyaml.engine.v2.api.lowlevel.Compose;
import org.snakeyaml.engine.v2.api.lowlevel.Parse;
import org.snakeyaml.engine.v2.events.CollectionEndEvent;
import org.snakeyaml.engine.v2.events.CollectionStartEvent;
import org.snakeyaml.engine.v2.events.Event;
import org.snakeyaml.engine.v2.exceptions.Mark;
import org.snakeyaml.engine.v2.exceptions.MarkedYamlEngineException;
import org.snakeyaml.engine.v2.nodes.MappingNode;
import org.snakeyaml.engine.v2.nodes.Node;
import org.snakeyaml.engine.v2.nodes.NodeTuple;
import org.snakeyaml.engine.v2.nodes.ScalarNode;
import org.snakeyaml.engine.v2.nodes.SequenceNode;

/**
 * Reads a job from YAML.
 *
 * <pre>
 * input: {file: sign-ups.csv}
 * steps:
 *   - split: {name: Singer}
 *   - assemble: {ready: [full, index]}
 * output: {file: register.csv, replace: true}
 * </pre>
 *
 * <p>A step is its kind with its settings: a flag is {@code true}, a setting that can be repeated takes a list. Names of
 * files are told from the job's folder. A mistake is told with its line and column.
 */
public final class JobReader {
    private static final List<String> KEYS = List.of("input", "steps", "output");

    private static final int MOST_BYTES = 1 << 20;
    private static final int MOST_NESTED = 20;

    private final Path file;

    private JobReader(Path file) {
        this.file = file;
    }

    /**
     * Reads a job.
     *
     * @param file the file
     * @return the job
     * @throws TableException if it cannot be read, is no YAML, or holds what cannot be set
     */
    public static Job read(Path file) {
        try {
            if (Files.size(file) > MOST_BYTES) {
                throw new TableException(
                        Problem.SETTING,
                        file + " has " + Files.size(file) + " bytes; a job has " + MOST_BYTES + " at most.");
            }
            return new JobReader(file).job(Files.readString(file, StandardCharsets.UTF_8));
        } catch (IOException e) {
            throw new TableException(Problem.INPUT, "There is no job " + file + ", or it cannot be read.", e);
        } catch (MarkedYamlEngineException e) {
            throw new TableException(
                    Problem.SETTING, file + where(e.getProblemMark()) + ": " + e.getProblem() + ".", e);
        }
    }

    private static String where(Optional<Mark> mark) {
        return mark.map(at -> ", line " + (at.getLine() + 1) + ", column " + (at.getColumn() + 1))
                .orElse("");
    }

    private Job job(String text) {
        LoadSettings settings = LoadSettings.builder().setLabel(file.toString()).build();
        checkDepth(settings, text);
        Node root = new Compose(settings)
                .composeString(text)
                .orElseThrow(() -> new TableException(Problem.SETTING, file + " is empty; a job needs steps."));
        MappingNode job = map(root, "a job is a map with input, steps and output");
        List<JobStep> steps = new ArrayList<>();
        List<Given> input = new ArrayList<>();
        List<Given> output = new ArrayList<>();
        for (NodeTuple tuple : job.getValue()) {
            Node value = tuple.getValueNode();
            switch (text(tuple.getKeyNode())) {
                case "steps" -> steps(value, steps);
                case "input" ->
                    settings(map(value, "input is a map, such as  input: {file: sign-ups.csv}"), Job.INPUT, input);
                case "output" ->
                    settings(map(value, "output is a map, such as  output: {file: register.csv}"), Job.OUTPUT, output);
                case RunRecord.KEY -> map(value, "record is a map that a run has written");
                default -> throw unknown(tuple.getKeyNode(), text(tuple.getKeyNode()), KEYS);
            }
        }
        if (steps.isEmpty()) {
            throw refuse(root, "the job has no steps");
        }
        return Job.of(input, steps, output);
    }

    /** A job is a map with a list of maps; what is deeper is none, and would be too deep for the reader of the tree. */
    private void checkDepth(LoadSettings settings, String text) {
        int depth = 0;
        for (Event event : new Parse(settings).parseString(text)) {
            depth += event instanceof CollectionStartEvent ? 1 : event instanceof CollectionEndEvent ? -1 : 0;
            if (depth > MOST_NESTED) {
                throw new TableException(
                        Problem.SETTING,
                        file + where(event.getStartMark()) + ": more than " + MOST_NESTED
                                + " maps and lists inside one another.");
            }
        }
    }

    private void steps(Node node, List<JobStep> into) {
        if (!(node instanceof SequenceNode list) || list.getValue().isEmpty()) {
            throw refuse(node, "steps is a list with one step at least");
        }
        list.getValue().forEach(step -> into.add(step(step)));
    }

    private JobStep step(Node node) {
        MappingNode step = map(node, "a step is its kind with its settings, such as  - split: {name: Singer}");
        if (step.getValue().size() != 1) {
            throw refuse(node, "a step has one kind, not " + step.getValue().size());
        }
        NodeTuple tuple = step.getValue().get(0);
        String name = text(tuple.getKeyNode());
        Optional<StepKind> kind = StepKinds.of(name);
        if (kind.isEmpty()) {
            throw unknown(
                    tuple.getKeyNode(),
                    name,
                    StepKinds.all().stream().map(StepKind::name).toList());
        }
        List<Given> given = new ArrayList<>();
        settings(
                map(tuple.getValueNode(), "the settings of " + name + " are a map"),
                kind.get().settings(),
                given);
        try {
            return new JobStep(kind.get(), Values.of(kind.get(), given), where(node));
        } catch (TableException e) {
            throw new TableException(e.problem(), where(node) + ": " + e.getMessage(), e);
        }
    }

    private void settings(MappingNode node, List<Setting> known, List<Given> into) {
        for (NodeTuple tuple : node.getValue()) {
            String key = text(tuple.getKeyNode());
            Setting setting = known.stream()
                    .filter(one -> one.name().equals(key))
                    .findFirst()
                    .orElseThrow(() -> unknown(
                            tuple.getKeyNode(),
                            key,
                            known.stream().map(Setting::name).toList()));
            setting(setting, tuple.getValueNode(), into);
        }
    }

    private void setting(Setting setting, Node node, List<Given> into) {
        if (node instanceof SequenceNode && !setting.repeatable()) {
            throw refuse(node, setting.name() + " takes one value, not a list");
        }
        for (Node value : node instanceof SequenceNode list ? list.getValue() : List.of(node)) {
            String text = text(value);
            if (setting.type() == Setting.Type.FLAG && !text.equals("true") && !text.equals("false")) {
                throw refuse(value, setting.name() + " is true or false");
            }
            boolean file = setting.isFile() || setting.name().equals("file");
            into.add(new Given(setting.name(), file ? resolved(text) : text));
        }
    }

    /** A name with a scheme, such as {@code hdfs://}, is whole as it is. */
    private String resolved(String name) {
        Path folder = file.toAbsolutePath().getParent();
        return name.equals(Job.STANDARD) || name.contains("://") || folder == null
                ? name
                : folder.resolve(name).normalize().toString();
    }

    private MappingNode map(Node node, String otherwise) {
        if (node instanceof MappingNode map) {
            return map;
        }
        throw refuse(node, otherwise);
    }

    private String text(Node node) {
        if (node instanceof ScalarNode scalar) {
            return scalar.getValue();
        }
        throw refuse(node, "a text or a number is needed here");
    }

    private TableException unknown(Node node, String key, Collection<String> known) {
        Optional<String> near = Nearest.of(key, known);
        return refuse(
                node,
                "\"" + key + "\" is unknown here"
                        + near.map(word -> "; did you mean " + word + "?")
                                .orElse("; there are " + String.join(", ", known)));
    }

    private TableException refuse(Node node, String why) {
        return new TableException(Problem.SETTING, where(node) + ": " + why + (why.endsWith("?") ? "" : "."));
    }

    private String where(Node node) {
        return file + where(node.getStartMark());
    }
}
