package io.inkwellsplit.training;

import java.util.List;
import java.util.Random;

/** Draws names from the lists: ranked ones by Zipf's law, others evenly, and now and then an invented one. */
final class NamePools {
    /** Locales written in Latin letters, given names first. */
    static final List<String> LATIN = List.of(
            "de", "de_AT", "fr", "fr_CH", "es", "es_MX", "it", "nl", "pt_PT", "pt_BR", "pl", "sv", "da", "nb_NO", "fi",
            "cs_CZ", "ro", "hr", "tr", "en_IN", "en_ZA", "en_NG", "en_GH", "af_ZA", "id_ID", "sk", "lv", "sl_SI",
            "en_AU");

    static final List<String> OTHER_SCRIPTS = List.of("ru", "uk", "el", "he", "ar", "mk", "ru", "el");
    static final List<String> EAST_ASIAN = List.of("zh_CN", "zh_TW", "ja", "ko");
    private static final double INVENTED = 0.08;

    private final NameSources sources;
    private final Random random;

    NamePools(NameSources sources, Random random) {
        this.sources = sources;
        this.random = random;
    }

    String given(String locale) {
        String name = locale.equals("en_US")
                ? ranked(sources.usGiven.get(random.nextInt(sources.usGiven.size())))
                : any(sources.given.getOrDefault(locale, sources.usGiven.get(0)));
        return chance(INVENTED) && isLatin(locale) ? invented(name, any(sources.usGiven.get(0))) : name;
    }

    String family(String locale) {
        String name = locale.equals("en_US")
                ? ranked(sources.usFamily)
                : any(sources.family.getOrDefault(locale, sources.usFamily));
        return chance(INVENTED) && isLatin(locale) ? invented(name, ranked(sources.usFamily)) : name;
    }

    private static boolean isLatin(String locale) {
        return locale.equals("en_US") || LATIN.contains(locale);
    }

    /** The head of one name and the tail of another: a name that no list has, yet sounds like one. */
    private static String invented(String a, String b) {
        if (a.indexOf(' ') >= 0 || a.length() < 4 || b.length() < 4) {
            return a;
        }
        return a.substring(0, a.length() / 2) + b.substring(b.length() / 2).toLowerCase(java.util.Locale.ROOT);
    }

    private String ranked(List<String> list) {
        int rank = (int) Math.exp(random.nextDouble() * Math.log(list.size() + 1.0)) - 1;
        return list.get(Math.max(0, Math.min(list.size() - 1, rank)));
    }

    <T> T any(List<T> list) {
        return list.get(random.nextInt(list.size()));
    }

    @SafeVarargs
    final <T> T pick(T... values) {
        return values[random.nextInt(values.length)];
    }

    boolean chance(double share) {
        return random.nextDouble() < share;
    }

    int number(int from, int to) {
        return from + random.nextInt(to - from + 1);
    }
}
