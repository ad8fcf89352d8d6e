package io.inkwellsplit.assemble;

import io.inkwellsplit.assemble.NameStyle.Formality;
import io.inkwellsplit.assemble.NameStyle.Length;
import io.inkwellsplit.assemble.NameStyle.Order;
import io.inkwellsplit.assemble.NameStyle.Usage;
import io.inkwellsplit.pattern.Writing;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ConcurrentMap;

/** How one locale writes names: a line of {@code locales.txt}. */
final class LocaleNames {
    private static final int SORTING = 36;
    private static final int USAGES = 3;
    private static final int FORMALITIES = 2;

    /** Without script and region. */
    final String language;

    final Set<String> givenFirst;
    final Set<String> surnameFirst;
    final Formality formality;
    final Length length;
    final String nativeSpace;
    final String foreignSpace;
    final Writing writing;
    private final List<List<String>> patterns;
    private final ConcurrentMap<Integer, List<NamePattern>> compiled = new ConcurrentHashMap<>();

    LocaleNames(String[] fields, List<List<String>> patterns) {
        this.language = Locale.forLanguageTag(fields[0]).getLanguage();
        this.givenFirst = Set.of(fields[1].split(" "));
        this.surnameFirst = Set.of(fields[2].split(" "));
        this.formality = Formality.valueOf(fields[3].toUpperCase(Locale.ROOT));
        this.length = Length.valueOf(fields[4].toUpperCase(Locale.ROOT));
        this.nativeSpace = blanks(fields[5]);
        this.foreignSpace = blanks(fields[6]);
        this.writing = new Writing(blanks(fields[7]), blanks(fields[8]), Locale.forLanguageTag(fields[0]));
        this.patterns = patterns;
    }

    private static String blanks(String shown) {
        return shown.replace('_', ' ');
    }

    /** Returns the patterns to choose from. An index has no usages, and no language writes a monogram of one. */
    List<NamePattern> patterns(Order order, Length size, Usage usage, Formality formal) {
        int index = order == Order.SORTING
                ? SORTING + size.ordinal() * FORMALITIES + formal.ordinal()
                : ((order.ordinal() * Length.values().length + size.ordinal()) * USAGES + usage.ordinal()) * FORMALITIES
                        + formal.ordinal();
        return compiled.computeIfAbsent(index, i -> patterns.get(i).stream()
                .map(pattern -> NamePattern.compile(pattern).in(writing))
                .toList());
    }
}
