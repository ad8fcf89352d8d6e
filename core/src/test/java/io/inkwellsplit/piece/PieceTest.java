package io.inkwellsplit.piece;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import io.inkwellsplit.hide.Mask;
import io.inkwellsplit.hide.Pseudonyms;
import io.inkwellsplit.piece.Cutter.Blanks;
import io.inkwellsplit.piece.Cutter.Empty;
import io.inkwellsplit.piece.Cutter.From;
import io.inkwellsplit.piece.Cutter.Respect;
import io.inkwellsplit.piece.Cutter.Runs;
import io.inkwellsplit.tidy.Tidying;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.List;
import java.util.Set;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class PieceTest {
    private static Cutter cutter(String words) {
        Set<String> set = Set.of(words.strip().split(" +"));
        Cutter cutter = Cutter.at(
                set.contains("any")
                        ? new String[] {",", ";", "+", "|"}
                        : new String[] {set.contains("pair") ? ", " : ","});
        cutter = set.contains("once") ? cutter.runs(Runs.CUT_ONCE) : cutter;
        cutter = set.contains("drop") ? cutter.empty(Empty.DROP) : cutter;
        cutter = set.contains("trim") ? cutter.blanks(Blanks.TRIM) : cutter;
        cutter = set.contains("one") ? cutter.atMost(1, set.contains("right") ? From.RIGHT : From.LEFT) : cutter;
        return set.contains("both")
                ? cutter.respecting(Respect.BOTH)
                : set.contains("quotes")
                        ? cutter.respecting(Respect.QUOTES)
                        : set.contains("brackets") ? cutter.respecting(Respect.BRACKETS) : cutter;
    }

    /** Pieces are shown with a slash between them. */
    @ParameterizedTest
    @CsvSource(delimiter = '¦', ignoreLeadingAndTrailingWhitespace = false, textBlock = """
            plain¦a,b,c¦a/b/c
            plain¦a,,c,¦a//c/
            plain¦abc¦abc
            pair¦Alto, Bass,Tenor¦Alto/Bass,Tenor
            any¦a,b;c+d|e¦a/b/c/d/e
            any once¦a,;b¦a/b
            once¦,a,,b,¦/a/b/
            once drop¦,a,,b,¦a/b
            drop¦a,,b¦a/b
            trim¦ a , b ¦a/b
            trim drop¦ a , , b ¦a/b
            one¦a,b,c¦a/b,c
            one right¦a,b,c¦a,b/c
            one once¦a,,b,,c¦a/b,,c
            quotes¦a,"b,c",d¦a/"b,c"/d
            quotes¦a,“b,c”,d¦a/“b,c”/d
            quotes¦a,"b,c¦a/"b/c
            brackets¦a (b,[c,d]),e¦a (b,[c,d])/e
            brackets¦a (b,c¦a (b/c
            quotes¦a (b,c),d¦a (b/c)/d
            brackets¦a "b,c",d¦a "b/c"/d
            both¦a,"b,c",(d,e),f¦a/"b,c"/(d,e)/f
            plain¦a,"b,c"¦a/"b/c"
            plain¦a,b,c,d,e,f,g,h,i,j,k,l,m,n,o,p,q,r,s,t¦a/b/c/d/e/f/g/h/i/j/k/l/m/n/o/p/q/r/s/t
            any¦a,b,c,d,e,f,g,h,i,j,k,l,m,n,o,p,q,r,s,t¦a/b/c/d/e/f/g/h/i/j/k/l/m/n/o/p/q/r/s/t
            """)
    void cuts(String words, String text, String pieces) {
        assertThat(cutter(words).cut(text)).containsExactly(pieces.split("/", -1));
    }

    @Test
    void ofTwoSeparatorsThatFitTheLongerOneCuts() {
        Cutter cutter = Cutter.at(",", ", and ", ", ");
        assertThat(cutter.separators()).containsExactly(", and ", ", ", ",");
        assertThat(cutter.cut("Alto, Bass,Tenor, and Treble")).containsExactly("Alto", "Bass", "Tenor", "Treble");
    }

    @Test
    void emptyValuesAndBadSettings() {
        assertThat(Cutter.at(",").atMost(0, From.LEFT).cut("a,b")).containsExactly("a,b");
        assertThatThrownBy(() -> Take.pieces(Cutter.at(","), 0, 1))
                .hasMessageContaining("0 is not the number of a piece");
        assertThatThrownBy(() -> Take.pieces(Cutter.at(","), 1, 0))
                .hasMessageContaining("0 is not the number of a piece");
        assertThatThrownBy(() -> Take.characters(0, 1)).hasMessageContaining("0 is not the number of a character");
        assertThatThrownBy(() -> Take.characters(1, 0)).hasMessageContaining("0 is not the number of a character");
        assertThatThrownBy(() -> Take.before(Cutter.at(","), 0))
                .hasMessageContaining("0 is not the number of an occurrence");
        assertThat(LikelySeparator.usual()).contains("; ", ",", " ").doesNotHaveDuplicates();
        assertThat(Cutter.at(",").cut("")).containsExactly("");
        assertThat(Cutter.at(",").empty(Empty.DROP).cut(" ,")).containsExactly(" ");
        assertThat(Cutter.at(",").empty(Empty.DROP).cut("")).isEmpty();
        assertThatThrownBy(() -> Cutter.at("")).hasMessageContaining("separator is empty");
        assertThatThrownBy(() -> Cutter.at(",").atMost(-1, From.LEFT)).hasMessageContaining("give 0 or more");
        assertThatThrownBy(() -> Take.piece(Cutter.at(","), 0)).hasMessageContaining("0 is not the number of a piece");
        assertThatThrownBy(() -> Take.firstWords(0)).hasMessageContaining("give 1 or more");
        assertThatThrownBy(() -> Mask.all().allButLast(-1)).hasMessageContaining("give 0 or more");
        assertThatThrownBy(() -> Pseudonyms.of(new byte[3])).hasMessageContaining("3 bytes");
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', quoteCharacter = '`', textBlock = """
            piece 2           | Alto, Bass, Tenor   | Bass
            piece -1          | Alto, Bass, Tenor   | Tenor
            piece 6           | Alto, Bass, Tenor   | none
            piece 4           | Alto, Bass, Tenor   | none
            piece -3          | Alto, Bass, Tenor   | Alto
            piece -4          | Alto, Bass, Tenor   | none
            pieces 3 3        | Alto, Bass, Tenor   | Tenor
            pieces 1 1        | Alto, Bass, Tenor   | Alto
            pieces 2 -1       | Alto, Bass, Tenor   | Bass, Tenor
            pieces 2 9        | Alto, Bass, Tenor   | Bass, Tenor
            pieces 3 2        | Alto, Bass, Tenor   | none
            first words 2     | Ines Wren Brandt    | Ines Wren
            last words 1      | `Ines Wren Brandt ` | Brandt
            first words 9     | ` Ines Brandt`      | Ines Brandt
            first words 1     | ` `                 | none
            first characters 1 | É́lan              | É́
            last characters 2 | a👨‍👩‍👧b            | 👨‍👩‍👧b
            characters 2 3    | Brandt              | ra
            characters -2 -1  | Brandt              | dt
            characters -6 2   | Brandt              | Br
            characters -7 2   | Brandt              | none
            characters 1 1    | Brandt              | B
            characters 6 9    | Brandt              | t
            characters 7 9    | Brandt              | none
            characters 3 2    | Brandt              | none
            first words 2     | ` Ines Brandt`      | Ines Brandt
            last words 2      | ` Ines Wren Brandt` | Wren Brandt
            first characters 2 | ab                 | ab
            before 2          | a, b, c             | a, b
            before -1         | a, b, c             | a, b
            after 1           | a, b, c             | b, c
            before -3         | a, b, c             | none
            after 3           | a, b, c             | none
            """)
    void takes(String what, String text, String expected) {
        String[] words = what.strip().split(" ");
        int number = Integer.parseInt(words[words.length - 1]);
        int other = words.length > 2 ? Integer.parseInt(words[words.length - 2].replaceAll("[a-z]+", "1")) : 0;
        Cutter comma = Cutter.at(", ");
        Take take =
                switch (words[0] + (words.length > 2 && Character.isLetter(words[1].charAt(0)) ? " " + words[1] : "")) {
                    case "piece" -> Take.piece(comma, number);
                    case "pieces" -> Take.pieces(comma, other, number);
                    case "first words" -> Take.firstWords(number);
                    case "last words" -> Take.lastWords(number);
                    case "first characters" -> Take.firstCharacters(number);
                    case "last characters" -> Take.lastCharacters(number);
                    case "characters" -> Take.characters(other, number);
                    case "before" -> Take.before(comma, number);
                    default -> Take.after(comma, number);
                };
        assertThat(take.orElse("none").from(text)).isEqualTo(expected);
    }

    @Test
    void takesOneAfterAnother() {
        Take initial =
                Take.piece(Cutter.at(";"), 2).then(Take.firstCharacters(1)).orElse("?");
        assertThat(initial.from("Ines;Tobias")).isEqualTo("T");
        assertThat(initial.from("Ines")).isEqualTo("?");
    }

    @Test
    void combinesMasksAndNames() {
        assertThat(Combining.with(", ").join(List.of("a", "", "b"))).isEqualTo("a, , b");
        assertThat(Combining.with(", ").skipBlanks().around("(", ")").join(List.of("a", " ", "007")))
                .isEqualTo("(a, 007)");
        assertThat(Combining.with(", ").skipBlanks().around("(", ")").join(List.of(" ")))
                .isEmpty();
        assertThat(Mask.digits().allButLast(4).apply("+1 555-0101 x")).isEqualTo("+* ***-0101 x");
        assertThat(Mask.letters().apply("José O’Brien 7")).isEqualTo("**** *’***** 7");
        assertThat(Mask.all().with('#').allButLast(2).apply("e\u0301a1b")).isEqualTo("###1b");
        Pseudonyms names = Pseudonyms.of("a key that nobody guesses".getBytes(StandardCharsets.UTF_8));
        assertThat(names.of("Ines Brandt"))
                .hasSize(12)
                .isEqualTo(names.of(" INES BRANDT "))
                .isNotEqualTo(names.of("Ines Brand"))
                .isNotEqualTo(Pseudonyms.of(new byte[16]).of("Ines Brandt"));
        assertThat(names.of(" ")).isEmpty();
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', quoteCharacter = '`', textBlock = """
            spaces    | `  Ines   Brandt ` | Ines Brandt
            no-break  | `Ines\u00A0Brandt` | Ines Brandt
            controls  | `Ines\u200BBr\u0007andt` | InesBrandt
            quotes    | `“Dot” O’Brien`    | `"Dot" O'Brien`
            dashes    | `1990–95`          | 1990-95
            unicode   | `Jose\u0301`       | José
            name-case | MCELROY            | McElroy
            address-case | 5 NE 42ND ST    | 5 NE 42nd St
            upper     | Ines               | INES
            lower     | Ines               | ines
            """)
    void tidies(String kind, String text, String expected) {
        Tidying tidying = Arrays.stream(Tidying.values())
                .filter(each -> each.key().equals(kind.strip()))
                .findFirst()
                .orElseThrow();
        assertThat(tidying.apply(text)).isEqualTo(expected);
        assertThat(tidying.apply(expected)).isEqualTo(expected);
    }

    @ParameterizedTest
    @CsvSource(delimiter = '¦', ignoreLeadingAndTrailingWhitespace = false, textBlock = """
            a, b¦c, d¦, ¦1.0
            a,b¦c,d e¦,¦1.0
            a b; c d¦x y¦; ¦0.5
            a b¦c d¦ ¦1.0
            ab¦cd¦,¦0.0
            é€¦€é¦,¦0.0
            a b-c¦a b-c¦-¦1.0
            a b; c¦a b¦; ¦0.5
            """)
    void findsTheSeparator(String one, String other, String separator, double fit) {
        assertThat(LikelySeparator.of(List.of(one, "", other))).isEqualTo(new LikelySeparator(separator, fit));
    }

    @Provide
    Arbitrary<String> lists() {
        return Arbitraries.strings().withChars(",; ab\"()[]é\u0301").ofMaxLength(40);
    }

    @Property
    void gluingWhatWasCutGivesTheSourceBack(@ForAll("lists") String text, @ForAll @IntRange(max = 3) int cuts) {
        assertThat(Combining.with(",").join(Cutter.at(",").cut(text))).isEqualTo(text);
        for (From from : From.values()) {
            assertThat(Combining.with(", ")
                            .join(Cutter.at(", ").atMost(cuts, from).cut(text)))
                    .isEqualTo(text);
        }
        for (Respect respect : Respect.values()) {
            assertThat(Combining.with(",")
                            .join(Cutter.at(",").respecting(respect).cut(text)))
                    .isEqualTo(text);
        }
    }

    @Property
    void cuttingNeverInventsCharacters(@ForAll String text) {
        Cutter cutter =
                Cutter.at(" ", "a", "ab").runs(Runs.CUT_ONCE).empty(Empty.DROP).blanks(Blanks.TRIM);
        int at = 0;
        for (String piece : cutter.cut(text)) {
            int found = text.indexOf(piece, at);
            assertThat(found).isGreaterThanOrEqualTo(at);
            at = found + piece.length();
        }
        assertThat(Mask.all().apply(text)).hasSameSizeAs(text);
    }
}
