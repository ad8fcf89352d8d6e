package io.inkwellsplit.table.split;

import io.inkwellsplit.reading.AddressPart;
import io.inkwellsplit.reading.NamePart;
import io.inkwellsplit.reading.PartKey;
import io.inkwellsplit.reading.Span;
import io.inkwellsplit.table.part.UsualTitles;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * The cells that are read as one value: one, or several that belong together, such as the lines of an address. Where a column
 * has the usual title of a part ({@code Zip}), it tells what its cell is. Immutable.
 */
final class SourceCells {
    private final int[] indexes;
    private final int last;
    private final List<String> titles;
    private final String title;
    private final String called;
    private final String joint;
    /** By the place among the columns, the part that the column holds. */
    private final List<Optional<PartKey>> parts;

    SourceCells(List<String> header, int[] indexes, Subject subject) {
        this.indexes = indexes.clone();
        this.last = Arrays.stream(indexes).max().orElseThrow();
        this.titles = Arrays.stream(indexes).mapToObj(header::get).toList();
        this.title = String.join(" + ", titles);
        this.called = subject == Subject.NAME ? "Name" : "Address";
        this.joint = subject == Subject.NAME ? " " : ", ";
        Class<?> kind = subject == Subject.NAME ? NamePart.class : AddressPart.class;
        this.parts = Arrays.stream(indexes)
                .mapToObj(index -> UsualTitles.part(header.get(index))
                        .filter(part -> indexes.length > 1 && kind.isInstance(part) && part != AddressPart.STREET))
                .toList();
    }

    List<String> titles() {
        return titles;
    }

    /** Returns the titles of the columns in one. */
    String title() {
        return title;
    }

    /** Returns what stands in front of the title of a part that is taken already. */
    String inFront() {
        return indexes.length == 1 ? title : called;
    }

    /** Returns the place of the last column. */
    int last() {
        return last;
    }

    /** Returns the value of a row; blank cells are left out. */
    String value(List<String> cells) {
        return indexes.length == 1
                ? cells.get(indexes[0])
                : joined(Arrays.stream(indexes).mapToObj(cells::get).toList());
    }

    /** Returns the value that cells make, one of each column. */
    String joined(List<String> cells) {
        if (cells.size() == 1) {
            return cells.get(0);
        }
        StringBuilder value = new StringBuilder();
        for (String each : cells) {
            String cell = each.strip();
            value.append(value.isEmpty() || cell.isEmpty() ? "" : joint).append(cell);
        }
        return value.toString();
    }

    /** Returns where in the value of a row the parts stand that have columns of their own. */
    Map<PartKey, Span> told(List<String> cells) {
        if (indexes.length == 1) {
            return Map.of();
        }
        Map<PartKey, Span> told = new LinkedHashMap<>();
        int at = 0;
        for (int i = 0; i < indexes.length; i++) {
            String cell = cells.get(indexes[i]).strip();
            if (!cell.isEmpty()) {
                at += at == 0 ? 0 : joint.length();
                Span span = new Span(at, at + cell.length());
                parts.get(i).ifPresent(part -> told.putIfAbsent(part, span));
                at = span.end();
            }
        }
        return told;
    }
}
