package io.inkwellsplit.table.step;

import io.inkwellsplit.table.TableException;
import io.inkwellsplit.table.TableException.Problem;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** A step at work that sets new columns behind one, and leaves all others as they are. */
record AddedColumns(List<String> header, int behind, Values values) implements RowWise {
    @Override
    public Optional<RowWise> fork() {
        return Optional.of(this);
    }

    /** Makes the cells of the new columns from a row, as many as there are titles. */
    interface Values {
        List<String> of(List<String> cells);
    }

    /** @throws TableException if a title is taken or stands twice */
    static AddedColumns behind(List<String> header, int behind, List<String> titles, Values values) {
        return new AddedColumns(inserted(header, behind, titles), behind, values);
    }

    static List<String> inserted(List<String> header, int behind, List<String> titles) {
        List<String> all = new ArrayList<>(header);
        for (String title : titles) {
            if (all.contains(title)) {
                throw new TableException(
                        Problem.SETTING,
                        "There is a column \"" + title + "\" already; give the new one another title.");
            }
            all.add(title);
        }
        List<String> out = new ArrayList<>(header);
        out.addAll(behind + 1, titles);
        return List.copyOf(out);
    }

    @Override
    public List<String> apply(List<String> cells) {
        List<String> out = new ArrayList<>(header.size());
        out.addAll(cells.subList(0, behind + 1));
        out.addAll(values.of(cells));
        out.addAll(cells.subList(behind + 1, cells.size()));
        return out;
    }
}
