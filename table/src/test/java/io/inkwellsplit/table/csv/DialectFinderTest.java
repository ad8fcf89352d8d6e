package io.inkwellsplit.table.csv;

import static org.assertj.core.api.Assertions.assertThat;

import io.inkwellsplit.table.Dialect;
import io.inkwellsplit.table.Dialect.Quoting;
import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What the beginning of a text tells of its separator, quotes, line ends and encoding. */
class DialectFinderTest {
    private static String text(String written) {
        return written.replace("\\t", "\t").replace("\\r", "\r").replace("\\n", "\n");
    }

    @ParameterizedTest
    @CsvSource(delimiter = '¦', quoteCharacter = '`', textBlock = """
            a,b\\n1,2\\n                       ¦ ,
            a;b\\n1;2\\n                       ¦ ;
            a\\tb\\n1\\t2\\n                   ¦ t
            a|b\\n1|2\\n                       ¦ |
            a;b\\n1,5;2,5\\n3,5;4,5\\n         ¦ ;
            Name\\nInes\\n                     ¦ ,
            a,b;c\\n1,2;3\\n4,5;6\\n           ¦ ,
            "a;x",b\\n"1;y",2\\n               ¦ ,
            "Brandt, Ines";5\\n"Wren, Tom";6\\n ¦ ;
            """)
    void theSeparatorGivesRowsOfOneWidth(String sample, String separator) {
        char found = DialectFinder.find(text(sample), true, false).separator();
        assertThat(found == '\t' ? "t" : String.valueOf(found)).isEqualTo(separator);
    }

    @ParameterizedTest
    @CsvSource(delimiter = '¦', quoteCharacter = '`', textBlock = """
            a,b\\n1,2\\n             ¦ false
            "a","b"\\n"1","2"\\n     ¦ true
            "a","b"\\n"1",2\\n       ¦ false
            "a",b\\n"1","2"\\n       ¦ false
            "a",""\\n"1",""\\n       ¦ true
            """)
    void quotesAreAlwaysThereOrWhereNeeded(String sample, boolean always) {
        assertThat(DialectFinder.find(text(sample), true, false).quoting())
                .isEqualTo(always ? Quoting.ALWAYS : Quoting.WHERE_NEEDED);
    }

    @ParameterizedTest
    @CsvSource(delimiter = '¦', quoteCharacter = '`', textBlock = """
            a,b\\n1,2\\n           ¦ \\n
            a,b\\r\\n1,2\\r\\n     ¦ \\r\\n
            a,b\\r1,2\\r           ¦ \\r
            "a\\nx",b\\r\\n1,2     ¦ \\r\\n
            a,b                    ¦ \\n
            """)
    void theFirstLineEndOutsideQuotesCounts(String sample, String lineEnd) {
        assertThat(DialectFinder.find(text(sample), true, false).lineEnd()).isEqualTo(text(lineEnd));
    }

    @Test
    void theMarkGoesAlong() {
        assertThat(DialectFinder.find("a,b\n", true, true))
                .isEqualTo(new Dialect(',', Quoting.WHERE_NEEDED, "\n", true));
    }

    private static Encodings.Found found(String text, String charset) {
        byte[] bytes = text.getBytes(Charset.forName(charset));
        return Encodings.find(bytes, bytes.length);
    }

    @ParameterizedTest
    @CsvSource({
        "Ines Brandt, UTF-8, UTF-8, 0",
        "Jörg Müller, UTF-8, UTF-8, 0",
        "'\uFEFFJörg', UTF-8, UTF-8, 3",
        "'\uFEFFJörg', UTF-16LE, UTF-16LE, 2",
        "'\uFEFFJörg', UTF-16BE, UTF-16BE, 2",
        "Jörg Müller, UTF-16LE, UTF-16LE, 0",
        "Jörg Müller, UTF-16BE, UTF-16BE, 0",
        "Jörg Müller, ISO-8859-1, windows-1252, 0"
    })
    void theEncodingIsToldByItsBytes(String text, String written, String charset, int mark) {
        Encodings.Found found = found(text, written);
        assertThat(found.charset()).isEqualTo(Charset.forName(charset));
        assertThat(found.markLength()).isEqualTo(mark);
    }

    @Test
    void aCharacterThatIsCutOffIsNoError() {
        byte[] bytes = "Jörg Mü".getBytes(StandardCharsets.UTF_8);
        assertThat(Encodings.find(bytes, bytes.length - 1).charset()).isEqualTo(StandardCharsets.UTF_8);
        assertThat(Encodings.find(new byte[] {'a'}, 1).charset()).isEqualTo(StandardCharsets.UTF_8);
    }
}
