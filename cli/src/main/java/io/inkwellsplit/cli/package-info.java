/** The command line. Start from {@link io.inkwellsplit.cli.Main}. */
@NullMarked
package io.inkwellsplit.cli;

import org.jspecify.annotations.NullMarked;
