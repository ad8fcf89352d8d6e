package io.inkwellsplit.address.guess;

import static org.assertj.core.api.Assertions.assertThat;

import io.inkwellsplit.address.AddressEvidence;
import io.inkwellsplit.address.AddressLearning;
import io.inkwellsplit.address.AddressSplitter;
import io.inkwellsplit.address.column.AddressCounts;
import io.inkwellsplit.address.place.AddressWords;
import io.inkwellsplit.address.place.Country;
import io.inkwellsplit.address.text.AddressText;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** In which country an address is taken to be, and what speaks for it. */
class CountryGuessTest {
    private final AddressWords words = AddressWords.shipped();
    private final AddressText text = new AddressText(words);
    private final CountryGuess guess = new CountryGuess(words);

    private void guess(String address) {
        text.read(address);
        guess.tally().keep();
        guess.guess(text, null, new AddressCounts());
    }

    /** The clues that speak for a country, in their order. */
    private List<CountryClue> clues(String country) {
        float[] seen = guess.tally().seen()[words.countries().withCode(country).orElseThrow().index];
        List<CountryClue> clues = new ArrayList<>();
        for (CountryClue clue : CountryClue.values()) {
            if (seen[clue.ordinal()] != 0) {
                clues.add(clue);
            }
        }
        return clues;
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            12 Main St, Barre, VT 05641                        | US
            12 Main St, Barre, Vermont                         | US
            4 Fore St, Plymouth PL1 1AA                        | GB
            12 Main St, Toronto ON M5V 2T6                     | CA
            12 Smith St, Carlton VIC 3053                      | AU
            Hafenstraße 3, 20457 Hamburg                       | DE
            Seestrasse 14, 8002 Zürich, Schweiz                | CH
            Gasse 45/12, 1010 Wien, Austria                    | AT
            12 rue du Port, 33000 Bordeaux                     | FR
            Calle Mayor 3, 28013 Madrid                        | ES
            Via Roma 5, 50123 Firenze FI                       | IT
            Rua Azul 12, 01310-100 São Paulo - SP              | BR
            ul. Długa 5/7, 00-238 Warszawa                     | PL
            Havenstraat 12, 1012 AB Amsterdam                  | NL
            Storgatan 5, 111 22 Stockholm                      | SE
            Havnegade 5, 1058 København K                      | DK
            Fő utca 5, 1011 Budapest                           | HU
            Moda Cad. 12, 34710 Kadıköy/İstanbul               | TR
            5 MG Road, Pune, Maharashtra 411001                | IN
            1-2-3 Minato-ku, Tokyo 105-0001                    | JP
            5 Quay Road, Singapore 049123                      | SG
            7 Quayside St., Kfar Marrow 4064100, Israel      | IL
            4 Quay St, Dublin 4                                | IE
            12 Quay St, Auckland 1010, New Zealand             | NZ
            No. 3, Lane 16, Sec. 2, Taipei 106, Taiwan (R.O.C.)| TW
            〒150-0002 東京都渋谷区渋谷3丁目12番8号            | JP
            北海道函館市末広町グリーンハイツ14-1               | JP
            广东省深圳市南山区海德三道126号 518000             | CN
            新北市板橋區中山路一段161號5樓                     | TW
            香港灣仔軒尼詩道88號潮聲商業大廈7樓                | HK
            서울특별시 종로구 사직로 161 03187                 | KR
            119019, г. Москва, ул. Новый Арбат, д. 21          | RU
            м. Київ, вул. Саксаганського, 44, 01033            | UA
            Немањина 22, 11000 Београд                         | RS
            Ακτή Μιαούλη 12, 185 35 Πειραιάς                   | GR
            רחוב יפו 97, ירושלים 9434001                       | IL
            45 หมู่ 3 ต.ฉลอง อ.เมือง จ.ภูเก็ต 83130              | TH
            VT 05641                                           | US
            """)
    void theLikeliestCountry(String address, String country) {
        guess(address);
        assertThat(guess.country().code).isEqualTo(country);
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            4 Quay St, Dunmere, Ireland      | IE | WRITTEN
            4 Quay St, Dunmere, IRL          | IE | WRITTEN
            Hafenstraße 3, 20457 Hamburg     | DE | POSTCODE
            Hafenstraße 3, 20457 Hamburg     | DE | LETTERS
            Hafenstraße 3, 20457 Hamburg     | DE | ENDING
            1011 Budapest, Fő utca 5         | HU | POSTCODE_FIRST
            Długa 5, 00-238 Warszawa         | PL | OWN_FORM
            5 MG Road, Pune, Goa 403001      | IN | STATE_BESIDE
            12 Main St, Barre, ME 4101, x    | US | SHORT_POSTCODE
            12 Main St, Barre, Vermont       | US | STATE_AT_END
            Quay St, Praha 1                 | CZ | DISTRICT
            12 rue du Port, Dunmere          | FR | WORD
            12 rue du Port, Dunmere          | FR | WORD_SHARE
            5 Quay Street, Hamburg           | DE | TOWN
            """)
    void whatSpeaksForIt(String address, String country, CountryClue clue) {
        guess(address);
        assertThat(guess.isAtFirstSight()).isFalse();
        assertThat(clues(country)).contains(clue);
    }

