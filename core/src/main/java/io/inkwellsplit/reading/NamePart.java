package io.inkwellsplit.reading;

import java.util.Locale;

/** The parts of a personal name and of what stands around one. */
public enum NamePart implements PartKey {
    /** Courtesy titles, ranks and offices before the name, in their order. */
    TITLE("Title"),
    /** The first given name or initial. */
    FIRST("First name"),
    /** Every given name or initial after the first. */
    MIDDLE("Middle name"),
    /** The whole family name: particles, hyphens, and both names where a person has two. */
    LAST("Last name"),
    /** What tells generations apart. */
    SUFFIX("Suffix"),
    /** Letters after the name: degrees, honours, licences, orders. */
    CREDENTIALS("Credentials"),
    /** A called-by name given in quotes or brackets. */
    NICKNAME("Nickname"),
    /** What follows <i>née</i>, <i>born</i>, <i>formerly</i>, <i>geb.</i> */
    BIRTH_NAME("Birth name"),
    /** The particles of the last name; a finer part of it. */
    LAST_PARTICLE("Last name particle"),
    /** The last name without its particles and without a second family name; a finer part of it. */
    LAST_CORE("Last name core"),
    /** The second of two family names; a finer part of the last name. */
    LAST_SECOND("Second last name"),
    /** Who receives on the person's behalf, without the words that announce it. */
    CARE_OF("Care of"),
    /** Who is to see it, without the words that announce it. */
    ATTENTION("Attention"),
    /** The words that say that the person's estate is meant. */
    ESTATE("Estate"),
    /** A trust, by its own name. */
    TRUST("Trust"),
    /** The mark that the person has died. */
    DECEASED("Deceased"),
    /** An unnamed partner. */
    SPOUSE("Spouse"),
    /** Unnamed others, and from the third on those that are named. */
    OTHERS("Others"),
    /** A capacity in which the person acts. */
    ROLE("Role"),
    /** E-mail addresses, without their brackets. */
    EMAIL("E-mail"),
    /** Telephone numbers, as written, without the words that announce them. */
    PHONE("Telephone"),
    /** A date beside the name, such as that of birth; a trust's own date stays in the trust. */
    DATE("Date"),
    /** Given pronouns. */
    PRONOUNS("Pronouns"),
    /** The number or the bullet of a list at the front. */
    LIST_NUMBER("List number"),
    /** What follows <i>f/k/a</i>, <i>formerly known as</i>, <i>alias</i>; a birth name stays {@link #BIRTH_NAME}. */
    FORMER_NAME("Former name"),
    /** As {@link #TITLE}, of the second of a couple; so are those that follow. */
    SECOND_TITLE("Second person's title"),
    /** The second person's {@link #FIRST}. */
    SECOND_FIRST("Second person's first name"),
    /** The second person's {@link #MIDDLE}. */
    SECOND_MIDDLE("Second person's middle name"),
    /** The second person's {@link #LAST}; the shared one where both have it. */
    SECOND_LAST("Second person's last name"),
    /** The second person's {@link #SUFFIX}. */
    SECOND_SUFFIX("Second person's suffix"),
    /** The second person's {@link #CREDENTIALS}. */
    SECOND_CREDENTIALS("Second person's credentials"),
    /** The second person's {@link #NICKNAME}. */
    SECOND_NICKNAME("Second person's nickname"),
    /** The second person's {@link #BIRTH_NAME}. */
    SECOND_BIRTH_NAME("Second person's birth name"),
    /** The second person's {@link #LAST_PARTICLE}. */
    SECOND_LAST_PARTICLE("Second person's last name particle"),
    /** The second person's {@link #LAST_CORE}. */
    SECOND_LAST_CORE("Second person's last name core"),
    /** The second person's {@link #LAST_SECOND}. */
    SECOND_LAST_SECOND("Second person's second last name"),
    /** The whole name of an organisation. */
    ORGANISATION("Organisation"),
    /** Text that no part could claim. */
    UNPLACED("Unplaced");

    private static final NamePart[] VALUES = values();

    private final String title;

    NamePart(String title) {
        this.title = title;
    }

    @Override
    public String key() {
        return name().toLowerCase(Locale.ROOT);
    }

    @Override
    public String title() {
        return title;
    }

    @Override
    public String joint() {
        return this == OTHERS ? "; " : " ";
    }

    @Override
    public boolean isFiner() {
        return first() == LAST_PARTICLE || first() == LAST_CORE || first() == LAST_SECOND;
    }

    @Override
    public boolean isLayer() {
        return compareTo(CARE_OF) >= 0 && compareTo(FORMER_NAME) <= 0;
    }

    private NamePart first() {
        return ordinal() >= SECOND_TITLE.ordinal() && ordinal() <= SECOND_LAST_SECOND.ordinal()
                ? VALUES[ordinal() - SECOND_TITLE.ordinal()]
                : this;
    }

    /** {@return the second person's part that is like this one of the first person; this part where there is none} */
    public NamePart second() {
        int second = ordinal() + SECOND_TITLE.ordinal();
        return second <= SECOND_LAST_SECOND.ordinal() ? VALUES[second] : this;
    }
}
