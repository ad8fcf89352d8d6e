package io.inkwellsplit.training;

import io.inkwellsplit.address.AddressSplitter;
import io.inkwellsplit.data.Resources;
import io.inkwellsplit.data.Resources.Line;
import io.inkwellsplit.reading.AddressPart;
import io.inkwellsplit.training.Labelled.Place;
import java.nio.file.Path;
import java.text.Normalizer;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;

/**
 * Writes addresses of every country in more ways than the patterns of a country know: the head of one of its patterns
 * or of a wider family of them, and an end of which order, separators, region and country are drawn independently.
 */
final class WideAddresses {
    private static final Set<String> TAIL = Set.of("city", "county", "state", "postcode", "country");
    private static final List<String> FAMILIES =
            List.of("english", "chinese", "slavic", "spanish", "southeast", "levant", "french", "southwest");
    /** Where the city has the country's name. */
    private static final Set<String> CITY_STATES = Set.of("HK", "MO", "SG", "MC", "GI", "VA", "LU", "DJ");

    /** Where the list of towns has the districts of the largest. */
    private static final Set<String> DISTRICTS_LISTED = Set.of("TR", "ID", "PH", "TH", "VN", "EG", "BD");

    private static final Set<String> STATE_FIRST = Set.of("CN", "JP", "KR", "TW", "RU", "UA", "KZ", "BY", "VN");

    private static final int LONG_WORD = 5;
    private static final int TOWNS = 6;

    private final NamePools pools;
    private final AddressSets usual;
    private final Map<String, List<String>> cities;
    private final Map<String, List<String>> regions = new HashMap<>();
    private final Map<String, List<String>> countryNames = new HashMap<>();
    private final Map<String, List<String>> codes = new HashMap<>();
    private final Map<String, List<AddressPatterns>> heads = new HashMap<>();
    private final Map<String, AddressPatterns> forms = new HashMap<>();
    private final List<String> known = AddressSplitter.countries();
    private final List<String> beyond;
    private final AddressNoise noise;
    private final Map<String, List<String>> regionWords = new HashMap<>();
    private final Map<String, List<String>> cityWords = new HashMap<>();
    private final Map<String, List<String>> districtWords = new HashMap<>();
    private final List<String> often;

    WideAddresses(Path folder, long seed) {
        pools = new NamePools(new NameSources(folder), new java.util.Random(seed));
        noise = new AddressNoise(pools);
        usual = new AddressSets(folder, seed + 7);
        cities = new HashMap<>(AddressSets.cities(folder));
        for (String row : GzipLines.of(folder.resolve("other-cities.csv.gz"))) {
            String[] fields = row.split(",", 2);
            cities.computeIfAbsent(fields[0], code -> new ArrayList<>()).add(fields[1]);
        }
        lines("regions.txt", regions, 1);
        lines("country-names.txt", countryNames, 1);
        Map<String, List<Line>> tails = Resources.sections(WideAddresses.class, "tails.txt");
        words(tails.getOrDefault("region", List.of()), regionWords);
        words(tails.getOrDefault("city", List.of()), cityWords);
        words(tails.getOrDefault("district", List.of()), districtWords);
        often = Arrays.asList(
                tails.getOrDefault("often", List.of()).get(0).text().split(" "));
        beyond = cities.keySet().stream()
                .filter(code -> !known.contains(code) && countryNames.containsKey(code))
                .sorted()
                .toList();
    }

    private static void lines(String file, Map<String, List<String>> into, int from) {
        for (Line line : Resources.lines(AddressSplitter.class, "place/" + file)) {
            String[] fields = line.fields();
            into.put(fields[0], List.of(fields).subList(from, fields.length));
        }
    }

    private static void words(List<Line> lines, Map<String, List<String>> into) {
        for (Line line : lines) {
            String[] fields = line.text().split("\t");
            into.put(fields[0], List.of(fields).subList(1, fields.length));
        }
    }

