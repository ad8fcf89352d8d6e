package io.inkwellsplit.training;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Random;
import java.util.function.Supplier;

/** Draws names from the lists: ranked ones by Zipf's law, others evenly, and now and then an invented one. */
final class NamePools {
    /** Locales written in Latin letters, given names first. */
    static final List<String> LATIN = List.of(
            "de", "de_AT", "fr", "fr_CH", "es", "es_MX", "it", "nl", "pt_PT", "pt_BR", "pl", "sv", "da", "nb_NO", "fi",
            "cs_CZ", "ro", "hr", "tr", "en_IN", "en_ZA", "en_NG", "en_GH", "af_ZA", "id_ID", "sk", "lv", "sl_SI",
            "en_AU");

    static final List<String> OTHER_SCRIPTS = List.of("ru", "uk", "el", "he", "ar", "mk", "ru", "el");
    static final List<String> EAST_ASIAN = List.of("zh_CN", "zh_TW", "ja", "ko");
    /** Chinese and Korean people, written in Latin letters. */
    static final String ROMANISED = "rom";
    /** People of Arab countries, written in Latin letters. */
    static final String ARAB = "arab";

    private static final String[] PINYIN =
            ("wei fang min jing li qiang lei jun yang yong yan jie juan tao ming chao xiu xia ping gang"
                            + " hua xiao zhi guo jian hong mei lan feng yu xin yi hao ze dong xing tian rui chen kai bo wen hui")
                    .split(" ");
    private static final String[] KOREAN =
            ("min jun seo yeon ji hoon woo jin hyun su young ho sung jae eun kyung mi hee dong hyuk tae"
                            + " yoon na ra bin chul sang jong il soo won")
                    .split(" ");
    private static final double INVENTED = 0.08;

    private static final double FIRST_NAMES_AGAIN = 0.15;
    private static final double FAMILIES_AGAIN = 0.3;

    private final Map<String, List<String>> seen = new HashMap<>();
    private double inventing = INVENTED;
    private final NameSources sources;
    private final Random random;

    NamePools(NameSources sources, Random random) {
        this.sources = sources;
        this.random = random;
    }

    /** Starts a register: its people know each other, so their names come back. */
    void newRegister() {
        newRegister(INVENTED);
    }

    /** @param share how many of its names are in no list */
    void newRegister(double share) {
        seen.clear();
        inventing = share;
    }

    /** Returns a given name, now and then one that the register has already. */
    String given(String locale) {
        return again("given " + locale, FIRST_NAMES_AGAIN, () -> anyGiven(locale));
    }

    /** Returns a family name, often one that the register has already: families sign up together. */
    String family(String locale) {
        return again("family " + locale, FAMILIES_AGAIN, () -> anyFamily(locale));
    }

    private String again(String key, double share, Supplier<String> fresh) {
        List<String> names = seen.computeIfAbsent(key, k -> new ArrayList<>());
        if (!names.isEmpty() && chance(share)) {
            return any(names);
        }
        String name = fresh.get();
        names.add(name);
        return name;
    }

    /** A given name of China or Korea in Latin letters, made of syllables: {@code Xiaoming}, {@code Ji-hoon}. */
    private String syllables() {
        if (chance(0.5)) {
            return capital(pick(PINYIN)) + (chance(0.6) ? pick(PINYIN) : "");
        }
        return capital(pick(KOREAN)) + pick("-" + pick(KOREAN), " " + capital(pick(KOREAN)), pick(KOREAN));
    }

    private static String capital(String syllable) {
        return Character.toUpperCase(syllable.charAt(0)) + syllable.substring(1);
    }

    private String anyGiven(String locale) {
        if (locale.equals(ROMANISED)) {
            return syllables();
        }
        String name = locale.equals("en_US")
                ? ranked(sources.usGiven.get(random.nextInt(sources.usGiven.size())))
                : any(sources.given.getOrDefault(locale, sources.usGiven.get(0)));
        if (EAST_ASIAN.contains(locale) && chance(0.5)) {
            // Given names of East Asia are made anew from characters; no list has them all.
            String other = any(sources.given.getOrDefault(locale, List.of(name)));
            return name.charAt(0) + other.substring(other.length() - 1);
        }
        return chance(inventing) && isLatin(locale)
                ? invented(name, any(ends(sources.given, locale, sources.usGiven.get(0))))
                : name;
    }

    private String anyFamily(String locale) {
        String name = locale.equals("en_US")
                ? ranked(sources.usFamily)
                : any(sources.family.getOrDefault(locale, sources.usFamily));
        return chance(inventing) && isLatin(locale)
                ? invented(name, any(ends(sources.family, locale, sources.usFamily)))
                : name;
    }

    /** Where the ends of invented names come from: half of them from names of the same place. */
    private List<String> ends(Map<String, List<String>> names, String locale, List<String> others) {
        return chance(0.5) ? names.getOrDefault(locale, others) : others;
    }

    private static boolean isLatin(String locale) {
        return locale.equals("en_US") || locale.equals(ARAB) || LATIN.contains(locale);
    }

    /** The head of one name and the tail of another: a name that no list has, yet sounds like one. */
    private static String invented(String a, String b) {
        if (a.indexOf(' ') >= 0 || a.length() < 4 || b.length() < 4) {
            return a;
        }
        return a.substring(0, a.length() / 2) + b.substring(b.length() / 2).toLowerCase(Locale.ROOT);
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
