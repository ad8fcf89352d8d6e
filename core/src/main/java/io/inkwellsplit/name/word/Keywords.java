package io.inkwellsplit.name.word;

import io.inkwellsplit.text.PhraseTable;
import io.inkwellsplit.text.Tokens;
import java.util.Comparator;
import java.util.List;

/**
 * Finds the keyword that a misspelt word was meant to be.
 *
 * <p>One letter may be wrong, missing or too many, or two neighbours may have changed places. Only words that no
 * lexicon knows are asked about, so that no name is eaten.
 */
public final class Keywords {
    private final char[][] words;
    /** By a length: where the words that are at least so long begin. */
    private final int[] lengths;

    private final long[] hashes;
    /** Which letters each word has: a quick look before the slow one. */
    private final int[] letterSets;

    Keywords(List<String> keywords) {
        List<String> distinct = keywords.stream()
                .distinct()
                .sorted(Comparator.comparingInt(String::length).thenComparing(Comparator.naturalOrder()))
                .toList();
        words = new char[distinct.size()][];
        hashes = new long[distinct.size()];
        letterSets = new int[distinct.size()];
        int longest = distinct.isEmpty() ? 0 : distinct.get(distinct.size() - 1).length();
        lengths = new int[longest + 1];
        for (int length = 0; length <= longest; length++) {
            int least = length;
            lengths[length] = (int)
                    distinct.stream().filter(word -> word.length() < least).count();
        }
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
    public long meant(Tokens tokens, int token) {
        int start = tokens.start(token);
        int length = tokens.letters(token);
        int letters = 0;
        for (int i = start; i < start + length; i++) {
            letters |= bit(tokens.foldAt(i));
        }
        int end = fromLength(length + 2);
        for (int i = fromLength(length - 1); i < end; i++) {
            // One slip changes at most one letter for another.
            if (Integer.bitCount(letters ^ letterSets[i]) <= 2 && isNear(words[i], tokens, start, length)) {
                return hashes[i];
            }
        }
        return PhraseTable.NONE;
    }

    /** Returns where the words of at least this length begin. */
    private int fromLength(int length) {
        return length >= lengths.length ? words.length : lengths[Math.max(0, length)];
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
