package io.inkwellsplit.table.contact;

import io.inkwellsplit.assemble.AddressLabel;
import io.inkwellsplit.assemble.PersonName;
import io.inkwellsplit.assemble.ReadyPattern;
import io.inkwellsplit.reading.AddressPart;
import io.inkwellsplit.reading.NamePart;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import java.util.stream.Stream;

/** One person or organisation of a table, with an address. */
record Contact(PersonName name, AddressLabel.Parts address, List<String> emails, List<String> phones) {
    private static final ReadyPattern FULL = ReadyPattern.named("full");

    String text(NamePart part) {
        return Objects.requireNonNullElse(name.apply(part), "");
    }

    String text(AddressPart part) {
        return Objects.requireNonNullElse(address.apply(part), "").strip();
    }

    boolean isOrganisation() {
        return !text(NamePart.ORGANISATION).isEmpty()
                && text(NamePart.FIRST).isEmpty()
                && text(NamePart.LAST).isEmpty();
    }

    boolean hasName() {
        return !fullName().isEmpty();
    }

    String fullName() {
        return FULL.format(name);
    }

    boolean hasAddress() {
        return Arrays.stream(AddressPart.values()).anyMatch(part -> !text(part).isEmpty());
    }

    /** Returns the person alone, and the second one of a couple, at the same address. */
    Stream<Contact> people() {
        boolean couple = !text(NamePart.SECOND_FIRST).isEmpty()
                || !text(NamePart.SECOND_LAST).isEmpty();
        return couple ? Stream.of(this, new Contact(name.second(), address, emails, phones)) : Stream.of(this);
    }

    /** Returns the lines of the street: building, street, unit, box and locality, as far as there are any. */
    List<String> streetLines() {
        return Stream.of(
                        AddressPart.BUILDING,
                        AddressPart.STREET,
                        AddressPart.UNIT,
                        AddressPart.BOX,
                        AddressPart.LOCALITY)
                .map(this::text)
                .filter(line -> !line.isEmpty())
                .toList();
    }

    /** Returns whether a column of this title holds e-mail addresses. */
    static boolean isEmail(String title) {
        return plain(title).matches("e-?mail( address)?");
    }

    /** Returns whether a column of this title holds telephone numbers. */
    static boolean isPhone(String title) {
        return plain(title).matches("(tele)?phone( number)?|tel|mobile|cell");
    }

    private static String plain(String title) {
        return title.strip().toLowerCase(Locale.ROOT);
    }
}
