package io.inkwellsplit.training;

import io.inkwellsplit.address.AddressSplitter;
import io.inkwellsplit.data.Resources;
import io.inkwellsplit.data.Resources.Line;
import io.inkwellsplit.reading.AddressPart;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.function.UnaryOperator;

/**
 * Writes addresses of one country from the patterns in its file.
 *
 * <p>A section has alternatives, a line each. In a line, {@code {street}} stands for any alternative of {@code [street]};
 * in {@code [address]} it is at the same time the part with that key, and {@code {city=suburb}} is the part {@code city}
 * written as {@code [suburb]} says. What stands in {@code < >} is written now and then. Built in are {@code {n}} and
 * {@code {nn}} (numbers), {@code {d}} (a digit), {@code {L}} (a letter), {@code {abc}} and {@code {abcU}} (a letter or
 * nothing), {@code {hash}} (the sign, with which no line may begin), {@code {given}}, {@code {family}}, {@code {city}}, {@code {city0}} (a city that is no part), {@code
 * {postcode}} and {@code {country}}.
 */
final class AddressPatterns {
    private static final double INVENTED_CITY = 0.3;
    private static final double OPTIONAL = 0.3;
    private static final double LINES = 0.25;
    private static final double CAPITALS = 0.12;
    private static final double ANOTHER_FORM = 0.15;

    private final String file;
    private final String code;
    private final Map<String, List<String>> sections;
    private final Map<String, List<String>> form;
    private final List<String> names;
    private final List<String> cities;
    private final List<String> inColumn = new ArrayList<>();

    /** Returns whether there are patterns for a country; a country can be read before there are. */
    static boolean exist(String code) {
        return AddressPatterns.class.getResource("addresses/" + code + ".txt") != null;
    }

    AddressPatterns(String code, List<String> cities) {
        this("addresses/" + code + ".txt", code, cities);
    }

    /**
     * Takes the patterns of any file.
     *
     * @param code the country that the addresses are in, which may have no file of its own
     */
    AddressPatterns(String file, String code, List<String> cities) {
        this.file = file;
        // Some names have a second one in brackets or behind a dash, which nobody writes, or are a
        // district's number.
        this.cities = cities.stream()
                .filter(city -> !city.matches(".*([(/0-9]| - |Mahallesi).*"))
                .toList();
        this.code = code;
        this.sections = texts(Resources.sections(AddressPatterns.class, file));
        Map<String, List<Line>> country = AddressSplitter.countries().contains(code)
                ? Resources.sections(AddressSplitter.class, "place/country/" + code + ".txt")
                : Map.of();
        this.names = texts(country).getOrDefault("country", List.of());
        this.form = new HashMap<>();
        for (Line line : country.getOrDefault("form", List.of())) {
            List<String> fields = List.of(line.fields());
            form.put(fields.get(0), fields.subList(1, fields.size()));
        }
    }

    /** Takes these texts for a section that the file does not have. */
    AddressPatterns orElse(String section, List<String> texts) {
        if (!texts.isEmpty()) {
            sections.putIfAbsent(section, texts);
        }
        return this;
    }

    private static Map<String, List<String>> texts(Map<String, List<Line>> lines) {
        Map<String, List<String>> texts = new HashMap<>();
        lines.forEach((section, all) ->
                texts.put(section, all.stream().map(Line::text).toList()));
        return texts;
    }

    /** From now on the addresses are in a few towns. */
    void startColumn(NamePools pools, int towns) {
        inColumn.clear();
        List<String> some = new ArrayList<>();
        for (int i = 0; i < towns; i++) {
            some.add(city(pools));
        }
        inColumn.addAll(some);
    }

    void endColumn() {
        inColumn.clear();
    }

    Labelled write(NamePools pools, AddressNoise noise) {
        String pattern = pools.any(sections.getOrDefault("address", List.of("{street}, {postcode} {city}")));
        String separator = pools.chance(LINES) ? "\n" : ", ";
        UnaryOperator<String> casing = noise.casing(CAPITALS);
        Draft draft = new Draft(casing);
        address(options(pattern, pools), separator, draft, pools);
        return draft.labelled(code, separator.equals("\n") ? UnaryOperator.identity() : noise::strewn);
    }

    private static String options(String pattern, NamePools pools) {
        StringBuilder text = new StringBuilder();
        boolean keep = true;
        for (int i = 0; i < pattern.length(); i++) {
            char c = pattern.charAt(i);
            if (c == '<') {
                keep = pools.chance(OPTIONAL);
            } else if (c == '>') {
                keep = true;
            } else if (keep) {
                text.append(c);
            }
        }
        return text.toString();
    }

