package io.inkwellsplit.training;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.TreeMap;
import java.util.TreeSet;

/**
 * Writes the gazetteer: {@code BuildPlaces <folder with the lists> <folder of the gazetteer>}.
 *
 * <p>{@code US.txt} has a post city and the states it is in on each line, with a tab and commas between; {@code GB.txt}
 * has a place on each line.
 */
public final class BuildPlaces {
    private static final String HEAD = "# Built by the training program; see docs/training.md. Sources: NOTICE.\n";

    private BuildPlaces() {}

    public static void main(String[] args) throws IOException {
        Path lists = Path.of(args[0]);
        Path out = Path.of(args[1]);
        TreeMap<String, TreeSet<String>> states = new TreeMap<>();
        List<String> rows = GzipLines.of(lists.resolve("us-postcodes.csv.gz"));
        for (String row : rows.subList(1, rows.size())) {
            String[] fields = row.split(",");
            states.computeIfAbsent(fields[1], city -> new TreeSet<>()).add(fields[2]);
        }
        StringBuilder text = new StringBuilder(HEAD);
        states.forEach((city, in) ->
                text.append(city).append('\t').append(String.join(",", in)).append('\n'));
        Files.writeString(out.resolve("US.txt"), text);
        Files.writeString(
                out.resolve("GB.txt"),
                HEAD + String.join("\n", GzipLines.of(lists.resolve("gb-cities.txt.gz"))) + "\n");
    }
}
