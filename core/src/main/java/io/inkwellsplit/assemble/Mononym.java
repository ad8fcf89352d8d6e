package io.inkwellsplit.assemble;

import io.inkwellsplit.pattern.TextPattern;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;

/** A person with one name only: a pattern that gives the given name little or no room shows it as the surname. */
final class Mononym {
    private Mononym() {}

    /** Returns whether a pattern has a surname and does not write the given name out. */
    static boolean isShownAsSurname(TextPattern pattern) {
        return pattern.fields().stream().anyMatch(Mononym::isFamily) && !writesGivenOut(pattern.toString());
    }

    /** Returns what gives the value of a field in such a pattern: the given name as the surname, and nothing as itself. */
    static Function<NameFields.Parts, @Nullable String> getter(String field) {
        if (isFamily(field)) {
            return NameFields.getter(field.contains("-informal") ? "given-informal" : "given");
        }
        return isGiven(field) ? parts -> null : NameFields.getter(field);
    }

    private static boolean isFamily(String field) {
        return field.startsWith("surname") && !field.startsWith("surname2") && !field.endsWith("-prefix")
                || field.startsWith("last") && !field.startsWith("last_particle") && !field.startsWith("last_second")
                || field.equals("own_last")
                || field.equals("late_last");
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
