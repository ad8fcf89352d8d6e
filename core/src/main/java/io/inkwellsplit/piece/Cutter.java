package io.inkwellsplit.piece;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Objects;

/**
 * Cuts a value at separators. Immutable and thread-safe; takes time linear in the length of the value.
 *
 * <p>As made by {@link #at}, every separator cuts, empty pieces stay, and pieces are as they are written: gluing them
 * with the separator gives the value back.
 */
public final class Cutter {
    /** How many separators cut where none is set. */
    public static final int NO_LIMIT = Integer.MAX_VALUE;

    /** What becomes of separators in a row. */
    public enum Runs {
        /** Each of them cuts, and leaves an empty piece. */
        CUT_EACH,
        /** Together they cut once. */
        CUT_ONCE
    }

    /** What becomes of empty pieces. */
    public enum Empty {
        /** They stay. */
        KEEP,
        /** They are left out. */
        DROP
    }

    /** What becomes of blanks at the ends of a piece. */
    public enum Blanks {
        /** They stay. */
        KEEP,
        /** They are taken off. */
        TRIM
    }

    /** From which end cuts are counted, where there are at most so many. */
    public enum From {
        /** From the left: what is left stays in the last piece. */
        LEFT,
        /** From the right: what is left stays in the first piece. */
        RIGHT
    }

    /** Inside of what separators do not cut. */
    public enum Respect {
        /** They cut everywhere. */
        NOTHING,
        /** Pairs of straight, curly or pointed quotes. */
        QUOTES,
        /** Round, square, curly or pointed brackets, which can stand inside each other. */
        BRACKETS,
        /** Quotes and brackets. */
        BOTH
    }

    private final List<String> separators;
    private final Runs runs;
    private final Empty empty;
    private final Blanks blanks;
    private final From from;
    private final int most;
    private final Respect respect;
    /** Tells most characters apart from those a separator starts with, at once. */
    private final long firsts;

    private Cutter(
            List<String> separators, Runs runs, Empty empty, Blanks blanks, From from, int most, Respect respect) {
        this.separators = separators;
        this.firsts = firsts(separators);
        this.runs = runs;
        this.empty = empty;
        this.blanks = blanks;
        this.from = from;
        this.most = most;
        this.respect = respect;
    }

    /**
     * Returns a cutter for one or several separators, each of one character or more; where two fit, the longer one cuts.
     *
     * @param separators texts that cut, as they are written
     * @return the cutter
     * @throws IllegalArgumentException if there is none, or one is empty
     */
    public static Cutter at(String... separators) {
        if (separators.length == 0 || List.of(separators).contains("")) {
            throw new IllegalArgumentException("A separator is empty; give one character at least");
        }
        List<String> longestFirst = new ArrayList<>(List.of(separators));
        longestFirst.sort(Comparator.comparingInt(String::length).reversed());
        return new Cutter(
                List.copyOf(longestFirst),
                Runs.CUT_EACH,
                Empty.KEEP,
                Blanks.KEEP,
                From.LEFT,
                NO_LIMIT,
                Respect.NOTHING);
    }

    /**
     * Sets what becomes of separators that stand side by side.
     *
     * @param wanted what becomes of separators that stand side by side
     * @return a cutter that does so
     */
    public Cutter runs(Runs wanted) {
        return new Cutter(separators, wanted, empty, blanks, from, most, respect);
    }

    /**
     * Sets what becomes of empty pieces.
     *
     * @param wanted what becomes of empty pieces
     * @return a cutter that does so
     */
    public Cutter empty(Empty wanted) {
        return new Cutter(separators, runs, wanted, blanks, from, most, respect);
    }

    /**
     * Sets what becomes of blanks at the ends of a piece.
     *
     * @param wanted what becomes of blanks around a piece
     * @return a cutter that does so
     */
    public Cutter blanks(Blanks wanted) {
        return new Cutter(separators, runs, empty, wanted, from, most, respect);
    }

