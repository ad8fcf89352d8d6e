package io.inkwellsplit.sheets;

import io.inkwellsplit.sheets.SheetOutput.SheetWriter;
import java.io.IOException;
import java.io.OutputStream;
import java.io.Writer;
import java.util.List;

/** Writes rows as text into a sheet of an OpenDocument spreadsheet, whose header is bold and stays in sight. */
final class OdsWriter implements SheetWriter {
    private static final String NAMESPACES = " xmlns:office=\"urn:oasis:names:tc:opendocument:xmlns:office:1.0\""
            + " xmlns:table=\"urn:oasis:names:tc:opendocument:xmlns:table:1.0\""
            + " xmlns:text=\"urn:oasis:names:tc:opendocument:xmlns:text:1.0\""
            + " xmlns:style=\"urn:oasis:names:tc:opendocument:xmlns:style:1.0\""
            + " xmlns:fo=\"urn:oasis:names:tc:opendocument:xmlns:xsl-fo-compatible:1.0\""
            + " xmlns:config=\"urn:oasis:names:tc:opendocument:xmlns:config:1.0\""
            + " office:version=\"1.3\"";
    private final ZipWriter zip;
    private final Writer out;

    OdsWriter(OutputStream to) throws IOException {
        zip = new ZipWriter(to);
        zip.stored("mimetype", OdsFormat.MEDIA_TYPE);
        zip.whole(
                "META-INF/manifest.xml",
                "<manifest:manifest xmlns:manifest=\"urn:oasis:names:tc:opendocument:xmlns:manifest:1.0\" "
                        + "manifest:version=\"1.3\"><manifest:file-entry manifest:full-path=\"/\" "
                        + "manifest:media-type=\"" + OdsFormat.MEDIA_TYPE + "\"/><manifest:file-entry "
                        + "manifest:full-path=\"content.xml\" manifest:media-type=\"text/xml\"/><manifest:file-entry "
                        + "manifest:full-path=\"settings.xml\" manifest:media-type=\"text/xml\"/></manifest:manifest>");
        zip.whole(
                "settings.xml",
                "<office:document-settings" + NAMESPACES + "><office:settings><config:config-item-set "
                        + "config:name=\"ooo:view-settings\"><config:config-item-map-indexed config:name=\"Views\">"
                        + "<config:config-item-map-entry><config:config-item-map-named config:name=\"Tables\">"
                        + "<config:config-item-map-entry config:name=\"Table\">"
                        + item("VerticalSplitMode", "short", "2")
                        + item("VerticalSplitPosition", "int", "1") + item("PositionBottom", "int", "1")
                        + "</config:config-item-map-entry></config:config-item-map-named>"
                        + "</config:config-item-map-entry></config:config-item-map-indexed></config:config-item-set>"
                        + "</office:settings></office:document-settings>");
        out = zip.last("content.xml");
        out.write("<office:document-content" + NAMESPACES + "><office:automatic-styles>"
                + "<style:style style:name=\"w\" style:family=\"table-column\"><style:table-column-properties "
                + "style:column-width=\"4cm\"/></style:style><style:style style:name=\"h\" "
                + "style:family=\"table-cell\"><style:text-properties fo:font-weight=\"bold\"/></style:style>"
                + "</office:automatic-styles><office:body><office:spreadsheet><table:table table:name=\"Table\">");
    }

    private static String item(String name, String type, String value) {
        return "<config:config-item config:name=\"" + name + "\" config:type=\"" + type + "\">" + value
                + "</config:config-item>";
    }

    @Override
    public void header(List<String> titles) throws IOException {
        out.write("<table:table-column table:style-name=\"w\" table:number-columns-repeated=\""
                + Math.max(1, titles.size()) + "\"/>");
        row(titles, " table:style-name=\"h\"");
    }

    @Override
    public void row(List<String> cells) throws IOException {
        row(cells, "");
    }

    private void row(List<String> cells, String style) throws IOException {
        out.write("<table:table-row>");
        for (String cell : cells) {
            if (cell.isEmpty()) {
                out.write("<table:table-cell/>");
            } else {
                out.write("<table:table-cell" + style + " office:value-type=\"string\">");
                for (String line : cell.split("\n", -1)) {
                    out.write("<text:p>");
                    paragraph(line);
                    out.write("</text:p>");
                }
                out.write("</table:table-cell>");
            }
        }
        out.write("</table:table-row>\n");
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

    @Override
    public void end() throws IOException {
        out.write("</table:table></office:spreadsheet></office:body></office:document-content>");
        zip.end();
    }
}
