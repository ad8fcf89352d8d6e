package io.inkwellsplit.training;

import io.inkwellsplit.address.AddressPart;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.function.UnaryOperator;

/** An address being written together with its labels. */
final class AddressDraft {
    private final StringBuilder text = new StringBuilder();
    private final Map<AddressPart, String> gold = new LinkedHashMap<>();
    private final UnaryOperator<String> casing;

    AddressDraft(UnaryOperator<String> casing) {
        this.casing = casing;
    }

    AddressDraft part(AddressPart part, String piece) {
        String written = casing.apply(piece);
        text.append(written);
        gold.put(part, written);
        return this;
    }

    AddressDraft plain(String piece) {
        text.append(casing.apply(piece));
        return this;
    }

    Labelled labelled(String format, UnaryOperator<String> noise) {
        Map<String, String> parts = new LinkedHashMap<>();
        for (AddressPart part : AddressPart.values()) {
            if (gold.containsKey(part)) {
                parts.put(part.key(), gold.getOrDefault(part, ""));
            }
        }
        return new Labelled(noise.apply(text.toString()), format, parts);
    }
}
