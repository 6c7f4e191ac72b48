package zestbench.core;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import zestbench.core.capacitor.CapacitorAttributes;
import zestbench.core.family.Attribute;
import zestbench.core.family.Spec;
import zestbench.core.judgement.Grade;
import zestbench.core.judgement.Phrase;
import zestbench.core.judgement.Verdict;
import zestbench.core.quantity.InputProblem;
import zestbench.core.shop.School;
import zestbench.core.shop.ShopRules;
import zestbench.core.value.Value;

class SpecAndRulesTest {
    static Stream<Arguments> wrong() {
        return Stream.of(
                Arguments.of("volts", Value.of(-1), "volts"),
                Arguments.of("volts", Value.of(Double.NaN), "volts"),
                Arguments.of("volts", Value.of(1e12), "volts"),
                Arguments.of("volts", Value.of("lots"), "volts"),
                Arguments.of("duty", Value.of("walk"), "duty"),
                Arguments.of("protection", Value.of(" "), "protection"),
                Arguments.of("protection", Value.of("x".repeat(201)), "protection"),
                Arguments.of("hertz", Value.of("60 Hz"), "hertz"),
                Arguments.of("hertz", new Value.Items(List.of()), "hertz"),
                Arguments.of("sections", Value.of(45), "sections"),
                Arguments.of("sections", row("microfarads", Value.of("x")), "sections[0].microfarads"),
                Arguments.of("sections", row("colour", Value.of("red")), "sections[0].colour"),
                Arguments.of("bleedResistor", Value.of(1), "bleedResistor"),
                Arguments.of("voltsByClass", Value.of(450), "voltsByClass"),
                Arguments.of("weight", Value.of(1), "weight"));
    }

    @Test
    void oneNumberStandsForAListOfOne() {
        Value.Fields given = new Value.Fields(Map.of("hertz", Value.of(60)));
        assertThat(Spec.checked(CapacitorAttributes.ALL, given).numbers("hertz"))
                .containsExactly(60.0);
    }

    @ParameterizedTest(name = "{0} = {1}")
    @MethodSource("wrong")
    void aFieldThatDoesNotFitIsNamedWithWhatWouldBeRight(String name, Value value, String field) {
        Value.Fields given = new Value.Fields(Map.of(name, value));
        assertThatThrownBy(() -> Spec.checked(CapacitorAttributes.ALL, given))
                .isInstanceOfSatisfying(InputProblem.class, p -> {
                    assertThat(p.fields()).extracting(InputProblem.Field::field).containsExactly(field);
                    assertThat(p.fields().get(0).problem()).isNotBlank();
                });
    }

    @Test
    void everyWrongFieldIsToldAtOnce() {
        Map<String, Value> given = new LinkedHashMap<>();
        given.put("volts", Value.of(-1));
        given.put("duty", Value.of("walk"));
        given.put("minCelsius", Value.of(-40));
        assertThatThrownBy(() -> Spec.checked(CapacitorAttributes.ALL, new Value.Fields(given)))
                .isInstanceOfSatisfying(
                        InputProblem.class, p -> assertThat(p.fields()).hasSize(2));
    }

    @Test
    void everyAttributeSaysWhereItIsPrintedAndWhatDecidesIsMarked() {
        assertThat(CapacitorAttributes.ALL).allSatisfy(a -> {
            assertThat(a.label()).isNotBlank();
            assertThat(a.where()).isNotBlank();
        });
        assertThat(CapacitorAttributes.ALL).extracting(Attribute::name).doesNotHaveDuplicates();
        assertThat(CapacitorAttributes.ALL)
                .filteredOn(Attribute::decides)
                .extracting(Attribute::name)
                .as("run capacitor: duty, µF, volts")
                .containsExactly("duty", "sections", "volts");
    }

    /** The order everything hangs on: REFUSED is worse than UNDECIDED, UNDECIDED worse than STOPGAP. */
    @Test
    void gradesAndVerdictsRunFromBestToWorst() {
        assertThat(Grade.values())
                .containsExactly(
                        Grade.LIKE_FOR_LIKE,
                        Grade.SUITABLE,
                        Grade.NEEDS_CHANGE,
                        Grade.STOPGAP,
                        Grade.UNDECIDED,
                        Grade.REFUSED);
        assertThat(Verdict.values())
                .containsExactly(Verdict.NOT_JUDGED, Verdict.GOOD, Verdict.WEAK, Verdict.TOO_CLOSE, Verdict.FAILED);
        for (Grade a : Grade.values()) {
            for (Grade b : Grade.values()) {
                assertThat(a.worst(b))
                        .isEqualTo(b.worst(a))
                        .isGreaterThanOrEqualTo(a)
                        .isGreaterThanOrEqualTo(b);
            }
        }
        assertThat(Grade.STOPGAP.fits()).isTrue();
        assertThat(Grade.UNDECIDED.fits()).isFalse();
    }

    @Test
    void everySchoolHasAReasonAndItsDefaultIsTheRules() {
        assertThat(School.ALL).allSatisfy(school -> {
            assertThat(school.reason()).isNotBlank();
            assertThat(school.choices()).extracting(School.Choice::value).contains(school.byDefault());
        });
        ShopRules d = ShopRules.DEFAULT;
        assertThat(School.ALL)
                .extracting(s -> s.key() + " " + s.byDefault())
                .containsExactly(
                        "capacitorOut " + d.capacitorOut(),
                        "makeUpCapacitors " + d.makeUpCapacitors(),
                        "universalCapacitor " + d.universalCapacitor(),
                        "otherNominalWithinTolerance " + d.otherNominalWithinTolerance(),
                        "newCapacitorWithMotor " + d.newCapacitorWithMotor(),
                        "discharge " + d.discharge(),
                        "motorPowerStep " + d.motorPowerStep(),
                        "replacePittedContactor " + d.replacePittedContactor(),
                        "shuntToTwoPole " + d.shuntToTwoPole(),
                        "wholeFuseSet " + d.wholeFuseSet(),
                        "smallerTransformer " + d.smallerTransformer());
    }

    @Test
    void aSentenceIsKeptAsDataAndWordedInOnePlace() {
        Phrase phrase = Phrase.of("{} µF −{} % = {}.", 7.5, 6, 7.05).then(Phrase.of("{} is out.", "FAN"));
        assertThat(phrase.text()).isEqualTo("7.5 µF −6 % = 7.05. FAN is out.");
        assertThat(phrase.values()).hasSize(4);
    }

    private static Value row(String name, Value value) {
        return new Value.Items(List.of(new Value.Fields(Map.of(name, value))));
    }
}
