package io.inkwellsplit.address;

import io.inkwellsplit.address.place.Countries;
import io.inkwellsplit.address.place.Country;
import io.inkwellsplit.reading.AddressPart;
import io.inkwellsplit.reading.Part;
import io.inkwellsplit.reading.Reading;
import io.inkwellsplit.tidy.TidyCase;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;

/**
 * Writes the parts of an address the way the post or a register wants them; the reading itself keeps them as written.
 *
 * <p>Nothing is changed unless it is asked for: {@code AddressStandard.asWritten().with(Rule.STATE_CODE)}. Immutable and
 * safe for use by several threads.
 */
public final class AddressStandard {
    /** The longest code of a region; longer names are names. */
    private static final int CODE_LETTERS = 3;

    /** One thing to standardise. */
    public enum Rule {
        /** {@code Illinois} becomes {@code IL}, where the country has codes. */
        STATE_CODE,
        /** {@code IL} becomes {@code Illinois}. */
        STATE_NAME,
        /** {@code Street} becomes {@code St}, {@code North} becomes {@code N}. */
        STREET_SHORT,
        /** {@code St} becomes {@code Street}, {@code N} becomes {@code North}. */
        STREET_FULL,
        /** {@code sw1a2aa} becomes {@code SW1A 2AA}, and a lost leading zero comes back. */
        POSTCODE,
        /** Capitals and small letters as in {@link TidyCase}, where all letters are alike. */
        CASE;

        /** {@return the stable name, such as {@code state-code}} */
        public String key() {
            return name().toLowerCase(Locale.ROOT).replace('_', '-');
        }
    }

    private final Set<Rule> rules;

    private AddressStandard(Set<Rule> rules) {
        this.rules = rules;
    }

    /** {@return the standard that leaves everything as it is written} */
    public static AddressStandard asWritten() {
        return new AddressStandard(EnumSet.noneOf(Rule.class));
    }

    /**
     * {@return a standard with one more rule}
     *
     * @param rule what is put right
     * @throws IllegalArgumentException if the rule contradicts one that is there already
     */
    public AddressStandard with(Rule rule) {
        Set<Rule> more = EnumSet.noneOf(Rule.class);
        more.addAll(rules);
        more.add(rule);
        if (more.contains(Rule.STATE_CODE) && more.contains(Rule.STATE_NAME)
                || more.contains(Rule.STREET_SHORT) && more.contains(Rule.STREET_FULL)) {
            throw new IllegalArgumentException(rule.key() + " contradicts another rule of " + rules);
        }
        return new AddressStandard(more);
    }

    /**
     * {@return a part's text by the rules; empty where the reading has no such part}
     *
     * @param reading the reading of an address
     * @param part which part
     */
    public String text(Reading<AddressPart> reading, AddressPart part) {
        String text = reading.text(part);
        if (text.isEmpty() || rules.isEmpty()) {
            return text;
        }
        Country country = Countries.shipped()
                .withCode(reading.country())
                .orElse(Countries.shipped().get(0));
        return switch (part) {
            case STATE -> state(text, country);
            case POSTCODE -> rules.contains(Rule.POSTCODE) ? country.postcodes.standard(text) : text;
            case STREET -> street(reading, country);
            case STREET_TYPE, STREET_PREDIRECTION, STREET_POSTDIRECTION -> cased(word(text, country));
            case STREET_NAME -> cased(country.hasStreetEndings() ? word(text, country) : text);
            default -> cased(text);
        };
    }

    private String cased(String text) {
        return rules.contains(Rule.CASE) ? TidyCase.addresses().apply(text) : text;
    }

    private String state(String text, Country country) {
        Country.State state = country.stateNamed(text);
        boolean code = rules.contains(Rule.STATE_CODE);
        if (state != null && (code || rules.contains(Rule.STATE_NAME))) {
            for (String name : state.names()) {
                if (code == name.length() <= CODE_LETTERS) {
                    return name;
                }
            }
        }
        boolean isCode = text.length() <= CODE_LETTERS && rules.contains(Rule.CASE);
        return isCode ? text.toUpperCase(Locale.ROOT) : cased(text);
    }

    /** Puts the words of the street for type and direction in their place, and leaves the rest. */
    private String street(Reading<AddressPart> reading, Country country) {
        List<Part<AddressPart>> parts = new ArrayList<>();
        reading.part(AddressPart.STREET_POSTDIRECTION).ifPresent(parts::add);
        reading.part(AddressPart.STREET_TYPE).ifPresent(parts::add);
        reading.part(AddressPart.STREET_PREDIRECTION).ifPresent(parts::add);
        if (country.hasStreetEndings()) {
            reading.part(AddressPart.STREET_NAME).ifPresent(parts::add);
        }
        // From the last to the first, so that the places of the others stay right.
        parts.sort(Comparator.comparingInt(
                (Part<AddressPart> part) -> -part.spans().get(0).start()));
        String written = reading.text(AddressPart.STREET);
        String text = cased(written);
        for (Part<AddressPart> part : parts) {
            int at = place(written, reading, part);
            if (at >= 0) {
                int end = at + part.text().length();
                text = text.substring(0, at) + word(text.substring(at, end), country) + text.substring(end);
            }
        }
        return text;
    }

    /** Returns where a finer part is in the street's text, by how many times the same text stands before it; or -1. */
    private static int place(String street, Reading<AddressPart> reading, Part<AddressPart> part) {
        int whole =
                reading.part(AddressPart.STREET).orElseThrow().spans().get(0).start();
        int at = -1;
        for (int from = reading.source().indexOf(part.text(), whole);
                from >= 0 && from <= part.spans().get(0).start();
                from = reading.source().indexOf(part.text(), from + 1)) {
            at = street.indexOf(part.text(), at + 1);
        }
        return at;
    }

    private String word(String word, Country country) {
        if (rules.contains(Rule.STREET_SHORT)) {
            return changed(word, country.abbreviations, true);
        }
        return rules.contains(Rule.STREET_FULL) ? changed(word, country.abbreviations, false) : word;
    }

    private static String changed(String word, Map<String, String> abbreviations, boolean shorten) {
        String plain = plain(word);
        for (Map.Entry<String, String> entry : new TreeMap<>(abbreviations).entrySet()) {
            String from = shorten ? entry.getKey() : entry.getValue();
            String to = shorten ? entry.getValue() : entry.getKey();
            if (from.startsWith("-")) {
                String ending = plain(from.substring(1));
                if (plain.endsWith(ending) && plain.length() > ending.length() + 1) {
                    String kept = word.substring(0, word.length() - ending.length() - (word.endsWith(".") ? 1 : 0));
                    return kept + likeCase(to.substring(1), word);
                }
            } else if (plain.equals(plain(from))) {
                return likeCase(to, word);
            }
        }
        return word;
    }

    private static String plain(String word) {
        String lower = word.toLowerCase(Locale.ROOT);
        return lower.endsWith(".") ? lower.substring(0, lower.length() - 1) : lower;
    }

    /** Capitals stay capitals; a direction in short has them anyway. */
    private static String likeCase(String word, String like) {
        boolean capitals = like.length() > 2 && like.equals(like.toUpperCase(Locale.ROOT));
        return capitals ? word.toUpperCase(Locale.ROOT) : word;
    }
}
