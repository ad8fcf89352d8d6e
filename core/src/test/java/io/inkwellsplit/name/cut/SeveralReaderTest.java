package io.inkwellsplit.name.cut;

import static org.assertj.core.api.Assertions.assertThat;

import io.inkwellsplit.Accounted;
import io.inkwellsplit.name.NameSplitter;
import io.inkwellsplit.reading.Kind;
import io.inkwellsplit.reading.NamePart;
import io.inkwellsplit.reading.Reading;
import java.util.List;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Lists of people, and one reading of each. */
class SeveralReaderTest {
    private static final NameSplitter SPLITTER = NameSplitter.standard();

    private static String plain(Reading<NamePart> person) {
        return List.of(NamePart.TITLE, NamePart.FIRST, NamePart.MIDDLE, NamePart.LAST, NamePart.SUFFIX).stream()
                .map(person::text)
                .filter(text -> !text.isEmpty())
                .collect(Collectors.joining("_"));
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', quoteCharacter = '`', textBlock = """
            Ada Thorne; Neil Harrow; Tom Brandt            | several | Ada_Thorne Neil_Harrow Tom_Brandt
            Ada Thorne, Neil Harrow, Tom Brandt            | several | Ada_Thorne Neil_Harrow Tom_Brandt
            Ada Thorne, Neil Harrow, and Tom Brandt        | several | Ada_Thorne Neil_Harrow Tom_Brandt
            Ada Thorne & Neil Harrow & Tom Brandt          | several | Ada_Thorne Neil_Harrow Tom_Brandt
            Thorne, Ada; Harrow, Neil B.; Brandt, Tom      | several | Ada_Thorne Neil_B._Harrow Tom_Brandt
            Dr. Ada Thorne; Mr. Neil Harrow; Tom Brandt Jr. | several | Dr._Ada_Thorne Mr._Neil_Harrow Tom_Brandt_Jr.
            Ada, Neil and Tom Harrow                       | several | Ada_Harrow Neil_Harrow Tom_Harrow
            Ada, Neil, Tom & Rosa van der Meulen           | several | Ada_van der Meulen Neil_van der Meulen Tom_van der Meulen Rosa_van der Meulen
            Harrow, Ada, Neil & Tom                        | several | Ada_Harrow Neil_Harrow Tom_Harrow
            Thorne, Ada; Harrow, Neil                      | couple  | Ada_Thorne Neil_Harrow
            Ada Thorne<br>Neil Harrow                      | couple  | Ada_Thorne Neil_Harrow
            Ada & Neil Harrow                              | couple  | Ada_Harrow Neil_Harrow
            Mr. & Mrs. Neil and Ada Harrow                 | couple  | Mr._Neil_Harrow Mrs._Ada_Harrow
            Neil Harrow and his wife, Ada Harrow           | couple  | Neil_Harrow Ada_Harrow
            Ada Thorne                                     | person  | Ada_Thorne
            """)
    void eachPersonCanBeHad(String text, String kind, String people) {
        Reading<NamePart> reading = SPLITTER.split(text);
        assertThat(reading.kind().key()).isEqualTo(kind);
        assertThat(Accounted.problem(text, reading)).isEmpty();
        assertThat(SPLITTER.people(reading).stream()
                        .map(SeveralReaderTest::plain)
                        .collect(Collectors.joining(" ")))
                .isEqualTo(people);
    }

    @Test
    void theOthersStandWholeAndAsWritten() {
        Reading<NamePart> reading = SPLITTER.split("Ada Thorne; Neil Harrow;  Prof. Tom  Brandt; Brandt, Rosa");
        assertThat(reading.text(NamePart.OTHERS)).isEqualTo("Prof. Tom Brandt; Brandt, Rosa");
        assertThat(reading.text(NamePart.SECOND_LAST)).isEqualTo("Harrow");
        assertThat(SPLITTER.split("Ada Thorne et al.").text(NamePart.OTHERS)).isEqualTo("et al.");
    }

    @Test
    void whatStandsAroundIsKeptWithEach() {
        List<Reading<NamePart>> people =
                SPLITTER.people(SPLITTER.split("Ada & Neil Harrow c/o Quay Hall Ltd, tel. 01632 960001"));
        assertThat(people).hasSize(2).allSatisfy(person -> {
            assertThat(person.kind()).isEqualTo(Kind.PERSON);
            assertThat(person.text(NamePart.CARE_OF)).isEqualTo("Quay Hall Ltd");
            assertThat(person.text(NamePart.PHONE)).isEqualTo("01632 960001");
            assertThat(person.text(NamePart.LAST_CORE)).isEqualTo("Harrow");
            assertThat(person.text(NamePart.SECOND_FIRST)).isEmpty();
        });
    }

    /** Firms, and one person with commas. */
    @ParameterizedTest
    @ValueSource(
            strings = {
                "Harrow, Brandt, Thorne & Marrow",
                "Harrow, Brandt, Thorne and Marrow LLP",
                "Thorne, Ada, Dr.",
                "Brandt, Tobias, Jr., PhD",
                "Thorne, Ada & Neil",
                "Wexcombe, Ada and Neil B",
                "van der Meulen, Ada B., M.D.",
                "Ada Thorne, MD, PhD, RN"
            })
    void commasAloneMakeNoList(String text) {
        assertThat(SPLITTER.split(text).kind()).isNotEqualTo(Kind.SEVERAL);
    }

    @Test
    void aPersonIsTheOnlyOne() {
        Reading<NamePart> reading = SPLITTER.split("Harrow Ltd");
        assertThat(SPLITTER.people(reading)).containsExactly(reading);
        Reading<NamePart> blank = SPLITTER.split("n/a");
        assertThat(SPLITTER.people(blank)).containsExactly(blank);
    }
}
