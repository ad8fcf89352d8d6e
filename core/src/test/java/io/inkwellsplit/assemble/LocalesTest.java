package io.inkwellsplit.assemble;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Locale;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Which locale inherits from which, and in which script it writes. */
class LocalesTest {
    private final Locales locales = Locales.shipped();

    private LocaleNames names(String tag) {
        return locales.names(Locale.forLanguageTag(tag));
    }

    @ParameterizedTest
    @CsvSource({
        "de-LU, de",
        "en-AU, en-AU",
        "fr-XX, fr",
        "xx, und",
        "'', und",
        "pt-BR, pt",
        "zh-TW, zh-Hant",
        "zh-Hant-HK, zh-Hant-HK"
    })
    void aLocaleWithoutItsOwnInherits(String tag, String from) {
        assertThat(names(tag)).isSameAs(names(from));
    }

    @ParameterizedTest
    @CsvSource({
        "de, Latn",
        "ru, Cyrl",
        "ja, Jpan",
        "zh, Hans",
        "zh-TW, Hant",
        "sr, Cyrl",
        "sr-Latn, Latn",
        "xx, Latn",
        "el, Grek"
    })
    void aLocaleHasItsScript(String tag, String script) {
        assertThat(locales.script(Locale.forLanguageTag(tag))).isEqualTo(script);
    }

    @ParameterizedTest
    @CsvSource({"Cyrl, ru", "Jpan, ja", "Hant, zh", "Grek, el", "Xxxx, en"})
    void aScriptStandsForALanguage(String script, String language) {
        assertThat(locales.ofScript(script).getLanguage()).isEqualTo(language);
        assertThat(locales.ofScript(script).getScript()).isEqualTo(script);
    }

    @Test
    void theSearchForAnOrderGoesFromTheNarrowToTheWide() {
        assertThat(locales.chain(Locale.forLanguageTag("zh-TW")))
                .containsExactly("zh-Hant-TW", "zh-TW", "zh-Hant", "zh", "und-Hant-TW", "und-TW", "und-Hant", "und");
        assertThat(locales.chain(Locale.ROOT)).startsWith("und-Latn", "und");
    }

    @Test
    void keysAreSortedAndLead() {
        assertThat(locales.keys()).isSorted().contains("en", "ja", "und").hasSizeGreaterThan(140);
        assertThat(NameFormatter.locales()).isEqualTo(locales.keys());
    }
}
