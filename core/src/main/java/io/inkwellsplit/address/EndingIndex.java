package io.inkwellsplit.address;

import io.inkwellsplit.text.Tokens;
import java.util.Arrays;
import java.util.Map;
import java.util.TreeMap;

/** Endings of words with the countries, a bit each, that know them. Immutable. */
final class EndingIndex {
    private static final int LONGEST = 12;
    private static final long FACTOR = 0x9E37_79B9_7F4A_7C15L;

    private final long[] hashes;
    private final long[] users;

    private EndingIndex(TreeMap<Long, Long> byHash) {
        hashes = byHash.keySet().stream().mapToLong(Long::longValue).toArray();
        users = byHash.values().stream().mapToLong(Long::longValue).toArray();
    }

    /** @param endings with the countries that know them */
    static EndingIndex of(Map<String, Long> endings) {
        TreeMap<Long, Long> byHash = new TreeMap<>();
        endings.forEach((letters, countries) -> {
            long hash = 0;
            for (int i = letters.length() - 1; i >= 0; i--) {
                hash = mix(hash, letters.charAt(i));
            }
            byHash.merge(hash, countries, (a, b) -> a | b);
        });
        return new EndingIndex(byHash);
    }

    private static long mix(long hash, char c) {
        return (hash + c) * FACTOR;
    }

    /** Returns the countries that know the longest ending that a token has; 0 if none does. */
    long users(Tokens tokens, int token) {
        int end = tokens.end(token) - (tokens.isDotted(token) ? 1 : 0);
        int from = Math.max(tokens.start(token) + 2, end - LONGEST);
        long hash = 0;
        long found = 0;
        for (int i = end - 1; i >= from; i--) {
            hash = mix(hash, tokens.foldAt(i));
            int at = Arrays.binarySearch(hashes, hash);
            found = at >= 0 ? users[at] : found;
        }
        return found;
    }
}
