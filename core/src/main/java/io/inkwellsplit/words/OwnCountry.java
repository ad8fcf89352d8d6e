package io.inkwellsplit.words;

import io.inkwellsplit.data.Resources;
import io.inkwellsplit.data.Resources.Line;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;

/**
 * A country as a user describes it, in a file like the shipped ones (see {@code docs/countries.md});
 * {@code AddressSplitter.withCountry} takes and checks it. Immutable and safe for use by several threads.
 */
public final class OwnCountry {
    private final String code;
    private final String called;
    private final List<Line> lines;

    private OwnCountry(String code, String called, byte[] text) {
        this.code = code.toUpperCase(Locale.ROOT);
        this.called = called;
        this.lines = List.copyOf(Resources.lines(called, new ByteArrayInputStream(text)));
        if (!this.code.matches("[A-Z]{2}")) {
            throw new IllegalArgumentException("country: \"" + code + "\" is no code of two letters");
        }
    }

    /**
     * Reads a country's file.
     *
     * @param code two letters of ISO 3166-1
     * @param file the file, in UTF-8
     * @return the country
     * @throws IOException if it cannot be read
     * @throws IllegalArgumentException if the code has other than two letters
     */
    public static OwnCountry read(String code, Path file) throws IOException {
        return new OwnCountry(code, file.toString(), Files.readAllBytes(file));
    }

    /**
     * Reads a country from a text.
     *
     * @param code two letters of ISO 3166-1
     * @param called what messages call the text
     * @param text the lines of such a file
     * @return the country
     * @throws IllegalArgumentException if the code has other than two letters
     */
    public static OwnCountry of(String code, String called, String text) {
        return new OwnCountry(code, called, text.getBytes(StandardCharsets.UTF_8));
    }

    /** {@return the two letters of the country, in capitals} */
    public String code() {
        return code;
    }

    /** {@return what messages call the file} */
    public String called() {
        return called;
    }

    /** {@return the lines, without comments and empty ones} */
    @SuppressWarnings("exports") // Only the splitters of this module ask.
    public List<Line> lines() {
        return lines;
    }

    @Override
    public String toString() {
        return "OwnCountry[" + code + " from " + called + "]";
    }
}
