package io.inkwellsplit.table.step;

import io.inkwellsplit.table.Settings;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.OptionalInt;

/**
 * How large an expression may become: matching takes time in proportion to its size, with every repetition written out, and
 * that size grows with the product of repetitions inside one another.
 */
final class ExpressionLimits {
    private static final int MOST_CHARACTERS = 10_000;
    private static final int MOST_NESTED = 100;
    private static final long MOST_PARTS = 20_000;

    private final String expression;
    private int at;

    private ExpressionLimits(String expression) {
        this.expression = expression;
    }

    /** Refuses an expression that is too long, too deep or, written out, too large, with the place. */
    static void check(String expression) {
        if (expression.length() > MOST_CHARACTERS) {
            throw Settings.refuse(
                    "The expression has " + expression.length() + " characters; the most is " + MOST_CHARACTERS + ".");
        }
        new ExpressionLimits(expression).check();
    }

    private void check() {
        // Of each group that is open: how many parts it has so far.
        Deque<Long> sizes = new ArrayDeque<>();
        long size = 0;
        long last = 0;
        while (at < expression.length()) {
            char c = expression.charAt(at);
            if (c == '(') {
                if (sizes.size() == MOST_NESTED) {
                    throw refuse("more than " + MOST_NESTED + " brackets inside one another");
                }
                sizes.push(size);
                size = 0;
                last = 0;
            } else if (c == ')' && !sizes.isEmpty()) {
                last = size + 1;
                size = sizes.pop() + last;
            } else if (c == '{' && repetition().isPresent()) {
                size += last * (repetition().getAsInt() - 1L);
                last *= repetition().getAsInt();
            } else {
                skipOne(c);
                last = 1;
                size++;
            }
            if (size > MOST_PARTS) {
                throw refuse("written out, the repetitions make more than " + MOST_PARTS + " parts");
            }
            at++;
        }
    }

    /** Goes to the end of what an escape, a quotation or a class of characters takes. */
    private void skipOne(char c) {
        if (c == '\\' && expression.startsWith("\\Q", at)) {
            int end = expression.indexOf("\\E", at);
            at = end < 0 ? expression.length() : end + 1;
        } else if (c == '\\') {
            at++;
        } else if (c == '[') {
            int end = at + 1;
            while (end < expression.length() && (expression.charAt(end) != ']' || end == at + 1)) {
                end += expression.charAt(end) == '\\' ? 2 : 1;
            }
            at = end;
        }
    }

    /** Returns how often <code>{n}</code>, <code>{n,}</code> or <code>{n,m}</code> repeats at the most; nothing if it is none. */
    private OptionalInt repetition() {
        int end = expression.indexOf('}', at);
        String inside = end < 0 ? "" : expression.substring(at + 1, end);
        if (!inside.matches("[0-9]{1,6}(,[0-9]{0,6})?")) {
            return OptionalInt.empty();
        }
        String[] bounds = inside.split(",");
        return OptionalInt.of(Math.max(1, Integer.parseInt(bounds[bounds.length - 1])));
    }

    private RuntimeException refuse(String why) {
        return Settings.refuse("The expression is too large at character " + (at + 1) + ": " + why + ".");
    }
}
