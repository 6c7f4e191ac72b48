package zestbench.core.capacitor;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import org.apache.commons.math3.random.MersenneTwister;
import org.apache.commons.math3.stat.descriptive.SummaryStatistics;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import zestbench.core.quantity.InputProblem;
import zestbench.core.quantity.Meter;

class UnderLoadTest {
    /** C = I / 2πfV: the constants 2652.6 at 60 Hz and 3183.1 at 50 Hz, and a worked figure. */
    @ParameterizedTest(name = "{0} A, {1} V, {2} Hz: {3} µF")
    @CsvSource({"5.90, 348, 60, 44.97", "1, 1, 60, 2652.6", "1, 1, 50, 3183.1"})
    void capacitanceFollowsFromAmpsAndVolts(double amps, double volts, double hertz, double microfarads) {
        assertThat(UnderLoad.of(amps, volts, hertz, Meter.USUAL).microfarads()).isCloseTo(microfarads, within(0.05));
    }

    /** The doubt √((U_I/I)² + (U_V/V)²) against ten thousand drawn readings (JCGM 101's way, Commons Math). */
    @Test
    void itsDoubtIsThatOfBothMetersTogether() {
        Meter meter = new Meter(2, 0, 0.01, null);
        UnderLoad reading = UnderLoad.of(5.9, 348, 60, meter);
        MersenneTwister random = new MersenneTwister(11);
        SummaryStatistics drawn = new SummaryStatistics();
        for (int i = 0; i < 10_000; i++) {
            double amps = 5.9 * (1 + 0.02 * random.nextGaussian());
            double volts = 348 * (1 + 0.02 * random.nextGaussian());
            drawn.addValue(1e6 * amps / (2 * Math.PI * 60 * volts));
        }
        assertThat(reading.uncertainty()).isCloseTo(drawn.getStandardDeviation(), within(0.04));
    }

    @ParameterizedTest(name = "{0} A, {1} V, {2} Hz is refused")
    @CsvSource({"5, 0, 60", "5, 348, 0", "-1, 348, 60", "0, 348, 60", "5, 348, 400", "5, NaN, 60"})
    void impossibleFiguresAreNamed(double amps, double volts, double hertz) {
        assertThatThrownBy(() -> UnderLoad.of(amps, volts, hertz, Meter.USUAL)).isInstanceOf(InputProblem.class);
    }
}
