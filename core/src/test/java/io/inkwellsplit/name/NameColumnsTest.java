package io.inkwellsplit.name;

import static org.assertj.core.api.Assertions.assertThat;

import io.inkwellsplit.reading.Alternative;
import io.inkwellsplit.reading.NamePart;
import io.inkwellsplit.reading.Reading;
import io.inkwellsplit.words.OwnWords;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What a column writes throughout decides what its single names leave open. */
class NameColumnsTest {
    @TempDir
    Path folder;

    /** Words that no list has. */
    private static final List<String> WORDS = List.of(
            "Ovarel",
            "Tismond",
            "Quellara",
            "Brivane",
            "Ostenkar",
            "Melvarin",
            "Dulmeth",
            "Arvenko",
            "Selquist",
            "Norbant",
            "Vintarel",
            "Caldomir",
            "Fesperin",
            "Hollandre",
            "Ivenstal",
            "Jorvanne",
            "Kelmarth",
            "Lundovar",
            "Mistrelle",
            "Parvendo");

    private static List<String> column(String pattern) {
        List<String> column = new ArrayList<>();
        for (int i = 0; i < 60; i++) {
            String name = pattern;
            for (int n = 0; name.contains("*"); n++) {
                name = name.replaceFirst("\\*", WORDS.get((i * (n + 3) + 7 * n) % WORDS.size()));
            }
            String letter = String.valueOf((char) ('A' + i % 26));
            name = name.replace("#", letter);
            column.add(name);
        }
        return column;
    }

