package io.inkwellsplit.name.word;

import io.inkwellsplit.data.Format;
import io.inkwellsplit.data.Format.Column;
import io.inkwellsplit.data.Resources.Line;
import io.inkwellsplit.text.PhraseTable;
import java.util.List;
import java.util.Locale;
import java.util.Map;

/** What a word of {@code notes.txt} is for; a word may stand in several sections. */
public enum Note {
    PHONE_BEFORE,
    PHONE_BEHIND,
    EMAIL_BEFORE,
    DATE_BEFORE,
    DEATH_BEFORE,
    MONTH_WORD,
    PRONOUN_WORD,
    NUMBER_BEFORE;

    private static final class Shipped {
        static final PhraseTable WORDS = load();

        private static PhraseTable load() {
            Format format = Format.NONE;
            for (Note note : values()) {
                format = format.distinct(note.section(), Column.TEXT);
            }
            Map<String, List<Line>> sections = format.read(Note.class, "notes.txt");
            PhraseTable.Builder words = new PhraseTable.Builder(400);
            for (Note note : values()) {
                sections.getOrDefault(note.section(), List.of())
                        .forEach(line -> words.merge(line.text(), note.bit(), 0));
            }
            return words.build();
        }
    }

    private int bit() {
        return 1 << ordinal();
    }

    public boolean in(int notes) {
        return (notes & bit()) != 0;
    }

    private String section() {
        return name().replace('_', ' ').toLowerCase(Locale.ROOT);
    }

    /** Returns the words and phrases, each with the bits of what it is for. */
    public static PhraseTable words() {
        return Shipped.WORDS;
    }
}
