package io.inkwellsplit.table.job;

import io.inkwellsplit.table.correct.ReviewCase;
import io.inkwellsplit.table.split.Subject;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.file.Path;
import java.util.Map;

/** A form, other than a table, in which doubtful values are written so that somebody settles them. */
public interface ReviewForm {
    /**
     * {@return whether a file, by its name, is written in this form}
     *
     * @param file the file
     */
    boolean takes(Path file);

    /**
     * Starts one.
     *
     * @param title what the table is called
     * @param subjects what its split columns hold
     * @return what takes the lines
     */
    Page start(String title, Map<String, Subject> subjects);

    /** One that is being written. */
    interface Page {
        /**
         * Takes a line.
         *
         * @param one the line
         */
        void add(ReviewCase one);

        /**
         *
         *
         * @param to the stream
         * @throws IOException if the stream does not take it
         */
        void writeTo(OutputStream to) throws IOException;
    }
}
