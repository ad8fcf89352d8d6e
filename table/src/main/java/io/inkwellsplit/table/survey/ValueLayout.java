package io.inkwellsplit.table.survey;

import io.inkwellsplit.reading.Part;
import io.inkwellsplit.reading.PartKey;
import io.inkwellsplit.reading.Reading;
import io.inkwellsplit.reading.Span;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/** How a value is laid out: its parts from left to right, such as {@code last first middle}. */
public final class ValueLayout {
    private ValueLayout() {}

    private record Piece(String key, int start) {}

    /**
     * {@return the layout of a reading; a part stands as often as it has pieces that something else is between}
     *
     * @param reading how it was read
     */
    public static String of(Reading<PartKey> reading) {
        List<Piece> pieces = new ArrayList<>();
        for (Part<PartKey> part : reading.plainParts()) {
            for (Span span : part.spans()) {
                pieces.add(new Piece(part.key().key(), span.start()));
            }
        }
        pieces.sort(Comparator.comparingInt(Piece::start));
        StringBuilder layout = new StringBuilder();
        String before = "";
        for (Piece piece : pieces) {
            if (!piece.key().equals(before)) {
                layout.append(layout.isEmpty() ? "" : " ").append(piece.key());
            }
            before = piece.key();
        }
        return layout.toString();
    }
}
