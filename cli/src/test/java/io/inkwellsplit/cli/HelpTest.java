package io.inkwellsplit.cli;

import static org.assertj.core.api.Assertions.assertThat;

import io.inkwellsplit.cli.Inkwell.Result;
import io.inkwellsplit.table.kind.Setting;
import io.inkwellsplit.table.kind.StepKind;
import io.inkwellsplit.table.kind.StepKinds;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** What the help of a command says, and that its example can be pasted. */
class HelpTest {
    private static final Pattern WORD = Pattern.compile("\"([^\"]*)\"|(\\S+)");

    /** An option at the beginning of its own line. */
    private static final Pattern OPTION = Pattern.compile("(?m)^ {2,6}(?:-\\w, )?(--[a-z-]+)");

    private static final Pattern NAMED = Pattern.compile("--[a-z]+(-[a-z]+)*");

    @TempDir
    Path folder;

    static Stream<StepKind> kinds() {
        return StepKinds.all().stream();
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("kinds")
    void showsWhatIsSpecialFirstAndWhatAllHaveBehind(StepKind kind) {
        Result result = new Inkwell(folder).run(kind.name(), "--help");
        assertThat(result.code()).isZero();
        int shared = result.out().indexOf("What all commands on tables have:");
        assertThat(shared).isPositive();
        String special = result.out().substring(result.out().indexOf("[FILE...] "), shared);
        for (Setting setting : kind.settings()) {
            assertThat(special).contains("--" + setting.name());
        }
        assertThat(special).doesNotContain("--replace", "--quiet", "--charset");
        assertThat(result.out().substring(shared))
                .contains("--out", "--replace", "--save-job", "--quiet", "--help", "Example: inkwell " + kind.name());
        assertThat(result.out()).doesNotContain("`");
        assertThat(new Inkwell(folder).run("help", kind.name()).out()).isEqualTo(result.out());
    }

    /** A word with two hyphens in a help text is an option of that command, or of another that the text speaks of. */
    @ParameterizedTest(name = "{0}")
    @MethodSource("kinds")
    void namesOnlyOptionsThatThereAre(StepKind kind) {
        Set<String> options = new HashSet<>(Set.of("--help"));
        for (StepKind one : StepKinds.all()) {
            Matcher option =
                    OPTION.matcher(new Inkwell(folder).run(one.name(), "--help").out());
            while (option.find()) {
                options.add(option.group(1));
            }
        }
        Matcher named =
                NAMED.matcher(new Inkwell(folder).run(kind.name(), "--help").out());
        List<String> unknown = new ArrayList<>();
        while (named.find()) {
            if (!options.contains(named.group())) {
                unknown.add(named.group());
            }
        }
        assertThat(unknown).isEmpty();
    }

    @Test
    void itsExamplesDoWhatTheySay() throws IOException {
        Files.createDirectory(folder.resolve("demo"));
        try (Stream<Path> lists = Files.list(Path.of("..", "demo"))) {
            for (Path list : lists.filter(Files::isRegularFile).toList()) {
                Files.copy(list, folder.resolve("demo").resolve(list.getFileName()));
            }
        }
        for (StepKind kind : StepKinds.all()) {
            Result result = new Inkwell(folder).run(words(kind.example()));
            assertThat(result.code()).as("%s: %s", kind.example(), result.err()).isZero();
            assertThat(result.out()).as(kind.example()).contains("Rows: ");
        }
    }

    private static String[] words(String example) {
        List<String> words = new ArrayList<>();
        Matcher matcher = WORD.matcher(example);
        while (matcher.find()) {
            words.add(matcher.group(1) != null ? matcher.group(1) : matcher.group(2));
        }
        return words.toArray(String[]::new);
    }
}
