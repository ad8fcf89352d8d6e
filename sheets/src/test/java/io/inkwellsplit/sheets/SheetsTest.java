package io.inkwellsplit.sheets;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import io.inkwellsplit.table.Row;
import io.inkwellsplit.table.TableException;
import io.inkwellsplit.table.TableException.Problem;
import io.inkwellsplit.table.TableInput;
import io.inkwellsplit.table.TableOutput;
import io.inkwellsplit.table.file.Delivery;
import io.inkwellsplit.table.file.WhenThere;
import io.inkwellsplit.table.format.Formats;
import io.inkwellsplit.table.format.ReadSettings;
import io.inkwellsplit.table.format.WriteSettings;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Spreadsheets both ways: what is written comes back, what others write is read, what cannot be is told. */
class SheetsTest {
    private static final List<String> NASTY = List.of(
            "00123",
            "12345678901234567890",
            "=1+1",
            "1e5",
            "3-4",
            "TRUE",
            " lead and trail ",
            "two  blanks",
            "line\nbreak",
            "tab\tinside",
            "_x0041_ & <b> \"q\" 'a'",
            "_x000D_",
            "Zoë Ångström",
            "山田太郎",
            "👩‍👩‍👧",
            "'quoted",
            "#N/A",
            "a,b;c|d",
            "x".repeat(32_767));

    @TempDir
    Path folder;

    private Path write(String name, List<List<String>> rows) {
        Path file = folder.resolve(name);
        try (Delivery delivery = new Delivery(WhenThere.REPLACE);
                TableOutput output = Formats.shipped().toWrite(file).start(file, delivery, WriteSettings.standard())) {
            output.header(rows.get(0));
            rows.subList(1, rows.size()).forEach(output::row);
            output.finish();
            delivery.publish();
        }
        return file;
    }

    private static List<List<String>> read(Path file, ReadSettings settings) {
        List<List<String>> rows = new ArrayList<>();
        try (TableInput input = Formats.shipped().open(file, settings)) {
            input.rows();
            rows.add(input.header());
            input.rows().forEachRemaining((Row row) -> rows.add(row.cells()));
        }
        return rows;
    }

    private static List<List<String>> nasty() {
        List<List<String>> rows = new ArrayList<>();
        rows.add(List.of("No", "Text", "", "Last"));
        for (int i = 0; i < NASTY.size(); i++) {
            rows.add(List.of(Integer.toString(i), NASTY.get(i), "", i % 2 == 0 ? "" : "x"));
        }
        rows.add(8, List.of("", "", "", ""));
        return rows;
    }

    @ParameterizedTest
    @ValueSource(strings = {"a.xlsx", "a.ods"})
    void everyTextComesBack(String name) {
        assertThat(read(write(name, nasty()), ReadSettings.STANDARD)).isEqualTo(nasty());
    }

    @ParameterizedTest
    @ValueSource(strings = {"a.xlsx", "a.ods"})
    void theSameTableGivesTheSameBytes(String name) throws IOException {
        byte[] once = Files.readAllBytes(write(name, nasty()));
        assertThat(Files.readAllBytes(write(name, nasty()))).isEqualTo(once);
    }

    @Test
    void charactersThatXmlLacksComeBackInOoxml() {
        List<List<String>> rows = List.of(List.of("A"), List.of("bell\u0007 cr\r nul\u0000 half\uD83D end"));
        assertThat(read(write("a.xlsx", rows), ReadSettings.STANDARD)).isEqualTo(rows);
    }

    @ParameterizedTest
    @ValueSource(strings = {"a.xlsx", "a.ods"})
    void withoutAHeaderTheWidestRowTells(String name) {
        Path file = write(name, List.of(List.of("a", "b"), List.of("c", "")));
        assertThat(read(file, new ReadSettings(false, Optional.empty(), Optional.empty())))
                .containsExactly(List.of("Column 1", "Column 2"), List.of("a", "b"), List.of("c", ""));
    }

