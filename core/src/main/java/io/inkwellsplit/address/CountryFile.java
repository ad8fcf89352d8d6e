package io.inkwellsplit.address;

import io.inkwellsplit.address.Country.Ending;
import io.inkwellsplit.address.Country.State;
import io.inkwellsplit.data.Resources;
import io.inkwellsplit.data.Resources.Line;
import io.inkwellsplit.text.Tokens;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;

/**
 * One country's data file and the files of the languages it uses, read and checked; see {@code docs/countries.md}.
 *
 * <p>A section, or a line of {@code [form]}, that is not known is refused, naming file and line.
 */
final class CountryFile {
    private static final Set<String> FORM_KEYS = Set.of(
            "uses",
            "postcode",
            "order",
            "prefix",
            "lost zero",
            "postcode word",
            "postcode follows",
            "slash",
            "dash",
            "city first",
            "city number",
            "city is country",
            "letter behind number",
            "slash in city",
            "streets of streets");

    private static final Map<String, Map<String, List<Line>>> SHARED = new ConcurrentHashMap<>();

    private final Map<String, List<String>> form = new LinkedHashMap<>();
    private final Map<String, Integer> words = new LinkedHashMap<>();
    private final List<Ending> endings = new ArrayList<>();
    private final List<State> states = new ArrayList<>();
    private final Map<String, List<String>> starts = new LinkedHashMap<>();
    private final Map<String, String> abbreviations = new LinkedHashMap<>();
    private final StringBuilder letters = new StringBuilder();

    CountryFile(String code) {
        Map<String, List<Line>> sections = Resources.sections(CountryFile.class, "country/" + code + ".txt");
        for (Line line : sections.getOrDefault("form", List.of())) {
            List<String> fields = List.of(line.fields());
            if (!FORM_KEYS.contains(fields.get(0))) {
                throw line.refuse("the setting \"" + fields.get(0) + "\" is unknown");
            }
            form.put(fields.get(0), values(fields));
        }
        for (Line line : sections.getOrDefault("postcode start", List.of())) {
            starts.put(line.fields()[0], List.of(line.fields()[1].split(" ")));
        }
        add(shared("common.txt"));
        for (String language : form.getOrDefault("uses", List.of())) {
            add(shared("language/" + language + ".txt"));
        }
        add(sections);
        Map<String, Integer> merged = new LinkedHashMap<>();
        endings.forEach(ending -> merged.merge(ending.letters(), ending.bits(), (a, b) -> a | b));
        endings.clear();
        merged.forEach((letters, bits) -> endings.add(new Ending(letters, bits)));
        endings.sort(
                Comparator.comparingInt((Ending e) -> -e.letters().length()).thenComparing(Ending::letters));
    }

    /** Returns the sections of a file that several countries use; it is read once. */
    private static Map<String, List<Line>> shared(String file) {
        return SHARED.computeIfAbsent(file, name -> Resources.sections(CountryFile.class, name));
    }

    /** Languages and prefixes stand with blanks between them, forms of postcodes with tabs. */
    private static List<String> values(List<String> fields) {
        boolean blanks = fields.get(0).equals("uses") || fields.get(0).equals("prefix");
        return blanks ? List.of(fields.get(1).split(" ")) : fields.subList(1, fields.size());
    }

    private void add(Map<String, List<Line>> sections) {
        sections.forEach((section, lines) -> {
            Integer word = AddressWord.SECTIONS.get(section);
            Integer ending = AddressWord.ENDINGS.get(section);
            if (word != null) {
                words(section, lines, word);
            } else if (ending != null) {
                lines.forEach(line -> endings.add(new Ending(folded(line.text()), ending)));
            } else if (section.equals("abbreviation")) {
                lines.forEach(line -> abbreviations.put(line.fields()[0], line.fields()[1]));
            } else if (section.equals("letters")) {
                lines.forEach(line -> letters.append(line.text()));
            } else if (!section.equals("form") && !section.equals("label") && !section.equals("postcode start")) {
                throw lines.get(0).refuse("the section [" + section + "] is unknown");
            }
        });
    }

    private void words(String section, List<Line> lines, int bit) {
        Set<String> seen = new HashSet<>();
        for (Line line : lines) {
            List<String> spellings = Arrays.asList(line.fields());
            for (String spelling : spellings) {
                if (!seen.add(spelling)) {
                    throw line.refuse(spelling + " stands twice in [" + section + "]");
                }
                words.merge(spelling, bit, (a, b) -> a | b);
            }
            if (bit == AddressWord.STATE) {
                states.add(new State(spellings, starts.getOrDefault(spellings.get(0), List.of())));
            }
        }
    }

    /** Returns letters as they are compared; a hyphen stays. */
    private static String folded(String letters) {
        Tokens tokens = new Tokens();
        tokens.read("x" + letters);
        StringBuilder folded = new StringBuilder();
        for (int i = 1; i < letters.length() + 1; i++) {
            folded.append(tokens.foldAt(i));
        }
        return folded.toString();
    }

    Map<String, List<String>> form() {
        return form;
    }

    /** Returns words and phrases with what they are. */
    Map<String, Integer> words() {
        return words;
    }

    List<Ending> endings() {
        return List.copyOf(endings);
    }

    List<State> states() {
        return List.copyOf(states);
    }

    /** Returns words for streets and directions in full with what the post writes for them; endings have a hyphen. */
    Map<String, String> abbreviations() {
        return abbreviations;
    }

    /** Returns the small letters beside a to z of the country's languages. */
    String letters() {
        return letters.toString();
    }
}
