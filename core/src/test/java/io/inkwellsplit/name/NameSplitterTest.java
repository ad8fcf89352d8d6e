package io.inkwellsplit.name;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import io.inkwellsplit.reading.Alternative;
import io.inkwellsplit.reading.Doubt;
import io.inkwellsplit.reading.Kind;
import io.inkwellsplit.reading.NamePart;
import io.inkwellsplit.reading.Reading;
import io.inkwellsplit.reading.Reason;
import io.inkwellsplit.reading.Span;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

class NameSplitterTest {
    private final NameSplitter splitter = NameSplitter.standard();

    @Test
    void partsKnowTheirPlaces() {
        Reading<NamePart> reading = splitter.split("Meulen, Odalys van der");
        assertThat(reading.part(NamePart.LAST)).hasValueSatisfying(part -> {
            assertThat(part.text()).isEqualTo("van der Meulen");
            assertThat(part.spans()).containsExactly(new Span(15, 22), new Span(0, 6));
        });
        assertThat(reading.text(NamePart.LAST_PARTICLE)).isEqualTo("van der");
        assertThat(reading.text(NamePart.LAST_CORE)).isEqualTo("Meulen");
        assertThat(reading.part(NamePart.TITLE)).isEmpty();
    }

    @Test
    void announcementsAreInNoPart() {
        Reading<NamePart> reading = splitter.split("Ines Brandt c/o Tobias Wren");
        assertThat(reading.text(NamePart.CARE_OF)).isEqualTo("Tobias Wren");
        assertThat(reading.announcements()).containsExactly(new Span(12, 15));
    }

    @Test
    void doubtsSayWhatIsMissing() {
        assertThat(splitter.split("Odalys").doubts()).contains(Doubt.NO_LAST_NAME);
        assertThat(splitter.split("Quillfeather,").doubts()).contains(Doubt.NO_FIRST_NAME);
        assertThat(splitter.split("Ines Brandt").doubts()).isEmpty();
        assertThat(splitter.split("Ines 77 Brandt").doubts()).contains(Doubt.UNPLACED);
        assertThat(splitter.split("n/a").kind()).isEqualTo(Kind.BLANK);
        assertThat(splitter.split("").kind()).isEqualTo(Kind.BLANK);
    }

    @Test
    void thresholdIsTheUsers() {
        assertThat(splitter.doubtBelow(1).split("Marlow James").doubts()).contains(Doubt.CLOSE_CALL);
        assertThat(splitter.doubtBelow(0).split("Marlow James").doubts()).doesNotContain(Doubt.CLOSE_CALL);
        assertThatThrownBy(() -> splitter.doubtBelow(1.5)).hasMessageContaining("1.5 is not from 0 to 1");
    }

    @Test
    void explainsInWords() {
        List<String> column = Collections.nCopies(40, "MILLER KAREN");
        List<Alternative<NamePart>> alternatives = splitter.learn(column).alternatives("MARLOW JAMES");
        assertThat(alternatives)
                .hasSizeGreaterThan(1)
                .isSortedAccordingTo((a, b) -> Double.compare(b.share(), a.share()));
        assertThat(alternatives.stream().mapToDouble(Alternative::share).sum()).isBetween(0.999, 1.001);
        assertThat(alternatives.get(0).reasons())
                .extracting(Reason::sentence)
                .anyMatch(s -> s.matches("“JAMES” is a given name \\d+ times as often as a family name"))
                .contains("the column writes the family name first");
        assertThat(splitter.alternatives("-"))
                .singleElement()
                .extracting(way -> way.kind())
                .isEqualTo(Kind.BLANK);
    }

    @Test
    void columnTeachesTheOrder() {
        List<String> column = Collections.nCopies(40, "MILLER KAREN");
        assertThat(splitter.learn(column).split("MARLOW JAMES").text(NamePart.FIRST))
                .isEqualTo("JAMES");
        List<String> other = Collections.nCopies(40, "KAREN MILLER");
        assertThat(splitter.learn(other).split("MARLOW JAMES").text(NamePart.FIRST))
                .isEqualTo("MARLOW");
    }

    @Test
    void evidenceMergesInAnyOrder() {
        List<String> column = new ArrayList<>();
        for (String given : List.of("Karen", "Susan", "Robert", "Nancy", "Peter")) {
            for (String family : List.of("Miller", "Okonedo", "van der Meulen", "Wren", "Lindqvist Ltd")) {
                column.add(given + " " + family);
                column.add(family + ", " + given);
            }
        }
        NameEvidence whole = gathered(column);
        Random random = new Random(7);
        for (int i = 0; i < 10; i++) {
            Collections.shuffle(column, random);
            int cut = random.nextInt(column.size());
            NameEvidence left = gathered(column.subList(0, cut));
            NameEvidence right = gathered(column.subList(cut, column.size()));
            right.merge(left);
            assertThat(right.counts.habits()).isEqualTo(whole.counts.habits());
            assertThat(splitter.inLightOf(right).split("Marlow James").confidence())
                    .isEqualTo(splitter.inLightOf(whole).split("Marlow James").confidence());
        }
    }

    private NameEvidence gathered(List<String> values) {
        NameEvidence evidence = new NameEvidence();
        values.forEach(value -> splitter.gather(value, evidence));
        return evidence;
    }

    @Test
    void threadsReadAlike() {
        List<String> names =
                List.of("Ines Brandt", "BRANDT INES M", "Ines & Tobias Brandt", "Harlow & Sons Ltd", "佐藤花子");
        List<String> once =
                names.stream().map(name -> splitter.split(name).toString()).toList();
        List<String> many = Stream.iterate(0, i -> i + 1)
                .limit(2000)
                .parallel()
                .map(i -> splitter.split(names.get(i % names.size())).toString())
                .toList();
        for (int i = 0; i < many.size(); i++) {
            assertThat(many.get(i)).isEqualTo(once.get(i % once.size()));
        }
    }

    @Test
    void readsAVeryLongText() {
        String text = "Ines Brandt, ".repeat(20_000);
        assertThat(splitter.split(text).kind()).isIn(Kind.UNCLEAR, Kind.ORGANISATION);
    }
}
