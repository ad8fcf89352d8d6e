package io.inkwellsplit.table.step;

import io.inkwellsplit.reading.PartKey;
import java.util.Arrays;

/** Which vocabulary the titles of part columns are taken from. */
public enum PartTitles {
    /** Plain English: {@code First name}. */
    ENGLISH("english") {
        @Override
        String of(PartKey key) {
            return key.title();
        }

        @Override
        String of(Extra extra) {
            return extra.title;
        }
    },
    /** The stable keys: {@code first}. */
    KEYS("keys") {
        @Override
        String of(PartKey key) {
            return key.key();
        }

        @Override
        String of(Extra extra) {
            return extra.key;
        }
    };

    /** Columns that are not parts. */
    enum Extra {
        KIND("kind", "Kind"),
        REMARKS("remarks", "Remarks"),
        CONFIDENCE("confidence", "Confidence"),
        DOUBTS("doubts", "Doubts"),
        /** Values that parts of an address are likely to mean, by key. */
        SUGGESTIONS("suggestions", "Suggestions");

        final String key;
        final String title;

        Extra(String key, String title) {
            this.key = key;
            this.title = title;
        }
    }

    private final String key;

    PartTitles(String key) {
        this.key = key;
    }

    abstract String of(PartKey key);

    abstract String of(Extra extra);

    /** Returns the name by which a user asks for the vocabulary. */
    public String key() {
        return key;
    }

    /** Returns the keys of all vocabularies. */
    public static String[] keys() {
        return Arrays.stream(values()).map(PartTitles::key).toArray(String[]::new);
    }
}
