package io.inkwellsplit.address.place;

import io.inkwellsplit.text.Tokens;
import java.util.BitSet;
import java.util.HashMap;
import java.util.Map;

/** Endings of words with the countries that know them. Immutable. */
final class EndingIndex {
    private static final int LONGEST = 12;
    private static final long FACTOR = 0x9E37_79B9_7F4A_7C15L;

    private final CountryTable users;

    private EndingIndex(Map<Long, BitSet> byHash) {
        users = new CountryTable(byHash);
    }

    /** @param endings with the countries that know them */
    static EndingIndex of(Map<String, BitSet> endings) {
        Map<Long, BitSet> byHash = new HashMap<>();
        endings.forEach((letters, countries) -> {
            long hash = 0;
            for (int i = letters.length() - 1; i >= 0; i--) {
                hash = mix(hash, letters.charAt(i));
            }
            byHash.computeIfAbsent(hash, any -> new BitSet()).or(countries);
        });
        return new EndingIndex(byHash);
    }

    private static long mix(long hash, char c) {
        return (hash + c) * FACTOR;
    }

    /** Returns the countries that know the longest ending that a token has; none if none does. */
    int[] users(Tokens tokens, int token) {
        int end = tokens.end(token) - (tokens.isDotted(token) ? 1 : 0);
        int from = Math.max(tokens.start(token) + (tokens.isIdeograph(token) ? 1 : 2), end - LONGEST);
        long hash = 0;
        int[] found = users.get(0);
        for (int i = end - 1; i >= from; i--) {
            hash = mix(hash, tokens.foldAt(i));
            int[] known = users.get(hash);
            found = known.length > 0 ? known : found;
        }
        return found;
    }
}
