package io.inkwellsplit.places;

import java.io.InputStream;
import java.util.Optional;

/** The files that this module ships. */
public final class ShippedPlaceFiles implements PlaceFiles {
    /** Made by the service loader. */
    public ShippedPlaceFiles() {}

    @Override
    public Optional<InputStream> open(String country) {
        return Optional.ofNullable(ShippedPlaceFiles.class.getResourceAsStream(country + ".txt"));
    }
}
