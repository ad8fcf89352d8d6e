package io.inkwellsplit;

import io.inkwellsplit.address.AddressEvidence;
import io.inkwellsplit.address.AddressSplitter;
import io.inkwellsplit.assemble.AddressLabel;
import io.inkwellsplit.assemble.PersonName;
import io.inkwellsplit.assemble.ReadyPattern;
import io.inkwellsplit.name.NameEvidence;
import io.inkwellsplit.name.NameSplitter;
import io.inkwellsplit.tidy.TidyCase;

/** What is done with a value in {@link LinearTimeTest}; loaded so that its steps, and those of what it calls, are counted. */
public final class CountedWork {
    private CountedWork() {}

    public static void splitName(String text) {
        NameSplitter.standard().split(text).parts();
    }

    public static void nameAlternatives(String text) {
        NameSplitter.standard().alternatives(text);
    }

    public static void gatherName(String text) {
        NameSplitter.standard().gather(text, new NameEvidence());
    }

    public static void splitAddress(String text) {
        AddressSplitter.standard().split(text).parts();
    }

    public static void addressAlternatives(String text) {
        AddressSplitter.standard().alternatives(text);
    }

    public static void gatherAddress(String text) {
        AddressSplitter.standard().gather(text, new AddressEvidence());
    }

    public static void tidy(String text) {
        TidyCase.names().apply(text);
        TidyCase.addresses().apply(text);
    }

    public static void label(String text) {
        AddressLabel.from("US").lines(AddressSplitter.standard().split(text));
    }

    public static void fullName(String text) {
        ReadyPattern.named("index-core")
                .format(PersonName.of(NameSplitter.standard().split(text)));
    }
}