    @ParameterizedTest
    @ValueSource(strings = {"a.xlsx", "a.ods"})
    void aMillionAmpersandsAreNoAttack(String name) {
        List<List<String>> rows = new ArrayList<>(List.of(List.of("A")));
        for (int i = 0; i < 60; i++) {
            rows.add(List.of("&".repeat(20_000)));
        }
        assertThat(read(write(name, rows), ReadSettings.STANDARD)).isEqualTo(rows);
    }

    @ParameterizedTest
    @ValueSource(strings = {"a.xlsx", "a.ods"})
    void whatASheetHasNoRoomForIsRefused(String name) {
        assertThatThrownBy(() -> write(name, List.of(List.of("A"), List.of("x".repeat(32_768)))))
                .isInstanceOfSatisfying(
                        TableException.class, e -> assertThat(e.problem()).isEqualTo(Problem.OUTPUT))
                .hasMessageContaining("a cell of 32768 characters in row 2");
        List<String> wide = new ArrayList<>();
        for (int i = 0; i < 16_385; i++) {
            wide.add("c" + i);
        }
        assertThatThrownBy(() -> write(name, List.of(wide))).hasMessageContaining("16385 columns");
        assertThat(folder.resolve(name)).doesNotExist();
    }

    private Path packed(String name, Map<String, String> entries) throws IOException {
        Path file = folder.resolve(name);
        try (OutputStream out = Files.newOutputStream(file);
                ZipOutputStream zip = new ZipOutputStream(out)) {
            for (Map.Entry<String, String> entry : entries.entrySet()) {
                zip.putNextEntry(new ZipEntry(entry.getKey()));
                zip.write(entry.getValue().getBytes(StandardCharsets.UTF_8));
                zip.closeEntry();
            }
        }
        return file;
    }

    private Path book(String sheet, String texts, String epoch) throws IOException {
        return packed(
                "book.xlsx",
                Map.of(
                        "xl/workbook.xml",
                        "<workbook xmlns:r='r'><workbookPr date1904='" + epoch
                                + "'/><sheets><sheet name='First' r:id='a'/>"
                                + "<sheet name='Second' r:id='b'/></sheets></workbook>",
                        "xl/_rels/workbook.xml.rels",
                        "<Relationships><Relationship Id='a' Target='/xl/one.xml'/><Relationship Id='b' Target='two.xml'/>"
                                + "</Relationships>",
                        "xl/styles.xml",
                        "<styleSheet><numFmts><numFmt numFmtId='164' formatCode='dd.mm.yyyy'/><numFmt numFmtId='165' "
                                + "formatCode='0.00 \"days\"'/></numFmts><cellXfs><xf numFmtId='0'/><xf numFmtId='14'/>"
                                + "<xf numFmtId='164'/><xf numFmtId='165'/><xf numFmtId='22'/></cellXfs></styleSheet>",
                        "xl/sharedStrings.xml",
                        "<sst>" + texts + "</sst>",
                        "xl/one.xml",
                        "<worksheet><sheetData>" + sheet + "</sheetData></worksheet>",
                        "xl/two.xml",
                        "<worksheet><sheetData><row r='1'><c r='A1' t='inlineStr'><is><t>B</t></is></c></row>"
                                + "</sheetData></worksheet>"));
    }

    private static final String HEADER = "<row r='1'><c r='A1' t='s'><v>0</v></c><c r='C1' t='s'><v>1</v></c></row>";
    private static final String TEXTS =
            "<si><t>Id</t></si><si><r><t>Na</t></r><r><t>me</t></r><rPh><t>spoken</t></rPh></si>";

    @Test
    void whatOthersWriteIsRead() throws IOException {
        Path book = book(
                HEADER
                        + "<row r='3'><c r='A3'><v>12.50</v></c><c r='B3' t='b'><v>1</v></c><c r='C3' t='e'><v>#N/A</v></c></row>"
                        + "<row r='4'><c r='A4' t='str'><f>A1&amp;\"x\"</f><v>Idx</v></c><c r='C4' s='1'><v>45000</v></c></row>"
                        + "<row><c s='2'><v>1</v></c><c s='3'><v>45000</v></c><c s='4'><v>45000.75</v></c></row>"
                        + "<row r='6'><c r='A6' s='1'><v>0.25</v></c><c r='C6'/></row>",
                TEXTS,
                "0");
        assertThat(read(book, ReadSettings.STANDARD))
                .containsExactly(
                        List.of("Id", "", "Name"),
                        List.of("", "", ""),
                        List.of("12.50", "TRUE", "#N/A"),
                        List.of("Idx", "", "2023-03-15"),
                        List.of("1900-01-01", "45000", "2023-03-15T18:00:00"),
                        List.of("06:00:00", "", ""));
    }

