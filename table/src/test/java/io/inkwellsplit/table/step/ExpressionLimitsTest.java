package io.inkwellsplit.table.step;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class ExpressionLimitsTest {
    @ParameterizedTest
    @ValueSource(
            strings = {
                "((a{1000}){1000}){1000}",
                "(a{200}){200}",
                "((((a{20}){20}){20}){20})",
                "(?:ab{500}){100}",
                "[a-z(){}]{99}(x{999}){99}"
            })
    void refusesWhatGrowsTooLarge(String expression) {
        assertThatThrownBy(() -> MatchStep.pull("T", expression))
                .hasMessageContaining("too large at character")
                .hasMessageContaining("written out");
    }

    @Test
    void refusesWhatIsTooDeepOrTooLong() {
        assertThatThrownBy(() -> MatchStep.pull("T", "(".repeat(101) + ")".repeat(101)))
                .hasMessageContaining("at character 101: more than 100 brackets");
        assertThatThrownBy(() -> MatchStep.pull("T", "a".repeat(10_001))).hasMessageContaining("the most is 10000");
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "[0-9]{2,3}",
                "(a{10}){10}",
                "\\((\\{9999\\})",
                "[(]{3}",
                "\\Q((((\\Ea{5}",
                "a{,5}",
                "x{1000}",
                "(?<y>[0-9]{4})"
            })
    void takesWhatPeopleWrite(String expression) {
        assertThat(MatchStep.pull("T", expression)).isNotNull();
    }
}
