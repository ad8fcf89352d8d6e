package io.inkwellsplit.name;

import static org.assertj.core.api.Assertions.assertThat;

import io.inkwellsplit.Accounted;
import io.inkwellsplit.Plain;
import io.inkwellsplit.reading.NamePart;
import io.inkwellsplit.reading.Reading;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** People as they are typed, each read alone: orders, titles, couples, estates, remarks; one line a cell. */
class PeopleCellsTest {
    private static final NameSplitter SPLITTER = NameSplitter.standard();

    @ParameterizedTest
    @CsvSource(delimiter = '~', quoteCharacter = '`', textBlock = """
            Ada Thorne, Executor of the Estate of Ines Brandt ~ person; first=Ada; last=Thorne; role=Executor of the Estate of Ines Brandt
            Estate of Ines Brandt c/o Ada Thorne, Executor ~ person; first=Ines; last=Brandt; care_of=Ada Thorne; estate=Estate of; role=Executor
            Estate of the late Ines Brandt ~ person; first=Ines; last=Brandt; estate=Estate of the late
            The Estate of Ines Brandt, Deceased ~ person; first=Ines; last=Brandt; estate=The Estate of; deceased=Deceased
            Ines Brandt Estate c/o Neil Harrow ~ person; first=Ines; last=Brandt; care_of=Neil Harrow; estate=Estate
            Estate of Brandt, Ines ~ person; first=Ines; last=Brandt; estate=Estate of
            ESTATE OF BRANDT INES ~ person; first=INES; last=BRANDT; estate=ESTATE OF
            Est. of Ines Brandt ~ person; first=Ines; last=Brandt; estate=Est. of
            Est of Ines M. Brandt ~ person; first=Ines; middle=M.; last=Brandt; estate=Est of
            Personal Representative of Ines Brandt ~ person; first=Ines; last=Brandt; role=Personal Representative
            Ada Thorne, POA ~ person; first=Ada; last=Thorne; role=POA
            Ada Thorne POA for Ines Brandt ~ person; first=Ada; last=Thorne; role=POA for Ines Brandt
            Ada Thorne, Guardian of Tom Orme ~ person; first=Ada; last=Thorne; role=Guardian of Tom Orme
            Ada Thorne Custodian for Tom Orme ~ person; first=Ada; last=Thorne; role=Custodian for Tom Orme
            Ada Thorne, Conservator ~ person; first=Ada; last=Thorne; role=Conservator
            Ada Thorne, Secretary ~ person; first=Ada; last=Thorne; role=Secretary
            Ada Thorne (Treasurer) ~ person; first=Ada; last=Thorne; role=Treasurer
            Chair: Ada Thorne ~ person; first=Ada; last=Thorne; role=Chair
            Ada Thorne - Director ~ person; first=Ada; last=Thorne; role=Director
            Ada Thorne and Neil Harrow, Trustees ~ couple; first=Ada; last=Thorne; role=Trustees; second_first=Neil; second_last=Harrow
            Ada Thorne & Neil Harrow, Co-Trustees of the Thorne Family Trust ~ couple; first=Ada; last=Thorne; trust=Thorne Family Trust; role=Co-Trustees; second_first=Neil; second_last=Harrow
            The Thorne Family Revocable Living Trust ~ organisation; trust=The Thorne Family Revocable Living Trust; organisation=The Thorne Family Revocable Living Trust
            Thorne Family Trust dated May 1, 2001 ~ organisation; trust=Thorne Family Trust dated May 1, 2001; organisation=Thorne Family Trust dated May 1, 2001
            Ada Thorne Trust ~ person; first=Ada; last=Thorne; trust=Trust
            Ada M. Thorne Revocable Trust u/a/d 5/1/2001 ~ person; first=Ada; middle=M.; last=Thorne; trust=Revocable Trust u/a/d 5/1/2001
            Ada Thorne Tr ~ person; first=Ada; last=Thorne; role=Tr
            Ada Thorne, TTEE of the Thorne Family Trust ~ person; first=Ada; last=Thorne; trust=Thorne Family Trust; role=TTEE
            Ada & Neil Thorne, TTEES ~ couple; first=Ada; last=Thorne; role=TTEES; second_first=Neil; second_last=Thorne
            Ada Thorne JTWROS ~ person; first=Ada; last=Thorne; role=JTWROS
            Ada Thorne & Neil Harrow JTWROS ~ couple; first=Ada; last=Thorne; role=JTWROS; second_first=Neil; second_last=Harrow
            Ada Thorne and Neil Harrow, Joint Tenants ~ couple; first=Ada; last=Thorne; role=Joint Tenants; second_first=Neil; second_last=Harrow
            Ada Thorne, life tenant ~ person; first=Ada; last=Thorne; role=life tenant
            Ada Thorne et ux ~ person; first=Ada; last=Thorne; spouse=et ux
            Ada Thorne et vir ~ person; first=Ada; last=Thorne; spouse=et vir
            Ada Thorne et ux Neil ~ couple; first=Ada; last=Thorne; second_first=Neil; second_last=Thorne
            Ada Thorne and spouse ~ person; first=Ada; last=Thorne; spouse=and spouse
            Ada Thorne and husband Neil Harrow ~ couple; first=Ada; last=Thorne; second_first=Neil; second_last=Harrow
            Ada Thorne and her husband Neil ~ couple; first=Ada; last=Thorne; second_first=Neil; second_last=Thorne
            Ada Thorne and his wife, Ines Harrow ~ couple; first=Ada; last=Thorne; second_first=Ines; second_last=Harrow
            HARROW NEIL & ADA ~ couple; first=NEIL; last=HARROW; second_first=ADA; second_last=HARROW
            HARROW NEIL B & ADA C ~ couple; first=NEIL; middle=B; last=HARROW; second_first=ADA; second_middle=C; second_last=HARROW
            HARROW, NEIL B. & ADA C. ~ couple; first=NEIL; middle=B.; last=HARROW; second_first=ADA; second_middle=C.; second_last=HARROW
            Harrow, Neil and Ada ~ couple; first=Neil; last=Harrow; second_first=Ada; second_last=Harrow
            Harrow, Neil & Thorne, Ada ~ couple; first=Neil; last=Harrow; second_first=Ada; second_last=Thorne
            Neil & Ada Harrow ~ couple; first=Neil; last=Harrow; second_first=Ada; second_last=Harrow
            Neil B. & Ada C. Harrow ~ couple; first=Neil; middle=B.; last=Harrow; second_first=Ada; second_middle=C.; second_last=Harrow
            Neil Harrow & Ada Thorne ~ couple; first=Neil; last=Harrow; second_first=Ada; second_last=Thorne
            Mr. and Mrs. Harrow ~ couple; title=Mr.; last=Harrow; second_title=Mrs.; second_last=Harrow
            Mr and Mrs Neil Harrow ~ couple; title=Mr; first=Neil; last=Harrow; second_title=Mrs; second_last=Harrow
            Mr & Mrs N. Harrow ~ couple; title=Mr; first=N.; last=Harrow; second_title=Mrs; second_last=Harrow
            Mr. Neil and Mrs. Ada Harrow ~ couple; title=Mr.; first=Neil; last=Harrow; second_title=Mrs.; second_first=Ada; second_last=Harrow
            Dr. Neil & Ada Harrow ~ couple; title=Dr.; first=Neil; last=Harrow; second_first=Ada; second_last=Harrow
            Dr. & Mr. Harrow ~ couple; title=Dr.; last=Harrow; second_title=Mr.; second_last=Harrow
            Drs. Neil and Ada Harrow ~ couple; title=Drs.; first=Neil; last=Harrow; second_first=Ada; second_last=Harrow
            Mr & Mrs Neil and Ada Harrow ~ couple; title=Mr; first=Neil; last=Harrow; second_title=Mrs; second_first=Ada; second_last=Harrow
            Rev. & Mrs. Neil B. Harrow, Jr. ~ couple; title=Rev.; first=Neil; middle=B.; last=Harrow; suffix=Jr.; second_title=Mrs.; second_last=Harrow
            Neil Harrow, M.D. & Ada Thorne, Ph.D. ~ couple; first=Neil; last=Harrow; credentials=M.D.; second_first=Ada; second_last=Thorne; second_credentials=Ph.D.
            Neil Harrow Jr. and Ada Thorne ~ couple; first=Neil; last=Harrow; suffix=Jr.; second_first=Ada; second_last=Thorne
            The Harrow Family ~ organisation; organisation=The Harrow Family
            Harrow Family ~ organisation; organisation=Harrow Family
            Mrs. N. Harrow ~ person; title=Mrs.; first=N.; last=Harrow
            Miss Ada ~ person; title=Miss; first=Ada
            Dr. Thorne ~ person; title=Dr.; last=Thorne
            Sir Neil ~ person; title=Sir; first=Neil
            Ada ~ person; first=Ada
            Thorne ~ person; first=Thorne
            A. Thorne ~ person; first=A.; last=Thorne
            A Thorne ~ person; first=A; last=Thorne
            A. M. Thorne ~ person; first=A.; middle=M.; last=Thorne
            A.M. Thorne ~ person; first=A.; middle=M.; last=Thorne
            Thorne, A. ~ person; first=A.; last=Thorne
            Thorne A. ~ person; first=A.; last=Thorne
            Thorne, A. M. ~ person; first=A.; middle=M.; last=Thorne
            Thorne, A.M. ~ person; first=A.; middle=M.; last=Thorne
            A. Mary Thorne ~ person; first=A.; middle=Mary; last=Thorne
            Ada M Thorne ~ person; first=Ada; middle=M; last=Thorne
            Ada M. Thorne ~ person; first=Ada; middle=M.; last=Thorne
            Ada M.B. Thorne ~ person; first=Ada; middle=M.B.; last=Thorne
            Ada Mary Beth Thorne ~ person; first=Ada; middle=Mary Beth; last=Thorne
            Thorne, Ada M. ~ person; first=Ada; middle=M.; last=Thorne
            Thorne, Ada Mary ~ person; first=Ada; middle=Mary; last=Thorne
            Thorne, Dr. Ada ~ person; title=Dr.; first=Ada; last=Thorne
            Thorne, Ada, Dr. ~ person; title=Dr.; first=Ada; last=Thorne
            Thorne, Ada (Dr.) ~ person; title=Dr.; first=Ada; last=Thorne
            Thorne, Mrs. Ada M., Ph.D. ~ person; title=Mrs.; first=Ada; middle=M.; last=Thorne; credentials=Ph.D.
            Thorne Jr, Neil ~ person; first=Neil; last=Thorne; suffix=Jr
            Thorne, Neil Jr. ~ person; first=Neil; last=Thorne; suffix=Jr.
            Thorne, Neil, Jr. ~ person; first=Neil; last=Thorne; suffix=Jr.
            Thorne, Jr., Neil B. ~ person; first=Neil; middle=B.; last=Thorne; suffix=Jr.
            Thorne II, Neil ~ person; first=Neil; last=Thorne; suffix=II
            Neil Thorne II ~ person; first=Neil; last=Thorne; suffix=II
            Neil Thorne, 2nd ~ person; first=Neil; last=Thorne; suffix=2nd
            Neil Thorne IV ~ person; first=Neil; last=Thorne; suffix=IV
            Neil B. Thorne, Sr., Esq. ~ person; first=Neil; middle=B.; last=Thorne; suffix=Sr.; credentials=Esq.
            Neil Thorne Esq ~ person; first=Neil; last=Thorne; credentials=Esq
            Neil Thorne, CPA ~ person; first=Neil; last=Thorne; credentials=CPA
            Neil Thorne C.P.A. ~ person; first=Neil; last=Thorne; credentials=C.P.A.
            Neil Thorne MD PhD ~ person; first=Neil; last=Thorne; credentials=MD PhD
            Neil Thorne, MD, PhD, FACS ~ person; first=Neil; last=Thorne; credentials=MD, PhD, FACS
            Neil Thorne (MD) ~ person; first=Neil; last=Thorne; credentials=MD
            Neil Thorne RN ~ person; first=Neil; last=Thorne; credentials=RN
            Neil Thorne, Q.C. ~ person; first=Neil; last=Thorne; credentials=Q.C.
            Neil Thorne OBE FRSA ~ person; first=Neil; last=Thorne; credentials=OBE FRSA
            Hon. Neil Thorne ~ person; title=Hon.; first=Neil; last=Thorne
            The Hon. Neil Thorne ~ person; title=The Hon.; first=Neil; last=Thorne
            The Honorable Neil B. Thorne ~ person; title=The Honorable; first=Neil; middle=B.; last=Thorne
            Rt Hon Neil Thorne MP ~ person; title=Rt Hon; first=Neil; last=Thorne; credentials=MP
            Rt. Rev. Neil Thorne ~ person; title=Rt. Rev.; first=Neil; last=Thorne
            Fr. Neil Thorne ~ person; title=Fr.; first=Neil; last=Thorne
            Fr Neil Thorne SJ ~ person; title=Fr; first=Neil; last=Thorne; credentials=SJ
            Sr. Ada Thorne ~ person; title=Sr.; first=Ada; last=Thorne
            Sister Ada Thorne ~ person; title=Sister; first=Ada; last=Thorne
            Capt. Neil Thorne ~ person; title=Capt.; first=Neil; last=Thorne
            Capt Neil Thorne USN ~ person; title=Capt; first=Neil; last=Thorne; credentials=USN
            Col. Neil Thorne (Ret.) ~ person; title=Col.; first=Neil; last=Thorne; credentials=Ret.
            Herr Dr. Neil Thorne ~ person; title=Herr Dr.; first=Neil; last=Thorne
            Frau Prof. Dr. Ada Thorne ~ person; title=Frau Prof. Dr.; first=Ada; last=Thorne
            Mme Ada Thorne ~ person; title=Mme; first=Ada; last=Thorne
            Sra. Ada Ortega Ruiz ~ person; title=Sra.; first=Ada; last=Ortega Ruiz; last_second=Ruiz
            Sr. Tomás Ortega Ruiz ~ person; title=Sr.; first=Tomás; last=Ortega Ruiz; last_second=Ruiz
            Don Tomás Ortega Ruiz ~ person; title=Don; first=Tomás; last=Ortega Ruiz; last_second=Ruiz
            Dña. Inés Ruiz de la Torre ~ person; title=Dña.; first=Inés; last=Ruiz de la Torre
            Dott. Neil Bianchi ~ person; title=Dott.; first=Neil; last=Bianchi
            Ing. Neil Thorne ~ person; title=Ing.; first=Neil; last=Thorne
            Dipl.-Ing. Neil Thorne ~ person; title=Dipl.-Ing.; first=Neil; last=Thorne
            mag. Neil Thorne ~ person; title=mag.; first=Neil; last=Thorne
            Ada "Dot" Thorne ~ person; first=Ada; last=Thorne; nickname=Dot
            Ada “Dot” Thorne ~ person; first=Ada; last=Thorne; nickname=Dot
            Ada (Dot) M. Thorne ~ person; first=Ada; middle=M.; last=Thorne; nickname=Dot
            Ada M. (Dot) Thorne ~ person; first=Ada; middle=M.; last=Thorne; nickname=Dot
            Ada Thorne (Dot) ~ person; first=Ada; last=Thorne; nickname=Dot
            Ada Thorne "Dot" ~ person; first=Ada; last=Thorne; nickname=Dot
            Thorne, Ada (Dot) ~ person; first=Ada; last=Thorne; nickname=Dot
            Thorne, Ada "Dot" M. ~ person; first=Ada; middle=M.; last=Thorne; nickname=Dot
            Ada 'Dot' M Thorne ~ person; first=Ada; middle=M; last=Thorne; nickname=Dot
            Ada Thorne a/k/a Dot Thorne ~ person; first=Ada; last=Thorne; former_name=Dot Thorne
            Ada Thorne aka Ada Brandt ~ person; first=Ada; last=Thorne; former_name=Ada Brandt
            Ada Thorne f/k/a Ada Brandt ~ person; first=Ada; last=Thorne; former_name=Ada Brandt
            Ada Thorne fka Brandt ~ person; first=Ada; last=Thorne; former_name=Brandt
            Ada Thorne nee Brandt ~ person; first=Ada; last=Thorne; birth_name=Brandt
            Ada Thorne geb. Brandt ~ person; first=Ada; last=Thorne; birth_name=Brandt
            Ada Thorne formerly known as Ada Brandt ~ person; first=Ada; last=Thorne; former_name=Ada Brandt
            Ada Brandt Thorne ~ person; first=Ada; middle=Brandt; last=Thorne
            Ada Brandt-Thorne ~ person; first=Ada; last=Brandt-Thorne
            Ada-Mary Thorne ~ person; first=Ada-Mary; last=Thorne
            Ada Mary-Beth Thorne ~ person; first=Ada; middle=Mary-Beth; last=Thorne
            Jean-Luc Thorne ~ person; first=Jean-Luc; last=Thorne
            J.-L. Thorne ~ person; first=J.-L.; last=Thorne
            J-L Thorne ~ person; first=J-L; last=Thorne
            Thorne, J.-L. ~ person; first=J.-L.; last=Thorne
            O'Brien, Ada ~ person; first=Ada; last=O'Brien
            Ada O Brien ~ person; first=Ada; last=O Brien
            Ada O’Brien ~ person; first=Ada; last=O’Brien
            Ada d'Arcy ~ person; first=Ada; last=d'Arcy
            Ada De Luca ~ person; first=Ada; last=De Luca; last_particle=De
            Ada de Luca ~ person; first=Ada; last=de Luca; last_particle=de
            Ada Della Torre ~ person; first=Ada; last=Della Torre; last_particle=Della
            Ada von Thorne ~ person; first=Ada; last=von Thorne; last_particle=von
            von Thorne, Ada ~ person; first=Ada; last=von Thorne; last_particle=von
            Thorne, Ada von ~ person; first=Ada; last=von Thorne; last_particle=von
            Ada van den Berg ~ person; first=Ada; last=van den Berg; last_particle=van den
            van den Berg, A. ~ person; first=A.; last=van den Berg; last_particle=van den
            Ada ter Horst ~ person; first=Ada; last=ter Horst; last_particle=ter
            Ada al-Hashimi ~ person; first=Ada; last=al-Hashimi
            Al-Hashimi, Ada ~ person; first=Ada; last=Al-Hashimi
            Yusuf ibn Hashim ~ person; first=Yusuf; last=ibn Hashim; last_particle=ibn
            Ada bin Hashim ~ person; first=Ada; last=bin Hashim; last_particle=bin
            Ada St John ~ person; first=Ada; last=St John
            Ada Saint-Clair ~ person; first=Ada; last=Saint-Clair
            Ada Fitz Gerald ~ person; first=Ada; last=Fitz Gerald
            Ada Mc Donald ~ person; first=Ada; last=Mc Donald
            Ada MacDonald ~ person; first=Ada; last=MacDonald
            Ada Le Penn ~ person; first=Ada; last=Le Penn; last_particle=Le
            DE LUCA ADA ~ person; first=ADA; last=DE LUCA; last_particle=DE
            VAN DEN BERG ADA ~ person; first=ADA; last=VAN DEN BERG; last_particle=VAN DEN
            VON THORNE, ADA ~ person; first=ADA; last=VON THORNE; last_particle=VON
            ADA VAN DEN BERG ~ person; first=ADA; last=VAN DEN BERG; last_particle=VAN DEN
            ada m. thorne ~ person; first=ada; middle=m.; last=thorne
            ADA M THORNE ~ person; first=ADA; middle=M; last=THORNE
            THORNE ADA ~ person; first=ADA; last=THORNE
            THORNE ADA M ~ person; first=ADA; middle=M; last=THORNE
            THORNE, ADA M ~ person; first=ADA; middle=M; last=THORNE
            THORNE ADA MARY ~ person; first=ADA; middle=MARY; last=THORNE
            ADA Thorne ~ person; first=ADA; last=Thorne
            Ada THORNE ~ person; first=Ada; last=THORNE
            THORNE Ada ~ person; first=Ada; last=THORNE
            THORNE Ada Mary ~ person; first=Ada; middle=Mary; last=THORNE
            Ada Mary THORNE BRANDT ~ person; first=Ada; middle=Mary; last=THORNE BRANDT; last_second=BRANDT
            Name: Ada Thorne ~ person; first=Ada; last=Thorne
            Contact: Ada Thorne ~ person; first=Ada; last=Thorne; role=Contact
            Patron: Ada Thorne ~ person; first=Ada; last=Thorne; role=Patron
            Treasurer: Ada Thorne ~ person; first=Ada; last=Thorne; role=Treasurer
            Member - Ada Thorne ~ person; first=Ada; last=Thorne; role=Member
            Ada Thorne (Member) ~ person; first=Ada; last=Thorne; role=Member
            Ada Thorne, Member ~ person; first=Ada; last=Thorne; role=Member
            Ada Thorne (Alto) ~ person; first=Ada; last=Thorne; role=Alto
            Ada Thorne, Alto ~ person; first=Ada; last=Thorne; role=Alto
            Alto: Ada Thorne ~ person; first=Ada; last=Thorne; role=Alto
            Ada Thorne - Alto ~ person; first=Ada; last=Thorne; role=Alto
            Ada Thorne, President ~ person; first=Ada; last=Thorne; role=President
            President Ada Thorne ~ person; title=President; first=Ada; last=Thorne
            President, Ada Thorne ~ person; title=President; first=Ada; last=Thorne
            Ada Thorne, Choir Director ~ person; first=Ada; last=Thorne; role=Choir Director
            Ada Thorne (Host) ~ person; first=Ada; last=Thorne; role=Host
            Ada Thorne (wife) ~ person; first=Ada; last=Thorne; unplaced=wife
            Ada Thorne (mother) ~ person; first=Ada; last=Thorne; unplaced=mother
            Ada Thorne (Neil) ~ person; first=Ada; last=Thorne; nickname=Neil
            Ada Thorne (son of Neil) ~ person; first=Ada; last=Thorne; unplaced=son of Neil
            Ada Thorne, Manager ~ person; first=Ada; last=Thorne; role=Manager
            Ada Thorne, CEO ~ person; first=Ada; last=Thorne; role=CEO
            Ada Thorne, Owner ~ person; first=Ada; last=Thorne; role=Owner
            Owner: Ada Thorne ~ person; first=Ada; last=Thorne; role=Owner
            Ada Thorne, Chair ~ person; first=Ada; last=Thorne; role=Chair
            Ada Thorne Director ~ person; first=Ada; last=Thorne; role=Director
            Ada Thorne, Director of Music ~ person; first=Ada; last=Thorne; role=Director of Music
            To: Ada Thorne ~ person; first=Ada; last=Thorne
            In memory of Ada Thorne ~ person; first=Ada; last=Thorne; deceased=In memory of
            In memoriam Ada Thorne ~ person; first=Ada; last=Thorne; deceased=In memoriam
            Ada Thorne RIP ~ person; first=Ada; last=Thorne; deceased=RIP
            Ada Thorne (RIP) ~ person; first=Ada; last=Thorne; deceased=RIP
            Ada Thorne* ~ person; first=Ada; last=Thorne
            *Ada Thorne ~ person; first=Ada; last=Thorne
            Ada Thorne? ~ person; first=Ada; last=Thorne
            Ada Thorne! ~ person; first=Ada; last=Thorne
            Ada Thorne... ~ person; first=Ada; last=Thorne
            Ada Thorne. ~ person; first=Ada; last=Thorne
            "Ada Thorne" ~ person; first=Ada; last=Thorne
            (Ada Thorne) ~ person; first=Ada; last=Thorne
            [Ada Thorne] ~ person; first=Ada; last=Thorne
            Ada Thorne; ~ person; first=Ada; last=Thorne
            Ada Thorne, ~ person; first=Ada; last=Thorne
            ,Ada Thorne ~ person; first=Ada; last=Thorne
            Ada  Thorne ~ person; first=Ada; last=Thorne
            Ada_Thorne ~ person; first=Ada; last=Thorne
            Thorne,Ada ~ person; first=Ada; last=Thorne
            Thorne ,Ada ~ person; first=Ada; last=Thorne
            Thorne , Ada ~ person; first=Ada; last=Thorne
            Thorne; Ada ~ person; first=Ada; last=Thorne
            Thorne - Ada ~ person; first=Ada; last=Thorne
            Thorne: Ada ~ person; first=Ada; last=Thorne
            Ada Thorne (no mail) ~ person; first=Ada; last=Thorne; unplaced=no mail
            Ada Thorne - do not call ~ person; first=Ada; last=Thorne; unplaced=do not call
            Ada Thorne VIP ~ person; first=Ada; last=Thorne; unplaced=VIP
            Ada Thorne (VIP) ~ person; first=Ada; last=Thorne; unplaced=VIP
            Ada Thorne (new) ~ person; first=Ada; last=Thorne; unplaced=new
            Ada Thorne (moved) ~ person; first=Ada; last=Thorne; unplaced=moved
            Ada Thorne (x2) ~ person; first=Ada; last=Thorne; unplaced=x2
            Ada Thorne + 1 ~ person; first=Ada; last=Thorne; others=+ 1
            Ada Thorne +1 ~ person; first=Ada; last=Thorne; others=+1
            Ada Thorne plus one ~ person; first=Ada; last=Thorne; others=plus one
            Ada Thorne and guest ~ person; first=Ada; last=Thorne; others=and guest
            Ada Thorne & Guest ~ person; first=Ada; last=Thorne; others=& Guest
            Ada Thorne + guest ~ person; first=Ada; last=Thorne; others=+ guest
            Ada Thorne or Neil Harrow ~ couple; first=Ada; last=Thorne; second_first=Neil; second_last=Harrow
            Ada Thorne und Neil Harrow ~ couple; first=Ada; last=Thorne; second_first=Neil; second_last=Harrow
            Ada Thorne et Neil Harrow ~ couple; first=Ada; last=Thorne; second_first=Neil; second_last=Harrow
            Ada Thorne och Neil Harrow ~ couple; first=Ada; last=Thorne; second_first=Neil; second_last=Harrow
            Ada Thorne, ARCM ~ person; first=Ada; last=Thorne; credentials=ARCM
            Ada Thorne, FRCO ~ person; first=Ada; last=Thorne; credentials=FRCO
            Ada Thorne, VIP ~ person; first=Ada; last=Thorne; unplaced=VIP
            Ada Thorne, LRAM ARCM ~ person; first=Ada; last=Thorne; credentials=LRAM ARCM
            ADA THORNE, CEO ~ person; first=ADA; last=THORNE; role=CEO
            Neil Harrow & Ada Harrow, husband and wife ~ couple; first=Neil; last=Harrow; spouse=husband and wife; second_first=Ada; second_last=Harrow
            Neil and Ada Harrow, husband & wife ~ couple; first=Neil; last=Harrow; spouse=husband & wife; second_first=Ada; second_last=Harrow
            Ada Thorne as attorney in fact for Ines Brandt ~ person; first=Ada; last=Thorne; role=as attorney in fact for Ines Brandt
            Ada Thorne and Neil Harrow as tenants in common ~ couple; first=Ada; last=Thorne; role=as tenants in common; second_first=Neil; second_last=Harrow
            Ada Thorne and Neil Harrow, as joint tenants ~ couple; first=Ada; last=Thorne; role=as joint tenants; second_first=Neil; second_last=Harrow
            Ada Thorne, as guardian of Tom Orme ~ person; first=Ada; last=Thorne; role=as guardian of Tom Orme
            Ada Thorne as Executor ~ person; first=Ada; last=Thorne; role=as Executor
            """)
    void aCellIsReadWhole(String text, String parts) {
        Reading<NamePart> reading = SPLITTER.split(text);
        assertThat(Plain.of(reading)).isEqualTo(parts);
        assertThat(Accounted.problem(text, reading)).isEmpty();
    }

    /** Common words stay names where nothing parts them from one. */
    @ParameterizedTest
    @ValueSource(
            strings = {
                "Ada Host",
                "Ada Chair",
                "Ada Bass",
                "Ada New",
                "Ada Patron",
                "Host, Ada",
                "Bass, Ada",
                "Owner, Ada",
                "New, Ada Mary",
                "Guest, Ada",
                "Ada Mary Bass",
                "Ada Hembar"
            })
    void aNameThatIsAlsoAnOfficeStaysAName(String text) {
        Reading<NamePart> reading = SPLITTER.split(text);
        assertThat(reading.text(NamePart.ROLE) + reading.text(NamePart.UNPLACED))
                .isEmpty();
        assertThat(reading.text(NamePart.FIRST)).isEqualTo("Ada");
    }
}
