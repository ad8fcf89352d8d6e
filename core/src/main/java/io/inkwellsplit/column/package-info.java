/**
 * Reads whole columns: first what the column says, then every value in that light.
 *
 * <p>Start from {@link io.inkwellsplit.column.NameColumn}.
 *
 * <pre>{@code
 * NameSplitter splitter = NameColumn.learn(NameSplitter.standard(), List.of("BRANDT INES M", "MARLOW JAMES"));
 * splitter.split("MARLOW JAMES").text(NamePart.LAST);   // "MARLOW"
 * }</pre>
 */
@NullMarked
package io.inkwellsplit.column;

import org.jspecify.annotations.NullMarked;
