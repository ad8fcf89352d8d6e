package io.inkwellsplit.table.correct;

import io.inkwellsplit.table.Row;
import io.inkwellsplit.table.TableException;
import io.inkwellsplit.table.TableException.Problem;
import io.inkwellsplit.table.TableInput;
import io.inkwellsplit.table.correct.Correction.Scope;
import java.nio.file.Path;
import java.util.HashMap;
import java.util.Iterator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.function.Consumer;

/** The lines of a file of corrections; what a review sheet says in short is written out. */
final class CorrectionLines {
    /** What {@code Is} may say in a review sheet, and the column that has it in full. */
    private static final Map<String, String> IN_SHORT =
            Map.of("as read", "Read as", "runner-up", "Runner-up", "suggested", "Suggested");

    private static final String GROUP = "group";
    private static final int NONE = -1;

    private final Path file;
    private final TableInput source;
    private final int column;
    private final int scope;
    private final int text;
    private final int is;
    private final int group;
    /** What is said of a whole group, by its number. */
    private final Map<String, String> ofGroups = new HashMap<>();

    /** @throws TableException if the table lacks a column that every file of corrections has */
    CorrectionLines(Path file, TableInput source) {
        this.file = file;
        this.source = source;
        this.column = needed("Column");
        this.scope = needed("For");
        this.text = needed("Text");
        this.is = needed("Is");
        this.group = index("Group");
    }

    private int needed(String title) {
        int index = index(title);
        if (index == NONE) {
            throw new TableException(
                    Problem.SETTING,
                    file + " has no column \"" + title + "\"; corrections need Column, For, Text and Is.");
        }
        return index;
    }

    private int index(String title) {
        for (int i = 0; i < source.header().size(); i++) {
            if (source.header().get(i).strip().equalsIgnoreCase(title)) {
                return i;
            }
        }
        return NONE;
    }

    /**
     * Hands out what each line corrects.
     *
     * @throws TableException if a line says what cannot be
     */
    void forEach(Consumer<Correction> to) {
        eachRow(this::readGroup);
        eachRow(row -> {
            String said = said(row);
            if (!said.isEmpty()) {
                to.accept(new Correction(
                        row.line(), cell(row, column), scope(row), row.cells().get(text), said));
            }
        });
    }

    private void eachRow(Consumer<Row> to) {
        for (Iterator<Row> rows = source.rows(); rows.hasNext(); ) {
            Row row = rows.next();
            if (row.cells().size() > Math.max(Math.max(column, scope), Math.max(text, is))) {
                to.accept(row);
            }
        }
    }

    private void readGroup(Row row) {
        if (!isFor(row, GROUP) || cell(row, is).isEmpty()) {
            return;
        }
        if (cell(row, group).isEmpty()) {
            throw refuse(row, "For is group, but there is no Group");
        }
        if (!isShort(cell(row, is))) {
            throw refuse(row, "for a group, Is is \"as read\", \"runner-up\" or \"suggested\"");
        }
        String before = ofGroups.putIfAbsent(cell(row, group), cell(row, is));
        if (before != null && !before.equalsIgnoreCase(cell(row, is))) {
            throw refuse(row, "another line says \"" + before + "\" of the same group");
        }
    }

    /** Returns what a line says of its text, in full; empty where it says nothing. */
    private String said(Row row) {
        String own = cell(row, is);
        boolean isValue = isFor(row, GROUP) || isFor(row, Scope.VALUE.key());
        String said = own.isEmpty() && isValue ? ofGroups.getOrDefault(cell(row, group), "") : own;
        if (!isShort(said)) {
            return said;
        }
        String title = IN_SHORT.getOrDefault(said.toLowerCase(Locale.ROOT), "");
        String full = cell(row, index(title));
        if (full.isEmpty() && !own.isEmpty() && !isFor(row, GROUP)) {
            throw refuse(row, "Is is \"" + own + "\", but there is no " + title);
        }
        return full;
    }

    private static boolean isShort(String said) {
        return IN_SHORT.containsKey(said.toLowerCase(Locale.ROOT));
    }

    private boolean isFor(Row row, String what) {
        return cell(row, scope).equalsIgnoreCase(what);
    }

    private static String cell(Row row, int index) {
        List<String> cells = row.cells();
        return index == NONE || index >= cells.size() ? "" : cells.get(index).strip();
    }

    /** A line of a group is one of a value as well: its own. */
    private Scope scope(Row row) {
        if (isFor(row, GROUP)) {
            return Scope.VALUE;
        }
        for (Scope one : Scope.values()) {
            if (isFor(row, one.key())) {
                return one;
            }
        }
        throw refuse(row, "For is \"" + cell(row, scope) + "\"; it is value, word, shape or group");
    }

    private TableException refuse(Row row, String why) {
        return new TableException(Problem.SETTING, file + ", line " + row.line() + ": " + why + ".");
    }
}
