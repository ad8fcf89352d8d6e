package io.inkwellsplit.tidy;

import static org.assertj.core.api.Assertions.assertThat;

import io.inkwellsplit.data.Resources;
import io.inkwellsplit.data.Resources.Line;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class TidyCaseTest {
    @ParameterizedTest
    @ValueSource(strings = {"names", "organisations", "addresses"})
    void writesHardCases(String kind) {
        TidyCase tidy = kind.equals("names")
                ? TidyCase.names()
                : kind.equals("addresses") ? TidyCase.addresses() : TidyCase.organisations();
        List<Line> lines = Objects.requireNonNull(
                Resources.sections(TidyCaseTest.class, "tidy-cases.txt").get(kind));
        assertThat(lines).hasSizeGreaterThan(10).allSatisfy(line -> {
            Locale language = Locale.forLanguageTag(line.fields().length > 1 ? line.fields()[1] : "");
            String text = line.fields()[0];
            assertThat(tidy.in(language).apply(text.toUpperCase(language))).isEqualTo(text);
            assertThat(tidy.in(language).apply(text.toLowerCase(language))).isEqualTo(text);
        });
    }

    @Test
    void leavesMixedCaseAloneUnlessAsked() {
        assertThat(TidyCase.names().apply("deSouza")).isEqualTo("deSouza");
        assertThat(TidyCase.names().evenIfMixed().apply("Ines BRANDT")).isEqualTo("Ines Brandt");
        assertThat(TidyCase.organisations().apply("CITY OF DUNMERE")).isEqualTo("City of Dunmere");
        assertThat(TidyCase.organisations().apply("HARLOW & SONS LLC")).isEqualTo("Harlow & Sons LLC");
    }

    @Property
    void changesNothingButCase(@ForAll String text) {
        String tidy = TidyCase.names().apply(text);
        assertThat(tidy).hasSameSizeAs(text);
        assertThat(tidy.equalsIgnoreCase(text)).isTrue();
        assertThat(TidyCase.addresses().apply(text)).isEqualToIgnoringCase(text);
    }
}