    @Test
    void datesCountFrom1904WhereTheBookSaysSo() throws IOException {
        Path book = book(HEADER + "<row r='2'><c r='A2' s='1'><v>0</v></c></row>", TEXTS, "1");
        assertThat(read(book, ReadSettings.STANDARD).get(1)).containsExactly("1904-01-01", "", "");
    }

    @Test
    void aSheetIsChosenByNameOrNumber() throws IOException {
        Path book = book(HEADER, TEXTS, "0");
        for (String sheet : List.of("Second", "2")) {
            assertThat(read(book, new ReadSettings(true, Optional.empty(), Optional.of(sheet))))
                    .containsExactly(List.of("B"));
        }
        try (TableInput input = Formats.shipped().open(book, ReadSettings.STANDARD)) {
            assertThat(input.notes()).singleElement().asString().contains("Of 2 sheets", "\"First\"");
        }
        assertThatThrownBy(() -> read(book, new ReadSettings(true, Optional.empty(), Optional.of("Third"))))
                .hasMessageContaining("has no sheet \"Third\"; there are First, Second");
    }

    @Test
    void manySharedTextsGoToAFile() throws IOException {
        StringBuilder texts = new StringBuilder(TEXTS);
        StringBuilder rows = new StringBuilder(HEADER);
        for (int i = 0; i < 400; i++) {
            texts.append("<si><t>").append("y".repeat(30_000)).append(i).append("</t></si>");
            rows.append("<row><c t='s'><v>").append(i + 2).append("</v></c></row>");
        }
        List<List<String>> read = read(book(rows.toString(), texts.toString(), "0"), ReadSettings.STANDARD);
        assertThat(read).hasSize(401);
        assertThat(read.get(1).get(0)).hasSize(30_001).endsWith("y0");
        assertThat(read.get(400).get(0)).endsWith("y399");
    }

    @Test
    void repeatedRowsAndCellsOfOpenDocumentAreMeantSoOften() throws IOException {
        String table = "<office:document-content xmlns:office='o' xmlns:text='t' "
                + "xmlns:table='urn:oasis:names:tc:opendocument:xmlns:table:1.0'><table:table table:name='Tab'>"
                + "<table:table-row><table:table-cell><text:p>A</text:p></table:table-cell>"
                + "<table:table-cell table:number-columns-repeated='2'><text:p>B</text:p></table:table-cell>"
                + "<table:table-cell table:number-columns-repeated='1000'/></table:table-row>"
                + "<table:table-row table:number-rows-repeated='2'><table:table-cell office:value-type='float' "
                + "office:value='1.5'><text:p>1,50</text:p></table:table-cell><table:covered-table-cell/>"
                + "<table:table-cell office:value-type='date' office:date-value='2026-11-29'/></table:table-row>"
                + "<table:table-row><table:table-cell/></table:table-row>"
                + "<table:table-row><table:table-cell office:value-type='string'><office:annotation><text:p>note</text:p>"
                + "</office:annotation><text:p>  a <text:span>b</text:span><text:s text:c='3'/>c<text:tab/></text:p>"
                + "<text:p>d<text:line-break/>e</text:p></table:table-cell><table:table-cell office:value-type='boolean' "
                + "office:boolean-value='true'/></table:table-row>"
                + "<table:table-row table:number-rows-repeated='1000000'><table:table-cell/></table:table-row>"
                + "</table:table></office:document-content>";
        assertThat(read(packed("a.ods", Map.of("content.xml", table)), ReadSettings.STANDARD))
                .containsExactly(
                        List.of("A", "B", "B"),
                        List.of("1.5", "", "2026-11-29"),
                        List.of("1.5", "", "2026-11-29"),
                        List.of("", "", ""),
                        List.of("a b   c\t\nd\ne", "TRUE", ""));
    }

