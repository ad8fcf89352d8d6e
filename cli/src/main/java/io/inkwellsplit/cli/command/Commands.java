package io.inkwellsplit.cli.command;

import io.inkwellsplit.cli.terminal.Surroundings;
import io.inkwellsplit.cli.terminal.Terminal;
import io.inkwellsplit.table.kind.StepKind;
import io.inkwellsplit.table.kind.StepKinds;
import java.nio.file.Path;
import java.util.List;
import picocli.AutoComplete;
import picocli.CommandLine;
import picocli.CommandLine.Command;
import picocli.CommandLine.Help;
import picocli.CommandLine.Help.Ansi.Style;
import picocli.CommandLine.IVersionProvider;

/** The command {@code inkwell} with all commands below it. */
@Command(
        name = "inkwell",
        description = "Splits names and addresses into titled parts, and puts parts back together.",
        mixinStandardHelpOptions = true,
        versionProvider = Commands.Version.class,
        synopsisSubcommandLabel = "COMMAND",
        exitCodeListHeading = "%nExit codes:%n",
        exitCodeList = {
            "0:Done.",
            "1:A fault of the program itself.",
            "2:A command, an option, a column or a pattern cannot be used.",
            "3:Done, but some rows were set aside.",
            "4:An input cannot be read.",
            "5:An output cannot be written, or is there already.",
            "6:Whoever read the output has gone."
        },
        footer = {
            "",
            "Several commands can follow one another on one table:",
            "  inkwell cut FILE --column Voices next sort --by Voices --out sorted.csv",
            "",
            "NO_COLOR in the environment turns bold letters off; COLUMNS tells how wide the terminal is.",
            "",
            "Start with: inkwell demo"
        })
public final class Commands {
    /** Weights of type alone: yellow letters are hard to read on a light ground. */
    private static final Help.ColorScheme COLOURS = new Help.ColorScheme.Builder(Help.Ansi.AUTO)
            .commands(Style.bold)
            .options(Style.bold)
            .parameters(Style.bold)
            .optionParams(Style.italic)
            .errors(Style.bold)
            .build();

    private Commands() {}

    /** Runs a command, or several that follow one another; returns the exit code. */
    public static int run(Surroundings surroundings, String... args) {
        CommandLine line = line(surroundings);
        if (args.length == 0) {
            line.usage(line.getOut());
            return ExitCodes.SETTING;
        }
        List<List<String>> commands = Chain.segments(line, args);
        return commands.size() > 1 ? Chain.execute(surroundings, commands) : line.execute(args);
    }

    /** Returns the parser of the command line. */
    public static CommandLine line(Surroundings surroundings) {
        CommandLine line = new CommandLine(new Commands());
        line.addSubcommand(new SurveyCommand(surroundings));
        line.addSubcommand(new SplitCommand(surroundings).spec());
        line.addSubcommand(new ExplainCommand(surroundings));
        for (StepKind kind : StepKinds.all()) {
            if (!kind.name().equals("split")) {
                line.addSubcommand(new StepCommand(kind, surroundings).spec());
            }
            if (kind.name().equals("assemble")) {
                line.addSubcommand(new PatternsCommand());
            }
        }
        line.addSubcommand(new CompareCommand(surroundings));
        line.addSubcommand(new RunCommand(surroundings));
        line.addSubcommand(new SchemaCommand());
        line.addSubcommand(new PartsCommand());
        line.addSubcommand(new WordsCommand());
        line.addSubcommand(new DemoCommand(surroundings));
        line.addSubcommand(new AutoComplete.GenerateCompletion());
        line.addSubcommand(new CommandLine.HelpCommand());
        return line.registerConverter(Path.class, surroundings::path)
                .setColorScheme(COLOURS)
                .setOut(surroundings.out())
                .setErr(surroundings.err())
                .setUsageHelpWidth(Math.max(60, Math.min(110, Terminal.width())))
                .setCaseInsensitiveEnumValuesAllowed(true)
                .setParameterExceptionHandler(Failures::badSetting)
                .setExecutionExceptionHandler((e, command, result) -> Failures.failed(e, command.getErr()));
    }

    /** Reads the version from the jar. */
    static final class Version implements IVersionProvider {
        @Override
        public String[] getVersion() {
            String version = Commands.class.getPackage().getImplementationVersion();
            return new String[] {"inkwell " + (version == null ? "(not packaged)" : version)};
        }
    }
}
