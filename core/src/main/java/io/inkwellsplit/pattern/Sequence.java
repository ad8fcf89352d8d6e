package io.inkwellsplit.pattern;

import java.util.List;
import java.util.function.Consumer;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;

/** Text with holes: one literal more than there are holes, before, between and behind them. */
record Sequence(List<String> literals, List<Hole> holes) {
    /** A place to fill. */
    sealed interface Hole permits Field, Choice {
        /** Returns what stands here; empty where there is nothing. */
        String fill(Function<String, @Nullable String> values, Writing writing);

        /** Returns whether the text around can do without it. */
        boolean isOptional();

        /** Gives the name of each field. */
        void names(Consumer<String> to);
    }

    /** A name with its modifiers, or a text as it is. */
    record Option(String name, List<Modifier> modifiers, boolean isText) {
        String value(Function<String, @Nullable String> values, Writing writing) {
            if (isText) {
                return name;
            }
            String value = values.apply(name);
            if (value == null || value.isBlank()) {
                return "";
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
        public String fill(Function<String, @Nullable String> values, Writing writing) {
            for (Option option : options) {
                String value = option.value(values, writing);
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
        public String fill(Function<String, @Nullable String> values, Writing writing) {
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
        holes.forEach(hole -> hole.names(to));
    }

    /** Returns the text with its holes filled; null where {@code needsAll} and a hole that is needed stays empty. */
    @Nullable String format(Function<String, @Nullable String> values, Writing writing, boolean needsAll) {
        StringBuilder out = new StringBuilder(48);
        String before = literals.get(0);
        boolean skipped = false;
        boolean any = false;
        for (int i = 0; i < holes.size(); i++) {
            String value = holes.get(i).fill(values, writing);
            String behind = literals.get(i + 1);
            if (!value.isEmpty()) {
                out.append(!any && skipped ? Literals.leading(before) : before).append(value);
                any = true;
                skipped = false;
                before = behind;
            } else if (needsAll && !holes.get(i).isOptional()) {
                return null;
            } else {
                before = Literals.across(before, behind);
                skipped = true;
            }
        }
        if (!any) {
            return holes.isEmpty() || needsAll ? Literals.trailing(before) : "";
        }
        return out.append(skipped ? Literals.trailing(before) : before).toString();
    }
}
