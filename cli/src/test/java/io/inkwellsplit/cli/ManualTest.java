package io.inkwellsplit.cli;

import static org.assertj.core.api.Assertions.assertThat;

import io.inkwellsplit.cli.command.Commands;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import picocli.CommandLine;
import picocli.CommandLine.Model.OptionSpec;
import picocli.codegen.docgen.manpage.ManPageGenerator;

/**
 * Holds the manual to the commands: {@code docs/man} has a page for each, in AsciiDoc, and what {@code man} shows made of it.
 * With {@code -Dmanual.write=true} the AsciiDoc is written anew instead; {@code scripts/manual} does that, and the rest.
 */
class ManualTest {
    private static final Path MANUAL = Path.of("..", "docs", "man");

    @TempDir
    Path folder;

    @Test
    void everyCommandHasItsPage() throws IOException {
        CommandLine line = Commands.line(Inkwell.nowhere());
        // As wide as it is on every terminal.
        line.setUsageHelpWidth(100);
        line.getCommandSpec().versionProvider(null).version("inkwell");
        ManPageGenerator.generateManPage(folder.toFile(), null, new boolean[0], false, line.getCommandSpec());
        List<Path> made;
        try (Stream<Path> files = Files.list(folder)) {
            made = files.sorted().toList();
        }
        assertThat(made).hasSizeGreaterThan(line.getSubcommands().size());
        for (Path page : made) {
            String name = String.valueOf(page.getFileName());
            if (Boolean.getBoolean("manual.write")) {
                Files.copy(page, MANUAL.resolve(name), StandardCopyOption.REPLACE_EXISTING);
            }
            assertThat(MANUAL.resolve(name)).as(name).hasSameTextualContentAs(page);
        }
    }

    @Test
    void manShowsEveryOption() throws IOException {
        for (CommandLine command :
                Commands.line(Inkwell.nowhere()).getSubcommands().values()) {
            String page = Files.readString(MANUAL.resolve("inkwell-" + command.getCommandName() + ".1"))
                    .replace("\\", "");
            assertThat(command.getCommandSpec().options().stream().map(OptionSpec::longestName))
                    .as(command.getCommandName())
                    .allMatch(page::contains);
        }
    }
}
