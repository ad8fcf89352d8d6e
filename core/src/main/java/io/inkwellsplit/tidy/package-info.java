/**
 * Tidy case: names and addresses from capitals or small letters to how they are written.
 *
 * <p>Start from {@link io.inkwellsplit.tidy.TidyCase}:
 *
 * <pre>{@code
 * TidyCase.names().apply("ODALYS VAN DER MEULEN-MCELROY III");      // Odalys van der Meulen-McElroy III
 * TidyCase.addresses().apply("445 NE 42ND ST, GRASS VALLEY, CO");   // 445 NE 42nd St, Grass Valley, CO
 * }</pre>
 */
@NullMarked
package io.inkwellsplit.tidy;

import org.jspecify.annotations.NullMarked;
