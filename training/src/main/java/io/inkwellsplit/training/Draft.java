package io.inkwellsplit.training;

import io.inkwellsplit.reading.PartKey;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.UnaryOperator;

/** A value being written together with its labels. */
final class Draft {
    /** Stands for a comma inside a part while stray blanks and commas are strewn between the parts. */
    private static final String INNER_COMMA = "\u0001";

    private final StringBuilder text = new StringBuilder();
    private final List<Labelled.Piece> pieces = new ArrayList<>();
    private final Map<String, String> gold = new LinkedHashMap<>();
    private final UnaryOperator<String> casing;

    Draft(UnaryOperator<String> casing) {
        this.casing = casing;
    }

    /** Writes a piece of a part. */
    Draft part(PartKey part, String piece) {
        String written = casing.apply(piece);
        text.append(written.replace(", ", INNER_COMMA));
        pieces.add(new Labelled.Piece(part.key(), written));
        gold.merge(part.key(), written, (a, b) -> a + " " + b);
        return this;
    }

    /** Writes a piece that comes first in its part, wherever it stands in the text. */
    Draft partInFront(PartKey part, String piece) {
        String written = casing.apply(piece);
        text.append(written);
        gold.merge(part.key(), written, (a, b) -> b + " " + a);
        return this;
    }

    /** Labels without writing. */
    Draft label(String key, String value) {
        gold.put(key, value);
        return this;
    }

    /** Gives one part the text of another. */
    Draft share(PartKey from, PartKey to) {
        String value = gold.get(from.key());
        if (value != null) {
            gold.put(to.key(), value);
        }
        return this;
    }

    /** Writes what is in no part. */
    Draft plain(String piece) {
        text.append(casing.apply(piece));
        return this;
    }

    Labelled labelled(String format, UnaryOperator<String> noise) {
        return new Labelled(noise.apply(text.toString()).replace(INNER_COMMA, ", "), format, gold, pieces);
    }
}
