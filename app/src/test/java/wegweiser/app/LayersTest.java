package wegweiser.app;

import static com.tngtech.archunit.core.domain.JavaAccess.Predicates.target;
import static com.tngtech.archunit.core.domain.JavaClass.Predicates.resideInAPackage;
import static com.tngtech.archunit.core.domain.properties.HasName.Predicates.name;
import static com.tngtech.archunit.core.domain.properties.HasOwner.Predicates.With.owner;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;
import static org.assertj.core.api.Assertions.assertThat;

import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.lang.ArchRule;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import wegweiser.core.advice.Fixture;
import wegweiser.core.evidence.Evidence;
import wegweiser.core.model.Job;
import wegweiser.core.model.TerminalIndex;
import wegweiser.core.prove.Verdict;
import wegweiser.core.rules.Rules;

/** Who may know whom. */
class LayersTest {
    static final ArchRule THE_CORE_KNOWS_NOTHING_ELSE = noClasses().that()
            .resideInAPackage("wegweiser.core..").should().dependOnClassesThat()
            .resideInAnyPackage("wegweiser.files..", "wegweiser.instruments..", "wegweiser.app..", "javafx..",
                    "java.awt..", "javax.swing..", "java.sql..");

    /** The program's own tables are read in one place; everything else in the core sees values. */
    static final ArchRule ONLY_TABLES_ARE_READ_IN_THE_CORE = noClasses().that()
            .resideInAPackage("wegweiser.core..").and().resideOutsideOfPackage("wegweiser.core.data..")
            .should()
            .dependOnClassesThat().resideInAnyPackage("java.io..", "java.nio..");

    static final ArchRule THE_CORE_HAS_NO_CLOCK = noClasses().that().resideInAPackage("wegweiser.core..")
            .should().callMethodWhere(target(owner(resideInAPackage("java.time..")))
                    .and(target(name("now"))))
            .orShould().dependOnClassesThat()
            .haveFullyQualifiedName("java.util.Random").orShould()
            .callMethod(System.class, "currentTimeMillis").orShould().callMethod(System.class, "nanoTime");

    static final ArchRule FILES_KNOW_ONLY_THE_CORE = noClasses().that().resideInAPackage("wegweiser.files..")
            .should().dependOnClassesThat()
            .resideInAnyPackage("wegweiser.instruments..", "wegweiser.app..", "javafx..");

    static final ArchRule INSTRUMENTS_DO_NOT_KNOW_THE_WINDOW = noClasses().that()
            .resideInAPackage("wegweiser.instruments..").should().dependOnClassesThat()
            .resideInAnyPackage("wegweiser.app..", "javafx..");

    static final ArchRule COMMANDS_LOAD_NO_INTERFACE = noClasses().that()
            .resideInAPackage("wegweiser.app.cli..").should().dependOnClassesThat()
            .resideInAnyPackage("javafx..", "wegweiser.app.stage..", "wegweiser.app.window..",
                    "wegweiser.app.controls..");

    static final ArchRule CONTROLS_KNOW_NO_STAGE = noClasses().that()
            .resideInAPackage("wegweiser.app.controls..").should().dependOnClassesThat()
            .resideInAnyPackage("wegweiser.app.ends..", "wegweiser.app.trace..", "wegweiser.app.route..",
                    "wegweiser.app.make..", "wegweiser.app.prove..",
                    "wegweiser.app.log..", "wegweiser.app.stage..", "wegweiser.app.window..");

    static final ArchRule STAGES_DO_NOT_KNOW_ONE_ANOTHER = slices()
            .matching("wegweiser.app.(ends|trace|route|make|prove|log)..").should().notDependOnEachOther();

    static final ArchRule NO_PACKAGES_KNOW_EACH_OTHER_IN_A_RING = slices()
            .matching("wegweiser.(**)").should().beFreeOfCycles();

    /** One key, one weighing: the window takes evidence from what was derived of the job. A ladder tries readings out. */
    static final ArchRule THE_WINDOW_WEIGHS_NO_READINGS = noClasses().that()
            .resideInAPackage("wegweiser.app..")
            .and().resideOutsideOfPackages("wegweiser.app.cli..", "wegweiser.app.tour..")
            .and().haveSimpleNameNotContaining("LadderPanel").should()
            .callConstructor(Evidence.class, TerminalIndex.class, List.class).orShould()
            .callMethod(Evidence.class, "of", Job.class).orShould()
            .callMethod(Rules.class, "check", Job.class).orShould()
            .callMethod(Verdict.class, "of", Job.class, Fixture.class);

    static final ArchRule NAMES_SAY_WHAT_A_CLASS_IS = classes().that().resideInAPackage("wegweiser..")
            .should()
            .haveSimpleNameNotEndingWith("Manager").andShould().haveSimpleNameNotEndingWith("Util")
            .andShould().haveSimpleNameNotEndingWith("Helper")
            .andShould().haveSimpleNameNotEndingWith("Impl");

    private static final JavaClasses ALL = new ClassFileImporter()
            .withImportOption(ImportOption.Predefined.DO_NOT_INCLUDE_TESTS).importPackages("wegweiser");

    static Stream<ArchRule> rules() {
        return Stream.of(THE_CORE_KNOWS_NOTHING_ELSE, ONLY_TABLES_ARE_READ_IN_THE_CORE, THE_CORE_HAS_NO_CLOCK,
                FILES_KNOW_ONLY_THE_CORE,
                INSTRUMENTS_DO_NOT_KNOW_THE_WINDOW, COMMANDS_LOAD_NO_INTERFACE, CONTROLS_KNOW_NO_STAGE,
                STAGES_DO_NOT_KNOW_ONE_ANOTHER, NO_PACKAGES_KNOW_EACH_OTHER_IN_A_RING,
                NAMES_SAY_WHAT_A_CLASS_IS);
    }

    @ParameterizedTest
    @MethodSource("rules")
    void isKept(ArchRule rule) {
        rule.check(ALL);
    }

    /** So that a stranger knows each room: a few sentences in it, and a line in the table. */
    @Test
    void everyPackageSaysWhatItIsAbout() throws IOException {
        Path project = Path.of("").toAbsolutePath().getParent();
        String table = Files.readString(project.resolve("docs/architecture.md"));
        Set<String> packages = ALL.stream().map(JavaClass::getPackageName)
                .collect(Collectors.toCollection(TreeSet::new));
        assertThat(packages).hasSizeGreaterThan(40);
        for (String name : packages) {
            String module = name.split("\\.")[1];
            Path info = project.resolve(module).resolve("src/main/java").resolve(name.replace('.', '/'))
                    .resolve("package-info.java");
            assertThat(info).exists();
            assertThat(Files.readString(info).split("\\.(\\s|$)")).as(name).hasSizeGreaterThanOrEqualTo(3);
            assertThat(table).contains("| `" + name.substring("wegweiser.".length()) + "` |");
        }
    }

    @Test
    void everyModuleWasLookedAt() {
        for (String part : new String[]{"wegweiser.core.evidence.Evidence", "wegweiser.files.job.JobFile",
                "wegweiser.instruments.SimulatedMeter",
                "wegweiser.app.window.MainWindow"}) {
            assertThat(ALL.contain(part)).as(part).isTrue();
        }
    }
}
