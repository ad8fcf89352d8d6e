package io.inkwellsplit.assemble;

import io.inkwellsplit.pattern.TextPattern;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;

/** A person with one name only: a pattern that gives the given name little or no room shows it as the surname. */
final class Mononym {
    private Mononym() {}

    /**
     * Returns what the fields hold where there is no surname. A pattern that writes the given name out keeps it; in
     * another one that has a surname, the given name takes its place.
     */
    static Function<String, @Nullable String> values(TextPattern pattern, Function<String, @Nullable String> values) {
        if (pattern.fields().stream().noneMatch(Mononym::isFamily) || writesGivenOut(pattern.toString())) {
            return values;
        }
        return field -> isFamily(field)
                ? values.apply(field.contains("-informal") ? "given-informal" : "given")
                : isGiven(field) ? null : values.apply(field);
    }

    private static boolean isFamily(String field) {
        return field.startsWith("surname") && !field.startsWith("surname2") && !field.endsWith("-prefix")
                || field.startsWith("last") && !field.startsWith("last_particle") && !field.startsWith("last_second")
                || field.equals("own_last");
    }

    private static boolean isGiven(String field) {
        return field.equals("given")
                || field.equals("first")
                || field.equals("call")
                || field.startsWith("given-")
                || field.startsWith("first-");
    }

    private static boolean writesGivenOut(String pattern) {
        for (int open = pattern.indexOf('{'); open >= 0; open = pattern.indexOf('{', open + 1)) {
            int end = open + 1;
            while (end < pattern.length() && "{}|?".indexOf(pattern.charAt(end)) < 0) {
                end++;
            }
            String field = pattern.substring(open + 1, end);
            boolean little = field.contains("-initial") && !field.contains("-initialCap")
                    || field.contains("-monogram")
                    || field.contains("-letters");
            if (isGiven(field) && !little) {
                return true;
            }
        }
        return false;
    }
}
