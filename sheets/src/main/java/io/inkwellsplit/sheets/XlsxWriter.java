package io.inkwellsplit.sheets;

import io.inkwellsplit.sheets.SheetOutput.SheetWriter;
import java.io.IOException;
import java.io.OutputStream;
import java.io.Writer;
import java.util.List;

/**
 * Writes rows as text into a sheet whose header is bold and stays in sight. Every text stands in its own cell: shared ones
 * would have to be kept until the end. The packages there are keep no blanks at the ends of such texts, or write files that
 * cannot be read from their beginning; this is all that is needed.
 */
final class XlsxWriter implements SheetWriter {
    private static final String MAIN = "http://schemas.openxmlformats.org/spreadsheetml/2006/main";
    private static final String RELATION = "http://schemas.openxmlformats.org/officeDocument/2006/relationships";
    private static final String PACKAGE = "http://schemas.openxmlformats.org/package/2006/";
    private static final String TYPE = "application/vnd.openxmlformats-officedocument.spreadsheetml.";
    private static final int NARROWEST = 8;
    private static final int WIDEST = 40;

    private final ZipWriter zip;
    private final Writer out;
    private long row;

    XlsxWriter(OutputStream to) throws IOException {
        zip = new ZipWriter(to);
        zip.whole(
                "[Content_Types].xml",
                "<Types xmlns=\"" + PACKAGE + "content-types\"><Default Extension=\"rels\" ContentType=\""
                        + "application/vnd.openxmlformats-package.relationships+xml\"/>"
                        + "<Default Extension=\"xml\" ContentType=\"application/xml\"/>"
                        + part("/xl/workbook.xml", "sheet.main") + part("/xl/worksheets/sheet1.xml", "worksheet")
                        + part("/xl/styles.xml", "styles") + "</Types>");
        zip.whole("_rels/.rels", relations(relation("rId1", "officeDocument", "xl/workbook.xml")));
        zip.whole(
                "xl/_rels/workbook.xml.rels",
                relations(relation("rId1", "worksheet", "worksheets/sheet1.xml")
                        + relation("rId2", "styles", "styles.xml")));
        zip.whole(
                "xl/workbook.xml",
                "<workbook xmlns=\"" + MAIN + "\" xmlns:r=\"" + RELATION
                        + "\"><sheets><sheet name=\"Table\" sheetId=\"1\" r:id=\"rId1\"/></sheets></workbook>");
        zip.whole(
                "xl/styles.xml",
                "<styleSheet xmlns=\"" + MAIN
                        + "\"><fonts count=\"2\"><font><sz val=\"11\"/><name val=\"Calibri\"/></font>"
                        + "<font><b/><sz val=\"11\"/><name val=\"Calibri\"/></font></fonts>"
                        + "<fills count=\"2\"><fill><patternFill patternType=\"none\"/></fill>"
                        + "<fill><patternFill patternType=\"gray125\"/></fill></fills>"
                        + "<borders count=\"1\"><border><left/><right/><top/><bottom/><diagonal/></border></borders>"
                        + "<cellStyleXfs count=\"1\"><xf/></cellStyleXfs><cellXfs count=\"2\">"
                        // 49 is text: what is typed into the cell later stays as it is typed, too.
                        + "<xf numFmtId=\"49\" applyNumberFormat=\"1\"/>"
                        + "<xf numFmtId=\"49\" fontId=\"1\" applyNumberFormat=\"1\" applyFont=\"1\"/>"
                        + "</cellXfs></styleSheet>");
        out = zip.last("xl/worksheets/sheet1.xml");
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
    public void header(List<String> titles) throws IOException {
        out.write("<worksheet xmlns=\"" + MAIN + "\"><sheetViews><sheetView workbookViewId=\"0\"><pane ySplit=\"1\" "
                + "topLeftCell=\"A2\" activePane=\"bottomLeft\" state=\"frozen\"/></sheetView></sheetViews><cols>");
        for (int c = 0; c < titles.size(); c++) {
            int width = Math.max(NARROWEST, Math.min(WIDEST, titles.get(c).length() + 4));
            out.write("<col min=\"" + (c + 1) + "\" max=\"" + (c + 1) + "\" width=\"" + width
                    + "\" style=\"0\" customWidth=\"1\"/>");
        }
        out.write("</cols><sheetData>\n");
        row(titles, " s=\"1\"");
    }

    @Override
    public void row(List<String> cells) throws IOException {
        row(cells, "");
    }

    private void row(List<String> cells, String style) throws IOException {
        row++;
        out.write("<row r=\"" + row + "\">");
        for (int c = 0; c < cells.size(); c++) {
            String text = cells.get(c);
            if (!text.isEmpty()) {
                out.write("<c r=\"" + letters(c) + row + "\"" + style
                        + " t=\"inlineStr\"><is><t xml:space=\"preserve\">");
                escaped(CellText.written(text));
                out.write("</t></is></c>");
            }
        }
        out.write("</row>\n");
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

    @Override
    public void end() throws IOException {
        out.write("</sheetData></worksheet>");
        zip.end();
    }
}
