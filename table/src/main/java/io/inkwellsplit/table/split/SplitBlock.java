package io.inkwellsplit.table.split;

import io.inkwellsplit.table.part.PartTitles;
import io.inkwellsplit.table.part.PartTitles.Extra;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;

/**
 * A column that was split, and the columns of its parts, as they stand in a table that came out of a split.
 *
 * @param subject what was split
 * @param source the place of the column that was split, from 0
 * @param from the place of its first part
 * @param to the place behind its last part or check
 * @param confidence the place of its confidence, where it has one
 * @param doubts the place of its doubts, where it has them
 */
public record SplitBlock(Subject subject, int source, int from, int to, OptionalInt confidence, OptionalInt doubts) {
    /** Fewer columns behind another one may bear such titles by chance, as City and State do in many a table. */
    private static final int FEWEST = 4;

    /**
     * Finds the blocks of a table by the titles of its columns, whatever vocabulary they are of.
     *
     * @param header the titles of the columns
     * @return the blocks, from left to right
     */
    public static List<SplitBlock> in(List<String> header) {
        List<SplitBlock> blocks = new ArrayList<>();
        int at = 0;
        while (at < header.size()) {
            Optional<SplitBlock> block = at(header, at);
            block.ifPresent(blocks::add);
            at = block.map(SplitBlock::to).orElse(at + 1);
        }
        return blocks;
    }

    private static Optional<SplitBlock> at(List<String> header, int source) {
        for (Subject subject : Subject.values()) {
            for (PartTitles vocabulary : PartTitles.values()) {
                int end = end(header, source, titles(subject, vocabulary));
                if (end - source > FEWEST) {
                    return Optional.of(new SplitBlock(
                            subject,
                            source,
                            source + 1,
                            end,
                            find(header, source, end, vocabulary.of(Extra.CONFIDENCE)),
                            find(header, source, end, vocabulary.of(Extra.DOUBTS))));
                }
            }
        }
        return Optional.empty();
    }

    private static Set<String> titles(Subject subject, PartTitles vocabulary) {
        Set<String> titles = new HashSet<>();
        subject.allParts().forEach(part -> titles.add(vocabulary.of(part)));
        for (Extra extra : Extra.values()) {
            titles.add(vocabulary.of(extra));
        }
        return titles;
    }

    private static int end(List<String> header, int source, Set<String> titles) {
        int end = source + 1;
        while (end < header.size() && titles.contains(plain(header.get(end), header.get(source)))) {
            end++;
        }
        return titles.contains(header.get(source)) ? source : end;
    }

    /** A title that was taken has the source's title in front. */
    private static String plain(String title, String source) {
        return title.startsWith(source + " ") || title.startsWith(source + ".")
                ? title.substring(source.length() + 1).replaceFirst(" [0-9]+$", "")
                : title;
    }

    private static OptionalInt find(List<String> header, int source, int end, String title) {
        for (int i = source + 1; i < end; i++) {
            if (plain(header.get(i), header.get(source)).equals(title)) {
                return OptionalInt.of(i);
            }
        }
        return OptionalInt.empty();
    }

    /**
     * {@return whether a column is one of its parts or checks}
     *
     * @param index the column's index, from 0
     */
    public boolean has(int index) {
        return index >= from && index < to;
    }
}
