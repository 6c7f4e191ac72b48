package zestbench.server;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.core.importer.Location;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;

/** The server carries: features know the core and each other one way round, the core knows nothing of the server. */
@AnalyzeClasses(
        packages = "zestbench",
        importOptions = {ImportOption.DoNotIncludeTests.class, ArrowsTest.Written.class})
class ArrowsTest {
    /** Without what the build makes of the beans, which is named {@code X__BeanDefinitions}. */
    static final class Written implements ImportOption {
        @Override
        public boolean includes(Location location) {
            return !location.contains("__");
        }
    }

    @ArchTest
    static final ArchRule featuresFormNoCircle =
            slices().matching("zestbench.server.(**)").should().beFreeOfCycles();

    @ArchTest
    static final ArchRule theCoreKnowsNoServer = noClasses()
            .that()
            .resideInAPackage("zestbench.core..")
            .should()
            .dependOnClassesThat()
            .resideInAnyPackage("zestbench.server..", "org.springframework..", "jakarta..", "tools.jackson..");

    @ArchTest
    static final ArchRule onlyTheDemoKnowsTheDemo = noClasses()
            .that()
            .resideOutsideOfPackage("zestbench.server.demo..")
            .should()
            .dependOnClassesThat()
            .resideInAPackage("zestbench.server.demo..");
}
