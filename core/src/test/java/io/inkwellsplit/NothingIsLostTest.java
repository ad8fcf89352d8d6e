package io.inkwellsplit;

import static org.assertj.core.api.Assertions.assertThat;

import io.inkwellsplit.address.AddressPart;
import io.inkwellsplit.address.AddressSplitter;
import io.inkwellsplit.name.NamePart;
import io.inkwellsplit.name.NameSplitter;
import io.inkwellsplit.reading.Part;
import io.inkwellsplit.reading.Reading;
import io.inkwellsplit.reading.Span;
import java.util.BitSet;
import java.util.List;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;

/** Whatever the text: no letter or digit of it is lost, none is in two parts, and the same text reads the same. */
class NothingIsLostTest {
    private static final List<String> PIECES = List.of(
            "Ines",
            "Brandt",
            "van",
            "der",
            "Meulen",
            "Dr.",
            "Mr.",
            "&",
            "and wife",
            "c/o",
            "Estate of",
            "Trust",
            "dtd",
            "Jr.",
            "III",
            "PhD",
            "M.D.",
            ",",
            ",",
            " ",
            " ",
            "(",
            ")",
            "\"",
            "'",
            "née",
            "Ltd",
            "et ux",
            "trustee of the",
            "†",
            "%",
            "佐",
            "藤",
            "김",
            "N/A",
            "-",
            ".",
            "12",
            "½",
            "JR",
            "O'",
            "'t",
            "St",
            "Main",
            "Apt",
            "#",
            "B",
            "PO Box",
            "CO",
            "05641",
            "SW1A 2AA",
            "Kent",
            "UK",
            "\n",
            "RR 2",
            "Flat 2/1",
            "\u00A0",
            "🎵");

    @Property(tries = 3000)
    void anyTextAsName(@ForAll String text) {
        check(text, NameSplitter.standard().split(text));
    }

    @Property(tries = 3000)
    void anyTextAsAddress(@ForAll String text) {
        check(text, AddressSplitter.standard().split(text));
    }

    @Property(tries = 6000)
    void likelyTextAsName(@ForAll("likely") String text) {
        check(text, NameSplitter.standard().split(text));
    }

    @Property(tries = 6000)
    void likelyTextAsAddress(@ForAll("likely") String text) {
        check(text, AddressSplitter.standard().split(text));
    }

    @Provide
    Arbitrary<String> likely() {
        return Arbitraries.of(PIECES)
                .list()
                .ofMaxSize(12)
                .map(pieces -> String.join(" ", pieces))
                .flatMap(text -> Arbitraries.of(text, text.replace(" ", "")));
    }

    private static void check(String text, Reading reading) {
        assertThat(reading.source()).isSameAs(text);
        assertThat(reading.confidence()).isBetween(0.0, 1.0);
        BitSet covered = new BitSet();
        BitSet repeated = new BitSet();
        for (Part part : reading.parts()) {
            boolean finer = part.key() instanceof NamePart name ? name.isFiner() : ((AddressPart) part.key()).isFiner();
            boolean shared = part.key() == NamePart.SECOND_LAST || part.key() == NamePart.TRUST;
            if (!finer && !shared) {
                part.spans().forEach(span -> cover(covered, span, text));
            } else {
                part.spans().forEach(span -> repeated.set(span.start(), span.end()));
            }
        }
        reading.announcements().forEach(span -> cover(covered, span, text));
        covered.or(repeated);
        for (int i = 0; i < text.length(); i++) {
            // Some apostrophes count as letters in Unicode; here they are quotes.
            boolean apostrophe = "\u02B9\u02BB\u02BC".indexOf(text.charAt(i)) >= 0;
            if (Character.isLetterOrDigit(text.charAt(i)) && !apostrophe) {
                assertThat(covered.get(i))
                        .as("character %d of \"%s\" in %s", i, text, reading)
                        .isTrue();
            }
        }
    }

    private static void cover(BitSet covered, Span span, String text) {
        assertThat(span.end()).isLessThanOrEqualTo(text.length());
        int taken = covered.nextSetBit(span.start());
        assertThat(taken < 0 || taken >= span.end())
                .as("\"%s\" has a place in two parts", text)
                .isTrue();
        covered.set(span.start(), span.end());
    }
}
