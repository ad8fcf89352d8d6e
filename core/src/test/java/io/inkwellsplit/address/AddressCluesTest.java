package io.inkwellsplit.address;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.function.UnaryOperator;
import org.junit.jupiter.api.Test;

/**
 * What is seen of addresses before anything is decided, as {@code clues.txt} lists it: a number for all that speaks for
 * countries, and a number for the clues of each token. No weight stands there, so learning anew changes nothing; a rule, a word
 * or a place that is seen in another way shows there, token by token. The file is written anew by
 * {@code -Dfeatures.write=true} and is read before it is taken.
 */
class AddressCluesTest {
    private static final Path FILE = Path.of("src", "test", "resources", "io", "inkwellsplit", "address", "clues.txt");
    private static final List<UnaryOperator<String>> FORMS = List.of(
            text -> text,
            text -> text.replace(",", "").toUpperCase(Locale.ROOT),
            text -> text.replace(", ", "\n").toLowerCase(Locale.ROOT),
            text -> text.replace(",", "") + ", c/o Harrow");

    private final AddressLearning learning = new AddressLearning();

    private static List<String> addresses() throws IOException {
        return Files.readAllLines(FILE, StandardCharsets.UTF_8).stream()
                .filter(line -> line.startsWith("= "))
                .map(line -> line.substring(2))
                .toList();
    }

    private static AddressEvidence column() {
        AddressSplitter splitter = AddressSplitter.standard();
        AddressEvidence evidence = splitter.newEvidence();
        for (int i = 0; i < 5; i++) {
            splitter.gather("12 Main St, Barre, VT 05641", evidence);
            splitter.gather("7 Quay Rd, Tallow Creek, VT 05641", evidence);
            splitter.gather("4 Fore St, Stonehouse, Plymouth PL1 1AA", evidence);
            splitter.gather("Ada Thorne, 4 Fore St, Plymouth PL1 1AA", evidence);
        }
        return evidence;
    }

    private String seen(String text, AddressEvidence evidence) {
        StringBuilder line = new StringBuilder(number(countries(text, evidence)));
        AddressLearning.Tagged tagged = learning.tagged(text, List.of(), evidence, true, true);
        if (tagged == null) {
            return line.append(" nothing").toString();
        }
        int each = AddressLearning.clues();
        for (int from = 0; from < tagged.clues().length; from += each) {
            int joint = tagged.joints()[from / each];
            int clues = Arrays.hashCode(Arrays.copyOfRange(tagged.clues(), from, from + each));
            line.append(' ').append(number(31 * clues + joint));
        }
        return line.toString();
    }

    /** Countries that nothing speaks for have no share in it. */
    private int countries(String text, AddressEvidence evidence) {
        float[][] clues = learning.countryClues(text, evidence);
        float[] none = new float[AddressLearning.countryClues().size()];
        int sum = clues.length == 0 ? 1 : 0;
        for (int i = 0; i < clues.length; i++) {
            if (!Arrays.equals(clues[i], none)) {
                sum += 31 * AddressSplitter.countries().get(i).hashCode() ^ Arrays.hashCode(clues[i]);
            }
        }
        return sum;
    }

    private static String number(int hash) {
        return String.format(Locale.ROOT, "%04x", (hash ^ hash >>> 16) & 0xFFFF);
    }

    @Test
    void tokensHaveTheirClues() throws IOException {
        List<String> lines = new ArrayList<>(
                List.of(
                        "# Addresses made up for the purpose, and what is seen of them in several forms; see AddressCluesTest."));
        AddressEvidence column = column();
        for (String address : addresses()) {
            lines.add("= " + address);
            for (UnaryOperator<String> form : FORMS) {
                lines.add(seen(form.apply(address), AddressEvidence.NONE));
            }
            lines.add("in its column: " + seen(address, column));
        }
        String text = String.join("\n", lines) + "\n";
        if (Boolean.getBoolean("features.write")) {
            Files.writeString(FILE, text, StandardCharsets.UTF_8);
        }
        assertThat(text).isEqualTo(Files.readString(FILE, StandardCharsets.UTF_8));
    }
}
