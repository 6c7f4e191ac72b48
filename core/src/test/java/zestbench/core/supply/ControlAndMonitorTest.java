package zestbench.core.supply;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import zestbench.core.judgement.Judgement;
import zestbench.core.judgement.Verdict;
import zestbench.core.quantity.Meter;

class ControlAndMonitorTest {
    private static final Meter EXACT = new Meter(0, 0, null, null);

    /** IEC 60947-4-1: a 24 V coil picks up from 20.4 V and stands 26.4 V. */
    @ParameterizedTest(name = "{0} V at {1} is {2}")
    @CsvSource({
        "20.4, COIL, GOOD",
        "20.3, COIL, FAILED",
        "24, COIL, GOOD",
        "26.4, COIL, GOOD",
        "26.5, COIL, FAILED",
        "27.5, TRANSFORMER, GOOD",
        "29, TRANSFORMER, WEAK",
        "0, TRANSFORMER, FAILED"
    })
    void controlVoltsAgainstTheCoil(double volts, SupplyPoint point, Verdict verdict) {
        assertThat(ControlVoltage.judge(point, 24, volts, EXACT).overall()).isEqualTo(verdict);
    }

    /** What a label says counts, the nearest of several; with none a figure that no circuit of 24 V has is not judged. */
    @Test
    void aCoilIsHeldAgainstItsOwnVolts() {
        assertThat(ControlVoltage.judge(SupplyPoint.COIL, List.of(24.0, 240.0), 238, EXACT)
                        .overall())
                .isEqualTo(Verdict.GOOD);
        assertThat(ControlVoltage.judge(SupplyPoint.COIL, List.of(120.0), 24, EXACT)
                        .overall())
                .isEqualTo(Verdict.FAILED);
        assertThat(ControlVoltage.judge(SupplyPoint.COIL, List.of(), 26, EXACT).overall())
                .isEqualTo(Verdict.GOOD);
        Judgement unknown = ControlVoltage.judge(SupplyPoint.COIL, List.of(), 238, EXACT);
        assertThat(unknown.verdicts().get(0).verdict()).isEqualTo(Verdict.NOT_JUDGED);
        assertThat(unknown.findings())
                .singleElement()
                .satisfies(f -> assertThat(f.text()).contains("Read the label of the contactor"));
    }

    @Test
    void noControlVoltsAsksForTheThermostatTrap() {
        Judgement none = ControlVoltage.judge(SupplyPoint.COIL, 24, 0.3, Meter.USUAL);
        assertThat(none.findings())
                .singleElement()
                .satisfies(f -> assertThat(f.text()).contains("own battery"));
        assertThat(ControlVoltage.judge(SupplyPoint.COIL, 24, 18.2, Meter.USUAL).findings())
                .singleElement()
                .satisfies(f -> assertThat(f.text()).contains("chatter"));
        assertThat(ControlVoltage.judge(SupplyPoint.COIL, 24, 24, Meter.USUAL).findings())
                .isEmpty();
    }

    /** ANSI C84.1's systems: nominal is the nearest of them to the mean, over and under lie 10 % off it. */
    @ParameterizedTest(name = "{0}, {1}, {2} V: set to {3} V, {4}")
    @CsvSource({
        "460, 467, 450, 480 V, 432 and 528 V",
        "205, 207, 209, 208 V, 187.2 and 228.8 V",
        "238, 241, 243, 240 V, 216 and 264 V",
        "590, 600, 610, 600 V, 540 and 660 V"
    })
    void aMonitorIsSetToTheSystem(double one, double two, double three, String nominal, String range) {
        List<PhaseMonitor.Setting> settings = PhaseMonitor.settings(
                List.of(new PairReading("L1-L2", one), new PairReading("L2-L3", two), new PairReading("L1-L3", three)));
        assertThat(settings.get(0).value()).isEqualTo(nominal);
        assertThat(settings.get(1).value()).isEqualTo(range);
        assertThat(settings).extracting(PhaseMonitor.Setting::value).contains("3 %", "closed when healthy");
    }
}
