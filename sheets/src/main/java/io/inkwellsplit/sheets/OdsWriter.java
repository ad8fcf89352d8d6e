package io.inkwellsplit.sheets;

import io.inkwellsplit.sheets.SheetOutput.SheetWriter;
import io.inkwellsplit.table.ColumnType.Kind;
import io.inkwellsplit.table.TypedText;
import io.inkwellsplit.table.format.WriteSettings.Sheet;
import java.io.IOException;
import java.io.OutputStream;
import java.io.Writer;
import java.time.Duration;
import java.time.LocalTime;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.Collectors;

/** Writes rows into sheets of an OpenDocument spreadsheet, whose headers are bold and stay in sight. */
final class OdsWriter implements SheetWriter {
    private static final String NAMESPACES = " xmlns:office=\"urn:oasis:names:tc:opendocument:xmlns:office:1.0\""
            + " xmlns:table=\"urn:oasis:names:tc:opendocument:xmlns:table:1.0\""
            + " xmlns:text=\"urn:oasis:names:tc:opendocument:xmlns:text:1.0\""
            + " xmlns:style=\"urn:oasis:names:tc:opendocument:xmlns:style:1.0\""
            + " xmlns:fo=\"urn:oasis:names:tc:opendocument:xmlns:xsl-fo-compatible:1.0\""
            + " xmlns:config=\"urn:oasis:names:tc:opendocument:xmlns:config:1.0\""
            + " xmlns:of=\"urn:oasis:names:tc:opendocument:xmlns:of:1.2\""
            + " office:version=\"1.3\"";
    /** How wide a character is. */
    private static final int MILLIMETRES = 2;

    private final ZipWriter zip;
    private final Writer out;
    private final List<Sheet> sheets;
    private int sheet;
    /** By column, the name of the words to choose from in its cells. */
    private List<String> lists = List.of();

    OdsWriter(OutputStream to, List<Sheet> sheets) throws IOException {
        this.sheets = sheets;
        zip = new ZipWriter(to);
        zip.stored("mimetype", OdsFormat.MEDIA_TYPE);
        zip.whole(
                "META-INF/manifest.xml",
                "<manifest:manifest xmlns:manifest=\"urn:oasis:names:tc:opendocument:xmlns:manifest:1.0\" "
                        + "manifest:version=\"1.3\"><manifest:file-entry manifest:full-path=\"/\" "
                        + "manifest:media-type=\"" + OdsFormat.MEDIA_TYPE + "\"/><manifest:file-entry "
                        + "manifest:full-path=\"content.xml\" manifest:media-type=\"text/xml\"/><manifest:file-entry "
                        + "manifest:full-path=\"settings.xml\" manifest:media-type=\"text/xml\"/></manifest:manifest>");
        StringBuilder frozen = new StringBuilder();
        for (Sheet one : sheets) {
            frozen.append("<config:config-item-map-entry config:name=\"" + one.name() + "\">"
                    + item("VerticalSplitMode", "short", "2")
                    + item("VerticalSplitPosition", "int", "1") + item("PositionBottom", "int", "1")
                    + "</config:config-item-map-entry>");
        }
        zip.whole(
                "settings.xml",
                "<office:document-settings" + NAMESPACES + "><office:settings><config:config-item-set "
                        + "config:name=\"ooo:view-settings\"><config:config-item-map-indexed config:name=\"Views\">"
                        + "<config:config-item-map-entry><config:config-item-map-named config:name=\"Tables\">"
                        + frozen + "</config:config-item-map-named>"
                        + "</config:config-item-map-entry></config:config-item-map-indexed></config:config-item-set>"
                        + "</office:settings></office:document-settings>");
        out = zip.entry("content.xml");
        out.write("<office:document-content" + NAMESPACES + "><office:automatic-styles>"
                + widths() + "<style:style style:name=\"h\" "
                + "style:family=\"table-cell\"><style:text-properties fo:font-weight=\"bold\"/></style:style>"
                + "</office:automatic-styles><office:body><office:spreadsheet>");
        choices();
    }

    /** A style for each width that a column can have. */
    private static String widths() {
        StringBuilder styles = new StringBuilder();
        for (int width = SheetOutput.NARROWEST; width <= SheetOutput.WIDEST; width++) {
            styles.append("<style:style style:name=\"w" + width
                    + "\" style:family=\"table-column\"><style:table-column-properties style:column-width=\""
                    + width * MILLIMETRES / 10.0 + "cm\"/></style:style>");
        }
        return styles.toString();
    }

    private static String item(String name, String type, String value) {
        return "<config:config-item config:name=\"" + name + "\" config:type=\"" + type + "\">" + value
                + "</config:config-item>";
    }

