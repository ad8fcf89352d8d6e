package io.inkwellsplit.table.csv;

import java.io.IOException;
import java.io.Reader;

/** Looks through a whole table for a quote that is never closed. */
final class OpenQuote {
    private OpenQuote() {}

    /** Returns the line, from 1, where a quote opens that is never closed; -1 where there is none. */
    static long line(Reader text, char separator, char quote) throws IOException {
        char[] buffer = new char[1 << 16];
        long line = 1;
        long opened = -1;
        State state = State.CELL_START;
        char before = 0;
        for (int read = text.read(buffer); read >= 0; read = text.read(buffer)) {
            for (int i = 0; i < read; i++) {
                char c = buffer[i];
                State next = state.after(c, separator, quote);
                opened = state == State.CELL_START && next == State.QUOTED ? line : opened;
                state = next;
                line += c == '\r' || c == '\n' && before != '\r' ? 1 : 0;
                before = c;
            }
        }
        return state == State.QUOTED ? opened : -1;
    }

    /** Where in a row a character stands. */
    private enum State {
        CELL_START,
        PLAIN,
        QUOTED,
        /** Behind a quote in quotes: another one means a quote, anything else ends the quotes. */
        QUOTE_IN_QUOTES;

        State after(char c, char separator, char quote) {
            if (this == QUOTED) {
                return c == quote ? QUOTE_IN_QUOTES : QUOTED;
            }
            if (c == quote && this != PLAIN) {
                return QUOTED;
            }
            return c == separator || c == '\n' || c == '\r' ? CELL_START : PLAIN;
        }
    }
}
