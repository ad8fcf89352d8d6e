package io.inkwellsplit.name.weigh;

import static org.assertj.core.api.Assertions.assertThat;

import io.inkwellsplit.name.NameEvidence;
import io.inkwellsplit.name.NameLearning;
import io.inkwellsplit.name.NameSplitter;
import io.inkwellsplit.weigh.Choice;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;

/**
 * What is weighed of names: their candidates, and how much of each feature is seen, as {@code features.txt} lists them. No
 * weight stands there, so learning anew changes nothing; a feature that changes shows there line by line. The file is
 * written anew by {@code -Dfeatures.write=true} and is read before it is taken.
 */
class FeaturesTest {
    private static final Path FILE = Path.of("src", "test", "resources", "io", "inkwellsplit", "name", "features.txt");
    private static final List<String> COLUMN = List.of(
            "Brandt Ines",
            "Okonedo Tobias",
            "Marlow Ada",
            "WREN Hugh",
            "Copperfield Rosa",
            "García López Juan",
            "Brandt I",
            "Wren, Tom",
            "Harbour Savings Co",
            "Tom & Ines Brandt");

    private final NameLearning learning = new NameLearning();

    private static List<String> names() throws IOException {
        return Files.readAllLines(FILE, StandardCharsets.UTF_8).stream()
                .filter(line -> line.startsWith("= "))
                .map(line -> line.substring(2))
                .toList();
    }

    private static NameEvidence column() {
        NameSplitter splitter = NameSplitter.standard();
        NameEvidence evidence = splitter.newEvidence();
        for (int i = 0; i < 5; i++) {
            COLUMN.forEach(name -> splitter.gather(name, evidence));
        }
        return evidence;
    }

    private void write(String name, NameEvidence evidence, String where, List<String> into) {
        List<Choice> choices = new ArrayList<>(learning.choices(name, evidence));
        choices.sort(Comparator.comparing((Choice choice) -> parts(choice.parts())));
        for (Choice choice : choices) {
            StringBuilder line =
                    new StringBuilder(where).append(parts(choice.parts())).append(" :");
            double[] seen = choice.features();
            for (NameFeature feature : NameFeature.values()) {
                // What a column prefers of a pattern goes by the weights.
                if (seen[feature.ordinal()] != 0 && feature != NameFeature.COLUMN_USUAL_ORDER) {
                    line.append(String.format(Locale.ROOT, " %s %.2f", feature, seen[feature.ordinal()]));
                }
            }
            into.add(line.toString());
        }
    }

    private static String parts(Map<String, String> parts) {
        return parts.entrySet().stream()
                .map(part -> part.getKey() + "=" + part.getValue())
                .collect(Collectors.joining("; "));
    }

    @Test
    void candidatesHaveTheirFeatures() throws IOException {
        List<String> lines = new ArrayList<>(List.of(
                "# Names made up for the purpose, their candidates and what is seen of each; see FeaturesTest."));
        NameEvidence column = column();
        for (String name : names()) {
            lines.add("= " + name);
            write(name, new NameEvidence(), "", lines);
            write(name, column, "in its column: ", lines);
        }
        String text = String.join("\n", lines) + "\n";
        if (Boolean.getBoolean("features.write")) {
            Files.writeString(FILE, text, StandardCharsets.UTF_8);
        }
        assertThat(text).isEqualTo(Files.readString(FILE, StandardCharsets.UTF_8));
    }
}
