package io.inkwellsplit.table.step;

import com.google.re2j.Matcher;
import com.google.re2j.Pattern;
import io.inkwellsplit.data.Format;
import io.inkwellsplit.data.Format.Column;
import io.inkwellsplit.data.Resources.Line;
import io.inkwellsplit.table.Settings;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;

/**
 * Looks for a regular expression in a column: pulls every match, or its named groups, into new columns behind it; replaces
 * the matches; or tells whether there is one. The engine takes time linear in the length of the value, whatever the
 * expression, and so knows no back-references and no look-around.
 */
public final class MatchStep implements Step {
    private static final Map<String, String> READY = ready();

    private final String column;
    private final Pattern expression;
    private final Use use;
    private final String text;
    private final String title;

    private enum Use {
        PULL("found"),
        REPLACE("replaced"),
        TEST("matches");

        final String suffix;

        Use(String suffix) {
            this.suffix = suffix;
        }
    }

    private MatchStep(String column, Pattern expression, Use use, String text, String title) {
        this.column = column;
        this.expression = expression;
        this.use = use;
        this.text = text;
        this.title = title;
    }

    private static Map<String, String> ready() {
        Map<String, String> ready = new LinkedHashMap<>();
        for (Line line :
                Format.NONE.required("", Column.TEXT, Column.TEXT).readLines(MatchStep.class, "expressions.txt")) {
            ready.put(line.fields()[0], line.fields()[1]);
        }
        return ready;
    }

    /** {@return the names of the ready-made expressions} */
    public static List<String> readyNames() {
        return List.copyOf(READY.keySet());
    }

    /**
     * {@return a ready-made expression by its name}
     *
     * @param name its name
     * @throws io.inkwellsplit.table.TableException if there is none
     */
    public static String ready(String name) {
        String expression = READY.get(name);
        if (expression == null) {
            throw Settings.refuse("There is no ready-made expression \"" + name + "\"; there are "
                    + String.join(", ", READY.keySet()) + ".");
        }
        return expression;
    }

    /**
     * Pulls matches: all of them, with {@code "; "} between, or, where the expression has named groups, each group of the
     * first match into a column of its name.
     *
     * @param column the column's title, or its number from 1
     * @param expression a regular expression that takes linear time (RE2)
     * @return the step
     * @throws io.inkwellsplit.table.TableException if the expression is broken, with the place
     */
    public static MatchStep pull(String column, String expression) {
        return new MatchStep(column, Expressions.compile(expression), Use.PULL, "; ", "");
    }

    /**
     * Replaces every match; {@code $1} or <code>${name}</code> is a group, {@code \$} a dollar sign.
     *
     * @param column the column's title, or its number from 1
     * @param expression a regular expression that takes linear time (RE2)
     * @param by what stands in its place
     * @return the step
     */
    public static MatchStep replace(String column, String expression, String by) {
        Pattern pattern = Expressions.compile(expression);
        checkGroups(pattern, by);
        return new MatchStep(column, pattern, Use.REPLACE, by, "");
    }

    /**
     * Tells in a new column, with yes or no, whether there is a match.
     *
     * @param column the column's title, or its number from 1
     * @param expression a regular expression that takes linear time (RE2)
     * @return the step
     */
    public static MatchStep test(String column, String expression) {
        return new MatchStep(column, Expressions.compile(expression), Use.TEST, "", "");
    }

    /**
     * Gives the new column a title; named groups keep theirs.
     *
     * @param wanted the title
     * @return this step
     */
    public MatchStep titled(String wanted) {
        return new MatchStep(column, expression, use, text, wanted);
    }

    private static void checkGroups(Pattern pattern, String by) {
        for (int i = by.indexOf('$'); i >= 0 && i + 1 < by.length(); i = by.indexOf('$', i + 1)) {
            boolean escaped = i > 0 && by.charAt(i - 1) == '\\';
            char next = by.charAt(i + 1);
            int close = by.indexOf('}', i);
            boolean named = next == '{' && close > 0 && !pattern.namedGroups().containsKey(by.substring(i + 2, close));
            boolean numbered = Character.isDigit(next) && next - '0' > pattern.groupCount();
            if (!escaped && (named || numbered)) {
                throw Settings.refuse("The replacement \"" + by + "\" names at character " + (i + 1)
                        + " a group that the expression has not; it has " + pattern.groupCount() + ".");
            }
        }
    }

    @Override
    public RowWise bind(List<String> header) {
        int index = Columns.find(header, column);
        List<String> groups = use == Use.PULL ? groups() : List.of();
        String single = title.isEmpty() ? header.get(index) + " " + use.suffix : title;
        return AddedColumns.behind(
                header,
                index,
                groups.isEmpty() ? List.of(single) : groups,
                cells -> groups.isEmpty() ? List.of(made(cells.get(index))) : groups(cells.get(index), groups));
    }

    /** Returns the names of the groups in the order in which they stand in the expression. */
    private List<String> groups() {
        return expression.namedGroups().entrySet().stream()
                .sorted(Map.Entry.comparingByValue())
                .map(Map.Entry::getKey)
                .collect(Collectors.toList());
    }

    private String made(String value) {
        Matcher matcher = expression.matcher(value);
        if (use == Use.TEST) {
            return matcher.find() ? "yes" : "no";
        }
        if (use == Use.REPLACE) {
            return matcher.replaceAll(text);
        }
        List<String> found = new ArrayList<>();
        while (matcher.find()) {
            if (!matcher.group().isEmpty()) {
                found.add(matcher.group());
            }
        }
        return String.join(text, found);
    }

    private List<String> groups(String value, List<String> names) {
        Matcher matcher = expression.matcher(value);
        boolean found = matcher.find();
        List<String> cells = new ArrayList<>();
        for (String name : names) {
            String group = found ? matcher.group(name) : null;
            cells.add(group == null ? "" : group);
        }
        return cells;
    }
}
