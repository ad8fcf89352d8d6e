package io.inkwellsplit.report;

import io.inkwellsplit.table.survey.ColumnReadings.Mark;
import io.inkwellsplit.table.survey.ColumnReadings.Sample;
import java.util.ArrayList;
import java.util.List;

/** A value cut into what is in a part and what stands between. */
final class MarkedText {
    /** So many hues tell parts apart; a part keeps its own wherever it stands. */
    private static final int HUES = 8;

    private MarkedText() {}

    /**
     * A piece of the text.
     *
     * @param text as it is written
     * @param key the part it is in; empty between parts
     * @param hue the number of the part's colour
     */
    record Piece(String text, String key, int hue) {
        boolean isPart() {
            return !key.isEmpty();
        }
    }

    static List<Piece> of(Sample sample) {
        List<Piece> pieces = new ArrayList<>();
        int at = 0;
        for (Mark mark : sample.parts()) {
            if (mark.start() < at) {
                continue;
            }
            between(sample.text(), at, mark.start(), pieces);
            pieces.add(new Piece(sample.text().substring(mark.start(), mark.end()), mark.key(), hue(mark.key())));
            at = mark.end();
        }
        between(sample.text(), at, sample.text().length(), pieces);
        return pieces;
    }

    private static void between(String text, int from, int to, List<Piece> pieces) {
        if (from < to) {
            pieces.add(new Piece(text.substring(from, to), "", 0));
        }
    }

    /** The parts of every day have hues far apart; others share them. */
    static int hue(String key) {
        return switch (key.replaceFirst("^second_", "")) {
            case "first", "street" -> 0;
            case "last", "city" -> 1;
            case "middle", "state" -> 2;
            case "title", "postcode" -> 3;
            case "suffix", "unit" -> 4;
            case "organisation", "country" -> 5;
            case "unplaced" -> 6;
            default -> HUES - 1;
        };
    }
}
