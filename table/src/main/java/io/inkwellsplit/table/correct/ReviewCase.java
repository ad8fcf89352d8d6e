package io.inkwellsplit.table.correct;

import io.inkwellsplit.reading.Alternative;
import io.inkwellsplit.reading.Part;
import io.inkwellsplit.reading.PartKey;
import io.inkwellsplit.reading.Span;
import io.inkwellsplit.table.part.Thousandths;
import io.inkwellsplit.table.survey.ColumnReadings.Mark;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/**
 * A doubtful value of a review sheet.
 *
 * @param cells what the sheet says of it, by {@link ReviewSheet#TITLES}
 * @param ways the ways to read it, likeliest first, with the places of their parts
 */
public record ReviewCase(List<String> cells, List<Way> ways) {
    /** So many ways are kept; the rest are too unlikely to be picked. */
    private static final int WAYS = 5;

    /**
     * One way to read a value.
     *
     * @param probability among all ways, 0 to 1
     * @param parts where its parts stand, from left to right; finer parts are left out
     */
    public record Way(double probability, List<Mark> parts) {}

    /**
     * {@return what the sheet says under a title}
     *
     * @param title a title of the sheet
     */
    public String cell(String title) {
        return cells.get(ReviewSheet.TITLES.indexOf(title));
    }

    /** Writes ways as texts, a way each, so that a sorter can hold them. */
    static List<String> written(List<Alternative<PartKey>> ways) {
        List<String> all = new ArrayList<>();
        for (Alternative<PartKey> way : ways.subList(0, Math.min(WAYS, ways.size()))) {
            StringBuilder text = new StringBuilder(Thousandths.text(way.share()));
            for (Part<PartKey> part : way.parts()) {
                if (!part.key().isFiner()) {
                    for (Span span : part.spans()) {
                        text.append(' ')
                                .append(part.key().key())
                                .append(' ')
                                .append(span.start())
                                .append(' ')
                                .append(span.end());
                    }
                }
            }
            all.add(text.toString());
        }
        return all;
    }

    static ReviewCase of(List<String> cells, List<String> ways) {
        return new ReviewCase(
                List.copyOf(cells), ways.stream().map(ReviewCase::way).toList());
    }

    private static Way way(String written) {
        String[] words = written.split(" ");
        List<Mark> marks = new ArrayList<>();
        for (int i = 1; i < words.length; i += 3) {
            marks.add(new Mark(words[i], Integer.parseInt(words[i + 1]), Integer.parseInt(words[i + 2])));
        }
        marks.sort(Comparator.comparingInt(Mark::start));
        return new Way(Double.parseDouble(words[0]), List.copyOf(marks));
    }
}
