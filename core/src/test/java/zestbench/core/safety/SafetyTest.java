package zestbench.core.safety;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import org.apache.commons.math3.ode.nonstiff.DormandPrince853Integrator;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class SafetyTest {
    /** Check values: 45 µF at 440 V rms, 622.3 V peak: 8.71 J; 20 kΩ 2.27 s, 19.4 W; 2 MΩ 227 s. */
    @ParameterizedTest(name = "through {0} Ω: {1} s, {2} W")
    @CsvSource({"20000, 2.27, 19.4", "2000000, 227, 0.194"})
    void dischargeTakesAsLongAsPhysicsSays(double ohms, double seconds, double watts) {
        Discharge discharge = Discharge.of(45, 440, ohms);
        assertThat(discharge.joules()).isCloseTo(8.71, within(0.005));
        assertThat(discharge.seconds()).isCloseTo(seconds, within(seconds / 400));
        assertThat(discharge.watts()).isCloseTo(watts, within(watts / 200));
        assertThat(discharge.findings().isEmpty()).isEqualTo(ohms < 100_000);
    }

    /** The closed formula against the differential equation itself, integrated by Apache Commons Math. */
    @Test
    void theTimeAgreesWithTheIntegratedDischarge() {
        double farads = 80e-6;
        double ohms = 15_000;
        var equation = new org.apache.commons.math3.ode.FirstOrderDifferentialEquations() {
            @Override
            public int getDimension() {
                return 1;
            }

            @Override
            public void computeDerivatives(double t, double[] volts, double[] slope) {
                slope[0] = -volts[0] / (ohms * farads);
            }
        };
        double[] volts = {370 * Math.sqrt(2)};
        double seconds = Discharge.of(80, 370, ohms).seconds();
        new DormandPrince853Integrator(1e-6, 0.1, 1e-9, 1e-9).integrate(equation, 0, volts, seconds, volts);
        assertThat(volts[0]).isCloseTo(50, within(1e-4));
    }

    @Test
    void deadIsEveryAskedPairUnderFiveVoltsSinceAnythingWasAlive() {
        var asked =
                Map.of(Deadness.SUPPLY, Deadness.supplyPairs(1, 230), "cap", List.of("C–HERM", "C–FAN", "HERM–FAN"));
        Deadness.Watch watch = new Deadness.Watch();
        long at = 1_000;
        for (String pair : Deadness.supplyPairs(1, 230)) {
            assertThat(watch.of(asked).isSupplyDead()).isFalse();
            watch.read(Deadness.SUPPLY, pair, 0.4, at++);
        }
        assertThat(watch.of(asked).isSupplyDead()).isTrue();
        assertThat(watch.of(asked).isDeadFor("cap"))
                .as("a charge has to be read away too")
                .isFalse();
        watch.read("cap", "C–HERM", 4.9, at++);
        watch.read("cap", "C–FAN", 0, at++);
        watch.read("cap", "HERM–FAN", 5, at++);
        assertThat(watch.of(asked).isDeadFor("cap")).as("5 V is not under 5 V").isFalse();
        watch.read("cap", "HERM–FAN", 1, at++);
        assertThat(watch.of(asked).isDeadFor("cap")).isTrue();
        watch.alive();
        assertThat(watch.of(asked).isSupplyDead())
                .as("power seen voids what was read before")
                .isFalse();
        assertThat(watch.of(asked).live()).isTrue();
    }

    @Test
    void aCapacitorsPairIsReadOnceMoreAfterAMinuteTheSupplyIsNot() {
        var asked = Map.of(Deadness.SUPPLY, List.of("L1–L2"), "cap", List.of("C–HERM"));
        Deadness.Watch watch = new Deadness.Watch();
        watch.read(Deadness.SUPPLY, "L1–L2", 0.1, 1_000);
        watch.read("cap", "C–HERM", 0.1, 2_000);
        assertThat(again(watch.of(asked), "cap")).isEqualTo(62_000);
        assertThat(again(watch.of(asked), Deadness.SUPPLY)).isZero();
        watch.read("cap", "C–HERM", 0.2, 63_000);
        assertThat(again(watch.of(asked), "cap")).isZero();
    }

    private static long again(Deadness deadness, String place) {
        return deadness.pairs().stream()
                .filter(p -> p.place().equals(place))
                .findFirst()
                .orElseThrow()
                .againAtMillis();
    }

    @ParameterizedTest(name = "{0} phase {1} V: {2} pairs")
    @CsvSource({"1, 230, 3", "1, 120, 3", "1, 0, 3", "3, 460, 6"})
    void everyLegIsReadAgainstEveryOtherAndGround(int phase, double volts, int pairs) {
        assertThat(Deadness.supplyPairs(phase, volts)).hasSize(pairs).doesNotHaveDuplicates();
    }
}
