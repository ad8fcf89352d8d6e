package io.inkwellsplit.name;

import static org.assertj.core.api.Assertions.assertThat;

import io.inkwellsplit.Plain;
import io.inkwellsplit.reading.Doubt;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** What people put into a cell of names, each read alone: one line a cell, with all that is read in it. */
class CellsTest {
    private static final NameSplitter SPLITTER = NameSplitter.standard();

    @ParameterizedTest
    @CsvSource(delimiter = '~', quoteCharacter = '`', textBlock = """
            Harbour Singers Local No 12                        ~ organisation; organisation=Harbour Singers Local No 12
            St. Brannock Parish #4                             ~ organisation; organisation=St. Brannock Parish #4
            No. 1 Harbour Cafe Ltd                             ~ organisation; organisation=No. 1 Harbour Cafe Ltd
            Harbour School No. 3                               ~ organisation; organisation=Harbour School No. 3
            Quayside Lodge No. 7                               ~ organisation; organisation=Quayside Lodge No. 7
            Ada Thorne, L.P.N.                                 ~ person; first=Ada; last=Thorne; credentials=L.P.N.
            Ada Thorne, B.S.N.                                 ~ person; first=Ada; last=Thorne; credentials=B.S.N.
            Ada Thorne, R.N., B.S.N.                           ~ person; first=Ada; last=Thorne; credentials=R.N., B.S.N.
            Ada Thorne 31/12/1999                              ~ person; first=Ada; last=Thorne; date=31/12/1999
            Ada Thorne 1/1/1900                                ~ person; first=Ada; last=Thorne; date=1/1/1900
            Ada Thorne 12-31-1999                              ~ person; first=Ada; last=Thorne; date=12-31-1999
            Ada Thorne 1999-12-31                              ~ person; first=Ada; last=Thorne; date=1999-12-31
            Ada Thorne 31.12.1999                              ~ person; first=Ada; last=Thorne; date=31.12.1999
            Ada Thorne 31.12.99                                ~ person; first=Ada; last=Thorne; date=31.12.99
            Ada Thorne May 1, 2001                             ~ person; first=Ada; last=Thorne; date=May 1, 2001
            Ada Thorne 1 May 2001                              ~ person; first=Ada; last=Thorne; date=1 May 2001
            Ada Thorne, May 2001                               ~ person; first=Ada; last=Thorne; date=May 2001
            Ada Thorne 1st May 2001                            ~ person; first=Ada; last=Thorne; date=1st May 2001
            Ada Thorne (May 1, 2001)                           ~ person; first=Ada; last=Thorne; date=May 1, 2001
            May 1, 2001 Ada Thorne                             ~ person; first=Ada; last=Thorne; date=May 1, 2001
            01/02/2001 Ada Thorne                              ~ person; first=Ada; last=Thorne; date=01/02/2001
            Ada Thorne 1888                                    ~ person; first=Ada; last=Thorne; unplaced=1888
            Ada Thorne (1888)                                  ~ person; first=Ada; last=Thorne; date=1888
            Ada Thorne 1789                                    ~ person; first=Ada; last=Thorne; unplaced=1789
            Ada Thorne b. 1950                                 ~ person; first=Ada; last=Thorne; date=1950
            Ada May Thorne                                     ~ person; first=Ada; middle=May; last=Thorne
            Ada del Carmen Ferrandez                           ~ person; first=Ada; middle=del Carmen; last=Ferrandez
            Tomas De Jesus Arriaga                             ~ person; first=Tomas; middle=De Jesus; last=Arriaga
            Ines de los Angeles Ferrandez                      ~ person; first=Ines; middle=de los Angeles; last=Ferrandez
            Ada de Jesus                                       ~ person; first=Ada; last=de Jesus; last_particle=de
            Tomas del Valle                                    ~ person; first=Tomas; last=del Valle; last_particle=del
            Yusuf Salah Eldin                                  ~ person; first=Yusuf; last=Salah Eldin
            Yusuf Salah El Din                                 ~ person; first=Yusuf; last=Salah El Din
            Yusuf Salah Eldin Haddad                           ~ person; first=Yusuf; middle=Salah Eldin; last=Haddad
            Tobias de Heer                                     ~ person; first=Tobias; last=de Heer; last_particle=de
            De heer Tobias Brandt                              ~ person; title=De heer; first=Tobias; last=Brandt
            Tobias van As                                      ~ person; first=Tobias; last=van As; last_particle=van
            Tobias Harbour AS                                  ~ organisation; organisation=Tobias Harbour AS
            May Thorne                                         ~ person; first=May; last=Thorne
            Ada Thorne, 555-0142                               ~ person; first=Ada; last=Thorne; phone=555-0142
            Ada Thorne 802-555-0142                            ~ person; first=Ada; last=Thorne; phone=802-555-0142
            Ada Thorne (802) 555-0142                          ~ person; first=Ada; last=Thorne; phone=(802) 555-0142
            Ada Thorne 802.555.0142                            ~ person; first=Ada; last=Thorne; phone=802.555.0142
            Ada Thorne +1 802 555 0142                         ~ person; first=Ada; last=Thorne; phone=+1 802 555 0142
            Ada Thorne +44 20 7946 0018                        ~ person; first=Ada; last=Thorne; phone=+44 20 7946 0018
            Ada Thorne 020 7946 0018                           ~ person; first=Ada; last=Thorne; phone=020 7946 0018
            Ada Thorne 802-555-0142 ext. 12                    ~ person; first=Ada; last=Thorne; phone=802-555-0142 ext. 12
            Ada Thorne tel. 802-555-0142                       ~ person; first=Ada; last=Thorne; phone=802-555-0142
            Ada Thorne Tel: 5550142                            ~ person; first=Ada; last=Thorne; phone=5550142
            802-555-0142 Ada Thorne                            ~ person; first=Ada; last=Thorne; phone=802-555-0142
            Ada Thorne 12                                      ~ person; first=Ada; last=Thorne; unplaced=12
            Ada Thorne 123456                                  ~ person; first=Ada; last=Thorne; unplaced=123456
            Ada Thorne (ID 4711)                               ~ person; first=Ada; last=Thorne; unplaced=ID 4711
            Ada Thorne ID 4711                                 ~ person; first=Ada; last=Thorne; unplaced=ID 4711
            Ada Thorne no. 7                                   ~ person; first=Ada; last=Thorne; unplaced=no. 7
            Ada Thorne #12                                     ~ person; first=Ada; last=Thorne; unplaced=#12
            12. Ada Thorne                                     ~ person; first=Ada; last=Thorne; list_number=12.
            12) Ada Thorne                                     ~ person; first=Ada; last=Thorne; list_number=12
            (12) Ada Thorne                                    ~ person; first=Ada; last=Thorne; list_number=12
            12 Ada Thorne                                      ~ person; first=Ada; last=Thorne; unplaced=12
            1234567 Ada Thorne                                 ~ person; first=Ada; last=Thorne; unplaced=1234567
            No. 12 Ada Thorne                                  ~ person; first=Ada; last=Thorne; list_number=No. 12
            Ada Thorne ada@quayside.example                    ~ person; first=Ada; last=Thorne; email=ada@quayside.example
            Ada Thorne <ada@quayside.example>                  ~ person; first=Ada; last=Thorne; email=ada@quayside.example
            ada@quayside.example                               ~ unclear; email=ada@quayside.example
            ada@quayside.example Ada Thorne                    ~ person; first=Ada; last=Thorne; email=ada@quayside.example
            Ada Thorne, ada.thorne+choir@mail.quayside.example ~ person; first=Ada; last=Thorne; email=ada.thorne+choir@mail.quayside.example
            Ada Thorne (she/her)                               ~ person; first=Ada; last=Thorne; pronouns=she/her
            Ada Thorne she/her                                 ~ person; first=Ada; last=Thorne; pronouns=she/her
            Ada Thorne (She / Her / Hers)                      ~ person; first=Ada; last=Thorne; pronouns=She / Her / Hers
            Ada Thorne they/them                               ~ person; first=Ada; last=Thorne; pronouns=they/them
            Ada Thorne (he/they)                               ~ person; first=Ada; last=Thorne; pronouns=he/they
            Ada Thorne (him)                                   ~ person; first=Ada; last=Thorne; pronouns=him
            Ada Thorne [she/her]                               ~ person; first=Ada; last=Thorne; pronouns=she/her
            Ada Thorne - she/her                               ~ person; first=Ada; last=Thorne; pronouns=she/her
            Ada Thorne, Neil Harrow, Tom Orme                  ~ several; first=Ada; last=Thorne; others=Tom Orme; second_first=Neil; second_last=Harrow
            Ada Thorne; Neil Harrow; Tom Orme                  ~ several; first=Ada; last=Thorne; others=Tom Orme; second_first=Neil; second_last=Harrow
            Ada Thorne / Neil Harrow / Tom Orme                ~ several; first=Ada; last=Thorne; others=Tom Orme; second_first=Neil; second_last=Harrow
            Ada, Neil and Tom Harrow                           ~ several; first=Ada; last=Harrow; others=Tom Harrow; second_first=Neil; second_last=Harrow
            Ada & Neil & Tom Harrow                            ~ several; first=Ada; last=Harrow; others=Tom Harrow; second_first=Neil; second_last=Harrow
            Ada Thorne, Neil Harrow & Tom Orme                 ~ several; first=Ada; last=Thorne; others=Tom Orme; second_first=Neil; second_last=Harrow
            Ada Thorne and Neil Harrow and Tom Orme            ~ several; first=Ada; last=Thorne; others=Tom Orme; second_first=Neil; second_last=Harrow
            Harrow, Ada; Orme, Tom; Thorne, Neil               ~ several; first=Ada; last=Harrow; others=Thorne, Neil; second_first=Tom; second_last=Orme
            Dr. Ada Thorne, Mr. Neil Harrow, Mrs. Ines Brandt  ~ several; title=Dr.; first=Ada; last=Thorne; others=Mrs. Ines Brandt; second_title=Mr.; second_first=Neil; second_last=Harrow
            Ada Thorne, Neil Harrow, Tom Orme, Ines Brandt     ~ several; first=Ada; last=Thorne; others=Tom Orme; Ines Brandt; second_first=Neil; second_last=Harrow
            Ada Thorne, Jr., M.D.                              ~ person; first=Ada; last=Thorne; suffix=Jr.; credentials=M.D.
            Ada Thorne, PhD, MBA                               ~ person; first=Ada; last=Thorne; credentials=PhD, MBA
            Harrow Ltd - Ada Thorne                            ~ person; first=Ada; last=Thorne; organisation=Harrow Ltd
            Ada Thorne - Harrow Ltd                            ~ person; first=Ada; last=Thorne; organisation=Harrow Ltd
            Ada Thorne, Harrow & Sons Ltd                      ~ person; first=Ada; last=Thorne; organisation=Harrow & Sons Ltd
            Ada Thorne (Harrow Cleaning Co)                    ~ person; first=Ada; last=Thorne; organisation=Harrow Cleaning Co
            Harrow Ltd, Ada Thorne                             ~ person; first=Ada; last=Thorne; organisation=Harrow Ltd
            Harrow Ltd: Ada Thorne                             ~ person; first=Ada; last=Thorne; organisation=Harrow Ltd
            Ada Thorne, Treasurer, Harrow Ltd                  ~ person; first=Ada; last=Thorne; role=Treasurer; organisation=Harrow Ltd
            Harrow Ltd attn Ada Thorne                         ~ organisation; attention=Ada Thorne; organisation=Harrow Ltd
            Thorne Family Trust                                ~ organisation; trust=Thorne Family Trust; organisation=Thorne Family Trust
            The Ada Thorne Trust                               ~ person; first=Ada; last=Thorne; trust=Trust
            Ada Thorne Trust dtd 5/1/2001                      ~ person; first=Ada; last=Thorne; trust=Trust dtd 5/1/2001
            Ada Thorne, Trustee of the Thorne Family Trust     ~ person; first=Ada; last=Thorne; trust=Thorne Family Trust; role=Trustee
            Ada Thorne TTEE                                    ~ person; first=Ada; last=Thorne; role=TTEE
            Trustee Ada Thorne                                 ~ person; first=Ada; last=Thorne; role=Trustee
            Ada & Neil Thorne Revocable Trust                  ~ couple; first=Ada; last=Thorne; trust=Revocable Trust; second_first=Neil; second_last=Thorne
            Ada Thorne Irrevocable Trust                       ~ person; first=Ada; last=Thorne; trust=Irrevocable Trust
            Trust, Ada                                         ~ person; first=Ada; last=Trust
            Thorne Trust Co                                    ~ organisation; organisation=Thorne Trust Co
            Estate of Ada Thorne                               ~ person; first=Ada; last=Thorne; estate=Estate of
            Ada Thorne Est.                                    ~ person; first=Ada; last=Thorne; estate=Est.
            Ada Thorne (deceased)                              ~ person; first=Ada; last=Thorne; deceased=deceased
            The late Ada Thorne                                ~ person; first=Ada; last=Thorne; deceased=The late
            Ada Thorne et al                                   ~ person; first=Ada; last=Thorne; others=et al
            Ada Thorne and others                              ~ person; first=Ada; last=Thorne; others=and others
            Ada Thorne & family                                ~ person; first=Ada; last=Thorne; others=& family
            Ada Thorne and wife                                ~ person; first=Ada; last=Thorne; spouse=and wife
            Ada Thorne and wife Ines                           ~ couple; first=Ada; last=Thorne; second_first=Ines; second_last=Thorne
            Ada Thorne care of Harrow Ltd                      ~ person; first=Ada; last=Thorne; care_of=Harrow Ltd
            Ada Thorne Jr                                      ~ person; first=Ada; last=Thorne; suffix=Jr
            Ada Thorne Jr.                                     ~ person; first=Ada; last=Thorne; suffix=Jr.
            Ada Thorne III                                     ~ person; first=Ada; last=Thorne; suffix=III
            Ada Thorne, III                                    ~ person; first=Ada; last=Thorne; suffix=III
            Ada Thorne 3rd                                     ~ person; first=Ada; last=Thorne; suffix=3rd
            Ada Thorne Sr, Esq                                 ~ person; first=Ada; last=Thorne; suffix=Sr; credentials=Esq
            Ada Thorne M.D.                                    ~ person; first=Ada; last=Thorne; credentials=M.D.
            Ada Thorne, M. D.                                  ~ person; first=Ada; last=Thorne; credentials=M. D.
            Ada Thorne BSc (Hons)                              ~ person; first=Ada; last=Thorne; credentials=BSc Hons
            Prof. Dr. Ada Thorne                               ~ person; title=Prof. Dr.; first=Ada; last=Thorne
            Rev. Dr. Ada Thorne                                ~ person; title=Rev. Dr.; first=Ada; last=Thorne
            Lt. Col. Ada Thorne (Ret.)                         ~ person; title=Lt. Col.; first=Ada; last=Thorne; credentials=Ret.
            Mr. & Mrs. Neil Harrow                             ~ couple; title=Mr.; first=Neil; last=Harrow; second_title=Mrs.; second_last=Harrow
            Dr. and Mrs. Harrow                                ~ couple; title=Dr.; last=Harrow; second_title=Mrs.; second_last=Harrow
            Sir Neil Harrow OBE                                ~ person; title=Sir; first=Neil; last=Harrow; credentials=OBE
            Ada (Dot) Thorne                                   ~ person; first=Ada; last=Thorne; nickname=Dot
            Ada 'Dot' Thorne                                   ~ person; first=Ada; last=Thorne; nickname=Dot
            Ada Thorne née Brandt                              ~ person; first=Ada; last=Thorne; birth_name=Brandt
            Ada Thorne (née Brandt)                            ~ person; first=Ada; last=Thorne; birth_name=Brandt
            Ada Thorne formerly Brandt                         ~ person; first=Ada; last=Thorne; birth_name=Brandt
            Ada Thorne-Brandt                                  ~ person; first=Ada; last=Thorne-Brandt
            Ada O'Brien                                        ~ person; first=Ada; last=O'Brien
            Ada D'Arcy                                         ~ person; first=Ada; last=D'Arcy
            Ada van der Meulen                                 ~ person; first=Ada; last=van der Meulen; last_particle=van der
            van der Meulen, Ada                                ~ person; first=Ada; last=van der Meulen; last_particle=van der
            Meulen, Ada van der                                ~ person; first=Ada; last=van der Meulen; last_particle=van der
            Ada St. Clair                                      ~ person; first=Ada; last=St. Clair
            St. Clair, Ada                                     ~ person; first=Ada; last=St. Clair
            Ada Mac Donald                                     ~ person; first=Ada; last=Mac Donald
            Ada McDonald                                       ~ person; first=Ada; last=McDonald
            Ada de la Cruz y Ortega                            ~ person; first=Ada; last=de la Cruz y Ortega; last_particle=de la
            """)
    void aCellIsReadWhole(String text, String parts) {
        assertThat(Plain.of(SPLITTER.split(text))).isEqualTo(parts);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "Ada, Neil, Tom, Ines Harrow",
                "HARROW ADA, HARROW NEIL, ORME TOM",
                "Ada Thorne 32/12/1999",
                "Ada Thorne ada@",
                "Ada Thorne phone 1234"
            })
    void whatNobodyCanTellIsUnclear(String text) {
        assertThat(SPLITTER.split(text).doubts()).contains(Doubt.UNCLEAR);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "Thorne, Ada",
                "Thorne, Jr., Ada",
                "Thorne, Ada, Jr., M.D.",
                "Harrow & Sons",
                "Harrow Ltd",
                "Harrow Cleaning",
                "Tidewater 21"
            })
    void whatIsPlainIsNot(String text) {
        assertThat(SPLITTER.split(text).doubts()).doesNotContain(Doubt.UNCLEAR);
    }
}
