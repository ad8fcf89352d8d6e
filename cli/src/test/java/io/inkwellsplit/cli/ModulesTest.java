package io.inkwellsplit.cli;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import org.junit.jupiter.api.Test;

/** Holds the arrows between the modules: core ← table ← cli. */
class ModulesTest {
    private static final JavaClasses ALL = new ClassFileImporter()
            .withImportOption(ImportOption.Predefined.DO_NOT_INCLUDE_TESTS)
            .importPackages("io.inkwellsplit");

    @Test
    void tableKnowsNoInterface() {
        noClasses()
                .that()
                .resideInAPackage("io.inkwellsplit.table..")
                .should()
                .dependOnClassesThat()
                .resideInAnyPackage("io.inkwellsplit.cli..", "picocli..")
                .check(ALL);
    }

    @Test
    void onlyTheTableTouchesCsv() {
        noClasses()
                .that()
                .resideInAPackage("io.inkwellsplit.cli..")
                .should()
                .dependOnClassesThat()
                .resideInAPackage("de.siegmar..")
                .check(ALL);
    }

    @Test
    void interfaceUsesTheCoreThroughTheTable() {
        noClasses()
                .that()
                .resideInAPackage("io.inkwellsplit.cli..")
                .should()
                .dependOnClassesThat()
                .resideInAnyPackage("io.inkwellsplit.name..", "io.inkwellsplit.address..", "io.inkwellsplit.text..")
                .check(ALL);
    }

    /** Rooms show the way from text to parts: no package leads back to itself. */
    @Test
    void noPackagesGoInCircles() {
        slices().matching("io.inkwellsplit.(**)").should().beFreeOfCycles().check(ALL);
    }
}
