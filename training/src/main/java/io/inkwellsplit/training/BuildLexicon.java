package io.inkwellsplit.training;

import java.io.IOException;
import java.nio.file.Path;

/** Writes the lexicon of names and what their letters tell: {@code BuildLexicon <folder with the lists> <lexicon file> <sounds file>}. */
public final class BuildLexicon {
    private BuildLexicon() {}

    public static void main(String[] args) throws IOException {
        Path lists = Path.of(args[0]);
        NameSources sources = new NameSources(lists).withMoreNames(lists);
        SoundLearner sounds = new SoundLearner(sources, lists);
        sounds.write(Path.of(args[2]));
        new LexiconBuilder(sources, sounds).write(Path.of(args[1]));
    }
}
