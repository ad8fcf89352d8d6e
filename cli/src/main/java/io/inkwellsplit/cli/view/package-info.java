/** What is shown: tables, surveys, progress, JSON, commands as people type them. */
@NullMarked
package io.inkwellsplit.cli.view;

import org.jspecify.annotations.NullMarked;
