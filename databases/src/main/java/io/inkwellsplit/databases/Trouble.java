package io.inkwellsplit.databases;

import io.inkwellsplit.table.TableException;
import io.inkwellsplit.table.TableException.Problem;
import java.sql.BatchUpdateException;
import java.sql.SQLException;
import java.util.List;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * What goes wrong in a database, in sentences. What a database says itself may hold values of cells, so it is repeated only
 * where it speaks of the text of a query. States are those of ISO/IEC 9075, and PostgreSQL's.
 */
final class Trouble {
    /** By how a state begins, the longest first. */
    private static final List<Map.Entry<String, String>> STATES = List.of(
            Map.entry("28", "refuses the user or the password"),
            Map.entry("3D", "is not there: the server has no database of that name"),
            Map.entry("08", "cannot be reached, or has closed the connection"),
            Map.entry("57P", "has closed the connection"),
            Map.entry("53100", "has no room left on its disk"),
            Map.entry("53", "has not enough memory, room or connections left"),
            Map.entry("42501", "gives the user no right to do that"),
            Map.entry("55P03", "is locked by somebody else; run it again later"),
            Map.entry("40", "was changed by somebody else at the same time; run it again"),
            Map.entry("42P01", "knows no table of that name, or knows it no more"),
            Map.entry("42S02", "knows no table of that name, or knows it no more"),
            Map.entry(
                    "2BP01", "has views or keys that stand on the table which would be replaced; write another table"),
            Map.entry("54", "cannot hold a table so wide"));

    private static final Map<Integer, String> SQLITE = Map.of(
            5, "is locked by another program; run it again later",
            6, "is locked by another program; run it again later",
            8, "may only be read, not written",
            11, "is damaged",
            13, "has no room left on its disk",
            14, "cannot be opened",
            26, "is no database, whatever its name says");

    /** By the codes of MariaDB. */
    private static final Map<Integer, String> MARIA = Map.of(
            1021, "has no room left on its disk",
            1044, "gives the user no right to do that",
            1049, "is not there: the server has no database of that name",
            1114, "has no room left for the table",
            1142, "gives the user no right to do that",
            1205, "is locked by somebody else; run it again later",
            1227, "gives the user no right to do that");

    private static final String MARIA_MESSAGE = "^\\(conn=\\d+\\) ";
    private static final int SQLITE_CODES = 0xFF;
    private static final Pattern COLUMN = Pattern.compile("COPY \\S+, line (\\d+), column (.+?)(: |$)");

    private Trouble() {}

    static TableException connecting(String name, SQLException e) {
        return new TableException(Problem.INPUT, "The database of " + name + " " + why(e) + ".", e);
    }

    static TableException reading(String name, SQLException e) {
        return new TableException(Problem.INPUT, name + ": the database " + why(e) + ".", e);
    }

    static TableException writing(String name, SQLException e) {
        String state = state(e);
        if (state.startsWith("22") || state.startsWith("23")) {
            Matcher column =
                    COLUMN.matcher(String.valueOf(cause(e).getMessage()).replace('\n', ' '));
            return new TableException(
                    Problem.OUTPUT,
                    name + ": a cell "
                            + (column.find()
                                    ? "of the column " + column.group(2) + " in row " + column.group(1) + " "
                                    : "")
                            + "does not fit the type of its column; read the table by a query that makes it text. "
                            + "Nothing was written.",
                    e);
        }
        return new TableException(Problem.OUTPUT, name + ": the database " + why(e) + ". Nothing was written.", e);
    }

    /** What went wrong with one of a batch says more than that one did. */
    private static SQLException cause(SQLException e) {
        SQLException next = e.getNextException();
        return e instanceof BatchUpdateException && next != null ? next : e;
    }

    private static String state(SQLException e) {
        String state = cause(e).getSQLState();
        return state == null ? "" : state;
    }

    private static String why(SQLException e) {
        String state = state(e);
        String message = String.valueOf(cause(e).getMessage());
        if (message.startsWith("[SQLITE")) {
            String known = SQLITE.get(cause(e).getErrorCode() & SQLITE_CODES);
            return known == null ? "says: " + firstLine(message) : known;
        }
        String inMaria = MARIA.get(cause(e).getErrorCode());
        if (message.startsWith("(conn=") && inMaria != null) {
            return inMaria;
        }
        for (Map.Entry<String, String> one : STATES) {
            if (state.startsWith(one.getKey())) {
                return one.getValue();
            }
        }
        return state.startsWith("42")
                ? "does not understand the query: " + firstLine(message)
                : "failed with the code " + (state.isEmpty() ? String.valueOf(e.getErrorCode()) : state);
    }

    private static String firstLine(String message) {
        return message.replaceFirst(MARIA_MESSAGE, "")
                .lines()
                .findFirst()
                .orElse("")
                .strip()
                .replaceFirst("\\.$", "");
    }
}
