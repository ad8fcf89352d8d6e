package io.inkwellsplit.databases;

import java.sql.Connection;
import java.sql.SQLException;
import java.util.function.BiFunction;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;

/**
 * The functions of {@link SqlReader} in a connection to SQLite, under the names {@code name_part}, {@code address_part},
 * {@code name_confidence}, {@code address_confidence}, {@code name_doubts}, {@code address_doubts} and {@code full_name}.
 */
public final class SqliteFunctions {
    private SqliteFunctions() {}

    /**
     * Makes the functions known to a connection; they last as long as it does.
     *
     * @param connection a connection of the driver for SQLite
     * @param reader what reads the values
     * @throws SQLException if it is none of SQLite, or takes no functions
     */
    public static void register(Connection connection, SqlReader reader) throws SQLException {
        two(connection, "name_part", reader::namePart);
        two(connection, "address_part", reader::addressPart);
        two(connection, "full_name", reader::fullName);
        one(connection, "name_confidence", reader::nameConfidence);
        one(connection, "address_confidence", reader::addressConfidence);
        one(connection, "name_doubts", reader::nameDoubts);
        one(connection, "address_doubts", reader::addressDoubts);
    }

    private static void one(Connection connection, String name, Function<@Nullable String, @Nullable Object> of)
            throws SQLException {
        org.sqlite.Function.create(connection, name, new Called(1) {
            @Override
            @Nullable Object value() throws SQLException {
                return of.apply(value_text(0));
            }
        });
    }

    private static void two(
            Connection connection, String name, BiFunction<@Nullable String, @Nullable String, @Nullable Object> of)
            throws SQLException {
        org.sqlite.Function.create(connection, name, new Called(2) {
            @Override
            @Nullable Object value() throws SQLException {
                return of.apply(value_text(0), value_text(1));
            }
        });
    }

    /** A function of so many texts. */
    private abstract static class Called extends org.sqlite.Function {
        private final int texts;

        Called(int texts) {
            this.texts = texts;
        }

        abstract @Nullable Object value() throws SQLException;

        @Override
        protected void xFunc() throws SQLException {
            if (args() != texts) {
                error("takes " + texts + (texts == 1 ? " text" : " texts"));
                return;
            }
            try {
                Object value = value();
                if (value instanceof Double number) {
                    result(number);
                } else if (value == null) {
                    result();
                } else {
                    result(value.toString());
                }
            } catch (IllegalArgumentException e) {
                error(e.getMessage());
            }
        }
    }
}
