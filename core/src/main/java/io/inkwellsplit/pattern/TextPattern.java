package io.inkwellsplit.pattern;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;
import java.util.function.Predicate;
import org.jspecify.annotations.Nullable;

/**
 * A pattern such as <code>{last}, {first} {middle-initial}</code> that turns named values into one text.
 *
 * <pre>
 * pattern  = ( literal | field )*
 * field    = "{" name ( "-" modifier )* "}"
 * literal  = any character; "{", "}" and "\" are written "\{", "\}" and "\\"
 * modifier = initial | monogram | allCaps | initialCap
 * </pre>
 *
 * <p>Fields and modifiers are those of the person-name patterns of Unicode UTS #35, Part 8; any other name a caller
 * knows is a field too. A field without a value takes the blank, comma or bracket next to it along, so that no doubled
 * blank and no dangling comma is left; where no field has a value, the text is empty. Immutable and thread-safe.
 */
public final class TextPattern {
    private final String source;
    /** One more than there are fields: what stands before, between and behind them. */
    private final List<String> literals;

    private final List<Field> fields;

    /** A place to fill. */
    private record Field(String name, List<Modifier> modifiers) {}

    private TextPattern(String source, List<String> literals, List<Field> fields) {
        this.source = source;
        this.literals = List.copyOf(literals);
        this.fields = List.copyOf(fields);
    }

    /**
     * Compiles a pattern; any field name is accepted.
     *
     * @throws PatternException if a brace is open or empty, or a modifier is unknown
     */
    public static TextPattern compile(String pattern) {
        return compile(pattern, name -> name.indexOf('-') < 0, List.of());
    }

    /**
     * Compiles a pattern whose fields must be known.
     *
     * @param isKnown whether a name, without modifiers, can be filled
     * @param suggestions names to offer when one is unknown; may be empty
     * @throws PatternException as above, or if a field is unknown; the message offers the nearest known name
     */
    public static TextPattern compile(String pattern, Predicate<String> isKnown, List<String> suggestions) {
        return new PatternParser(pattern, isKnown, suggestions).parse();
    }

    static TextPattern of(String source, List<String> literals, List<String> names, List<List<Modifier>> modifiers) {
        List<Field> fields = new ArrayList<>();
        for (int i = 0; i < names.size(); i++) {
            fields.add(new Field(names.get(i), List.copyOf(modifiers.get(i))));
        }
        return new TextPattern(source, literals, fields);
    }

    /** Returns the names of the fields, in their order, without modifiers. */
    public List<String> fields() {
        return fields.stream().map(Field::name).toList();
    }

    /**
     * Fills the pattern.
     *
     * @param values gives the value of a field by its name; null or an empty text stand for no value
     */
    public String format(Function<String, @Nullable String> values) {
        StringBuilder out = new StringBuilder();
        String before = literals.get(0);
        boolean skipped = false;
        boolean any = false;
        for (int i = 0; i < fields.size(); i++) {
            String value = value(fields.get(i), values);
            String behind = literals.get(i + 1);
            if (value.isEmpty()) {
                before = any || i == 0 || hasWords(before) ? Literals.across(before, behind) : behind;
                skipped = true;
            } else {
                boolean leading = !any && skipped;
                out.append(leading ? Literals.leading(before) : before).append(value);
                any = true;
                skipped = false;
                before = behind;
            }
        }
        if (!any) {
            return fields.isEmpty() ? literals.get(0) : "";
        }
        return out.append(skipped ? Literals.trailing(before) : before).toString();
    }

    private static boolean hasWords(String literal) {
        return literal.chars().anyMatch(Character::isLetterOrDigit);
    }

    private static String value(Field field, Function<String, @Nullable String> values) {
        String value = values.apply(field.name());
        if (value == null || value.isBlank()) {
            return "";
        }
        for (Modifier modifier : field.modifiers()) {
            value = modifier.apply(value);
        }
        return value;
    }

    /** Returns the pattern as it was written. */
    @Override
    public String toString() {
        return source;
    }
}
