package io.inkwellsplit.text;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.HashMap;
import java.util.Map;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.AlphaChars;
import net.jqwik.api.constraints.Size;
import net.jqwik.api.constraints.StringLength;
import org.junit.jupiter.api.Test;

class PhraseTableTest {
    private final Tokens tokens = new Tokens();

    private int longest(PhraseTable table, String text) {
        tokens.read(text);
        return table.longest(tokens, 0, tokens.count());
    }

    private int value(PhraseTable table, String text) {
        tokens.read(text);
        return table.value(tokens, 0, tokens.count());
    }

    @Test
    void theLongestPhraseIsFound() {
        PhraseTable.Builder builder = new PhraseTable.Builder(1);
        builder.put("New York", 1);
        builder.put("New York City Hall", 2);
        builder.put("York", 3);
        PhraseTable table = builder.build();
        assertThat(longest(table, "new york city hall")).isEqualTo(4);
        assertThat(longest(table, "new york city")).isEqualTo(2);
        assertThat(longest(table, "New")).isZero();
        assertThat(longest(table, "York City")).isEqualTo(1);
        assertThat(longest(table, "City Hall")).isZero();
        assertThat(value(table, "NEW YORK")).isEqualTo(1);
        assertThat(value(table, "New York City")).isEqualTo(PhraseTable.NONE);
        assertThat(value(table, "York")).isEqualTo(3);
        tokens.read("New York City Hall");
        assertThat(table.longest(tokens, 0, 3)).isEqualTo(2);
        assertThat(table.mayEnd(tokens.hash(1))).isTrue();
        assertThat(table.mayEnd(tokens.hash(3))).isTrue();
        assertThat(table.mayEnd(tokens.hash(0))).isFalse();
    }

    @Test
    void bitsAreMergedAndNumbersReplaced() {
        PhraseTable.Builder builder = new PhraseTable.Builder(8);
        builder.merge("van der", 1, 16);
        builder.merge("van der", 2, 32);
        builder.merge("van", 4, 64);
        builder.mergeFirstWord("van den Berg", 8);
        assertThat(builder.get("van der")).isEqualTo(3);
        assertThat(builder.get("van")).isEqualTo(4 | 8 | 16 | 32);
        assertThat(builder.get("van den Berg")).isEqualTo(PhraseTable.NONE);
        assertThat(builder.put("van der", 9)).isEqualTo(3);
        assertThat(value(builder.build(), "van der")).isEqualTo(9);
    }

    @Test
    void aPhraseWithoutWordsIsRefused() {
        PhraseTable.Builder builder = new PhraseTable.Builder(8);
        assertThatThrownBy(() -> builder.put(" ", 1)).isInstanceOf(IllegalArgumentException.class);
    }

    @Test
    void moreIsAddedToACopy() {
        PhraseTable.Builder builder = new PhraseTable.Builder(2);
        builder.put("Barley Ferry", 1);
        PhraseTable before = builder.build();
        PhraseTable.Builder more = before.more();
        for (int i = 0; i < 200; i++) {
            more.put("town" + (char) ('a' + i % 26) + (char) ('a' + i / 26) + " creek", i + 2);
        }
        assertThat(more.get("Barley Ferry")).isEqualTo(1);
        PhraseTable after = more.build();
        assertThat(value(after, "Barley Ferry")).isEqualTo(1);
        assertThat(value(after, "townaa creek")).isEqualTo(2);
        assertThat(longest(after, "townab creek x")).isEqualTo(2);
        assertThat(value(before, "townaa creek")).isEqualTo(PhraseTable.NONE);
        assertThat(longest(before, "Barley Ferry")).isEqualTo(2);
    }

    @Property(tries = 100)
    void whateverIsPutInIsFound(
            @ForAll @Size(max = 300) Map<@AlphaChars @StringLength(min = 1, max = 6) String, Integer> words) {
        PhraseTable.Builder builder = new PhraseTable.Builder(1);
        Map<String, Integer> expected = new HashMap<>();
        words.forEach((word, number) -> {
            int value = number == 0 ? 1 : number;
            expected.put(word.toLowerCase(java.util.Locale.ROOT), value);
            builder.put(word.toLowerCase(java.util.Locale.ROOT), value);
        });
        PhraseTable table = builder.build();
        expected.forEach((word, number) -> {
            tokens.read(word);
            assertThat(table.get(tokens.hash(0))).isEqualTo(number);
            assertThat(table.longest(tokens, 0, 1)).isEqualTo(1);
            assertThat(table.value(tokens, 0, 1)).isEqualTo(number);
        });
        tokens.read("zzzzzzzzz");
        assertThat(table.longest(tokens, 0, 1)).isZero();
    }
}
