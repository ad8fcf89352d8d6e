package io.inkwellsplit.table.contact;

import ezvcard.VCard;
import ezvcard.VCardVersion;
import ezvcard.io.StreamWriter;
import ezvcard.io.json.JCardWriter;
import ezvcard.io.text.VCardWriter;
import ezvcard.property.Address;
import ezvcard.property.Kind;
import ezvcard.property.StructuredName;
import io.inkwellsplit.assemble.AddressLabel;
import io.inkwellsplit.reading.AddressPart;
import io.inkwellsplit.reading.NamePart;
import java.io.Flushable;
import java.io.IOException;
import java.io.OutputStream;
import java.util.List;

/** Writes vCards, as text or as JSON. */
final class CardWriter implements ContactWriter {
    private static final AddressLabel LABEL = AddressLabel.fromAnywhere();

    private final StreamWriter writer;

    private CardWriter(StreamWriter writer) {
        this.writer = writer;
        // Which program wrote a card is nobody's business, and would change from version to version.
        writer.setAddProdId(false);
    }

    static CardWriter vcard(OutputStream to) {
        VCardWriter cards = new VCardWriter(to, VCardVersion.V4_0);
        // RFC 6868: a quote in a label, which stands in quotes itself, is written as ^'.
        cards.setCaretEncodingEnabled(true);
        return new CardWriter(cards);
    }

    static CardWriter jcard(OutputStream to) {
        JCardWriter cards = new JCardWriter(to, true);
        cards.setPrettyPrint(true);
        return new CardWriter(cards);
    }

    @Override
    public void write(Contact contact) throws IOException {
        writer.write(card(contact));
    }

    @Override
    public void end() throws IOException {
        if (writer instanceof JCardWriter cards) {
            cards.closeJsonStream();
        }
        if (writer instanceof Flushable buffered) {
            buffered.flush();
        }
    }

    private static VCard card(Contact contact) {
        VCard card = new VCard(VCardVersion.V4_0);
        card.setFormattedName(contact.fullName());
        if (contact.isOrganisation()) {
            card.setKind(Kind.org());
        } else {
            card.setKind(Kind.individual());
            card.setStructuredName(name(contact));
            String nickname = contact.text(NamePart.NICKNAME);
            if (!nickname.isEmpty()) {
                card.setNickname(nickname);
            }
        }
        if (!contact.text(NamePart.ORGANISATION).isEmpty()) {
            card.setOrganization(contact.text(NamePart.ORGANISATION));
        }
        if (contact.hasAddress()) {
            card.addAddress(address(contact));
        }
        contact.emails().forEach(card::addEmail);
        contact.phones().forEach(card::addTelephoneNumber);
        return card;
    }

    private static StructuredName name(Contact contact) {
        StructuredName name = new StructuredName();
        name.setFamily(orNull(contact.text(NamePart.LAST)));
        name.setGiven(orNull(contact.text(NamePart.FIRST)));
        add(name.getAdditionalNames(), contact.text(NamePart.MIDDLE));
        add(name.getPrefixes(), contact.text(NamePart.TITLE));
        add(name.getSuffixes(), contact.text(NamePart.SUFFIX));
        add(name.getSuffixes(), contact.text(NamePart.CREDENTIALS));
        return name;
    }

    /** RFC 6350 advises against the first two components, for boxes and units; they are lines of the street. */
    private static Address address(Contact contact) {
        Address address = new Address();
        address.getStreetAddresses().addAll(contact.streetLines());
        add(address.getLocalities(), contact.text(AddressPart.CITY));
        add(address.getRegions(), contact.text(AddressPart.STATE));
        if (address.getRegions().isEmpty()) {
            add(address.getRegions(), contact.text(AddressPart.COUNTY));
        }
        add(address.getPostalCodes(), contact.text(AddressPart.POSTCODE));
        add(address.getCountries(), contact.text(AddressPart.COUNTRY));
        address.setLabel(String.join("\n", LABEL.lines(contact.address())));
        return address;
    }

    private static void add(List<String> to, String text) {
        if (!text.isEmpty()) {
            to.add(text);
        }
    }

    @SuppressWarnings("NullAway") // The library takes null for a component that is missing.
    private static String orNull(String text) {
        return text.isEmpty() ? null : text;
    }
}
