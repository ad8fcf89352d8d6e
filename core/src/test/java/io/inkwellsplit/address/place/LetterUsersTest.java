package io.inkwellsplit.address.place;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.List;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** For which countries a letter speaks. */
class LetterUsersTest {
    private static List<String> users(char letter) {
        return Arrays.stream(Countries.shipped().usersOfLetter(letter))
                .mapToObj(index -> Countries.shipped().get(index).code)
                .toList();
    }

    @ParameterizedTest
    @CsvSource({
        "い, JP", "カ, JP", "한, KR", "県, JP", "县, CN", "ฮ, TH", "ש, IL", "ї, UA", "Ї, UA", "ы, RU", "Ы, RU", "ђ, RS",
        "縣, TW"
    })
    void ofOneCountry(char letter, String code) {
        assertThat(users(letter)).containsExactly(code);
    }

    @ParameterizedTest
    @CsvSource({"国, CN TW HK JP", "ж, RU UA BG RS", "ع, EG SA AE", "ω, GR"})
    void ofAllThatShareAScript(char letter, String codes) {
        assertThat(users(letter)).contains(codes.split(" "));
    }

    @ParameterizedTest
    @CsvSource({"a", "q", "ა", "ก̈"})
    void lettersOfNobodySayNothing(String letter) {
        assertThat(users(letter.charAt(0))).isEqualTo(letter.startsWith("ก") ? List.of("TH") : List.of());
    }
}
