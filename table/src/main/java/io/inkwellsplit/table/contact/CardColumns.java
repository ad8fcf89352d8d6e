package io.inkwellsplit.table.contact;

import ezvcard.VCard;
import ezvcard.property.Address;
import ezvcard.property.Email;
import ezvcard.property.FormattedName;
import ezvcard.property.Nickname;
import ezvcard.property.Note;
import ezvcard.property.Organization;
import ezvcard.property.StructuredName;
import ezvcard.property.Telephone;
import ezvcard.property.Title;
import ezvcard.property.VCardProperty;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/** The columns of a table of contacts; the parts are called as those of a split, so that they can be put together again. */
final class CardColumns {
    /** In their order. Of what somebody may have several of, the second is in {@code E-mail 2}, and so on. */
    private static final List<String> TITLES = List.of(
            "Full name",
            "Title",
            "First name",
            "Middle name",
            "Last name",
            "Suffix",
            "Nickname",
            "Organisation",
            "Job title",
            "E-mail",
            "Phone",
            "Address",
            "Street",
            "City",
            "State",
            "Postcode",
            "Country",
            "Note");

    private static final Set<Class<? extends VCardProperty>> READ = Set.of(
            FormattedName.class,
            StructuredName.class,
            Nickname.class,
            Organization.class,
            Title.class,
            Email.class,
            Telephone.class,
            Address.class,
            Note.class);
    /** What says something of the card itself, and not of a person. */
    private static final Set<String> OF_THE_CARD =
            Set.of("kind", "revision", "productid", "uid", "profile", "clientpidmap", "rawproperty");

    /** How many of each there are at most. */
    private final Map<String, Integer> most = new HashMap<>();

    /** Takes what one contact has. */
    void add(Map<String, String> cells) {
        cells.keySet().forEach(title -> {
            String plain = title.replaceFirst(" [0-9]+$", "");
            int number = plain.equals(title) ? 1 : Integer.parseInt(title.substring(plain.length() + 1));
            most.merge(plain, number, Math::max);
        });
    }

    List<String> titles() {
        List<String> titles = new ArrayList<>();
        for (String title : TITLES) {
            for (int i = 1; i <= most.getOrDefault(title, 0); i++) {
                titles.add(numbered(title, i));
            }
        }
        return List.copyOf(titles);
    }

    private static String numbered(String title, int number) {
        return number == 1 ? title : title + " " + number;
    }

    /** Returns what a contact has, by the titles of the columns. */
    static Map<String, String> cells(VCard card) {
        Map<String, String> cells = new LinkedHashMap<>();
        if (card.getFormattedName() != null) {
            put(cells, "Full name", 1, card.getFormattedName().getValue());
        }
        StructuredName name = card.getStructuredName();
        if (name != null) {
            put(cells, "Title", 1, String.join(" ", name.getPrefixes()));
            put(cells, "First name", 1, name.getGiven());
            put(cells, "Middle name", 1, String.join(" ", name.getAdditionalNames()));
            put(cells, "Last name", 1, name.getFamily());
            put(cells, "Suffix", 1, String.join(", ", name.getSuffixes()));
        }
        if (card.getNickname() != null) {
            put(cells, "Nickname", 1, String.join(", ", card.getNickname().getValues()));
        }
        if (card.getOrganization() != null) {
            put(
                    cells,
                    "Organisation",
                    1,
                    String.join(", ", card.getOrganization().getValues()));
        }
        all(cells, "Job title", card.getTitles().stream().map(Title::getValue));
        all(cells, "E-mail", card.getEmails().stream().map(Email::getValue));
        all(cells, "Phone", card.getTelephoneNumbers().stream().map(CardColumns::phone));
        int number = 0;
        for (Address address : card.getAddresses()) {
            address(cells, address, ++number);
        }
        all(cells, "Note", card.getNotes().stream().map(Note::getValue));
        return cells;
    }

    private static @Nullable String phone(Telephone phone) {
        return phone.getUri() == null ? phone.getText() : phone.getUri().getNumber();
    }

    private static void all(Map<String, String> cells, String title, Stream<String> values) {
        int number = 0;
        for (String value : values.filter(Objects::nonNull).toList()) {
            put(cells, title, ++number, value);
        }
    }

    /** The text of an address is its label, as it was written for an envelope; where there is none, its parts. */
    private static void address(Map<String, String> cells, Address address, int number) {
        String street = joined(
                ", ",
                Stream.of(address.getPoBoxes(), address.getExtendedAddresses(), address.getStreetAddresses())
                        .flatMap(List::stream)
                        .toList());
        String city = joined(", ", address.getLocalities());
        String state = joined(", ", address.getRegions());
        String postcode = joined(" ", address.getPostalCodes());
        String country = joined(", ", address.getCountries());
        String whole = Stream.of(street, city, (state + " " + postcode).strip(), country)
                .filter(part -> !part.isEmpty())
                .collect(Collectors.joining(", "));
        put(cells, "Address", number, address.getLabel() == null ? whole : address.getLabel());
        put(cells, "Street", number, street);
        put(cells, "City", number, city);
        put(cells, "State", number, state);
        put(cells, "Postcode", number, postcode);
        put(cells, "Country", number, country);
    }

    private static String joined(String between, List<String> parts) {
        return parts.stream().filter(part -> part != null && !part.isBlank()).collect(Collectors.joining(between));
    }

    private static void put(Map<String, String> cells, String title, int number, @Nullable String value) {
        if (value != null && !value.isEmpty()) {
            cells.put(numbered(title, number), value);
        }
    }

    /** Returns what a contact has beside that, in words. */
    static Set<String> leftOut(VCard card) {
        Set<String> names = new TreeSet<>();
        for (VCardProperty property : card.getProperties()) {
            String name = property.getClass().getSimpleName().toLowerCase(Locale.ROOT);
            if (!READ.contains(property.getClass()) && !OF_THE_CARD.contains(name)) {
                names.add(name);
            }
        }
        return names;
    }
}
