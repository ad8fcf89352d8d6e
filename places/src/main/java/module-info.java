/** A gazetteer of towns, regions and postcodes; data that the core finds as a service. */
module io.inkwellsplit.places {
    requires static org.jspecify;

    exports io.inkwellsplit.places;

    provides io.inkwellsplit.places.PlaceFiles with
            io.inkwellsplit.places.ShippedPlaceFiles;
}
