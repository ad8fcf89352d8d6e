package io.inkwellsplit.assemble;

import io.inkwellsplit.address.AddressSplitter;
import io.inkwellsplit.address.CountryLayout;
import io.inkwellsplit.pattern.TextPattern;
import io.inkwellsplit.reading.AddressPart;
import io.inkwellsplit.reading.Reading;
import io.inkwellsplit.words.OwnCountry;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/**
 * Writes the parts of an address as a label, in the lines and the order of its country, with capitals where that
 * country's post asks for them; or all in one line.
 *
 * <p>The country is the one that the address names; else the home country; else the likeliest one for its parts. The
 * country stands on the last line, in capitals, where it is not the home country. An address in the letters of a country that writes
 * from the largest place to the smallest keeps that order. A part that a country's label has no
 * place for stands beside the city rather than being left out. Immutable and thread-safe.
 */
public final class AddressLabel {
    /** Gives the text of a part; null or empty where the address has none. */
    public interface Parts extends Function<AddressPart, @Nullable String> {}

    private static final Map<CountryLayout, Layouts> LAYOUTS = new ConcurrentHashMap<>();
    /** Parts that a layout may lack, and that belong before the line of the city. */
    private static final List<AddressPart> BEFORE_CITY =
            List.of(AddressPart.CARE_OF, AddressPart.BUILDING, AddressPart.UNIT, AddressPart.BOX, AddressPart.LOCALITY);

    private static final List<AddressPart> BEHIND_CITY =
            List.of(AddressPart.COUNTY, AddressPart.STATE, AddressPart.UNPLACED);

    private final @Nullable String home;
    /** Reads the addresses that name no country; knows the user's own countries. */
    private final AddressSplitter guesser;

    private final Map<String, CountryLayout> own;

    /** How a country writes: in Latin letters, and in its own. */
    private record Layouts(Layout usual, Layout inOwnLetters) {}

    /** A country's lines; those of one address in one line have no capitals of their own. */
    private record Layout(List<TextPattern> lines, List<TextPattern> inOneLine, String between) {}

    private AddressLabel(@Nullable String home, AddressSplitter guesser, Map<String, CountryLayout> own) {
        this.home = home;
        this.guesser = guesser;
        this.own = own;
    }

    /** {@return labels for letters that may be posted anywhere: a country that is written stands on the label} */
    public static AddressLabel fromAnywhere() {
        return new AddressLabel(null, AddressSplitter.standard(), Map.of());
    }

    /**
     * Returns labels for letters that are posted in a country.
     *
     * @param homeCountry its two letters of ISO 3166-1, or a name of it
     * @return labels of that country
     * @throws IllegalArgumentException if it is not known
     */
    public static AddressLabel from(String homeCountry) {
        String code = CountryLayout.codeOf(homeCountry)
                .orElseThrow(() -> new IllegalArgumentException("\"" + homeCountry
                        + "\" is no country whose addresses are known; there are "
                        + String.join(", ", AddressSplitter.countries())));
        return new AddressLabel(code, AddressSplitter.standard(), Map.of());
    }

    /**
     * {@return labels for letters that are posted in a country that the user describes}
     *
     * @param home what the user's file says
     * @throws IllegalArgumentException if it holds what it may not; the message names file and line
     */
    public static AddressLabel from(OwnCountry home) {
        return new AddressLabel(home.code(), AddressSplitter.standard(), Map.of()).withCountry(home);
    }

    /**
     * {@return these, and the labels of a country by a file of the user's} Where labels of the country are written already,
     * the file takes the place of the shipped one.
     *
     * @param country what the user's file says
     * @throws IllegalArgumentException if it holds what it may not; the message names file and line
     */
    public AddressLabel withCountry(OwnCountry country) {
        AddressSplitter knowing = guesser.withCountry(country);
        Map<String, CountryLayout> more = new HashMap<>(own);
        more.put(country.code(), CountryLayout.of(country));
        return new AddressLabel(home, knowing, Map.copyOf(more));
    }

    /**
     * {@return the lines of a label, none of them empty}
     *
     * @param parts what gives the text of a part
     */
    public List<String> lines(Parts parts) {
        String code = country(parts);
        return lines(parts, code, layout(parts, code), false);
    }

    /**
     * {@return the lines of a label for an address that was read, in the country it was read as}
     *
     * @param address the reading of an address
     */
    public List<String> lines(Reading<AddressPart> address) {
        String code = named(address::text).orElse(address.country());
        return lines(address::text, code, layout(address::text, code), false);
    }

