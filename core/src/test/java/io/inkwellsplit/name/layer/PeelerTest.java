package io.inkwellsplit.name.layer;

import static org.assertj.core.api.Assertions.assertThat;

import io.inkwellsplit.name.NameLearning;
import io.inkwellsplit.name.NameSplitter;
import java.util.Map;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Layers in every place, nesting and spelling; the person inside must stay whole. */
class PeelerTest {
    @ParameterizedTest
    @CsvSource(delimiter = '|', quoteCharacter = '`', textBlock = """
            %s c/o Tobias Wren                 | care_of     | Tobias Wren
            %s C/O TOBIAS WREN                 | care_of     | TOBIAS WREN
            %s, care of Tobias Wren            | care_of     | Tobias Wren
            %s (care of Tobias Wren)           | care_of     | Tobias Wren
            %s in care of: Tobias Wren         | care_of     | Tobias Wren
            %s c/o Harlow & Sons Ltd           | care_of     | Harlow & Sons Ltd
            %s Attn: Box office                | attention   | Box office
            %s, ATTENTION Box office           | attention   | Box office
            %s, Atention: Box office           | attention   | Box office
            Estate of %s                       | estate      | Estate of
            ESTATE OF %s                       | estate      | ESTATE OF
            Etsate of %s                       | estate      | Etsate of
            Heirs of %s                        | estate      | Heirs of
            %s Estate                          | estate      | Estate
            %s, Est.                           | estate      | Est.
            %s (Estate)                        | estate      | Estate
            %s [Estate]                        | estate      | Estate
            %s (dec'd)                         | deceased    | dec'd
            %s - deceased                      | deceased    | deceased
            %s, DECEASED                       | deceased    | DECEASED
            %s Deceasde                        | deceased    | Deceasde
            %s Deseased                        | deceased    | Deseased
            %s †                               | deceased    | †
            The late %s                        | deceased    | The late
            %s and wife                        | spouse      | and wife
            %s & Wife                          | spouse      | & Wife
            %s et ux.                          | spouse      | et ux.
            %s and her husband                 | spouse      | and her husband
            %s et al.                          | others      | et al.
            %s, et al                          | others      | et al
            %s and others                      | others      | and others
            %s & family                        | others      | & family
            %s Trustee                         | role        | Trustee
            %s, TTEE                           | role        | TTEE
            %s, Trsutee                        | role        | Trsutee
            %s (Guardian)                      | role        | Guardian
            %s, Successor Trustee              | role        | Successor Trustee
            %s as Trustee                      | role        | as Trustee
            Executor for %s                    | role        | Executor
            Guardian of %s                     | role        | Guardian
            %s Living Trust                    | trust       | Living Trust
            %s Rev. Trust                      | trust       | Rev. Trust
            %s Irrevocable Trust dated 5/6/01  | trust       | Irrevocable Trust dated 5/6/01
            %s Trust u/a/d 5-6-2001            | trust       | Trust u/a/d 5-6-2001
            %s c/oTobias Wren                  | care_of     | Tobias Wren
            %s C/OTobias Wren                  | care_of     | Tobias Wren
            c/o Harlow & Sons Ltd - %s         | care_of     | Harlow & Sons Ltd
            Estate %s                          | estate      | Estate
            %s EST OF                          | estate      | EST OF
            %s LIFE ESTATE                     | role        | LIFE ESTATE
            %s POA for Ada Thorne              | role        | POA for Ada Thorne
            Nachlass %s                        | estate      | Nachlass
            %s, Attorney-in-Fact               | role        | Attorney-in-Fact
            %s, Agent                          | role        | Agent
            %s JTWROS                          | role        | JTWROS
            %s, Executor of the Estate of Ada Thorne | role  | Executor of the Estate of Ada Thorne
            %s Rev Liv Trust                   | trust       | Rev Liv Trust
            %s Trust UA 4-2-1999               | trust       | Trust UA 4-2-1999
            """)
    void peelsAroundAPerson(String pattern, String key, String expected) {
        for (String name : new String[] {"Ines Brandt", "Brandt, Ines", "BRANDT INES"}) {
            boolean comma = name.indexOf(',') >= 0;
            if (comma && pattern.strip().matches("%s,? ?(Living|Rev|Irrev|Trust ).*")) {
                continue;
            }
            Map<String, String> parts = NameLearning.plainParts(
                    NameSplitter.standard().split(pattern.strip().replace("%s", name)));
            assertThat(parts)
                    .as("%s in %s", name, pattern)
                    .hasSize(3)
                    .containsEntry(key, expected)
                    .hasEntrySatisfying("first", first -> assertThat(first).isEqualToIgnoringCase("Ines"))
                    .hasEntrySatisfying("last", last -> assertThat(last).isEqualToIgnoringCase("Brandt"));
        }
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', quoteCharacter = '`', textBlock = """
            Estate of %s (dec'd) c/o Tobias Wren   | 5
            Estate of %s, deceased                 | 4
            %s, Trustee (dec'd)                    | 4
            %s and wife c/o Tobias Wren            | 4
            Executor of the Estate of %s           | 4
            Estate of %s et al                     | 4
            %s (dec'd) et ux                       | 4
            """)
    void peelsNestedLayers(String pattern, int parts) {
        Map<String, String> read = NameLearning.plainParts(
                NameSplitter.standard().split(pattern.strip().replace("%s", "Ines Brandt")));
        assertThat(read)
                .as(pattern)
                .hasSize(parts)
                .containsEntry("first", "Ines")
                .containsEntry("last", "Brandt");
    }

    @ParameterizedTest
    @CsvSource({
        "Deacon",
        "Carey",
        "Estes",
        "Trusty",
        "Heir",
        "Guard",
        "Agent",
        "Dead",
        "Late",
        "Executive",
        "Lating",
        "Trust"
    })
    void eatsNoName(String family) {
        Map<String, String> read =
                NameLearning.plainParts(NameSplitter.standard().split(family + ", Mary Ann"));
        assertThat(read).isEqualTo(Map.of("first", "Mary", "middle", "Ann", "last", family));
    }
}
