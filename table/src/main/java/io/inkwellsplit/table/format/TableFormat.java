package io.inkwellsplit.table.format;

import io.inkwellsplit.table.Dialect;
import io.inkwellsplit.table.TableInput;
import io.inkwellsplit.table.TableOutput;
import io.inkwellsplit.table.csv.AsideFile;
import io.inkwellsplit.table.file.Delivery;
import io.inkwellsplit.table.file.InputFile;
import java.io.OutputStream;
import java.nio.file.Path;
import java.util.List;

/**
 * A form of tables. Whoever adds one says what it is called, and overrides what it can do: read, write files, write to a
 * stream; the rest is refused with a sentence.
 */
public interface TableFormat {
    /** {@return what people call it, such as {@code text table}} */
    String name();

    /** {@return the endings of its files' names, in small letters, with their dots} */
    List<String> endings();

    /** {@return its media types, in small letters; the first is the usual one} */
    List<String> mediaTypes();

    /** {@return whether tables of this form can be read} */
    default boolean reads() {
        return false;
    }

    /** {@return whether files of this form can be written} */
    default boolean writes() {
        return false;
    }

    /** {@return whether its files hold several tables, which are named behind a {@code #}: {@code register.sqlite#patrons}} */
    default boolean holdsTables() {
        return false;
    }

    /**
     * {@return how text of this form, and text beside it, is written}
     *
     * @param source how the source is
     */
    default Dialect written(Dialect source) {
        return source;
    }

    /** {@return whether its values have types, so that numbers stay numbers} */
    default boolean keepsTypes() {
        return false;
    }

    /** {@return whether further tables can follow in a file that is written} */
    default boolean holdsSheets() {
        return false;
    }

    /**
     * Opens a table by its name; closing it closes the file.
     *
     * @param file the file, with the name of a table behind it where it {@link #holdsTables}
     * @param settings the settings
     * @return the table
     * @throws io.inkwellsplit.table.TableException if it cannot be read
     */
    default TableInput open(Path file, ReadSettings settings) {
        return open(InputFile.of(file), settings);
    }

    /**
     * Opens a table; closing it closes the file.
     *
     * @param file the file
     * @param settings the settings
     * @return the table
     * @throws io.inkwellsplit.table.TableException if it cannot be read
     */
    default TableInput open(InputFile file, ReadSettings settings) {
        throw new UnsupportedOperationException(name() + " cannot be read");
    }

    /**
     * Starts a file, which appears when the delivery is published.
     *
     * @param file the file
     * @param delivery with what it appears
     * @param settings the settings
     * @return what takes the rows
     * @throws io.inkwellsplit.table.TableException if it cannot be written
     */
    default TableOutput start(Path file, Delivery delivery, WriteSettings settings) {
        throw new UnsupportedOperationException(name() + " cannot be written");
    }

    /**
     * Starts an output to a stream, which becomes visible at once.
     *
     * @param called what messages call the stream
     * @param to the stream
     * @param settings the settings
     * @return what takes the rows
     */
    default TableOutput start(String called, OutputStream to, WriteSettings settings) {
        throw new UnsupportedOperationException(name() + " cannot be written to a stream");
    }

    /**
     * {@return where rows go that are set aside, where nothing else was said}
     *
     * @param file the file
     */
    default Path asideBeside(Path file) {
        return AsideFile.beside(file);
    }
}
