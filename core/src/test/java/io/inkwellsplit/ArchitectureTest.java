package io.inkwellsplit;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.Architectures.layeredArchitecture;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import org.junit.jupiter.api.Test;

/** Holds the arrows between the packages of the core: text ← reading ← name, address ← column and assemble. */
class ArchitectureTest {
    private static final JavaClasses CORE = new ClassFileImporter()
            .withImportOption(ImportOption.Predefined.DO_NOT_INCLUDE_TESTS)
            .importPackages("io.inkwellsplit");

    @Test
    void arrowsRunOneWay() {
        layeredArchitecture()
                .consideringOnlyDependenciesInLayers()
                .layer("text")
                .definedBy("io.inkwellsplit.text..")
                .layer("reading")
                .definedBy("io.inkwellsplit.reading..")
                .layer("name")
                .definedBy("io.inkwellsplit.name..")
                .layer("address")
                .definedBy("io.inkwellsplit.address..")
                .layer("column")
                .definedBy("io.inkwellsplit.column..")
                .layer("pattern")
                .definedBy("io.inkwellsplit.pattern..")
                .layer("assemble")
                .definedBy("io.inkwellsplit.assemble..")
                .layer("piece")
                .definedBy("io.inkwellsplit.piece..")
                .layer("casing")
                .definedBy("io.inkwellsplit.casing..")
                .whereLayer("column")
                .mayNotBeAccessedByAnyLayer()
                .whereLayer("assemble")
                .mayNotBeAccessedByAnyLayer()
                .whereLayer("piece")
                .mayNotBeAccessedByAnyLayer()
                .whereLayer("pattern")
                .mayOnlyBeAccessedByLayers("assemble")
                .whereLayer("name")
                .mayOnlyBeAccessedByLayers("column", "assemble")
                .whereLayer("address")
                .mayOnlyBeAccessedByLayers("column", "assemble")
                .whereLayer("reading")
                .mayOnlyBeAccessedByLayers("name", "address", "column", "assemble")
                .whereLayer("text")
                .mayOnlyBeAccessedByLayers(
                        "reading", "name", "address", "column", "casing", "pattern", "piece", "assemble")
                .whereLayer("casing")
                .mayOnlyBeAccessedByLayers("name", "address", "column", "pattern", "piece")
                .check(CORE);
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
                        "java.nio.charset..",
                        "java.security..",
                        "javax.crypto..",
                        "org.jspecify..")
                .check(CORE);
    }

    @Test
    void onlyTheLoaderReads() {
        noClasses()
                .that()
                .doNotHaveFullyQualifiedName("io.inkwellsplit.text.Resources")
                .should()
                .dependOnClassesThat()
                .resideInAnyPackage("java.io..", "java.util.logging..", "java.nio.file..", "java.nio.channels..")
                .check(CORE);
    }
}
