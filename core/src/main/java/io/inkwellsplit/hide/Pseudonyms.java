package io.inkwellsplit.hide;

import java.nio.charset.StandardCharsets;
import java.security.GeneralSecurityException;
import java.text.Normalizer;
import java.util.Arrays;
import java.util.Locale;
import java.util.Objects;
import javax.crypto.Mac;
import javax.crypto.spec.SecretKeySpec;

/**
 * Stable pseudonyms: the same value and key always give the same one, and without the key nobody can tell the value from
 * it by trying names (HMAC-SHA-256, RFC 2104). Case, blanks at the ends and the Unicode form make no difference. Immutable
 * and thread-safe.
 */
public final class Pseudonyms {
    private static final String ALGORITHM = "HmacSHA256";
    /** Without letters and digits that are easily taken for each other. */
    private static final String SIGNS = "23456789abcdefghjkmnpqrstuvwxyz";

    private static final int LENGTH = 12;
    private static final int SHORTEST_KEY = 16;

    private final byte[] key;

    private Pseudonyms(byte[] key) {
        this.key = key;
    }

    /**
     * {@return pseudonyms of a key}
     *
     * @param key a secret of 16 bytes or more
     * @throws IllegalArgumentException if it is shorter
     */
    public static Pseudonyms of(byte[] key) {
        if (key.length < SHORTEST_KEY) {
            throw new IllegalArgumentException(
                    "The key has " + key.length + " bytes; a key of " + SHORTEST_KEY + " or more cannot be guessed");
        }
        return new Pseudonyms(Arrays.copyOf(key, key.length));
    }

    /**
     * {@return the pseudonym of a value, twelve letters and digits; empty for a blank value}
     *
     * @param text the value
     */
    public String of(String text) {
        String plain = Normalizer.normalize(Objects.requireNonNull(text, "text").strip(), Normalizer.Form.NFC)
                .toLowerCase(Locale.ROOT);
        if (plain.isEmpty()) {
            return "";
        }
        byte[] hash = hash(plain);
        StringBuilder pseudonym = new StringBuilder(LENGTH);
        for (int i = 0; i < LENGTH; i++) {
            int two = (hash[2 * i] & 0xff) << 8 | hash[2 * i + 1] & 0xff;
            pseudonym.append(SIGNS.charAt(two % SIGNS.length()));
        }
        return pseudonym.toString();
    }

    private byte[] hash(String plain) {
        try {
            Mac mac = Mac.getInstance(ALGORITHM);
            mac.init(new SecretKeySpec(key, ALGORITHM));
            return mac.doFinal(plain.getBytes(StandardCharsets.UTF_8));
        } catch (GeneralSecurityException e) {
            throw new IllegalStateException("every JDK has " + ALGORITHM, e);
        }
    }
}
