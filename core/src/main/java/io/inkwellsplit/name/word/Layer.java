package io.inkwellsplit.name.word;

import java.util.Locale;

/** What a phrase of {@code layers.txt} is for; a phrase may stand in several sections. */
public enum Layer {
    CARE_OF_BEFORE,
    ATTENTION_BEFORE,
    FORMER_NAME_BEFORE,
    ORGANISATION_BEFORE,
    ESTATE_FRONT,
    ESTATE_MARK,
    DECEASED_FRONT,
    DECEASED_MARK,
    SPOUSE_PARTNER,
    OTHERS_MARK,
    ROLE_FRONT,
    ROLE_MARK,
    NAME_BEFORE,
    OFFICE_MARK,
    UNPLACED_MARK,
    TRUST_QUALIFIER,
    TRUST_HEAD,
    TRUST_DATE;

    int bit() {
        return 1 << ordinal();
    }

    public boolean in(int layers) {
        return (layers & bit()) != 0;
    }

    /** A common word, a letter off, is more likely a name than that word. */
    boolean maybeMisspelt() {
        return this != NAME_BEFORE && this != OFFICE_MARK && this != UNPLACED_MARK;
    }

    String section() {
        int cut = name().lastIndexOf('_');
        return (name().substring(0, cut) + ' ' + name().substring(cut + 1)).toLowerCase(Locale.ROOT);
    }
}
