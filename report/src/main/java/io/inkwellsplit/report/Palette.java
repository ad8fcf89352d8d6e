package io.inkwellsplit.report;

import java.awt.Color;

/**
 * The colours of a figure.
 *
 * @param paper what it is drawn on
 * @param ink its letters
 * @param line its grid
 * @param certain what was read with confidence
 * @param doubtful what has a doubt
 */
record Palette(Color paper, Color ink, Color line, Color certain, Color doubtful) {
    /** For pictures that stand by themselves. */
    static final Palette SLIDE = new Palette(
            Color.WHITE, new Color(0x1d2430), new Color(0xd8d4c8), new Color(0x2f5d8a), new Color(0xc4622d));

    /** Colours that stand for names: a page gives each its own, by day and by night. */
    static final Palette NAMES = new Palette(
            new Color(1, 0, 0), new Color(2, 0, 0), new Color(3, 0, 0), new Color(4, 0, 0), new Color(5, 0, 0));

    /** Puts the names of a page's colours in place of those that stand for them. */
    static String named(String svg) {
        return svg.replace("rgb(1,0,0)", "var(--paper)")
                .replace("rgb(2,0,0)", "var(--ink)")
                .replace("rgb(3,0,0)", "var(--line)")
                .replace("rgb(4,0,0)", "var(--certain)")
                .replace("rgb(5,0,0)", "var(--doubtful)");
    }
}
