package io.inkwellsplit.table.file;

import io.inkwellsplit.table.TableException;
import io.inkwellsplit.table.TableException.Problem;
import java.io.IOException;
import java.nio.file.DirectoryIteratorException;
import java.nio.file.DirectoryStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;

/** A name such as {@code lists/*.csv} that stands for several files. */
public final class FilePattern {
    private FilePattern() {}

    /**
     * {@return whether a name stands for all files that it fits: it has a {@code *} or {@code ?}, and there is no such file}
     *
     * @param file the name
     */
    public static boolean isPattern(Path file) {
        String name = String.valueOf(file.getFileName());
        return (name.indexOf('*') >= 0 || name.indexOf('?') >= 0) && !Files.exists(file);
    }

    /**
     * {@return the files in a folder whose names fit a pattern, by name}
     *
     * @param pattern the folder, and the pattern of the names in it: {@code *} stands for any letters, {@code ?} for one
     * @throws TableException if the folder cannot be read, or there are none
     */
    public static List<Path> files(Path pattern) {
        Path named = pattern.getParent();
        Path folder = named == null ? Path.of("") : named;
        StringBuilder form = new StringBuilder();
        String.valueOf(pattern.getFileName())
                .chars()
                .forEach(c -> form.append(c == '*' ? ".*" : c == '?' ? "." : Pattern.quote(String.valueOf((char) c))));
        Pattern names = Pattern.compile(form.toString());
        List<Path> files = new ArrayList<>();
        try (DirectoryStream<Path> all = Files.newDirectoryStream(named == null ? Path.of(".") : folder)) {
            for (Path file : all) {
                String name = String.valueOf(file.getFileName());
                if (!name.startsWith(".") && names.matcher(name).matches() && Files.isRegularFile(file)) {
                    files.add(named == null ? Path.of(name) : file);
                }
            }
        } catch (IOException | DirectoryIteratorException e) {
            throw new TableException(Problem.INPUT, "The folder of " + pattern + " cannot be read.", e);
        }
        if (files.isEmpty()) {
            throw new TableException(Problem.INPUT, "No file is called as " + pattern + " says; check the folder.");
        }
        files.sort(null);
        return files;
    }
}
