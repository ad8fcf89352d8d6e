package io.inkwellsplit.table.part;

import io.inkwellsplit.reading.PartKey;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;

/** Which vocabulary the titles of part columns are taken from. */
public enum PartTitles {
    /** Plain English: {@code First name}. */
    ENGLISH("english"),
    /** The stable keys: {@code first}. */
    KEYS("keys"),
    /** Property components of vCard 4.0 (RFC 6350, with the components of RFC 9554): {@code N given names}. */
    VCARD("vcard"),
    /** Properties of schema.org {@code Person} and {@code PostalAddress}: {@code givenName}. */
    SCHEMA("schema"),
    /** The autofill tokens of HTML forms: {@code given-name}. */
    AUTOFILL("autofill"),
    /** The stable keys behind the title of the column: {@code Patron.first}, which may stand in a record called {@code Patron}. */
    NESTED("nested");

    /** Columns that are not parts. */
    public enum Extra {
        /** Of what kind the value is: a person, an organisation and so on. */
        KIND("kind", "Kind"),
        /** Of several people in one cell, the number of the one whose row it is, from 1. */
        PERSON("person", "Person"),
        /** Of an address: as one of which country it was read, by its code of ISO 3166-1. */
        COUNTRY_CODE("country_code", "Country code"),
        /** The next likely way to read the value, by key. */
        RUNNER_UP("runner_up", "Runner-up"),
        /** What stands around a name. */
        REMARKS("remarks", "Remarks"),
        /** The confidence, from 0 to 1. */
        CONFIDENCE("confidence", "Confidence"),
        /** The doubts, by key. */
        DOUBTS("doubts", "Doubts"),
        /** Values that parts of an address are likely to mean, by key. */
        SUGGESTIONS("suggestions", "Suggestions");

        private final String key;
        private final String title;

        Extra(String key, String title) {
            this.key = key;
            this.title = title;
        }

        /** {@return the name of the column in data} */
        public String key() {
            return key;
        }
    }

    private final String key;

    PartTitles(String key) {
        this.key = key;
    }

    /**
     * {@return the title of a part's column}
     *
     * @param part the part
     */
    public String of(PartKey part) {
        return of(part.key(), part.title());
    }

    /**
     * {@return the title of a column that is no part}
     *
     * @param extra the column
     */
    public String of(Extra extra) {
        return of(extra.key, extra.title);
    }

    /**
     * {@return the title of a column of a split, for one of several columns that may be split}
     *
     * @param title as {@link #of(PartKey)} gives it
     * @param source the title of the column that is split
     */
    public String under(String title, String source) {
        return this == NESTED ? source + between() + title : title;
    }

    /** Returns what stands between the title of a column and that of a part, where both make one title. */
    String between() {
        return this == NESTED ? "." : " ";
    }

    /** Returns the first column of a part by its title in this vocabulary; -1 where there is none. */
    int indexIn(List<String> header, PartKey part) {
        String title = of(part);
        int index = header.indexOf(title);
        for (int i = 0; index < 0 && this == NESTED && i < header.size(); i++) {
            index = header.get(i).endsWith(between() + title) ? i : -1;
        }
        return index;
    }

    private String of(String partKey, String english) {
        return switch (this) {
            case ENGLISH -> english;
            case NESTED -> partKey;
            default -> TitleTable.title(this, partKey).orElse(partKey);
        };
    }

    /** {@return the name by which a user asks for the vocabulary} */
    public String key() {
        return key;
    }

    /**
     * {@return the vocabulary that a user asks for, in any case}
     *
     * @param name the name, such as {@code vcard}
     */
    public static Optional<PartTitles> named(String name) {
        return Arrays.stream(values())
                .filter(each -> each.key.equalsIgnoreCase(name))
                .findFirst();
    }

    /**
     * {@return what a part or another column of a split means, in a sentence; empty where no column has that name}
     *
     * @param partKey the name of the part or column in data
     */
    public static String meaning(String partKey) {
        return TitleTable.meaning(partKey);
    }

    /** {@return the keys of all vocabularies} */
    public static String[] keys() {
        return Arrays.stream(values()).map(PartTitles::key).toArray(String[]::new);
    }
}