    private void address(String pattern, String separator, Draft draft, NamePools pools) {
        int at = 0;
        while (at < pattern.length()) {
            int open = pattern.indexOf('{', at);
            if (open < 0) {
                draft.plain(pattern.substring(at).replace(", ", separator));
                return;
            }
            draft.plain(pattern.substring(at, open).replace(", ", separator));
            int close = pattern.indexOf('}', open);
            String field = pattern.substring(open + 1, close);
            String key = field.replaceFirst("=.*", "").replaceFirst("^city.*", "city");
            String written = written(field.substring(field.indexOf('=') + 1), pools);
            if (key.equals("careof")) {
                draft.plain(written + " ");
            } else {
                draft.part(AddressPart.valueOf(key.toUpperCase(Locale.ROOT)), written);
            }
            at = close + 1;
        }
    }

    private String written(String field, NamePools pools) {
        List<String> own = sections.get(field);
        if (own != null) {
            return expanded(pools.any(own), pools);
        }
        return switch (field) {
            case "hash" -> "#";
            case "n" -> Integer.toString(pools.chance(0.7) ? pools.number(1, 199) : pools.number(200, 1999));
            case "nn" -> Integer.toString(pools.number(1, 30));
            case "d" -> Integer.toString(pools.number(1, 9));
            case "L" -> pools.pick("A", "B", "C", "D", "E");
            case "abc" -> pools.pick("", "", "a", "b", "c");
            case "abc1" -> pools.pick("a", "b", "c");
            case "abcU" -> pools.pick("", "", "", "A", "B");
            case "given" -> pools.given(locale());
            case "family" -> pools.family(locale());
            case "city", "city0" -> city(pools);
            case "postcode" -> postcode(pools);
            case "country" -> pools.any(names.subList(0, Math.min(3, names.size())));
            default -> throw new IllegalStateException(file + ": nothing is called " + field);
        };
    }

    private String expanded(String pattern, NamePools pools) {
        StringBuilder text = new StringBuilder();
        int at = 0;
        while (at < pattern.length()) {
            int open = pattern.indexOf('{', at);
            if (open < 0) {
                return text.append(pattern.substring(at)).toString();
            }
            int close = pattern.indexOf('}', open);
            text.append(pattern, at, open).append(written(pattern.substring(open + 1, close), pools));
            at = close + 1;
        }
        return text.toString();
    }

    /** Returns the flags and lists of the country's form. */
    Map<String, List<String>> form() {
        return form;
    }

    private String locale() {
        return sections.getOrDefault("locale", List.of("en")).get(0);
    }

    String city(NamePools pools) {
        if (!inColumn.isEmpty()) {
            return pools.any(inColumn);
        }
        String city = pools.any(cities);
        String other = pools.any(cities);
        return mixes(city, other) && pools.chance(INVENTED_CITY) ? mixed(city, other) : city;
    }

    /** Returns the name of a place that no list has, if the country's names can be mixed. */
    String invented(NamePools pools) {
        String city = pools.any(cities);
        String other = pools.any(cities);
        return mixes(city, other) ? mixed(city, other) : city;
    }

    private static boolean mixes(String city, String other) {
        return city.length() > 4 && other.length() > 4 && city.indexOf(' ') < 0 && other.indexOf(' ') < 0;
    }

    private static String mixed(String city, String other) {
        return city.substring(0, city.length() / 2)
                + other.substring(other.length() / 2).toLowerCase(Locale.ROOT);
    }

    /** Returns a postcode of one of the country's forms. */
    String postcode(NamePools pools) {
        List<String> forms = form.getOrDefault("postcode", List.of("99999"));
        String pattern = pools.chance(ANOTHER_FORM) ? pools.any(forms) : forms.get(0);
        if (pattern.indexOf(' ') >= 0 && pattern.indexOf('*') < 0 && pools.chance(ANOTHER_FORM)) {
            pattern = pattern.replace(" ", "");
        }
        StringBuilder written = new StringBuilder();
        for (char c : pattern.toCharArray()) {
            written.append(
                    switch (c) {
                        case '9' -> Character.forDigit(pools.number(written.isEmpty() ? 1 : 0, 9), 10);
                        case '@' -> "ABCEGHJKLMNPRSTVXY".charAt(pools.number(0, 17));
                        case '*' -> "ACDEFHKNPRTVWXY0123456789".charAt(pools.number(0, 24));
                        default -> c;
                    });
        }
        List<String> prefixes = form.getOrDefault("prefix", List.of());
        boolean prefixed = !prefixes.isEmpty() && pools.chance(0.05);
        return (prefixed ? prefixes.get(0).split(" ")[0] + "-" : "") + written;
    }
}
