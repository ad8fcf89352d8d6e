package io.inkwellsplit.cli.option;

import io.inkwellsplit.table.kind.ReadingSettings;
import io.inkwellsplit.table.split.Splitters;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import picocli.CommandLine.Option;

/** How values are read. */
public final class ReadingOptions {
    @Option(
            names = "--country",
            paramLabel = "CODE",
            description = "The country of an address that names none, by its two letters or its name, such as DE.")
    @Nullable String country;

    @Option(
            names = "--words",
            paramLabel = "FILE",
            description = "A file of your own words; inkwell words tells how to write it. Repeatable.")
    List<Path> words = new ArrayList<>();

    /** Returns splitters that read so. */
    public Splitters splitters() {
        return ReadingSettings.splitters(words, Optional.ofNullable(country));
    }
}
