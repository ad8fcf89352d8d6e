package io.inkwellsplit.table.where;

import io.inkwellsplit.table.Settings;
import io.inkwellsplit.table.sort.Amount;
import io.inkwellsplit.table.step.Columns;
import io.inkwellsplit.table.step.Expressions;
import io.inkwellsplit.table.where.Verb.Operand;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import java.util.function.Supplier;

/**
 * A condition on one column, written in words: {@code Voice is one of Alto, Bass}, {@code Phone is blank},
 * {@code Amount is between 10 and 20}. A column whose title holds such words stands in quotes. Small and capital letters are
 * the same, but for expressions. Immutable.
 */
public final class Condition {
    private final String column;
    private final boolean negated;
    private final Supplier<Predicate<String>> test;
    private final Optional<Path> list;

    private Condition(String column, boolean negated, Supplier<Predicate<String>> test, Optional<Path> list) {
        this.column = column;
        this.negated = negated;
        this.test = test;
        this.list = list;
    }

    /**
     * {@return the condition that is written}
     *
     * @param written such as {@code Voice is Alto}
     * @throws io.inkwellsplit.table.TableException if it cannot be understood
     */
    public static Condition parse(String written) {
        String text = written.strip();
        boolean quoted = text.startsWith("\"") && text.indexOf('"', 1) > 0;
        int titleEnd = quoted ? text.indexOf('"', 1) + 1 : 0;
        Optional<Verb.Found> verb = Verb.in(text, titleEnd + (quoted ? 1 : 0));
        if (verb.isEmpty()) {
            throw Settings.refuse("The condition \"" + written
                    + "\" does not say what is asked of which column. Write a column and one of: " + Verb.all() + ".");
        }
        Verb.Found found = verb.get();
        String column = quoted
                ? text.substring(1, titleEnd - 1)
                : text.substring(0, found.at()).strip();
        if (column.isEmpty()) {
            throw Settings.refuse(
                    "The condition \"" + written + "\" names no column in front of \"" + found.verb().words + "\".");
        }
        String rest = text.substring(found.end()).strip();
        if (found.verb() == Verb.LISTED && !rest.isEmpty()) {
            Path list = Path.of(unquoted(rest));
            return new Condition(column, found.negated(), () -> oneOf(lines(list)), Optional.of(list));
        }
        Predicate<String> test = test(found.verb(), rest, written);
        return new Condition(column, found.negated(), () -> test, Optional.empty());
    }

    private static Predicate<String> test(Verb verb, String rest, String written) {
        boolean none = verb.operand == Operand.NONE;
        if (none != rest.isEmpty()) {
            throw Settings.refuse("The condition \"" + written + "\" "
                    + (none
                            ? "has something behind \"" + verb.words + "\", where nothing belongs."
                            : "does not say what."));
        }
        String plain = unquoted(rest);
        return switch (verb) {
            case IS -> cell -> fold(cell).equals(fold(plain));
            case ONE_OF ->
                oneOf(Arrays.stream(rest.split(",")).map(Condition::unquoted).toList());
            case CONTAINS -> cell -> fold(cell).contains(fold(plain));
            case STARTS -> cell -> fold(cell).startsWith(fold(plain));
            case ENDS -> cell -> fold(cell).endsWith(fold(plain));
            case MATCHES -> Expressions.in(plain);
            case BLANK -> String::isBlank;
            case LONGER -> longer(plain, written, 1);
            case SHORTER -> longer(plain, written, -1);
            case BETWEEN -> between(rest, written);
            case AT_LEAST -> compared(plain, written, 1);
            case AT_MOST -> compared(plain, written, -1);
            case READS -> ReadsAs.test(plain);
            case LISTED -> throw new IllegalStateException();
        };
    }

    private static String unquoted(String text) {
        String plain = text.strip();
        boolean quoted = plain.length() > 1 && plain.startsWith("\"") && plain.endsWith("\"");
        return quoted ? plain.substring(1, plain.length() - 1) : plain;
    }

    private static String fold(String text) {
        return text.strip().toLowerCase(Locale.ROOT);
    }

    private static Predicate<String> oneOf(List<String> values) {
        Set<String> folded = new HashSet<>();
        values.forEach(value -> folded.add(fold(value)));
        return cell -> folded.contains(fold(cell));
    }

    /** Blank lines say nothing. */
    private static List<String> lines(Path list) {
        try {
            return Files.readAllLines(list, StandardCharsets.UTF_8).stream()
                    .filter(line -> !line.isBlank())
                    .toList();
        } catch (IOException e) {
            throw Settings.unreadable("list", list, e);
        }
    }

    private static Predicate<String> longer(String number, String written, int sign) {
        if (!number.matches("[0-9]{1,9}")) {
            throw Settings.refuse(
                    "A length is a whole number, not \"" + number + "\", in the condition \"" + written + "\".");
        }
        int length = Integer.parseInt(number);
        return cell -> sign
                        * Integer.compare(
                                cell.strip().codePointCount(0, cell.strip().length()), length)
                > 0;
    }

    private static Predicate<String> between(String rest, String written) {
        int and = rest.indexOf(" and ");
        if (and < 0) {
            throw Settings.refuse("The condition \"" + written + "\" needs two bounds, with and between them.");
        }
        return compared(rest.substring(0, and), written, 1)
                .and(compared(rest.substring(and + " and ".length()), written, -1));
    }

    /** A cell that is no such thing meets no bound, and is not beyond one either. */
    private static Predicate<String> compared(String bound, String written, int sign) {
        Amount wanted = Amount.of(bound, Locale.ROOT)
                .orElseThrow(() -> Settings.refuse("\"" + bound.strip()
                        + "\" is neither a number nor a date such as 2026-11-29, in the condition \"" + written
                        + "\"."));
        return cell -> Amount.of(cell, Locale.ROOT)
                .filter(amount -> amount.isLike(wanted) && sign * amount.compareTo(wanted) >= 0)
                .isPresent();
    }

    /**
     * {@return what tells whether a row meets the condition}
     *
     * @param header the titles of the columns
     * @throws io.inkwellsplit.table.TableException if there is no such column, or the list cannot be read
     */
    public Predicate<List<String>> bind(List<String> header) {
        int index = Columns.find(header, column);
        Predicate<String> bound = test.get();
        return cells -> bound.test(cells.get(index)) != negated;
    }

    /** {@return the file of values that it names, a line each; empty where it names none} */
    public Optional<Path> list() {
        return list;
    }
}
