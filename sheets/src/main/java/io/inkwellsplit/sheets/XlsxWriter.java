package io.inkwellsplit.sheets;

import io.inkwellsplit.sheets.SheetOutput.SheetWriter;
import io.inkwellsplit.table.ColumnType.Kind;
import io.inkwellsplit.table.TypedText;
import io.inkwellsplit.table.format.WriteSettings.Sheet;
import java.io.IOException;
import java.io.OutputStream;
import java.io.Writer;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * Writes rows into sheets whose headers are bold and stay in sight. Every text stands in its own cell: shared ones would have
 * to be kept until the end. The packages there are keep no blanks at the ends of such texts, or write files that cannot be
 * read from their beginning; this is all that is needed.
 */
final class XlsxWriter implements SheetWriter {
    private static final String MAIN = "http://schemas.openxmlformats.org/spreadsheetml/2006/main";
    private static final String RELATION = "http://schemas.openxmlformats.org/officeDocument/2006/relationships";
    private static final String PACKAGE = "http://schemas.openxmlformats.org/package/2006/";
    private static final String TYPE = "application/vnd.openxmlformats-officedocument.spreadsheetml.";
    private static final long MOST_ROWS = 1 << 20;
    /** Styles of cells, by their numbers in the file: text is 0. */
    private static final int HEADER = 1;

    private static final int NUMBER = 2;
    private static final int DATE = 3;
    private static final int MOMENT = 4;
    private static final int TIME = 5;
    private static final int TRUTH = 6;

    private final ZipWriter zip;
    private final List<Sheet> sheets;
    private Writer out = Writer.nullWriter();
    private int sheet;
    private List<String> titles = List.of();
    private long row;

    XlsxWriter(OutputStream to, List<Sheet> sheets) throws IOException {
        this.sheets = sheets;
        zip = new ZipWriter(to);
        StringBuilder parts = new StringBuilder();
        StringBuilder relations = new StringBuilder();
        StringBuilder names = new StringBuilder();
        for (int i = 1; i <= sheets.size(); i++) {
            parts.append(part("/xl/worksheets/sheet" + i + ".xml", "worksheet"));
            relations.append(relation("rId" + i, "worksheet", "worksheets/sheet" + i + ".xml"));
            names.append(
                    "<sheet name=\"" + sheets.get(i - 1).name() + "\" sheetId=\"" + i + "\" r:id=\"rId" + i + "\"/>");
        }
        zip.whole(
                "[Content_Types].xml",
                "<Types xmlns=\"" + PACKAGE + "content-types\"><Default Extension=\"rels\" ContentType=\""
                        + "application/vnd.openxmlformats-package.relationships+xml\"/>"
                        + "<Default Extension=\"xml\" ContentType=\"application/xml\"/>"
                        + part("/xl/workbook.xml", "sheet.main") + parts + part("/xl/styles.xml", "styles")
                        + "</Types>");
        zip.whole("_rels/.rels", relations(relation("rId1", "officeDocument", "xl/workbook.xml")));
        zip.whole(
                "xl/_rels/workbook.xml.rels",
                relations(relations + relation("rId" + (sheets.size() + 1), "styles", "styles.xml")));
        zip.whole(
                "xl/workbook.xml",
                "<workbook xmlns=\"" + MAIN + "\" xmlns:r=\"" + RELATION + "\"><sheets>" + names
                        + "</sheets></workbook>");
        zip.whole(
                "xl/styles.xml",
                "<styleSheet xmlns=\"" + MAIN
                        + "\"><numFmts count=\"4\"><numFmt numFmtId=\"164\" formatCode=\"yyyy\\-mm\\-dd\"/>"
                        + "<numFmt numFmtId=\"165\" formatCode=\"yyyy\\-mm\\-dd\\ hh:mm:ss\"/>"
                        + "<numFmt numFmtId=\"166\" formatCode=\"hh:mm:ss\"/>"
                        // What takes truth values for numbers shows them by this.
                        + "<numFmt numFmtId=\"167\" formatCode=\"&quot;TRUE&quot;;&quot;TRUE&quot;;&quot;FALSE&quot;\"/></numFmts>"
                        + "<fonts count=\"2\"><font><sz val=\"11\"/><name val=\"Calibri\"/></font>"
                        + "<font><b/><sz val=\"11\"/><name val=\"Calibri\"/></font></fonts>"
                        + "<fills count=\"2\"><fill><patternFill patternType=\"none\"/></fill>"
                        + "<fill><patternFill patternType=\"gray125\"/></fill></fills>"
                        + "<borders count=\"1\"><border><left/><right/><top/><bottom/><diagonal/></border></borders>"
                        + "<cellStyleXfs count=\"1\"><xf/></cellStyleXfs><cellXfs count=\"7\">"
                        // 49 is text: what is typed into the cell later stays as it is typed, too.
                        + "<xf numFmtId=\"49\" applyNumberFormat=\"1\"/>"
                        + "<xf numFmtId=\"49\" fontId=\"1\" applyNumberFormat=\"1\" applyFont=\"1\"/>"
                        + "<xf numFmtId=\"0\"/><xf numFmtId=\"164\" applyNumberFormat=\"1\"/>"
                        + "<xf numFmtId=\"165\" applyNumberFormat=\"1\"/>"
                        + "<xf numFmtId=\"166\" applyNumberFormat=\"1\"/><xf numFmtId=\"167\" applyNumberFormat=\"1\"/></cellXfs></styleSheet>");
    }

