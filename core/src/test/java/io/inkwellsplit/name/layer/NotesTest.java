package io.inkwellsplit.name.layer;

import static org.assertj.core.api.Assertions.assertThat;

import io.inkwellsplit.Accounted;
import io.inkwellsplit.Plain;
import io.inkwellsplit.name.NameSplitter;
import io.inkwellsplit.reading.NamePart;
import io.inkwellsplit.reading.Reading;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** What people note beside a name; the person must stay whole. */
class NotesTest {
    private static final NameSplitter SPLITTER = NameSplitter.standard();

    @ParameterizedTest
    @CsvSource(delimiter = '|', quoteCharacter = '`', textBlock = """
            %s <ada@quay.example>               | email       | ada@quay.example
            %s ada.thorne+choir@quay-hall.example | email     | ada.thorne+choir@quay-hall.example
            %s, e-mail: a_t@quay.example        | email       | a_t@quay.example
            %s (mailto:ada@quay.example)        | email       | ada@quay.example
            ada@quay.example %s                 | email       | ada@quay.example
            %s, tel. 01632 960 001              | phone       | 01632 960 001
            %s Tel: 01632/960001                | phone       | 01632/960001
            %s +44 (0)1632 960-001              | phone       | +44 (0)1632 960-001
            %s (01632) 960001                   | phone       | (01632) 960001
            %s (mobile 01632 960001)            | phone       | 01632 960001
            %s, home: 960001                    | phone       | 960001
            %s 1-632-960-0011 ext. 12           | phone       | 1-632-960-0011 ext. 12
            %s Tel.960001                       | phone       | 960001
            %s b. 12/03/1951                    | date        | 12/03/1951
            %s, born 12 March 1951              | date        | 12 March 1951
            %s geb. 12.03.1951                  | date        | 12.03.1951
            %s *1951                            | date        | 1951
            %s (1951-2019)                      | date        | 1951-2019
            %s (1951–2019)                      | date        | 1951–2019
            %s (1951)                           | date        | 1951
            %s, DOB: 1951-03-12                 | date        | 1951-03-12
            %s May 1, 2001                      | date        | May 1, 2001
            %s, member since 2004               | date        | 2004
            %s 1/2/51                           | date        | 1/2/51
            %s (she/her)                        | pronouns    | she/her
            %s, they / them                     | pronouns    | they / them
            %s (she)                            | pronouns    | she
            %s (er/ihm)                         | pronouns    | er/ihm
            %s he/him/his                       | pronouns    | he/him/his
            1. %s                               | list_number | 1.
            12) %s                              | list_number | 12
            (3) %s                              | list_number | 3
            #14: %s                             | list_number | #14
            • %s                                | list_number | •
            - %s                                | list_number | -
            %s f/k/a Ines Lindqvist             | former_name | Ines Lindqvist
            %s, formerly known as Ines Lindqvist | former_name | Ines Lindqvist
            %s (a/k/a Ines Lindqvist)           | former_name | Ines Lindqvist
            %s aka Ines Lindqvist               | former_name | Ines Lindqvist
            %s d/b/a Harrow Cleaning            | organisation | Harrow Cleaning
            %s (Harrow Ltd)                     | organisation | Harrow Ltd
            %s 632-960-0011                     | phone       | 632-960-0011
            %s 960-0011                         | phone       | 960-0011
            %s (ID 4711)                        | unplaced    | ID 4711
            %s 123-45-6789                      | unplaced    | 123-45-6789
            """)
    void standsBesideAPerson(String pattern, String key, String expected) {
        String text = pattern.replace("%s", "Ada Thorne");
        Reading<NamePart> reading = SPLITTER.split(text);
        assertThat(Plain.of(reading)).isEqualTo("person; first=Ada; last=Thorne; " + key + "=" + expected);
        assertThat(Accounted.problem(text, reading)).isEmpty();
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', quoteCharacter = '`', textBlock = """
            Ada Thorne (Deceased 2019)          | deceased=Deceased; date=2019
            Ada Thorne, died 3 May 2019         | deceased=died; date=3 May 2019
            Ada Thorne † 2019                   | deceased=†; date=2019
            Ada Thorne *1951 †2019              | deceased=†; date=1951 2019
            Ada Thorne, ada@quay.example, 01632 960001 | email=ada@quay.example; phone=01632 960001
            1. Ada Thorne (she/her) tel 01632 960001 | phone=01632 960001; pronouns=she/her; list_number=1.
            Ada Thorne Living Trust dtd May 1, 2001 | trust=Living Trust dtd May 1, 2001
            Ada Thorne Trust UA 4-2-1999        | trust=Trust UA 4-2-1999
            Ada Thorne, Trustee of the Marrow Family Trust dated 12/1/2004 | trust=Marrow Family Trust dated 12/1/2004; role=Trustee
            """)
    void severalStandBesideEachOther(String text, String parts) {
        Reading<NamePart> reading = SPLITTER.split(text);
        assertThat(Plain.of(reading)).isEqualTo("person; first=Ada; last=Thorne; " + parts);
        assertThat(Accounted.problem(text, reading)).isEmpty();
    }

    /** Numbers and words that are none of these. */
    @ParameterizedTest
    @ValueSource(
            strings = {
                "Studio 54 Ltd",
                "Quay Hall 1951 Society",
                "3 Marrows Bakery",
                "24/7 Cleaning Ltd",
                "Harrow Holdings No. 12",
                "Ada Thorne & Co",
                "May Brandt",
                "April May June",
                "He Wei",
                "Elle Brandt",
                "Jan Mai"
            })
    void whatIsNoNoteStays(String text) {
        Reading<NamePart> reading = SPLITTER.split(text);
        assertThat(reading.parts().stream().map(part -> part.key().key()))
                .doesNotContain("phone", "date", "email", "pronouns", "list_number");
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', quoteCharacter = '`', textBlock = """
            Harrow Ltd, tel. 01632 960001       | organisation; phone=01632 960001; organisation=Harrow Ltd
            Harrow Ltd f/k/a Marrow Ltd         | organisation; former_name=Marrow Ltd; organisation=Harrow Ltd
            Harrow Ltd <office@harrow.example>  | organisation; email=office@harrow.example; organisation=Harrow Ltd
            """)
    void standsBesideAnOrganisation(String text, String expected) {
        assertThat(Plain.of(SPLITTER.split(text))).isEqualTo(expected);
    }
}
