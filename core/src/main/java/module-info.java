/** Splits free-text names and postal addresses into titled parts, and puts parts back together. */
module io.inkwellsplit.core {
    requires static transitive org.jspecify;
    requires static io.inkwellsplit.places;

    exports io.inkwellsplit.reading;
    exports io.inkwellsplit.words;
    exports io.inkwellsplit.name;
    exports io.inkwellsplit.address;
    exports io.inkwellsplit.tidy;
    exports io.inkwellsplit.hide;
    exports io.inkwellsplit.piece;
    exports io.inkwellsplit.pattern;
    exports io.inkwellsplit.assemble;
    exports io.inkwellsplit.data to
            io.inkwellsplit.table;

    uses io.inkwellsplit.places.PlaceFiles;
}
