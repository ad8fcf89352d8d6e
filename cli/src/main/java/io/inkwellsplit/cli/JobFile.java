package io.inkwellsplit.cli;

import io.inkwellsplit.pattern.Nearest;
import io.inkwellsplit.table.TableException;
import io.inkwellsplit.table.TableException.Problem;
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
import org.snakeyaml.engine.v2.exceptions.MarkedYamlEngineException;
import org.snakeyaml.engine.v2.nodes.MappingNode;
import org.snakeyaml.engine.v2.nodes.Node;
import org.snakeyaml.engine.v2.nodes.NodeTuple;
import org.snakeyaml.engine.v2.nodes.ScalarNode;
import org.snakeyaml.engine.v2.nodes.SequenceNode;
import picocli.CommandLine;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Model.OptionSpec;

/**
 * A job: an input, steps in their order, and an output, in YAML.
 *
 * <pre>
 * input: {file: sign-ups.csv}
 * steps:
 *   - split: {name: Singer}
 *   - assemble: {ready: [full, index]}
 * output: {file: register.csv, replace: true}
 * </pre>
 *
 * <p>A step is a command with its options, without the hyphens: a flag is {@code true}, an option that can be repeated
 * takes a list. Names of files are told from the job's folder. Everything is checked before any row is read, and a mistake
 * is told with its line and column.
 */
final class JobFile {
    private static final List<String> KEYS = List.of("input", "steps", "output");

    private static final int MOST_BYTES = 1 << 20;
    private static final int MOST_NESTED = 20;

    private final Path file;
    private final CommandLine line;

    /** A step as a command line, and where it stands in the file. */
    record Command(List<String> args, String where) {}

    private JobFile(Path file, CommandLine line) {
        this.file = file;
        this.line = line;
    }

    /**
     * Reads a job as the commands that it stands for.
     *
     * @throws TableException if it cannot be read, is no YAML, or has a key that nothing knows
     */
    static List<Command> read(Path file, CommandLine line) {
        try {
            if (Files.size(file) > MOST_BYTES) {
                throw new TableException(
                        Problem.SETTING,
                        file + " has " + Files.size(file) + " bytes; a job has " + MOST_BYTES + " at most.");
            }
            String text = Files.readString(file, StandardCharsets.UTF_8);
            LoadSettings settings =
                    LoadSettings.builder().setLabel(file.toString()).build();
            checkDepth(file, settings, text);
            Node root = new Compose(settings)
                    .composeString(text)
                    .orElseThrow(() -> new TableException(Problem.SETTING, file + " is empty; a job needs steps."));
            return new JobFile(file, line).commands(root);
        } catch (IOException e) {
            throw new TableException(Problem.INPUT, "There is no job " + file + ", or it cannot be read.", e);
        } catch (MarkedYamlEngineException e) {
            String where = e.getProblemMark()
                    .map(mark -> ", line " + (mark.getLine() + 1) + ", column " + (mark.getColumn() + 1))
                    .orElse("");
            throw new TableException(Problem.SETTING, file + where + ": " + e.getProblem() + ".", e);
        }
    }

    /** A job is a map with a list of maps; what is deeper is none, and would be too deep for the reader of the tree. */
    private static void checkDepth(Path file, LoadSettings settings, String text) {
        int depth = 0;
        for (Event event : new Parse(settings).parseString(text)) {
            depth += event instanceof CollectionStartEvent ? 1 : event instanceof CollectionEndEvent ? -1 : 0;
            if (depth > MOST_NESTED) {
                String where = event.getStartMark()
                        .map(mark -> ", line " + (mark.getLine() + 1) + ", column " + (mark.getColumn() + 1))
                        .orElse("");
                throw new TableException(
                        Problem.SETTING,
                        file + where + ": more than " + MOST_NESTED + " maps and lists inside one another.");
            }
        }
    }

