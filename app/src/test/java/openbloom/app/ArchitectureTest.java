package openbloom.app;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.importer.ImportOption.DoNotIncludeTests;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;
import org.jspecify.annotations.NullMarked;

/** Features are closed and form no circle; only the edge knows the clock. */
@AnalyzeClasses(packages = "openbloom", importOptions = DoNotIncludeTests.class)
class ArchitectureTest {
    @ArchTest
    static final ArchRule featuresFormNoCircle =
            slices().matching("openbloom.app.(*)..").should().beFreeOfCycles();

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
