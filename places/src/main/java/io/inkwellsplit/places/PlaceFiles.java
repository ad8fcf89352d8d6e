package io.inkwellsplit.places;

import java.io.InputStream;
import java.util.Optional;

/** Where the files of a gazetteer come from; found as a service. */
public interface PlaceFiles {
    /**
     * Opens the places of a country: a line each, as UTF-8 text.
     *
     * @param country its two letters of ISO 3166-1, in capitals
     * @return nothing where there are none
     */
    Optional<InputStream> open(String country);
}