    /** A piece of text, in a part or between parts. */
    private record Bit(String key, String text) {}

    /** Returns some addresses of one country and a few of its towns. */
    List<Labelled> column(int count) {
        String code = country();
        List<String> towns = new ArrayList<>();
        for (int i = 0; i < TOWNS; i++) {
            towns.add(city(code));
        }
        List<Labelled> rows = new ArrayList<>();
        while (rows.size() < count) {
            write(code, towns, rows);
        }
        return rows;
    }

    /** Returns some addresses of any countries. */
    List<Labelled> rows(int count) {
        List<Labelled> rows = new ArrayList<>();
        while (rows.size() < count) {
            write(country(), List.of(), rows);
        }
        return rows;
    }

    private String country() {
        double which = pools.number(0, 99);
        if (which < 10) {
            return "US";
        }
        if (which < 16) {
            return "GB";
        }
        if (which < 45) {
            return pools.any(often);
        }
        return which < 80 ? pools.any(known) : pools.any(beyond);
    }

    private void write(String code, List<String> towns, List<Labelled> into) {
        List<Bit> bits = head(code);
        if (bits.isEmpty()) {
            return;
        }
        boolean strewn = pools.chance(0.3);
        UnaryOperator<String> plain = pools.chance(0.3) ? WideAddresses::withoutAccents : UnaryOperator.identity();
        UnaryOperator<String> casing = noise.casing(0.15);
        String separator = separator();
        // The end is often another field than the head, with separators of its own.
        String ends = pools.chance(0.3) ? separator() : separator;
        List<Bit> tail = tail(code, towns.isEmpty() ? city(code) : pools.any(towns), ends);
        boolean headLast = pools.chance(0.015);
        Draft draft = new Draft(text -> casing.apply(plain.apply(text)));
        List<Bit> all = new ArrayList<>();
        if (headLast) {
            all.addAll(tail);
            all.add(new Bit("", separator));
        }
        announce(all, separator);
        for (Bit bit : bits) {
            all.add(bit.key().isEmpty() ? new Bit("", between(bit.text(), separator)) : strewn ? replaced(bit) : bit);
        }
        if (!headLast) {
            all.add(new Bit("", pools.chance(0.5) ? separator : ends));
            all.addAll(tail);
        }
        quote(all);
        junk(all, separator);
        for (Bit bit : all) {
            if (bit.key().isEmpty()) {
                draft.plain(bit.text());
            } else {
                draft.part(AddressPart.valueOf(bit.key().toUpperCase(Locale.ROOT)), bit.text());
            }
        }
        boolean noisy = separator.equals(", ") && pools.chance(0.3);
        into.add(draft.labelled("wide " + code, noisy ? noise::strewn : UnaryOperator.identity()));
    }

    private String separator() {
        int which = pools.number(0, 99);
        if (which < 42) {
            return ", ";
        }
        if (which < 62) {
            return "\n";
        }
        if (which < 84) {
            return " ";
        }
        return which < 88
                ? "  "
                : which < 91 ? "," : which < 93 ? "; " : which < 95 ? " | " : which < 98 ? ",\n" : " - ";
    }

    /** What stood between two pieces, in the separators of this address. */
    private String between(String text, String separator) {
        if (text.isBlank() && !text.contains("\n")) {
            return text;
        }
        if (text.equals(", ") || text.equals("\n") || text.equals(",")) {
            return pools.chance(0.08) ? pools.pick(" ", ", ", "\n") : separator;
        }
        return text;
    }

    /** Words that tell nothing, so that no vocabulary is leaned on; a street's last word stays. */
    private Bit replaced(Bit bit) {
        if (!bit.key().equals("street")) {
            return bit;
        }
        String[] words = bit.text().split(" ");
        for (int i = 0; i < words.length - 1; i++) {
            if (words[i].length() >= LONG_WORD
                    && words[i].chars().allMatch(Character::isLetter)
                    && pools.chance(0.25)) {
                String other = pools.family(pools.any(NamePools.LATIN));
                words[i] = other.indexOf(' ') < 0 ? other : words[i];
            }
        }
        return new Bit(bit.key(), String.join(" ", words));
    }

