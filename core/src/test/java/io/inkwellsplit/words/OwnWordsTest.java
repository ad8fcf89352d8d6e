package io.inkwellsplit.words;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import io.inkwellsplit.address.AddressSplitter;
import io.inkwellsplit.name.NameSplitter;
import io.inkwellsplit.reading.AddressPart;
import io.inkwellsplit.reading.Kind;
import io.inkwellsplit.reading.NamePart;
import io.inkwellsplit.reading.Reading;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class OwnWordsTest {
    @TempDir
    Path folder;

    private static OwnWords words(String... lines) {
        return OwnWords.of("own.txt", String.join("\n", lines));
    }

    @ParameterizedTest(name = "{0} / {1}")
    @CsvSource(delimiter = '|', textBlock = """
            title              | Cantor          | Cantor Ada Brookwell              | title=Cantor
            title              | Master of Glees | Master of Glees Ada Brookwell     | title=Master of Glees
            suffix             | QCF             | Ada Brookwell QCF                 | suffix=QCF
            credentials        | Dip Chor        | Ada Brookwell, Dip Chor           | credentials=Dip Chor
            particle           | oop             | Ada oop Brookwell                 | last_particle=oop
            birth              | whilom          | Ada Brookwell whilom Orme         | birth_name=Orme
            organisation       | glee            | Tidewater Glee                    | organisation=Tidewater Glee
            care_of before     | lodging with    | Ada Orme lodging with Tom Brook   | care_of=Tom Brook
            role mark          | page turner     | Ada Orme, page turner             | role=page turner
            family             | Aaronsway       | Aaronsway Tom                     | last=Aaronsway
            """)
    void aWordOfOnesOwnIsReadAsWhatItIs(String section, String word, String name, String wanted) {
        NameSplitter with = NameSplitter.standard().withWords(words("[" + section + "]", word));
        assertThat(plain(with.split(name))).contains(wanted);
        assertThat(plain(NameSplitter.standard().split(name))).doesNotContain(wanted);
    }

    @Test
    void aGivenNameOfOnesOwnStandsBehindItsFamilyName() {
        NameSplitter with = NameSplitter.standard().withWords(words("[given]", "Ysolt", "[family]", "Orme"));
        Reading<NamePart> reading = with.split("Orme Ysolt");
        assertThat(reading.text(NamePart.FIRST)).isEqualTo("Ysolt");
        assertThat(reading.text(NamePart.LAST)).isEqualTo("Orme");
    }

    @Test
    void wordsForNothingHoldInNamesAndAddresses() {
        OwnWords own = words("[nothing]", "ask Ada");
        assertThat(NameSplitter.standard().withWords(own).split("Ask ada").kind())
                .isEqualTo(Kind.BLANK);
        assertThat(AddressSplitter.standard().withWords(own).split("ask ADA").kind())
                .isEqualTo(Kind.BLANK);
        assertThat(NameSplitter.standard().split("Ask ada").kind()).isNotEqualTo(Kind.BLANK);
    }

    @Test
    void aBuildingOfOnesOwnIsNoRecipient() {
        AddressSplitter with = AddressSplitter.standard().withWords(words("[building]", "Chandlery"));
        String address = "The Chandlery 4 Fore St Plymouth PL1 1AA";
        assertThat(with.split(address).text(AddressPart.BUILDING)).isEqualTo("The Chandlery");
    }

    @Test
    void aTownOfOnesOwnSpeaksForItsCountryAndRegion() {
        String address = "4 Fore St Barley Ferry VT";
        double alone = AddressSplitter.standard().split(address).confidence();
        Reading<AddressPart> known = AddressSplitter.standard()
                .withWords(words("[town]", "Barley Ferry\tUS\tVT"))
                .split(address);
        assertThat(known.text(AddressPart.CITY)).isEqualTo("Barley Ferry");
        assertThat(known.confidence()).isGreaterThan(alone);
    }

    @Test
    void wordsAddUp() {
        NameSplitter with =
                NameSplitter.standard().withWords(words("[title]", "Cantor")).withWords(words("[suffix]", "QCF"));
        Reading<NamePart> reading = with.split("Cantor Ada Brookwell QCF");
        assertThat(reading.text(NamePart.TITLE)).isEqualTo("Cantor");
        assertThat(reading.text(NamePart.SUFFIX)).isEqualTo("QCF");
        assertThat(NameSplitter.standard()
                        .withWords(words("[title]", "Cantor").and(words("[suffix]", "QCF")))
                        .split("Cantor Ada Brookwell QCF"))
                .isEqualTo(reading);
    }

    @Test
    void otherSplittersDoNotKnowThem() {
        NameSplitter with = NameSplitter.standard().withWords(words("[title]", "Cantor"));
        String name = "Cantor Ada Brookwell";
        assertThat(with.split(name).text(NamePart.TITLE)).isEqualTo("Cantor");
        assertThat(NameSplitter.standard().split(name).text(NamePart.TITLE)).isEmpty();
        assertThat(with.learn(List.of(name)).split(name).text(NamePart.TITLE)).isEqualTo("Cantor");
    }

    @ParameterizedTest(name = "{0}")
    @CsvSource(delimiter = '|', textBlock = """
            [tite];Cantor             | own.txt, line 2: the section [tite] is unknown
            Cantor                    | own.txt, line 1: a line before the first section
            [title];Cantor;Cantor     | own.txt, line 3: "Cantor" stands twice
            [title];A;[suffix];B;[title];C | own.txt, line 5: the section [title] stands twice
            [town];Barley             | own.txt, line 2: there are 1 columns
            """)
    void whatTheFileMayNotHoldIsRefusedWithItsLine(String text, String sentence) {
        assertThatThrownBy(() -> words(text.split(";")))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining(sentence.substring(0, Math.min(sentence.length(), 16)))
                .hasMessageContaining("line");
    }

    @ParameterizedTest(name = "{0}")
    @CsvSource(delimiter = '|', textBlock = """
            Barley,ZZ       | addresses of the country "ZZ" are not read
            Barley,US,XX    | "XX" is no region of US
            Barley,US,VT,5  | a town has a country and a region, and no more
            """)
    void aTownOfNowhereIsRefusedWithItsLine(String line, String sentence) {
        OwnWords own = words("[town]", line.replace(',', '\t'));
        assertThatThrownBy(() -> AddressSplitter.standard().withWords(own))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining("own.txt, line 2: ")
                .hasMessageContaining(sentence);
    }

    @Test
    void aNameOfTwoWordsIsRefusedWithItsLine() {
        OwnWords own = words("# names", "[given]", "Ada Rose");
        assertThatThrownBy(() -> NameSplitter.standard().withWords(own))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining("own.txt, line 3: \"Ada Rose\" in [given] is not one word");
    }

    @Test
    void aFileIsReadLikeAText() throws IOException {
        Path file = Files.writeString(folder.resolve("own.txt"), "[title]\nCantor\n");
        assertThat(OwnWords.read(file).lines("title")).hasSize(1);
        assertThat(OwnWords.read(file).toString())
                .isEqualTo("OwnWords[1 lines in [title]]")
                .doesNotContain("Cantor");
        assertThatThrownBy(() -> OwnWords.read(folder.resolve("none.txt"))).isInstanceOf(NoSuchFileException.class);
        assertThat(OwnWords.none().isEmpty()).isTrue();
    }

    @Test
    void everySectionTellsWhatItIsFor() {
        assertThat(OwnWords.sections()).hasSizeGreaterThan(40).allSatisfy(section -> {
            assertThat(section.meaning()).endsWith(".");
            assertThat(section.line()).isNotBlank();
            assertThat(OwnWords.none().lines(section.name())).isEmpty();
        });
    }

    @Test
    void readersTakeTurnsOverTheirVocabularies() {
        List<NameSplitter> all = List.of(
                NameSplitter.standard(),
                NameSplitter.standard().withWords(words("[title]", "Cantor")),
                NameSplitter.standard().withWords(words("[suffix]", "Cantor")),
                NameSplitter.standard().withWords(words("[given]", "Cantor")),
                NameSplitter.standard().withWords(words("[family]", "Cantor")));
        String name = "Ada Brookwell Cantor";
        List<Reading<NamePart>> once = all.stream().map(one -> one.split(name)).toList();
        for (int round = 0; round < 3; round++) {
            assertThat(all.stream().map(one -> one.split(name)).toList()).isEqualTo(once);
        }
        assertThat(once.get(2).text(NamePart.SUFFIX)).isEqualTo("Cantor");
    }

    private static List<String> plain(Reading<NamePart> reading) {
        return reading.parts().stream()
                .map(part -> part.key().key() + "=" + part.text())
                .toList();
    }
}
