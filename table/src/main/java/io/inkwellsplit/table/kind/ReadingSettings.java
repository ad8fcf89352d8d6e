package io.inkwellsplit.table.kind;

import io.inkwellsplit.table.split.Splitters;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;

/** The settings that say how values are read, of a column or of one by itself. */
public final class ReadingSettings {
    /** The country of addresses. */
    public static final Setting COUNTRY = Setting.text(
            "country",
            "CODE",
            "The country of addresses that do not name one, by its two letters or its name, such as DE. Default: found "
                    + "from each address and its column.");
    /** Files of the user's own words. */
    public static final Setting WORDS = Setting.input(
                    "words",
                    "FILE",
                    "A file of your own words: titles, trade words, towns, names and so on. They add to those that are "
                            + "known; inkwell words tells how to write it. Repeatable.",
                    "the file of words")
            .severalTimes();

    private ReadingSettings() {}

    /**
     * {@return splitters by these settings}
     *
     * @param words files of the user's own words
     * @param country a code or a name; empty to find it from each address
     * @throws io.inkwellsplit.table.TableException if a file cannot be used, or addresses of the country are not read
     */
    public static Splitters splitters(List<Path> words, Optional<String> country) {
        Splitters splitters = Splitters.standard();
        for (Path file : words) {
            splitters = splitters.withWords(file);
        }
        return country.isPresent() ? splitters.country(country.get()) : splitters;
    }
}
