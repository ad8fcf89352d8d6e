package io.inkwellsplit.name.word;

import io.inkwellsplit.data.Format;
import io.inkwellsplit.data.Format.Column;
import io.inkwellsplit.text.PhraseTable;
import io.inkwellsplit.text.Tokens;
import java.util.List;

/**
 * Tells words that are coined for firms, and stand in no list: made of pieces of {@code coined.txt}, with a digit inside, or
 * with a capital in the middle that no name explains.
 */
final class Coined {
    private static final int START = 1;
    private static final int END = 2;
    private static final int SHORTEST_PIECE = 4;
    private static final int LONGEST_PIECE = 12;
    private static final int SHORTEST_HALF = 3;

    private static final PhraseTable PIECES = load();

    private Coined() {}

    private static PhraseTable load() {
        PhraseTable.Builder pieces = new PhraseTable.Builder(128);
        Format.NONE
                .distinct("start", Column.TEXT)
                .distinct("end", Column.TEXT)
                .read(Coined.class, "coined.txt")
                .forEach((section, lines) ->
                        lines.forEach(line -> pieces.merge(line.text(), section.equals("start") ? START : END, 0)));
        return pieces.build();
    }

    /** Returns whether a word that is in no list looks like a firm's. */
    static boolean is(Tokens tokens, int token, PhraseTable names) {
        int start = tokens.start(token);
        int end = tokens.end(token) - (tokens.isDotted(token) ? 1 : 0);
        return tokens.hasDigit(token)
                || hasPiece(tokens, start, end)
                || tokens.count() == 1 && isTwoWords(tokens, start, end, names);
    }

    private static boolean hasPiece(Tokens tokens, int start, int end) {
        int longest = Math.min(LONGEST_PIECE, end - start - 2);
        for (int length = SHORTEST_PIECE; length <= longest; length++) {
            if ((PIECES.get(tokens.hash(start, start + length)) & START) != 0
                    || (PIECES.get(tokens.hash(end - length, end)) & END) != 0) {
                return true;
            }
        }
        return false;
    }

    /** {@code WexQuorb}: neither half is a name or a particle, as in {@code AnnaRose}, {@code MacTavish}. */
    private static boolean isTwoWords(Tokens tokens, int start, int end, PhraseTable names) {
        for (int i = start + SHORTEST_HALF; i <= end - SHORTEST_HALF; i++) {
            if (Character.isUpperCase(tokens.charAt(i)) && Character.isLowerCase(tokens.charAt(i - 1))) {
                return List.of(names.get(tokens.hash(start, i)), names.get(tokens.hash(i, end))).stream()
                        .noneMatch(half -> WordInfo.isListed(half)
                                || (half & (WordInfo.ANY_PARTICLE | WordInfo.CORE_PARTICLE)) != 0);
            }
        }
        return false;
    }
}
