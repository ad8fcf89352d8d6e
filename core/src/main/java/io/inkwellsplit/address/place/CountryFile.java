package io.inkwellsplit.address.place;

import io.inkwellsplit.address.place.Country.Ending;
import io.inkwellsplit.address.place.Country.State;
import io.inkwellsplit.data.Format;
import io.inkwellsplit.data.Format.Column;
import io.inkwellsplit.data.Resources.Line;
import io.inkwellsplit.text.Tokens;
import io.inkwellsplit.words.OwnCountry;
import io.inkwellsplit.words.OwnWords;
import java.lang.Character.UnicodeScript;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.EnumSet;
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
public final class CountryFile {
    /** The section with the label of an address in the letters of a country that writes from the largest place to the smallest. */
    public static final String OWN_LETTERS = "label in own letters";

    /** What a file of words may hold, of a language or of all countries. */
    private static final Format SHARED_WORDS = words(Format.NONE);

    /** What the file of a country may hold. */
    static final Format COUNTRY = words(Format.NONE
            .required("form", Column.TEXT, Column.ANYS)
            .required("label", Column.TEXT)
            .optional(OWN_LETTERS, Column.TEXT)
            .required("example", Column.TEXT, Column.TEXT, Column.TEXT)
            .optional("postcode start", Column.TEXT, Column.TEXT));

    private static final Map<String, Map<String, List<Line>>> SHARED = new ConcurrentHashMap<>();

    private final Map<String, List<String>> form = new LinkedHashMap<>();
    private final Map<String, Integer> words = new LinkedHashMap<>();
    private final List<Ending> endings = new ArrayList<>();
    private final List<State> states = new ArrayList<>();
    private final Set<UnicodeScript> scripts = EnumSet.noneOf(UnicodeScript.class);
    private final Map<String, List<String>> starts = new LinkedHashMap<>();
    private final Map<String, String> abbreviations = new LinkedHashMap<>();
    private final StringBuilder letters = new StringBuilder();

    CountryFile(String code) {
        this(COUNTRY.read(CountryFile.class, "country/" + code + ".txt"));
    }

    CountryFile(Map<String, List<Line>> sections) {
        for (Line line : sections.getOrDefault("form", List.of())) {
            List<String> fields = List.of(line.fields());
            CountryForm.check(line);
            if (form.put(fields.get(0), values(fields)) != null) {
                throw line.refuse("the setting \"" + fields.get(0) + "\" stands twice");
            }
        }
        for (Line line : sections.getOrDefault("postcode start", List.of())) {
            starts.put(line.fields()[0], List.of(line.fields()[1].split(" ")));
        }
        for (String label : List.of("label", OWN_LETTERS)) {
            sections.getOrDefault(label, List.of()).forEach(CountryForm::checkLabel);
        }
        add(shared("common.txt"));
        for (Line line : sections.getOrDefault("form", List.of())) {
            if (line.fields()[0].equals("uses")) {
                languages(line);
            }
        }
        add(sections);
        for (Line line : sections.getOrDefault("postcode start", List.of())) {
            String region = line.fields()[0];
            if (states.stream().noneMatch(state -> state.names().contains(region))) {
                throw line.refuse("there is no region \"" + region + "\" in [state]");
            }
        }
        Map<String, Integer> merged = new LinkedHashMap<>();
        endings.forEach(ending -> merged.merge(ending.letters(), ending.bits(), (a, b) -> a | b));
        endings.clear();
        merged.forEach((letters, bits) -> endings.add(new Ending(letters, bits)));
        endings.sort(
                Comparator.comparingInt((Ending e) -> -e.letters().length()).thenComparing(Ending::letters));
    }

    /** Reads the file of a country that a user has written. */
    static CountryFile read(OwnCountry country) {
        return new CountryFile(sections(country));
    }

    /** Returns the sections of the file of a country that a user has written, by their names. */
    public static Map<String, List<Line>> sections(OwnCountry country) {
        return COUNTRY.read(country.called(), country.lines());
    }

    /** Returns the user's own words, which hold in every country, with what they are. */
    static Map<String, Integer> own(OwnWords own) {
        Map<String, Integer> words = new LinkedHashMap<>();
        AddressWord.SECTIONS.forEach((section, bits) -> {
            if (!AddressWord.OF_A_COUNTRY.contains(section)) {
                for (Line line : own.lines(section)) {
                    for (String spelling : line.fields()) {
                        words.merge(spelling, bits, (a, b) -> a | b);
                    }
                }
            }
        });
        return words;
    }

    private static Format words(Format start) {
        boolean country = start != Format.NONE;
        Format format = country ? start.required("country", Column.TEXTS) : start.optional("label", Column.TEXT);
        for (String section : AddressWord.SECTIONS.keySet()) {
            if (!section.equals("country")) {
                format = format.optional(section, Column.TEXTS);
            }
        }
        for (String section : AddressWord.ENDINGS.keySet()) {
            format = format.optional(section, Column.TEXT);
        }
        return format.optional("abbreviation", Column.TEXT, Column.TEXT)
                .optional("letters", Column.TEXT)
                .optional("script", Column.TEXT);
    }

    /** Returns the sections of a file that several countries use; it is read once. */
    private static Map<String, List<Line>> shared(String file) {
        return SHARED.computeIfAbsent(file, name -> SHARED_WORDS.read(CountryFile.class, name));
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
                lines.forEach(this::addLetters);
            } else if (section.equals("script")) {
                lines.forEach(line -> scripts.add(script(line)));
            }
        });
    }

    private void languages(Line line) {
        for (String language : form.getOrDefault("uses", List.of())) {
            if (CountryFile.class.getResource("language/" + language + ".txt") == null) {
                throw line.refuse("there is no file of the language \"" + language + "\"");
            }
            add(shared("language/" + language + ".txt"));
        }
    }

    private static UnicodeScript script(Line line) {
        try {
            return UnicodeScript.forName(line.text());
        } catch (IllegalArgumentException e) {
            throw line.refuse("there is no script \"" + line.text() + "\" in Unicode");
        }
    }

    private void addLetters(Line line) {
        for (char letter : line.text().toCharArray()) {
            if (!Character.isLetter(letter) || Character.isUpperCase(letter)) {
                throw line.refuse("\"" + letter + "\" is no small letter");
            }
            letters.append(letter);
        }
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

    /** Returns the scripts beside the Latin one in which the country's languages are written. */
    Set<UnicodeScript> scripts() {
        return Set.copyOf(scripts);
    }

    /** Returns the small letters beside a to z of the country's languages. */
    String letters() {
        return letters.toString();
    }
}
