package io.inkwellsplit.cli;

import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.Collection;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import picocli.CommandLine;
import picocli.CommandLine.Model.OptionSpec;

/** What a job may say, from the commands themselves; written out as a JSON Schema for editors. */
final class JobSchema {
    static final List<String> INPUT = List.of("no-header", "charset");
    static final List<String> OUTPUT =
            List.of("replace", "set-aside", "describe", "formula-guard", "report", "figures");
    private static final Set<String> ELSEWHERE =
            Set.of("help", "version", "out", "save-job", "explain", "quiet", "json");

    private JobSchema() {}

    /** Returns the commands that are steps. */
    static Set<String> steps(CommandLine line) {
        Set<String> steps = new TreeSet<>();
        line.getSubcommands().forEach((name, command) -> {
            if (command.getCommandSpec().userObject() instanceof TableCommand) {
                steps.add(name);
            }
        });
        return steps;
    }

    /** Returns the options that a step can have, without the hyphens. */
    static Set<String> options(CommandLine command) {
        Set<String> options = new TreeSet<>();
        command.getCommandSpec().options().forEach(option -> options.add(name(option)));
        options.removeAll(INPUT);
        options.removeAll(OUTPUT);
        options.removeAll(ELSEWHERE);
        return options;
    }

    private static String name(OptionSpec option) {
        return option.longestName().replaceFirst("^--", "");
    }

    static boolean takesSeveral(OptionSpec option) {
        return option.isMultiValue();
    }

    /** Returns whether the values of an option are files. */
    static boolean isFile(OptionSpec option) {
        return Arrays.asList(option.auxiliaryTypes()).contains(Path.class);
    }

    /** Returns the schema, as JSON. */
    static String json(CommandLine line) {
        ObjectMapper mapper = new ObjectMapper();
        ObjectNode schema = mapper.createObjectNode();
        schema.put("$schema", "https://json-schema.org/draft/2020-12/schema");
        schema.put("title", "A job of Inkwell Split");
        schema.put("type", "object");
        schema.put("additionalProperties", false);
        schema.putArray("required").add("steps");
        ObjectNode properties = schema.putObject("properties");
        CommandLine any = line.getSubcommands().get("columns");
        if (any == null) {
            throw new IllegalStateException("there is no command columns");
        }
        files(properties.putObject("input"), any, INPUT).putArray("required").add("file");
        ObjectNode list = properties.putObject("steps");
        list.put("type", "array");
        list.put("minItems", 1);
        ArrayNode kinds = list.putObject("items").putArray("oneOf");
        for (String name : steps(line)) {
            CommandLine command = line.getSubcommands().get(name);
            if (command != null) {
                ObjectNode step = kinds.addObject();
                step.put("type", "object");
                step.put("additionalProperties", false);
                step.putArray("required").add(name);
                ObjectNode body = step.putObject("properties").putObject(name);
                body.put(
                        "description",
                        String.join(" ", command.getCommandSpec().usageMessage().description()));
                options(body, command, options(command));
            }
        }
        files(properties.putObject("output"), any, OUTPUT);
        return schema.toPrettyString() + "\n";
    }

    private static ObjectNode files(ObjectNode body, CommandLine command, List<String> names) {
        options(body, command, names);
        ((ObjectNode) body.get("properties"))
                .putObject("file")
                .put("type", "string")
                .put("description", "The file, told from the job's folder; - for a standard stream.");
        return body;
    }

    private static void options(ObjectNode body, CommandLine command, Collection<String> names) {
        body.put("type", "object");
        body.put("additionalProperties", false);
        ObjectNode properties = body.putObject("properties");
        for (String name : names) {
            OptionSpec option = command.getCommandSpec().findOption("--" + name);
            ObjectNode property = properties.putObject(name);
            property.put("description", String.join(" ", Arrays.asList(option.description())));
            if (option.arity().max() == 0) {
                property.put("type", "boolean");
            } else if (takesSeveral(option)) {
                ArrayNode either = property.putArray("oneOf");
                either.addObject().putArray("type").add("string").add("number");
                ObjectNode several = either.addObject().put("type", "array");
                several.putObject("items").putArray("type").add("string").add("number");
            } else {
                property.putArray("type").add("string").add("number");
            }
        }
    }
}
