package io.inkwellsplit.table.job;

import io.inkwellsplit.table.Row;
import io.inkwellsplit.table.RowSource;
import io.inkwellsplit.table.survey.ValueShape;
import java.util.Iterator;
import java.util.List;
import java.util.Optional;
import java.util.regex.Pattern;

/** Suspects a first row that was taken for titles and looks like the row below it. */
final class MissingHeader {
    /** Titles are words; data has digits, commas or an {@code @} as well. */
    private static final Pattern DATA = Pattern.compile(".*[0-9@,].*");
    /** A column may be called by its year, and columns that are numbered have a small number. */
    private static final Pattern TITLE = Pattern.compile("(19|20)[0-9]{2}|.*\\b[0-9]{1,2}");

    private MissingHeader() {}

    /** Returns what is said; empty where nothing is suspected. */
    static Optional<String> suspected(RowSource source) {
        Iterator<Row> rows = source.rows();
        if (!rows.hasNext()) {
            return Optional.empty();
        }
        List<String> header = source.header();
        List<String> first = rows.next().cells();
        for (int i = 0; i < Math.min(header.size(), first.size()); i++) {
            String title = header.get(i).strip();
            boolean data =
                    DATA.matcher(title).matches() && !TITLE.matcher(title).matches();
            if (data && ValueShape.of(title).equals(ValueShape.of(first.get(i).strip()))) {
                return Optional.of("The first row is taken for titles, and looks like the rows below it. If the table "
                        + "has no titles, say --no-header.");
            }
        }
        return Optional.empty();
    }
}
