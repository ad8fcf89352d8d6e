/** Options that several commands have, and options made of the settings that steps and jobs declare. */
@NullMarked
package io.inkwellsplit.cli.option;

import org.jspecify.annotations.NullMarked;
