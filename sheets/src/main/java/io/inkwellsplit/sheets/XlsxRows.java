package io.inkwellsplit.sheets;

import io.inkwellsplit.table.ColumnType.Kind;
import io.inkwellsplit.table.TableException;
import io.inkwellsplit.table.TableException.Problem;
import io.inkwellsplit.table.file.InputFile;
import java.io.IOException;
import java.io.InputStream;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.List;
import javax.xml.stream.XMLStreamConstants;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamReader;
import org.jspecify.annotations.Nullable;

/** Reads the rows of a sheet in OOXML. A formula is told by its stored value. */
final class XlsxRows implements SheetRows {
    private static final int MOST_COLUMNS = 16_384;
    private static final long SECONDS_A_DAY = 86_400;

    private final InputFile file;
    private final InputStream in;
    private final XMLStreamReader xml;
    private final SharedTexts texts;
    private final List<Boolean> dates;
    private final boolean from1904;
    /** How many blank rows come before the row that is held. */
    private long blanks;

    private @Nullable List<String> held;
    private List<Kind> kinds = new ArrayList<>();
    private Kind kind = Kind.TEXT;
    private long row;

    XlsxRows(Packed packed, String entry, SharedTexts texts, List<Boolean> dates, boolean from1904) {
        this.file = packed.file();
        this.texts = texts;
        this.dates = dates;
        this.from1904 = from1904;
        try {
            this.in = packed.entry(entry);
            this.xml = Xml.reader(in);
        } catch (IOException | XMLStreamException e) {
            throw Packed.broken(file, e);
        }
    }

    @Override
    public @Nullable List<String> next() {
        try {
            while (held == null) {
                List<String> cells = nextRow();
                if (cells == null) {
                    file.checkUnchanged();
                    return null;
                }
                if (cells.isEmpty()) {
                    blanks++;
                } else {
                    held = cells;
                }
            }
        } catch (XMLStreamException e) {
            throw Packed.broken(file, e);
        }
        if (blanks > 0) {
            blanks--;
            return List.of();
        }
        List<String> cells = held;
        held = null;
        return cells;
    }

    @Override
    public List<Kind> kinds() {
        return kinds;
    }

    /** Returns the cells of the next row that is written, without blanks at the right. */
    private @Nullable List<String> nextRow() throws XMLStreamException {
        while (xml.hasNext()) {
            if (xml.next() == XMLStreamConstants.START_ELEMENT
                    && xml.getLocalName().equals("row")) {
                long number = number(Xml.attribute(xml, "r", Long.toString(row + 1)));
                blanks += Math.max(0, number - row - 1);
                row = Math.max(row + 1, number);
                return cells();
            }
        }
        return null;
    }

    private long number(String text) {
        try {
            return Long.parseLong(text);
        } catch (NumberFormatException e) {
            throw Packed.broken(file, e);
        }
    }

    private List<String> cells() throws XMLStreamException {
        List<String> cells = new ArrayList<>();
        kinds = new ArrayList<>();
        while (xml.hasNext()) {
            int event = xml.next();
            if (event == XMLStreamConstants.END_ELEMENT && xml.getLocalName().equals("row")) {
                break;
            }
            if (event == XMLStreamConstants.START_ELEMENT && xml.getLocalName().equals("c")) {
                int column = column(Xml.attribute(xml, "r", ""), cells.size());
                String text = cell();
                while (!text.isEmpty() && cells.size() < column) {
                    cells.add("");
                    kinds.add(Kind.TEXT);
                }
                if (!text.isEmpty()) {
                    cells.add(text);
                    kinds.add(kind);
                }
            }
        }
        return cells;
    }

    /** {@code AB12} is column 27, counted from 0. */
    private int column(String reference, int otherwise) {
        int column = 0;
        int i = 0;
        while (i < reference.length() && reference.charAt(i) >= 'A' && reference.charAt(i) <= 'Z' && i < 4) {
            column = column * 26 + reference.charAt(i++) - 'A' + 1;
        }
        int found = i == 0 ? otherwise : column - 1;
        if (found >= MOST_COLUMNS || found < otherwise) {
            throw new TableException(Problem.INPUT, file.name() + " is broken: a cell stands at " + reference + ".");
        }
        return found;
    }

