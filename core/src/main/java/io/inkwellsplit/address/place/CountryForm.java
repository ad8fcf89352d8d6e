package io.inkwellsplit.address.place;

import io.inkwellsplit.data.Resources.Line;
import io.inkwellsplit.reading.AddressPart;
import java.util.Arrays;
import java.util.Map;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

/** Checks the settings of a country and the lines of its label; see {@code docs/countries.md}. */
final class CountryForm {
    private static final String KEYS =
            Arrays.stream(AddressPart.values()).map(AddressPart::key).collect(Collectors.joining("|"));
    private static final String POSTCODES = "[9@* -]+(\t[9@* -]+)*";
    private static final String ALONE = "";
    /** What may stand behind a setting; behind some nothing does. */
    private static final Map<String, Pattern> VALUES = Map.ofEntries(
            value("uses", "[a-z]{2,3}( [a-z]{2,3})*"),
            value("postcode", POSTCODES),
            value("order", "[a-z]+( [a-z]+)*(, [a-z]+( [a-z]+)*)*"),
            value("prefix", "[A-Z]{1,3}( [A-Z]{1,3})*"),
            value("lost zero", POSTCODES),
            value("postcode word", "[\\p{L}.]+(\t[\\p{L}.]+)*"),
            value("postcode follows", "state"),
            value("slash", "unit number|number unit"),
            value("dash", "unit number"),
            value("city first", "yes"),
            value("city number", "yes"),
            value("city is country", "yes"),
            value("letter behind number", "unit"),
            value("slash in city", "locality city"));

    private static final Set<String> ORDERED = Set.of(
            "recipient",
            "building",
            "unit",
            "number",
            "street",
            "box",
            "locality",
            "city",
            "state",
            "county",
            "postcode");
    private static final Pattern FIELD = Pattern.compile("\\{(" + KEYS + ")(-upper)?\\}");

    private CountryForm() {}

    private static Map.Entry<String, Pattern> value(String key, String pattern) {
        return Map.entry(key, Pattern.compile(pattern));
    }

    /** Refuses a setting that is unknown, or whose value cannot be. */
    static void check(Line line) {
        String[] fields = line.fields();
        Pattern pattern = VALUES.get(fields[0]);
        if (pattern == null) {
            throw line.refuse("the setting \"" + fields[0] + "\" is unknown");
        }
        String value = String.join("\t", Arrays.asList(fields).subList(1, fields.length));
        if (!pattern.matcher(value).matches()) {
            throw line.refuse("the setting \"" + fields[0] + "\" cannot be \"" + value + "\"");
        }
        if (fields[0].equals("order")) {
            for (String part : value.split("[, ]+")) {
                if (!ORDERED.contains(part)) {
                    throw line.refuse("\"" + part + "\" is no part that an order can name");
                }
            }
        }
    }

    /** Refuses a line of a label with a part that there is not, or with a brace that stands alone. */
    static void checkLabel(Line line) {
        Matcher field = FIELD.matcher(line.text());
        String rest = field.replaceAll(ALONE);
        if (rest.indexOf('{') >= 0 || rest.indexOf('}') >= 0 || rest.equals(line.text())) {
            throw line.refuse("a line of a label has parts in braces, such as {city}");
        }
    }
}
