package io.inkwellsplit.cli.command;

import io.inkwellsplit.table.job.JobSchema;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Spec;

/** Prints the JSON Schema of job files. */
@Command(
        name = "job-schema",
        description = "Prints the JSON Schema of job files, for an editor that checks YAML.",
        mixinStandardHelpOptions = true)
final class SchemaCommand implements Callable<Integer> {
    @Spec
    CommandSpec spec = CommandSpec.create();

    @Override
    public Integer call() {
        spec.commandLine().getOut().print(JobSchema.json());
        spec.commandLine().getOut().flush();
        return ExitCodes.DONE;
    }
}
