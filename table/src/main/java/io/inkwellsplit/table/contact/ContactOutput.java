package io.inkwellsplit.table.contact;

import io.inkwellsplit.assemble.PersonName;
import io.inkwellsplit.reading.NamePart;
import io.inkwellsplit.table.Dialect;
import io.inkwellsplit.table.Row;
import io.inkwellsplit.table.TableException;
import io.inkwellsplit.table.TableException.Problem;
import io.inkwellsplit.table.TableOutput;
import io.inkwellsplit.table.csv.AsideFile;
import io.inkwellsplit.table.file.Delivery;
import io.inkwellsplit.table.file.WhenThere;
import io.inkwellsplit.table.part.PartColumns;
import java.io.IOException;
import java.nio.file.Path;
import java.util.EnumMap;
import java.util.Iterator;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * Writes the rows of a table that has been split as contacts: one for each person, two for a couple, one for an
 * organisation. Rows that name nobody make no contact. Columns called e-mail or phone go along; other columns do not.
 */
public final class ContactOutput implements TableOutput {
    private final Path file;
    /** What is published at the end; null where whoever made it does that. */
    private final @Nullable Delivery own;

    private final ContactWriter writer;
    private final AsideFile aside;
    private @Nullable PartColumns columns;
    private List<Integer> emails = List.of();
    private List<Integer> phones = List.of();
    private long contacts;

    private ContactOutput(Path file, @Nullable Delivery own, ContactWriter writer, AsideFile aside) {
        this.file = file;
        this.own = own;
        this.writer = writer;
        this.aside = aside;
    }

    /**
     * Starts a file; rows that are set aside go beside it, as a text table.
     *
     * @param file the file
     * @param format the format
     * @param dialect how the text is written
     * @param whenThere what becomes of a file that is there already
     * @return what takes the rows
     * @throws TableException if it is there and may not be replaced, or its folder cannot be written
     */
    public static ContactOutput create(Path file, ContactFormat format, Dialect dialect, WhenThere whenThere) {
        Delivery own = new Delivery(whenThere);
        try {
            AsideFile aside = AsideFile.in(own, asideBeside(file), dialect);
            return new ContactOutput(file, own, writer(file, format, own), aside);
        } catch (RuntimeException e) {
            own.close();
            throw e;
        }
    }

    /**
     * Starts a file of a delivery, which appears with the delivery's other files.
     *
     * @param delivery with what it appears
     * @param file the file
     * @param format the format
     * @param aside what takes rows that are set aside
     * @return what takes the rows
     */
    public static ContactOutput in(Delivery delivery, Path file, ContactFormat format, AsideFile aside) {
        return new ContactOutput(file, null, writer(file, format, delivery), aside);
    }

    /**
     * {@return the usual name of the table of rows that are set aside}
     *
     * @param file the file
     */
    public static Path asideBeside(Path file) {
        return AsideFile.besideAsText(file);
    }

    private static ContactWriter writer(Path file, ContactFormat format, Delivery delivery) {
        try {
            return format.writer(delivery.start(file));
        } catch (IOException e) {
            throw Delivery.refused(file.toString(), e);
        }
    }

    @Override
    public void header(List<String> titles) {
        PartColumns found = PartColumns.of(titles);
        if (!found.hasNames()) {
            throw new TableException(
                    Problem.SETTING,
                    "Contacts need names, and no column has the title of a name's part; split a column of names first.");
        }
        columns = found;
        emails = IntStream.range(0, titles.size())
                .filter(i -> Contact.isEmail(titles.get(i)))
                .boxed()
                .toList();
        phones = IntStream.range(0, titles.size())
                .filter(i -> Contact.isPhone(titles.get(i)))
                .boxed()
                .toList();
    }

    @Override
    public void row(List<String> row) {
        List<String> cells = row.stream().map(ContactOutput::withoutControls).toList();
        PartColumns found = Objects.requireNonNull(columns, "the header comes before the rows");
        Map<NamePart, String> parts = new EnumMap<>(NamePart.class);
        for (NamePart part : NamePart.values()) {
            parts.put(part, Objects.requireNonNullElse(found.name(cells).apply(part), ""));
        }
        Contact contact = new Contact(
                PersonName.of(parts),
                found.address(cells),
                texts(cells, emails, parts.getOrDefault(NamePart.EMAIL, "")),
                texts(cells, phones, parts.getOrDefault(NamePart.PHONE, "")));
        try {
            for (Iterator<Contact> people = contact.people().iterator(); people.hasNext(); ) {
                Contact person = people.next();
                if (person.hasName()) {
                    writer.write(person);
                    contacts++;
                }
            }
        } catch (IOException e) {
            throw Delivery.refused(file.toString(), e);
        }
    }

    /** No form of contacts has a place for control characters; a line end is told by all. */
    private static String withoutControls(String cell) {
        StringBuilder plain = null;
        for (int i = 0; i < cell.length(); i++) {
            if (Character.getType(cell.charAt(i)) == Character.CONTROL && cell.charAt(i) != '\n') {
                plain = plain == null ? new StringBuilder(cell) : plain;
                plain.setCharAt(i, ' ');
            }
        }
        return plain == null ? cell : plain.toString();
    }

    /** What stands in columns of its own, and what was found beside the name. */
    private static List<String> texts(List<String> cells, List<Integer> columns, String beside) {
        return Stream.concat(columns.stream().map(cells::get), Stream.of(beside))
                .filter(text -> !text.isBlank())
                .distinct()
                .toList();
    }

    @Override
    public void setAside(Row row, String reason) {
        aside.add(row, reason);
    }

    @Override
    public void finish() {
        try {
            writer.end();
        } catch (IOException e) {
            throw Delivery.refused(file.toString(), e);
        }
        aside.finish();
        if (own != null) {
            own.publish();
        }
    }

    @Override
    public List<String> notes() {
        String guesses = columns == null ? "" : columns.guesses();
        return guesses.isEmpty() ? List.of("Contacts: " + contacts) : List.of(guesses, "Contacts: " + contacts);
    }

    @Override
    public @Nullable Path asideFile() {
        return aside.file();
    }

    @Override
    public void close() {
        if (own != null) {
            own.close();
        }
    }
}
