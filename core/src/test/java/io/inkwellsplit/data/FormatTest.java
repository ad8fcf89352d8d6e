package io.inkwellsplit.data;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import io.inkwellsplit.data.Format.Column;
import io.inkwellsplit.data.Resources.Line;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** A data file that holds anything else than its format says is refused, with file and line. */
class FormatTest {
    private static final Format FORMAT = Format.NONE
            .distinct("words", Column.TEXT)
            .optional("numbers", Column.TEXT, Column.NUMBER)
            .optional("lists", Column.CODE, Column.TEXTS)
            .optional("rest", Column.ANY, Column.YES_OR_NO, Column.ANYS);

    private static List<Line> lines(String text) {
        List<Line> lines = new ArrayList<>();
        for (String line : text.replace('~', '\n').replace('|', '\t').split("\n")) {
            lines.add(new Line("file.txt", lines.size() + 1, line));
        }
        return lines;
    }

    @ParameterizedTest
    @CsvSource(delimiter = '!', textBlock = """
            [words]~quay~[wrods]~x                  ! file.txt, line 4: the section [wrods] is unknown
            [words]~quay~[wrods]                    ! file.txt: the section [wrods] is unknown
            [words]~quay~[words]~x                  ! file.txt, line 3: the section [words] stands twice
            quay~[words]~x                          ! file.txt, line 1: a line before the first section
            [numbers]~x|1                           ! file.txt: the section [words] is missing or empty
            [words]                                 ! file.txt: the section [words] is missing or empty
            [words]~quay~quay                       ! file.txt, line 3: "quay" stands twice
            [words]~quay|x                          ! file.txt, line 2: there are 2 columns, not 1
            [words]~quay~[numbers]~x                ! file.txt, line 4: there are 1 columns, not 2
            [words]~quay~[numbers]~x|y              ! file.txt, line 4: column 2, "y", is no number
            [words]~quay~[numbers]~x|1|2            ! file.txt, line 4: there are 3 columns, not 2
            [words]~quay~[lists]~US                 ! file.txt, line 4: there are 1 columns, not 2 or more
            [words]~quay~[lists]~us|x               ! file.txt, line 4: column 1, "us", is no code
            [words]~quay~[lists]~US|x||z            ! file.txt, line 4: column 3, "", is no texts
            [words]~quay~[rest]~x|perhaps|y         ! file.txt, line 4: column 2, "perhaps", is no yes_or_no
            """)
    void refuses(String text, String message) {
        assertThatThrownBy(() -> FORMAT.read("file.txt", lines(text)))
                .isInstanceOf(IllegalStateException.class)
                .hasMessage(message);
    }

    @ParameterizedTest
    @CsvSource({
        "[words]~quay, 1",
        "[words]~quay~pier~[numbers]~x|-1.5~y|2E-3, 2",
        "[words]~quay~[lists]~US|x|y|z~[rest]~x|yes|y, 1"
    })
    void takesWhatIsDeclared(String text, int words) {
        assertThat(FORMAT.read("file.txt", lines(text)).get("words")).hasSize(words);
    }

    @Test
    void aSectionIsDeclaredOnce() {
        assertThatThrownBy(() -> FORMAT.optional("words", Column.TEXT)).hasMessageContaining("is declared twice");
        assertThatThrownBy(() -> Format.NONE.required("", Column.TEXT).lines("empty.txt", List.of()))
                .hasMessage("empty.txt: there are no lines");
    }
}
