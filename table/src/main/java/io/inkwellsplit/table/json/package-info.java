/** Tables of records in JSON: a record on each line, or an array of records. */
@NullMarked
package io.inkwellsplit.table.json;

import org.jspecify.annotations.NullMarked;
