package io.inkwellsplit.name.word;

/**
 * What the vocabulary knows of one word, packed into one {@code int} so that a look-up makes no garbage.
 *
 * <p>The two low hexadecimal digits say how frequent the word is as a given and as a family name, as the lexicon's
 * digits do; the bits above are the classes of {@code words.txt}.
 */
public final class WordInfo {
    /** Natural-log units of frequency from one digit to the next; the lexicon is built with the same step. */
    private static final double STEP = 0.8;

    private static final int MOST = 15;
    /** The digit of a name that a user lists. */
    private static final int OWN = 9;

    /** Any frequency as a family name. */
    public static final int FAMILY = 0xf0;

    /** A name of people who usually bear two family names: in Spain, Portugal, their languages' Americas and Iran. */
    public static final int TWO_USUAL = 1 << 8;

    public static final int VIETNAMESE = 1 << 9;
    public static final int TITLE = 1 << 10;
    /** A title that is a name too. */
    public static final int TITLE_OR_NAME = 1 << 11;

    public static final int SUFFIX = 1 << 12;
    public static final int SUFFIX_OR_NAME = 1 << 13;
    static final int CREDENTIAL = 1 << 14;
    public static final int CREDENTIAL_OR_NAME = 1 << 15;
    public static final int PARTICLE = 1 << 16;
    public static final int PARTICLE_OR_NAME = 1 << 17;
    public static final int CONNECTOR = 1 << 18;
    public static final int BIRTH = 1 << 19;
    public static final int ORGANISATION = 1 << 20;
    public static final int ORGANISATION_OR_NAME = 1 << 21;
    /** A particle by which a family name is filed: {@code Saint}, {@code Mc}. */
    public static final int CORE_PARTICLE = 1 << 22;
    /** Starts a phrase of {@code words.txt} or a name of several characters. */
    public static final int PHRASE = 1 << 23;
    /** Starts a phrase of {@code layers.txt}. */
    public static final int LAYER = 1 << 24;

    /** A Chinese or Korean family name in Latin letters. */
    public static final int EAST_ASIAN = 1 << 25;

    public static final int ARTICLE = 1 << 26;
    /** Stands between a role and what it is for: {@code Executor of}, {@code Custodian for}. */
    public static final int PREPOSITION = 1 << 27;
    /** A single letter that joins two family names: {@code Ortega y Gasset}. */
    public static final int FAMILY_JOINT = 1 << 28;
    /** An organisation's word that may stand in small letters; the word list writes it so. */
    public static final int SMALL_FORM = 1 << 29;

    /** Makes a given name behind a particle: {@code María del Carmen}. */
    public static final int GIVEN_BEHIND_PARTICLE = 1 << 30;

    /** Belongs to the name before it: {@code Salah Eldin}, {@code Salah El Din}. */
    public static final int NAME_TAIL = 1 << 31;

    public static final int ANY_TITLE = TITLE | TITLE_OR_NAME;
    public static final int ANY_SUFFIX = SUFFIX | SUFFIX_OR_NAME;
    public static final int ANY_CREDENTIAL = CREDENTIAL | CREDENTIAL_OR_NAME;
    public static final int ANY_PARTICLE = PARTICLE | PARTICLE_OR_NAME;

    private WordInfo() {}

    static int frequencies(int given, int family) {
        return given | family << 4;
    }

    /** Returns what is known of a word that a user says is a given name, a family name or both: at least as often as the other. */
    static int asOwn(int info, boolean given, boolean family) {
        int asGiven = info & 0xf;
        int asFamily = info >> 4 & 0xf;
        int often = Math.min(MOST, Math.max(OWN, 2 + Math.max(asGiven, asFamily)));
        return info & ~0xff | frequencies(given ? often : asGiven, family ? often : asFamily);
    }

    public static boolean isListed(int info) {
        return (info & 0xff) != 0;
    }

    public static boolean isGiven(int info) {
        return (info & 0xf) != 0;
    }

    /** Returns how frequent the word is as a family name, from 0 to 1. */
    public static double familyFrequency(int info) {
        return (info >> 4 & 0xf) / 15.0;
    }

    /** Returns by how much the word is likelier a given name than a family name, in natural-log odds. */
    public static double odds(int info) {
        return STEP * ((info & 0xf) - (info >> 4 & 0xf));
    }
}