    private List<Command> commands(Node root) {
        MappingNode job = map(root, "a job is a map with input, steps and output");
        List<Command> commands = new ArrayList<>();
        for (NodeTuple tuple : job.getValue()) {
            String key = text(tuple.getKeyNode());
            if (!KEYS.contains(key)) {
                throw unknown(tuple.getKeyNode(), key, KEYS);
            }
            if (key.equals("steps")) {
                if (!(tuple.getValueNode() instanceof SequenceNode steps)
                        || steps.getValue().isEmpty()) {
                    throw refuse(tuple.getValueNode(), "steps is a list with one step at least");
                }
                steps.getValue().forEach(step -> commands.add(new Command(command(step), where(step))));
            }
        }
        if (commands.isEmpty()) {
            throw refuse(root, "the job has no steps");
        }
        for (NodeTuple tuple : job.getValue()) {
            String key = text(tuple.getKeyNode());
            if (key.equals("input")) {
                input(tuple.getValueNode(), commands.get(0).args());
            } else if (key.equals("output")) {
                output(tuple.getValueNode(), commands.get(commands.size() - 1).args());
            }
        }
        return commands;
    }

    private List<String> command(Node node) {
        MappingNode step = map(node, "a step is a command with its options, such as  - split: {name: Singer}");
        if (step.getValue().size() != 1) {
            throw refuse(node, "a step has one command, not " + step.getValue().size());
        }
        NodeTuple tuple = step.getValue().get(0);
        String name = text(tuple.getKeyNode());
        CommandLine command = line.getSubcommands().get(name);
        if (command == null || !(command.getCommandSpec().userObject() instanceof TableCommand)) {
            throw unknown(tuple.getKeyNode(), name, JobSchema.steps(line));
        }
        List<String> args = new ArrayList<>(List.of(name));
        for (NodeTuple option : map(tuple.getValueNode(), "the options of " + name + " are a map")
                .getValue()) {
            option(option, command.getCommandSpec(), JobSchema.options(command), args);
        }
        return args;
    }

    private void option(NodeTuple tuple, CommandSpec spec, Collection<String> known, List<String> args) {
        String key = text(tuple.getKeyNode());
        OptionSpec option = spec.findOption("--" + key);
        if (option == null || !known.contains(key)) {
            throw unknown(tuple.getKeyNode(), key, known);
        }
        List<Node> values =
                tuple.getValueNode() instanceof SequenceNode list ? list.getValue() : List.of(tuple.getValueNode());
        if (tuple.getValueNode() instanceof SequenceNode && !JobSchema.takesSeveral(option)) {
            throw refuse(tuple.getValueNode(), key + " takes one value, not a list");
        }
        for (Node value : values) {
            String text = text(value);
            if (option.arity().max() == 0) {
                if (!text.equals("true") && !text.equals("false")) {
                    throw refuse(value, key + " is true or false");
                }
                if (text.equals("true")) {
                    args.add("--" + key);
                }
            } else {
                args.add("--" + key + "=" + (JobSchema.isFile(option) ? resolved(text) : text));
            }
        }
    }

    private void input(Node node, List<String> first) {
        for (NodeTuple tuple : map(node, "input is a map, such as  input: {file: sign-ups.csv}")
                .getValue()) {
            if (text(tuple.getKeyNode()).equals("file")) {
                first.add(resolved(text(tuple.getValueNode())));
            } else {
                option(tuple, spec(first), JobSchema.INPUT, first);
            }
        }
    }

    private void output(Node node, List<String> last) {
        for (NodeTuple tuple : map(node, "output is a map, such as  output: {file: register.csv}")
                .getValue()) {
            if (text(tuple.getKeyNode()).equals("file")) {
                last.add("--out=" + resolved(text(tuple.getValueNode())));
            } else {
                option(tuple, spec(last), JobSchema.OUTPUT, last);
            }
        }
    }

    private CommandSpec spec(List<String> command) {
        CommandLine sub = line.getSubcommands().get(command.get(0));
        if (sub == null) {
            throw new IllegalStateException("the command was found before");
        }
        return sub.getCommandSpec();
    }

    private String resolved(String name) {
        Path folder = file.toAbsolutePath().getParent();
        return name.equals("-") || folder == null
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
        return file
                + node.getStartMark()
                        .map(mark -> ", line " + (mark.getLine() + 1) + ", column " + (mark.getColumn() + 1))
                        .orElse("");
    }
}
