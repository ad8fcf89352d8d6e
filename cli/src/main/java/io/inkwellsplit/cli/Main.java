package io.inkwellsplit.cli;

import io.inkwellsplit.table.TableException;
import java.io.OutputStream;
import java.io.OutputStreamWriter;
import java.io.PrintWriter;
import java.nio.charset.StandardCharsets;
import java.util.List;
import org.jspecify.annotations.Nullable;
import picocli.AutoComplete;
import picocli.CommandLine;
import picocli.CommandLine.Command;
import picocli.CommandLine.Help;
import picocli.CommandLine.Help.Ansi.Style;
import picocli.CommandLine.IVersionProvider;
import picocli.CommandLine.ParameterException;

/** The command {@code inkwell}. */
@Command(
        name = "inkwell",
        description = "Splits names and addresses into titled parts, and puts parts back together.",
        subcommands = {
            SurveyCommand.class,
            SplitCommand.class,
            ExplainCommand.class,
            AssembleCommand.class,
            PatternsCommand.class,
            CutCommand.class,
            TakeCommand.class,
            MatchCommand.class,
            MaskCommand.class,
            TidyCommand.class,
            CombineCommand.class,
            GroupCommand.class,
            SortCommand.class,
            ColumnsCommand.class,
            CountCommand.class,
            DuplicatesCommand.class,
            CompareCommand.class,
            RunCommand.class,
            SchemaCommand.class,
            WordsCommand.class,
            DemoCommand.class,
            AutoComplete.GenerateCompletion.class
        },
        mixinStandardHelpOptions = true,
        versionProvider = Main.Version.class,
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
public final class Main {
    /** Weights of type alone: yellow letters are hard to read on a light ground. */
    private static final Help.ColorScheme COLOURS = new Help.ColorScheme.Builder(Help.Ansi.AUTO)
            .commands(Style.bold)
            .options(Style.bold)
            .parameters(Style.bold)
            .optionParams(Style.italic)
            .errors(Style.bold)
            .build();

    private Main() {}

    /** Runs a command and ends the program with its exit code. */
    public static void main(String[] args) {
        StandardOutput standard = new StandardOutput();
        PrintWriter out = visible(standard);
        PrintWriter err = visible(System.err);
        int code = run(out, err, args);
        System.exit(written(standard, out, err, code));
    }

    private static PrintWriter visible(OutputStream to) {
        boolean weights = Help.Ansi.AUTO.enabled();
        return new PrintWriter(new VisibleWriter(new OutputStreamWriter(to, StandardCharsets.UTF_8), weights), true);
    }

    /** Returns the exit code; what was said to nobody has failed, whatever else was done. */
    static int written(StandardOutput standard, PrintWriter out, PrintWriter err, int code) {
        out.flush();
        if (standard.failure().isEmpty() || code != ExitCodes.DONE && code != ExitCodes.SET_ASIDE) {
            return code;
        }
        return failed(standard.failure().get(), err);
    }

    /** Runs a command; returns its exit code. */
    static int run(PrintWriter out, PrintWriter err, String... args) {
        CommandLine line = commandLine(out, err);
        if (args.length == 0) {
            return usage(line);
        }
        List<List<String>> commands = Chain.segments(line, args);
        return commands.size() > 1 ? Chain.execute(line, commands) : line.execute(args);
    }

    static CommandLine commandLine(PrintWriter out, PrintWriter err) {
        return new CommandLine(new Main())
                .setColorScheme(COLOURS)
                .setOut(out)
                .setErr(err)
                .setUsageHelpWidth(Math.max(60, Math.min(110, Terminal.width())))
                .setCaseInsensitiveEnumValuesAllowed(true)
                .setParameterExceptionHandler(Main::badSetting)
                .setExecutionExceptionHandler(Main::failed);
    }

    private static int usage(CommandLine line) {
        line.usage(line.getOut());
        return ExitCodes.SETTING;
    }

    static int badSetting(ParameterException e, String[] args) {
        PrintWriter err = e.getCommandLine().getErr();
        String message = String.valueOf(e.getMessage());
        err.println(message.endsWith(".") ? message : message + ".");
        CommandLine.UnmatchedArgumentException.printSuggestions(e, err);
        err.println("See: " + e.getCommandLine().getCommandSpec().qualifiedName() + " --help");
        return ExitCodes.SETTING;
    }

    static int failed(Exception e, CommandLine line, CommandLine.@Nullable ParseResult result) {
        return failed(e, line.getErr());
    }

    private static int failed(Exception e, PrintWriter err) {
        if (e instanceof TableException table) {
            err.println(table.getMessage());
            return ExitCodes.of(table.problem());
        }
        // Only the place is told, never a value: names and addresses are personal data.
        err.println("This is a fault of the program: " + e.getClass().getSimpleName() + " at "
                + (e.getStackTrace().length > 0 ? e.getStackTrace()[0] : "an unknown place")
                + ". Nothing was written.");
        return ExitCodes.FAULT;
    }

    /** Reads the version from the jar. */
    static final class Version implements IVersionProvider {
        @Override
        public String[] getVersion() {
            String version = Main.class.getPackage().getImplementationVersion();
            return new String[] {"inkwell " + (version == null ? "(not packaged)" : version)};
        }
    }
}
