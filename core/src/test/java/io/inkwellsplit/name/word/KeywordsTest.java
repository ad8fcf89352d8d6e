package io.inkwellsplit.name.word;

import static org.assertj.core.api.Assertions.assertThat;

import io.inkwellsplit.text.PhraseTable;
import io.inkwellsplit.text.Tokens;
import java.util.List;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import net.jqwik.api.constraints.CharRange;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class KeywordsTest {
    private static final List<String> WORDS = List.of("deceased", "guardian", "trustee", "executor", "attention");

    private final Keywords keywords = new Keywords(WORDS);

    private long meant(String text) {
        Tokens tokens = new Tokens();
        tokens.read(text);
        return keywords.meant(tokens, 0);
    }

    @Property
    void findsAWordWithOneSlip(
            @ForAll("words") String word,
            @ForAll @IntRange(max = 6) int at,
            @ForAll @CharRange(from = 'a', to = 'z') char c) {
        long wanted = Tokens.hashOfWord(word);
        String head = word.substring(0, at);
        assertThat(meant(head + c + word.substring(at + 1))).as("changed").isEqualTo(wanted);
        assertThat(meant(head + c + word.substring(at))).as("inserted").isEqualTo(wanted);
        assertThat(meant(head + word.substring(at + 1))).as("left out").isEqualTo(wanted);
        String swapped =
                head + word.charAt(at + 1 < word.length() ? at + 1 : at) + word.charAt(at) + tail(word, at + 2);
        if (at + 1 < word.length()) {
            assertThat(meant(swapped)).as("swapped").isEqualTo(wanted);
        }
    }

    private static String tail(String word, int from) {
        return from >= word.length() ? "" : word.substring(from);
    }

    @Provide
    Arbitrary<String> words() {
        return Arbitraries.of(WORDS);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "deacon",
                "carey",
                "estes",
                "trusty",
                "heir",
                "brandt",
                "executive",
                "quillfeather",
                "guard",
                "dead"
            })
    void leavesOtherWordsAlone(String word) {
        assertThat(meant(word)).isEqualTo(PhraseTable.NONE);
    }
}
