package wegweiser.app;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;

/** Who may know whom. */
@AnalyzeClasses(packages = "wegweiser", importOptions = ImportOption.DoNotIncludeTests.class)
class LayersTest {
    @ArchTest
    static final ArchRule THE_CORE_KNOWS_NOTHING_ELSE = noClasses().that()
            .resideInAPackage("wegweiser.core..").should().dependOnClassesThat()
            .resideInAnyPackage("wegweiser.files..", "wegweiser.instruments..", "wegweiser.app..", "javafx..",
                    "java.awt..", "javax.swing..", "java.io..",
                    "java.nio..", "java.sql..", "com.fasterxml..");

    @ArchTest
    static final ArchRule THE_CORE_HAS_NO_CLOCK = noClasses().that().resideInAPackage("wegweiser.core..")
            .should().dependOnClassesThat()
            .haveFullyQualifiedName("java.time.Instant").orShould().dependOnClassesThat()
            .haveFullyQualifiedName("java.util.Random").orShould()
            .callMethod(System.class, "currentTimeMillis").orShould().callMethod(System.class, "nanoTime");

    @ArchTest
    static final ArchRule FILES_KNOW_ONLY_THE_CORE = noClasses().that().resideInAPackage("wegweiser.files..")
            .should().dependOnClassesThat()
            .resideInAnyPackage("wegweiser.instruments..", "wegweiser.app..", "javafx..");

    @ArchTest
    static final ArchRule INSTRUMENTS_DO_NOT_KNOW_THE_WINDOW = noClasses().that()
            .resideInAPackage("wegweiser.instruments..").should().dependOnClassesThat()
            .resideInAnyPackage("wegweiser.app..", "javafx..");

    @ArchTest
    static final ArchRule COMMANDS_LOAD_NO_INTERFACE = noClasses().that()
            .resideInAPackage("wegweiser.app.cli..").should().dependOnClassesThat()
            .resideInAnyPackage("javafx..", "wegweiser.app.shell..", "wegweiser.app.controls..");

    @ArchTest
    static final ArchRule CONTROLS_KNOW_NO_STAGE = noClasses().that()
            .resideInAPackage("wegweiser.app.controls..").should().dependOnClassesThat()
            .resideInAnyPackage("wegweiser.app.ends..", "wegweiser.app.trace..", "wegweiser.app.route..",
                    "wegweiser.app.make..", "wegweiser.app.prove..",
                    "wegweiser.app.log..", "wegweiser.app.shell..");

    @ArchTest
    static final ArchRule STAGES_DO_NOT_KNOW_ONE_ANOTHER = slices()
            .matching("wegweiser.app.(ends|trace|route|make|prove|log)..").should().notDependOnEachOther();

    @ArchTest
    static final ArchRule NAMES_SAY_WHAT_A_CLASS_IS = classes().that().resideInAPackage("wegweiser..")
            .should()
            .haveSimpleNameNotEndingWith("Manager").andShould().haveSimpleNameNotEndingWith("Util")
            .andShould().haveSimpleNameNotEndingWith("Helper")
            .andShould().haveSimpleNameNotEndingWith("Impl");
}