    /** Known names tell the habit; the unknown one follows it. */
    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            Pedro * Garcia      | Ines Ovarel Brivane     | Ines   |         | Ovarel Brivane
            Lopez Garcia *      | Ovarel Brivane Tismond  | Tismond |        | Ovarel Brivane
            Smith Mary          | Ovarel Brivane          | Brivane |        | Ovarel
            * #                 | Brivane J               | J      |         | Brivane
            * ##                | Brivane KP              | K      | P       | Brivane
            Mary *              | Ovarel Brivane          | Ovarel |         | Brivane
            Maria * Garcia      | Ines Cesar Garcia       | Ines   | Cesar   | Garcia
            * Lopez Garcia      | Ines Bianchi da Silva   | Ines   |         | Bianchi da Silva
            Maria * Garcia      | Ines del Pilar Ovarel Brivane | Ines | del Pilar | Ovarel Brivane
            Mary *              | Mary Marlow da Silva    | Mary   | Marlow  | da Silva
            Ahmed Al *          | Ovarel Al Brivane       | Ovarel |         | Al Brivane
            """)
    void anUnknownNameFollowsItsColumn(String pattern, String name, String first, String middle, String last) {
        NameSplitter splitter = NameSplitter.standard().learn(column(pattern));
        Reading<NamePart> person = splitter.split(name);
        assertThat(person.text(NamePart.FIRST)).isEqualTo(first);
        assertThat(person.text(NamePart.MIDDLE)).isEqualTo(middle == null ? "" : middle);
        assertThat(person.text(NamePart.LAST)).isEqualTo(last);
    }

    /** Most of the column's people have one family name; those of Spain, Portugal, their Americas and Iran keep their two. */
    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            Javier Montecillas Lozano      | Javier |       | Montecillas Lozano
            JAVIER MONTECILLAS LOZANO      | JAVIER |       | MONTECILLAS LOZANO
            Dr. Javier Montecillas Lozano, MD | Javier |    | Montecillas Lozano
            Ramon Carrajosa Villaturde     | Ramon  |       | Carrajosa Villaturde
            Joaquim Moleiras da Fonseca    | Joaquim |      | Moleiras da Fonseca
            Pedro Luis Carrajosa Medina    | Pedro  | Luis  | Carrajosa Medina
            Behrouz Karimi Nezhad          | Behrouz |      | Karimi Nezhad
            Mary Ann Marlow                | Mary   | Ann   | Marlow
            Mary Brandt Marlow             | Mary   | Brandt | Marlow
            """)
    void twoFamilyNamesStandAmongPeopleWithOne(String name, String first, String middle, String last) {
        List<String> column = new ArrayList<>(column("Mary *"));
        column.addAll(column("Thomas Mary *"));
        column.addAll(List.of(
                "Pedro Garcia Lozano",
                "Joaquim Ferreira Medina",
                "Ramon Fernandez Pacheco",
                "Javier Gutierrez Ortega",
                "Pedro Rodriguez Navarro",
                "Fernando Herrera Castillo"));
        Reading<NamePart> person = NameSplitter.standard().learn(column).split(name);
        assertThat(person.text(NamePart.FIRST)).isEqualTo(first);
        assertThat(person.text(NamePart.MIDDLE)).isEqualTo(middle == null ? "" : middle);
        assertThat(person.text(NamePart.LAST)).isEqualTo(last);
    }

    /** What is a family name elsewhere is a given name there, and the other way round. */
    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            Joaquim Wanderley Moreira         | Joaquim | Wanderley | Moreira
            Joaquim Anderson Moreira Pacheco  | Joaquim | Anderson  | Moreira Pacheco
            Joaquim Douglas da Fonseca        | Joaquim | Douglas   | da Fonseca
            JOAQUIM DOUGLAS MOREIRA           | JOAQUIM | DOUGLAS   | MOREIRA
            Joaquim Costa Moreira             | Joaquim |           | Costa Moreira
            Mary Douglas Marlow               | Mary    | Douglas   | Marlow
            Moreira Pacheco, Wanderley        | Wanderley |         | Moreira Pacheco
            """)
    void namesCountAsTheyServeAtHome(String name, String first, String middle, String last) {
        List<String> column = new ArrayList<>(column("Joaquim Paulo *"));
        column.addAll(column("Fernanda * Moreira"));
        Reading<NamePart> person = NameSplitter.standard().learn(column).split(name);
        assertThat(person.text(NamePart.FIRST)).isEqualTo(first);
        assertThat(person.text(NamePart.MIDDLE)).isEqualTo(middle == null ? "" : middle);
        assertThat(person.text(NamePart.LAST)).isEqualTo(last);
    }

    @Test
    void ownWordsCountForMoreThanThoseOfTheHome() throws IOException {
        Path words = folder.resolve("words.txt");
        Files.writeString(words, "[family]\nDouglas\n");
        List<String> column = column("Fernanda Maria *");
        NameSplitter own = NameSplitter.standard().withWords(OwnWords.read(words));
        assertThat(own.learn(column).split("Joaquim Douglas Moreira").text(NamePart.LAST))
                .isEqualTo("Douglas Moreira");
        assertThat(NameSplitter.standard()
                        .learn(column)
                        .split("Joaquim Douglas Moreira")
                        .text(NamePart.MIDDLE))
                .isEqualTo("Douglas");
    }

    /** A father's given name at the end is no sign that the family name stands in front. */
    @ParameterizedTest
    @CsvSource({
        "Amer Mustafa, Amer",
        "Waleed Samir, Waleed",
        "Ovarel Mahmoud, Ovarel",
        "Tarik Eldin Mustafa, Tarik",
        "Brivane Tismond, Brivane"
    })
    void fathersNamesTurnNoColumnRound(String name, String first) {
        List<String> column = List.of(
                "Hassan Khalil",
                "Ahmed Mansour",
                "Amer Ibrahim",
                "Yasmin Haddad",
                "Karim Mahmoud",
                "Ismail Sabbagh",
                "Nabil Saleh",
                "Samira Aziz",
                "Sayed Kamel",
                "Fatima Bitar",
                "Khaled Mustafa",
                "Leila Hassan");
        assertThat(NameSplitter.standard().learn(column).split(name).text(NamePart.FIRST))
                .isEqualTo(first);
    }

    @Test
    void aNameOfVietnamKeepsItsOrderAmongOthers() {
        NameSplitter splitter = NameSplitter.standard().learn(column("Mary Ann *"));
        assertThat(splitter.split("Nguyễn Thị Lan").text(NamePart.LAST)).isEqualTo("Nguyễn");
    }

    @Test
    void aValueIsNotItsOwnWitness() {
        String name = "Ovarel Brivane";
        assertThat(NameSplitter.standard().learn(List.of(name)).split(name).parts())
                .isEqualTo(NameSplitter.standard().split(name).parts());
    }

    @Test
    void aWordThatSomebodyTaughtCountsWithoutAColumn() {
        String name = "BARTHOLOMEW BIRDWHISTLE";
        NameEvidence taught = new NameEvidence();
        taught.teach("BARTHOLOMEW", NamePart.FIRST, 20);
        assertThat(share(NameSplitter.standard().inLightOf(taught), name))
                .isGreaterThan(share(NameSplitter.standard(), name));
    }

    /** How likely the first word is the first name. */
    private static double share(NameSplitter splitter, String name) {
        return splitter.alternatives(name).stream()
                .filter(way -> way.parts().stream()
                        .anyMatch(part -> part.key() == NamePart.FIRST && name.startsWith(part.text())))
                .mapToDouble(Alternative::share)
                .sum();
    }

    @Test
    void theOrderOfGatheringIsOfNoConsequence() {
        List<String> column = new ArrayList<>(column("* Ann *"));
        column.addAll(column("*, Mary"));
        NameEvidence straight = gather(column);
        Collections.shuffle(column, new Random(3));
        NameEvidence merged = new NameEvidence();
        for (int from = 0; from < column.size(); from += 17) {
            merged.merge(gather(column.subList(from, Math.min(column.size(), from + 17))));
        }
        assertThat(merged.toBytes()).isEqualTo(straight.toBytes());
        assertThat(NameEvidence.of(straight.toBytes()).toBytes()).isEqualTo(straight.toBytes());
        assertThat(NameSplitter.standard()
                        .inLightOf(NameEvidence.of(straight.toBytes()))
                        .split("Ovarel Ann Brivane"))
                .isEqualTo(NameSplitter.standard().inLightOf(merged).split("Ovarel Ann Brivane"));
    }

    private static NameEvidence gather(List<String> column) {
        NameEvidence evidence = new NameEvidence();
        column.forEach(name -> NameSplitter.standard().gather(name, evidence));
        return evidence;
    }
}
