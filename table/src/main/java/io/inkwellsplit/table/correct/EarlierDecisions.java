package io.inkwellsplit.table.correct;

import io.inkwellsplit.table.Row;
import io.inkwellsplit.table.correct.Correction.Scope;
import io.inkwellsplit.table.csv.CsvSource;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.Iterator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;

/**
 * What people have filled in and added in a review sheet that is written anew: nothing of it is lost. A decision that was made
 * in short ({@code as read}, for a group) is kept in full, as the new sheet may read the value in another way.
 */
public final class EarlierDecisions {
    private final List<String> moreTitles = new ArrayList<>();
    private final Map<String, Correction> ofValues = new LinkedHashMap<>();
    private final List<Correction> others = new ArrayList<>();
    private final Map<String, List<String>> more = new HashMap<>();
    private long kept;

    private EarlierDecisions() {}

    /**
     * {@return what some files hold; the first that decides of a value is followed}
     *
     * @param files the sheet that will be replaced, and one that is applied; what is not there, or is no review sheet, holds
     *     nothing
     * @throws io.inkwellsplit.table.TableException if a line says what cannot be, naming the line
     */
    public static EarlierDecisions in(List<Path> files) {
        EarlierDecisions decisions = new EarlierDecisions();
        for (Path file : files) {
            if (Files.isRegularFile(file)) {
                try (CsvSource source = CsvSource.open(file)) {
                    if (source.header().containsAll(ReviewSheet.TITLES)) {
                        decisions.read(file, source);
                    }
                }
            }
        }
        return decisions;
    }

    private void read(Path file, CsvSource source) {
        new CorrectionLines(file, source).forEach(one -> {
            if (one.scope() == Scope.VALUE) {
                ofValues.putIfAbsent(key(one.column(), one.text()), one);
            } else if (others.stream().noneMatch(other -> other.isSameAs(one))) {
                others.add(one);
            }
        });
        List<String> header = source.header();
        if (!moreTitles.isEmpty()) {
            return;
        }
        header.stream().filter(title -> !ReviewSheet.TITLES.contains(title)).forEach(moreTitles::add);
        if (moreTitles.isEmpty()) {
            return;
        }
        int column = header.indexOf("Column");
        int text = header.indexOf("Text");
        for (Iterator<Row> rows = source.rows(); rows.hasNext(); ) {
            List<String> cells = rows.next().cells();
            if (cells.size() == header.size()) {
                more.put(
                        key(cells.get(column), cells.get(text)),
                        moreTitles.stream()
                                .map(title -> cells.get(header.indexOf(title)))
                                .toList());
            }
        }
    }

    private static String key(String column, String text) {
        return column.strip().toLowerCase(Locale.ROOT) + "\t" + Correction.plain(text);
    }

    /** {@return the titles of the sheet, with those of columns that somebody has added} */
    public List<String> titles() {
        List<String> titles = new ArrayList<>(ReviewSheet.TITLES);
        titles.addAll(moreTitles);
        return titles;
    }

    /**
     * {@return a line of the new sheet, with what was decided of its value}
     *
     * @param one the line
     */
    public List<String> merged(ReviewCase one) {
        List<String> cells = new ArrayList<>(one.cells());
        String key = key(one.cell("Column"), one.cell("Text"));
        Correction decided = ofValues.remove(key);
        if (decided != null) {
            kept++;
            cells.set(ReviewSheet.TITLES.indexOf("Is"), decided.is());
        }
        List<String> added = more.remove(key);
        cells.addAll(added == null ? Collections.nCopies(moreTitles.size(), "") : added);
        return cells;
    }

    /** {@return lines for all that was decided and has no line in the new sheet, as it is not doubtful any more} */
    public List<List<String>> rest() {
        List<Correction> all = new ArrayList<>(ofValues.values());
        all.addAll(others);
        List<List<String>> lines = new ArrayList<>();
        for (Correction one : all) {
            kept++;
            List<String> cells =
                    new ArrayList<>(List.of(one.column(), one.scope().key(), one.text(), one.is()));
            cells.addAll(Collections.nCopies(ReviewSheet.TITLES.size() - ReviewSheet.NEEDED, ""));
            List<String> added = more.remove(key(one.column(), one.text()));
            cells.addAll(added == null ? Collections.nCopies(moreTitles.size(), "") : added);
            lines.add(cells);
        }
        return lines;
    }

    /** {@return how many decisions were kept} */
    public long kept() {
        return kept;
    }
}
