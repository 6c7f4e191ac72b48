package zestbench.core;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noMethods;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;

/** Arrows inside the core run one way, and it keeps to what a browser build can carry. */
@AnalyzeClasses(packages = "zestbench.core", importOptions = ImportOption.DoNotIncludeTests.class)
class ArrowsTest {
    private static final String[] FAMILIES = {
        "..capacitor..", "..motor..", "..contactor..", "..relay..", "..fuse..", "..transformer..", "..startdevice.."
    };

    @ArchTest
    static final ArchRule packagesFormNoCircle =
            slices().matching("zestbench.core.(*)..").should().beFreeOfCycles();

    @ArchTest
    static final ArchRule foundationsKnowNoFamily = noClasses()
            .that()
            .resideInAnyPackage(
                    "..quantity..",
                    "..judgement..",
                    "..shop..",
                    "..label..",
                    "..wiring..",
                    "..value..",
                    "..stock..",
                    "..family..",
                    "..safety..",
                    "..amps..",
                    "..fan..",
                    "..circuit..",
                    "..supply..",
                    "..plate..",
                    "..suspect..")
            .should()
            .dependOnClassesThat()
            .resideInAnyPackage(
                    "..capacitor..",
                    "..motor..",
                    "..contactor..",
                    "..relay..",
                    "..fuse..",
                    "..transformer..",
                    "..startdevice..",
                    "..tape..",
                    "..call..",
                    "..bench..",
                    "..quick..");

    /** A new kind of part is its package and a line in {@link Families}. */
    @ArchTest
    static final ArchRule aFamilyIsKnownToTheListAlone = noClasses()
            .that()
            .resideOutsideOfPackages(FAMILIES)
            .and()
            .doNotBelongToAnyOf(Families.class)
            .should()
            .dependOnClassesThat()
            .resideInAnyPackage(FAMILIES);

    @ArchTest
    static final ArchRule plainJavaOnly = noClasses()
            .should()
            .dependOnClassesThat()
            .resideOutsideOfPackages("zestbench.core..", "java.lang..", "java.util..", "java.math..", "org.jspecify..");

    @ArchTest
    static final ArchRule nothingTheBrowserBuildLacks = noClasses()
            .should()
            .dependOnClassesThat()
            .resideInAnyPackage(
                    "java.lang.reflect..", "java.util.concurrent..", "java.text..", "java.time..", "java.io..")
            .orShould()
            .dependOnClassesThat()
            .haveFullyQualifiedName("java.util.Random")
            .orShould()
            .dependOnClassesThat()
            .haveFullyQualifiedName("java.util.StringJoiner")
            .orShould()
            .dependOnClassesThat()
            .haveFullyQualifiedName("java.util.Locale")
            .orShould()
            .callMethod(String.class, "format", String.class, Object[].class)
            .orShould()
            .callMethod(String.class, "formatted", Object[].class)
            .orShould()
            .callMethod(String.class, "lines")
            .orShould()
            .callMethod(java.util.regex.Matcher.class, "results");

    @ArchTest
    static final ArchRule noSinglePrecision =
            noMethods().should().haveRawReturnType(float.class).orShould().haveRawReturnType(Float.class);
}
