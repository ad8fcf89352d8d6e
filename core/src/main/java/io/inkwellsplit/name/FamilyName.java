package io.inkwellsplit.name;

import io.inkwellsplit.data.Resources;
import io.inkwellsplit.data.Resources.Line;
import io.inkwellsplit.name.word.NameWords;
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
        static final Set<String> WORDS = load();

        private static Set<String> load() {
            Map<String, List<Line>> sections = Resources.sections(NameWords.class, "words.txt");
            Set<String> words = new HashSet<>();
            for (String section : List.of("particle", "particle?")) {
                for (Line line : sections.getOrDefault(section, List.of())) {
                    words.addAll(List.of(plain(line.text()).split(" ")));
                }
            }
            sections.getOrDefault("particle of the core", List.of()).forEach(line -> words.remove(plain(line.text())));
            return Set.copyOf(words);
        }
    }

    /** A dot at the end says nothing. */
    private static String plain(String word) {
        String small = word.toLowerCase(Locale.ROOT);
        return small.endsWith(".") ? small.substring(0, small.length() - 1) : small;
    }

    /**
     * Cuts a whole family name; the last word is never a particle.
     *
     * @param whole the family name as it is written, particles and all
     * @return its particle and its core
     */
    public static FamilyName of(String whole) {
        String name = whole.strip();
        int core = 0;
        for (int blank = name.indexOf(' '); blank > 0; blank = name.indexOf(' ', core)) {
            if (!Particles.WORDS.contains(plain(name.substring(core, blank)))) {
                break;
            }
            core = blank + 1;
        }
        return core == 0 ? new FamilyName("", name) : new FamilyName(name.substring(0, core - 1), name.substring(core));
    }
}
