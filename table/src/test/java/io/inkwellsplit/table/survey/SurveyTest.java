package io.inkwellsplit.table.survey;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import io.inkwellsplit.reading.Kind;
import io.inkwellsplit.table.csv.CsvSource;
import io.inkwellsplit.table.split.ReadColumn;
import io.inkwellsplit.table.split.Splitters;
import java.nio.file.Path;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;

class SurveyTest {
    private static Map<String, Holds> holds(String list) {
        try (CsvSource source = CsvSource.open(Path.of("..", "demo", list))) {
            Map<String, Holds> holds = new LinkedHashMap<>();
            Survey.of(source).columns().forEach(column -> holds.put(column.title(), column.holds()));
            return holds;
        }
    }

    @Test
    void knowsWhatTheDemoListsHold() {
        assertThat(holds("sign-ups.csv"))
                .containsEntry("Sheet", Holds.NUMBERS)
                .containsEntry("Singer", Holds.NAMES)
                .containsEntry("Voice", Holds.CATEGORIES)
                .containsEntry("Returning", Holds.CATEGORIES);
        assertThat(holds("members.csv"))
                .containsEntry("Number", Holds.CODES)
                .containsEntry("Member", Holds.NAMES)
                .containsEntry("Status", Holds.CATEGORIES);
        assertThat(holds("box-office.csv"))
                .containsEntry("Patron", Holds.NAMES)
                .containsEntry("Address", Holds.ADDRESSES)
                .containsEntry("Price", Holds.NUMBERS);
    }

    private static ColumnSurvey column(String... values) {
        ColumnCounter counter = new ColumnCounter(0, "X");
        for (String value : values) {
            counter.add(value);
        }
        return counter.survey();
    }

    @Test
    void tellsOtherColumnsApart() {
        assertThat(column("", " ").holds()).isEqualTo(Holds.BLANKS);
        assertThat(column("Alto; Bass", "Bass", "Alto; Tenor").holds()).isEqualTo(Holds.LISTS);
        assertThat(column("2026-06-01", "1.6.2026").holds()).isEqualTo(Holds.DATES);
        assertThat(column("call before noon on weekdays", "no stairs", "brings her own folder")
                        .holds())
                .isEqualTo(Holds.TEXT);
    }

    @ParameterizedTest
    @org.junit.jupiter.params.provider.CsvSource(
            delimiter = '|',
            value = {
                "Ines Brandt|Aa Aa",
                "BRANDT, I. M.|AA, A. A.",
                "van der Meulen|aa aa Aa",
                "O'Brien 42nd|Aa 9aa",
                "佐藤|aa",
                "12½-b|9½-a"
            })
    void shapesAreShort(String value, String shape) {
        assertThat(ValueShape.of(value)).isEqualTo(shape);
    }

    @Test
    void countsWhatStandsInAColumn() {
        ColumnSurvey survey =
                column(" Ines  Brandt", "INES BRANDT", "“Dot” Brandt", "ines\u00A0brandt", "", "INES BRANDT");
        assertThat(survey.values()).isEqualTo(6);
        assertThat(survey.blanks()).isEqualTo(1);
        assertThat(survey.distinct()).isEqualTo(4);
        assertThat(survey.cases()).containsEntry("capitals", 2L).containsEntry("mixed", 2L);
        assertThat(survey.stray())
                .containsEntry("blanks doubled or at the ends", 1L)
                .containsEntry("curly or pointed quotes", 1L)
                .containsEntry("no-break or odd blanks", 1L);
        assertThat(column("Alto; Bass", "Alto, Bass; Tenor").separators())
                .isEqualTo(Map.of("semicolon", 2L, "comma", 1L));
        assertThat(survey.shapes().get(0).shape()).isEqualTo("AA AA");
        assertThat(survey.shapes().get(0).share()).isEqualTo(0.4);
    }

    @Test
    void tellsHowAColumnIsRead() {
        try (CsvSource source = CsvSource.open(Path.of("..", "demo", "box-office.csv"))) {
            Survey survey = Survey.of(source);
            ColumnReadings patrons = ReadColumn.of(source, survey.columns().get(1), Splitters.standard());
            assertThat(patrons.read()).isEqualTo(149);
            assertThat(patrons.kinds()).containsEntry(Kind.COUPLE, 15L);
            assertThat(patrons.orders().get("given name first")).isGreaterThan(50);
            assertThat(patrons.shapes()).hasSameSizeAs(survey.columns().get(1).shapes());
            assertThat(patrons.shapes().get(0).reading()).startsWith("first ").contains(" | last ");
            ColumnReadings addresses = ReadColumn.of(source, survey.columns().get(2), Splitters.standard());
            assertThat(addresses.layouts().get(0).shape().shape()).isEqualTo("street unit city state postcode");
            assertThat(addresses.layouts().get(0).doubtful()).isPositive();
            assertThat(addresses.layers()).containsOnlyKeys("care_of", "recipient");
            assertThat(addresses.parts()).containsKey("city").doesNotContainKey("care_of");
            assertThat(addresses.countries()).containsKeys("US", "GB");
            assertThat(addresses.doubts().values()).allMatch(count -> count > 0);
            assertThatThrownBy(() -> ReadColumn.of(source, survey.columns().get(0), Splitters.standard()))
                    .hasMessageContaining("holds numbers");
        }
    }

    @Test
    void surveysAreAlwaysTheSame() {
        assertThat(List.of(holds("members.csv"))).isEqualTo(List.of(holds("members.csv")));
    }
}
