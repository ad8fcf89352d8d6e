package io.inkwellsplit.piece;

import java.util.List;

/**
 * The separator that a column of lists is likely to use.
 *
 * @param separator one of the usual separators
 * @param fit the share, 0 to 1, of the values that are not blank in which it stands
 */
public record LikelySeparator(String separator, double fit) {
    /** The usual ones; of two that fit alike, the earlier one is meant: a comma with a blank rather than the comma. */
    private static final List<String> USUAL = List.of(
            "; ", ";", " | ", "|", ", ", ",", "\t", " + ", "+", " & ", " / ", "/", "\\", " - ", "_", "-", ":", ".",
            " ");

    /** A blank, a dot or a hyphen stands in most texts, whatever their separator; others that fit half as well are meant. */
    private static final List<String> COMMON = List.of(" ", ".", "-", ":", "_");

    private static final int ASCII = 128;

    /** The sign of each of the usual ones, without the blanks beside it. */
    private static final char[] CORES = cores();

    private static char[] cores() {
        char[] cores = new char[USUAL.size()];
        for (int i = 0; i < cores.length; i++) {
            String separator = USUAL.get(i);
            cores[i] = separator.length() > 1 && separator.charAt(0) == ' ' ? separator.charAt(1) : separator.charAt(0);
        }
        return cores;
    }

    /** {@return the separators that are looked for} */
    public static List<String> usual() {
        return USUAL;
    }

    /** Counts one value after another; merges in any order. */
    public static final class Finder {
        /** Starts with nothing seen. */
        public Finder() {}

        private final long[] counts = new long[USUAL.size()];
        private long values;

        /**
         * Looks at a value.
         *
         * @param value the value
         */
        public void observe(String value) {
            String text = value.strip();
            if (text.isEmpty()) {
                return;
            }
            values++;
            boolean[] signs = signs(text);
            for (int i = 0; i < counts.length; i++) {
                String separator = USUAL.get(i);
                counts[i] += signs[CORES[i]] && (separator.length() == 1 || text.contains(separator)) ? 1 : 0;
            }
        }

        /** Which signs stand in a text at all; few of the separators need to be looked for then. */
        private static boolean[] signs(String text) {
            boolean[] signs = new boolean[ASCII];
            for (int i = 0; i < text.length(); i++) {
                char c = text.charAt(i);
                if (c < ASCII) {
                    signs[c] = true;
                }
            }
            return signs;
        }

        /** {@return the likeliest separator; where no usual one stands in any value, a comma with a fit of 0} */
        public LikelySeparator find() {
            int best = -1;
            double bestScore = 0;
            for (int i = 0; i < counts.length; i++) {
                double score = counts[i] * (COMMON.contains(USUAL.get(i)) ? 0.4 : 1.0);
                if (score > bestScore + 1e-9) {
                    best = i;
                    bestScore = score;
                }
            }
            return best < 0 || values == 0
                    ? new LikelySeparator(",", 0)
                    : new LikelySeparator(USUAL.get(best), (double) counts[best] / values);
        }
    }

    /**
     * {@return the likeliest separator of a column}
     *
     * @param column its values
     */
    public static LikelySeparator of(List<String> column) {
        Finder finder = new Finder();
        column.forEach(finder::observe);
        return finder.find();
    }
}
