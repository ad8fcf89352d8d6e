package io.inkwellsplit.table.split;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import io.inkwellsplit.table.TableException;
import io.inkwellsplit.table.TestTable;
import io.inkwellsplit.table.split.SplitStep.Checks;
import io.inkwellsplit.table.split.SplitStep.Learning;
import io.inkwellsplit.table.step.AssembleStep;
import java.util.Arrays;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** A row for each person, and what assembling makes of a split that wrote only its usual parts. */
class EachPersonTest {
    private static SplitStep.Builder names() {
        return SplitStep.builder().name("Name").checks(Checks.LEAVE_OUT).learning(Learning.NONE);
    }

    @Test
    void everyPersonGetsARowAndTheOtherCellsAreRepeated() {
        String table = """
                No|Name|Seats
                1|Ada, Neil and Tom Harrow|3
                2|Dr. Ines & Tobias Brandt c/o Harrow Ltd|2
                3|Harrow Ltd|9
                4||0
                5|Ada Thorne|1
                """;
        assertThat(TestTable.run(
                        table,
                        names().eachPerson()
                                .parts(List.of("title", "first", "last"))
                                .build()))
                .isEqualTo(String.join(
                        "/",
                        "No|Name|Person|Title|First name|Last name|Remarks|Seats",
                        "1|Ada, Neil and Tom Harrow|1||Ada|Harrow||3",
                        "1|Ada, Neil and Tom Harrow|2||Neil|Harrow||3",
                        "1|Ada, Neil and Tom Harrow|3||Tom|Harrow||3",
                        "2|Dr. Ines & Tobias Brandt c/o Harrow Ltd|1|Dr.|Ines|Brandt|Care of: Harrow Ltd|2",
                        "2|Dr. Ines & Tobias Brandt c/o Harrow Ltd|2||Tobias|Brandt|Care of: Harrow Ltd|2",
                        "3|Harrow Ltd|||||Kind: organisation; Organisation: Harrow Ltd|9",
                        "4|||||||0",
                        "5|Ada Thorne|1||Ada|Thorne||1"));
    }

    @Test
    void anAddressBesideThemIsRepeated() {
        String table = """
                Name|Address
                Ada & Neil Harrow|5 Elm St, Barre, VT 05641
                """;
        SplitStep step = names().eachPerson()
                .address("Address")
                .parts(List.of("first", "city"))
                .build();
        assertThat(TestTable.run(table, step))
                .isEqualTo("Name|Person|First name|Remarks|Address|City|Address Remarks"
                        + "/Ada & Neil Harrow|1|Ada|Last name: Harrow|5 Elm St, Barre, VT 05641|Barre|"
                        + "Street: 5 Elm St; State: VT; Postcode: 05641"
                        + "/Ada & Neil Harrow|2|Neil|Last name: Harrow|5 Elm St, Barre, VT 05641|Barre|"
                        + "Street: 5 Elm St; State: VT; Postcode: 05641");
    }

    @Test
    void needsOneColumnOfNames() {
        SplitStep.Builder two = names().name("Partner").eachPerson();
        assertThatThrownBy(two::build).isInstanceOf(TableException.class).hasMessageContaining("2 are to be split");
        SplitStep.Builder none = SplitStep.builder().address("Address").eachPerson();
        assertThatThrownBy(none::build).isInstanceOf(TableException.class).hasMessageContaining("0 are to be split");
    }

    /** The split wrote title, first, middle, last and suffix; all else is in its remarks. */
    @ParameterizedTest
    @CsvSource(delimiter = '|', quoteCharacter = '`', textBlock = """
            Ada Thorne                         | Dear Ada Thorne              | Ada Thorne
            Ada & Neil Harrow                  | Dear Ada and Neil            | Ada and Neil Harrow
            Mr. & Mrs. Neil Harrow             | Dear Mr. and Mrs. Harrow     | Mr. and Mrs. Neil Harrow
            Estate of Ada Thorne               | To the estate of Ada Thorne  | Estate of Ada Thorne
            Ada Thorne, deceased               | To the estate of Ada Thorne  | Estate of Ada Thorne
            Executor of the Estate of Ines Brandt | To the estate of Ines Brandt | Estate of Ines Brandt
            Ada Thorne (she/her)               | Dear Ada Thorne              | Ada Thorne
            Harrow Ltd                         | Dear Harrow Ltd              | Harrow Ltd
            Ada Thorne, Harrow Ltd             | Dear Ada Thorne              | Ada Thorne; Harrow Ltd
            Ada Thorne c/o Neil Harrow         | Dear Ada Thorne              | Ada Thorne; c/o Neil Harrow
            """)
    void remarksReachGreetingAndLabel(String name, String greeting, String addressee) {
        SplitStep split = names().address("Address").build();
        AssembleStep letters =
                AssembleStep.builder().ready("greeting").ready("label").build();
        String table = "Name|Address\n" + name + "|PO Box 12, Barre, VT 05641";
        String[] cells = TestTable.run(table, split, letters).split("/Barre|\\|");
        List<String> last = Arrays.asList(cells).subList(cells.length - 2, cells.length);
        assertThat(last.get(0)).isEqualTo(greeting);
        assertThat(last.get(1)).isEqualTo(addressee.replace("; ", "\n") + "\nPO Box 12\nBarre, VT 05641");
    }
}