    /**
     * {@return the address in one line, in its country's order, with commas where lines end}
     *
     * @param parts what gives the text of a part
     */
    public String oneLine(Parts parts) {
        String code = country(parts);
        Layout layout = layout(parts, code);
        return String.join(layout.between, lines(parts, code, layout, true));
    }

    private String country(Parts parts) {
        return named(parts)
                .orElseGet(
                        () -> home == null || !text(parts, AddressPart.COUNTRY).isEmpty() ? guess(parts) : home);
    }

    /** The country that is written, where its name is known. */
    private Optional<String> named(Parts parts) {
        String written = text(parts, AddressPart.COUNTRY);
        return own.values().stream()
                .filter(layout -> layout.isCalled(written))
                .map(CountryLayout::code)
                .findFirst()
                .or(() -> CountryLayout.codeOf(written));
    }

    private Layout layout(Parts parts, String code) {
        Layouts layouts = LAYOUTS.computeIfAbsent(layout(code), AddressLabel::compile);
        return isInOwnLetters(text(parts, AddressPart.CITY) + text(parts, AddressPart.STREET))
                ? layouts.inOwnLetters
                : layouts.usual;
    }

    /** Letters are the country's own where most are not Latin. */
    private static boolean isInOwnLetters(String place) {
        long letters = place.codePoints().filter(Character::isLetter).count();
        long latin = place.codePoints()
                .filter(c -> Character.isLetter(c) && Character.UnicodeScript.of(c) == Character.UnicodeScript.LATIN)
                .count();
        return letters > 2 * latin;
    }

    private List<String> lines(Parts parts, String code, Layout layout, boolean inOneLine) {
        List<String> lines = new ArrayList<>();
        for (TextPattern line : inOneLine ? layout.inOneLine : layout.lines) {
            String text = line.format(field -> parts.apply(AddressPart.valueOf(field.toUpperCase(Locale.ROOT))));
            if (!text.isEmpty()) {
                lines.add(text);
            }
        }
        String country = country(parts, code);
        if (!country.isEmpty() && !lines.isEmpty()) {
            lines.add(inOneLine ? country : country.toUpperCase(Locale.ROOT));
        }
        return lines;
    }

    /** The last line: the country as it is written, or by name where it is abroad and only known. */
    private String country(Parts parts, String code) {
        if (code.equals(home)) {
            return "";
        }
        String written = text(parts, AddressPart.COUNTRY);
        return written.isEmpty() && home != null ? layout(code).name() : written;
    }

    /** The country that such parts are likely to be of; empty where there is nothing to go by. */
    private String guess(Parts parts) {
        String text = Arrays.stream(AddressPart.values())
                .filter(part -> !part.isFiner())
                .map(part -> text(parts, part))
                .filter(value -> !value.isEmpty())
                .collect(Collectors.joining(", "));
        return text.isEmpty() ? "" : guesser.split(text).country();
    }

    private static String text(Parts parts, AddressPart part) {
        String value = parts.apply(part);
        return value == null ? "" : value.strip();
    }

    private CountryLayout layout(String code) {
        CountryLayout mine = own.get(code);
        return mine == null ? CountryLayout.of(code) : mine;
    }

    private static Layouts compile(CountryLayout country) {
        Layout usual = compile(country.lines(), ", ");
        return new Layouts(usual, country.inOwnLetters().isEmpty() ? usual : compile(country.inOwnLetters(), " "));
    }

    private static Layout compile(List<String> known, String between) {
        List<String> lines = new ArrayList<>(known);
        String all = String.join(" ", lines).replace("-upper", "");
        for (AddressPart part : BEFORE_CITY) {
            if (!all.contains(field(part))) {
                lines.add(cityLine(lines), field(part));
            }
        }
        for (AddressPart part : BEHIND_CITY) {
            if (!all.contains(field(part))) {
                lines.add(field(part));
            }
        }
        return new Layout(
                lines.stream().map(TextPattern::compile).toList(),
                lines.stream()
                        .map(line -> TextPattern.compile(line.replace("-upper}", "}")))
                        .toList(),
                between);
    }

    private static String field(AddressPart part) {
        return "{" + part.key() + "}";
    }

    private static int cityLine(List<String> lines) {
        int i = 0;
        while (i < lines.size() && !lines.get(i).contains("{city")) {
            i++;
        }
        return i;
    }
}
