package io.inkwellsplit.table.format;

import io.inkwellsplit.table.TableException;
import io.inkwellsplit.table.TableException.Problem;
import io.inkwellsplit.table.TableInput;
import io.inkwellsplit.table.contact.ContactFormat;
import io.inkwellsplit.table.file.FilePattern;
import io.inkwellsplit.table.file.InputFile;
import io.inkwellsplit.table.file.Packing;
import io.inkwellsplit.table.file.Packings;
import io.inkwellsplit.table.file.TableInFile;
import io.inkwellsplit.table.json.JsonOutput.Form;
import java.io.InputStream;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.ServiceLoader;
import java.util.Set;

/** The register of forms: which one a file has goes by the ending of its name. Immutable and safe for use by several threads. */
public final class Formats {
    private static final String STANDARD = "-";
    private static final Formats SHIPPED = new Formats(shippedFormats());

    private final List<TableFormat> formats;

    private Formats(List<TableFormat> formats) {
        this.formats = formats;
        Set<String> seen = new HashSet<>();
        for (TableFormat format : formats) {
            for (String ending : format.endings()) {
                if (!seen.add(ending)) {
                    throw new IllegalArgumentException("two forms have files in " + ending);
                }
            }
        }
    }

    private static List<TableFormat> shippedFormats() {
        List<TableFormat> formats = new ArrayList<>(
                List.of(TextFormat.any(), TextFormat.tabs(), new JsonFormat(Form.LINES), new JsonFormat(Form.ARRAY)));
        Arrays.stream(ContactFormat.values()).map(ContactTable::new).forEach(formats::add);
        // Those of modules that are there as well.
        ServiceLoader.load(TableFormat.class, Formats.class.getClassLoader()).forEach(formats::add);
        return List.copyOf(formats);
    }

    /**
     * {@return the forms that are there without doing anything: text tables, JSON, contacts to write, and those that modules provide}
     */
    public static Formats shipped() {
        return SHIPPED;
    }

    /**
     * {@return these and one more}
     *
     * @param more the form
     * @throws IllegalArgumentException if files of another form have the same ending
     */
    public Formats with(TableFormat more) {
        List<TableFormat> all = new ArrayList<>(formats);
        all.add(more);
        return new Formats(List.copyOf(all));
    }

    /** {@return all forms, in their order} */
    public List<TableFormat> all() {
        return formats;
    }

    /** {@return the form of text tables, in which files are whose names say nothing} */
    public TableFormat text() {
        return formats.get(0);
    }

    /**
     * {@return the form that the name of a file ends in; text where it ends in none}
     *
     * @param named the file; where it is packed, the ending before that of the packing counts
     */
    public TableFormat of(Path named) {
        return named(named).orElse(text());
    }

    private Optional<TableFormat> named(Path named) {
        Path file = Packings.unpackedName(named);
        Path holder = TableInFile.of(file).file();
        return endingAs(holder)
                .filter(format -> holder.equals(file) || format.holdsTables())
                .or(() -> endingAs(file));
    }

    private Optional<TableFormat> endingAs(Path file) {
        String name = file.toString().toLowerCase(Locale.ROOT);
        return formats.stream()
                .filter(format -> format.endings().stream().anyMatch(name::endsWith))
                .findFirst();
    }

    /**
     * {@return the form that is called by one of its endings without the dot, such as {@code jsonl}}
     *
     * @param called the ending
     * @throws TableException if no form has it
     */
    public TableFormat called(String called) {
        String ending = "." + called.toLowerCase(Locale.ROOT);
        return formats.stream()
                .filter(format -> format.endings().contains(ending))
                .findFirst()
                .orElseThrow(() -> {
                    List<String> all = formats.stream()
                            .flatMap(format -> format.endings().stream())
                            .map(one -> one.substring(1))
                            .toList();
                    return new TableException(
                            Problem.SETTING,
                            "There is no form \"" + called + "\"; there are " + String.join(", ", all) + ".");
                });
    }

