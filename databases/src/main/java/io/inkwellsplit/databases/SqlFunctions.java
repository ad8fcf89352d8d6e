package io.inkwellsplit.databases;

import org.jspecify.annotations.Nullable;

/**
 * Functions of plain types for a database that runs on the JVM, which calls them by their names: in H2
 * {@code create alias name_part for 'io.inkwellsplit.databases.SqlFunctions.namePart'}. Each value is read by itself; see
 * {@link SqlReader} for a column that was learned, and {@link SqliteFunctions} for SQLite.
 */
public final class SqlFunctions {
    private SqlFunctions() {}

    /**
     * {@return a part of a name, or null where it has none}
     *
     * @param name the name, as it was written
     * @param part the part's key, such as {@code last}
     * @throws IllegalArgumentException if there is no such part
     */
    public static @Nullable String namePart(@Nullable String name, @Nullable String part) {
        return SqlReader.standard().namePart(name, part);
    }

    /**
     * {@return a part of an address, or null where it has none}
     *
     * @param address the address, as it was written
     * @param part the part's key, such as {@code postcode}
     * @throws IllegalArgumentException if there is no such part
     */
    public static @Nullable String addressPart(@Nullable String address, @Nullable String part) {
        return SqlReader.standard().addressPart(address, part);
    }

    /**
     * {@return how sure the reading of a name is, from 0 to 1}
     *
     * @param name the name, as it was written
     */
    public static @Nullable Double nameConfidence(@Nullable String name) {
        return SqlReader.standard().nameConfidence(name);
    }

    /**
     * {@return how sure the reading of an address is, from 0 to 1}
     *
     * @param address the address, as it was written
     */
    public static @Nullable Double addressConfidence(@Nullable String address) {
        return SqlReader.standard().addressConfidence(address);
    }

    /**
     * {@return the codes of the doubts of a name, with semicolons; null where there are none}
     *
     * @param name the name, as it was written
     */
    public static @Nullable String nameDoubts(@Nullable String name) {
        return SqlReader.standard().nameDoubts(name);
    }

    /**
     * {@return the codes of the doubts of an address, with semicolons; null where there are none}
     *
     * @param address the address, as it was written
     */
    public static @Nullable String addressDoubts(@Nullable String address) {
        return SqlReader.standard().addressDoubts(address);
    }

    /**
     * {@return a name, written by a pattern}
     *
     * @param name the name, as it was written
     * @param pattern the name of a ready pattern, such as {@code index}, or a pattern with fields in braces
     * @throws IllegalArgumentException if there is no such pattern, or it is broken
     */
    public static @Nullable String fullName(@Nullable String name, @Nullable String pattern) {
        return SqlReader.standard().fullName(name, pattern);
    }
}
