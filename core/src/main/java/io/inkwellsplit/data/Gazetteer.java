package io.inkwellsplit.data;

import io.inkwellsplit.data.Resources.Line;
import io.inkwellsplit.places.PlaceFiles;
import java.io.InputStream;
import java.util.List;
import java.util.Optional;
import java.util.ServiceLoader;

/** The files of places, from whoever provides them as a service; none where nobody does. */
public final class Gazetteer {
    private Gazetteer() {}

    /** Returns the lines of a country's places; the first provider that has them counts. */
    public static List<Line> lines(String country) {
        try {
            for (PlaceFiles files : ServiceLoader.load(PlaceFiles.class, Gazetteer.class.getClassLoader())) {
                Optional<InputStream> in = files.open(country);
                if (in.isPresent()) {
                    return Resources.lines(country + ".txt", in.get());
                }
            }
        } catch (NoClassDefFoundError e) {
            // The module of the gazetteer is not there at all.
            return List.of();
        }
        return List.of();
    }
}
