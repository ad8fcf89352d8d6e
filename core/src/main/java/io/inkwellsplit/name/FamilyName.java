package io.inkwellsplit.name;

import io.inkwellsplit.data.Resources;
import io.inkwellsplit.data.Resources.Line;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;

/**
 * A family name and where its particles end, as the vocabulary of particles says.
 *
 * @param particle the words that an index may set aside, such as {@code van der}; empty where there are none
 * @param core what it is filed under, such as {@code Meulen}; never empty unless the whole name is
 */
public record FamilyName(String particle, String core) {
    private static final class Particles {
        /** The reader of names takes them for particles, to keep them with what follows; an index files names under them. */
        private static final Set<String> PIECES = Set.of("mc", "mac", "o", "o'", "st", "st.");

        static final Set<String> WORDS = load();

        private static Set<String> load() {
            Map<String, List<Line>> sections = Resources.sections(NameWords.class, "words.txt");
            Set<String> words = new HashSet<>();
            for (Line line : sections.getOrDefault("particle", List.of())) {
                words.addAll(List.of(line.text().toLowerCase(Locale.ROOT).split(" ")));
            }
            words.removeAll(PIECES);
            return Set.copyOf(words);
        }
    }

    /** Cuts a whole family name; the last word is never a particle. */
    public static FamilyName of(String whole) {
        String name = whole.strip();
        int core = 0;
        for (int blank = name.indexOf(' '); blank > 0; blank = name.indexOf(' ', core)) {
            if (!Particles.WORDS.contains(name.substring(core, blank).toLowerCase(Locale.ROOT))) {
                break;
            }
            core = blank + 1;
        }
        return core == 0 ? new FamilyName("", name) : new FamilyName(name.substring(0, core - 1), name.substring(core));
    }
}
