package io.inkwellsplit.table.csv;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import io.inkwellsplit.table.Dialect;
import io.inkwellsplit.table.Row;
import io.inkwellsplit.table.TableException;
import io.inkwellsplit.table.csv.CsvSource.Header;
import io.inkwellsplit.table.csv.CsvSource.Settings;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Iterator;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class CsvSourceTest {
    private static final String TABLE = "Patron,Town\nInes Brandt,Köln\n\"Wren, Hugh\",Møss\n";

    @TempDir
    Path folder;

    @ParameterizedTest
    @ValueSource(chars = {',', ';', '\t', '|'})
    void findsTheSeparator(char separator) {
        String text = TABLE.replace(',', separator).replace("Wren" + separator, "Wren,");
        try (CsvSource source = open(text.getBytes(StandardCharsets.UTF_8), Settings.STANDARD)) {
            assertThat(source.dialect().separator()).isEqualTo(separator);
            assertThat(cells(source)).containsExactly(List.of("Ines Brandt", "Köln"), List.of("Wren, Hugh", "Møss"));
        }
    }

    @ParameterizedTest
    @ValueSource(strings = {"UTF-8", "UTF-16LE", "UTF-16BE", "windows-1252"})
    void findsTheEncoding(String name) {
        try (CsvSource source = open(TABLE.repeat(5).getBytes(Charset.forName(name)), Settings.STANDARD)) {
            assertThat(source.charset()).isEqualTo(Charset.forName(name));
            assertThat(source.isCharsetGuessed()).isEqualTo(name.startsWith("windows"));
            assertThat(cells(source)).contains(List.of("Ines Brandt", "Köln"));
        }
    }

    @ParameterizedTest
    @ValueSource(strings = {"UTF-8", "UTF-16LE", "UTF-16BE"})
    void understandsAByteOrderMark(String name) {
        byte[] bytes = ("\uFEFF" + TABLE).getBytes(Charset.forName(name));
        try (CsvSource source = open(bytes, Settings.STANDARD)) {
            assertThat(source.header()).containsExactly("Patron", "Town");
            assertThat(source.dialect().byteOrderMark()).isTrue();
        }
    }

    @Test
    void knowsAboutHowManyRowsThereAre() throws IOException {
        Path list = folder.resolve("list.csv");
        Files.writeString(list, "Singer,Address\n" + "Ines Brandt,\"12 Main St\nBarre, VT 05641\"\n".repeat(20_000));
        try (CsvSource source = CsvSource.open(list)) {
            assertThat(source.rowsAbout()).isBetween(19_900L, 20_100L);
        }
        try (CsvSource source = CsvSource.open("stdin", Files.newInputStream(list), CsvSource.Settings.STANDARD)) {
            assertThat(source.rowsAbout()).isZero();
        }
    }

    @Test
    void keepsQuotingAndLineEnds() {
        String text = "\"a\",\"b\"\r\n\"1\",\"x\ny\"\r\n";
        try (CsvSource source = open(text.getBytes(StandardCharsets.UTF_8), Settings.STANDARD)) {
            assertThat(source.dialect()).isEqualTo(new Dialect(',', Dialect.Quoting.ALWAYS, "\r\n", false));
            assertThat(cells(source)).containsExactly(List.of("1", "x\ny"));
            assertThat(cells(source)).as("a second pass").hasSize(1);
        }
    }

    @Test
    void numbersColumnsWithoutHeader() {
        try (CsvSource source = open(TABLE.getBytes(StandardCharsets.UTF_8), new Settings(Header.NONE, null))) {
            assertThat(source.header()).containsExactly("Column 1", "Column 2");
            assertThat(cells(source)).hasSize(3);
        }
    }

    @Test
    void emptyLinesAreRowsOnlyInASingleColumn() {
        try (CsvSource source = open("a,b\n\n1,2\n\n".getBytes(StandardCharsets.UTF_8), Settings.STANDARD)) {
            assertThat(cells(source)).containsExactly(List.of("1", "2"));
        }
        try (CsvSource source = open("a\n\n1\n".getBytes(StandardCharsets.UTF_8), Settings.STANDARD)) {
            assertThat(cells(source)).containsExactly(List.of(""), List.of("1"));
        }
    }

    @Test
    void saysWhatIsWrong() throws IOException {
        assertThatThrownBy(() -> CsvSource.open(folder.resolve("none.csv")))
                .isInstanceOf(TableException.class)
                .hasMessageContaining("There is no file");
        assertThatThrownBy(() -> CsvSource.open(folder)).hasMessageContaining("is a folder");
        assertThatThrownBy(() -> open(new byte[0], Settings.STANDARD)).hasMessageContaining("is empty");
        assertThatThrownBy(() -> open(TABLE.getBytes(StandardCharsets.UTF_8), new Settings(Header.NONE, "utf-99")))
                .hasMessageContaining("no encoding \"utf-99\"");
        Path broken = folder.resolve("broken.csv");
        Files.write(broken, "Patron\nInes\nK\u00f6ln\n".getBytes(StandardCharsets.ISO_8859_1));
        try (CsvSource source = CsvSource.open(broken, new Settings(Header.FIRST_ROW, "UTF-8"))) {
            assertThatThrownBy(() -> cells(source)).hasMessageContaining("bytes that are not UTF-8");
        } catch (TableException e) {
            assertThat(e).hasMessageContaining("bytes that are not UTF-8");
        }
    }

    @Test
    void whatWasReadFromAPipeCanBeReadAgain() throws IOException, InterruptedException {
        Path pipe = folder.resolve("pipe");
        assertThat(new ProcessBuilder("mkfifo", pipe.toString()).start().waitFor())
                .isZero();
        Process writer = new ProcessBuilder("sh", "-c", "printf 'Patron\\nInes\\n' > " + pipe).start();
        try (CsvSource source = CsvSource.open(pipe)) {
            assertThat(cells(source)).isEqualTo(cells(source)).containsExactly(List.of("Ines"));
        }
        assertThat(writer.waitFor()).isZero();
    }

    @Test
    void refusesATableThatChanges() throws IOException {
        Path table = folder.resolve("growing.csv");
        Files.writeString(table, "Patron\nInes\nTobias\n");
        try (CsvSource source = CsvSource.open(table)) {
            Iterator<Row> rows = source.rows();
            rows.next();
            Files.writeString(table, "Patron\nInes\nTobias\nHugh\n");
            assertThatThrownBy(() -> rows.forEachRemaining(row -> {}))
                    .hasMessageContaining("has changed while it was read");
            assertThatThrownBy(source::rows).hasMessageContaining("has changed while it was read");
            Files.delete(table);
            assertThatThrownBy(source::rows).hasMessageContaining("has gone while it was read");
        }
    }

    @ParameterizedTest
    @org.junit.jupiter.params.provider.CsvSource({
        "Patron|Note~Ines|\"a~Tobias|b~, 2",
        "Patron|Note~Ines|\"a\"\"~Tobias|b, 2",
        "\"Patron|Note~Ines|b~, 1",
        "Patron|Note~Ines|b~Hugh|\", 3",
        "Patron|Note~\"x~y\"|\"b~Hugh|a~, 3"
    })
    void refusesAQuoteThatIsNeverClosed(String table, long line) {
        String text = table.replace('~', '\n').replace('|', ',');
        assertThatThrownBy(() -> {
                    try (CsvSource source = open(text.getBytes(StandardCharsets.UTF_8), Settings.STANDARD)) {
                        cells(source);
                    }
                })
                .hasMessageContaining("line " + line + ": a quote opens there and is never closed");
    }

    @Test
    void refusesAQuoteThatSwallowsAHugeRest() {
        String text = "Patron,Note\nInes,\"a\n" + "Tobias Brandt,b\n".repeat(1_500_000);
        assertThatThrownBy(() -> {
                    try (CsvSource source = open(text.getBytes(StandardCharsets.UTF_8), Settings.STANDARD)) {
                        cells(source);
                    }
                })
                .hasMessageContaining("line 2: a quote opens there and is never closed");
    }

    /** A quote is open at the end just when one more quote closes it, and what is read is then the same. */
    @ParameterizedTest
    @ValueSource(
            strings = {
                "a,\"b\"",
                "a,\"b\"\n",
                "a,\"\n\"\n",
                "\"\n\"",
                "a\"b,c\"",
                "\"a\"x\"y,b",
                "\"\",\"\"\n\n",
                "\"a\"\"\"\n"
            })
    void acceptsQuotesThatAreClosed(String row) {
        byte[] text = ("Patron,Note\n" + row).getBytes(StandardCharsets.UTF_8);
        try (CsvSource source = open(text, Settings.STANDARD)) {
            assertThat(cells(source)).hasSize(1);
        }
    }

    @ParameterizedTest
    @org.junit.jupiter.params.provider.CsvSource(delimiter = '~', textBlock = """
            sep=;/A;B/1;2                                  ~ A|B   ~ 1|2       ~ 3 ~ ;
            SEP=|/A,x|B/1|2,3                              ~ A,x|B ~ 1|2,3     ~ 3 ~ |
            Choir Festival 2026//A,B/1,2/3,4               ~ A|B   ~ 1|2 3|4   ~ 4 ~ ,
            Choir Festival/A;B;C/1;2;3/4;5;6               ~ A|B|C ~ 1|2|3 4|5|6 ~ 3 ~ ;
            /Title//A,B/1,2/3,4                            ~ A|B   ~ 1|2 3|4   ~ 5 ~ ,
            A,B/1,2/3,4                                    ~ A|B   ~ 1|2 3|4   ~ 2 ~ ,
            A/1/2                                          ~ A     ~ 1 2       ~ 2 ~ ,
            Singer/Thorne, Ada/Orme, Tom                   ~ Singer ~ Thorne, Ada|Orme, Tom ~ 2 ~ ,
            """)
    void findsWhereTheTableBegins(String text, String header, String rows, long firstLine, char separator) {
        byte[] bytes = text.strip().replace('/', '\n').getBytes(StandardCharsets.UTF_16LE);
        for (Charset charset : List.of(StandardCharsets.UTF_8, StandardCharsets.UTF_16LE)) {
            byte[] encoded = new String(bytes, StandardCharsets.UTF_16LE).getBytes(charset);
            try (CsvSource source = open(encoded, new Settings(Header.FIRST_ROW, charset.name()))) {
                assertThat(String.join("|", source.header())).isEqualTo(header);
                assertThat(source.dialect().separator()).isEqualTo(separator);
                Iterator<Row> all = source.rows();
                assertThat(all.next().line()).isEqualTo(firstLine);
                assertThat(cells(source).stream().flatMap(List::stream))
                        .containsExactlyElementsOf(List.of(rows.split(header.equals("Singer") ? "\\|" : "[| ]")));
            }
        }
    }

    /** What may be a list with a blank row, a ragged table or a header with blank titles stays as it is. */
    @ParameterizedTest
    @ValueSource(
            strings = {
                "Singer\nThorne,Ada\nOrme,Tom\n",
                "A,,\n1,2,3\n4,5,6\n7,8,9\n",
                "A\n\nb\nc\n",
                "A\nb, c, d\ne, f\n",
                "\"Title\"\nA,B,C\n1,2,3\n4,5,6\n"
            })
    void skipsNothingThatMayBelongToTheTable(String text) {
        try (CsvSource source = open(text.getBytes(StandardCharsets.UTF_8), Settings.STANDARD)) {
            assertThat(source.header().get(0))
                    .isEqualTo(
                            text.substring(0, text.indexOf('\n')).split(",")[0].replace("\"", ""));
            assertThat(source.notes()).isEmpty();
        }
    }

    /** Bytes that are no text stand in a line above the header: no cell may be cut for it. */
    @Test
    void bytesThatAreNoTextShiftNothing() {
        byte[] text = "F\u00EAte 2026\n\nA,B\n1,2\n3,4\n".getBytes(StandardCharsets.ISO_8859_1);
        for (int skip : new int[] {-1, 2}) {
            assertThatThrownBy(() -> open(text, new Settings(Header.FIRST_ROW, "UTF-8", null, null, skip)))
                    .isInstanceOf(TableException.class)
                    .hasMessageContaining("not UTF-8");
        }
        try (CsvSource source = open(text, Settings.STANDARD)) {
            assertThat(source.header()).containsExactly("A", "B");
        }
    }

    @Test
    void goesByWhatItIsTold() {
        byte[] text = "x^y\nA^B\n1^2\n".getBytes(StandardCharsets.UTF_8);
        try (CsvSource source = open(text, new Settings(Header.FIRST_ROW, null, "^", null, 1))) {
            assertThat(source.header()).containsExactly("A", "B");
            assertThat(cells(source)).containsExactly(List.of("1", "2"));
            assertThat(source.notes()).hasSize(1);
        }
        byte[] list = "Singer\nThorne, Ada\nOrme, Tom\n".getBytes(StandardCharsets.UTF_8);
        try (CsvSource source = open(list, new Settings(Header.NONE, null, ",", null, 0))) {
            assertThat(cells(source)).contains(List.of("Thorne", " Ada"));
        }
        for (String wrong : List.of("", "ab", "\"", " ")) {
            assertThatThrownBy(() -> open(list, new Settings(Header.FIRST_ROW, null, wrong, null, 0)))
                    .isInstanceOf(TableException.class)
                    .hasMessageContaining("A separator is one sign");
        }
    }

    @ParameterizedTest
    @org.junit.jupiter.params.provider.CsvSource(
            quoteCharacter = '`',
            delimiter = '!',
            value = {
                "' ! A;B~'1;2';\"3~ ! 1;2 | \"3",
                "none ! A,B~\"1,2~ ! \"1 | 2",
                "none ! A,B~O'Hara \"Ada\",x~ ! O'Hara \"Ada\" | x",
                "| ! A,B~|1,2|,||~ ! 1,2 | "
            })
    void quotesAreWhatItIsTold(String quote, String text, String cells) {
        byte[] bytes = text.replace('~', '\n').getBytes(StandardCharsets.UTF_8);
        try (CsvSource source = open(bytes, new Settings(Header.FIRST_ROW, null, null, quote, -1))) {
            assertThat(cells(source)).containsExactly(List.of(cells.split(" \\| ?", 2)));
        }
    }

    @Test
    void whatIsNoQuoteIsRefusedAndAnOpenOneIsFound() {
        byte[] text = "A,B\n'1,2\n3,4\n".getBytes(StandardCharsets.UTF_8);
        for (String wrong : List.of("", "ab", "a", " ")) {
            assertThatThrownBy(() -> open(text, new Settings(Header.FIRST_ROW, null, null, wrong, -1)))
                    .isInstanceOf(TableException.class)
                    .hasMessageContaining("A quote is one sign");
        }
        assertThatThrownBy(() -> {
                    try (CsvSource source = open(text, new Settings(Header.FIRST_ROW, null, null, "'", -1))) {
                        cells(source);
                    }
                })
                .hasMessageContaining("line 2: a quote opens there")
                .hasMessageContaining("stray '.");
    }

    private static CsvSource open(byte[] bytes, Settings settings) {
        return CsvSource.open("the stream", new ByteArrayInputStream(bytes), settings);
    }

    private static List<List<String>> cells(CsvSource source) {
        List<List<String>> rows = new ArrayList<>();
        source.rows().forEachRemaining((Row row) -> rows.add(row.cells()));
        return rows;
    }
}