    /**
     * Sets inside of what separators do not cut.
     *
     * @param wanted in what a separator does not cut
     * @return a cutter that does so
     */
    public Cutter respecting(Respect wanted) {
        return new Cutter(separators, runs, empty, blanks, from, most, wanted);
    }

    /**
     * Sets how many cuts are made at most; what is left stays whole in the last piece, or from the right in the first.
     *
     * @param cuts how many, from 0
     * @param end the end from which they are counted
     * @return a cutter that does so
     * @throws IllegalArgumentException if {@code cuts} is under 0
     */
    public Cutter atMost(int cuts, From end) {
        if (cuts < 0) {
            throw new IllegalArgumentException("The number of cuts is " + cuts + "; give 0 or more");
        }
        return new Cutter(separators, runs, empty, blanks, end, cuts, respect);
    }

    /** {@return the separators, the longest first} */
    public List<String> separators() {
        return separators;
    }

    /**
     * {@return the pieces in their order; one empty piece for an empty value, unless empty pieces are dropped}
     *
     * @param text the value
     */
    public List<String> cut(String text) {
        Objects.requireNonNull(text, "text");
        if (isPlain()) {
            return cutPlainly(text, separators.get(0));
        }
        int[] spans = spans(text);
        List<String> pieces = new ArrayList<>(spans.length / 2);
        for (int i = 0; i < spans.length; i += 2) {
            pieces.add(text.substring(spans[i], spans[i + 1]));
        }
        return pieces;
    }

    private boolean isPlain() {
        return separators.size() == 1
                && runs == Runs.CUT_EACH
                && empty == Empty.KEEP
                && blanks == Blanks.KEEP
                && most == NO_LIMIT
                && respect == Respect.NOTHING;
    }

    /** The usual case, several times as fast. */
    private static List<String> cutPlainly(String text, String separator) {
        List<String> pieces = new ArrayList<>();
        int start = 0;
        for (int at = text.indexOf(separator); at >= 0; at = text.indexOf(separator, start)) {
            pieces.add(text.substring(start, at));
            start = at + separator.length();
        }
        pieces.add(text.substring(start));
        return pieces;
    }

    /** Returns where each piece starts and ends, one after the other. */
    int[] spans(String text) {
        Places places = Places.of(this, text);
        int first = from == From.RIGHT ? Math.max(0, places.size() - most) : 0;
        int last = from == From.RIGHT ? places.size() : Math.min(places.size(), most);
        int[] spans = new int[2 * (last - first + 1)];
        int size = 0;
        int start = 0;
        for (int i = first; i <= last; i++) {
            int end = i < last ? places.start(i) : text.length();
            int next = i < last ? places.end(i) : end;
            if (blanks == Blanks.TRIM) {
                while (start < end && Character.isWhitespace(text.charAt(start))) {
                    start++;
                }
                while (end > start && Character.isWhitespace(text.charAt(end - 1))) {
                    end--;
                }
            }
            if (empty == Empty.KEEP || end > start) {
                spans[size++] = start;
                spans[size++] = end;
            }
            start = next;
        }
        return Arrays.copyOf(spans, size);
    }

    /** Returns a bit for each of the low six bits that a separator's first character has. */
    private static long firsts(List<String> separators) {
        long firsts = 0;
        for (String separator : separators) {
            firsts |= 1L << separator.charAt(0);
        }
        return firsts;
    }

    /** Returns the length of the separator at a place; 0 if there is none. */
    int separatorAt(String text, int at) {
        if ((firsts >>> text.charAt(at) & 1) == 0) {
            return 0;
        }
        for (int i = 0; i < separators.size(); i++) {
            String separator = separators.get(i);
            if (text.charAt(at) == separator.charAt(0) && text.startsWith(separator, at)) {
                return separator.length();
            }
        }
        return 0;
    }

    boolean cutsRunsOnce() {
        return runs == Runs.CUT_ONCE;
    }

    boolean respectsQuotes() {
        return respect == Respect.QUOTES || respect == Respect.BOTH;
    }

    boolean respectsBrackets() {
        return respect == Respect.BRACKETS || respect == Respect.BOTH;
    }
}
