package io.inkwellsplit.piece;

import java.util.List;
import java.util.Objects;

/**
 * Puts pieces together with a separator. Immutable and thread-safe. Pieces are taken as they are written.
 *
 * @param separator what stands between two pieces; may be empty
 * @param blanks what becomes of empty and blank pieces
 * @param prefix what stands before the whole, where there is anything
 * @param suffix what stands behind the whole, where there is anything
 */
public record Combining(String separator, Blanks blanks, String prefix, String suffix) {
    /** What becomes of empty and blank pieces. */
    public enum Blanks {
        /** They are joined as the others are. */
        KEEP,
        /** They are left out, and their separator with them. */
        SKIP
    }

    /**
     * Refuses what is null.
     *
     * @param prefix what stands before the whole
     * @param separator what stands between two pieces
     * @param suffix what stands behind the whole
     * @param blanks what becomes of blank pieces
     */
    public Combining {
        Objects.requireNonNull(separator, "separator");
        Objects.requireNonNull(blanks, "blanks");
        Objects.requireNonNull(prefix, "prefix");
        Objects.requireNonNull(suffix, "suffix");
    }

    /**
     * {@return a combining that keeps every piece and adds nothing but the separator}
     *
     * @param separator what stands between two pieces
     */
    public static Combining with(String separator) {
        return new Combining(separator, Blanks.KEEP, "", "");
    }

    /** {@return a combining that leaves blank pieces out} */
    public Combining skipBlanks() {
        return new Combining(separator, Blanks.SKIP, prefix, suffix);
    }

    /**
     * {@return a combining that sets texts around the whole}
     *
     * @param before what stands before the whole
     * @param behind what stands behind the whole
     */
    public Combining around(String before, String behind) {
        return new Combining(separator, blanks, before, behind);
    }

    /**
     * {@return the pieces as one text; empty where none is left}
     *
     * @param pieces the pieces, in their order
     */
    public String join(List<String> pieces) {
        List<String> left = blanks == Blanks.KEEP
                ? pieces
                : pieces.stream().filter(piece -> !piece.isBlank()).toList();
        String text = String.join(separator, left);
        return left.isEmpty() ? "" : prefix + text + suffix;
    }
}
