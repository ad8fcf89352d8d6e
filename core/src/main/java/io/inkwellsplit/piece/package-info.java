/**
 * Plain separators: cutting a value into pieces, taking one of them, gluing pieces together, masking and tidying.
 *
 * <p>Start from {@link io.inkwellsplit.piece.Cutter}, {@link io.inkwellsplit.piece.Take}, {@link
 * io.inkwellsplit.piece.Combining}, {@link io.inkwellsplit.hide.Mask} and {@link io.inkwellsplit.tidy.Tidying}:
 *
 * <pre>{@code
 * Cutter.at(", ").cut("Alto, Bass, Tenor");                     // [Alto, Bass, Tenor]
 * Take.piece(Cutter.at(","), 6).orElse("nobody").from(list);    // the sixth, or nobody
 * Mask.digits().allButLast(4).apply("555-0101");                // ***-0101
 * }</pre>
 */
@NullMarked
package io.inkwellsplit.piece;

import org.jspecify.annotations.NullMarked;
