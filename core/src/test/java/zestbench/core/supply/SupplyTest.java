package zestbench.core.supply;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import org.apache.commons.math3.analysis.interpolation.LinearInterpolator;
import org.apache.commons.math3.stat.StatUtils;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import zestbench.core.family.Spec;
import zestbench.core.judgement.Finding;
import zestbench.core.judgement.Judgement;
import zestbench.core.judgement.Verdict;
import zestbench.core.quantity.InputProblem;
import zestbench.core.quantity.Meter;
import zestbench.core.value.Value;

class SupplyTest {
    private static final Meter FINE = new Meter(0, 0, null, null);

    /** Limits: the plate's own, a 208/230 plate 187 to 253 V (AHRI 110, from memory), else ±10 % (NEMA MG 1, 12.44). */
    @ParameterizedTest(name = "rated {0}, printed {1}–{2}: {3} to {4} V")
    @CsvSource({
        "208/230, , , 187, 253",
        "460, , , 414, 506",
        "230, , , 207, 253",
        "575, , , 517.5, 632.5",
        "208/230, 197, 253, 197, 253",
        ", 414, 506, 414, 506"
    })
    void limitsFollowFromThePlate(String rated, Double min, Double max, double low, double high) {
        var judged = SupplyVoltage.judge(plate(rated, min, max), List.of(new PairReading("L1-L2", 240)), FINE)
                .verdicts()
                .get(0);
        assertThat(judged.limits().low()).isEqualTo(low);
        assertThat(judged.limits().high()).isEqualTo(high);
        assertThat(judged.reckoning().text()).contains("240 V");
    }

    @ParameterizedTest(name = "{0} V on a 208/230 plate: {1}")
    @CsvSource({
        "240, GOOD",
        "208, GOOD",
        "190.9, TOO_CLOSE",
        "187, TOO_CLOSE",
        "182.8, FAILED",
        "253, TOO_CLOSE",
        "259, FAILED",
        "0, FAILED"
    })
    void voltsAreGuardedByTheMeter(double volts, Verdict verdict) {
        Judgement judgement = SupplyVoltage.judge(
                plate("208/230", null, null), List.of(new PairReading("L1-L2", volts)), Meter.USUAL);
        assertThat(judgement.overall()).isEqualTo(verdict);
    }

    @ParameterizedTest(name = "{0}, {1}, {2}: leg {3}")
    @CsvSource({
        "240, 12, 9, L3",
        "0, 241, 0, L1",
        "0, 0, 239, L2",
        "170, 168, 240, L2",
        "240, 239, 241, ",
        "0, 0, 0, any"
    })
    void theLostLegIsTheOneTheLowPairsShare(double one, double two, double three, String leg) {
        Judgement judgement = SupplyVoltage.judge(
                plate("208/230", null, null),
                List.of(new PairReading("L1-L2", one), new PairReading("L2-L3", two), new PairReading("L1-L3", three)),
                FINE);
        List<String> stops = judgement.findings().stream()
                .filter(f -> f.severity() == Finding.Severity.STOP)
                .map(Finding::text)
                .toList();
        if (leg == null) {
            assertThat(stops).isEmpty();
        } else if (leg.equals("any")) {
            assertThat(stops).singleElement().asString().contains("No volts on any pair");
        } else {
            assertThat(stops).singleElement().asString().contains("Leg " + leg + " is lost", "load off");
        }
    }

    @Test
    void aHighLegToGroundIsNoFaultAndADeadLegIs() {
        Judgement judgement = SupplyVoltage.judge(
                plate("208/230", null, null),
                List.of(new PairReading("L1-G", 120), new PairReading("L2-G", 208), new PairReading("L3-G", 1)),
                FINE);
        assertThat(judgement.verdicts())
                .extracting(v -> v.verdict())
                .containsExactly(Verdict.GOOD, Verdict.GOOD, Verdict.FAILED);
        assertThat(judgement.verdicts().get(1).reckoning().text()).contains("high-leg");
    }

    @Test
    void betweenTwoSystemsItAsks() {
        assertThat(SupplyVoltage.judge(plate("208/230", null, null), List.of(new PairReading("L1-L2", 221)), FINE)
                        .findings())
                .anyMatch(f -> f.text().contains("between a 208 and a 240 V system"));
    }

