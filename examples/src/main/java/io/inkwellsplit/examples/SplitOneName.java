package io.inkwellsplit.examples;

import io.inkwellsplit.name.NameSplitter;
import io.inkwellsplit.reading.Alternative;
import io.inkwellsplit.reading.NamePart;
import io.inkwellsplit.reading.Part;
import io.inkwellsplit.reading.Reading;

/** Splits one name, and asks why it was read so. */
public final class SplitOneName {
    private SplitOneName() {}

    public static void main(String[] args) {
        Reading<NamePart> reading = NameSplitter.standard().split("van der Meulen, Dr. Odalys W. \"Dot\"");
        for (Part<NamePart> part : reading.parts()) {
            System.out.println(part.key().title() + ": " + part.text());
        }
        System.out.printf("Confidence: %.2f, doubts: %s%n", reading.confidence(), reading.doubts());
        System.out.println("Sorted under: " + reading.text(NamePart.LAST_CORE));

        Alternative<NamePart> best =
                NameSplitter.standard().alternatives("Marlow James").get(0);
        System.out.println("Marlow James is read as " + best.parts().get(0).text() + ", because:");
        best.reasons().forEach(reason -> System.out.printf("  %+.1f %s%n", reason.weight(), reason.sentence()));
    }
}
