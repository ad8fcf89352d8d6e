package io.inkwellsplit.pattern;

import io.inkwellsplit.pattern.Sequence.Choice;
import io.inkwellsplit.pattern.Sequence.Field;
import io.inkwellsplit.pattern.Sequence.Hole;
import io.inkwellsplit.pattern.Sequence.Option;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.function.Predicate;
import java.util.stream.Collectors;

/** Reads a pattern, one production of its grammar a method. */
final class PatternParser {
    private static final int MOST_CHARACTERS = 10_000;
    private static final int MOST_NESTED = 20;

    private final String pattern;
    private final Predicate<String> isKnown;
    private final List<String> suggestions;
    private int at;
    private int names;
    private int nested;

    PatternParser(String pattern, Predicate<String> isKnown, List<String> suggestions) {
        this.pattern = pattern;
        this.isKnown = isKnown;
        this.suggestions = suggestions;
    }

    Sequence parse() {
        if (pattern.length() > MOST_CHARACTERS) {
            throw new PatternException(
                    "The pattern has " + pattern.length() + " characters; the most is " + MOST_CHARACTERS + ".",
                    MOST_CHARACTERS);
        }
        Sequence whole = sequence(false);
        if (at < pattern.length()) {
            throw refuse("a } without its {; write \\} for a brace in the text", at);
        }
        return whole;
    }

    /** Reads until the end, a closing brace, or, in a choice, a bar. */
    private Sequence sequence(boolean inChoice) {
        List<String> literals = new ArrayList<>();
        List<Hole> holes = new ArrayList<>();
        literals.add(text(inChoice ? "{}|" : "{}"));
        while (at < pattern.length() && pattern.charAt(at) == '{') {
            holes.add(pattern.startsWith("{?", at) ? choice() : field());
            literals.add(text(inChoice ? "{}|" : "{}"));
        }
        return new Sequence(List.copyOf(literals), List.copyOf(holes));
    }

    /** Reads characters as they are until one of {@code ends}. */
    private String text(String ends) {
        StringBuilder text = new StringBuilder();
        while (at < pattern.length() && ends.indexOf(pattern.charAt(at)) < 0) {
            if (pattern.charAt(at) == '\\'
                    && at + 1 < pattern.length()
                    && "{}|\"\\".indexOf(pattern.charAt(at + 1)) >= 0) {
                at++;
            }
            text.append(pattern.charAt(at++));
        }
        return text.toString();
    }

    private Choice choice() {
        int open = at;
        if (++nested > MOST_NESTED) {
            throw refuse("more than " + MOST_NESTED + " choices inside one another", open);
        }
        at += 2;
        List<Sequence> texts = new ArrayList<>();
        texts.add(sequence(true));
        while (isAt('|')) {
            at++;
            texts.add(sequence(true));
        }
        close(open);
        nested--;
        return new Choice(List.copyOf(texts));
    }

    private Field field() {
        int open = at++;
        List<Option> options = new ArrayList<>();
        options.add(option(open, false));
        while (isAt('|')) {
            at++;
            options.add(option(open, true));
        }
        close(open);
        return new Field(List.copyOf(options));
    }

    private boolean isAt(char c) {
        return at < pattern.length() && pattern.charAt(at) == c;
    }

    private void close(int open) {
        if (!isAt('}')) {
            throw refuse("a { without its }; write \\{ for a brace in the text", open);
        }
        at++;
    }

    private Option option(int open, boolean mayBeNothing) {
        while (isAt(' ')) {
            at++;
        }
        int start = at;
        if (isAt('"')) {
            at++;
            String text = text("\"");
            if (!isAt('"')) {
                throw refuse("a text without its closing quote", start);
            }
            at++;
            return new Option(text, List.of(), Option.TEXT);
        }
        String written = text("{}|").strip();
        if (written.isEmpty() && !(mayBeNothing && isAt('}'))) {
            throw refuse(
                    isAt('}') ? "a field without a name" : "a { without its }; write \\{ for a brace in the text",
                    open);
        }
        return written.isEmpty() ? new Option("", List.of(), Option.TEXT) : named(written, start);
    }

    /** Takes modifiers off from the right until the rest is a field's name. */
    private Option named(String written, int start) {
        String name = written;
        List<Modifier> found = new ArrayList<>();
        while (!isKnown.test(name)) {
            int hyphen = name.lastIndexOf('-');
            if (hyphen <= 0) {
                throw unknownField(written.replaceFirst("-.*", ""), start);
            }
            found.add(0, modifier(name.substring(hyphen + 1), start + hyphen + 1));
            name = name.substring(0, hyphen);
        }
        return new Option(name, List.copyOf(found), names++);
    }

    private Modifier modifier(String key, int position) {
        for (Modifier modifier : Modifier.values()) {
            if (modifier.key().equals(key)) {
                return modifier;
            }
        }
        String known = Arrays.stream(Modifier.values()).map(m -> "-" + m.key()).collect(Collectors.joining(", "));
        throw refuse("-" + key + " is no modifier; there are " + known, position);
    }

    private PatternException unknownField(String name, int position) {
        return refuse(
                "{" + name + "} is no known field"
                        + Nearest.of(name, suggestions)
                                .map(s -> "; did you mean {" + s + "}?")
                                .orElse(""),
                position);
    }

    private PatternException refuse(String why, int position) {
        return new PatternException(
                "In the pattern \"" + pattern + "\", at character " + (position + 1) + ": " + why, position);
    }
}
