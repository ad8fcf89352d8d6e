package io.inkwellsplit.cli;

import io.inkwellsplit.table.Run;
import io.inkwellsplit.table.TableOutput;
import io.inkwellsplit.table.csv.CsvSource;
import io.inkwellsplit.table.step.Step;
import java.io.PrintWriter;
import java.util.List;
import java.util.concurrent.Callable;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Spec;

/** A command that carries one table through steps: into an output, or into a preview where none is named. */
abstract class TableCommand implements Callable<Integer> {
    @Mixin
    InputOptions input = new InputOptions();

    @Mixin
    OutputOptions output = new OutputOptions();

    @Spec
    CommandSpec spec = CommandSpec.create();

    /** Returns the steps that the options ask for. */
    abstract List<? extends Step> steps();

    /** Shows the first rows. */
    abstract void preview(Run run, List<List<String>> rows, PrintWriter to);

    /** Says what was done. */
    abstract void summary(Run run, PrintWriter to);

    @Override
    public Integer call() {
        PrintWriter out = spec.commandLine().getOut();
        PrintWriter err = spec.commandLine().getErr();
        List<? extends Step> steps = steps();
        try (CsvSource source = input.open(err)) {
            Run run = Run.of(source, steps);
            if (output.out == null) {
                PreviewSink sink = new PreviewSink();
                run.into(sink);
                preview(run, sink.first(), out);
                summary(run, out);
                sink.asides().forEach(aside -> err.println("Would be set aside: " + aside + "."));
                out.println("Nothing was written. To write it all: --out FILE");
            } else {
                write(run, source, output.out, output.isStandardOutput() ? err : out);
            }
            return run.setAside() > 0 ? ExitCodes.SET_ASIDE : ExitCodes.DONE;
        }
    }

    private void write(Run run, CsvSource source, String target, PrintWriter to) {
        try (TableOutput file = output.open(target, input, source)) {
            run.into(file);
            output.describe(target, source, run);
            summary(run, to);
            if (!file.extent().isEmpty()) {
                to.println(file.extent());
            }
            if (!output.isStandardOutput()) {
                to.println("Written: " + target);
            }
            if (file.asideFile() != null) {
                to.println("Set aside, with the reason for each row: " + file.asideFile());
            }
        }
    }
}