    private static String part(String name, String type) {
        return "<Override PartName=\"" + name + "\" ContentType=\"" + TYPE + type + "+xml\"/>";
    }

    private static String relations(String all) {
        return "<Relationships xmlns=\"" + PACKAGE + "relationships\">" + all + "</Relationships>";
    }

    private static String relation(String id, String type, String target) {
        return "<Relationship Id=\"" + id + "\" Type=\"" + RELATION + "/" + type + "\" Target=\"" + target + "\"/>";
    }

    @Override
    public void header(List<String> names, List<Integer> widths) throws IOException {
        endSheet();
        sheet++;
        row = 0;
        titles = names;
        out = zip.entry("xl/worksheets/sheet" + sheet + ".xml");
        out.write("<worksheet xmlns=\"" + MAIN + "\"><sheetViews><sheetView workbookViewId=\"0\"><pane ySplit=\"1\" "
                + "topLeftCell=\"A2\" activePane=\"bottomLeft\" state=\"frozen\"/></sheetView></sheetViews><cols>");
        for (int c = 0; c < titles.size(); c++) {
            out.write("<col min=\"" + (c + 1) + "\" max=\"" + (c + 1) + "\" width=\"" + widths.get(c)
                    + "\" style=\"0\" customWidth=\"1\"/>");
        }
        out.write("</cols><sheetData>\n");
        startRow();
        for (int c = 0; c < titles.size(); c++) {
            text(c, titles.get(c), HEADER);
        }
        out.write("</row>\n");
    }

    @Override
    public void row(List<String> cells, List<Kind> kinds) throws IOException {
        startRow();
        for (int c = 0; c < cells.size(); c++) {
            Kind kind = c < kinds.size() ? kinds.get(c) : Kind.TEXT;
            if (kind == Kind.TEXT || !value(c, cells.get(c), kind)) {
                text(c, cells.get(c), 0);
            }
        }
        out.write("</row>\n");
    }

    private void startRow() throws IOException {
        row++;
        out.write("<row r=\"" + row + "\">");
    }

    private void text(int column, String text, int style) throws IOException {
        if (!text.isEmpty()) {
            out.write("<c r=\"" + letters(column) + row + "\"" + (style == 0 ? "" : " s=\"" + style + "\"")
                    + " t=\"inlineStr\"><is><t xml:space=\"preserve\">");
            escaped(CellText.written(text));
            out.write("</t></is></c>");
        }
    }

    /** Writes a value of a typed column; returns false where its text is none. */
    private boolean value(int column, String text, Kind kind) throws IOException {
        Optional<Boolean> truth = TypedText.truth(kind, text);
        OptionalDouble day = SheetTime.day(kind, text);
        if (truth.isPresent()) {
            value(column, TRUTH, " t=\"b\"", truth.get() ? "1" : "0");
        } else if (TypedText.isExactNumber(kind, text)) {
            value(column, NUMBER, "", text);
        } else if (SheetRows.isError(text)) {
            value(column, NUMBER, " t=\"e\"", text);
        } else if (day.isPresent()) {
            int style = text.indexOf(':') < 0 ? DATE : text.indexOf('-') < 0 ? TIME : MOMENT;
            value(column, style, "", SheetTime.written(day.getAsDouble()));
        } else {
            return false;
        }
        return true;
    }

    private void value(int column, int style, String type, String value) throws IOException {
        out.write("<c r=\"" + letters(column) + row + "\" s=\"" + style + "\"" + type + "><v>" + value + "</v></c>");
    }

    /** {@code AB} is the column 27, counted from 0. */
    static String letters(int column) {
        String letters = "";
        for (int rest = column + 1; rest > 0; rest = (rest - 1) / 26) {
            letters = (char) ('A' + (rest - 1) % 26) + letters;
        }
        return letters;
    }

    private void escaped(String text) throws IOException {
        int from = 0;
        for (int i = 0; i < text.length(); i++) {
            char c = text.charAt(i);
            String written = c == '&' ? "&amp;" : c == '<' ? "&lt;" : c == '>' ? "&gt;" : "";
            if (!written.isEmpty()) {
                out.write(text, from, i - from);
                out.write(written);
                from = i + 1;
            }
        }
        out.write(text, from, text.length() - from);
    }

    /** Ends a sheet with the words to choose from; others may be typed as well. */
    private void endSheet() throws IOException {
        if (sheet == 0) {
            return;
        }
        out.write("</sheetData>");
        StringBuilder lists = new StringBuilder();
        int count = 0;
        for (int c = 0; c < titles.size(); c++) {
            List<String> words = sheets.get(sheet - 1).choices().getOrDefault(titles.get(c), List.of());
            if (!words.isEmpty()) {
                count++;
                String place = letters(c) + "2:" + letters(c) + MOST_ROWS;
                lists.append("<dataValidation type=\"list\" allowBlank=\"1\" showErrorMessage=\"0\" sqref=\"" + place
                        + "\"><formula1>\"" + String.join(",", words) + "\"</formula1></dataValidation>");
            }
        }
        if (count > 0) {
            out.write("<dataValidations count=\"" + count + "\">" + lists + "</dataValidations>");
        }
        out.write("</worksheet>");
    }

    @Override
    public void end() throws IOException {
        endSheet();
        zip.end();
    }
}
