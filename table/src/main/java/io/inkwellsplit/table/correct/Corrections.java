package io.inkwellsplit.table.correct;

import io.inkwellsplit.pattern.Nearest;
import io.inkwellsplit.table.TableException;
import io.inkwellsplit.table.TableException.Problem;
import io.inkwellsplit.table.TableInput;
import io.inkwellsplit.table.correct.Correction.Scope;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;

/**
 * A file of corrections, a text table with the columns {@code Column}, {@code For}, {@code Text} and {@code Is}. A line
 * without {@code Is} corrects nothing. Other columns are left alone, so that a review sheet is a file of corrections as well.
 *
 * <p>{@code For} is {@code value} ({@code Is}: {@code first=Ines; last=Brandt}), {@code word} ({@code Is}: one part, such as
 * {@code first} or {@code city}) or {@code shape} ({@code Is}: a part for each word, such as {@code last first}, with {@code -} for none). {@code
 * Column} is the title of the column, or empty for every one. In a review sheet, {@code Is} may also be {@code as read} or
 * {@code runner-up}, and {@code For} may be {@code group}: then it holds for every line of that group that says nothing itself.
 */
public final class Corrections {
    private final String file;
    private final List<Correction> corrections;
    private final List<String> contradictions;

    private Corrections(String file, List<Correction> corrections, List<String> contradictions) {
        this.file = file;
        this.corrections = List.copyOf(corrections);
        this.contradictions = List.copyOf(contradictions);
    }

    /** {@return no corrections} */
    public static Corrections none() {
        return new Corrections("", List.of(), List.of());
    }

    /**
     * Reads a file.
     *
     * @param file the file
     * @return what the file says
     * @throws TableException if it cannot be read, lacks a column, or a line says what cannot be, naming the line
     */
    public static Corrections read(Path file) {
        try (TableInput source = CorrectionTable.open(file)) {
            CorrectionLines lines = new CorrectionLines(file, source);
            List<Correction> corrections = new ArrayList<>();
            List<String> contradictions = new ArrayList<>();
            Map<String, Correction> seen = new HashMap<>();
            lines.forEach(one -> {
                check(file, one);
                String plain = Correction.plain(one.text());
                String same = one.scope() == Scope.WORD ? plain.toLowerCase(Locale.ROOT) : plain;
                String key = one.column().toLowerCase(Locale.ROOT) + "\t" + one.scope() + "\t" + same;
                Correction before = seen.putIfAbsent(key, one);
                if (before == null) {
                    corrections.add(one);
                } else if (!before.is().equals(one.is())) {
                    contradictions.add(
                            "line " + one.line() + " contradicts line " + before.line() + ", which is followed");
                }
            });
            return new Corrections(String.valueOf(file.getFileName()), corrections, contradictions);
        }
    }

    /** Whether a correction can be one of a name or of an address. */
    private static void check(Path file, Correction correction) {
        boolean names = isPossible(CorrectedReading.ofNames(), correction);
        boolean addresses = isPossible(CorrectedReading.ofAddresses(), correction);
        if (!names && !addresses) {
            throw refuse(file, correction.line(), "\"" + correction.is() + "\" has a key that is no part");
        }
        boolean fits = names && new ColumnCorrections(CorrectedReading.ofNames(), List.of()).fits(correction)
                || addresses && new ColumnCorrections(CorrectedReading.ofAddresses(), List.of()).fits(correction);
        if (!fits) {
            throw refuse(file, correction.line(), "a part of Is does not stand in Text");
        }
        int words = words(correction.text());
        int said = words(correction.is());
        if (correction.scope() == Scope.SHAPE && words != said) {
            throw refuse(
                    file,
                    correction.line(),
                    "the shape has " + words + (words == 1 ? " word" : " words") + ", and Is tells " + said
                            + (said == 1 ? " part" : " parts") + "; tell one for each, or - for none");
        }
    }

    /** Between words of a shape stand blanks and commas. */
    private static int words(String text) {
        return text.strip().split("[\\s,]+").length;
    }

    private static boolean isPossible(CorrectedReading made, Correction correction) {
        List<String> keys =
                switch (correction.scope()) {
                    case VALUE ->
                        correction.parts().stream().map(Map.Entry::getKey).toList();
                    case WORD -> List.of(correction.is());
                    case SHAPE -> List.of(correction.is().split("\\s+"));
                };
        return keys.stream()
                .allMatch(key -> made.key(key).isPresent() || correction.scope() == Scope.SHAPE && key.equals("-"));
    }

    private static TableException refuse(Path file, long line, String why) {
        return new TableException(Problem.SETTING, file + ", line " + line + ": " + why + ".");
    }

    /**
     * {@return the corrections for a column of names}
     *
     * @param title its title
     */
    public ColumnCorrections forNames(String title) {
        return forColumn(title, CorrectedReading.ofNames());
    }

    /**
     * {@return the corrections for a column of addresses}
     *
     * @param title its title
     */
    public ColumnCorrections forAddresses(String title) {
        return forColumn(title, CorrectedReading.ofAddresses());
    }

    private ColumnCorrections forColumn(String title, CorrectedReading made) {
        return new ColumnCorrections(
                made,
                corrections.stream()
                        .filter(correction -> correction.isFor(title) && isPossible(made, correction))
                        .toList());
    }

    /**
     * Returns, in sentences, what is wrong with the file itself.
     *
     * @return the sentences; none where nothing is wrong
     */
    public List<String> contradictions() {
        return contradictions;
    }

    /**
     * Looks whether the columns that are named can be those of a table. One that the table does not have may be another
     * table's; but one that is nearly called so is a slip.
     *
     * @param header the titles of the table
     * @throws TableException if a column is misspelt, naming the line
     */
    public void checkColumns(List<String> header) {
        for (Correction one : corrections) {
            boolean known = one.column().isEmpty() || header.stream().anyMatch(one::isFor);
            if (!known) {
                Nearest.of(one.column(), header)
                        .filter(meant -> isSlip(one.column(), meant))
                        .ifPresent(meant -> {
                            throw new TableException(
                                    Problem.SETTING,
                                    file + ", line " + one.line() + ": there is no column \"" + one.column()
                                            + "\"; do you mean \"" + meant + "\"?");
                        });
            }
        }
    }

    /** Few who mistype a title mistype its first letter. */
    private static boolean isSlip(String written, String meant) {
        return !meant.isEmpty()
                && Character.toLowerCase(written.charAt(0)) == Character.toLowerCase(meant.charAt(0))
                && Math.abs(written.length() - meant.length()) <= 1;
    }

    /** {@return the file's name} */
    public String file() {
        return file;
    }

    /** {@return the lines of all corrections} */
    public List<Long> lines() {
        return corrections.stream().map(Correction::line).toList();
    }
}
