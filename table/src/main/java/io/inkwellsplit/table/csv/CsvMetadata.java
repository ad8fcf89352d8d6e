package io.inkwellsplit.table.csv;

import com.fasterxml.jackson.core.JsonFactory;
import com.fasterxml.jackson.core.JsonGenerator;
import io.inkwellsplit.table.Dialect;
import io.inkwellsplit.table.file.Delivery;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.file.Path;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;

/**
 * Describes a text table in a file beside it, as the W3C's Metadata Vocabulary for Tabular Data does: each column's
 * title, its meaning, and that its values are text, so that no program takes a leading zero off a postcode.
 */
public final class CsvMetadata {
    /** The one column of a split that holds numbers. */
    private static final Set<String> CONFIDENCE = Set.of("confidence");

    private CsvMetadata() {}

    /**
     * {@return the standard's own name for the description of a file}
     *
     * @param csv the file that is described
     */
    public static Path beside(Path csv) {
        return csv.resolveSibling(csv.getFileName() + "-metadata.json");
    }

    /**
     * Writes the description.
     *
     * @param csv the file that is described
     * @param dialect how the text is written
     * @param titles the titles
     * @param meanings the meanings of columns by their titles; columns without one are described by their title alone
     * @param delivery with what it appears
     * @throws io.inkwellsplit.table.TableException if it cannot be written
     */
    public static void write(
            Path csv, Dialect dialect, List<String> titles, Map<String, String> meanings, Delivery delivery) {
        delivery.write(beside(csv), stream -> write(stream, csv, dialect, titles, meanings));
    }

    private static void write(
            OutputStream stream, Path csv, Dialect dialect, List<String> titles, Map<String, String> meanings)
            throws IOException {
        try (JsonGenerator json = new JsonFactory().createGenerator(stream).useDefaultPrettyPrinter()) {
            json.writeStartObject();
            json.writeArrayFieldStart("@context");
            json.writeString("http://www.w3.org/ns/csvw");
            json.writeStartObject();
            json.writeStringField("@language", "en");
            json.writeEndObject();
            json.writeEndArray();
            json.writeStringField("url", String.valueOf(csv.getFileName()));
            json.writeObjectFieldStart("dialect");
            json.writeStringField("encoding", "utf-8");
            json.writeStringField("delimiter", String.valueOf(dialect.separator()));
            json.writeBooleanField("header", true);
            json.writeEndObject();
            json.writeObjectFieldStart("tableSchema");
            json.writeArrayFieldStart("columns");
            Set<String> taken = new HashSet<>();
            for (String title : titles) {
                column(json, title, meanings.getOrDefault(title, ""), taken);
            }
            json.writeEndArray();
            json.writeEndObject();
            json.writeEndObject();
        }
    }

    private static void column(JsonGenerator json, String title, String meaning, Set<String> taken) throws IOException {
        json.writeStartObject();
        json.writeStringField("name", name(title, taken));
        json.writeStringField("titles", title);
        if (!meaning.isEmpty()) {
            json.writeStringField("dc:description", meaning);
        }
        if (!meaning.isEmpty() && CONFIDENCE.contains(title.toLowerCase(Locale.ROOT))) {
            json.writeObjectFieldStart("datatype");
            json.writeStringField("base", "decimal");
            json.writeStringField("minimum", "0");
            json.writeStringField("maximum", "1");
            json.writeEndObject();
        } else {
            json.writeStringField("datatype", "string");
        }
        json.writeEndObject();
    }

    /** A name may have letters, digits and underscores alone, and stands once. */
    private static String name(String title, Set<String> taken) {
        String plain = title.strip().toLowerCase(Locale.ROOT).replaceAll("[^a-z0-9]+", "_");
        String base = plain.replaceAll("^_+|_+$", "");
        String name = base.isEmpty() ? "column" : base;
        for (int i = 2; !taken.add(name); i++) {
            name = (base.isEmpty() ? "column" : base) + "_" + i;
        }
        return name;
    }
}
