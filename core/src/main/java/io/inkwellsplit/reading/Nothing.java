package io.inkwellsplit.reading;

import io.inkwellsplit.text.PhraseTable;
import io.inkwellsplit.text.Resources;
import io.inkwellsplit.text.Resources.Line;
import io.inkwellsplit.text.TokenKind;
import io.inkwellsplit.text.Tokens;

/** Tells values that hold nothing: no word or number at all, or just a word for nothing, such as {@code N/A}. */
public final class Nothing {
    private static final class Shipped {
        static final PhraseTable WORDS = load();
    }

    private Nothing() {}

    private static PhraseTable load() {
        PhraseTable.Builder words = new PhraseTable.Builder(100);
        for (Line line : Resources.lines(Nothing.class, "nothing.txt")) {
            if (words.put(line.text(), 1) != PhraseTable.NONE) {
                throw line.refuse(line.text() + " stands twice");
            }
        }
        return words.build();
    }

    /** Returns whether the tokens of a value are nothing to read. */
    public static boolean is(Tokens tokens) {
        int first = next(tokens, 0);
        if (first == tokens.count()) {
            return !tokens.isTooLong();
        }
        int length = Shipped.WORDS.longest(tokens, first, tokens.count());
        return length > 0 && next(tokens, first + length) == tokens.count();
    }

    /** Returns the first word or number from a token on, or the count. */
    private static int next(Tokens tokens, int from) {
        int token = from;
        while (token < tokens.count() && !tokens.isWord(token) && !tokens.is(token, TokenKind.NUMBER)) {
            token++;
        }
        return token;
    }
}