    /** Now and then somebody is announced before everything else. */
    private void announce(List<Bit> all, String separator) {
        if (!pools.chance(0.03)) {
            return;
        }
        String locale = pools.any(NamePools.LATIN);
        boolean careOf = pools.chance(0.5);
        all.add(new Bit(
                "",
                careOf
                        ? pools.pick("c/o ", "C/O ", "% ", "care of ", "c/o: ")
                        : pools.pick("Attn: ", "Attn ", "ATTN: ", "Attention: ")));
        all.add(new Bit(
                careOf ? "care_of" : "recipient",
                pools.chance(0.3)
                        ? pools.pick(
                                "Box office", "Accounts", "Choir Office", "Legal Department", "Reception", "Mail Room")
                        : pools.given(locale) + " " + pools.family(locale)));
        all.add(new Bit("", separator.isBlank() && !separator.equals("\n") ? ", " : separator));
    }

    private List<Bit> head(String code) {
        List<AddressPatterns> own = heads.computeIfAbsent(code, this::headsOf);
        boolean american = code.equals("US");
        if ((american || code.equals("GB")) && pools.chance(0.85)) {
            AddressSets.Set set = !american
                    ? AddressSets.Set.UK
                    : pools.pick(AddressSets.Set.US_COMMAS, AddressSets.Set.US_BARE, AddressSets.Set.US_TRICKY);
            return headOf(usual.rows(set, 1).get(0));
        }
        return headOf(pools.any(own).write(pools, noise));
    }

    private List<AddressPatterns> headsOf(String code) {
        List<AddressPatterns> own = new ArrayList<>();
        if (AddressPatterns.exist(code)) {
            for (int times = 0; times < 5; times++) {
                own.add(new AddressPatterns(code, citiesOf(code)));
            }
        }
        for (String family : FAMILIES) {
            String file = "heads/" + family + ".txt";
            List<Line> lines = Resources.sections(AddressPatterns.class, file).getOrDefault("codes", List.of());
            List<String> listed = lines.stream()
                    .flatMap(line -> Stream.of(line.text().split(" ")))
                    .toList();
            int times = listed.contains(code) ? own.size() >= 5 ? 1 : 3 : listed.contains("*") ? 1 : 0;
            for (int i = 0; i < times; i++) {
                own.add(new AddressPatterns(file, code, citiesOf(code)));
            }
        }
        return own;
    }

    private List<String> citiesOf(String code) {
        List<String> own = cities.getOrDefault(code, List.of());
        return code.equals("US")
                ? own.stream().map(city -> city.split("\t")[0]).toList()
                : own.isEmpty() ? List.of("Quay Town") : own;
    }

    /** What stands before the end of an address, or behind where that comes first. */
    private static List<Bit> headOf(Labelled whole) {
        List<Place> places = whole.places();
        int first = places.size();
        int last = -1;
        for (int i = 0; i < places.size(); i++) {
            if (TAIL.contains(places.get(i).key())) {
                first = Math.min(first, i);
                last = i;
            }
        }
        List<Place> kept = first > 0 ? places.subList(0, first) : places.subList(last + 1, places.size());
        List<Bit> bits = new ArrayList<>();
        for (int i = 0; i < kept.size(); i++) {
            Place place = kept.get(i);
            if (i > 0) {
                bits.add(new Bit("", whole.text().substring(kept.get(i - 1).end(), place.start())));
            } else if (first > 0 && place.start() > 0) {
                bits.add(new Bit("", whole.text().substring(0, place.start())));
            }
            bits.add(new Bit(
                    place.key(),
                    whole.text().substring(place.start(), place.end()).replaceAll(" +", " ")));
        }
        return bits;
    }

