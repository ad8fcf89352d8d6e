package io.inkwellsplit.training;

import java.io.IOException;
import java.nio.file.Path;

/** Writes the lexicon of names ({@code lexicon.txt}, {@code at-home.txt}) and what their letters tell ({@code sounds.txt}): {@code BuildLexicon <folder with the lists> <folder to write to>}. */
public final class BuildLexicon {
    private BuildLexicon() {}

    public static void main(String[] args) throws IOException {
        Path lists = Path.of(args[0]);
        NameSources sources = new NameSources(lists).withMoreNames(lists);
        SoundLearner sounds = new SoundLearner(sources, lists);
        Path into = Path.of(args[1]);
        sounds.write(into.resolve("sounds.txt"));
        LexiconBuilder lexicon = new LexiconBuilder(sources, sounds);
        lexicon.write(into.resolve("lexicon.txt"));
        lexicon.writeAtHome(into.resolve("at-home.txt"));
    }
}
