package io.inkwellsplit.name;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import io.inkwellsplit.reading.NamePart;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** What a column of names is counted to say, in whatever pieces it comes. */
class NameEvidenceTest {
    private static final NameSplitter SPLITTER = NameSplitter.standard();
    private static final List<String> GIVEN = List.of("Ines", "Tobias", "Ada", "Hugh", "Rosa", "Juan");
    private static final List<String> FAMILY = List.of("Brandt", "Okonedo", "Marlow", "Wren", "Copperfield");

    private static List<String> column(boolean familyFirst) {
        List<String> column = new ArrayList<>();
        for (String given : GIVEN) {
            for (String family : FAMILY) {
                column.add(familyFirst ? family + " " + given : given + " " + family);
            }
        }
        return column;
    }

    private static NameEvidence gathered(List<String> column) {
        NameEvidence evidence = SPLITTER.newEvidence();
        column.forEach(value -> SPLITTER.gather(value, evidence));
        return evidence;
    }

    @ParameterizedTest
    @ValueSource(ints = {1, 2, 3})
    void theOrderOfRowsAndTheCutOfTheColumnDoNotMatter(int seed) {
        byte[] whole = gathered(column(true)).toBytes();
        List<String> other = column(true);
        Collections.shuffle(other, new Random(seed));
        NameEvidence left = gathered(other.subList(0, 11));
        NameEvidence middle = gathered(other.subList(11, 12));
        NameEvidence right = gathered(other.subList(12, other.size()));
        right.merge(middle);
        right.merge(left);
        assertThat(right.toBytes()).isEqualTo(whole);
        assertThat(SPLITTER.evidence(whole).toBytes()).isEqualTo(whole);
        assertThat(SPLITTER.inLightOf(SPLITTER.evidence(whole)).split("Xanthe Brandt"))
                .isEqualTo(SPLITTER.learn(column(true)).split("Xanthe Brandt"));
    }

    @Test
    void theOrderOfAColumnDecidesWhatItsWordsDoNot() {
        String unknown = "Aarvo Belmir";
        assertThat(SPLITTER.learn(column(true)).split(unknown).text(NamePart.LAST))
                .isEqualTo("Aarvo");
        assertThat(SPLITTER.learn(column(false)).split(unknown).text(NamePart.LAST))
                .isEqualTo("Belmir");
    }

    @Test
    void aWordIsWhatTheColumnUsesItFor() {
        List<String> column = new ArrayList<>(column(false));
        for (int i = 0; i < 10; i++) {
            column.add(GIVEN.get(i % GIVEN.size()) + " Rosaberg");
        }
        assertThat(SPLITTER.learn(column).split("Rosaberg, Ines").text(NamePart.LAST))
                .isEqualTo("Rosaberg");
    }

    @Test
    void nothingIsAnEmptyEvidence() {
        NameEvidence none = SPLITTER.newEvidence();
        assertThat(none.counts.isEmpty()).isTrue();
        assertThat(gathered(List.of("", "N/A", "-")).counts.isEmpty()).isTrue();
        assertThat(gathered(column(false)).counts.isEmpty()).isFalse();
        assertThat(SPLITTER.inLightOf(none).split("Ines Brandt")).isEqualTo(SPLITTER.split("Ines Brandt"));
    }

    @Test
    void bytesOfAnotherKindAreRefused() {
        byte[] bytes = gathered(column(false)).toBytes();
        for (int length = 0; length < bytes.length; length++) {
            byte[] cut = Arrays.copyOf(bytes, length);
            assertThatThrownBy(() -> SPLITTER.evidence(cut)).isInstanceOf(IllegalArgumentException.class);
        }
        byte[] longer = Arrays.copyOf(bytes, bytes.length + 1);
        assertThatThrownBy(() -> SPLITTER.evidence(longer)).isInstanceOf(IllegalArgumentException.class);
        bytes[0] = 'A';
        assertThatThrownBy(() -> SPLITTER.evidence(bytes)).isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> SPLITTER.evidence(new byte[] {1})).isInstanceOf(IllegalArgumentException.class);
    }
}
