package io.inkwellsplit.hide;

import java.util.Objects;

/**
 * Hides letters or digits and keeps the shape: {@code 555-0101} becomes {@code ***-0101}. The length and everything that
 * is neither letter nor digit stay. Immutable and thread-safe.
 *
 * <p>A mask hides characters, not who somebody is: a rare shape, or the other columns, may still tell.
 */
public final class Mask {
    private final boolean letters;
    private final boolean digits;
    private final int shown;
    private final char sign;

    private Mask(boolean letters, boolean digits, int shown, char sign) {
        this.letters = letters;
        this.digits = digits;
        this.shown = shown;
        this.sign = sign;
    }

    /** {@return one that hides digits} */
    public static Mask digits() {
        return new Mask(false, true, 0, '*');
    }

    /** {@return one that hides letters} */
    public static Mask letters() {
        return new Mask(true, false, 0, '*');
    }

    /** {@return one that hides letters and digits} */
    public static Mask all() {
        return new Mask(true, true, 0, '*');
    }

    /**
     * {@return one that shows the last ones of those it hides}
     *
     * @param count how many signs stay readable, from 0
     * @throws IllegalArgumentException if {@code count} is under 0
     */
    public Mask allButLast(int count) {
        if (count < 0) {
            throw new IllegalArgumentException("The number of characters to show is " + count + "; give 0 or more");
        }
        return new Mask(letters, digits, count, sign);
    }

    /**
     * {@return one that writes another sign instead of {@code *}}
     *
     * @param anotherSign what is written for each hidden sign
     */
    public Mask with(char anotherSign) {
        return new Mask(letters, digits, shown, anotherSign);
    }

    /**
     * {@return the value with what is to be hidden hidden}
     *
     * @param text the value
     */
    public String apply(String text) {
        Objects.requireNonNull(text, "text");
        StringBuilder out = new StringBuilder(text);
        int left = shown;
        int i = text.length();
        while (i > 0) {
            int c = text.codePointBefore(i);
            int start = i - Character.charCount(c);
            // A mark belongs to the letter before it, and would tell much of it.
            boolean mark = letters && Character.getType(c) == Character.NON_SPACING_MARK;
            boolean hidden = letters && Character.isLetter(c) || digits && Character.isDigit(c);
            if (hidden && left > 0) {
                left--;
            } else if (hidden || mark && left == 0) {
                for (int j = start; j < i; j++) {
                    out.setCharAt(j, sign);
                }
            }
            i = start;
        }
        return out.toString();
    }
}
