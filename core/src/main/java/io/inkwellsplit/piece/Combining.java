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
        KEEP,
        SKIP
    }

    public Combining {
        Objects.requireNonNull(separator, "separator");
        Objects.requireNonNull(blanks, "blanks");
        Objects.requireNonNull(prefix, "prefix");
        Objects.requireNonNull(suffix, "suffix");
    }

    /** Returns a combining that keeps every piece and adds nothing but the separator. */
    public static Combining with(String separator) {
        return new Combining(separator, Blanks.KEEP, "", "");
    }

    /** Returns a combining that leaves blank pieces out. */
    public Combining skipBlanks() {
        return new Combining(separator, Blanks.SKIP, prefix, suffix);
    }

    /** Returns a combining that sets texts around the whole. */
    public Combining around(String before, String behind) {
        return new Combining(separator, blanks, before, behind);
    }

    /** Returns the pieces as one text; empty where none is left. */
    public String join(List<String> pieces) {
        List<String> left = blanks == Blanks.KEEP
                ? pieces
                : pieces.stream().filter(piece -> !piece.isBlank()).toList();
        String text = String.join(separator, left);
        return left.isEmpty() ? "" : prefix + text + suffix;
    }
}
