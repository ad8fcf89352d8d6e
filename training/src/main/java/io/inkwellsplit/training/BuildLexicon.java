package io.inkwellsplit.training;

import java.io.IOException;
import java.nio.file.Path;

/** Writes the lexicon of names: {@code BuildLexicon <folder with the lists> <lexicon file>}. */
public final class BuildLexicon {
    private BuildLexicon() {}

    public static void main(String[] args) throws IOException {
        new LexiconBuilder(new NameSources(Path.of(args[0]))).write(Path.of(args[1]));
    }
}
