package io.inkwellsplit.assemble;

import io.inkwellsplit.name.FamilyName;
import io.inkwellsplit.reading.NamePart;
import java.util.HashMap;
import java.util.Map;
import java.util.Set;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;

/**
 * The fields that a pattern over a name can have, each in terms of the parts of the name.
 *
 * <p>They are the keys of the parts ({@code first}, {@code last}, {@code second_first} …), the fields of the person
 * names of Unicode UTS #35 ({@code given}, {@code given2}, {@code surname}, {@code surname2}, {@code generation}, with
 * {@code -informal}, {@code -prefix}, {@code -core}, {@code -vocative}, {@code -genitive}), and some of ours:
 * {@code call} (the nickname, else the first name), {@code own_last} (the last name, unless the second person of a couple
 * shares it), {@code own_organisation} (the organisation, where no person stands beside it), {@code late_first} and
 * {@code late_last} (the names of somebody who has died, or whose estate is meant).
 */
public final class NameFields {
    /** Gives the text of a part; null or empty where the name has none. */
    public interface Parts extends Function<NamePart, @Nullable String> {}

    private static final Map<String, Function<Parts, @Nullable String>> FIELDS = fields();

    private NameFields() {}

    private static Map<String, Function<Parts, @Nullable String>> fields() {
        Map<String, Function<Parts, @Nullable String>> fields = new HashMap<>();
        for (NamePart part : NamePart.values()) {
            fields.put(part.key(), parts -> parts.apply(part));
        }
        fields.put("given", fields.get("first"));
        fields.put("given2", fields.get("middle"));
        fields.put("surname", fields.get("last"));
        fields.put("surname2", fields.get("last_second"));
        fields.put("generation", fields.get("suffix"));
        fields.put("call", NameFields::call);
        fields.put("own_last", NameFields::ownLast);
        fields.put("own_organisation", parts -> isPerson(parts) ? null : parts.apply(NamePart.ORGANISATION));
        fields.put("late_first", parts -> hasDied(parts) ? parts.apply(NamePart.FIRST) : null);
        fields.put("late_last", parts -> hasDied(parts) ? parts.apply(NamePart.LAST) : null);
        fields.put("last_particle", NameFields::prefix);
        for (String family : Set.of("surname", "last")) {
            fields.put(family + "-prefix", NameFields::prefix);
            fields.put(family + "-core", NameFields::core);
        }
        for (String given : Set.of("given", "first")) {
            fields.put(given + "-informal", NameFields::call);
        }
        // Nobody has told us these forms, so the plain one stands in, as the standard says.
        for (String informal : Set.of("given2", "surname", "surname2")) {
            fields.put(informal + "-informal", fields.get(informal));
        }
        Map.copyOf(fields).forEach((name, value) -> {
            fields.put(name + "-vocative", value);
            fields.put(name + "-genitive", value);
        });
        return Map.copyOf(fields);
    }

    /**
     * {@return whether a name, without modifiers, is a field}
     *
     * @param name what stands between the braces
     */
    public static boolean isField(String name) {
        return FIELDS.containsKey(name);
    }

    /**
     * Returns the value of a field, by the parts of one name.
     *
     * @param field the name of the field
     * @param parts what gives the text of a part
     * @return its text; null where the name has none
     * @throws IllegalArgumentException if it is not a field
     */
    public static @Nullable String value(String field, Parts parts) {
        return getter(field).apply(parts);
    }

    /** Returns what gives the value of a field, for those who ask often. */
    static Function<Parts, @Nullable String> getter(String field) {
        Function<Parts, @Nullable String> value = FIELDS.get(field);
        if (value == null) {
            throw new IllegalArgumentException("{" + field + "} is no field of a name");
        }
        return value;
    }

    private static boolean isMissing(@Nullable String value) {
        return value == null || value.isBlank();
    }

    private static boolean isPerson(Parts parts) {
        return !isMissing(parts.apply(NamePart.FIRST)) || !isMissing(parts.apply(NamePart.LAST));
    }

    /** Of a couple nobody knows who is meant. */
    private static boolean hasDied(Parts parts) {
        boolean marked = !isMissing(parts.apply(NamePart.ESTATE)) || !isMissing(parts.apply(NamePart.DECEASED));
        return marked && isMissing(parts.apply(NamePart.SECOND_FIRST));
    }

    private static @Nullable String call(Parts parts) {
        String nickname = parts.apply(NamePart.NICKNAME);
        return isMissing(nickname) ? parts.apply(NamePart.FIRST) : nickname;
    }

    private static @Nullable String ownLast(Parts parts) {
        String last = parts.apply(NamePart.LAST);
        String second = parts.apply(NamePart.SECOND_LAST);
        boolean couple =
                !isMissing(parts.apply(NamePart.SECOND_FIRST)) || !isMissing(parts.apply(NamePart.SECOND_TITLE));
        boolean shared = couple && (isMissing(second) || second.equalsIgnoreCase(last));
        return shared ? null : last;
    }

    private static String prefix(Parts parts) {
        String told = parts.apply(NamePart.LAST_PARTICLE);
        if (told != null && !told.isBlank()) {
            return told;
        }
        String last = parts.apply(NamePart.LAST);
        return last == null ? "" : FamilyName.of(last).particle();
    }

    private static @Nullable String core(Parts parts) {
        String last = parts.apply(NamePart.LAST);
        String prefix = prefix(parts);
        boolean cut = last != null && !prefix.isEmpty() && last.startsWith(prefix + " ");
        return cut ? last.substring(prefix.length() + 1) : last;
    }

    /** Returns the family name without the second one, for patterns that have a place of its own for that. */
    static @Nullable String firstFamilyName(Parts parts) {
        String last = parts.apply(NamePart.LAST);
        String second = parts.apply(NamePart.LAST_SECOND);
        boolean cut = last != null && !isMissing(second) && last.endsWith(" " + second);
        return cut ? last.substring(0, last.length() - second.length() - 1) : last;
    }
}
