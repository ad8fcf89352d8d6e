package io.inkwellsplit.reading;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ReadingTest {
    private final ReadingBuilder<NamePart> builder = new ReadingBuilder<>(NamePart.values());

    private Reading<NamePart> brandt() {
        builder.start("Brandt,  Ines  Maria c/o Wren", Kind.PERSON);
        builder.add(NamePart.LAST, 0, 6);
        builder.add(NamePart.LAST_CORE, 0, 6);
        builder.add(NamePart.FIRST, 9, 13);
        builder.add(NamePart.MIDDLE, 15, 20);
        builder.addAnnouncement(21, 24);
        builder.add(NamePart.CARE_OF, 25, 29);
        return builder.build(0.5, EnumSet.of(Doubt.CLOSE_CALL));
    }

    @Test
    void partsAreCutOutOfTheSource() {
        Reading<NamePart> reading = brandt();
        assertThat(reading.text(NamePart.FIRST)).isEqualTo("Ines");
        assertThat(reading.text(NamePart.SUFFIX)).isEmpty();
        assertThat(reading.part(NamePart.SUFFIX)).isEmpty();
        assertThat(reading.part(NamePart.LAST)).hasValueSatisfying(part -> {
            assertThat(part.text()).isEqualTo("Brandt");
            assertThat(part.spans()).containsExactly(new Span(0, 6));
        });
        assertThat(reading.parts())
                .extracting(part -> part.key().key())
                .containsExactly("first", "middle", "last", "last_core", "care_of");
        assertThat(reading.plainParts())
                .extracting(part -> part.key().key())
                .containsExactly("first", "middle", "last", "care_of");
        assertThat(reading.announcements()).containsExactly(new Span(21, 24));
        assertThat(reading.confidence()).isEqualTo(0.5);
        assertThat(reading.kind()).isEqualTo(Kind.PERSON);
        assertThat(reading.doubts()).containsExactly(Doubt.CLOSE_CALL);
        assertThatThrownBy(() -> reading.doubts().clear()).isInstanceOf(UnsupportedOperationException.class);
    }

    @Test
    void marksStandFromLeftToRightAndOnce() {
        builder.start("Tom & Ines Brandt", Kind.COUPLE);
        builder.add(NamePart.FIRST, 0, 3);
        builder.add(NamePart.LAST, 11, 17);
        builder.add(NamePart.SECOND_FIRST, 6, 10);
        builder.addAlso(NamePart.SECOND_LAST, NamePart.LAST);
        Reading<NamePart> reading = builder.build(1, Set.of());
        assertThat(reading.text(NamePart.SECOND_LAST)).isEqualTo("Brandt");
        assertThat(reading.marks())
                .extracting(mark -> mark.key().key() + mark.span().start())
                .containsExactly("first0", "second_first6", "last11");
    }

    @ParameterizedTest(name = "[{index}]")
    @CsvSource(delimiter = '|', quoteCharacter = '`', textBlock = """
            `Ines Maria`    | Ines Maria
            `Ines  Maria`   | Ines Maria
            `Ines\tMaria`   | Ines Maria
            `Ines\u00a0Maria` | Ines Maria
            `Inés`          | Inés
            """)
    void blanksOfAPartAreOne(String source, String text) {
        builder.start(source, Kind.PERSON);
        builder.add(NamePart.FIRST, 0, source.length());
        assertThat(builder.build(1, Set.of()).text(NamePart.FIRST)).isEqualTo(text);
    }

    @Test
    void piecesFollowEachOtherWithABlankUnlessTheyTouch() {
        builder.start("太郎 Ines Maria", Kind.PERSON);
        builder.add(NamePart.FIRST, 0, 1);
        builder.add(NamePart.FIRST, 1, 2);
        builder.add(NamePart.MIDDLE, 3, 7);
        builder.add(NamePart.MIDDLE, 8, 13);
        builder.add(NamePart.LAST, 8, 13);
        builder.add(NamePart.LAST, 3, 7);
        Reading<NamePart> reading = builder.build(1, Set.of());
        assertThat(reading.text(NamePart.FIRST)).isEqualTo("太郎");
        assertThat(reading.text(NamePart.MIDDLE)).isEqualTo("Ines Maria");
        assertThat(reading.text(NamePart.LAST)).isEqualTo("Maria Ines");
    }

    @Test
    void equalsAndTellsNoText() {
        Reading<NamePart> reading = brandt();
        assertThat(reading).isEqualTo(brandt()).hasSameHashCodeAs(brandt()).isNotEqualTo("Brandt");
        assertThat(reading.toString())
                .isEqualTo("person first[9-13] middle[15-20] last[0-6] last_core[0-6] care_of[25-29] (0.500)"
                        .replace("[", reading.toString().contains("[9-13]") ? "[" : "["))
                .doesNotContain("Brandt");
        builder.start("Brandt,  Ines  Maria c/o Wren", Kind.PERSON);
        builder.add(NamePart.LAST, 0, 6);
        assertThat(reading).isNotEqualTo(builder.build(0.5, EnumSet.of(Doubt.CLOSE_CALL)));
        builder.start("x", Kind.PERSON);
        Reading<NamePart> half = builder.build(0.5, Set.of());
        assertThat(half).isNotEqualTo(builder.build(0.4, Set.of()));
        assertThat(half).isNotEqualTo(builder.build(0.5, EnumSet.of(Doubt.UNCLEAR)));
        builder.start("x", Kind.UNCLEAR);
        assertThat(half).isNotEqualTo(builder.build(0.5, Set.of()));
        builder.start("x", Kind.PERSON);
        builder.country("DE");
        assertThat(half).isNotEqualTo(builder.build(0.5, Set.of()));
        builder.start("x", Kind.PERSON);
        builder.suggest(NamePart.LAST, "y");
        assertThat(half).isNotEqualTo(builder.build(0.5, Set.of()));
        ReadingBuilder<AddressPart> address = new ReadingBuilder<>(AddressPart.values());
        address.start("x", Kind.PERSON);
        assertThat((Object) half).isNotEqualTo(address.build(0.5, Set.of()));
    }

    @Test
    void aKeyOfAnotherKindHasNoText() {
        Reading<PartKey> any = brandt().ofAnyKind();
        assertThat(any.text(NamePart.LAST)).isEqualTo("Brandt");
        assertThat(any.text(AddressPart.values()[NamePart.LAST.ordinal()])).isEmpty();
        assertThat(any.part(AddressPart.STREET)).isEmpty();
        assertThat(any.ofKind(NamePart.class).text(NamePart.FIRST)).isEqualTo("Ines");
        assertThatThrownBy(() -> any.ofKind(AddressPart.class))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining("AddressPart");
    }

    @Test
    void suggestionsAndCountryGoAlong() {
        ReadingBuilder<AddressPart> address = new ReadingBuilder<>(AddressPart.values());
        address.start("Barre 5641", Kind.ADDRESS);
        address.country("US");
        address.suggest(AddressPart.POSTCODE, "05641");
        address.suggest(AddressPart.STATE, "VT");
        Reading<AddressPart> reading = address.build(1, Set.of());
        assertThat(reading.country()).isEqualTo("US");
        assertThat(reading.suggestions())
                .containsExactly(
                        new Suggestion<>(AddressPart.POSTCODE, "05641"), new Suggestion<>(AddressPart.STATE, "VT"));
        address.start("x", Kind.ADDRESS);
        assertThat(address.build(1, Set.of()).suggestions()).isEmpty();
        assertThat(address.build(1, Set.of()).country()).isEmpty();
    }

    @Test
    void aValueThatIsTooLongIsUnplaced() {
        Reading<NamePart> reading = builder.tooLong("  x y ", NamePart.UNPLACED);
        assertThat(reading.text(NamePart.UNPLACED)).isEqualTo("x y");
        assertThat(reading.part(NamePart.UNPLACED).orElseThrow().spans()).containsExactly(new Span(2, 5));
        assertThat(reading.kind()).isEqualTo(Kind.UNCLEAR);
        assertThat(reading.confidence()).isZero();
        assertThat(reading.doubts()).containsExactly(Doubt.TOO_LONG);
        Reading<NamePart> blank = builder.tooLong(" \u00a0 ", NamePart.UNPLACED);
        assertThat(blank.kind()).isEqualTo(Kind.BLANK);
        assertThat(blank.confidence()).isEqualTo(1);
        assertThat(blank.parts()).isEmpty();
    }

    @Test
    void placesGoTheWayBackToTheValue() {
        builder.start("xxInes", Kind.PERSON, (place, end) -> place + 2);
        builder.add(NamePart.FIRST, 0, 4);
        assertThat(builder.has(NamePart.FIRST)).isTrue();
        assertThat(builder.has(NamePart.LAST)).isFalse();
        assertThat(builder.build(1, Set.of()).text(NamePart.FIRST)).isEqualTo("Ines");
    }

    @Test
    void aBuilderHoldsManyPieces() {
        String source = "x ".repeat(200);
        builder.start(source, Kind.PERSON);
        for (int i = 0; i < 200; i++) {
            builder.add(NamePart.MIDDLE, 2 * i, 2 * i + 1);
        }
        assertThat(builder.build(1, Set.of())
                        .part(NamePart.MIDDLE)
                        .orElseThrow()
                        .spans())
                .hasSize(200);
    }

    @Test
    void spansOverlapWhereTheyShareACharacter() {
        Span span = new Span(2, 5);
        assertThat(List.of(new Span(4, 6), new Span(0, 3), new Span(3, 4), new Span(0, 9)))
                .allMatch(span::overlaps);
        assertThat(List.of(new Span(5, 6), new Span(0, 2))).noneMatch(span::overlaps);
        assertThatThrownBy(() -> new Span(3, 2)).isInstanceOf(IllegalArgumentException.class);
    }
}
