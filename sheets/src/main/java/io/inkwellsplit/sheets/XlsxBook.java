package io.inkwellsplit.sheets;

import io.inkwellsplit.table.TableException;
import io.inkwellsplit.table.TableInput;
import io.inkwellsplit.table.file.InputFile;
import io.inkwellsplit.table.format.ReadSettings;
import java.io.IOException;
import java.io.InputStream;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import javax.xml.stream.XMLStreamConstants;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamReader;

/** What a book says of its sheets, dates and texts, before a sheet is read. */
final class XlsxBook {
    private static final long MOST_BYTES_BESIDE = 256L << 20;
    /** Numbers of the built-in formats that are dates or times (ECMA-376, 18.8.30). */
    private static final Set<Integer> DATES =
            Set.of(14, 15, 16, 17, 18, 19, 20, 21, 22, 27, 30, 36, 45, 46, 47, 50, 57);

    private final Packed packed;
    /** Sheets by name, in their order, and where they are. */
    private final Map<String, String> sheets = new LinkedHashMap<>();

    private boolean from1904;
    /** Which styles of cells show dates. */
    private final List<Boolean> dates = new ArrayList<>();

    private XlsxBook(Packed packed) {
        this.packed = packed;
    }

    /** Opens a sheet of a book; closing it closes the file. */
    static TableInput open(InputFile file, ReadSettings settings) {
        SharedTexts texts = new SharedTexts();
        Packed packed = null;
        try {
            packed = Packed.open(file);
            Packed opened = packed;
            XlsxBook book = new XlsxBook(opened);
            book.readWorkbook();
            book.readStyles();
            book.readTexts(texts);
            List<String> names = List.copyOf(book.sheets.keySet());
            String sheet = SheetNames.chosen(file.name(), names, settings.sheet());
            String entry = String.valueOf(book.sheets.get(sheet));
            return new SheetInput(
                    file,
                    settings,
                    () -> new XlsxRows(opened, entry, texts, book.dates, book.from1904),
                    names,
                    SheetNames.notes(sheet, names, settings.sheet()),
                    () -> {
                        texts.close();
                        opened.close();
                    });
        } catch (IOException | XMLStreamException | RuntimeException e) {
            texts.close();
            if (packed != null) {
                packed.close();
            }
            file.close();
            throw e instanceof TableException told ? told : Packed.broken(file, e);
        }
    }

    private void readWorkbook() throws IOException, XMLStreamException {
        Map<String, String> targets = new HashMap<>();
        each("xl/_rels/workbook.xml.rels", (xml, name) -> {
            if (name.equals("Relationship")) {
                String target = Xml.attribute(xml, "Target", "");
                targets.put(
                        Xml.attribute(xml, "Id", ""), target.startsWith("/") ? target.substring(1) : "xl/" + target);
            }
        });
        each("xl/workbook.xml", (xml, name) -> {
            if (name.equals("workbookPr")) {
                String epoch = Xml.attribute(xml, "date1904", "0");
                from1904 = epoch.equals("1") || epoch.equals("true");
            } else if (name.equals("sheet")) {
                String target = targets.get(Xml.attribute(xml, "id", ""));
                if (target != null) {
                    sheets.put(CellText.read(Xml.attribute(xml, "name", "")), target);
                }
            }
        });
    }

    private void readStyles() throws IOException, XMLStreamException {
        Set<Integer> custom = new HashSet<>();
        boolean[] cells = new boolean[1];
        if (packed.has("xl/styles.xml")) {
            each("xl/styles.xml", (xml, name) -> {
                if (name.equals("numFmt") && isDate(Xml.attribute(xml, "formatCode", ""))) {
                    custom.add(Integer.parseInt(Xml.attribute(xml, "numFmtId", "0")));
                } else if (name.equals("cellXfs")) {
                    cells[0] = true;
                } else if (name.equals("cellStyles") || name.equals("dxfs")) {
                    cells[0] = false;
                } else if (name.equals("xf") && cells[0]) {
                    int format = Integer.parseInt(Xml.attribute(xml, "numFmtId", "0"));
                    dates.add(DATES.contains(format) || custom.contains(format));
                }
            });
        }
    }

    /** A format of its own shows a date where it has a letter for one outside quotes and brackets. */
    private static boolean isDate(String code) {
        return code.replaceAll("\"[^\"]*\"|\\[[^\\]]*\\]|\\\\.", "").matches("(?i).*[ymdhs].*");
    }

    private void readTexts(SharedTexts texts) throws IOException, XMLStreamException {
        if (!packed.has("xl/sharedStrings.xml")) {
            return;
        }
        try (InputStream in = packed.entry("xl/sharedStrings.xml")) {
            XMLStreamReader xml = Xml.reader(in);
            while (xml.hasNext()) {
                if (xml.next() == XMLStreamConstants.START_ELEMENT
                        && xml.getLocalName().equals("si")) {
                    texts.add(XlsxRows.text(xml, "si"));
                }
            }
            texts.end();
        }
    }

    private interface Element {
        void found(XMLStreamReader xml, String name);
    }

    private void each(String entry, Element element) throws IOException, XMLStreamException {
        try (InputStream in = packed.entry(entry, MOST_BYTES_BESIDE)) {
            XMLStreamReader xml = Xml.reader(in);
            while (xml.hasNext()) {
                if (xml.next() == XMLStreamConstants.START_ELEMENT) {
                    element.found(xml, xml.getLocalName());
                }
            }
        }
    }
}
