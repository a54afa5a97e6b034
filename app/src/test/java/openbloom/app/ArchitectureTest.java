package openbloom.app;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;

import com.tngtech.archunit.core.importer.ImportOption.DoNotIncludeTests;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;
import org.jspecify.annotations.NullMarked;

/** Features are closed, and only the edge knows the clock. How they know each other is {@link StructureTest}'s. */
@AnalyzeClasses(packages = "openbloom", importOptions = DoNotIncludeTests.class)
class ArchitectureTest {
    @ArchTest
    static final ArchRule coreKnowsNothingOfTheApplication = noClasses()
            .that()
            .resideInAPackage("openbloom.core..")
            .should()
            .dependOnClassesThat()
            .resideInAPackage("openbloom.app..");

    @ArchTest
    static final ArchRule onlyTheStudioDayAsksTheClock = noClasses()
            .that()
            .resideInAPackage("openbloom.app..")
            .and()
            .doNotHaveSimpleName("StudioDay")
            .should()
            .callMethod(java.time.LocalDate.class, "now")
            .orShould()
            .callMethod(java.time.LocalDate.class, "now", java.time.Clock.class)
            .orShould()
            .callMethod(java.time.Instant.class, "now");

    @ArchTest
    static final ArchRule controllersAndMappersAreNotPublicUnlessNeeded = classes()
            .that()
            .haveSimpleNameEndingWith("Controller")
            .or()
            .haveSimpleNameEndingWith("Api")
            .should()
            .bePackagePrivate();

    @ArchTest
    static final ArchRule everyPackageIsNullMarked =
            classes().that().haveSimpleName("package-info").should().beAnnotatedWith(NullMarked.class);
}
