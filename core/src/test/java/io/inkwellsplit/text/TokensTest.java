package io.inkwellsplit.text;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
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
