package io.inkwellsplit.table.kind;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import io.inkwellsplit.table.TableException;
import io.inkwellsplit.table.TableException.Problem;
import io.inkwellsplit.table.kind.Values.Given;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

class ValuesTest {
    private static final List<Setting> SETTINGS = List.of(
            Setting.text("column", "COLUMN", "The column.").needed(),
            Setting.text("at", "TEXT", "A separator.").severalTimes(),
            Setting.list("parts", "KEYS", "Parts."),
            Setting.flag("trim", "Trim."),
            Setting.whole("into", "N", "How many."),
            Setting.decimal("below", "NUMBER", "A number."),
            Setting.choice("fill", "SIDE", "A side.", List.of("left", "right")),
            Setting.input("words", "FILE", "Words.", "the file of words"));

    private static Values values(String... pairs) {
        List<Given> given = new ArrayList<>();
        for (String pair : pairs) {
            int equals = pair.indexOf('=');
            given.add(new Given(pair.substring(0, equals), pair.substring(equals + 1)));
        }
        return Values.of("cut", SETTINGS, given);
    }

    private enum Side {
        LEFT,
        RIGHT
    }

    @Test
    void everyTypeIsRead() {
        Values values = values(
                "column=Voices",
                "at=;",
                "at=/",
                "parts=first,last",
                "parts=middle",
                "trim=true",
                "into=3",
                "below=0.5",
                "fill=Right",
                "words=own.txt");
        assertThat(values.text("column")).contains("Voices");
        assertThat(values.texts("at")).containsExactly(";", "/");
        assertThat(values.texts("parts")).containsExactly("first", "last", "middle");
        assertThat(values.isSet("trim")).isTrue();
        assertThat(values.whole("into")).hasValue(3);
        assertThat(values.decimal("below")).hasValue(0.5);
        assertThat(values.choice("fill", Side.LEFT)).isEqualTo(Side.RIGHT);
        assertThat(values.file("words")).contains(Path.of("own.txt"));
        assertThat(values.files("words")).containsExactly(Path.of("own.txt"));
        assertThat(values.isFlag("trim")).isTrue();
        assertThat(values.isFlag("into")).isFalse();
        assertThat(values.isDeclared("nose")).isFalse();
        assertThat(values.given()).hasSize(10).first().isEqualTo(new Given("column", "Voices"));
        assertThat(values)
                .hasToString("column=Voices, at=;, at=/, parts=first,last, parts=middle, trim=true, into=3, "
                        + "below=0.5, fill=Right, words=own.txt");
    }

    @Test
    void whatIsNotSetIsEmpty() {
        Values values = values("column=Voices", "trim=false");
        assertThat(values.isSet("trim")).isFalse();
        assertThat(values.text("at")).isEmpty();
        assertThat(values.texts("parts")).isEmpty();
        assertThat(values.whole("into")).isEmpty();
        assertThat(values.decimal("below")).isEmpty();
        assertThat(values.choice("fill", Side.LEFT)).isEqualTo(Side.LEFT);
        assertThat(values.file("words")).isEmpty();
        assertThatThrownBy(() -> values.text("nose")).isInstanceOf(IllegalArgumentException.class);
    }

    @Test
    void oneIsSetToOthers() {
        Values values = values("column=Voices", "at=;");
        assertThat(values.with("at", List.of("/", "|")).texts("at")).containsExactly("/", "|");
        assertThat(values.with("at", List.of())).isEqualTo(values("column=Voices"));
        assertThat(values.with("at", List.of(";"))).hasSameHashCodeAs(values);
        assertThatThrownBy(() -> values.with("column", List.of())).isInstanceOf(TableException.class);
    }

    @ParameterizedTest(name = "{0}")
    @CsvSource(delimiter = '|', textBlock = """
            column=A;colum=B       | cut has no setting "colum"; did you mean column?
            column=A;zzzzz=B       | cut has no setting "zzzzz"; there are column, at, parts
            column=A;column=B      | column is set twice
            at=/                   | cut needs column: the column
            column=A;trim=perhaps  | trim is true or false, not "perhaps"
            column=A;into=many     | into takes a whole number, not "many"
            column=A;into=3.5      | into takes a whole number, not "3.5"
            column=A;into=99999999999 | into takes a whole number, not "99999999999"
            column=A;below=half    | below takes a number such as 0.95, not "half"
            column=A;fill=letf     | fill is one of left, right, not "letf"; did you mean left?
            """)
    void whatCannotBeIsRefused(String given, String sentence) {
        assertThatThrownBy(() -> values(given.split(";")))
                .isInstanceOfSatisfying(
                        TableException.class, e -> assertThat(e.problem()).isEqualTo(Problem.SETTING))
                .hasMessageContaining(sentence);
    }

    @Test
    void oneOfSeveralHasToBeSet() {
        StepKind take = StepKinds.named("take");
        Given column = new Given("column", "A");
        assertThatThrownBy(() -> Values.of(take, List.of(column)))
                .hasMessageContaining("take takes one of piece, words, characters, before, after, and not several");
        assertThatThrownBy(() -> Values.of(take, List.of(column, new Given("piece", "1"), new Given("words", "2"))))
                .hasMessageContaining("and not several");
        assertThat(Values.of(take, List.of(column, new Given("piece", "1"))).whole("piece"))
                .hasValue(1);
    }

    static Stream<StepKind> kinds() {
        return StepKinds.all().stream();
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("kinds")
    void everyKindDeclaresItselfWell(StepKind kind) {
        assertThat(StepKinds.named(kind.name())).isSameAs(kind);
        assertThat(kind.description()).endsWith(".");
        assertThat(kind.example()).startsWith(kind.name() + " ");
        Set<String> names = new HashSet<>();
        for (Setting setting : kind.settings()) {
            assertThat(names.add(setting.name())).as(setting.name()).isTrue();
            assertThat(setting.name()).matches("[a-z]+(-[a-z]+)*");
            assertThat(setting.description())
                    .as(setting.name())
                    .matches("(?s)[A-Z].*\\.")
                    .doesNotContain("--");
            assertThat(setting.label().isEmpty()).isEqualTo(setting.type() == Setting.Type.FLAG);
            assertThat(setting.isFile()).isEqualTo(!setting.file().isEmpty());
            assertThat(setting.choices().isEmpty()).isEqualTo(setting.type() != Setting.Type.CHOICE);
        }
        assertThat(names).containsAll(kind.oneOf());
    }

    @Test
    void aKindThatIsNotThereIsRefusedWithTheNearest() {
        assertThatThrownBy(() -> StepKinds.named("sotr")).hasMessageContaining("did you mean sort?");
        assertThatThrownBy(() -> StepKinds.named("zzzzzz")).hasMessageContaining("there are split, assemble, cut");
    }
}