    private String city(String code) {
        AddressPatterns pattern =
                forms.computeIfAbsent(code, each -> new AddressPatterns("heads/english.txt", each, citiesOf(each)));
        String city = pattern.city(pools);
        if (city.indexOf('-') > 0 && pools.chance(0.4)) {
            city = city.replace('-', ' ');
        } else if (city.indexOf(' ') > 0 && pools.chance(0.04)) {
            city = city.replace(' ', '-');
        }
        return pools.chance(cityWords.containsKey(code) ? 0.15 : 0.01) ? besideWord(cityWords, code, city) : city;
    }

    private List<Bit> tail(String code, String town, String separator) {
        AddressPatterns pattern =
                forms.computeIfAbsent(code, each -> new AddressPatterns("heads/english.txt", each, citiesOf(each)));
        Map<String, List<String>> form = pattern.form();
        String order = String.join(" ", form.getOrDefault("order", List.of()));
        boolean writesRegion = order.contains("state");
        boolean codeFirst = form.isEmpty() ? pools.chance(0.4) : order.indexOf("postcode") < order.indexOf("city");
        boolean twice = pools.chance(0.05);
        List<String> ofCountry = regions.getOrDefault(code, List.of());
        boolean hasRegion = !ofCountry.isEmpty() && pools.chance(writesRegion ? 0.9 : 0.35);
        String region = hasRegion ? pools.any(ofCountry) : "";
        String city = hasRegion && pools.chance(0.1) ? region : town;
        String written = hasRegion ? region(code, region) : twice ? town : "";
        String[] american =
                code.equals("US") && pools.chance(0.9) ? usual.americanPlace().split(",") : new String[0];
        boolean hasForm = form.containsKey("postcode");
        String postcode = pools.chance(hasForm ? 0.93 : 0.35)
                ? hasForm ? postcode(pattern, form) : Integer.toString(pools.number(1000, 99999))
                : "";
        if (american.length > 0) {
            postcode = pools.chance(0.1) ? american[0] + "-" + pools.number(1000, 9999) : american[0];
            city = american[1];
            written = pools.chance(0.9) ? usual.state(american[2]) : "";
        }
        String country = countryOf(code, !postcode.isEmpty());
        List<Bit> parts = new ArrayList<>();
        if (!ofCountry.isEmpty()
                && american.length == 0
                && pools.chance(DISTRICTS_LISTED.contains(code) ? 0.2 : 0.07)) {
            // A city that is a region itself, with a district.
            String capital = pools.any(ofCountry);
            if (cities.getOrDefault(code, List.of()).contains(capital)
                    || code.equals("JP") && capital.equals("Tokyo")) {
                if (pools.chance(0.6)) {
                    // A known town beside such a capital is a city of its own, as Mitaka is beside Tokyo.
                    String district = DISTRICTS_LISTED.contains(code)
                            ? city
                            : forms.get(code).invented(pools);
                    boolean bare = !code.equals("JP") && pools.chance(0.4);
                    parts.add(new Bit("locality", bare ? district : besideWord(districtWords, code, district)));
                }
                city = capital;
                written = "";
            }
        }
        if (CITY_STATES.contains(code) && pools.chance(0.7)) {
            String own = english(code);
            if (code.equals("HK") || code.equals("MO")) {
                if (!city.equals(own)) {
                    parts.add(new Bit("locality", city));
                }
                if (pools.chance(0.5)) {
                    own = code.equals("MO") ? "Taipa" : pools.pick("Kowloon", "N.T.", "New Territories", "Kowloon");
                    country = country.isEmpty() ? english(code) : country;
                }
            }
            city = own;
            written = "";
            postcode = code.equals("SG") ? postcode : "";
            country = country.isEmpty() && !code.equals("SG") && pools.chance(0.7) ? code : country;
        }
        if (pools.chance(0.04)) {
            parts.add(new Bit("locality", city(code)));
        }
        int which = pools.number(0, 99);
        if (which < 45) {
            if (codeFirst) {
                add(parts, "postcode", postcode, "city", city, "state", written, "country", country);
            } else {
                add(parts, "city", city, "state", written, "postcode", postcode, "country", country);
            }
        } else if (which < 74) {
            add(parts, "city", city, "state", written, "postcode", postcode, "country", country);
        } else if (which < 87) {
            add(parts, "city", city, "state", written, "country", country, "postcode", postcode);
        } else if (which < 92) {
            add(parts, "city", city, "postcode", postcode, "state", written, "country", country);
        } else if (which < (STATE_FIRST.contains(code) ? 96 : 93)) {
            add(parts, "state", written, "city", city, "postcode", postcode, "country", country);
        } else if (which < (STATE_FIRST.contains(code) ? 98 : 94)) {
            add(parts, "postcode", postcode, "state", written, "city", city, "country", country);
        } else if (which < 98) {
            add(parts, "postcode", postcode, "city", city, "country", country);
        } else {
            add(parts, "country", country, "state", written, "city", city, "postcode", postcode);
        }
        return joined(parts, separator);
    }

