package io.inkwellsplit.assemble;

import io.inkwellsplit.assemble.NameStyle.Formality;
import io.inkwellsplit.assemble.NameStyle.Length;
import io.inkwellsplit.assemble.NameStyle.Order;
import io.inkwellsplit.pattern.Writing;
import io.inkwellsplit.reading.NamePart;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Objects;

/**
 * Writes names as a language does: Unicode UTS #35, Part 8 (person names), over the patterns of CLDR 48.
 *
 * <p>The way of a name: its script is found; where the language cannot write that script, the name's own language (told,
 * or the likeliest for the script) takes over; the name's language decides which name comes first; among several
 * patterns the one that holds most of the name's fields is taken; blanks become what the language sets between the words
 * of its own names or of foreign ones. {@code docs/names-by-language.md} tells it in full. Immutable and thread-safe.
 */
public final class NameFormatter {
    private final Locale locale;
    private final LocaleNames own;
    private final String script;

    private NameFormatter(Locale locale) {
        this.locale = locale;
        this.own = Locales.shipped().names(locale);
        this.script = Locales.shipped().script(locale);
    }

    /**
     * {@return a formatter for readers of a language; one that CLDR does not know is written as the root locale}
     *
     * @param locale the language of the readers
     */
    public static NameFormatter in(Locale locale) {
        return new NameFormatter(Objects.requireNonNull(locale, "locale"));
    }

    /** {@return the locales that have patterns of their own, by their language tags; others inherit from them} */
    public static List<String> locales() {
        return Locales.shipped().keys();
    }

    /** {@return how the language writes initials and capitals} */
    public Writing writing() {
        return own.writing;
    }

    /**
     * Writes a name.
     *
     * @param name the name
     * @param style how long and how formal it is to be
     * @return its text; empty for a name without parts
     */
    public String format(PersonName name, NameStyle style) {
        String nameScript = NameScript.of(name.apply(NamePart.LAST), name.apply(NamePart.FIRST));
        boolean writes = nameScript == null || NameScript.covers(script, nameScript);
        Locale from = name.language()
                .orElseGet(() -> writes ? locale : Locales.shipped().ofScript(Objects.requireNonNull(nameScript)));
        LocaleNames names = writes ? own : inScript(from, Objects.requireNonNull(nameScript));

        Order order = style.order().or(name::order).orElseGet(() -> order(names, from));
        Length length = style.length().orElse(names.length);
        Formality formality = style.formality().orElse(names.formality);
        String text = best(names.patterns(order, length, style.usage(), formality), name)
                .format(name);
        boolean sameLanguage = from.getLanguage().equals(names.language);
        String blank = sameLanguage ? names.nativeSpace : names.foreignSpace;
        return blank.equals(" ") ? text : text.replace(" ", blank);
    }

    /** The name's own language, unless that one cannot write the script either. */
    private static LocaleNames inScript(Locale from, String nameScript) {
        Locales locales = Locales.shipped();
        boolean fits = NameScript.covers(locales.script(from), nameScript);
        return locales.names(fits ? from : locales.ofScript(nameScript));
    }

    private static Order order(LocaleNames names, Locale from) {
        for (String key : Locales.shipped().chain(from)) {
            if (names.surnameFirst.contains(key)) {
                return Order.SURNAME_FIRST;
            }
            if (names.givenFirst.contains(key)) {
                return Order.GIVEN_FIRST;
            }
        }
        return Order.GIVEN_FIRST;
    }

    /** Most fields that the name has, then fewest that it lacks, then the first by its letters. */
    private static NamePattern best(List<NamePattern> patterns, PersonName name) {
        if (patterns.size() == 1) {
            return patterns.get(0);
        }
        return patterns.stream()
                .min(Comparator.comparingLong((NamePattern pattern) -> -filled(pattern, name))
                        .thenComparingLong(pattern -> pattern.fields().size() - filled(pattern, name))
                        .thenComparing(NamePattern::toString))
                .orElseThrow();
    }

    private static long filled(NamePattern pattern, PersonName name) {
        return pattern.fields().stream()
                .filter(field -> NameFields.value(field, name) != null)
                .count();
    }
}
