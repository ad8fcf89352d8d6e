package io.inkwellsplit.cli.view;

import io.inkwellsplit.reading.Part;
import io.inkwellsplit.reading.PartKey;
import io.inkwellsplit.reading.Reading;
import io.inkwellsplit.reading.Span;
import io.inkwellsplit.table.VisibleText;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.function.Function;
import picocli.CommandLine.Help.Ansi;

/** A value with its parts in colours and their titles below, each under the beginning of its part. */
final class MarkedText {
    /** Magenta, green, blue, red, cyan and yellow, as {@link io.inkwellsplit.cli.terminal.VisibleWriter} lets them through. */
    private static final List<String> COLOURS =
            List.of("\u001B[0;35m", "\u001B[0;32m", "\u001B[0;34m", "\u001B[0;31m", "\u001B[0;36m", "\u001B[0;33m");

    private static final String PLAIN = "\u001B[0m";
    private static final String BEGINS = "\u2514";
    private static final String GOES_ON = "\u2500";

    private final Ansi ansi;
    private final Function<PartKey, String> titles;

    /** @param titles what the parts are called */
    MarkedText(Ansi ansi, Function<PartKey, String> titles) {
        this.ansi = ansi;
        this.titles = titles;
    }

    /** A piece of a part in the text. */
    private record Piece(Span span, String title, int colour) {}

    /** Returns the lines for a value: its text, a line under each part, and the titles. */
    List<String> lines(Reading<PartKey> reading) {
        List<Piece> pieces = pieces(reading);
        String source = reading.source();
        StringBuilder text = new StringBuilder();
        StringBuilder under = new StringBuilder();
        List<StringBuilder> below = new ArrayList<>();
        List<Integer> used = new ArrayList<>();
        int at = 0;
        int column = 0;
        for (Piece piece : pieces) {
            String before = visible(source.substring(at, piece.span.start()));
            String marked = visible(source.substring(piece.span.start(), piece.span.end()));
            column += TableView.displayed(before);
            text.append(before).append(styled(marked, piece.colour));
            int width = TableView.displayed(marked);
            under.append(" ".repeat(Math.max(0, column - under.length())))
                    .append(BEGINS)
                    .append(GOES_ON.repeat(Math.max(0, width - 1)));
            title(piece, column, below, used);
            column += width;
            at = piece.span.end();
        }
        List<String> lines = new ArrayList<>();
        lines.add(text.append(visible(source.substring(at))).toString());
        if (!pieces.isEmpty()) {
            lines.add(under.toString());
        }
        below.forEach(line -> lines.add(line.toString()));
        return lines;
    }

    /** Each title comes into the first line below in which there is room at its place. */
    private void title(Piece piece, int column, List<StringBuilder> below, List<Integer> used) {
        int line = 0;
        while (line < used.size() && used.get(line) > column) {
            line++;
        }
        if (line == used.size()) {
            used.add(0);
            below.add(new StringBuilder());
        }
        below.get(line)
                .append(" ".repeat(column - used.get(line)))
                .append(styled(piece.title, piece.colour))
                .append(' ');
        used.set(line, column + TableView.displayed(piece.title) + 1);
    }

    private List<Piece> pieces(Reading<PartKey> reading) {
        List<Piece> pieces = new ArrayList<>();
        int colour = 0;
        for (Part<PartKey> part : reading.parts()) {
            if (part.key().isFiner() || part.spans().isEmpty()) {
                continue;
            }
            for (Span span : part.spans()) {
                pieces.add(new Piece(span, titles.apply(part.key()), colour % COLOURS.size()));
            }
            colour++;
        }
        pieces.sort(Comparator.comparingInt(piece -> piece.span.start()));
        // A last name that two people share stands in two parts.
        for (int i = pieces.size() - 1; i > 0; i--) {
            if (pieces.get(i).span.start() < pieces.get(i - 1).span.end()) {
                Piece first = pieces.get(i - 1);
                pieces.set(i - 1, new Piece(first.span, first.title + ", " + pieces.get(i).title, first.colour));
                pieces.remove(i);
            }
        }
        return pieces;
    }

    private String styled(String text, int colour) {
        if (!ansi.enabled()) {
            return text;
        }
        return COLOURS.get(colour) + text + PLAIN;
    }

    private static String visible(String text) {
        return VisibleText.of(text.replaceAll("\\R", " \u23CE "));
    }
}
