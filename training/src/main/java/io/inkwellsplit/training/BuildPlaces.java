package io.inkwellsplit.training;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.TreeSet;

/**
 * Writes the gazetteer, a file a country: {@code BuildPlaces <folder with the lists> <folder of the gazetteer>}.
 *
 * <p>A line has a place; in {@code US.txt} also, after tabs, the state and the postcodes, with ranges put together.
 */
public final class BuildPlaces {
    private static final String HEAD = "# Built by the training program; see docs/training.md. Sources: NOTICE.\n";

    private BuildPlaces() {}

    public static void main(String[] args) throws IOException {
        Path lists = Path.of(args[0]);
        Path out = Path.of(args[1]);
        Map<String, TreeSet<String>> names = new TreeMap<>();
        Map<String, TreeSet<Integer>> american = new TreeMap<>();
        for (String row : rows(lists.resolve("us-postcodes.csv.gz"))) {
            String[] fields = row.split(",");
            american.computeIfAbsent(fields[1] + "\t" + fields[2], place -> new TreeSet<>())
                    .add(Integer.parseInt(fields[0]));
        }
        for (String row : rows(lists.resolve("cities.csv.gz"))) {
            String[] fields = row.split(",");
            if (fields[0].equals("US")) {
                american.computeIfAbsent(fields[1] + "\t" + fields[2], place -> new TreeSet<>());
            } else {
                names.computeIfAbsent(fields[0], country -> new TreeSet<>()).add(fields[1]);
            }
        }
        StringBuilder text = new StringBuilder(HEAD);
        american.forEach((place, postcodes) -> text.append(place)
                .append(postcodes.isEmpty() ? "" : "\t" + ranges(postcodes))
                .append('\n'));
        Files.writeString(out.resolve("US.txt"), text);
        for (Map.Entry<String, TreeSet<String>> country : names.entrySet()) {
            Files.writeString(
                    out.resolve(country.getKey() + ".txt"), HEAD + String.join("\n", country.getValue()) + "\n");
        }
    }

    private static List<String> rows(Path file) {
        List<String> rows = GzipLines.of(file);
        return rows.subList(1, rows.size());
    }

    private static String ranges(TreeSet<Integer> postcodes) {
        StringBuilder text = new StringBuilder();
        int first = -1;
        int last = -1;
        for (int code : postcodes) {
            if (code != last + 1) {
                append(text, first, last);
                first = code;
            }
            last = code;
        }
        append(text, first, last);
        return text.toString();
    }

    private static void append(StringBuilder text, int first, int last) {
        if (first >= 0) {
            text.append(text.isEmpty() ? "" : " ").append(first).append(last > first ? "-" + last : "");
        }
    }
}
