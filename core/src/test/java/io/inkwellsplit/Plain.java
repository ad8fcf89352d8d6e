package io.inkwellsplit;

import io.inkwellsplit.reading.NamePart;
import io.inkwellsplit.reading.Reading;

/** A reading as a line: its kind and its parts, but for the core, which the last name tells. */
public final class Plain {
    private Plain() {}

    public static String of(Reading<NamePart> reading) {
        StringBuilder text = new StringBuilder(reading.kind().key());
        reading.parts().stream()
                .filter(part -> part.key() != NamePart.LAST_CORE && part.key() != NamePart.SECOND_LAST_CORE)
                .forEach(part ->
                        text.append("; ").append(part.key().key()).append('=').append(part.text()));
        return text.toString();
    }
}
