package io.inkwellsplit.address;

import io.inkwellsplit.address.place.Countries;
import io.inkwellsplit.address.place.CountryFile;
import io.inkwellsplit.data.Resources;
import io.inkwellsplit.data.Resources.Line;
import io.inkwellsplit.words.OwnCountry;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;

/**
 * The lines of an address in a country's own order: the sections {@code [label]} and {@code [label in own letters]} of its data file.
 *
 * @param code two letters of ISO 3166-1; empty for countries that have no file
 * @param name what the country is called, in English or by its usual letters; empty where it has no file
 * @param lines each with parts in braces, as in {@link io.inkwellsplit.pattern.TextPattern}
 * @param inOwnLetters the lines of an address in the country's own letters; empty where they are the same
 */
public record CountryLayout(String code, String name, List<String> lines, List<String> inOwnLetters) {
    private static final ConcurrentHashMap<String, CountryLayout> LOADED = new ConcurrentHashMap<>();

    private static final class Names {
        static final Map<String, String> CODES = load();

        private static Map<String, String> load() {
            Map<String, String> codes = new HashMap<>();
            for (Line code : Resources.lines(Countries.class, "countries.txt")) {
                codes.put(plain(code.text()), code.text());
                for (Line line : section(code.text(), "country")) {
                    for (String name : line.fields()) {
                        codes.put(plain(name), code.text());
                    }
                }
            }
            return codes;
        }
    }

    private static List<Line> section(String code, String section) {
        return Resources.sections(CountryFile.class, "country/" + code + ".txt").getOrDefault(section, List.of());
    }

    /**
     * {@return the layout of a country by a file of the user's}
     *
     * @param country what the user's file says
     * @throws IllegalStateException if it holds what it may not; the message names file and line
     */
    public static CountryLayout of(OwnCountry country) {
        Map<String, List<Line>> sections = CountryFile.sections(country);
        return new CountryLayout(
                country.code(),
                Objects.requireNonNull(sections.get("country")).get(0).fields()[0],
                texts(Objects.requireNonNull(sections.get("label"))),
                texts(sections.getOrDefault(CountryFile.OWN_LETTERS, List.of())));
    }

    private static List<String> texts(List<Line> lines) {
        return lines.stream().map(Line::text).toList();
    }

    /**
     * {@return whether the country is called so}
     *
     * @param written its name as the file says it, in any language, or its letters
     */
    public boolean isCalled(String written) {
        return plain(written).equals(plain(name))
                || plain(written).equals(plain(code))
                || AddressSplitter.countryCode(written).filter(code::equals).isPresent();
    }

    private static String plain(String name) {
        return name.replace(".", "").strip().toLowerCase(Locale.ROOT);
    }

    /**
     * {@return the code of a country by its code or one of its names in any language; none where it has no data file}
     *
     * @param country the code or the name
     */
    public static Optional<String> codeOf(String country) {
        String code = Names.CODES.get(plain(country));
        return code == null
                ? AddressSplitter.countryCode(country).filter(Names.CODES::containsValue)
                : Optional.of(code);
    }

    /**
     * {@return the layout of the country with a code, or the usual one where it has no data file}
     *
     * @param code the code of ISO 3166-1
     */
    public static CountryLayout of(String code) {
        return LOADED.computeIfAbsent(code, CountryLayout::load);
    }

    private static CountryLayout load(String code) {
        boolean known = codeOf(code).filter(code::equals).isPresent();
        List<Line> lines = known
                ? section(code, "label")
                : Resources.sections(CountryFile.class, "common.txt").getOrDefault("label", List.of());
        String name = known ? section(code, "country").get(0).fields()[0] : "";
        return new CountryLayout(
                known ? code : "",
                name,
                texts(lines),
                known ? texts(section(code, CountryFile.OWN_LETTERS)) : List.of());
    }
}