    @Test
    void aStateBehindItsPostcodeIsRatherACountry() {
        guess("7 Quayside St., Kfar-Marrow 40641, IL");
        assertThat(clues("US")).contains(CountryClue.STATE_BEHIND).doesNotContain(CountryClue.STATE_AT_END);
        assertThat(guess.country().code).isEqualTo("IL");
        guess("5 Elm St, Springfield 62701, Illinois");
        assertThat(guess.country().code).isEqualTo("US");
    }

    @Test
    void whatIsToldIsBelievedUnlessSomethingElseIsWritten() {
        Country told = words.countries().withCode("AU").orElseThrow();
        text.read("12 Smith St, Carlton");
        guess.guess(text, told, new AddressCounts());
        assertThat(guess.country().code).isEqualTo("AU");
        text.read("12 Smith St, Dunmere, Ireland");
        guess.guess(text, told, new AddressCounts());
        assertThat(guess.country().code).isEqualTo("IE");
        assertThat(guess.isWritten()).isTrue();
    }

    @Test
    void theColumnDecidesWhereTheValueDoesNot() {
        AddressSplitter splitter = AddressSplitter.standard();
        AddressEvidence evidence = splitter.newEvidence();
        for (int i = 1; i < 30; i++) {
            splitter.gather(i + " Smith St, Carlton VIC 3053", evidence);
        }
        guess.tally().keep();
        text.read("12 Quay St, Dunmere");
        guess.guess(text, null, AddressCounts.of(evidence.toBytes()));
        assertThat(guess.country().code).isEqualTo("AU");
        assertThat(clues("AU")).contains(CountryClue.COLUMN);
        assertThat(clues("US")).doesNotContain(CountryClue.COLUMN);
    }

    @Test
    void ofSeveralNumbersTheOneThatSaysMostCounts() {
        guess("Wexcombe 28013 Elm, 00-238 Dunmere x");
        assertThat(clues("PL")).contains(CountryClue.OWN_FORM);
        assertThat(clues("DE")).contains(CountryClue.POSTCODE).doesNotContain(CountryClue.OWN_FORM);
    }

    @Test
    void learningSeesNothingWhereNothingIsWeighed() {
        AddressLearning learning = new AddressLearning();
        assertThat(learning.countryClues("12 Main St, Barre, VT 05641", new AddressEvidence()))
                .isEmpty();
        assertThat(learning.countryClues("", new AddressEvidence())).isEmpty();
        assertThat(learning.countryClues("12 Quay St, Dunmere", new AddressEvidence()))
                .hasNumberOfRows(AddressSplitter.countries().size());
        assertThat(AddressLearning.countryClues()).hasSize(CountryClue.values().length);
    }
}
