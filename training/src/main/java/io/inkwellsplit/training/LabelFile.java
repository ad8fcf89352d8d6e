package io.inkwellsplit.training;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * Reads labelled values from a table of the columns {@code text}, {@code format} and {@code parts}.
 *
 * <p>Parts are written {@code key=value|key=value}, with {@code kind} where it is not a person or a plain address.
 */
public final class LabelFile {
    private LabelFile() {}

    /** Returns the labelled values of a file, in their order. */
    public static List<Labelled> read(Path file) {
        List<Labelled> labelled = new ArrayList<>();
        try (var reader = de.siegmar.fastcsv.reader.CsvReader.builder().ofNamedCsvRecord(file)) {
            for (var row : reader) {
                labelled.add(new Labelled(row.getField("text"), row.getField("format"), parts(row.getField("parts"))));
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return labelled;
    }

    private static Map<String, String> parts(String text) {
        Map<String, String> parts = new LinkedHashMap<>();
        if (!text.isEmpty()) {
            for (String part : text.split("\\|")) {
                int equals = part.indexOf('=');
                parts.put(part.substring(0, equals), part.substring(equals + 1));
            }
        }
        return parts;
    }
}
