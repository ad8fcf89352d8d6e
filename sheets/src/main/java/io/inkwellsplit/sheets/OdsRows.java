package io.inkwellsplit.sheets;

import io.inkwellsplit.table.ColumnType.Kind;
import io.inkwellsplit.table.TableException;
import io.inkwellsplit.table.TableException.Problem;
import io.inkwellsplit.table.TableInput;
import io.inkwellsplit.table.file.InputFile;
import io.inkwellsplit.table.format.ReadSettings;
import java.io.IOException;
import java.io.InputStream;
import java.time.DateTimeException;
import java.time.Duration;
import java.time.LocalTime;
import java.time.format.DateTimeFormatter;
import java.time.temporal.ChronoField;
import java.util.ArrayList;
import java.util.List;
import javax.xml.stream.XMLStreamConstants;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamReader;
import org.jspecify.annotations.Nullable;

/** Reads the rows of a sheet in OpenDocument, repeated ones as often as they are meant. */
final class OdsRows implements SheetRows {
    private static final String CONTENT = "content.xml";
    private static final int MOST_COLUMNS = 16_384;
    private static final long MOST_ROWS = 1L << 24;
    private static final int HALF_A_SECOND = 500;
    private static final int MOST_BLANKS = 1 << 20;

    private final InputFile file;
    private final InputStream in;
    private final XMLStreamReader xml;
    private long blanks;
    private long repeats;
    private long rows;
    private @Nullable List<String> held;
    private List<Kind> kinds = new ArrayList<>();
    private Kind kind = Kind.TEXT;

    private OdsRows(Packed packed, String sheet) {
        this.file = packed.file();
        try {
            this.in = packed.entry(CONTENT);
            this.xml = Xml.reader(in);
            while (xml.hasNext()) {
                boolean table = xml.next() == XMLStreamConstants.START_ELEMENT
                        && xml.getLocalName().equals("table");
                if (table && Xml.attribute(xml, "name", "").equals(sheet)) {
                    return;
                }
            }
        } catch (IOException | XMLStreamException e) {
            throw Packed.broken(file, e);
        }
        throw new IllegalStateException("the sheet was found before");
    }

    /** Opens a sheet; closing it closes the file. */
    static TableInput open(InputFile file, ReadSettings settings) {
        Packed packed = null;
        try {
            packed = Packed.open(file);
            Packed opened = packed;
            List<String> names = names(opened);
            String sheet = SheetNames.chosen(file.name(), names, settings.sheet());
            return new SheetInput(
                    file,
                    settings,
                    () -> new OdsRows(opened, sheet),
                    names,
                    SheetNames.notes(sheet, names, settings.sheet()),
                    opened::close);
        } catch (IOException | XMLStreamException | RuntimeException e) {
            if (packed != null) {
                packed.close();
            }
            file.close();
            throw e instanceof TableException told ? told : Packed.broken(file, e);
        }
    }

    private static List<String> names(Packed packed) throws IOException, XMLStreamException {
        List<String> names = new ArrayList<>();
        try (InputStream in = packed.entry(CONTENT)) {
            XMLStreamReader xml = Xml.reader(in);
            while (xml.hasNext()) {
                boolean table = xml.next() == XMLStreamConstants.START_ELEMENT
                        && xml.getLocalName().equals("table")
                        && xml.getNamespaceURI().endsWith(":table:1.0");
                if (table) {
                    names.add(Xml.attribute(xml, "name", ""));
                }
            }
        }
        return names;
    }

