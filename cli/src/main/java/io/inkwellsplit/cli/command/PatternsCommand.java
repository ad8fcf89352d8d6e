package io.inkwellsplit.cli.command;

import io.inkwellsplit.cli.terminal.Terminal;
import io.inkwellsplit.cli.view.RunJson;
import io.inkwellsplit.cli.view.TableView;
import io.inkwellsplit.table.step.PatternSamples;
import java.io.PrintWriter;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.concurrent.Callable;
import org.jspecify.annotations.Nullable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.ParameterException;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

/** Lists the ready-made patterns. */
@Command(
        name = "patterns",
        description = "Shows the ready-made patterns for assemble --ready, each on a sample name; with --locale, the "
                + "styles of that language as well.",
        mixinStandardHelpOptions = true)
final class PatternsCommand implements Callable<Integer> {
    @Parameters(arity = "0..1", paramLabel = "NAME", description = "A name to show them on instead of the sample.")
    String sample = PatternSamples.SAMPLE;

    @Option(names = "--locale", paramLabel = "TAG", description = "A language, such as en, de-AT or ja.")
    @Nullable String locale;

    @Option(names = "--json", description = "Write them as JSON, for machines.")
    boolean json;

    @Spec
    CommandSpec spec = CommandSpec.create();

    @Override
    public Integer call() {
        PrintWriter out = spec.commandLine().getOut();
        Locale language = locale == null ? Locale.ROOT : Locale.forLanguageTag(locale);
        if (locale != null && language.getLanguage().isEmpty()) {
            throw new ParameterException(
                    spec.commandLine(), "\"" + locale + "\" is no language; give a tag such as en, de-AT or zh-Hant");
        }
        if (json) {
            out.println(json(language));
            return ExitCodes.DONE;
        }
        out.println(sample);
        out.println();
        out.println(TableView.of(
                List.of("Name", "Written so", "Splits back", "For"),
                PatternSamples.ready(sample, language),
                Terminal.width()));
        if (locale != null) {
            out.println();
            out.println(TableView.of(
                    List.of("Style (" + locale + ")", "Written so"),
                    PatternSamples.styles(sample, language),
                    Terminal.width()));
        }
        return ExitCodes.DONE;
    }

    private String json(Locale language) {
        Map<String, Object> all = new LinkedHashMap<>();
        PatternSamples.ready(sample, language).forEach(row -> all.put(row.get(0), row.get(1)));
        if (locale != null) {
            PatternSamples.styles(sample, language).forEach(row -> all.put(row.get(0), row.get(1)));
        }
        return RunJson.of(all);
    }
}
