package io.inkwellsplit.weigh;

import io.inkwellsplit.data.Format;
import io.inkwellsplit.data.Format.Column;
import io.inkwellsplit.data.Resources.Line;
import io.inkwellsplit.reading.Kind;
import io.inkwellsplit.reading.PartKey;
import io.inkwellsplit.reading.Reading;
import io.inkwellsplit.reading.ReadingBuilder;
import io.inkwellsplit.reading.SourcePlaces;
import io.inkwellsplit.text.PhraseTable;
import io.inkwellsplit.text.TokenKind;
import io.inkwellsplit.text.Tokens;
import io.inkwellsplit.words.OwnWords;
import java.util.Set;

/** Tells values that hold nothing: no word or number at all, or just a word for nothing, such as {@code N/A}. Immutable. */
public final class Nothing {
    private static final Nothing SHIPPED = new Nothing(load());

    private final PhraseTable words;

    private Nothing(PhraseTable words) {
        this.words = words;
    }

    private static PhraseTable load() {
        PhraseTable.Builder words = new PhraseTable.Builder(100);
        for (Line line : Format.NONE.distinct("", Column.TEXT).readLines(Nothing.class, "nothing.txt")) {
            if (words.put(line.text(), 1) != PhraseTable.NONE) {
                throw line.refuse(line.text() + " stands twice");
            }
        }
        return words.build();
    }

    /** Returns the shipped words for nothing. */
    public static Nothing shipped() {
        return SHIPPED;
    }

    /** Returns these and the user's own. */
    public Nothing with(OwnWords own) {
        PhraseTable.Builder more = words.more();
        own.lines("nothing").forEach(line -> more.put(line.text(), 1));
        return new Nothing(more.build());
    }

    /** Returns whether the tokens of a value are nothing to read. */
    public boolean is(Tokens tokens) {
        int first = next(tokens, 0);
        if (first == tokens.count()) {
            return !tokens.isTooLong();
        }
        int length = words.longest(tokens, first, tokens.count());
        return length > 0 && next(tokens, first + length) == tokens.count();
    }

    /** Returns whether a run of tokens is a word for nothing. */
    public boolean is(Tokens tokens, int from, int end) {
        return words.value(tokens, from, end - from) != PhraseTable.NONE;
    }

    /** Returns the reading of a value that is nothing: it has no part. */
    public static <P extends PartKey> Reading<P> reading(
            String source, Tokens tokens, SourcePlaces places, ReadingBuilder<P> builder) {
        builder.start(source, Kind.BLANK, places);
        for (int i = 0; i < tokens.count(); i++) {
            builder.addAnnouncement(tokens.start(i), tokens.end(i));
        }
        return builder.build(1, Set.of());
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
