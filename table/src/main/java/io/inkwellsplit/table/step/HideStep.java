package io.inkwellsplit.table.step;

import io.inkwellsplit.hide.Mask;
import io.inkwellsplit.hide.Pseudonyms;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;

/**
 * Hides what columns hold, so that a table can be shared without its personal data. Unlike other steps it puts the hidden
 * text in the column's own place, since the table that goes out must not hold the column as it was.
 */
public final class HideStep implements Step {
    private final List<String> columns;
    private final UnaryOperator<String> hide;

    private HideStep(List<String> columns, UnaryOperator<String> hide) {
        this.columns = columns;
        this.hide = hide;
    }

    /**
     * Masks letters or digits of columns.
     *
     * @param mask what is hidden
     * @param columns the columns' titles, or their numbers from 1
     * @return the step
     */
    public static HideStep mask(Mask mask, String... columns) {
        return new HideStep(List.of(columns), mask::apply);
    }

    /**
     * Masks the matches of an expression in columns, and leaves the rest.
     *
     * @param mask what is hidden
     * @param expression a regular expression that takes linear time (RE2)
     * @param columns the columns' titles, or their numbers from 1
     * @return the step
     */
    public static HideStep mask(Mask mask, String expression, List<String> columns) {
        com.google.re2j.Pattern pattern = Expressions.compile(expression);
        return new HideStep(List.copyOf(columns), text -> masked(pattern, mask, text));
    }

    /**
     * Puts pseudonyms in the place of the values of columns.
     *
     * @param pseudonyms the pseudonyms of a key
     * @param columns the columns' titles, or their numbers from 1
     * @return the step
     */
    public static HideStep pseudonyms(Pseudonyms pseudonyms, String... columns) {
        return new HideStep(List.of(columns), pseudonyms::of);
    }

    private static String masked(com.google.re2j.Pattern pattern, Mask mask, String text) {
        com.google.re2j.Matcher matcher = pattern.matcher(text);
        StringBuilder out = new StringBuilder(text);
        while (matcher.find()) {
            out.replace(matcher.start(), matcher.end(), mask.apply(matcher.group()));
        }
        return out.toString();
    }

    @Override
    public RowWise bind(List<String> header) {
        List<Integer> indexes =
                columns.stream().map(column -> Columns.find(header, column)).toList();
        return new Bound(header, indexes, hide);
    }

    private record Bound(List<String> header, List<Integer> indexes, UnaryOperator<String> hide) implements RowWise {
        @Override
        public Optional<RowWise> fork() {
            return Optional.of(this);
        }

        @Override
        public List<String> apply(List<String> cells) {
            List<String> out = new ArrayList<>(cells);
            indexes.forEach(index -> out.set(index, hide.apply(out.get(index))));
            return out;
        }
    }
}
