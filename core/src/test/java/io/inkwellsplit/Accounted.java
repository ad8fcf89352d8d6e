package io.inkwellsplit;

import io.inkwellsplit.reading.Kind;
import io.inkwellsplit.reading.NamePart;
import io.inkwellsplit.reading.Part;
import io.inkwellsplit.reading.Reading;
import io.inkwellsplit.reading.Span;
import java.text.Normalizer;
import java.util.BitSet;
import java.util.Optional;

/** Looks whether a reading accounts for every character of its value: each is in one part, in unplaced or in an announcement. */
public final class Accounted {
    /** Commas, dots, brackets, quotes, dashes, the Japanese sign before a postcode, and a few others; all scripts' forms of them. */
    private static final String SEPARATING = ",;.()[]{}<>\"'-:_|\\*~!?=/"
            + "\u3001\u060C\uFF0C\u055D\uFF1B\uFF0E\uFF08\uFF09\uFF3B\uFF3D\uFF5B\uFF5D\uFF1C\uFF1E"
            + "\u2018\u2019\u201A\u201B\u02BC\u02BB\u02B9\u2032\u0060\u00B4\uFF07\u05F3"
            + "\u201C\u201D\u201E\u201F\u00AB\u00BB\u2033\u300C\u300D\u05F4"
            + "\u3012\u2010\u2011\u2012\u2013\u2014\u2015\u2212\uFE58\uFE63\uFF0D";

    private final String text;
    private final BitSet covered = new BitSet();
    private Optional<String> problem = Optional.empty();

    private Accounted(String text) {
        this.text = text;
    }

    /** Returns what is wrong with a reading of a text; nothing where all is accounted for. */
    public static Optional<String> problem(String text, Reading<?> reading) {
        return new Accounted(text).look(reading);
    }

    private Optional<String> look(Reading<?> reading) {
        if (!reading.source().equals(text)) {
            return Optional.of("the reading has another source");
        }
        if (!(reading.confidence() >= 0 && reading.confidence() <= 1)) {
            return Optional.of("the confidence is " + reading.confidence());
        }
        BitSet repeated = new BitSet();
        for (Part<?> part : reading.parts()) {
            boolean finer = part.key() instanceof NamePart name
                    ? name.isFiner()
                    : part.key().isFiner();
            boolean lastOfSeveral = part.key() == NamePart.LAST && reading.kind() == Kind.SEVERAL;
            boolean shared = part.key() == NamePart.SECOND_LAST || part.key() == NamePart.TRUST || lastOfSeveral;
            for (Span span : part.spans()) {
                if (span.end() > text.length()) {
                    return Optional.of("a part goes on behind the end");
                }
                if (finer || shared) {
                    repeated.set(span.start(), span.end());
                } else {
                    cover(span);
                }
            }
        }
        reading.announcements().forEach(this::cover);
        covered.or(repeated);
        for (int i = 0; i < text.length() && problem.isEmpty(); i += Character.charCount(text.codePointAt(i))) {
            int c = text.codePointAt(i);
            if (counts(c) && !(covered.get(i) && covered.get(i + Character.charCount(c) - 1))) {
                problem = Optional.of(String.format("character %d (U+%04X) is lost", i, c));
            }
        }
        return problem;
    }

    private void cover(Span span) {
        int taken = covered.nextSetBit(span.start());
        if (taken >= 0 && taken < span.end()) {
            problem = Optional.of("the place " + taken + " is in two parts");
        }
        covered.set(span.start(), span.end());
    }

    /** Everything counts that is no white space, no control or format character and no sign that only separates. */
    private static boolean counts(int c) {
        int type = Character.getType(c);
        boolean blank = Character.isWhitespace(c) || Character.isSpaceChar(c);
        boolean invisible = type == Character.CONTROL || type == Character.FORMAT;
        return !blank && !invisible && SEPARATING.indexOf(narrow(c)) < 0;
    }

    /** Signs of full width, and those that Unicode holds for the same, are what their usual forms are. */
    private static int narrow(int written) {
        int c = written < 0x80
                ? written
                : Normalizer.normalize(Character.toString(written), Normalizer.Form.NFC)
                        .codePointAt(0);
        return c >= 0xFF01 && c <= 0xFF5E ? c - 0xFEE0 : c;
    }
}
