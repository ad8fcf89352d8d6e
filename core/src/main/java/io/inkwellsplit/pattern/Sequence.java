package io.inkwellsplit.pattern;

import java.util.List;
import java.util.function.Consumer;
import java.util.function.IntFunction;
import org.jspecify.annotations.Nullable;

/** Text with holes: one literal more than there are holes, before, between and behind them. */
final class Sequence {
    /** A pattern of more holes works out its separators each time anew; no written pattern is that long. */
    private static final int FEW = 16;

    private final List<String> literals;
    private final Hole[] holes;
    /** What stands between the literals i and j when the holes between them are empty; filled for few holes. */
    private final String[][] across;

    Sequence(List<String> literals, List<Hole> holes) {
        this.literals = literals;
        this.holes = holes.toArray(Hole[]::new);
        boolean few = holes.size() <= FEW;
        this.across = new String[few ? literals.size() : 0][];
        for (int from = 0; from < across.length; from++) {
            across[from] = new String[literals.size()];
            String text = literals.get(from);
            for (int to = from; to < literals.size(); to++) {
                text = to == from ? text : Literals.across(text, literals.get(to));
                across[from][to] = text;
            }
        }
    }

    private String across(int from, int to) {
        if (across.length > 0) {
            return across[from][to];
        }
        String text = literals.get(from);
        for (int i = from + 1; i <= to; i++) {
            text = Literals.across(text, literals.get(i));
        }
        return text;
    }

    /** A place to fill. */
    sealed interface Hole permits Field, Choice {
        /** Returns what stands here; empty where there is nothing. */
        String fill(IntFunction<@Nullable String> values, Writing writing);

        /** Returns whether the text around can do without it. */
        boolean isOptional();

        /** Gives the name of each field. */
        void names(Consumer<String> to);
    }

    /** A name with its modifiers and its number among the names of the pattern, from 0; or a text as it is. */
    record Option(String name, List<Modifier> modifiers, int number) {
        static final int TEXT = -1;

        boolean isText() {
            return number == TEXT;
        }

        String value(IntFunction<@Nullable String> values, Writing writing) {
            if (number == TEXT) {
                return name;
            }
            String value = values.apply(number);
            if (value == null || value.isBlank()) {
                return "";
            }
            if (modifiers.isEmpty()) {
                return value;
            }
            if (modifiers.contains(Modifier.RETAIN) && modifiers.contains(Modifier.INITIAL)) {
                value = Modifier.initials(value, writing, true);
            }
            for (Modifier modifier : modifiers) {
                boolean done = modifier == Modifier.INITIAL && modifiers.contains(Modifier.RETAIN);
                value = done || value.isEmpty() ? value : modifier.apply(value, writing);
            }
            return value;
        }
    }

    /** The first of several options that has a value. */
    record Field(List<Option> options) implements Hole {
        @Override
        public String fill(IntFunction<@Nullable String> values, Writing writing) {
            for (int i = 0; i < options.size(); i++) {
                String value = options.get(i).value(values, writing);
                if (!value.isEmpty()) {
                    return value;
                }
            }
            return "";
        }

        /** <code>{middle|}</code> may be empty, as its last option says. */
        @Override
        public boolean isOptional() {
            Option last = options.get(options.size() - 1);
            return last.isText() && last.name().isEmpty();
        }

        @Override
        public void names(Consumer<String> to) {
            options.stream()
                    .filter(option -> !option.isText())
                    .map(Option::name)
                    .forEach(to);
        }
    }

    /** The first of several texts whose own fields all have a value. */
    record Choice(List<Sequence> texts) implements Hole {
        @Override
        public String fill(IntFunction<@Nullable String> values, Writing writing) {
            for (Sequence text : texts) {
                @Nullable String filled = text.format(values, writing, true);
                if (filled != null) {
                    return filled;
                }
            }
            return "";
        }

        @Override
        public boolean isOptional() {
            return true;
        }

        @Override
        public void names(Consumer<String> to) {
            texts.forEach(text -> text.names(to));
        }
    }

    void names(Consumer<String> to) {
        for (Hole hole : holes) {
            hole.names(to);
        }
    }

    /** Returns the text with its holes filled; null where {@code needsAll} and a hole that is needed stays empty. */
    @Nullable String format(IntFunction<@Nullable String> values, Writing writing, boolean needsAll) {
        StringBuilder out = new StringBuilder(48);
        int literal = 0;
        boolean any = false;
        for (int i = 0; i < holes.length; i++) {
            String value = holes[i].fill(values, writing);
            if (!value.isEmpty()) {
                String before = across(literal, i);
                out.append(!any && i > 0 ? Literals.leading(before) : before).append(value);
                any = true;
                literal = i + 1;
            } else if (needsAll && !holes[i].isOptional()) {
                return null;
            }
        }
        String behind = across(literal, holes.length);
        if (!any) {
            return holes.length == 0 || needsAll ? Literals.trailing(behind) : "";
        }
        return out.append(literal < holes.length ? Literals.trailing(behind) : behind)
                .toString();
    }
}
