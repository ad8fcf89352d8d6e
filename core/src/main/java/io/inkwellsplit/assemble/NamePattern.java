package io.inkwellsplit.assemble;

import io.inkwellsplit.pattern.TextPattern;
import io.inkwellsplit.pattern.Writing;
import io.inkwellsplit.reading.NamePart;
import java.util.List;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;

/**
 * A pattern over the fields of {@link NameFields}, with the standard's treatment of names without a surname: where the
 * pattern gives the given name little or no room, it takes the surname's place. Immutable and thread-safe.
 */
public final class NamePattern {
    private final TextPattern pattern;
    private final List<Function<NameFields.Parts, @Nullable String>> values;
    private final List<Function<NameFields.Parts, @Nullable String>> mononym;

    private NamePattern(TextPattern pattern) {
        this.pattern = pattern;
        boolean second = pattern.fields().contains("surname2");
        values = pattern.fields().stream()
                .map(field -> second && field.equals("surname")
                        ? (Function<NameFields.Parts, @Nullable String>) NameFields::firstFamilyName
                        : NameFields.getter(field))
                .toList();
        mononym = Mononym.isShownAsSurname(pattern)
                ? pattern.fields().stream().map(Mononym::getter).toList()
                : values;
    }

    /**
     * Compiles a pattern.
     *
     * @param pattern text with fields in braces
     * @return the pattern
     * @throws io.inkwellsplit.pattern.PatternException if it is broken, or a field is none of a name's
     */
    public static NamePattern compile(String pattern) {
        return new NamePattern(TextPattern.compile(pattern, NameFields::isField, List.of()));
    }

    /**
     * {@return the pattern for a language that writes initials and capitals its own way}
     *
     * @param writing how the language writes them
     */
    public NamePattern in(Writing writing) {
        return new NamePattern(pattern.in(writing));
    }

    /** {@return the names of the fields; see {@link TextPattern#fields}} */
    public List<String> fields() {
        return pattern.fields();
    }

    /**
     * Puts a name together.
     *
     * @param parts what gives the text of a part
     * @return the filled text
     */
    public String format(NameFields.Parts parts) {
        String last = parts.apply(NamePart.LAST);
        List<Function<NameFields.Parts, @Nullable String>> from = last == null || last.isEmpty() ? mononym : values;
        return pattern.formatByNumber(number -> from.get(number).apply(parts));
    }

    /** Returns the pattern as it was written. */
    @Override
    public String toString() {
        return pattern.toString();
    }
}
