package io.inkwellsplit.address;

import static org.assertj.core.api.Assertions.assertThat;

import io.inkwellsplit.data.Resources;
import io.inkwellsplit.reading.AddressPart;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** The hand-written addresses of {@code hard-addresses.txt}. */
class HardAddressesTest {
    /** How many are known to be read wrongly still; fewer are welcome, more are not. */
    private static final int STILL_WRONG = 0;

    private static final Map<String, AddressPart> LETTERS = Map.ofEntries(
            Map.entry("s", AddressPart.STREET),
            Map.entry("u", AddressPart.UNIT),
            Map.entry("b", AddressPart.BUILDING),
            Map.entry("x", AddressPart.BOX),
            Map.entry("l", AddressPart.LOCALITY),
            Map.entry("c", AddressPart.CITY),
            Map.entry("k", AddressPart.COUNTY),
            Map.entry("t", AddressPart.STATE),
            Map.entry("p", AddressPart.POSTCODE),
            Map.entry("n", AddressPart.COUNTRY),
            Map.entry("r", AddressPart.RECIPIENT),
            Map.entry("o", AddressPart.CARE_OF));

    private static final Pattern MARKED = Pattern.compile("\\[(\\w) ([^]]*)]");
    private static final Pattern TOLD = Pattern.compile("^\\{(\\w\\w)} ");

    @Test
    void readsThemAsAPersonWould() {
        List<String> wrong = new ArrayList<>();
        int all = 0;
        for (Resources.Line line : Resources.lines(HardAddressesTest.class, "hard-addresses.txt")) {
            all++;
            Matcher told = TOLD.matcher(line.text());
            AddressSplitter splitter =
                    told.find() ? AddressSplitter.standard().country(told.group(1)) : AddressSplitter.standard();
            String marked = told.replaceFirst("").replace("\\n", "\n");
            Map<String, String> parts = new LinkedHashMap<>();
            MARKED.matcher(marked)
                    .results()
                    .forEach(one -> parts.merge(
                            LETTERS.getOrDefault(one.group(1), AddressPart.UNPLACED)
                                    .key(),
                            one.group(2).replaceAll(" +", " "),
                            (a, b) -> a + " " + b));
            String text = MARKED.matcher(marked).replaceAll("$2");
            Map<String, String> read = AddressLearning.plainParts(splitter.split(text));
            if (!read.equals(parts)) {
                wrong.add(line.number() + ": " + text + "\n    wanted " + parts + "\n    read   " + read);
            }
        }
        assertThat(all).isGreaterThanOrEqualTo(300);
        assertThat(wrong).as(String.join("\n", wrong)).hasSizeLessThanOrEqualTo(STILL_WRONG);
    }
}