    /** Words to choose from come before all sheets; others may be typed as well. */
    private void choices() throws IOException {
        if (sheets.stream().allMatch(one -> one.choices().isEmpty())) {
            return;
        }
        out.write("<table:content-validations>");
        for (Sheet one : sheets) {
            for (Map.Entry<String, List<String>> words : new TreeMap<>(one.choices()).entrySet()) {
                String all = words.getValue().stream()
                        .map(word -> "&quot;" + word + "&quot;")
                        .collect(Collectors.joining(";"));
                out.write("<table:content-validation table:name=\"" + list(one, words.getKey())
                        + "\" table:condition=\"of:cell-content-is-in-list(" + all
                        + ")\" table:allow-empty-cell=\"true\"><table:error-message table:display=\"false\"/>"
                        + "</table:content-validation>");
            }
        }
        out.write("</table:content-validations>");
    }

    private static String list(Sheet sheet, String title) {
        return sheet.name() + "-" + title;
    }

    @Override
    public void header(List<String> titles, List<Integer> widths) throws IOException {
        endSheet();
        Sheet current = sheets.get(sheet++);
        lists = titles.stream()
                .map(title -> current.choices().containsKey(title) ? list(current, title) : "")
                .toList();
        out.write("<table:table table:name=\"" + current.name() + "\">");
        for (int width : widths) {
            out.write("<table:table-column table:style-name=\"w" + width + "\"/>");
        }
        out.write(widths.isEmpty() ? "<table:table-column/><table:table-row>" : "<table:table-row>");
        for (String title : titles) {
            cell(title, " table:style-name=\"h\"");
        }
        out.write("</table:table-row>\n");
    }

    @Override
    public void row(List<String> cells, List<Kind> kinds) throws IOException {
        out.write("<table:table-row>");
        for (int c = 0; c < cells.size(); c++) {
            Kind kind = c < kinds.size() ? kinds.get(c) : Kind.TEXT;
            String value = kind == Kind.TEXT ? "" : value(kind, cells.get(c));
            if (value.isEmpty()) {
                String list = c < lists.size() ? lists.get(c) : "";
                cell(cells.get(c), list.isEmpty() ? "" : " table:content-validation-name=\"" + list + "\"");
            } else {
                out.write("<table:table-cell office:value-type=" + value + "><text:p>" + cells.get(c)
                        + "</text:p></table:table-cell>");
            }
        }
        out.write("</table:table-row>\n");
    }

    /** Returns the attributes of a value of a typed column; empty where its text is none. */
    private static String value(Kind kind, String text) {
        Optional<Boolean> truth = TypedText.truth(kind, text);
        if (truth.isPresent()) {
            return "\"boolean\" office:boolean-value=\"" + truth.get() + "\"";
        }
        if (TypedText.isExactNumber(kind, text)) {
            return "\"float\" office:value=\"" + text + "\"";
        }
        if (SheetTime.day(kind, text).isEmpty()) {
            return "";
        }
        return text.indexOf('-') < 0
                ? "\"time\" office:time-value=\"" + Duration.between(LocalTime.MIDNIGHT, LocalTime.parse(text)) + "\""
                : "\"date\" office:date-value=\"" + text.replace(' ', 'T') + "\"";
    }

    private void cell(String text, String attributes) throws IOException {
        if (text.isEmpty()) {
            out.write("<table:table-cell" + attributes + "/>");
            return;
        }
        out.write("<table:table-cell" + attributes + " office:value-type=\"string\">");
        for (String line : text.split("\n", -1)) {
            out.write("<text:p>");
            paragraph(line);
            out.write("</text:p>");
        }
        out.write("</table:table-cell>");
    }

    /** Blanks at the ends and doubled ones, and tabs, have elements of their own; what XML has no place for is left out. */
    private void paragraph(String text) throws IOException {
        for (int i = 0; i < text.length(); i++) {
            char c = text.charAt(i);
            boolean kept = i > 0 && i + 1 < text.length() && text.charAt(i - 1) != ' ';
            if (c == ' ' && !kept) {
                out.write("<text:s/>");
            } else if (c == '\t') {
                out.write("<text:tab/>");
            } else if (c == '&') {
                out.write("&amp;");
            } else if (c == '<') {
                out.write("&lt;");
            } else if (c == '>') {
                out.write("&gt;");
            } else if (c == '\r') {
                out.write("&#13;");
            } else if (CellText.isXml(text, i)) {
                out.write(c);
            } else {
                out.write('\uFFFD');
            }
        }
    }

    private void endSheet() throws IOException {
        out.write(sheet == 0 ? "" : "</table:table>");
    }

    @Override
    public void end() throws IOException {
        endSheet();
        out.write("</office:spreadsheet></office:body></office:document-content>");
        zip.end();
    }
}
