package io.inkwellsplit.address;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;

import io.inkwellsplit.address.AddressStandard.Rule;
import io.inkwellsplit.reading.AddressPart;
import io.inkwellsplit.reading.Reading;
import java.util.Arrays;
import java.util.Locale;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class AddressStandardTest {
    @ParameterizedTest
    @CsvSource(delimiter = '|', quoteCharacter = '`', textBlock = """
            5 Elm St, Chicago, Illinois 60601        | state-code           | state    | IL
            5 Elm St, Chicago, ill. 60601            | state-code           | state    | IL
            5 Elm St, Chicago, IL 60601              | state-name           | state    | Illinois
            12 Smith St, Fitzroy VIC 3065            | state-name           | state    | Victoria
            5 North Elm Street, Chicago, IL 60601    | street-short         | street   | 5 N Elm St
            5 N Elm St., Chicago, IL 60601           | street-full          | street   | 5 North Elm Street
            9 North Street, Lowmarket, OH 44101      | street-short         | street   | 9 North St
            5 N ELM ST SE, CHICAGO, IL 60601         | street-full,case     | street   | 5 North Elm Street Southeast
            Musterstr. 7a, 50667 Köln                | street-full          | street   | Musterstraße 7a
            Musterstraße 7a, 50667 Köln              | street-short         | street   | Musterstr. 7a
            12 avenue Hugo, 75002 Paris              | street-short         | street   | 12 av. Hugo
            5 Elm St, Barre, VT 5641                 | postcode             | postcode | 05641
            5 Elm St, Boston, MA 021081234           | postcode             | postcode | 02108-1234
            10 High Street, Bath, ba11aa             | postcode             | postcode | BA1 1AA
            Keizersgracht 324, 1016ez Amsterdam      | postcode             | postcode | 1016 EZ
            Storgatan 5, 41138 Göteborg, Sverige     | postcode             | postcode | 411 38
            445 INDUSTRIAL LN, GRASS VALLEY, CA 95945 | case                | city     | Grass Valley
            445 INDUSTRIAL LN, GRASS VALLEY, ca 95945 | case                | state    | CA
            445 Industrial Ln, Grass Valley, CA 95945 |                     | street   | 445 Industrial Ln
            """)
    void writesPartsByRules(String text, String rules, String part, String expected) {
        AddressStandard standard = AddressStandard.asWritten();
        for (String key : rules == null ? new String[0] : rules.split(",")) {
            standard = standard.with(Arrays.stream(Rule.values())
                    .filter(rule -> rule.key().equals(key))
                    .findFirst()
                    .orElseThrow());
        }
        Reading<AddressPart> reading = AddressSplitter.standard().split(text);
        assertThat(standard.text(reading, AddressPart.valueOf(part.toUpperCase(Locale.ROOT))))
                .isEqualTo(expected);
    }

    @Test
    void refusesRulesThatContradictEachOther() {
        assertThatIllegalArgumentException()
                .isThrownBy(
                        () -> AddressStandard.asWritten().with(Rule.STATE_CODE).with(Rule.STATE_NAME))
                .withMessageContaining("state-name");
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', quoteCharacter = '`', textBlock = """
            5 Elm St, Barre, VT 5641                    | short-postcode | postcode=05641
            5 Elm St, Grass Valley, CO 05641            | postcode-state | state=VT
            5 Elm St, Denver, CO 80911                  | postcode-city  | city=Colorado Springs
            5 Elm St, Colorado Springs, CO 80911        |                |
            12 Smith St, Fitzroy NSW 3065               | postcode-state | state=VIC
            10 Elm Road, Toronto, ON V6Z 2M4            | postcode-state | state=BC
            Calle Mayor 5, 28013 Madrid, Sevilla        | postcode-state | state=Madrid
            Musterstraße 7, London SW1A 2AA, Germany    | postcode-form  |
            5 Elm St, Tokyo 1000001, Bolivia            | other-country  |
            """)
    void doubtsWhatContradicts(String text, String doubt, String suggestion) {
        Reading<AddressPart> reading = AddressSplitter.standard().doubtBelow(0).split(text);
        assertThat(reading.doubts().stream().map(one -> one.code()).collect(Collectors.joining(",")))
                .isEqualTo(doubt == null ? "" : doubt);
        assertThat(reading.suggestions().stream()
                        .map(one -> one.part().key() + "=" + one.value())
                        .collect(Collectors.joining(",")))
                .isEqualTo(suggestion == null ? "" : suggestion);
    }
}
