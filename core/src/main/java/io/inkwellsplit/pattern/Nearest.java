package io.inkwellsplit.pattern;

import java.util.Collection;
import java.util.Comparator;
import java.util.Locale;
import java.util.Optional;

/** Finds the known word that somebody is likely to have meant. */
public final class Nearest {
    private Nearest() {}

    /**
     * {@return the word of the fewest changed letters; none where more than half of them would change}
     *
     * @param written what a user wrote
     * @param known the words that would have been understood
     */
    public static Optional<String> of(String written, Collection<String> known) {
        return known.stream()
                .min(Comparator.comparingInt((String s) -> distance(written, s)))
                .filter(s -> distance(written, s) <= Math.max(2, written.length() / 2));
    }

    /** The least number of letters to change, insert or leave out. */
    private static int distance(String first, String second) {
        String a = first.toLowerCase(Locale.ROOT);
        String b = second.toLowerCase(Locale.ROOT);
        int[] row = new int[b.length() + 1];
        for (int j = 0; j <= b.length(); j++) {
            row[j] = j;
        }
        for (int i = 1; i <= a.length(); i++) {
            int diagonal = row[0];
            row[0] = i;
            for (int j = 1; j <= b.length(); j++) {
                int change = diagonal + (a.charAt(i - 1) == b.charAt(j - 1) ? 0 : 1);
                diagonal = row[j];
                row[j] = Math.min(change, Math.min(row[j], row[j - 1]) + 1);
            }
        }
        return row[b.length()];
    }
}
