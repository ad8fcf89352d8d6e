package io.inkwellsplit.table.format;

import io.inkwellsplit.table.TableInput;
import io.inkwellsplit.table.TableOutput;
import io.inkwellsplit.table.contact.ContactFormat;
import io.inkwellsplit.table.contact.ContactOutput;
import io.inkwellsplit.table.contact.ContactSource;
import io.inkwellsplit.table.file.Delivery;
import io.inkwellsplit.table.file.InputFile;
import java.nio.file.Path;
import java.util.List;

/** A table of people as contacts. */
final class ContactTable implements TableFormat {
    private final ContactFormat format;

    ContactTable(ContactFormat format) {
        this.format = format;
    }

    @Override
    public String name() {
        return format.title();
    }

    @Override
    public List<String> endings() {
        return List.of(format.ending());
    }

    @Override
    public List<String> mediaTypes() {
        return List.of(format.mediaType());
    }

    @Override
    public boolean reads() {
        return format.reads();
    }

    @Override
    public TableInput open(InputFile file, ReadSettings settings) {
        return ContactSource.open(file, format);
    }

    @Override
    public boolean writes() {
        return true;
    }

    @Override
    public TableOutput start(Path file, Delivery delivery, WriteSettings settings) {
        return ContactOutput.in(delivery, file, format, settings.aside());
    }

    @Override
    public Path asideBeside(Path file) {
        return ContactOutput.asideBeside(file);
    }
}
