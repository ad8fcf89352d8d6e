package io.inkwellsplit.text;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class TokensTest {
    private final Tokens tokens = new Tokens();

    @ParameterizedTest
    @CsvSource(delimiter = '=', quoteCharacter = '`', textBlock = """
            Ines Brandt           = Ines|Brandt
            Dr.Ines Brandt        = Dr.|Ines|Brandt
            J.R. Brandt           = J.|R.|Brandt
            Mary-Ann O'Brien      = Mary-Ann|O'Brien
            O' Brien              = O'|Brien
            Jaap 't Hart          = Jaap|'t|Hart
            Dorothea 'Dot' Marrow = Dorothea|'|Dot|'|Marrow
            Brandt,Ines           = Brandt|,|Ines
            c/o Wren              = c|/|o|Wren
            12½ N Main St         = 12½|N|Main|St
            Flat 2/1              = Flat|2|/|1
            62701-1234            = 62701-1234
            山田太郎                = 山|田|太|郎
            צה"ל                  = צה"ל
            Ines -- Brandt        = Ines|-|-|Brandt
            """)
    void cutsWords(String text, String expected) {
        tokens.read(text);
        StringBuilder found = new StringBuilder();
        for (int i = 0; i < tokens.count(); i++) {
            found.append(i == 0 ? "" : "|").append(text, tokens.start(i), tokens.end(i));
        }
        assertThat(found).hasToString(expected);
    }

    @ParameterizedTest
    @CsvSource({"Müller, MULLER", "O'Brien, obrien", "Mary-Ann, maryann", "Ｉｎｅｓ, ines", "Łódź, lodz", "Ph.D, ph"})
    void comparesWithoutCaseAccentsAndSigns(String a, String b) {
        tokens.read(a);
        long hash = tokens.hash(0);
        tokens.read(b);
        assertThat(tokens.hash(0)).isEqualTo(hash);
        assertThat(Tokens.hashOfWord("x")).isNotEqualTo(hash);
    }

    @ParameterizedTest(name = "{0}")
    @CsvSource(delimiter = '|', quoteCharacter = '`', textBlock = """
            Ines Brandt          | WORD WORD
            12 Main St.          | NUMBER WORD WORD
            12b                  | NUMBER
            (Dot)                | OPEN WORD CLOSE
            "Dot"                | QUOTE WORD QUOTE
            Tom & Ines           | WORD AND WORD
            Tom + Ines           | WORD AND WORD
            a, b                 | WORD COMMA WORD
            a / b                | WORD MARK WORD
            #5                   | MARK NUMBER
            """)
    void tellsWhatEachIs(String text, String kinds) {
        tokens.read(text);
        StringBuilder found = new StringBuilder();
        for (int i = 0; i < tokens.count(); i++) {
            found.append(i == 0 ? "" : " ").append(tokens.kind(i));
        }
        assertThat(found).hasToString(kinds);
    }

    @ParameterizedTest(name = "{0}")
    @CsvSource(delimiter = '|', quoteCharacter = '`', textBlock = """
            J. Brandt    | true  | false
            J Brandt     | true  | false
            Ó Brien      | false | false
            Ó. Brien     | true  | false
            INES Brandt  | false | true
            I            | true  | false
            ÉÉ           | false | true
            Ines         | false | false
            """)
    void tellsInitialsAndCapitals(String text, boolean initial, boolean capitals) {
        tokens.read(text);
        assertThat(tokens.isInitial(0)).isEqualTo(initial);
        assertThat(tokens.isAllCaps(0)).isEqualTo(capitals);
    }

    @Test
    void looksAtOneToken() {
        tokens.read("Mary-Ann O'Brien 12b Ph.D.,x");
        assertThat(tokens.hasHyphen(0)).isTrue();
        assertThat(tokens.hasHyphen(1)).isFalse();
        assertThat(tokens.hasApostrophe(1)).isTrue();
        assertThat(tokens.hasApostrophe(0)).isFalse();
        assertThat(tokens.hasDigit(2)).isTrue();
        assertThat(tokens.hasDigit(1)).isFalse();
        assertThat(tokens.letters(0)).isEqualTo(7);
        assertThat(tokens.letters(2)).isEqualTo(3);
        assertThat(tokens.startsUpper(0)).isTrue();
        assertThat(tokens.isMixedCase()).isTrue();
        assertThat(tokens.isGlued(tokens.count() - 1)).isTrue();
        assertThat(tokens.isGlued(1)).isFalse();
        assertThat(tokens.charAt(0)).isEqualTo('M');
        assertThat(tokens.foldAt(0)).isEqualTo('m');
        tokens.read("INES BRANDT");
        assertThat(tokens.isMixedCase()).isFalse();
        assertThat(tokens.hash(0, 4)).isEqualTo(Tokens.hashOfWord("ines"));
        tokens.correct(0, 5);
        assertThat(tokens.hash(0)).isEqualTo(5);
    }

    @Test
    void aFlatAndItsHouseArePartedAtTheHyphen() {
        tokens.read("4-123 Main St");
        assertThat(tokens.count()).isEqualTo(3);
        assertThat(tokens.cutAtHyphen(0)).isTrue();
        assertThat(tokens.count()).isEqualTo(5);
        assertThat(tokens.text().substring(tokens.start(0), tokens.end(0))).isEqualTo("4");
        assertThat(tokens.kind(1)).isEqualTo(TokenKind.MARK);
        assertThat(tokens.text().substring(tokens.start(2), tokens.end(2))).isEqualTo("123");
        assertThat(tokens.kind(2)).isEqualTo(TokenKind.NUMBER);
        assertThat(tokens.text().substring(tokens.start(3), tokens.end(3))).isEqualTo("Main");
        assertThat(tokens.hash(3)).isEqualTo(Tokens.hashOfWord("main"));
        assertThat(tokens.letters(4)).isEqualTo(2);
        tokens.read("4-b Main St");
        assertThat(tokens.cutAtHyphen(0)).isFalse();
        assertThat(tokens.count()).isEqualTo(3);
    }

    @Test
    void aValueThatIsTooLongHasNoTokens() {
        tokens.read("x ".repeat(256));
        assertThat(tokens.isTooLong()).isFalse();
        assertThat(tokens.count()).isEqualTo(256);
        tokens.read("x ".repeat(257));
        assertThat(tokens.isTooLong()).isTrue();
        tokens.read("x".repeat(4_096));
        assertThat(tokens.isTooLong()).isFalse();
        tokens.read("x".repeat(4_097));
        assertThat(tokens.isTooLong()).isTrue();
        assertThat(tokens.count()).isZero();
        tokens.read("x");
        assertThat(tokens.isTooLong()).isFalse();
    }

    @ParameterizedTest
    @CsvSource({"-, true", "/, true", "|, true", "#, false", "&, false", "%, false"})
    void someSignsOnlySeparate(String sign, boolean separates) {
        tokens.read("Ines " + sign + " Brandt");
        assertThat(tokens.isSeparating(1)).isEqualTo(separates);
        assertThat(tokens.isSlash(1)).isEqualTo(sign.equals("/"));
    }

    @Property
    void readingTwiceGivesTheSame(@ForAll String text) {
        tokens.read(text);
        Tokens other = new Tokens();
        other.read("something else before");
        other.read(text);
        assertThat(other.count()).isEqualTo(tokens.count());
        for (int i = 0; i < tokens.count(); i++) {
            assertThat(other.hash(i)).isEqualTo(tokens.hash(i));
            assertThat(other.kind(i)).isEqualTo(tokens.kind(i));
            assertThat(other.start(i)).isEqualTo(tokens.start(i));
        }
    }

    @Property
    void tokensStandInOrderInsideTheText(@ForAll String text) {
        tokens.read(text);
        int end = 0;
        for (int i = 0; i < tokens.count(); i++) {
            assertThat(tokens.start(i)).isGreaterThanOrEqualTo(end);
            assertThat(tokens.end(i)).isGreaterThan(tokens.start(i));
            end = tokens.end(i);
        }
        assertThat(end).isLessThanOrEqualTo(tokens.text().length());
    }

    @Property
    void phrasesAreFoundAgain(@ForAll("words") List<String> words) {
        String phrase = String.join(" ", words);
        PhraseTable table = table(phrase);
        tokens.read(phrase + " more");
        assertThat(table.longest(tokens, 0, tokens.count())).isEqualTo(words.size());
        assertThat(table.value(tokens, 0, words.size())).isEqualTo(7);
    }

    @net.jqwik.api.Provide
    net.jqwik.api.Arbitrary<List<String>> words() {
        return net.jqwik.api.Arbitraries.strings()
                .alpha()
                .ofMinLength(1)
                .ofMaxLength(8)
                .list()
                .ofMinSize(1)
                .ofMaxSize(4);
    }

    private static PhraseTable table(String phrase) {
        PhraseTable.Builder builder = new PhraseTable.Builder(1);
        builder.put(phrase, 7);
        return builder.build();
    }
}
