package io.inkwellsplit.address;

import io.inkwellsplit.text.Tokens;
import java.util.HashMap;
import java.util.Map;

/** Endings of words with the countries, a bit each, that know them. Immutable. */
final class EndingIndex {
    private static final int LONGEST = 12;
    private static final long FACTOR = 0x9E37_79B9_7F4A_7C15L;

    private final LongTable users;

    private EndingIndex(Map<Long, Long> byHash) {
        users = new LongTable(byHash);
    }

    /** @param endings with the countries that know them */
    static EndingIndex of(Map<String, Long> endings) {
        Map<Long, Long> byHash = new HashMap<>();
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
            long known = users.get(hash);
            found = known != 0 ? known : found;
        }
        return found;
    }
}
