package io.inkwellsplit.cli.terminal;

import java.io.InputStream;
import java.io.OutputStream;
import java.io.PrintWriter;
import java.nio.file.Path;

/**
 * What a command finds around it.
 *
 * @param folder the folder from which names of files are told; an empty path is the one that the program runs in
 * @param in standard input
 * @param standardOut standard output as bytes, for tables
 * @param out standard output as text, for people
 * @param err where errors and remarks go
 */
public record Surroundings(Path folder, InputStream in, OutputStream standardOut, PrintWriter out, PrintWriter err) {
    private static final String STANDARD = "-";

    /** Returns the file of a name; {@code -}, which stands for a standard stream, stays what it is. */
    public Path path(String name) {
        return name.equals(STANDARD) ? Path.of(name) : folder.resolve(name);
    }
}
