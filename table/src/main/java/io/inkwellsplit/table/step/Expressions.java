package io.inkwellsplit.table.step;

import com.google.re2j.Pattern;
import com.google.re2j.PatternSyntaxException;
import io.inkwellsplit.table.Settings;
import java.util.function.Predicate;

/** Makes regular expressions of what users write; they take time linear in the length of a value (RE2). */
public final class Expressions {
    private Expressions() {}

    /**
     * {@return what tells whether an expression is found in a text}
     *
     * @param expression what is written
     * @throws io.inkwellsplit.table.TableException if it is empty, broken (with the place) or too large
     */
    public static Predicate<String> in(String expression) {
        Pattern pattern = compile(expression);
        return text -> pattern.matcher(text).find();
    }

    /**
     * {@return the expression, ready to use}
     *
     * @param expression what is written
     * @throws io.inkwellsplit.table.TableException if it is empty, broken (with the place) or too large
     */
    static Pattern compile(String expression) {
        if (expression.isEmpty()) {
            throw Settings.refuse("The expression is empty; write what to look for.");
        }
        ExpressionLimits.check(expression);
        try {
            return Pattern.compile(expression);
        } catch (PatternSyntaxException e) {
            int at = expression.indexOf(e.getPattern());
            throw Settings.refuse("The expression \"" + expression + "\" is broken"
                    + (at >= 0 && !e.getPattern().isEmpty()
                            ? " at character " + (at + 1) + ", \"" + e.getPattern() + "\""
                            : "")
                    + ": " + e.getDescription() + ".");
        }
    }
}
