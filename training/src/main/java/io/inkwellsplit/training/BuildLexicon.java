package io.inkwellsplit.training;

import java.io.IOException;
import java.nio.file.Path;

/** Writes the lexicon of names: {@code BuildLexicon <folder with the lists> <lexicon file>}. */
public final class BuildLexicon {
    private BuildLexicon() {}

    public static void main(String[] args) throws IOException {
        Path lists = Path.of(args[0]);
        new LexiconBuilder(new NameSources(lists).withMoreNames(lists)).write(Path.of(args[1]));
    }
}
