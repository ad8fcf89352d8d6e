package io.inkwellsplit.address.cut;

import io.inkwellsplit.address.place.AddressWords;
import io.inkwellsplit.address.place.Country;
import io.inkwellsplit.address.text.AddressText;
import java.util.function.Consumer;

/** Shows what a recogniser labels in an address, in the eyes of a country. */
final class Recognised {
    private Recognised() {}

    /** Returns labelled runs as {@code part=text}, with semicolons between. */
    static String in(String country, String address, Consumer<AddressText> recogniser) {
        AddressText text = new AddressText(AddressWords.shipped());
        text.read(address);
        Country eyes = AddressWords.shipped().countries().withCode(country).orElseThrow();
        text.use(eyes);
        if (eyes.dashPartsUnit) {
            text.cutAtDashes();
            text.use(eyes);
        }
        recogniser.accept(text);
        StringBuilder found = new StringBuilder();
        int end;
        for (int i = 0; i < text.count(); i = end) {
            byte label = text.label(i);
            end = i + 1;
            while (end < text.count() && text.label(end) == label) {
                end++;
            }
            String part =
                    label >= 0 ? AddressText.part(label).key() : label == AddressText.ANNOUNCEMENT ? "announces" : "";
            if (!part.isEmpty()) {
                found.append(found.isEmpty() ? "" : "; ")
                        .append(part)
                        .append('=')
                        .append(text.source(), text.tokens.start(i), text.tokens.end(end - 1));
            }
        }
        return found.toString();
    }
}