    /** NEMA MG 1, 14.36: 460, 467, 450 V have the mean 459, deviation 9, 1.96 %. */
    @ParameterizedTest(name = "{0}, {1}, {2} V: {3} %, {4}")
    @CsvSource({
        "460, 467, 450, 1.961, GOOD",
        "460, 460, 460, 0, GOOD",
        "480, 460, 470, 2.128, WEAK",
        "480, 440, 460, 4.348, WEAK",
        "480, 430, 460, 5.839, FAILED"
    })
    void unbalanceIsTheGreatestDeviationFromTheMean(
            double one, double two, double three, double percent, Verdict verdict) {
        Judgement judgement = Unbalance.judge(three(one, two, three), Meter.USUAL);
        assertThat(judgement.verdicts().get(0).reading().value()).isCloseTo(percent, within(0.001));
        assertThat(judgement.overall()).isEqualTo(verdict);
        assertThat(judgement.findings().isEmpty()).isEqualTo(percent <= 1);
    }

    /** Against Commons Math's mean, on random supplies; the order of the legs does not matter, nor does their scale. */
    @ParameterizedTest
    @ValueSource(ints = {1, 2, 3, 4, 5})
    void unbalanceAgreesWithALibraryAndDoesNotHangOnTheOrder(int seed) {
        Random random = new Random(seed);
        for (int i = 0; i < 200; i++) {
            double[] volts = {400 + random.nextInt(150), 400 + random.nextInt(150), 400 + random.nextInt(150)};
            double mean = StatUtils.mean(volts);
            double greatest = 0;
            for (double v : volts) {
                greatest = Math.max(greatest, Math.abs(v - mean));
            }
            double expected = 100 * greatest / mean;
            List<PairReading> readings = new ArrayList<>(three(volts[0], volts[1], volts[2]));
            Collections.shuffle(readings, random);
            assertThat(percent(readings)).isCloseTo(expected, within(1e-6));
            assertThat(percent(three(volts[0] / 2, volts[1] / 2, volts[2] / 2))).isCloseTo(expected, within(1e-6));
        }
    }

    /** The derating points of NEMA MG 1 (from memory), straight lines between them as Commons Math draws them. */
    @Test
    void deratingFallsFromOneToThreeQuarters() {
        var reference = new LinearInterpolator()
                .interpolate(new double[] {1, 2, 3, 4, 5}, new double[] {1.00, 0.95, 0.88, 0.82, 0.75});
        double before = 1;
        for (double percent = 1; percent <= 5; percent += 0.05) {
            double derating = Unbalance.derating(percent);
            assertThat(derating).isCloseTo(reference.value(Math.min(5, percent)), within(1e-9));
            assertThat(derating).isLessThanOrEqualTo(before);
            before = derating;
        }
        assertThat(Unbalance.derating(0.4)).isEqualTo(1);
        assertThat(Unbalance.derating(5.01)).isZero();
    }

    @ParameterizedTest(name = "{0} is no pair")
    @ValueSource(strings = {"L1", "L1-L4", "A-B", "", "L1-L2-L3", "l1-l2"})
    void whatIsNoPairIsNamed(String pair) {
        assertThatThrownBy(() -> new PairReading(pair, 240))
                .isInstanceOf(InputProblem.class)
                .hasMessageContaining("as L1-L2");
    }

    @Test
    void whatIsMissingIsAskedFor() {
        assertThatThrownBy(() -> SupplyVoltage.judge(Spec.EMPTY, List.of(new PairReading("L1-L2", 240)), FINE))
                .hasMessageContaining("plate's volts");
        assertThatThrownBy(() -> SupplyVoltage.judge(plate("230", null, null), List.of(), FINE))
                .hasMessageContaining("at least one pair");
        assertThatThrownBy(() ->
                        SupplyVoltage.judge(plate("230", 250.0, 200.0), List.of(new PairReading("L1-L2", 240)), FINE))
                .hasMessageContaining("below maxVolts");
        assertThatThrownBy(() -> Unbalance.judge(three(240, 240, 240).subList(0, 2), FINE))
                .hasMessageContaining("three pairs");
        assertThatThrownBy(() -> Unbalance.judge(three(0, 0, 0), FINE)).hasMessageContaining("no supply");
        assertThatThrownBy(() -> new PairReading("L1-L2", -1)).isInstanceOf(InputProblem.class);
    }

    private static double percent(List<PairReading> readings) {
        return Unbalance.judge(readings, FINE).verdicts().get(0).reading().value();
    }

    private static List<PairReading> three(double one, double two, double three) {
        return List.of(new PairReading("L1-L2", one), new PairReading("L2-L3", two), new PairReading("L1–L3", three));
    }

    private static Spec plate(String rated, Double min, Double max) {
        Spec spec = Spec.EMPTY;
        if (rated != null) {
            List<Value> volts = new ArrayList<>();
            for (String v : rated.split("/")) {
                volts.add(Value.of(Double.parseDouble(v)));
            }
            spec = spec.with("volts", new Value.Items(volts));
        }
        spec = min == null ? spec : spec.with("minVolts", Value.of(min));
        return max == null ? spec : spec.with("maxVolts", Value.of(max));
    }
}
