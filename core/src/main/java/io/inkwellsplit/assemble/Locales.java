package io.inkwellsplit.assemble;

import io.inkwellsplit.data.Format;
import io.inkwellsplit.data.Format.Column;
import io.inkwellsplit.data.Resources.Line;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/** The locales of Unicode CLDR, with what each inherits from which. Immutable. */
final class Locales {
    private static final int FIELDS_BEFORE_PATTERNS = 9;
    private static final int PATTERNS = 42;
    private static final String ROOT = "und";

    private final Map<String, LocaleNames> locales = new HashMap<>();
    private final Map<String, String> parents = new HashMap<>();
    /** The script of a locale; the language of {@code und-} and a script. */
    private final Map<String, String> likely = new HashMap<>();

    private static final class Shipped {
        static final Locales LOCALES = new Locales();
    }

    static Locales shipped() {
        return Shipped.LOCALES;
    }

    private Locales() {
        Map<String, List<Line>> sections = Format.NONE
                .required("pattern", Column.TEXT)
                .required("locale", Column.TEXT, Column.ANYS)
                .required("parent", Column.TEXT, Column.TEXT)
                .required("likely", Column.TEXT, Column.TEXT)
                .read(Locales.class, "locales.txt");
        List<String> patterns = sections.getOrDefault("pattern", List.of()).stream()
                .map(Line::text)
                .toList();
        for (Line line : sections.getOrDefault("locale", List.of())) {
            String[] fields = line.fields();
            List<List<String>> own = new ArrayList<>();
            for (String numbers : fields[FIELDS_BEFORE_PATTERNS].split(" ")) {
                own.add(List.of(numbers.split("/")).stream()
                        .map(number -> patterns.get(Integer.parseInt(number)))
                        .toList());
            }
            if (own.size() != PATTERNS) {
                throw line.refuse("there are " + own.size() + " patterns, not " + PATTERNS);
            }
            locales.put(fields[0], new LocaleNames(fields, own));
        }
        sections.getOrDefault("parent", List.of()).forEach(line -> parents.put(line.fields()[0], line.fields()[1]));
        sections.getOrDefault("likely", List.of()).forEach(line -> likely.put(line.fields()[0], line.fields()[1]));
    }

    /** Returns the keys of all locales that write names in a way of their own. */
    List<String> keys() {
        return locales.keySet().stream().sorted().toList();
    }

    /** Returns how a locale writes names, by itself or as the nearest one it inherits from. */
    LocaleNames names(Locale locale) {
        String key = key(locale);
        @Nullable LocaleNames found = locales.get(key);
        // zh-TW is zh-Hant-TW: a region can stand for another script than its language's usual one.
        if (found == null
                && locale.getScript().isEmpty()
                && !locale.getCountry().isEmpty()) {
            found = locales.get(locale.getLanguage() + "-" + script(locale) + "-" + locale.getCountry());
            String usual = likely.getOrDefault(locale.getLanguage(), "");
            if (found == null && !usual.equals(script(locale))) {
                key = locale.getLanguage() + "-" + script(locale);
                found = locales.get(key);
            }
        }
        while (found == null && !key.equals(ROOT)) {
            key = parent(key);
            found = locales.get(key);
        }
        if (found == null) {
            throw new IllegalStateException("locales.txt has no locale " + ROOT);
        }
        return found;
    }

    private String parent(String key) {
        String told = parents.get(key);
        int hyphen = key.lastIndexOf('-');
        return told != null ? told : hyphen < 0 ? ROOT : key.substring(0, hyphen);
    }

    private static String key(Locale locale) {
        StringBuilder key = new StringBuilder(locale.getLanguage().isEmpty() ? ROOT : locale.getLanguage());
        for (String subtag : List.of(locale.getScript(), locale.getCountry())) {
            if (!subtag.isEmpty()) {
                key.append('-').append(subtag);
            }
        }
        return key.toString();
    }

    /** Returns the script of a locale, told or likely; {@code Latn} where nothing is known. */
    String script(Locale locale) {
        if (!locale.getScript().isEmpty()) {
            return locale.getScript();
        }
        String byRegion = likely.get(locale.getLanguage() + "-" + locale.getCountry());
        return byRegion != null ? byRegion : likely.getOrDefault(locale.getLanguage(), "Latn");
    }

    /** Returns the locale that a script is likely to stand for. */
    Locale ofScript(String script) {
        return new Locale.Builder()
                .setLanguage(likely.getOrDefault("und-" + script, "en"))
                .setScript(script)
                .build();
    }

    /** Returns a locale with its likely script, and all it stands for: the search for an order goes through them. */
    List<String> chain(Locale locale) {
        String language = locale.getLanguage().isEmpty() ? ROOT : locale.getLanguage();
        String script = script(locale);
        String region = locale.getCountry();
        List<String> chain = new ArrayList<>();
        for (String base : List.of(language, ROOT)) {
            if (!region.isEmpty()) {
                chain.add(base + "-" + script + "-" + region);
                chain.add(base + "-" + region);
            }
            chain.add(base + "-" + script);
            chain.add(base);
        }
        return chain;
    }
}