    @Override
    public @Nullable List<String> next() {
        try {
            while (held == null) {
                if (!nextRow()) {
                    file.checkUnchanged();
                    return null;
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
        repeats--;
        held = repeats == 0 ? null : cells;
        return cells;
    }

    @Override
    public List<Kind> kinds() {
        return kinds;
    }

    /** Goes to the next row; returns false behind the last one. */
    private boolean nextRow() throws XMLStreamException {
        while (xml.hasNext()) {
            int event = xml.next();
            if (event == XMLStreamConstants.END_ELEMENT && xml.getLocalName().equals("table")) {
                return false;
            }
            if (event == XMLStreamConstants.START_ELEMENT && xml.getLocalName().equals("table-row")) {
                long times = number(Xml.attribute(xml, "number-rows-repeated", "1"));
                List<String> cells = cells();
                if (cells.isEmpty()) {
                    blanks += times;
                } else {
                    rows += times + blanks;
                    if (rows > MOST_ROWS) {
                        throw new TableException(
                                Problem.INPUT,
                                file.name() + " repeats rows more than " + MOST_ROWS + " times; it is not read.");
                    }
                    repeats = times;
                    held = cells;
                }
                return true;
            }
        }
        return false;
    }

    private long number(String text) {
        try {
            return Math.max(1, Long.parseLong(text));
        } catch (NumberFormatException e) {
            throw Packed.broken(file, e);
        }
    }

    private List<String> cells() throws XMLStreamException {
        List<String> cells = new ArrayList<>();
        kinds = new ArrayList<>();
        long empty = 0;
        while (xml.hasNext()) {
            int event = xml.next();
            String name = event == XMLStreamConstants.START_ELEMENT || event == XMLStreamConstants.END_ELEMENT
                    ? xml.getLocalName()
                    : "";
            if (event == XMLStreamConstants.END_ELEMENT && name.equals("table-row")) {
                break;
            }
            boolean cell = name.equals("table-cell") || name.equals("covered-table-cell");
            if (event == XMLStreamConstants.START_ELEMENT && cell) {
                long times = number(Xml.attribute(xml, "number-columns-repeated", "1"));
                String text = cell(name);
                if (text.isEmpty()) {
                    empty += times;
                    continue;
                }
                if (cells.size() + empty + times > MOST_COLUMNS) {
                    throw new TableException(
                            Problem.INPUT, file.name() + " has more than " + MOST_COLUMNS + " columns in a row.");
                }
                for (; empty > 0; empty--) {
                    cells.add("");
                    kinds.add(Kind.TEXT);
                }
                for (long i = 0; i < times; i++) {
                    cells.add(text);
                    kinds.add(kind);
                }
            }
        }
        return cells;
    }

    /** Returns a value as text: numbers, dates and truth values as they are stored, text as it is shown. */
    private String cell(String element) throws XMLStreamException {
        String type = Xml.attribute(xml, "value-type", "string");
        String stored =
                switch (type) {
                    case "float", "currency", "percentage" -> Xml.attribute(xml, "value", "");
                    case "date" -> Xml.attribute(xml, "date-value", "").replaceFirst("\\.0+$", "");
                    case "time" -> time(Xml.attribute(xml, "time-value", ""));
                    case "boolean" -> Xml.attribute(xml, "boolean-value", "").equals("true") ? "TRUE" : "FALSE";
                    default -> "";
                };
        kind = kind(type, stored);
        StringBuilder text = new StringBuilder();
        boolean first = true;
        int note = 0;
        while (xml.hasNext()) {
            int event = xml.next();
            String name = event == XMLStreamConstants.START_ELEMENT || event == XMLStreamConstants.END_ELEMENT
                    ? xml.getLocalName()
                    : "";
            if (event == XMLStreamConstants.END_ELEMENT && name.equals(element)) {
                break;
            }
            if (name.equals("annotation")) {
                note += event == XMLStreamConstants.START_ELEMENT ? 1 : -1;
            } else if (event == XMLStreamConstants.START_ELEMENT && name.equals("p") && note == 0) {
                text.append(first ? "" : "\n");
                first = false;
                paragraph(text);
            }
        }
        return stored.isEmpty() ? text.toString() : stored;
    }

    /** A time of day is stored as how long it is since midnight; what is longer than a day stays so. */
    private static String time(String stored) {
        try {
            return LocalTime.MIDNIGHT
                    .with(
                            ChronoField.SECOND_OF_DAY,
                            Duration.parse(stored).plusMillis(HALF_A_SECOND).toSeconds())
                    .format(DateTimeFormatter.ISO_LOCAL_TIME);
        } catch (DateTimeException e) {
            return stored;
        }
    }

    private static Kind kind(String type, String stored) {
        return switch (type) {
            case "float", "currency", "percentage" -> Kind.NUMBER;
            case "date" -> stored.indexOf('T') < 0 ? Kind.DATE : Kind.MOMENT;
            case "time" -> Kind.TIME;
            case "boolean" -> Kind.TRUTH;
            default -> Kind.TEXT;
        };
    }

    private void paragraph(StringBuilder text) throws XMLStreamException {
        int depth = 1;
        boolean blank = true;
        while (depth > 0 && xml.hasNext()) {
            int event = xml.next();
            if (event == XMLStreamConstants.START_ELEMENT) {
                depth++;
                switch (xml.getLocalName()) {
                    case "s" -> {
                        long count = Math.min(MOST_BLANKS, number(Xml.attribute(xml, "c", "1")));
                        text.append(" ".repeat((int) count));
                    }
                    case "tab" -> text.append('\t');
                    case "line-break" -> text.append('\n');
                    default -> {}
                }
                blank = false;
            } else if (event == XMLStreamConstants.END_ELEMENT) {
                depth--;
            } else if (event == XMLStreamConstants.CHARACTERS || event == XMLStreamConstants.SPACE) {
                // Blanks that XML was laid out with are one, and none at the start.
                for (char c : xml.getText().toCharArray()) {
                    boolean white = c == ' ' || c == '\n' || c == '\t';
                    if (!white || !blank) {
                        text.append(white ? ' ' : c);
                    }
                    blank = white;
                }
            }
        }
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
