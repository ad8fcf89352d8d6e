package io.inkwellsplit.table.contact;

import io.inkwellsplit.assemble.PersonName;
import io.inkwellsplit.name.NamePart;
import io.inkwellsplit.table.Row;
import io.inkwellsplit.table.TableException;
import io.inkwellsplit.table.TableException.Problem;
import io.inkwellsplit.table.TableOutput;
import io.inkwellsplit.table.csv.AsideFile;
import io.inkwellsplit.table.csv.WholeFile;
import io.inkwellsplit.table.step.PartColumns;
import java.io.IOException;
import java.nio.file.Path;
import java.util.EnumMap;
import java.util.Iterator;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;

/**
 * Writes the rows of a table that has been split as contacts: one for each person, two for a couple, one for an
 * organisation. Rows that name nobody make no contact. Columns called e-mail or phone go along; other columns do not.
 */
public final class ContactOutput implements TableOutput {
    private final Path file;
    private final WholeFile.Pending pending;
    private final ContactWriter writer;
    private final AsideFile aside;
    private @Nullable PartColumns columns;
    private List<Integer> emails = List.of();
    private List<Integer> phones = List.of();
    private long contacts;

    private ContactOutput(Path file, WholeFile.Pending pending, ContactWriter writer, AsideFile aside) {
        this.file = file;
        this.pending = pending;
        this.writer = writer;
        this.aside = aside;
    }

    /**
     * Starts a file.
     *
     * @throws TableException if it is there and may not be replaced, or its folder cannot be written
     */
    public static ContactOutput create(
            Path file, ContactFormat format, WholeFile.WhenThere whenThere, AsideFile aside) {
        WholeFile.Pending pending = WholeFile.start(file, whenThere);
        try {
            return new ContactOutput(file, pending, format.writer(pending.stream()), aside);
        } catch (IOException e) {
            pending.close();
            throw refuse(file, e);
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
    public void row(List<String> cells) {
        PartColumns found = Objects.requireNonNull(columns, "the header comes before the rows");
        Map<NamePart, String> parts = new EnumMap<>(NamePart.class);
        for (NamePart part : NamePart.values()) {
            parts.put(part, Objects.requireNonNullElse(found.name(cells).apply(part), ""));
        }
        Contact contact =
                new Contact(PersonName.of(parts), found.address(cells), texts(cells, emails), texts(cells, phones));
        try {
            for (Iterator<Contact> people = contact.people().iterator(); people.hasNext(); ) {
                Contact person = people.next();
                if (person.hasName()) {
                    writer.write(person);
                    contacts++;
                }
            }
        } catch (IOException e) {
            throw refuse(file, e);
        }
    }

    private static List<String> texts(List<String> cells, List<Integer> columns) {
        return columns.stream().map(cells::get).filter(text -> !text.isBlank()).toList();
    }

    @Override
    public void setAside(Row row, String reason) {
        aside.add(row, reason);
    }

    @Override
    public void finish() {
        try {
            writer.end();
            pending.finish();
        } catch (IOException e) {
            throw refuse(file, e);
        }
        aside.finish();
    }

    @Override
    public String extent() {
        return "Contacts: " + contacts;
    }

    @Override
    public @Nullable Path asideFile() {
        return aside.file();
    }

    @Override
    public void close() {
        pending.close();
        aside.close();
    }

    private static TableException refuse(Path file, IOException e) {
        return new TableException(Problem.OUTPUT, file + " cannot be written: " + e.getMessage() + ".", e);
    }
}
