package openbloom.core;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.Architectures.layeredArchitecture;

import com.tngtech.archunit.core.importer.ImportOption.DoNotIncludeTests;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;
import org.jspecify.annotations.NullMarked;

/** The core stays pure, and inside it arrows go only downward. */
@AnalyzeClasses(packages = "openbloom.core", importOptions = DoNotIncludeTests.class)
class ArchitectureTest {
    @ArchTest
    static final ArchRule knowsNoFramework = noClasses()
            .should()
            .dependOnClassesThat()
            .resideInAnyPackage(
                    "org.springframework..", "jakarta..", "java.sql..", "org.apache.ibatis..", "org.thymeleaf..");

    @ArchTest
    static final ArchRule readsNoClock = noClasses()
            .should()
            .callMethod(java.time.LocalDate.class, "now")
            .orShould()
            .callMethod(java.time.Instant.class, "now")
            .orShould()
            .callMethod(System.class, "currentTimeMillis")
            .orShould()
            .callMethod(System.class, "nanoTime");

    @ArchTest
    static final ArchRule arrowsGoDownward = layeredArchitecture()
            .consideringOnlyDependenciesInLayers()
            .layer("evidence")
            .definedBy("..core.evidence")
            .layer("dating")
            .definedBy("..core.dating")
            .layer("stage")
            .definedBy("..core.stage")
            .layer("screening")
            .definedBy("..core.screening")
            .layer("findings")
            .definedBy("..core.breath", "..core.gap", "..core.pelvicfloor")
            .layer("figure")
            .definedBy("..core.figure")
            .layer("moves")
            .definedBy("..core.moves")
            .layer("record")
            .definedBy("..core.record")
            .layer("words")
            .definedBy("..core.words")
            .layer("verdict")
            .definedBy("..core.verdict")
            .layer("progress")
            .definedBy("..core.progress")
            .layer("session")
            .definedBy("..core.session")
            .layer("program")
            .definedBy("..core.program")
            .layer("review")
            .definedBy("..core.review")
            .layer("care")
            .definedBy("..core.care")
            .layer("picture")
            .definedBy("..core.picture")
            .whereLayer("picture")
            .mayNotBeAccessedByAnyLayer()
            .whereLayer("program")
            .mayOnlyBeAccessedByLayers("review", "picture")
            .whereLayer("progress")
            .mayOnlyBeAccessedByLayers("session", "program", "review", "picture")
            .whereLayer("verdict")
            .mayOnlyBeAccessedByLayers("progress", "session", "program", "review", "care", "picture")
            .whereLayer("words")
            .mayOnlyBeAccessedByLayers("verdict", "progress", "session", "program", "review", "picture")
            .whereLayer("record")
            .mayOnlyBeAccessedByLayers(
                    "words", "verdict", "progress", "session", "program", "review", "care", "picture")
            .whereLayer("moves")
            .mayOnlyBeAccessedByLayers(
                    "record", "words", "verdict", "progress", "session", "program", "review", "care", "picture")
            .whereLayer("figure")
            .mayOnlyBeAccessedByLayers("moves", "record", "verdict")
            .whereLayer("findings")
            .mayOnlyBeAccessedByLayers(
                    "moves", "record", "words", "verdict", "progress", "session", "program", "review", "picture")
            .whereLayer("screening")
            .mayOnlyBeAccessedByLayers(
                    "record", "words", "verdict", "progress", "session", "program", "review", "care", "picture")
            .whereLayer("dating")
            .mayOnlyBeAccessedByLayers(
                    "stage",
                    "screening",
                    "record",
                    "words",
                    "verdict",
                    "progress",
                    "session",
                    "program",
                    "review",
                    "picture");

    @ArchTest
    static final ArchRule everyPackageIsNullMarked =
            classes().that().haveSimpleName("package-info").should().beAnnotatedWith(NullMarked.class);
}
