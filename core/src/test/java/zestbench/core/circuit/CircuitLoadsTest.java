package zestbench.core.circuit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import zestbench.core.circuit.CircuitLoads.Kind;
import zestbench.core.circuit.CircuitLoads.Load;
import zestbench.core.family.Spec;
import zestbench.core.plate.PlateLabel;

class CircuitLoadsTest {
    private static CircuitLoads of(double... motors) {
        List<Load> out = new ArrayList<>();
        for (double amps : motors) {
            if (amps > 0) {
                Kind kind = out.isEmpty() ? Kind.COMPRESSOR : Kind.OUTDOOR_FAN;
                out.add(new Load("load " + out.size(), kind, amps));
            }
        }
        return new CircuitLoads(out);
    }

    /** NEC 440.33, 440.22(A) and (B)(1), 240.6(A); worked figures. */
    @ParameterizedTest(name = "{0} and {1} A: MCA {2}, at most {3} A")
    @CsvSource({"17.9, 1.4, 23.775, 40", "14.1, 1.2, 18.825, 30", "5, 0.5, 6.75, 15", "3, 0, 3.75, 15"})
    void circuitFiguresFollowFromTheMotors(double compressor, double fan, double mca, int mop) {
        assertThat(of(compressor, fan).minimumAmps()).isEqualTo(mca);
        assertThat(of(compressor, fan).protectionCeiling()).isEqualTo(mop);
    }

    /** NEC 424.4(B), from memory: 1.25 × (heater + blower), where it is more than the cooling sum. */
    @ParameterizedTest(name = "{0}: MCA {1}, at most {2} A")
    @CsvSource(
            delimiter = '|',
            value = {
                "RLA 17.9; FAN FLA 1.4; BLOWER FLA 4.3; HEATER 40 A | 55.375 | 60",
                "RLA 17.9; FAN FLA 1.4; BLOWER FLA 4.3; HEATER 10 A | 28.075 | 45",
                "460-3-60; RLA 14.8; FAN FLA 2.6; BLOWER FLA 3.4; HEATER 18 KW | 32.490 | 35",
                "230-1-60; BLOWER FLA 4.0; HEATER 9.2 KW | 55 | 60",
            })
    void electricHeatCountsWhereItIsMore(String plate, double mca, int mop) {
        CircuitLoads loads = CircuitLoads.of(
                new Spec(PlateLabel.read(plate.replace("; ", "\n")).fields()));
        assertThat(loads.minimumAmps()).isCloseTo(mca, within(0.001));
        assertThat(loads.protectionCeiling()).isEqualTo(mop);
        assertThat(loads.ceilingReckoning().text()).contains(String.valueOf(mop));
    }

    /** NEC 430.52: without a hermetic compressor the largest motor counts 1.75 times, 10 A and 2 A: 19.5 → 15 A. */
    @Test
    void fansAloneAreProtectedAsMotors() {
        CircuitLoads fans =
                new CircuitLoads(List.of(new Load("a", Kind.BLOWER, 10), new Load("b", Kind.OUTDOOR_FAN, 2)));
        assertThat(fans.minimumAmps()).isEqualTo(14.5);
        assertThat(fans.protectionCeiling()).isEqualTo(15);
        assertThat(fans.ceilingReckoning().mark().source()).contains("430.52");
    }

    @Test
    void aBranchCircuitSelectionCurrentTakesTheRatedLoadAmpsPlace() {
        assertThat(CircuitLoads.of(new Spec(PlateLabel.read("RLA 17.9 BCSC 20.0\nFAN FLA 1.4")
                                .fields()))
                        .minimumAmps())
                .isEqualTo(26.4);
    }

    /** MCA grows with every load and never exceeds the protection that covers it. */
    @Test
    void moreLoadNeverAsksForLess() {
        Random random = new Random(5);
        for (int i = 0; i < 500; i++) {
            double[] motors = new double[1 + random.nextInt(4)];
            double[] more = new double[motors.length + 1];
            for (int n = 0; n < motors.length; n++) {
                motors[n] = n == 0 ? 5 + random.nextDouble() * 60 : 0.1 + random.nextDouble() * 8;
                more[n] = motors[n];
            }
            more[motors.length] = 1;
            double mca = of(motors).minimumAmps();
            assertThat(of(more).minimumAmps()).isCloseTo(mca + 1, within(1e-6));
            assertThat((double) of(motors).protectionCeiling()).isGreaterThanOrEqualTo(mca);
            assertThat(of(more).protectionCeiling())
                    .isGreaterThanOrEqualTo(of(motors).protectionCeiling());
        }
    }

    @Test
    void aChangedMotorIsReckonedAnew() {
        CircuitLoads before = of(17.9, 1.4);
        assertThat(before.with("load 1", 2.4).minimumAmps()).isEqualTo(24.775);
        assertThat(before.minimumAmps()).as("the first stays as it was").isEqualTo(23.775);
    }

    /** NEC 310.16, copper: 14 to 6 AWG in the 60 and 75 °C columns; 10 AWG, MCA 23.8, fuse 40 is legal (240.4(G)). */
    @ParameterizedTest(name = "{0} AWG carries {1} / {2} A")
    @CsvSource({"14, 15, 20", "12, 20, 25", "10, 30, 35", "8, 40, 50", "6, 55, 65"})
    void copperCarriesWhatTheTableSays(int gauge, int sixty, int seventyFive) {
        WireSize size = WireSize.of(gauge).orElseThrow();
        assertThat(size.holds(sixty, false)).isTrue();
        assertThat(size.holds(sixty + 0.1, false)).isFalse();
        assertThat(size.holds(seventyFive, true)).isTrue();
        assertThat(size.holds(seventyFive + 0.1, true)).isFalse();
        assertThat(size.against(sixty + 1, false).text()).contains("too thin", "local code decides");
        assertThat(size.finding(sixty + 1, false).isWriteUp()).isTrue();
        assertThat(WireSize.of(10).orElseThrow().holds(23.8, false)).isTrue();
        assertThat(WireSize.of(11)).isEmpty();
    }
}
