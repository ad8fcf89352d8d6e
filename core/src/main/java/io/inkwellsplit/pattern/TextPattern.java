package io.inkwellsplit.pattern;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.function.Function;
import java.util.function.IntFunction;
import java.util.function.Predicate;
import org.jspecify.annotations.Nullable;

/**
 * A pattern such as <code>{last}, {first} {middle-initial}</code> that turns named values into one text.
 *
 * <pre>
 * pattern  = ( literal | field | choice )*
 * field    = "{" option ( "|" option )* "}"          the first option that has a value
 * option   = name ( "-" modifier )* | '"' text '"' | nothing, as the last one
 * choice   = "{?" pattern ( "|" pattern )* "}"       the first pattern whose own fields all have a value; or nothing
 * literal  = any character; "{", "}" and "\", and in a choice "|", are written with a "\" before them
 * modifier = initial | retain | monogram | letters | allCaps | upper | lower | initialCap | tidy
 * </pre>
 *
 * <p>Fields and modifiers are those of the person-name patterns of Unicode UTS #35, Part 8; any other name a caller
 * knows is a field too. A field without a value takes the separators next to it along, so that no doubled blank, no
 * dangling comma and no empty pair of brackets is left; words stay. Where no field has a value, the text is empty. A
 * field whose last option is nothing, <code>{middle|}</code>, may be empty without making a choice fail, and so may a
 * choice in a choice. Immutable and thread-safe.
 */
public final class TextPattern {
    private final String source;
    private final Sequence whole;
    private final Writing writing;
    private final List<String> fields;

    private TextPattern(String source, Sequence whole, Writing writing) {
        this.source = source;
        this.whole = whole;
        this.writing = writing;
        List<String> names = new ArrayList<>();
        whole.names(names::add);
        this.fields = List.copyOf(names);
    }

    /**
     * Compiles a pattern; any field name is accepted.
     *
     * @param pattern text with fields in braces
     * @return the pattern
     * @throws PatternException if a brace is open or empty, or a modifier is unknown
     */
    public static TextPattern compile(String pattern) {
        return compile(pattern, name -> name.indexOf('-') < 0, List.of());
    }

    /**
     * Compiles a pattern whose fields must be known.
     *
     * @param pattern text with fields in braces
     * @param isKnown whether a name, without modifiers, can be filled
     * @param suggestions names to offer when one is unknown; may be empty
     * @return the pattern
     * @throws PatternException as above, or if a field is unknown; the message offers the nearest known name
     */
    public static TextPattern compile(String pattern, Predicate<String> isKnown, List<String> suggestions) {
        Objects.requireNonNull(pattern, "pattern");
        return new TextPattern(pattern, new PatternParser(pattern, isKnown, suggestions).parse(), Writing.USUAL);
    }

    /**
     * {@return the pattern for a language that writes initials and capitals its own way}
     *
     * @param writing how the language writes them
     */
    public TextPattern in(Writing writing) {
        return new TextPattern(source, whole, Objects.requireNonNull(writing, "writing"));
    }

    /** {@return the names of the fields, in their order, without modifiers; a name can stand there more than once} */
    public List<String> fields() {
        return fields;
    }

    /**
     * Fills the pattern.
     *
     * @param values gives the value of a field by its name; null or an empty text stand for no value
     * @return the filled text, without blanks at its ends
     */
    public String format(Function<String, @Nullable String> values) {
        return formatByNumber(number -> values.apply(fields.get(number)));
    }

    /**
     * Fills the pattern, for those who have looked up {@link #fields} once.
     *
     * @param values gives the value of a field by its number in {@link #fields}; null or an empty text stand for no value
     * @return the filled text, as {@link #format} makes it
     */
    public String formatByNumber(IntFunction<@Nullable String> values) {
        @Nullable String text = whole.format(values, writing, false);
        return text == null ? "" : text;
    }

    /** Returns the pattern as it was written. */
    @Override
    public String toString() {
        return source;
    }
}
