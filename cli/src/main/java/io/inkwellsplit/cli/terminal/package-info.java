/** What a command finds around it: the folder it runs in, the standard streams, the width of the terminal. */
@NullMarked
package io.inkwellsplit.cli.terminal;

import org.jspecify.annotations.NullMarked;