    private String postcode(AddressPatterns pattern, Map<String, List<String>> form) {
        return pattern.postcode(pools);
    }

    private static void add(List<Bit> parts, String... keysAndTexts) {
        for (int i = 0; i < keysAndTexts.length; i += 2) {
            if (!keysAndTexts[i + 1].isEmpty()) {
                parts.add(new Bit(keysAndTexts[i], keysAndTexts[i + 1]));
            }
        }
    }

    /** Puts separators between; a postcode is beside its neighbours as often as not. */
    private List<Bit> joined(List<Bit> parts, String separator) {
        List<Bit> bits = new ArrayList<>();
        boolean oneLine = pools.chance(0.5);
        boolean bracket = pools.chance(0.03);
        for (int i = 0; i < parts.size(); i++) {
            Bit part = parts.get(i);
            if (i > 0) {
                boolean beside =
                        part.key().equals("postcode") || parts.get(i - 1).key().equals("postcode");
                boolean parted =
                        parts.get(i - 1).key().equals("locality") || part.key().equals("country");
                boolean blank = beside ? pools.chance(0.6) : !parted && pools.chance(0.25);
                String between = blank
                        ? " "
                        : oneLine && separator.equals("\n") && !part.key().equals("country")
                                ? pools.pick(", ", " ")
                                : separator;
                if (part.key().equals("postcode") && parts.get(i - 1).key().equals("city") && pools.chance(0.04)) {
                    between = " - ";
                }
                if (separator.equals(", ") && pools.chance(0.03)) {
                    between = pools.pick("\n", " - ", ",");
                }
                bits.add(new Bit("", between));
            }
            boolean bracketed = bracket && i > 0 && part.key().equals("state");
            if (bracketed) {
                bits.add(new Bit("", "("));
            }
            bits.add(part);
            if (bracketed) {
                bits.add(new Bit("", ")"));
            }
        }
        return bits;
    }

    private String region(String code, String name) {
        if (known.contains(code) && pools.chance(0.4)) {
            List<String> short0 = codes.computeIfAbsent(code, WideAddresses::stateCodes);
            if (!short0.isEmpty()) {
                return pools.any(short0);
            }
        }
        int which = pools.number(0, 99);
        if (which < (regionWords.containsKey(code) ? 30 : 5)) {
            return besideWord(regionWords, code, name);
        }
        if (which < 15 && name.length() > LONG_WORD) {
            int at = pools.number(1, name.length() - 2);
            return name.substring(0, at) + name.substring(at + 1);
        }
        return name;
    }

    /** A name with a word that the country puts behind or before it. */
    private String besideWord(Map<String, List<String>> words, String code, String name) {
        String word = pools.any(words.getOrDefault(code, words.getOrDefault("*", List.of(""))));
        return word.endsWith(" ") ? word + name : name + word;
    }

