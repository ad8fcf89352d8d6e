package io.inkwellsplit.table.file;

import io.inkwellsplit.table.TableException;
import io.inkwellsplit.table.TableException.Problem;
import java.io.BufferedReader;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;

/**
 * All files that a command or a job reads and writes, looked at in one place before anything is read: no output is an
 * input or another output, whatever links lead to it, and every one can be written.
 */
public final class FilePlan {
    private static final String STANDARD = "-";
    private static final Path STANDARD_INPUT = Path.of("/dev/stdin");

    private final WhenThere whenThere;
    private final List<Use> inputs = new ArrayList<>();
    private final List<Use> outputs = new ArrayList<>();
    private final List<Use> folders = new ArrayList<>();
    private final List<Path> asides = new ArrayList<>();

    /** @param what it is, for messages, such as "the report" */
    private record Use(String what, Target target) {}

    /**
     * Starts a plan without files.
     *
     * @param whenThere what becomes of an output that is there already
     */
    public FilePlan(WhenThere whenThere) {
        this.whenThere = whenThere;
    }

    /**
     * Says that a table is read; {@code -} is the standard input, which may be a file as well, and {@code *.csv} every file
     * that is called so.
     *
     * @param what what messages call it
     * @param file its name, as the user wrote it
     */
    public void readsTable(String what, String file) {
        if (!file.equals(STANDARD) && FilePattern.isPattern(Path.of(file))) {
            FilePattern.files(Path.of(file)).forEach(one -> reads(what, one));
        } else if (!file.equals(STANDARD)) {
            reads(what, Path.of(file));
        } else if (Files.isRegularFile(STANDARD_INPUT)) {
            reads(what, STANDARD_INPUT);
        }
    }

    /**
     * Says that a file is read; one that is not there is told of by whoever reads it.
     *
     * @param what what messages call it
     * @param file the file
     */
    public void reads(String what, Path file) {
        if (Files.exists(file) || TableInFile.there(file).isPresent()) {
            inputs.add(new Use(what, Target.of(file)));
        }
    }

    /**
     * Says that a file is written; {@code -}, the standard output, is none.
     *
     * @param what what messages call it
     * @param file the file
     */
    public void writes(String what, Path file) {
        if (!file.toString().equals(STANDARD)) {
            outputs.add(new Use(what, Target.of(file)));
        }
    }

    /**
     * Says that files are written into a folder, which is made if it is not there.
     *
     * @param what what messages call it
     * @param folder the folder
     */
    public void writesInto(String what, Path folder) {
        if (Files.exists(folder) && !Files.isDirectory(folder)) {
            throw new TableException(Problem.OUTPUT, folder + " is no folder; give another name for " + what + ".");
        }
        folders.add(new Use(what, Target.of(folder)));
    }

    /**
     * Says that rows may be set aside into a file. One of an earlier run does not outlive this one; any other file of that
     * name is not touched.
     *
     * @param file the file
     */
    public void setsAside(Path file) {
        writes("the file of rows that are set aside", file);
        if (Files.isRegularFile(file)) {
            asides.add(file);
        }
    }

    private static void checkAside(Path file) {
        if (!looksSetAside(file)) {
            throw new TableException(
                    Problem.OUTPUT,
                    file + " is there already, and is no file of rows that were set aside; give another name for such "
                            + "rows.");
        }
    }

    private static boolean looksSetAside(Path file) {
        try (BufferedReader lines = Files.newBufferedReader(file, StandardCharsets.ISO_8859_1)) {
            char[] start = new char[40];
            int read = lines.read(start);
            String text = read < 0
                    ? ""
                    : new String(start, 0, read).replaceAll("[^A-Za-z]+", " ").strip();
            return read < 0 || text.startsWith("Row Line Reason");
        } catch (IOException e) {
            throw new TableException(Problem.OUTPUT, file + " cannot be looked at.", e);
        }
    }