    /**
     * {@return the form with a media type, parameters left alone; empty where none has it}
     *
     * @param mediaType the media type
     */
    public Optional<TableFormat> ofMediaType(String mediaType) {
        String plain = mediaType.split(";", 2)[0].strip().toLowerCase(Locale.ROOT);
        return formats.stream()
                .filter(format -> format.mediaTypes().contains(plain))
                .findFirst();
    }

    /**
     * Opens a table in a file.
     *
     * @param file the file
     * @param settings the settings
     * @return the table
     * @throws TableException if it cannot be read
     */
    public TableInput open(Path file, ReadSettings settings) {
        if (FilePattern.isPattern(file)) {
            return ManyFiles.open(FilePattern.files(file), one -> openOne(one, settings));
        }
        return openOne(file, settings);
    }

    /**
     * Opens what a user names: a file; several, or all that a pattern such as {@code lists/*.csv} fits, as one table; or a stream.
     *
     * @param names the names; {@code -} alone is the stream
     * @param standard the stream, which is called standard input
     * @param settings the settings
     * @return the table
     * @throws TableException if it cannot be read, or the stream is named beside a file
     */
    public TableInput open(List<String> names, InputStream standard, ReadSettings settings) {
        if (names.equals(List.of(STANDARD))) {
            return open("standard input", standard, settings);
        }
        if (names.contains(STANDARD)) {
            throw new TableException(Problem.SETTING, "Standard input cannot be read beside files; name files alone.");
        }
        if (names.size() == 1) {
            return open(Path.of(names.get(0)), settings);
        }
        List<Path> files = new ArrayList<>();
        names.stream()
                .map(Path::of)
                .forEach(file -> files.addAll(FilePattern.isPattern(file) ? FilePattern.files(file) : List.of(file)));
        return ManyFiles.open(files, one -> openOne(one, settings));
    }

    private TableInput openOne(Path file, ReadSettings settings) {
        if (settings.format().isEmpty() && named(file).isEmpty()) {
            OtherFiles.check(file, Problem.INPUT);
        }
        TableFormat format = settings.format().isPresent()
                ? readable(file.toString(), called(settings.format().get()))
                : readable(file.toString(), of(file));
        Optional<Packing> packing = Packings.of(file);
        return packing.isPresent()
                ? format.open(OtherFiles.unpacked(file, packing.get()), settings)
                : format.open(file, settings);
    }

    private static TableFormat readable(String file, TableFormat format) {
        if (!format.reads()) {
            throw new TableException(Problem.INPUT, file + " is " + format.name() + ", which is written only.");
        }
        return format;
    }

    /**
     * Opens a table that comes from a stream: text, where the settings tell no other form.
     *
     * @param called what messages call the stream
     * @param in the stream; it is read to its end
     * @param settings the settings
     * @return the table
     * @throws TableException if it cannot be read
     */
    public TableInput open(String called, InputStream in, ReadSettings settings) {
        TableFormat format = settings.format().isPresent()
                ? readable(called, called(settings.format().get()))
                : text();
        try {
            return format.open(InputFile.of(called, in), settings);
        } catch (UnsupportedOperationException e) {
            throw new TableException(
                    Problem.SETTING, "A " + format.name() + " cannot be read from a stream; name a file.", e);
        }
    }

    /**
     * {@return the form in which a file is to be written}
     *
     * @param file the file
     * @throws TableException if files of that form cannot be written
     */
    public TableFormat toWrite(Path file) {
        return toWrite(file, Optional.empty());
    }

    /**
     * {@return the form in which a file is to be written}
     *
     * @param file the file
     * @param told the form, by one of its endings without the dot; empty to go by the file's name
     * @throws TableException if files of that form cannot be written
     */
    public TableFormat toWrite(Path file, Optional<String> told) {
        if (told.isEmpty() && named(file).isEmpty()) {
            OtherFiles.check(file, Problem.OUTPUT);
        }
        TableFormat format = told.isPresent() ? called(told.get()) : of(file);
        if (!format.writes()) {
            throw new TableException(Problem.OUTPUT, file + " would be " + format.name() + ", which is read only.");
        }
        return format;
    }
}