    private static List<String> stateCodes(String code) {
        return Resources.sections(AddressSplitter.class, "place/country/" + code + ".txt")
                .getOrDefault("state", List.of())
                .stream()
                .flatMap(line -> Arrays.stream(line.fields()).limit(3))
                .filter(name -> !name.matches(".*[0-9].*") && !name.isBlank())
                .toList();
    }

    private String countryOf(String code, boolean postcode) {
        List<String> names = countryNames.getOrDefault(code, List.of(code));
        int which = pools.number(0, 99);
        if (which < 36 && !postcode && usual.isAmericanState(code) && pools.chance(0.85)) {
            // Behind a town alone, such a code would be taken for the state.
            return english(code);
        }
        if (which < 36) {
            return code.equals("GB") && pools.chance(0.4) ? "UK" : code;
        }
        if (which < 44) {
            return names.get(0);
        }
        if (which < 72) {
            return english(code);
        }
        if (which < 80) {
            return pools.any(names.subList(Math.min(1, names.size() - 1), names.size()));
        }
        if (which < 82) {
            return pools.pick("Republic of ", "The ", "Kingdom of ") + english(code);
        }
        return "";
    }

    private String english(String code) {
        return switch (code) {
            case "US" -> pools.pick("USA", "United States", "U.S.A.", "United States of America");
            case "GB" -> pools.pick("United Kingdom", "England", "Great Britain", "UK", "England, UK");
            case "CN" -> pools.pick("China", "P.R. China", "PR China", "People's Republic of China");
            case "TW" -> pools.pick("Taiwan", "Taiwan (R.O.C.)", "Taiwan R.O.C.");
            case "RU" -> pools.pick("Russia", "Russian Federation");
            case "KR" -> pools.pick("South Korea", "Korea", "Republic of Korea");
            case "AE" -> pools.pick("UAE", "United Arab Emirates", "U.A.E.");
            case "NL" -> pools.pick("Netherlands", "The Netherlands", "Holland");
            default -> new Locale("", code).getDisplayCountry(Locale.ENGLISH);
        };
    }

    /** Now and then a building, or a word inside a street, stands in quotation marks. */
    private void quote(List<Bit> all) {
        if (!pools.chance(0.015)) {
            return;
        }
        for (int i = 0; i < all.size(); i++) {
            Bit bit = all.get(i);
            String[] words = bit.text().split(" ");
            if (bit.key().equals("street") && words.length > 2) {
                words[1] = "\"" + words[1] + "\"";
                all.set(i, new Bit(bit.key(), String.join(" ", words)));
            } else if (bit.key().equals("building")) {
                all.add(i, new Bit("", "\""));
                all.add(i + 2, new Bit("", "\""));
                i += 2;
            }
        }
    }

    /** Now and then something stands behind that is no part. */
    private void junk(List<Bit> all, String separator) {
        if (!pools.chance(0.02)) {
            return;
        }
        int digits = pools.number(100000, 999999);
        String note =
                switch (pools.number(0, 4)) {
                    case 0 -> "tel. 0" + digits;
                    case 1 -> "Tel: +" + pools.number(1, 99) + " " + pools.number(10, 999) + " " + digits;
                    case 2 -> "rear entrance";
                    case 3 -> "mail only";
                    default -> "leave with neighbour";
                };
        if (pools.chance(0.5)) {
            all.add(new Bit("", pools.pick(separator, " ") + "("));
            all.add(new Bit("unplaced", note));
            all.add(new Bit("", ")"));
        } else {
            all.add(new Bit("", pools.pick(separator, "; ", ", ")));
            all.add(new Bit("unplaced", note));
        }
    }

    private static String withoutAccents(String text) {
        return Normalizer.normalize(text, Normalizer.Form.NFD)
                .replaceAll("\\p{M}+", "")
                .replace("ß", "ss")
                .replace('ø', 'o')
                .replace('Ø', 'O')
                .replace('ł', 'l')
                .replace('Ł', 'L')
                .replace('ı', 'i')
                .replace("æ", "ae")
                .replace('đ', 'd');
    }
}
