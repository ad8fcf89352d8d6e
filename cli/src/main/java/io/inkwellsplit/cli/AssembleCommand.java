package io.inkwellsplit.cli;

import io.inkwellsplit.table.Run;
import io.inkwellsplit.table.step.AssembleStep;
import io.inkwellsplit.table.step.Step;
import java.io.PrintWriter;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;
import picocli.CommandLine.ParameterException;

/** Makes new columns from patterns over columns. */
@Command(
        name = "assemble",
        description = "Makes new columns from patterns, such as \"Index={last}, {first}\".",
        mixinStandardHelpOptions = true)
final class AssembleCommand extends TableCommand {
    @Option(
            names = "--make",
            paramLabel = "TITLE=PATTERN",
            required = true,
            description = "A new column and its pattern; repeatable. {last} is a part or a column by its title, "
                    + "{first-initial} its first letter.")
    List<String> patterns = new ArrayList<>();

    @Override
    List<? extends Step> steps() {
        Map<String, String> byTitle = new LinkedHashMap<>();
        for (String pattern : patterns) {
            int equals = pattern.indexOf('=');
            if (equals <= 0) {
                throw new ParameterException(
                        spec.commandLine(),
                        "--make takes a title, an equals sign and a pattern, not \"" + pattern + "\"");
            }
            if (byTitle.put(pattern.substring(0, equals), pattern.substring(equals + 1)) != null) {
                throw new ParameterException(
                        spec.commandLine(), "The title \"" + pattern.substring(0, equals) + "\" is made twice");
            }
        }
        return List.of(AssembleStep.of(byTitle));
    }

    @Override
    void preview(Run run, List<List<String>> rows, PrintWriter to) {
        int from = run.header().size() - patterns.size();
        List<String> titles = run.header().subList(from, run.header().size());
        to.println(TableView.of(
                titles, rows.stream().map(row -> row.subList(from, row.size())).toList(), Terminal.width()));
        to.println();
    }

    @Override
    void summary(Run run, PrintWriter to) {
        to.println("Rows: " + run.rows() + (run.setAside() > 0 ? ", set aside: " + run.setAside() : "")
                + ", new columns: " + patterns.size());
    }
}
