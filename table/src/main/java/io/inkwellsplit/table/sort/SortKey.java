package io.inkwellsplit.table.sort;

import java.io.ByteArrayOutputStream;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.text.Collator;
import java.util.Locale;
import java.util.Optional;

/** Makes of a text the bytes by whose order it is sorted. Not safe for use by several threads. */
public final class SortKey {
    /** The first letter that is a plain one with an accent; what stands before it is never taken apart. */
    private static final char FIRST_COMPOSED = '\u00C0';

    private final Kind kind;
    private final Collator collator;
    /** The same for texts of plain letters, which need not be taken apart first. */
    private final Collator plainCollator;

    private final Locale locale;

    private enum Kind {
        TEXT,
        NUMBER,
        EXACT
    }

    private SortKey(Kind kind, Locale locale) {
        this.kind = kind;
        this.locale = locale;
        // Composed and decomposed letters are the same.
        this.collator = collator(locale, Collator.CANONICAL_DECOMPOSITION);
        this.plainCollator = collator(locale, Collator.NO_DECOMPOSITION);
    }

    private static Collator collator(Locale locale, int decomposition) {
        Collator collator = Collator.getInstance(locale);
        // Accents and case tell texts apart that are otherwise alike.
        collator.setStrength(Collator.TERTIARY);
        collator.setDecomposition(decomposition);
        return collator;
    }

    /**
     * By the alphabet of a language.
     *
     * @param locale the language
     * @return a key by the alphabet of the language
     */
    public static SortKey text(Locale locale) {
        return new SortKey(Kind.TEXT, locale);
    }

    /**
     * By the size of the number that the text is; texts that are none come last, by their characters.
     *
     * @param locale how numbers are written: with a decimal point or a decimal comma
     * @return a key by size
     */
    public static SortKey number(Locale locale) {
        return new SortKey(Kind.NUMBER, locale);
    }

    /**
     * By its characters, so that only equal texts have equal keys.
     *
     * @return a key by characters
     */
    public static SortKey exact() {
        return new SortKey(Kind.EXACT, Locale.ROOT);
    }

    /**
     * Adds the key of a text to others, so that the whole is compared by the first that differs.
     *
     * @param text the text
     * @param direction rising or falling
     * @param to what is added to
     */
    public void add(String text, Direction direction, ByteArrayOutputStream to) {
        byte[] key =
                switch (kind) {
                    case TEXT ->
                        (isPlain(text) ? plainCollator : collator)
                                .getCollationKey(text)
                                .toByteArray();
                    case NUMBER -> numberKey(text.strip());
                    case EXACT -> text.getBytes(StandardCharsets.UTF_8);
                };
        byte flip = (byte) (direction == Direction.FALLING ? 0xff : 0);
        byte[] written = new byte[2 * key.length + 2];
        int length = 0;
        for (byte b : key) {
            written[length++] = (byte) (b ^ flip);
            if (b == 0) {
                // A zero inside is followed by its opposite, so that the end, two zeros, stays below everything.
                written[length++] = (byte) ~flip;
            }
        }
        written[length++] = flip;
        written[length++] = flip;
        to.write(written, 0, length);
    }

    private static boolean isPlain(String text) {
        for (int i = 0; i < text.length(); i++) {
            if (text.charAt(i) >= FIRST_COMPOSED) {
                return false;
            }
        }
        return true;
    }

    /** In which direction texts are sorted. */
    public enum Direction {
        /** The smallest first. */
        RISING,
        /** The largest first. */
        FALLING
    }

    private byte[] numberKey(String text) {
        Optional<Amount> amount = Amount.of(text, locale).filter(one -> !one.isDate());
        if (amount.isPresent()) {
            long bits = Double.doubleToLongBits(amount.get().size());
            long ordered = bits < 0 ? ~bits : bits ^ Long.MIN_VALUE;
            return ByteBuffer.allocate(9).put((byte) 1).putLong(ordered).array();
        }
        byte[] plain = text.getBytes(StandardCharsets.UTF_8);
        return ByteBuffer.allocate(plain.length + 1).put((byte) 2).put(plain).array();
    }
}