    /**
     * Refuses what cannot be, before anything is read or written.
     *
     * @throws TableException if an output is an input or another output, is there and may not be replaced, or its folder
     *     cannot be written
     */
    public void check() {
        for (int i = 0; i < outputs.size(); i++) {
            Use output = outputs.get(i);
            for (Use input : inputs) {
                if (output.target.isSameAs(input.target) || output.target.holds(input.target)) {
                    throw new TableException(
                            Problem.SETTING,
                            output.target.named() + " cannot be " + output.what + ": it is " + input.what
                                    + ", and an input is never written; give another name.");
                }
            }
            for (Use other : outputs.subList(0, i)) {
                boolean same = output.target.isSameAs(other.target)
                        || output.target.holds(other.target)
                        || other.target.holds(output.target);
                if (same && !output.target.isDevice()) {
                    throw new TableException(
                            Problem.SETTING,
                            output.target.named() + " cannot be " + output.what + ": it is " + other.what
                                    + " already; give another name.");
                }
            }
        }
        if (whenThere == WhenThere.REPLACE_AND_KEEP) {
            outputs.forEach(this::checkBefore);
        }
        for (Use output : outputs) {
            Delivery.check(output.target, whenThere);
            checkWritable(output);
        }
        asides.forEach(FilePlan::checkAside);
    }

    /** What is replaced must not be kept over something that is read or written. */
    private void checkBefore(Use output) {
        if (output.target.kind() != Target.Kind.FILE) {
            return;
        }
        Path before = PendingFile.before(output.target);
        List<Use> others = new ArrayList<>(inputs);
        others.addAll(outputs);
        boolean taken = Files.isDirectory(before)
                || Files.exists(before) && others.stream().anyMatch(one -> one.target.isSameAs(Target.of(before)));
        if (taken) {
            throw new TableException(
                    Problem.SETTING,
                    output.target.named() + " would be kept as " + before.getFileName()
                            + ", which is used already; give another name, or --no-before.");
        }
    }

    private static void checkWritable(Use output) {
        Path folder = output.target.real().getParent();
        boolean stream = output.target.kind() == Target.Kind.STREAM;
        if (stream ? !Files.isWritable(output.target.real()) : folder == null || !Files.isWritable(folder)) {
            throw new TableException(
                    Problem.OUTPUT,
                    stream
                            ? output.target.named() + " cannot be written."
                            : "Nothing can be written into the folder " + folder + ".");
        }
    }

    /**
     * Checks, and opens what the files are written by.
     *
     * @return what the files are written by
     */
    public Delivery open() {
        check();
        return new Delivery(whenThere, inputs.stream().map(Use::target).toList());
    }

    /** {@return files of rows that an earlier run has set aside; they are taken away when this one sets none aside} */
    public List<Path> earlierAsides() {
        return List.copyOf(asides);
    }

    /**
     * Deletes what killed runs have left where this one writes, and in the folder for temporary files; returns it.
     *
     * @return the files that are gone
     */
    public List<Path> sweep() {
        Set<Path> places = new LinkedHashSet<>();
        outputs.forEach(output -> {
            Path folder = output.target.real().getParent();
            if (folder != null && output.target.kind() != Target.Kind.STREAM) {
                places.add(folder);
            }
        });
        folders.stream()
                .map(Use::target)
                .map(Target::real)
                .filter(Files::isDirectory)
                .forEach(places::add);
        List<Path> swept = new ArrayList<>(Spool.sweep());
        places.forEach(place -> swept.addAll(PrivateFile.sweep(place)));
        return swept;
    }

    /** {@return the files that are read, as they were named} */
    public List<Path> inputs() {
        return inputs.stream().map(use -> use.target.named()).distinct().toList();
    }

    /** {@return where the files are that are read and written, links followed} */
    public List<Path> places() {
        List<Path> places = new ArrayList<>();
        for (List<Use> uses : List.of(inputs, outputs, folders)) {
            uses.forEach(use -> places.add(use.target.real()));
        }
        return places;
    }
}
