package io.inkwellsplit.training;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;

/**
 * A text and what it should become.
 *
 * @param text the value
 * @param format what kind of value it is, for reports
 * @param parts the plain parts by key, and {@code kind} where it is not a person; empty for a blank
 * @param pieces the pieces of parts in the order of the text; empty where they are not known
 */
public record Labelled(String text, String format, Map<String, String> parts, List<Piece> pieces) {
    /** A labelled value of which only the whole parts are known. */
    public Labelled(String text, String format, Map<String, String> parts) {
        this(text, format, parts, List.of());
    }

    /** A piece of a part as it was written. */
    public record Piece(String key, String text) {}

    /** Where a piece stands in the text. */
    public record Place(String key, int start, int end) {}

    /** Returns where the pieces stand; empty where one is not found. Blanks may have been added since. */
    public List<Place> places() {
        List<Place> places = new ArrayList<>();
        int from = 0;
        for (Piece piece : pieces) {
            int start = from;
            int end = -1;
            while (start < text.length() && end < 0) {
                end = end(start, piece.text());
                start += end < 0 ? 1 : 0;
            }
            if (end < 0) {
                return List.of();
            }
            places.add(new Place(piece.key(), start, end));
            from = end;
        }
        return places;
    }

    private int end(int start, String piece) {
        int at = start;
        for (int i = 0; i < piece.length(); i++) {
            if (Character.isWhitespace(piece.charAt(i))) {
                continue;
            }
            while (i > 0 && at < text.length() && Character.isWhitespace(text.charAt(at))) {
                at++;
            }
            if (at >= text.length() || text.charAt(at) != piece.charAt(i)) {
                return -1;
            }
            at++;
        }
        return at;
    }
}
