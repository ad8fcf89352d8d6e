package io.inkwellsplit.table.part;

import io.inkwellsplit.address.AddressSplitter;
import io.inkwellsplit.name.NameSplitter;
import io.inkwellsplit.reading.AddressPart;
import io.inkwellsplit.reading.NamePart;
import io.inkwellsplit.reading.PartKey;
import io.inkwellsplit.reading.Reading;
import java.util.ArrayList;
import java.util.List;

/**
 * A part as it is told to people.
 *
 * @param key its key
 * @param title its English title
 * @param example what it holds in a sample that is read for it
 * @param meaning what it means, in a sentence; empty for those of a second person
 */
public record PartSample(String key, String title, String example, String meaning) {
    private static final List<String> NAMES = List.of(
            "Dr. Ada Mary \"Dot\" van der Meulen Jr., Ph.D.",
            "Mr. Neil B. Harrow, M.D. & Mrs. Ines C. Ortega Ruiz, R.N.",
            "Ada Thorne née Brandt c/o Tom Orme",
            "Estate of Ines Brandt, deceased, attn: Box office",
            "Ines Brandt, Trustee of the Marrow Family Trust",
            "1. Ada Thorne and wife <ada@quay.example> (she/her), tel. 01632 960001",
            "Ada Thorne et al",
            "Ada Thorne f/k/a Ada Brandt",
            "Neil Harrow and Tomas \"Tam\" van der Meulen Jr. (née Brandt)",
            "Ada Thorne b. 12/03/1951 (Harrow Ltd)",
            "Inés Ortega Ruiz",
            "Ada Thorne #12");

    private static final List<String> ADDRESSES = List.of(
            "Ada Thorne c/o Tom Orme, Gullwing House, 12 N Harbour Street SE, Apt 4, Barre, VT 05641, USA",
            "PO Box 41, Wexcombe, Dunmere, Kent CT5 1AB; mail only");

    /** {@return the parts of names} */
    public static List<PartSample> ofNames() {
        return of(
                NamePart.values(),
                NAMES.stream().map(NameSplitter.standard()::split).toList());
    }

    /** {@return the parts of addresses} */
    public static List<PartSample> ofAddresses() {
        return of(
                AddressPart.values(),
                ADDRESSES.stream().map(AddressSplitter.standard()::split).toList());
    }

    private static <P extends PartKey> List<PartSample> of(P[] parts, List<Reading<P>> samples) {
        List<PartSample> all = new ArrayList<>();
        for (P part : parts) {
            String example = samples.stream()
                    .map(sample -> sample.text(part))
                    .filter(text -> !text.isEmpty())
                    .findFirst()
                    .orElse("");
            all.add(new PartSample(part.key(), part.title(), example, PartTitles.meaning(part.key())));
        }
        return all;
    }
}
