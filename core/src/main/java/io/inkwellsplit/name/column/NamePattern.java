package io.inkwellsplit.name.column;

import java.util.Locale;

/**
 * How a name is written, leaving out its words: which name stands first, and how many given names and how many family
 * names there are, particles not counted. Anything but one plain person is one pattern of its own.
 *
 * <p>What patterns a value may have depends on its build: how many words it has, whether there is a comma, where
 * initials stand, and whether it begins with a family name of East Asia. So patterns are compared among values of the
 * same build alone.
 */
public final class NamePattern {
    /** Anything but one plain person. */
    public static final int OTHER = 0;

    private static final int GIVEN_COUNTS = 4;
    private static final int FAMILY_COUNTS = 4;
    /** How many patterns there are. */
    public static final int COUNT = 1 + 2 * GIVEN_COUNTS * FAMILY_COUNTS;

    private static final int MOST_WORDS = 5;
    private static final String[] INITIALS = {"", " initial-first", " initial-last", " initial-inside"};
    private static final String[] ORIGINS = {"", " asian"};
    private static final String[] COMMAS = {"", " comma"};
    /** How many builds there are. */
    static final int BUILDS = (MOST_WORDS + 1) * INITIALS.length * ORIGINS.length * COMMAS.length;

    private NamePattern() {}

    /** Returns the pattern of one plain person. */
    public static int of(Layout layout, int given, int family) {
        int order = layout == Layout.FAMILY_FIRST ? 1 : 0;
        return 1
                + (order * GIVEN_COUNTS + Math.min(given, GIVEN_COUNTS - 1)) * FAMILY_COUNTS
                + Math.min(family, FAMILY_COUNTS - 1);
    }

    /** Returns the build of a value: its words, where initials stand as in {@link #INITIALS}, East Asian or not, a comma or not. */
    public static int build(int words, int initials, int origin, int comma) {
        return ((Math.min(words, MOST_WORDS) * INITIALS.length + initials) * ORIGINS.length + origin) * COMMAS.length
                + comma;
    }

    /** Returns a build in words: {@code 3 initial-inside comma}. */
    static String buildName(int build) {
        int rest = build;
        String comma = COMMAS[rest % COMMAS.length];
        rest /= COMMAS.length;
        String origin = ORIGINS[rest % ORIGINS.length];
        rest /= ORIGINS.length;
        return rest / INITIALS.length + INITIALS[rest % INITIALS.length] + origin + comma;
    }

    /** Returns a pattern in words: {@code given 1 family 2}. */
    static String name(int pattern) {
        if (pattern == OTHER) {
            return "other";
        }
        int family = (pattern - 1) % FAMILY_COUNTS;
        int given = (pattern - 1) / FAMILY_COUNTS % GIVEN_COUNTS;
        boolean familyFirst = pattern > GIVEN_COUNTS * FAMILY_COUNTS;
        return String.format(Locale.ROOT, familyFirst ? "family %d given %d" : "given %2$d family %1$d", family, given);
    }
}
