package io.inkwellsplit.pattern;

import java.util.Locale;

/**
 * How a language writes what a pattern makes of a value.
 *
 * @param initial an initial, with <code>{0}</code> for its letter: <code>{0}.</code>
 * @param sequence two initials, with <code>{0}</code> and <code>{1}</code>: <code>{0} {1}</code>
 * @param locale whose rules turn letters into capitals
 */
public record Writing(String initial, String sequence, Locale locale) {
    /** Initials with a dot and a blank between them; capitals as in most languages. */
    public static final Writing USUAL = new Writing("{0}.", "{0} {1}", Locale.ROOT);

    String initialOf(String letter) {
        return initial.replace("{0}", letter);
    }

    String joined(String before, String next) {
        return sequence.equals("{0} {1}")
                ? before + " " + next
                : sequence.replace("{1}", next).replace("{0}", before);
    }
}
