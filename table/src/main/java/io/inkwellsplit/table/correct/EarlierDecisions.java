package io.inkwellsplit.table.correct;

import io.inkwellsplit.table.Row;
import io.inkwellsplit.table.TableInput;
import io.inkwellsplit.table.correct.Correction.Scope;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.Iterator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;

/**
 * What people have filled in and added in a review sheet that is written anew: nothing of it is lost. A decision that was made
 * in short ({@code as read}, for a group) is kept in full, as the new sheet may read the value in another way.
 */
public final class EarlierDecisions {
    /** Who has decided, and on which day. */
    private static final String BY = "Decided by";

    private static final String ON = "Decided on";

    private final List<String> moreTitles = new ArrayList<>();
    private final Map<String, Correction> ofValues = new LinkedHashMap<>();
    private final List<Correction> others = new ArrayList<>();
    private final Map<String, List<String>> more = new HashMap<>();
    private long kept;

    private final Optional<String> reviewer;

    private EarlierDecisions(Optional<String> reviewer) {
        this.reviewer = reviewer;
        if (reviewer.isPresent()) {
            moreTitles.addAll(List.of(BY, ON));
        }
    }

    /**
     * {@return what some files hold; the first that decides of a value is followed}
     *
     * @param replaced the sheet that will be replaced; it holds nothing where it is not there, or has not the columns of
     *     corrections
     * @param applied a file of corrections that is applied; it holds nothing where it is no review sheet
     * @param reviewer who has decided what nobody has put a name to yet; empty to leave that open
     * @throws io.inkwellsplit.table.TableException if a line says what cannot be, naming the line
     */
    public static EarlierDecisions in(Path replaced, Optional<Path> applied, Optional<String> reviewer) {
        EarlierDecisions decisions = new EarlierDecisions(reviewer);
        decisions.readIf(replaced, ReviewSheet.TITLES.subList(0, ReviewSheet.NEEDED));
        applied.ifPresent(file -> decisions.readIf(file, ReviewSheet.TITLES));
        return decisions;
    }

    private void readIf(Path file, List<String> needed) {
        if (Files.isRegularFile(file)) {
            try (TableInput source = CorrectionTable.open(file)) {
                if (source.header().containsAll(needed)) {
                    read(file, source);
                }
            }
        }
    }

    private void read(Path file, TableInput source) {
        new CorrectionLines(file, source).forEach(one -> {
            if (one.scope() == Scope.VALUE) {
                ofValues.putIfAbsent(key(one.column(), one.text()), one);
            } else if (others.stream().noneMatch(other -> other.isSameAs(one))) {
                others.add(one);
            }
        });
        List<String> header = source.header();
        if (!more.isEmpty()) {
            return;
        }
        header.stream()
                .filter(title -> !ReviewSheet.TITLES.contains(title) && !moreTitles.contains(title))
                .forEach(moreTitles::add);
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
                                .map(title -> header.contains(title) ? cells.get(header.indexOf(title)) : "")
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
        cells.addAll(added(key, decided != null));
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
            cells.addAll(added(key(one.column(), one.text()), true));
            lines.add(cells);
        }
        return lines;
    }

    /** Returns the cells of columns that somebody has added, with who has decided where that is told now. */
    private List<String> added(String key, boolean isDecided) {
        List<String> before = more.remove(key);
        List<String> added = new ArrayList<>(before == null ? Collections.nCopies(moreTitles.size(), "") : before);
        int by = moreTitles.indexOf(BY);
        if (isDecided && reviewer.isPresent() && added.get(by).isBlank()) {
            added.set(by, reviewer.get());
            added.set(moreTitles.indexOf(ON), LocalDate.now().toString());
        }
        return added;
    }

    /** {@return how many decisions were kept} */
    public long kept() {
        return kept;
    }
}
