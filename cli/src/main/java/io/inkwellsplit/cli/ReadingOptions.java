package io.inkwellsplit.cli;

import io.inkwellsplit.table.file.FilePlan;
import io.inkwellsplit.table.step.Splitters;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import picocli.CommandLine.Option;

/** How values are read. */
final class ReadingOptions {
    @Option(
            names = "--country",
            paramLabel = "CODE",
            description = "The country of addresses that do not name one, by its two letters or its name, such as DE. "
                    + "Default: found from each address and its column.")
    @Nullable String country;

    @Option(
            names = "--words",
            paramLabel = "FILE",
            description =
                    "A file of your own words: titles, trade words, towns, names and so on. They add to those that "
                            + "are known. inkwell words tells how to write it; repeatable.")
    List<Path> words = new ArrayList<>();

    /** Says which files are read. */
    void plan(FilePlan plan) {
        words.forEach(file -> plan.reads("the file of words", file));
    }

    Splitters splitters() {
        Splitters splitters = Splitters.standard();
        for (Path file : words) {
            splitters = splitters.withWords(file);
        }
        return country == null ? splitters : splitters.country(country);
    }
}
