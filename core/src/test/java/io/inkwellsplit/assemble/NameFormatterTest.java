package io.inkwellsplit.assemble;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import io.inkwellsplit.assemble.NameStyle.Order;
import io.inkwellsplit.reading.NamePart;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

/** Expectations are worked out by hand from the patterns of the locale data. */
class NameFormatterTest {
    private static final Map<String, PersonName> PEOPLE = Map.of(
            "odalys",
            person("Dr.", "Odalys", "Wren", "van der Meulen", "", "Dot", "PhD").language(Locale.forLanguageTag("nl")),
            "hanako",
            person("", "花子", "", "佐藤", "", "", "").language(Locale.JAPANESE),
            "ines",
            person("", "Inés", "", "Prado Villarreal", "Villarreal", "", "").language(Locale.forLanguageTag("es")),
            "ansa",
            person("", "アンサ", "", "マルッティラ", "", "", "").language(Locale.forLanguageTag("fi")),
            "ilka",
            person("Dr.", "Ilka", "Réka", "Varjas", "", "", "").language(Locale.forLanguageTag("hu")),
            "mono",
            person("", "Ysolde", "", "", "", "Sol", ""),
            "marija",
            person("", "Мария", "Ивановна", "Соколова", "", "", ""));

    private static PersonName known(String who) {
        return Objects.requireNonNull(PEOPLE.get(who));
    }

    private static PersonName person(
            String title, String first, String middle, String last, String second, String nickname, String letters) {
        return PersonName.of(Map.of(
                NamePart.TITLE,
                title,
                NamePart.FIRST,
                first,
                NamePart.MIDDLE,
                middle,
                NamePart.LAST,
                last,
                NamePart.LAST_SECOND,
                second,
                NamePart.NICKNAME,
                nickname,
                NamePart.CREDENTIALS,
                letters));
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            en    | odalys | long-formal            | Dr. Odalys Wren van der Meulen, PhD
            en    | odalys | medium-formal          | Odalys W. van der Meulen, PhD
            en    | odalys | short-formal           | O.W. van der Meulen
            en    | odalys | long-informal          | Dot van der Meulen
            en    | odalys | sorting-long-formal    | Meulen, Odalys Wren van der
            en    | odalys | addressing-long-formal | Dr. van der Meulen
            en    | odalys | addressing-informal    | Dot
            en    | odalys | monogram-long-formal   | OWV
            en    | odalys | surname_first-short-formal | van der Meulen O.W.
            en-AU | odalys | short-formal           | O.W. van der Meulen
            de    | odalys | short-formal           | O. W. van der Meulen
            nl-BE | odalys | addressing-long-formal | Dr. van der Meulen
            es    | ines   | long-formal            | Inés Prado Villarreal
            es    | ines   | medium-formal          | Inés Prado Villarreal
            es    | ines   | sorting-long-formal    | Prado Villarreal, Inés
            en    | ines   | long-formal            | Inés Prado Villarreal
            ja    | hanako | long-formal            | 佐藤花子
            en    | hanako | long-formal            | 佐藤花子
            ja    | ansa   | long-formal            | アンサ・マルッティラ
            ja    | odalys | short-formal           | O.W. van der Meulen
            hu    | ilka   | long-formal            | Varjas Ilka Réka
            hu    | ilka   | sorting-short-formal   | Varjas, I. R.
            en    | ilka   | short-formal           | I.R. Varjas
            ru    | marija | short-formal           | М. И. Соколова
            en    | marija | short-formal           | М. И. Соколова
            en    | mono   | short-formal           | Ysolde
            en    | mono   | monogram-short-formal  | Y
            en    | mono   | long-informal          | Sol
            tlh   | mono   | long-formal            | Ysolde
            """)
    void writesNamesAsTheLanguageDoes(String locale, String who, String style, String expected) {
        assertThat(NameFormatter.in(Locale.forLanguageTag(locale)).format(known(who), NameStyle.parse(style)))
                .isEqualTo(expected);
    }

    @Test
    void aPersonsOwnOrderStands() {
        PersonName ilka = known("ilka").order(Order.SURNAME_FIRST);
        assertThat(NameFormatter.in(Locale.ENGLISH).format(ilka, NameStyle.parse("short-formal")))
                .isEqualTo("Varjas I.R.");
    }

    static List<String> locales() {
        return NameFormatter.locales();
    }

    /** Every pattern of every locale compiles, and writes somebody's name with nothing left open or doubled. */
    @ParameterizedTest
    @MethodSource("locales")
    void everyLocaleWritesEveryStyle(String tag) {
        NameFormatter formatter = NameFormatter.in(Locale.forLanguageTag(tag));
        for (Order order : Order.values()) {
            for (String length : new String[] {"long", "medium", "short"}) {
                for (String usage : new String[] {"referring", "addressing", "monogram"}) {
                    for (String formality : new String[] {"formal", "informal"}) {
                        NameStyle style = NameStyle.parse(order.name() + "-" + length + "-" + usage + "-" + formality);
                        PEOPLE.forEach((who, name) -> assertThat(formatter.format(name, style))
                                .as("%s %s %s", tag, style, who)
                                .isNotBlank()
                                .doesNotContain("{", "}", "  ", ", ,", "()")
                                .doesNotStartWith(",")
                                .doesNotEndWith(","));
                    }
                }
            }
        }
    }

    @Test
    void knowsAllLocales() {
        assertThat(NameFormatter.locales()).hasSize(145).contains("en", "zh-Hant-HK", "und");
        assertThatThrownBy(() -> NameStyle.parse("lnog")).hasMessageContaining("\"lnog\" is no word of a style");
    }
}
