package io.inkwellsplit.table.csv;

import io.inkwellsplit.table.TableException;
import io.inkwellsplit.table.TableException.Problem;
import java.nio.ByteBuffer;
import java.nio.CharBuffer;
import java.nio.charset.Charset;
import java.nio.charset.CoderResult;
import java.nio.charset.CodingErrorAction;
import java.nio.charset.IllegalCharsetNameException;
import java.nio.charset.StandardCharsets;
import java.nio.charset.UnsupportedCharsetException;
import org.jspecify.annotations.Nullable;
import org.mozilla.universalchardet.UniversalDetector;

/** Tells the encoding of a text from its first bytes. */
final class Encodings {
    private static final Charset FALLBACK = Charset.forName("windows-1252");

    /**
     * What was found.
     *
     * @param charset the encoding
     * @param markLength how many bytes the byte-order mark has; 0 if there is none
     */
    record Found(Charset charset, int markLength) {}

    private Encodings() {}

    static Found find(byte[] sample, int length) {
        int[] b = new int[4];
        for (int i = 0; i < 4; i++) {
            b[i] = i < length ? sample[i] & 0xff : -1;
        }
        if (b[0] == 0xEF && b[1] == 0xBB && b[2] == 0xBF) {
            return new Found(StandardCharsets.UTF_8, 3);
        }
        if (b[0] == 0xFE && b[1] == 0xFF) {
            return new Found(StandardCharsets.UTF_16BE, 2);
        }
        if (b[0] == 0xFF && b[1] == 0xFE) {
            return new Found(StandardCharsets.UTF_16LE, 2);
        }
        Charset zeros = utf16ByZeros(sample, length);
        if (zeros != null) {
            return new Found(zeros, 0);
        }
        return new Found(isUtf8(sample, length) ? StandardCharsets.UTF_8 : guessed(sample, length), 0);
    }

    /** Text of mostly plain letters has a zero in every other byte when it is UTF-16. */
    private static @Nullable Charset utf16ByZeros(byte[] sample, int length) {
        int even = 0;
        int odd = 0;
        for (int i = 0; i < length; i++) {
            if (sample[i] == 0) {
                if (i % 2 == 0) {
                    even++;
                } else {
                    odd++;
                }
            }
        }
        if (even + odd < length / 5 || length < 4) {
            return null;
        }
        return even > odd ? StandardCharsets.UTF_16BE : StandardCharsets.UTF_16LE;
    }

    private static boolean isUtf8(byte[] sample, int length) {
        CoderResult result = StandardCharsets.UTF_8
                .newDecoder()
                .onMalformedInput(CodingErrorAction.REPORT)
                .onUnmappableCharacter(CodingErrorAction.REPORT)
                .decode(ByteBuffer.wrap(sample, 0, length), CharBuffer.allocate(length + 1), false);
        return !result.isError();
    }

    private static Charset guessed(byte[] sample, int length) {
        UniversalDetector detector = new UniversalDetector();
        detector.handleData(sample, 0, length);
        detector.dataEnd();
        String name = detector.getDetectedCharset();
        // A detector that saw a few accents only may name a rare encoding; the common one serves better then.
        return name == null || !Charset.isSupported(name) || name.startsWith("UTF-8")
                ? FALLBACK
                : Charset.forName(name);
    }

    /** Returns the encoding of this name. */
    static Charset named(String name) {
        try {
            return Charset.forName(name);
        } catch (IllegalCharsetNameException | UnsupportedCharsetException e) {
            throw new TableException(
                    Problem.SETTING,
                    "There is no encoding \"" + name + "\"; usual ones are UTF-8, UTF-16, windows-1252.",
                    e);
        }
    }
}
