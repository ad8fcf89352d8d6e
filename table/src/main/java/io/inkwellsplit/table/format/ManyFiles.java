package io.inkwellsplit.table.format;

import io.inkwellsplit.table.ColumnType;
import io.inkwellsplit.table.Dialect;
import io.inkwellsplit.table.Row;
import io.inkwellsplit.table.TableException;
import io.inkwellsplit.table.TableException.Problem;
import io.inkwellsplit.table.TableInput;
import io.inkwellsplit.table.file.InputFile;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.Iterator;
import java.util.List;
import java.util.Map;
import java.util.NoSuchElementException;
import java.util.function.Function;
import java.util.stream.Stream;

/**
 * Several files with the same columns as one table, one after the other; a column in front tells from which file a
 * row comes. Confined to one thread.
 */
final class ManyFiles implements TableInput {
    /** What the column is called that tells the file. */
    static final String FILE = "File";

    private final List<Path> files;
    private final Function<Path, TableInput> opens;
    private final List<String> header;
    private final Dialect dialect;
    private final List<String> notes = new ArrayList<>();
    /** Tells of each file that is read in its place whether it has changed since it was first seen. */
    private final Map<Path, InputFile> seen = new HashMap<>();

    private TableInput current;

    private ManyFiles(List<Path> files, Function<Path, TableInput> opens) {
        this.files = files;
        this.opens = opens;
        files.forEach(this::see);
        current = opens.apply(files.get(0));
        List<String> titles = current.header();
        this.dialect = current.dialect();
        this.header = Stream.concat(Stream.of(free(titles)), titles.stream()).toList();
        try {
            notes.add("Files that are read as one table: " + files.size() + ".");
            told(files.get(0), current);
            for (Path file : files.subList(1, files.size())) {
                try (TableInput other = opens.apply(file)) {
                    if (!other.header().equals(titles)) {
                        throw new TableException(
                                Problem.INPUT,
                                file + " has other columns than " + files.get(0) + ": "
                                        + String.join(", ", other.header()) + ". Read it alone, or make its columns "
                                        + "the same.");
                    }
                    told(file, other);
                }
            }
        } catch (RuntimeException e) {
            current.close();
            throw e;
        }
    }

    private void see(Path file) {
        if (Files.isRegularFile(file)) {
            seen.put(file, InputFile.of(file));
        } else if (Files.exists(file)) {
            throw new TableException(
                    Problem.INPUT,
                    file + " is no file that can be read more than once; name it alone, or save it first.");
        }
    }

    /** @throws TableException if somebody has written to the file since it was first seen */
    private TableInput again(Path file) {
        InputFile before = seen.get(file);
        if (before != null) {
            before.checkUnchanged();
        }
        return opens.apply(file);
    }

    private void told(Path file, TableInput input) {
        input.notes().forEach(note -> notes.add(file.getFileName() + ": " + note));
    }

    private static String free(List<String> titles) {
        String title = FILE;
        for (int i = 2; titles.contains(title); i++) {
            title = FILE + " " + i;
        }
        return title;
    }

    /** Opens files, one at least. */
    static TableInput open(List<Path> files, Function<Path, TableInput> opens) {
        return new ManyFiles(files, opens);
    }

    @Override
    public List<String> header() {
        return header;
    }

    @Override
    public Dialect dialect() {
        return dialect;
    }

    @Override
    public List<String> notes() {
        return List.copyOf(notes);
    }

    @Override
    public boolean hasNamedColumns() {
        return current.hasNamedColumns();
    }

    /** What holds for every one of the files holds for the table. */
    @Override
    public Map<String, ColumnType> types() {
        Map<String, ColumnType> types = new HashMap<>(current.types());
        for (Path file : files) {
            try (TableInput one = again(file)) {
                types.entrySet().retainAll(one.types().entrySet());
            }
        }
        return types;
    }

    @Override
    public Iterator<Row> rows() {
        return new Rows();
    }

    /** A file is told by its name; where two have one, by all of it. */
    private String called(Path file) {
        Path name = file.getFileName();
        boolean one = files.stream().map(Path::getFileName).filter(name::equals).count() == 1;
        return one ? String.valueOf(name) : file.toString();
    }

    private final class Rows implements Iterator<Row> {
        private int next;
        private long number;
        private String name = "";
        private Iterator<Row> rows = List.<Row>of().iterator();

        @Override
        public boolean hasNext() {
            while (!rows.hasNext() && next < files.size()) {
                current.close();
                Path file = files.get(next++);
                name = called(file);
                current = again(file);
                rows = current.rows();
            }
            return rows.hasNext();
        }

        @Override
        public Row next() {
            if (!hasNext()) {
                throw new NoSuchElementException();
            }
            Row row = rows.next();
            List<String> cells = new ArrayList<>(row.cells().size() + 1);
            cells.add(name);
            cells.addAll(row.cells());
            number++;
            return new Row(number, row.line(), cells);
        }
    }

    @Override
    public void close() {
        current.close();
    }
}
