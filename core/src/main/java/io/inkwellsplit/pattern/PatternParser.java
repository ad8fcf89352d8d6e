package io.inkwellsplit.pattern;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.function.Predicate;
import java.util.stream.Collectors;

/** Reads a pattern, one production of its grammar a method. */
final class PatternParser {
    private final String pattern;
    private final Predicate<String> isKnown;
    private final List<String> suggestions;
    private final List<String> literals = new ArrayList<>();
    private final List<String> names = new ArrayList<>();
    private final List<List<Modifier>> modifiers = new ArrayList<>();
    private int at;

    PatternParser(String pattern, Predicate<String> isKnown, List<String> suggestions) {
        this.pattern = pattern;
        this.isKnown = isKnown;
        this.suggestions = suggestions;
    }

    TextPattern parse() {
        literals.add(literal());
        while (at < pattern.length()) {
            field();
            literals.add(literal());
        }
        return TextPattern.of(pattern, literals, names, modifiers);
    }

    private String literal() {
        StringBuilder text = new StringBuilder();
        while (at < pattern.length() && pattern.charAt(at) != '{') {
            char c = pattern.charAt(at);
            if (c == '}') {
                throw refuse("a } without its {; write \\} for a brace in the text", at);
            }
            if (c == '\\' && at + 1 < pattern.length() && "{}\\".indexOf(pattern.charAt(at + 1)) >= 0) {
                at++;
            }
            text.append(pattern.charAt(at++));
        }
        return text.toString();
    }

    private void field() {
        int open = at;
        int close = pattern.indexOf('}', open);
        if (close < 0) {
            throw refuse("a { without its }; write \\{ for a brace in the text", open);
        }
        String text = pattern.substring(open + 1, close).strip();
        if (text.isEmpty()) {
            throw refuse("a field without a name", open);
        }
        at = close + 1;
        String name = text;
        List<Modifier> found = new ArrayList<>();
        while (!isKnown.test(name)) {
            int hyphen = name.lastIndexOf('-');
            if (hyphen <= 0) {
                throw unknownField(text.replaceFirst("-.*", ""), open + 1);
            }
            found.add(0, modifier(name.substring(hyphen + 1), open + 1 + hyphen + 1));
            name = name.substring(0, hyphen);
        }
        names.add(name);
        modifiers.add(found);
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
        String nearest = suggestions.stream()
                .min(Comparator.comparingInt((String s) -> distance(name, s)))
                .filter(s -> distance(name, s) <= Math.max(2, name.length() / 2))
                .map(s -> "; did you mean {" + s + "}?")
                .orElse("");
        return refuse("{" + name + "} is no known field" + nearest, position);
    }

    private PatternException refuse(String why, int position) {
        return new PatternException(
                "In the pattern \"" + pattern + "\", at character " + (position + 1) + ": " + why, position);
    }

    /** The least number of letters to change, insert or leave out. */
    private static int distance(String first, String second) {
        String a = first.toLowerCase(Locale.ROOT);
        String b = second.toLowerCase(Locale.ROOT);
        int[] row = new int[b.length() + 1];
        for (int j = 0; j <= b.length(); j++) {
            row[j] = j;
        }
        for (int i = 1; i <= a.length(); i++) {
            int diagonal = row[0];
            row[0] = i;
            for (int j = 1; j <= b.length(); j++) {
                int change = diagonal + (a.charAt(i - 1) == b.charAt(j - 1) ? 0 : 1);
                diagonal = row[j];
                row[j] = Math.min(change, Math.min(row[j], row[j - 1]) + 1);
            }
        }
        return row[b.length()];
    }
}
