package io.inkwellsplit.bench;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import io.inkwellsplit.reading.Doubt;
import io.inkwellsplit.reading.Kind;
import io.inkwellsplit.reading.NamePart;
import io.inkwellsplit.reading.Reading;
import io.inkwellsplit.reading.ReadingBuilder;
import io.inkwellsplit.training.Labelled;
import java.util.EnumSet;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.Test;

/** Figures are what was counted. */
class ScoreTest {
    private static Reading<NamePart> reading(double confidence, Doubt... doubts) {
        ReadingBuilder<NamePart> builder = new ReadingBuilder<>(NamePart.values());
        builder.start("Ines Brandt", Kind.PERSON);
        Set<Doubt> all = EnumSet.noneOf(Doubt.class);
        all.addAll(Set.of(doubts));
        return builder.build(confidence, all);
    }

    private static Labelled gold(String format, Map<String, String> parts) {
        return new Labelled("Ines Brandt", format, parts);
    }

    @Test
    void countsRowsPartsAndFormats() {
        Score score = new Score();
        Map<String, String> right = Map.of("first", "Ines", "last", "Brandt");
        score.add(gold("plain", right), reading(0.95), right);
        score.add(gold("plain", right), reading(0.95), Map.of("first", "Ines"));
        score.add(gold("comma", right), reading(0.45, Doubt.CLOSE_CALL), Map.of("last", "Ines", "middle", "x"));
        score.add(gold("comma", right), reading(0.45, Doubt.UNPLACED), right);
        assertThat(score.row("names")).isEqualTo("| names | 4 | 50.00 % | 66.67 % | 25.0 % | 0.2500 |");
        assertThat(score.formats()).contains("| comma | 2 | 50.00 % |", "| plain | 2 | 50.00 % |");
        assertThat(score.parts())
                .contains("| first | 4 | 75.00 % |", "| last | 4 | 50.00 % |", "| middle | 1 | 0.00 % |");
        assertThat(score.wrong()).hasSize(2);
        assertThat(score.wrong().get(0)).startsWith("SURE     plain");
        assertThat(score.wrong().get(1)).startsWith("flagged  comma");
    }

    @Test
    void theErrorOfTheConfidenceIsItsDistanceFromTheTruth() {
        Score score = new Score();
        Map<String, String> right = Map.of("last", "Brandt");
        for (int i = 0; i < 10; i++) {
            score.add(gold("x", right), reading(0.9), i < 9 ? right : Map.of());
        }
        assertThat(score.calibrationError()).isCloseTo(0, within(1e-9));
        score.add(gold("x", right), reading(1), Map.of());
        assertThat(score.calibrationError()).isCloseTo(1.0 / 11, within(1e-9));
    }
}
