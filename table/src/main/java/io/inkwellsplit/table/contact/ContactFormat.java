package io.inkwellsplit.table.contact;

import ezvcard.io.StreamReader;
import ezvcard.io.json.JCardReader;
import ezvcard.io.text.VCardReader;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.Locale;
import java.util.Optional;

/** A form in which contacts are exchanged. */
public enum ContactFormat {
    /** vCard 4.0 (RFC 6350). */
    VCARD("vCard", ".vcf", "text/vcard") {
        @Override
        ContactWriter writer(OutputStream to) {
            return CardWriter.vcard(to);
        }

        @Override
        StreamReader reader(InputStream in) {
            return new VCardReader(in);
        }
    },
    /** jCard, the JSON form of vCard (RFC 7095). */
    JCARD("jCard", ".jcard", "application/vcard+json") {
        @Override
        ContactWriter writer(OutputStream to) {
            return CardWriter.jcard(to);
        }

        @Override
        StreamReader reader(InputStream in) {
            return new JCardReader(in);
        }
    },
    /** {@code Person}, {@code Organization} and {@code PostalAddress} of schema.org, as JSON-LD 1.1. */
    JSON_LD("JSON-LD", ".jsonld", "application/ld+json") {
        @Override
        ContactWriter writer(OutputStream to) throws IOException {
            return new JsonLdWriter(to);
        }
    };

    private final String title;
    private final String ending;
    private final String mediaType;

    ContactFormat(String title, String ending, String mediaType) {
        this.title = title;
        this.ending = ending;
        this.mediaType = mediaType;
    }

    /** {@return what people call it} */
    public String title() {
        return title;
    }

    /** {@return the ending of its files' names, with the dot} */
    public String ending() {
        return ending;
    }

    /** {@return its media type} */
    public String mediaType() {
        return mediaType;
    }

    abstract ContactWriter writer(OutputStream to) throws IOException;

    /** {@return whether contacts of this format can be read} */
    public boolean reads() {
        return this != JSON_LD;
    }

    StreamReader reader(InputStream in) {
        throw new UnsupportedOperationException(title + " is written only");
    }

    /**
     * {@return the format that a file's name ends in, such as {@code .vcf}; none for other files}
     *
     * @param file the file
     */
    public static Optional<ContactFormat> of(Path file) {
        String name = file.toString().toLowerCase(Locale.ROOT);
        return Arrays.stream(values())
                .filter(format -> name.endsWith(format.ending))
                .findFirst();
    }
}
