package io.inkwellsplit.cli;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.snakeyaml.engine.v2.api.Dump;
import org.snakeyaml.engine.v2.api.DumpSettings;
import org.snakeyaml.engine.v2.common.FlowStyle;
import picocli.CommandLine.Model.OptionSpec;
import picocli.CommandLine.ParseResult;

/** Writes commands as the job that they are. */
final class JobText {
    private final Path folder;

    private JobText(Path folder) {
        this.folder = folder;
    }

    /**
     * Returns the text.
     *
     * @param parsed the commands in their order, the first with the input, the last with the output
     * @param found options of the first command that were not given but found out
     * @param job where it will stand: files are told from its folder
     */
    static String of(List<ParseResult> parsed, Map<String, List<String>> found, Path job) {
        Path folder = job.toAbsolutePath().normalize().getParent();
        return new JobText(folder == null ? Path.of("/") : folder).text(parsed, found);
    }

    private String text(List<ParseResult> parsed, Map<String, List<String>> found) {
        Map<String, Object> job = new LinkedHashMap<>();
        Map<String, Object> input = new LinkedHashMap<>();
        Map<String, Object> output = new LinkedHashMap<>();
        List<Object> steps = new ArrayList<>();
        for (ParseResult command : parsed) {
            Map<String, Object> options = new LinkedHashMap<>();
            if (steps.isEmpty()) {
                found.forEach((name, values) -> {
                    if (!values.isEmpty()) {
                        options.put(name, single(values));
                    }
                });
            }
            for (OptionSpec option : command.matchedOptionsSet()) {
                String name = option.longestName().replaceFirst("^--", "");
                if (name.equals("out")) {
                    output.put("file", value(option));
                } else if (JobSchema.INPUT.contains(name)) {
                    input.put(name, value(option));
                } else if (JobSchema.OUTPUT.contains(name)) {
                    output.put(name, value(option));
                } else if (JobSchema.options(command.commandSpec().commandLine())
                        .contains(name)) {
                    options.put(name, value(option));
                }
            }
            steps.add(Map.of(command.commandSpec().name(), options));
        }
        parsed.get(0)
                .matchedPositionals()
                .forEach(file -> input.put("file", told(file.stringValues().get(0))));
        job.put("input", input);
        job.put("steps", steps);
        if (!output.isEmpty()) {
            job.put("output", output);
        }
        DumpSettings block = DumpSettings.builder()
                .setDefaultFlowStyle(FlowStyle.BLOCK)
                .setWidth(200)
                .build();
        return new Dump(block).dumpToString(job);
    }

    private Object value(OptionSpec option) {
        if (option.arity().max() == 0) {
            return true;
        }
        boolean file = JobSchema.isFile(option) || option.longestName().equals("--out");
        List<String> values =
                file ? option.stringValues().stream().map(this::told).toList() : option.stringValues();
        return single(values);
    }

    private static Object single(List<String> values) {
        return values.size() == 1 ? values.get(0) : List.copyOf(values);
    }

    private String told(String file) {
        Path absolute = Path.of(file).toAbsolutePath().normalize();
        return file.equals("-") || !folder.getRoot().equals(absolute.getRoot())
                ? file
                : folder.relativize(absolute).toString();
    }
}