    @Test
    void aSmallFileThatGrowsWithoutEndIsRefused() throws IOException {
        String bomb = "<c xmlns:table='urn:oasis:names:tc:opendocument:xmlns:table:1.0' xmlns:text='t'>"
                + "<table:table table:name='T'><table:table-row><table:table-cell><text:p>A</text:p></table:table-cell>"
                + "</table:table-row><table:table-row table:number-rows-repeated='2000000000'><table:table-cell>"
                + "<text:p>x</text:p></table:table-cell></table:table-row></table:table></c>";
        Path rows = packed("a.ods", Map.of("content.xml", bomb));
        assertThatThrownBy(() -> read(rows, ReadSettings.STANDARD)).hasMessageContaining("repeats rows more than");
        Path wide = packed(
                "b.ods",
                Map.of(
                        "content.xml",
                        bomb.replace(
                                "<table:table-cell><text:p>x",
                                "<table:table-cell table:number-columns-repeated='99999'><text:p>x")));
        assertThatThrownBy(() -> read(wide, ReadSettings.STANDARD)).hasMessageContaining("more than 16384 columns");
    }

    @ParameterizedTest
    @ValueSource(strings = {"a.xlsx", "a.ods"})
    void whatIsBrokenIsToldInASentence(String name) throws IOException {
        Path text = Files.writeString(folder.resolve(name), "Id,Name\n");
        assertThatThrownBy(() -> read(text, ReadSettings.STANDARD))
                .isInstanceOfSatisfying(
                        TableException.class, e -> assertThat(e.problem()).isEqualTo(Problem.INPUT))
                .hasMessageContaining("is no spreadsheet, or is broken");
        Path empty = packed("x" + name, Map.of("other.txt", "x"));
        assertThatThrownBy(() -> read(empty, ReadSettings.STANDARD)).hasMessageContaining("it has no ");
        assertThatThrownBy(() -> read(folder.resolve("none" + name), ReadSettings.STANDARD))
                .hasMessageContaining("There is no file");
        Path cut = packed(
                "c.ods",
                Map.of("content.xml", "<c xmlns:table='urn:oasis:names:tc:opendocument:xmlns:table:1.0'><table:table"));
        assertThatThrownBy(() -> read(cut, ReadSettings.STANDARD)).hasMessageContaining("is no spreadsheet");
    }

    @Test
    void entitiesFromOutsideAreNotLoaded() throws IOException {
        Path secret = Files.writeString(folder.resolve("secret.txt"), "secret");
        Path book = packed(
                "a.ods",
                Map.of(
                        "content.xml",
                        "<!DOCTYPE c [<!ENTITY x SYSTEM '" + secret.toUri() + "'>]><c "
                                + "xmlns:table='urn:oasis:names:tc:opendocument:xmlns:table:1.0' xmlns:text='t'><table:table "
                                + "table:name='T'><table:table-row><table:table-cell><text:p>&x;</text:p></table:table-cell>"
                                + "</table:table-row></table:table></c>"));
        assertThatThrownBy(() -> read(book, ReadSettings.STANDARD)).isInstanceOf(TableException.class);
    }

    /** The office program reads what is written here, and what it writes is read here. */
    @ParameterizedTest
    @ValueSource(strings = {"a.xlsx", "a.ods"})
    void anOfficeProgramAgrees(String name) throws Exception {
        Office.assumeThere();
        List<List<String>> rows = new ArrayList<>(nasty());
        // It is slow with long texts, and loses a tab in a cell of OpenDocument.
        rows.removeIf(row -> row.get(1).length() > 1_000
                || name.endsWith("ods") && row.get(1).contains("\t"));
        write(name, rows);
        for (String form : List.of("xlsx", "ods")) {
            assertThat(read(Office.written(folder.resolve(name), form, folder), ReadSettings.STANDARD))
                    .isEqualTo(rows);
        }
    }
}
