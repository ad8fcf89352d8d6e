/**
 * Puts parts back together as text.
 *
 * <p>Start from {@link io.inkwellsplit.pattern.TextPattern}.
 *
 * <pre>{@code
 * TextPattern index = TextPattern.compile("{last}, {first} {middle-initial}");
 * index.format(Map.of("last", "Brandt", "first", "Ines")::get);   // "Brandt, Ines"
 * }</pre>
 */
@NullMarked
package io.inkwellsplit.pattern;

import org.jspecify.annotations.NullMarked;
