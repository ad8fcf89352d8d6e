package io.inkwellsplit;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.Architectures.layeredArchitecture;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Holds the arrows between the packages of the core: data, text ← reading ← weigh ← name, address ← assemble. */
class ArchitectureTest {
    private static final JavaClasses CORE = new ClassFileImporter()
            .withImportOption(ImportOption.Predefined.DO_NOT_INCLUDE_TESTS)
            .importPackages("io.inkwellsplit");

    @Test
    void arrowsRunOneWay() {
        layeredArchitecture()
                .consideringOnlyDependenciesInLayers()
                .layer("data")
                .definedBy("io.inkwellsplit.data..")
                .layer("text")
                .definedBy("io.inkwellsplit.text..")
                .layer("reading")
                .definedBy("io.inkwellsplit.reading..")
                .layer("weigh")
                .definedBy("io.inkwellsplit.weigh..")
                .layer("name")
                .definedBy("io.inkwellsplit.name..")
                .layer("address")
                .definedBy("io.inkwellsplit.address..")
                .layer("pattern")
                .definedBy("io.inkwellsplit.pattern..")
                .layer("assemble")
                .definedBy("io.inkwellsplit.assemble..")
                .layer("piece")
                .definedBy("io.inkwellsplit.piece..")
                .layer("hide")
                .definedBy("io.inkwellsplit.hide..")
                .layer("tidy")
                .definedBy("io.inkwellsplit.tidy..")
                .whereLayer("assemble")
                .mayNotBeAccessedByAnyLayer()
                .whereLayer("piece")
                .mayNotBeAccessedByAnyLayer()
                .whereLayer("hide")
                .mayNotBeAccessedByAnyLayer()
                .whereLayer("pattern")
                .mayOnlyBeAccessedByLayers("assemble")
                .whereLayer("name")
                .mayOnlyBeAccessedByLayers("assemble")
                .whereLayer("address")
                .mayOnlyBeAccessedByLayers("assemble")
                .whereLayer("weigh")
                .mayOnlyBeAccessedByLayers("name", "address")
                .whereLayer("reading")
                .mayOnlyBeAccessedByLayers("weigh", "name", "address", "assemble")
                .whereLayer("tidy")
                .mayOnlyBeAccessedByLayers("name", "address", "pattern", "piece")
                .check(CORE);
    }

    /** The rooms of each reader, from its words to its door: a room uses those before it alone. */
    @ParameterizedTest
    @ValueSource(strings = {"name: word column text layer|cut weigh", "address: place text column|cut guess weigh"})
    void roomsLieInTheOrderOfTheWay(String way) {
        String reader = "io.inkwellsplit." + way.substring(0, way.indexOf(':'));
        List<String> later = new ArrayList<>(
                List.of(way.substring(way.indexOf(':') + 1).strip().split(" ")));
        while (!later.isEmpty()) {
            String[] side = later.remove(0).split("\\|");
            for (String room : side) {
                List<String> behind = new ArrayList<>(List.of(reader));
                Stream.concat(later.stream().flatMap(more -> Stream.of(more.split("\\|"))), Stream.of(side))
                        .filter(other -> !other.equals(room))
                        .forEach(other -> behind.add(reader + "." + other));
                noClasses()
                        .that()
                        .resideInAPackage(reader + "." + room)
                        .should()
                        .dependOnClassesThat()
                        .resideInAnyPackage(behind.toArray(new String[0]))
                        .check(CORE);
            }
        }
    }

    @Test
    void noPackagesGoInCircles() {
        slices().matching("io.inkwellsplit.(**)").should().beFreeOfCycles().check(CORE);
    }

    @Test
    void coreUsesNothingButTheJdk() {
        noClasses()
                .should()
                .dependOnClassesThat()
                .resideOutsideOfPackages(
                        "io.inkwellsplit..",
                        "java.lang..",
                        "java.util..",
                        "java.text..",
                        "java.io..",
                        "java.nio",
                        "java.nio.charset..",
                        "java.nio.file..",
                        "java.security..",
                        "javax.crypto..",
                        "org.jspecify..")
                .check(CORE);
    }

    @Test
    void onlyTheLoaderReads() {
        noClasses()
                .that()
                .resideOutsideOfPackages("io.inkwellsplit.data", "io.inkwellsplit.places", "io.inkwellsplit.words")
                .should()
                .dependOnClassesThat()
                .resideInAnyPackage("java.io..", "java.util.logging..", "java.nio.file..", "java.nio.channels..")
                .check(CORE);
    }
}
