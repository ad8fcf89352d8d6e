/**
 * A gazetteer: data that the splitters find when this module is there. It is evidence and never a veto.
 *
 * <p>Start from {@link io.inkwellsplit.places.PlaceFiles}; whoever ships other places provides one of their own.
 */
@NullMarked
package io.inkwellsplit.places;

import org.jspecify.annotations.NullMarked;
