package io.inkwellsplit.name;

import io.inkwellsplit.text.PhraseTable;
import io.inkwellsplit.text.Tokens;
import java.util.List;

/**
 * Finds the keyword that a misspelt word was meant to be.
 *
 * <p>One letter may be wrong, missing or too many, or two neighbours may have changed places. Only words that no
 * lexicon knows are asked about, so that no name is eaten.
 */
final class Keywords {
    private final char[][] words;
    private final long[] hashes;
    /** Which letters each word has: a quick look before the slow one. */
    private final int[] letterSets;

    Keywords(List<String> keywords) {
        List<String> distinct = keywords.stream().distinct().sorted().toList();
        words = new char[distinct.size()][];
        hashes = new long[distinct.size()];
        letterSets = new int[distinct.size()];
        Tokens tokens = new Tokens();
        for (int i = 0; i < words.length; i++) {
            tokens.read(distinct.get(i));
            words[i] = new char[tokens.end(0)];
            for (int at = 0; at < words[i].length; at++) {
                words[i][at] = tokens.foldAt(at);
                letterSets[i] |= bit(words[i][at]);
            }
            hashes[i] = tokens.hash(0);
        }
    }

    /** Returns the hash of the keyword that a token misspells, or {@link PhraseTable#NONE}. */
    long meant(Tokens tokens, int token) {
        int start = tokens.start(token);
        int length = tokens.letters(token);
        int letters = 0;
        for (int i = start; i < start + length; i++) {
            letters |= bit(tokens.foldAt(i));
        }
        for (int i = 0; i < words.length; i++) {
            int difference = words[i].length - length;
            // One slip changes at most one letter for another.
            if (difference <= 1
                    && difference >= -1
                    && Integer.bitCount(letters ^ letterSets[i]) <= 2
                    && isNear(words[i], tokens, start, length)) {
                return hashes[i];
            }
        }
        return PhraseTable.NONE;
    }

    private static int bit(char c) {
        return 1 << (c & 31);
    }

    private static boolean isNear(char[] word, Tokens tokens, int start, int length) {
        int head = 0;
        int shorter = Math.min(word.length, length);
        while (head < shorter && word[head] == tokens.foldAt(start + head)) {
            head++;
        }
        int tail = 0;
        while (tail < shorter - head && word[word.length - 1 - tail] == tokens.foldAt(start + length - 1 - tail)) {
            tail++;
        }
        int wordRest = word.length - head - tail;
        int textRest = length - head - tail;
        boolean oneEdit = wordRest <= 1 && textRest <= 1;
        boolean swapped = wordRest == 2
                && textRest == 2
                && word[head] == tokens.foldAt(start + head + 1)
                && word[head + 1] == tokens.foldAt(start + head);
        return oneEdit || swapped;
    }
}
