package io.inkwellsplit.cli.command;

import io.inkwellsplit.cli.option.SettingOptions;
import io.inkwellsplit.cli.option.SummaryOptions;
import io.inkwellsplit.cli.terminal.Surroundings;
import io.inkwellsplit.table.job.Job;
import io.inkwellsplit.table.job.JobStep;
import io.inkwellsplit.table.kind.Setting;
import io.inkwellsplit.table.kind.StepKind;
import io.inkwellsplit.table.kind.Values;
import io.inkwellsplit.table.kind.Values.Given;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.Callable;
import org.jspecify.annotations.Nullable;
import picocli.CommandLine.Model.ArgGroupSpec;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Model.OptionSpec;
import picocli.CommandLine.Model.PositionalParamSpec;
import picocli.CommandLine.ParameterException;

/** A command that carries one table through a step: into an output, or into a preview where none is named. */
class StepCommand implements Callable<Integer> {
    final Surroundings surroundings;
    private final StepKind kind;
    private final SettingOptions step;
    private final SettingOptions input;
    private final SettingOptions output;
    private final SummaryOptions summary = new SummaryOptions();
    private final OptionSpec saveJob;
    private final CommandSpec spec;

    StepCommand(StepKind kind, Surroundings surroundings) {
        this.kind = kind;
        this.surroundings = surroundings;
        this.spec = CommandSpec.wrapWithoutInspection(this).name(kind.name());
        spec.usageMessage().description(kind.description().replaceAll("`([^`]+)`", "--$1"));
        List<String> footer = new ArrayList<>(List.of("", "Example: inkwell " + kind.example()));
        footer.addAll(kind.notes());
        spec.usageMessage().footer(footer.toArray(String[]::new)).sortOptions(false);
        spec.addPositional(PositionalParamSpec.builder()
                .index("0..*")
                .arity("0..*")
                .paramLabel("FILE")
                .type(List.class)
                .auxiliaryTypes(String.class)
                .description("The table to read; - for standard input. Several with the same columns are one table.")
                .build());
        step = new SettingOptions(surroundings).addTo(spec, kind.settings(), kind.oneOf());
        input = new SettingOptions(surroundings);
        output = new SettingOptions(surroundings);
        saveJob = OptionSpec.builder("--save-job")
                .paramLabel("FILE")
                .type(Path.class)
                .description("Write what this command does as a job, for inkwell run.")
                .build();
        shared();
    }

    /** What all commands on tables have comes behind what is this one's own. */
    private void shared() {
        ArgGroupSpec.Builder shared = ArgGroupSpec.builder()
                .heading("%nWhat all commands on tables have:%n")
                .exclusive(false)
                .validate(false)
                .multiplicity("0..1");
        output.options(Job.OUTPUT).forEach(shared::addArg);
        shared.addArg(saveJob);
        input.options(without(Job.INPUT, "file")).forEach(shared::addArg);
        CommandSpec.forAnnotatedObject(summary).options().forEach(shared::addArg);
        shared.addArg(OptionSpec.builder("-h", "--help")
                .usageHelp(true)
                .type(boolean.class)
                .description("Show this help message and exit.")
                .build());
        spec.addArgGroup(shared.build());
    }

    private static List<Setting> without(List<Setting> settings, String name) {
        return settings.stream().filter(one -> !one.name().equals(name)).toList();
    }

    CommandSpec spec() {
        return spec;
    }

    StepKind kind() {
        return kind;
    }

    SummaryOptions summary() {
        return summary;
    }

    /** Returns the files to read; none where none is named. */
    private List<String> files() {
        @Nullable List<String> names = spec.positionalParameters().get(0).getValue();
        return names == null
                ? List.of()
                : names.stream().map(name -> surroundings.path(name).toString()).toList();
    }

    Optional<Path> saveJob() {
        @Nullable Path file = saveJob.getValue();
        return Optional.ofNullable(file);
    }

    /** Returns what is set of the step. */
    Values values() {
        return Values.of(kind, step.given());
    }

    JobStep step() {
        return new JobStep(kind, values(), "");
    }

    /** Returns what is set of the input, the file among it. */
    List<Given> input() {
        List<Given> given = new ArrayList<>();
        if (files().isEmpty()) {
            throw new ParameterException(spec.commandLine(), "Name the FILE to read, or - for standard input");
        }
        files().forEach(file -> given.add(new Given("file", file)));
        given.addAll(input.given());
        return given;
    }

    List<Given> output() {
        return output.given();
    }

    /** Returns whether anything was said of an output. */
    boolean hasOutput() {
        return !output.given().isEmpty() || saveJob().isPresent() || summary.json();
    }

    /** Returns the session in which a job of this command runs. */
    JobSession session() {
        return new JobSession(surroundings, summary).saving(saveJob());
    }

    @Override
    public Integer call() {
        return session().run(Job.of(input(), List.of(step()), output()));
    }
}
