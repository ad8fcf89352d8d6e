/** The commands: each reads its options, does its work through the table's packages, and shows what came of it. */
@NullMarked
package io.inkwellsplit.cli.command;

import org.jspecify.annotations.NullMarked;
