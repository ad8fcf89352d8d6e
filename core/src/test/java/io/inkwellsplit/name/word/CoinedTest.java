package io.inkwellsplit.name.word;

import static org.assertj.core.api.Assertions.assertThat;

import io.inkwellsplit.name.NameSplitter;
import io.inkwellsplit.reading.Doubt;
import io.inkwellsplit.reading.Kind;
import io.inkwellsplit.reading.NamePart;
import io.inkwellsplit.reading.Reading;
import io.inkwellsplit.text.Tokens;
import java.util.List;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Words that are coined for firms, and single words of which nobody can tell. */
class CoinedTest {
    private static boolean isCoined(String word) {
        Tokens tokens = new Tokens();
        tokens.read(word);
        return Coined.is(tokens, 0, NameWords.shipped().words());
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "Quaytech",
                "Dunmeresystems",
                "Microquay",
                "ELEKTROWEX",
                "Wexdata",
                "Technowex",
                "W4Quay",
                "WexQuorb",
                "Wexcombedienst",
                "Robotwex",
                "Quaysolar."
            })
    void areTold(String word) {
        assertThat(isCoined(word)).isTrue();
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "Vantrix",
                "Okonedo",
                "AnnaRose",
                "MacQuaywick",
                "VanWexcombe",
                "McWexcombe",
                "Tech",
                "Microx",
                "Systems",
                "WEXQUORB",
                "Weber",
                "Petrov"
            })
    void areNotSeenInNames(String word) {
        assertThat(isCoined(word)).isFalse();
    }

    @ParameterizedTest
    @ValueSource(strings = {"Wexcombe Quaytech", "Dunmere-Inc", "W2-Quay"})
    void makeAnOrganisation(String text) {
        assertThat(NameSplitter.standard().split(text).kind()).isEqualTo(Kind.ORGANISATION);
    }

    @Test
    void ofASingleUnknownWordTheColumnTells() {
        NameSplitter alone = NameSplitter.standard();
        Reading<NamePart> unclear = alone.split("Vantrix");
        assertThat(unclear.kind()).isEqualTo(Kind.UNCLEAR);
        assertThat(unclear.text(NamePart.FIRST)).isEqualTo("Vantrix");
        assertThat(unclear.doubts()).contains(Doubt.UNCLEAR, Doubt.NO_LAST_NAME, Doubt.CLOSE_CALL);
        List<String> firms = IntStream.range(0, 40)
                .mapToObj(i -> "Harrow " + (char) ('A' + i % 26) + " Holdings Ltd")
                .toList();
        assertThat(alone.learn(firms).split("Vantrix").kind()).isEqualTo(Kind.ORGANISATION);
        List<String> people = Stream.of("Ines", "Tobias", "Hugh", "Rosa", "Neil")
                .flatMap(first ->
                        Stream.of("Brandt", "Marrow", "Harrow", "Thorne").map(last -> first + " " + last))
                .toList();
        assertThat(alone.learn(people).split("Vantrix").kind()).isEqualTo(Kind.PERSON);
    }

    @Test
    void aKnownGivenNameStaysAPerson() {
        assertThat(NameSplitter.standard().split("Ines").kind()).isEqualTo(Kind.PERSON);
    }
}
