package io.inkwellsplit.name.column;

/**
 * Which name stands first, and the build of a value: how many words it has, whether there is a comma, where initials stand,
 * whether it begins with a family name of East Asia, and how many of its words no list has. Orders are compared among values of
 * the same build alone.
 */
public final class NameOrder {
    /** Anything but one plain person. */
    public static final int OTHER = 0;

    private static final int GIVEN_FIRST = 1;
    private static final int FAMILY_FIRST = 2;
    /** How many orders there are. */
    public static final int COUNT = 3;

    private static final String[] NAMES = {"other", "given first", "family first"};

    private static final int MOST_WORDS = 5;
    private static final String[] INITIALS = {"", " initial-first", " initial-last", " initial-inside"};
    private static final String[] ORIGINS = {"", " asian"};
    private static final String[] COMMAS = {"", " comma"};
    private static final String[] UNLISTED = {"", " one-unlisted", " unlisted"};
    /** How many builds there are, whatever lists have. */
    static final int BUILDS = (MOST_WORDS + 1) * INITIALS.length * ORIGINS.length * COMMAS.length;
    /** How many numbers of unlisted words are told apart. */
    static final int UNLISTEDS = UNLISTED.length;

    private NameOrder() {}

    /** Returns the order of one plain person. */
    public static int of(Layout layout) {
        return layout == Layout.FAMILY_FIRST ? FAMILY_FIRST : GIVEN_FIRST;
    }

    /** Returns the build of a value: its words, where initials stand as in {@link #INITIALS}, East Asian or not, a comma or not. */
    public static int build(int words, int initials, int origin, int comma) {
        return ((Math.min(words, MOST_WORDS) * INITIALS.length + initials) * ORIGINS.length + origin) * COMMAS.length
                + comma;
    }

    /** Returns a build and a number of unlisted words in words: {@code 3 initial-inside comma one-unlisted}. */
    static String buildName(int build, int unlisted) {
        int rest = build;
        String comma = COMMAS[rest % COMMAS.length];
        rest /= COMMAS.length;
        String origin = ORIGINS[rest % ORIGINS.length];
        rest /= ORIGINS.length;
        return rest / INITIALS.length + INITIALS[rest % INITIALS.length] + origin + comma + UNLISTED[unlisted];
    }

    /** Returns an order in words. */
    static String name(int order) {
        return NAMES[order];
    }
}
