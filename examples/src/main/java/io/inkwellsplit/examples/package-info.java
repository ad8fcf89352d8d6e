/** Small programs to run and copy; each prints what it did. */
@NullMarked
package io.inkwellsplit.examples;

import org.jspecify.annotations.NullMarked;
