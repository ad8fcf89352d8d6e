package io.inkwellsplit.table.contact;

import com.fasterxml.jackson.core.JsonFactory;
import com.fasterxml.jackson.core.JsonGenerator;
import io.inkwellsplit.reading.AddressPart;
import io.inkwellsplit.reading.NamePart;
import java.io.IOException;
import java.io.OutputStream;

/** Writes contacts as one JSON-LD document in the vocabulary of schema.org. */
final class JsonLdWriter implements ContactWriter {
    private final JsonGenerator json;

    JsonLdWriter(OutputStream to) throws IOException {
        json = new JsonFactory().createGenerator(to).useDefaultPrettyPrinter();
        json.disable(JsonGenerator.Feature.AUTO_CLOSE_TARGET);
        json.writeStartObject();
        json.writeStringField("@context", "https://schema.org");
        json.writeArrayFieldStart("@graph");
    }

    @Override
    public void write(Contact contact) throws IOException {
        json.writeStartObject();
        json.writeStringField("@type", contact.isOrganisation() ? "Organization" : "Person");
        field("name", contact.fullName());
        field("honorificPrefix", contact.text(NamePart.TITLE));
        field("givenName", contact.text(NamePart.FIRST));
        field("additionalName", contact.text(NamePart.MIDDLE));
        field("familyName", contact.text(NamePart.LAST));
        String suffix = contact.text(NamePart.SUFFIX);
        String letters = contact.text(NamePart.CREDENTIALS);
        field("honorificSuffix", suffix.isEmpty() || letters.isEmpty() ? suffix + letters : suffix + ", " + letters);
        field("alternateName", contact.text(NamePart.NICKNAME));
        if (contact.hasAddress()) {
            json.writeObjectFieldStart("address");
            json.writeStringField("@type", "PostalAddress");
            field("streetAddress", String.join(", ", contact.streetLines()));
            field("addressLocality", contact.text(AddressPart.CITY));
            String state = contact.text(AddressPart.STATE);
            field("addressRegion", state.isEmpty() ? contact.text(AddressPart.COUNTY) : state);
            field("postalCode", contact.text(AddressPart.POSTCODE));
            field("addressCountry", contact.text(AddressPart.COUNTRY));
            json.writeEndObject();
        }
        for (String email : contact.emails()) {
            field("email", email);
        }
        for (String phone : contact.phones()) {
            field("telephone", phone);
        }
        json.writeEndObject();
    }

    private void field(String name, String value) throws IOException {
        if (!value.isEmpty()) {
            json.writeStringField(name, value);
        }
    }

    @Override
    public void end() throws IOException {
        json.writeEndArray();
        json.writeEndObject();
        json.flush();
    }
}