    private String cell() throws XMLStreamException {
        String type = Xml.attribute(xml, "t", "n");
        String style = Xml.attribute(xml, "s", "");
        String value = "";
        String formula = "";
        while (xml.hasNext()) {
            int event = xml.next();
            if (event == XMLStreamConstants.END_ELEMENT && xml.getLocalName().equals("c")) {
                break;
            }
            if (event == XMLStreamConstants.START_ELEMENT) {
                switch (xml.getLocalName()) {
                    case "v" -> value = xml.getElementText();
                    case "is" -> value = text(xml, "is");
                    case "f" -> formula = xml.getElementText();
                    default -> {}
                }
            }
        }
        kind = Kind.TEXT;
        if (formula.equals("TRUE()") || formula.equals("FALSE()")) {
            // So an office program writes a truth value.
            kind = Kind.TRUTH;
            return formula.substring(0, formula.length() - 2);
        }
        return switch (type) {
            case "s" -> value.isEmpty() ? "" : texts.get(file.name(), (int) number(value.strip()));
            case "b" -> {
                kind = Kind.TRUTH;
                yield value.isEmpty() ? "" : value.equals("1") ? "TRUE" : "FALSE";
            }
            case "str" -> CellText.read(value);
            case "n" -> {
                kind = Kind.NUMBER;
                yield isDate(style) && !value.isEmpty() ? date(value) : value;
            }
            default -> value;
        };
    }

    private boolean isDate(String style) {
        int number = style.isEmpty() ? 0 : (int) number(style);
        return number >= 0 && number < dates.size() && dates.get(number);
    }

    /** Returns the text of an element with runs of letters; how it is spoken is left out. */
    static String text(XMLStreamReader xml, String element) throws XMLStreamException {
        StringBuilder text = new StringBuilder();
        int spoken = 0;
        while (xml.hasNext()) {
            int event = xml.next();
            String name = event == XMLStreamConstants.START_ELEMENT || event == XMLStreamConstants.END_ELEMENT
                    ? xml.getLocalName()
                    : "";
            if (event == XMLStreamConstants.END_ELEMENT && name.equals(element)) {
                break;
            }
            if (name.equals("rPh")) {
                spoken += event == XMLStreamConstants.START_ELEMENT ? 1 : -1;
            } else if (event == XMLStreamConstants.START_ELEMENT && name.equals("t")) {
                String run = xml.getElementText();
                text.append(spoken == 0 ? run : "");
            }
        }
        return CellText.read(text.toString());
    }

    /** Days since the end of 1899, with the 29 February 1900 that never was, or since 1904; the time of day behind the point. */
    private String date(String value) {
        BigDecimal days;
        try {
            days = new BigDecimal(value.strip());
        } catch (NumberFormatException e) {
            return value;
        }
        long whole = days.setScale(0, RoundingMode.FLOOR).longValue();
        long seconds = days.subtract(BigDecimal.valueOf(whole))
                .multiply(BigDecimal.valueOf(SECONDS_A_DAY))
                .setScale(0, RoundingMode.HALF_UP)
                .longValue();
        if (Math.abs(whole) > 3_000_000) {
            return value;
        }
        LocalDate first = from1904 ? LocalDate.of(1904, 1, 1) : LocalDate.of(1899, 12, whole < 60 ? 31 : 30);
        LocalDateTime time = first.plusDays(whole).atStartOfDay().plusSeconds(seconds);
        kind = whole == 0 && !from1904 ? Kind.TIME : seconds == 0 ? Kind.DATE : Kind.MOMENT;
        if (kind == Kind.TIME) {
            return time.format(DateTimeFormatter.ISO_LOCAL_TIME);
        }
        return seconds == 0
                ? time.format(DateTimeFormatter.ISO_LOCAL_DATE)
                : time.format(DateTimeFormatter.ISO_LOCAL_DATE_TIME);
    }

    @Override
    public void close() {
        try {
            xml.close();
            in.close();
        } catch (IOException | XMLStreamException e) {
            throw Packed.broken(file, e);
        }
    }
}
