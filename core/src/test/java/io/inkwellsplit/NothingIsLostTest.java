package io.inkwellsplit;

import static org.assertj.core.api.Assertions.assertThat;

import io.inkwellsplit.address.AddressSplitter;
import io.inkwellsplit.name.NameSplitter;
import io.inkwellsplit.reading.Reading;
import java.text.Normalizer;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;

/** Whatever the text: no letter or digit of it is lost, none is in two parts, and the same text reads the same. */
class NothingIsLostTest {
    private static final List<String> PIECES = List.of(
            "Ines",
            "Brandt",
            "van",
            "der",
            "Meulen",
            "Dr.",
            "Mr.",
            "&",
            "and wife",
            "c/o",
            "Estate of",
            "Trust",
            "dtd",
            "Jr.",
            "III",
            "PhD",
            "M.D.",
            ",",
            ",",
            " ",
            " ",
            "(",
            ")",
            "\"",
            "'",
            "née",
            "Ltd",
            "et ux",
            "trustee of the",
            "†",
            "%",
            "佐",
            "藤",
            "김",
            "N/A",
            "@",
            "ada@quay.example",
            "tel.",
            "01632 960001",
            "+44 (0)1632",
            "she/her",
            "f/k/a",
            "d/b/a",
            "Neil",
            "Tom Harrow",
            "and",
            ";",
            "|",
            "1.",
            "b.",
            "12/03/1951",
            "(1951-2019)",
            "c/oHarrow",
            "Mrs.",
            "-",
            ".",
            "12",
            "½",
            "JR",
            "O'",
            "'t",
            "St",
            "Main",
            "Apt",
            "#",
            "B",
            "PO Box",
            "CO",
            "05641",
            "VT05641",
            "O5641",
            " / ",
            "mail only",
            "unknown",
            "SW1A 2AA",
            "Kent",
            "UK",
            "\n",
            "RR 2",
            "Flat 2/1",
            "\u00A0",
            "🎵",
            "®",
            "Ⅳ",
            "𐀀B",
            "か\u3099",
            "葛\uDB40\uDD00城",
            "👩\u200D👧",
            "👍🏽",
            "e\u0301",
            "€",
            "+",
            "°",
            "Unit",
            "No",
            "Shop",
            "\uD800",
            "\u0301",
            "\u0344",
            "·",
            "…",
            "§");

    @Property(tries = 3000)
    void anyTextAsName(@ForAll String text) {
        check(text, NameSplitter.standard().split(text));
    }

    @Property(tries = 3000)
    void anyTextAsAddress(@ForAll String text) {
        check(text, AddressSplitter.standard().split(text));
    }

    @Property(tries = 6000)
    void likelyTextAsName(@ForAll("likely") String text) {
        check(text, NameSplitter.standard().split(text));
    }

    @Property(tries = 6000)
    void likelyTextAsAddress(@ForAll("likely") String text) {
        check(text, AddressSplitter.standard().split(text));
    }

    /** Arbitrary text seldom holds what is seldom written: marks, pairs, symbols, numbers of other kinds. */
    @Property(tries = 4000)
    void oddCharactersAsNameAndAddress(@ForAll("odd") String text) {
        check(text, NameSplitter.standard().split(text));
        check(text, AddressSplitter.standard().split(text));
    }

    /** A value reads the same whether its letters are one character each or several. */
    @Property(tries = 2000)
    void decomposedTextReadsAsComposedTextDoes(@ForAll("accented") String text) {
        String apart = Normalizer.normalize(text, Normalizer.Form.NFD);
        assertThat(texts(NameSplitter.standard().split(apart)))
                .isEqualTo(texts(NameSplitter.standard().split(text)));
        assertThat(texts(AddressSplitter.standard().split(apart)))
                .isEqualTo(texts(AddressSplitter.standard().split(text)));
    }

    private static Map<String, String> texts(Reading<?> reading) {
        return reading.parts().stream()
                .collect(Collectors.toMap(
                        part -> part.key().key(), part -> Normalizer.normalize(part.text(), Normalizer.Form.NFC)));
    }

    @Provide
    Arbitrary<String> accented() {
        return Arbitraries.of(
                        "Éva",
                        "É.",
                        "Ó",
                        "Zoë",
                        "Núñez",
                        "d'Ávila",
                        "김",
                        "민준",
                        "ガブリエル",
                        "Đặng",
                        "née",
                        "Йосип",
                        "Ñ",
                        "12",
                        "Straße",
                        "Überlingen",
                        "Ørsted",
                        "Ångström",
                        "São",
                        "Paulo",
                        ",",
                        "(",
                        ")",
                        "Dr.",
                        "75001",
                        "3º")
                .list()
                .ofMaxSize(6)
                .map(words -> Normalizer.normalize(String.join(" ", words), Normalizer.Form.NFC));
    }

    @Provide
    Arbitrary<String> odd() {
        Arbitrary<Integer> codePoints = Arbitraries.oneOf(
                Arbitraries.integers().between(0x20, 0x24F),
                Arbitraries.integers().between(0x300, 0x36F),
                Arbitraries.integers().between(0x1100, 0x11FF),
                Arbitraries.integers().between(0x2000, 0x33FF),
                Arbitraries.integers().between(0xF900, 0xFFFF),
                Arbitraries.integers().between(0x10000, 0x1F9FF),
                Arbitraries.integers().between(0xE0100, 0xE01EF));
        Arbitrary<String> odd = codePoints.map(Character::toString);
        return Arbitraries.oneOf(odd, odd, Arbitraries.of(PIECES), Arbitraries.of("", " "))
                .list()
                .ofMaxSize(8)
                .map(pieces -> String.join("", pieces));
    }

    @Provide
    Arbitrary<String> likely() {
        return Arbitraries.of(PIECES)
                .list()
                .ofMaxSize(12)
                .map(pieces -> String.join(" ", pieces))
                .flatMap(text -> Arbitraries.of(text, text.replace(" ", "")));
    }

    private static void check(String text, Reading<?> reading) {
        assertThat(Accounted.problem(text, reading))
                .as("\"%s\" in %s", text, reading)
                .isEmpty();
    }
}
