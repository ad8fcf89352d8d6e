package io.inkwellsplit.table;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import io.inkwellsplit.table.part.PartColumns;
import io.inkwellsplit.table.part.PartTitles;
import io.inkwellsplit.table.split.SplitStep;
import io.inkwellsplit.table.step.AssembleStep;
import io.inkwellsplit.table.step.PatternSamples;
import java.util.List;
import java.util.Locale;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

class AssembleStepTest {
    private static final List<String> HEADER = List.of(
            "No", "Date", "Title", "First name", "Last name", "Nickname", "Street", "City", "State", "Postcode");
    private static final List<String> ROW = List.of(
            "007", "2026-06-01", "DR.", "INES", "VAN DER MEULEN", "", "5 ELM ST", "Grass Valley", "CA", "05641");

    private static String made(AssembleStep step) {
        List<String> out = step.bind(HEADER).apply(ROW);
        assertThat(out.subList(0, ROW.size())).isEqualTo(ROW);
        return out.get(out.size() - 1);
    }

    @ParameterizedTest
    @CsvSource(delimiter = '¦', quoteCharacter = '`', textBlock = """
            {No} of {Date}                         ¦ 007 of 2026-06-01
            {No}{? "{nickname}"} \\{{Postcode}\\}  ¦ 007 {05641}
            {nickname|first|"friend"}              ¦ INES
            {first-tidy} {surname-core-tidy}       ¦ Ines Meulen
            {given-initial} {surname-allCaps}      ¦ I. VAN DER MEULEN
            {Last name-lower} {state}              ¦ van der meulen CA
            {call} {own_last}                      ¦ INES VAN DER MEULEN
            """)
    void fillsPatternsFromAnyColumns(String pattern, String expected) {
        assertThat(made(AssembleStep.builder().pattern("New", pattern).build())).isEqualTo(expected);
    }

    @Test
    void makesReadyOnesStylesAndLabels() {
        AssembleStep step = AssembleStep.builder()
                .tidyCase()
                .homeCountry("US")
                .ready("full")
                .ready("Entry", "index-core")
                .ready("label")
                .ready("one-line")
                .locale("de")
                .style("German", "short-formal")
                .pattern("Initials", "{first-initial} {last-initial}")
                .build();
        List<String> out = step.bind(HEADER).apply(ROW);
        assertThat(step.bind(HEADER).header().subList(HEADER.size(), out.size()))
                .containsExactly("Full name", "Entry", "Label", "Address in one line", "German", "Initials");
        assertThat(out.subList(HEADER.size(), out.size()))
                .containsExactly(
                        "Dr. Ines van der Meulen",
                        "Meulen, Ines van der",
                        "Dr. Ines van der Meulen\n5 Elm St\nGrass Valley, CA 05641",
                        "5 Elm St, Grass Valley, CA 05641",
                        "I. van der Meulen",
                        "I. v. d. M.");
    }

    @ParameterizedTest
    @CsvSource(delimiter = '¦', textBlock = """
            {Nickname    ¦ at character 1: a { without its }
            {Nickmane}   ¦ at character 2: {Nickmane} is no known field; did you mean {Nickname}?
            {first-intial} ¦ -intial is no modifier
            """)
    void refusesBrokenPatternsWithTheirPlace(String pattern, String message) {
        AssembleStep step = AssembleStep.builder().pattern("New", pattern).build();
        assertThatThrownBy(() -> step.bind(HEADER))
                .isInstanceOf(TableException.class)
                .hasMessageContaining(message);
    }

    @Test
    void refusesWhatCannotBeMade() {
        AssembleStep.Builder builder = AssembleStep.builder();
        assertThatThrownBy(() -> builder.ready("indx")).hasMessageContaining("did you mean index?");
        assertThatThrownBy(() -> builder.style("X", "tall")).hasMessageContaining("no word of a style");
        assertThatThrownBy(() -> builder.locale("!")).hasMessageContaining("is no language");
        assertThatThrownBy(() -> builder.homeCountry("Atlantis").ready("label")).hasMessageContaining("no country");
        assertThatThrownBy(() -> builder.pattern("X", "a").pattern("X", "b")).hasMessageContaining("made twice");
        AssembleStep full = AssembleStep.builder().ready("full").build();
        assertThatThrownBy(() -> full.bind(List.of("Patron"))).hasMessageContaining("split first");
    }

    /** Whatever vocabulary the titles are from, the parts are found again. */
    @ParameterizedTest
    @EnumSource(PartTitles.class)
    void findsPartsByTitlesOfEveryVocabulary(PartTitles titles) {
        List<String> header = SplitStep.builder()
                .name("Patron")
                .address("Address")
                .titles(titles)
                .build()
                .bind(List.of("Patron", "Address"))
                .header();
        assertThat(header).doesNotHaveDuplicates();
        PartColumns columns = PartColumns.of(header);
        assertThat(columns.hasNames() && columns.hasAddresses()).isTrue();
        AssembleStep step = AssembleStep.builder()
                .pattern("New", "{title}{first}{middle}{last}{suffix}{street}{unit}{city}{state}{postcode}{country}")
                .build();
        assertThat(step.bind(header).header()).endsWith("New");
        assertThat(PartTitles.named(titles.key().toUpperCase(Locale.ROOT))).contains(titles);
    }

    @Test
    void samplesShowEveryPattern() {
        List<List<String>> rows = PatternSamples.ready(PatternSamples.SAMPLE, Locale.ROOT);
        assertThat(rows)
                .hasSizeGreaterThan(20)
                .allMatch(row -> !row.get(1).isEmpty() && !row.get(3).isEmpty());
        assertThat(PatternSamples.styles(PatternSamples.SAMPLE, Locale.GERMAN))
                .contains(List.of("short-formal", "O. W. van der Meulen"));
        assertThat(PatternSamples.ready("Ines and Tobias Brandt", Locale.ENGLISH)
                        .toString())
                .contains("Ines and Tobias Brandt");
    }
}
