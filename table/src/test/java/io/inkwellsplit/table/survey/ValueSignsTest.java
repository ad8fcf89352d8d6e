package io.inkwellsplit.table.survey;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.regex.Pattern;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;

/** What is seen in one pass is what slower ways find. */
class ValueSignsTest {
    @Provide
    Arbitrary<String> texts() {
        return Arbitraries.strings()
                .withChars("aZé ß9٣,;/|&+:.-\t\n\u00A0\u2003ǅ佐'\u0000")
                .ofMaxLength(12)
                .map(String::strip)
                .filter(text -> !text.isEmpty());
    }

    @Property
    void oneLookSeesAll(@ForAll("texts") String text) {
        ValueSigns seen = ValueSigns.of(text);
        assertThat(seen.words()).isEqualTo(text.split("\\s+").length);
        assertThat(seen.hasUpper()).isEqualTo(text.chars().anyMatch(Character::isUpperCase));
        assertThat(seen.hasLower()).isEqualTo(text.chars().anyMatch(Character::isLowerCase));
        assertThat(seen.hasDigit()).isEqualTo(text.chars().anyMatch(Character::isDigit));
        assertThat(seen.hasBlanksInARow()).isEqualTo(text.contains("  "));
        assertThat(seen.isPlain()).isEqualTo(Pattern.matches("[ -~]*", text));
        assertThat(seen.length()).isEqualTo(text.length());
        for (char sign : "aZ9,;/|&+:\n~".toCharArray()) {
            assertThat(seen.has(sign)).as("%s", sign).isEqualTo(text.indexOf(sign) >= 0);
        }
    }

    @Property
    void countsDifferentValuesUpToANumber(@ForAll List<Long> hashes) {
        DistinctValues few = new DistinctValues(5);
        DistinctValues many = new DistinctValues(1_000_000);
        Set<Long> all = new HashSet<>();
        for (long hash : hashes) {
            few.add(hash % 9);
            many.add(hash);
            many.add(hash);
            // Nought stands for an empty place and is kept as one.
            all.add(hash == 0 ? 1 : hash);
        }
        assertThat(many.size()).isEqualTo(all.size());
        assertThat(few.size()).isBetween(Math.min(5, all.isEmpty() ? 0 : 1), 5);
    }

    @Property(tries = 5)
    void countsManyDifferentValues(@ForAll long seed) {
        DistinctValues counted = new DistinctValues(50_000);
        for (int i = 0; i < 60_000; i++) {
            counted.add(seed * 31 + i % 40_000 * 7919L);
        }
        assertThat(counted.size()).isBetween(39_999, 40_000);
    }
}
