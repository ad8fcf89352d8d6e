package io.inkwellsplit.table.where;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;

/** What is asked of a cell: the words for it, the words for its opposite, and what stands behind them. */
enum Verb {
    IS("is", "is not", Operand.TEXT),
    ONE_OF("is one of", "is not one of", Operand.LIST),
    LISTED("is listed in", "is not listed in", Operand.FILE),
    CONTAINS("contains", "does not contain", Operand.TEXT),
    STARTS("starts with", "does not start with", Operand.TEXT),
    ENDS("ends with", "does not end with", Operand.TEXT),
    MATCHES("matches", "does not match", Operand.EXPRESSION),
    BLANK("is blank", "is filled", Operand.NONE),
    LONGER("is longer than", "is not longer than", Operand.LENGTH),
    SHORTER("is shorter than", "is not shorter than", Operand.LENGTH),
    BETWEEN("is between", "is not between", Operand.BOUNDS),
    AT_LEAST("is at least", "is less than", Operand.BOUND),
    AT_MOST("is at most", "is more than", Operand.BOUND),
    READS("reads as", "does not read as", Operand.KIND);

    /** What stands behind the words. */
    enum Operand {
        NONE,
        TEXT,
        LIST,
        FILE,
        EXPRESSION,
        LENGTH,
        BOUND,
        BOUNDS,
        KIND
    }

    final String words;
    final String opposite;
    final Operand operand;

    Verb(String words, String opposite, Operand operand) {
        this.words = words;
        this.opposite = opposite;
        this.operand = operand;
    }

    /** Where words stand in a condition. */
    record Found(Verb verb, boolean negated, int at, int end) {}

    /** Returns the words that stand first in a condition, behind a column; of those that begin together the longest. */
    static Optional<Found> in(String condition, int from) {
        Optional<Found> first = Optional.empty();
        for (Verb verb : values()) {
            for (String phrase : List.of(verb.words, verb.opposite)) {
                int at = find(condition, phrase, from);
                Found found = new Found(verb, phrase.equals(verb.opposite), at, at + phrase.length());
                boolean better =
                        first.isEmpty() || at < first.get().at || at == first.get().at && found.end > first.get().end;
                if (at >= 0 && better) {
                    first = Optional.of(found);
                }
            }
        }
        return first;
    }

    /** Returns where whole words stand; -1 where they do not. */
    private static int find(String condition, String phrase, int from) {
        int at = condition.indexOf(' ' + phrase, Math.max(0, from - 1));
        while (at >= 0) {
            int end = at + 1 + phrase.length();
            if (end == condition.length() || condition.charAt(end) == ' ') {
                return at + 1;
            }
            at = condition.indexOf(' ' + phrase, at + 1);
        }
        return -1;
    }

    static String all() {
        return String.join(
                ", ",
                Arrays.stream(values())
                        .flatMap(verb -> List.of(verb.words, verb.opposite).stream())
                        .toList());
    }
}
