package zestbench.core.amps;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Random;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import zestbench.core.amps.RunningAmps.Rated;
import zestbench.core.amps.StartTest.Caught;
import zestbench.core.amps.StartTest.Run;
import zestbench.core.circuit.Conductor;
import zestbench.core.circuit.Conductor.Metal;
import zestbench.core.judgement.Demand;
import zestbench.core.judgement.Finding;
import zestbench.core.judgement.Judgement;
import zestbench.core.judgement.Verdict;
import zestbench.core.quantity.Meter;

/** A weak supply is told from a motor that stands. */
class StartTestTest {
    private static final Rated COMPRESSOR = new Rated(17.6, null, 96.0, List.of(208.0, 230.0));

    private static Judgement judge(Caught caught, @Nullable Run run) {
        return StartTest.judge(caught, COMPRESSOR, 1, run, Meter.USUAL, Meter.USUAL);
    }

    private static Run copper(String gauge, double feet) {
        return new Run(Conductor.find(gauge, Metal.COPPER).orElseThrow(), feet);
    }

    private static List<Verdict> verdicts(Judgement judgement) {
        return judgement.verdicts().stream().map(v -> v.verdict()).toList();
    }

    /** R = ρ·l/A [physics]: copper 1.7241e-8 Ωm at 20 °C, 0.00393 per °C; aluminum 2.8265e-8, 0.00403; 2 % for the lay of the strands. */
    @ParameterizedTest
    @EnumSource(Metal.class)
    void resistancesAreThoseOfTheMetalAtSeventyFiveDegrees(Metal metal) {
        double ohmMeters = metal == Metal.COPPER ? 1.7241e-8 * (1 + .00393 * 55) : 2.8265e-8 * (1 + .00403 * 55);
        for (String gauge : Conductor.gauges(metal)) {
            int number = gauge.contains("/") ? 1 - Integer.parseInt(gauge.substring(0, 1)) : Integer.parseInt(gauge);
            double millimeters = 0.127 * Math.pow(92, (36 - number) / 39.0);
            double area = Math.PI / 4 * millimeters * millimeters * 1e-6;
            double ohms = 1.02 * ohmMeters * 304.8 / area;
            assertThat(Conductor.find(gauge, metal).orElseThrow().ohmsPer1000Feet())
                    .as("%s %s", gauge, metal)
                    .isCloseTo(ohms, within(.025 * ohms));
        }
    }

    @Test
    void aStartThatComesUpOnGoodVoltsIsGood() {
        Judgement judgement = judge(new Caught(82, 224, 239, false, null), copper("10", 70));
        assertThat(verdicts(judgement)).containsExactly(Verdict.GOOD, Verdict.GOOD, Verdict.GOOD);
        assertThat(judgement.findings()).isEmpty();
    }

    @Test
    void ampsThatStayOnGoodVoltsAreTheMotorOrItsStartParts() {
        Judgement judgement = judge(new Caught(90, 226, 239, true, null), null);
        assertThat(judgement.verdicts().get(0).verdict()).isEqualTo(Verdict.FAILED);
        assertThat(judgement.findings()).extracting(Finding::demand).containsExactly(Demand.START_PARTS);
        assertThat(judgement.findings().get(0).text()).contains("enough by its plate");
    }

    /** Torque goes with the square of the volts [physics]: 150 of 208 V leave 52 %. */
    @Test
    void ampsThatStayOnFewVoltsAreTheSupplyFirst() {
        Judgement judgement = judge(new Caught(60, 150, 239, true, null), copper("10", 70));
        assertThat(judgement.findings().get(0).text()).contains("52 %", "The supply first");
        assertThat(judgement.findings()).extracting(Finding::demand).doesNotContain(Demand.START_PARTS);
        assertThat(judgement.verdicts().get(2).verdict()).isEqualTo(Verdict.WEAK);
        assertThat(judgement.findings()).anyMatch(f -> f.text().contains("where it grows, there it is"));
    }

    @Test
    void withoutAPlateNothingIsGood() {
        Judgement judgement = StartTest.judge(
                new Caught(80, 220, 238, false, null), new Rated(null, null, null), 1, null, Meter.USUAL, Meter.USUAL);
        assertThat(verdicts(judgement)).containsOnly(Verdict.NOT_JUDGED);
    }

    /** The drop by hand: 2 × 90 A × 1.24 Ω/1000 ft × 100 ft = 22.3 V; on three phases √3 instead of 2. */
    @Test
    void aWireDropsByItsLengthAndItsAmps() {
        Conductor ten = Conductor.find("10", Metal.COPPER).orElseThrow();
        assertThat(ten.dropVolts(90, 100, 1)).isCloseTo(22.32, within(.01));
        assertThat(ten.dropVolts(90, 100, 3)).isCloseTo(19.33, within(.01));
    }

    /** A dip that is the wire's own drop, within the meter's doubt, never blames the supply before it; three times and the meter's doubt always do. */
    @RepeatedTest(100)
    void aDipIsBlamedOnTheWireOrOnWhatIsBeforeIt() {
        long seed = System.nanoTime();
        Random random = new Random(seed);
        List<String> gauges = Conductor.gauges(Metal.COPPER);
        Run run = copper(gauges.get(1 + random.nextInt(5)), 30 + random.nextInt(100));
        double amps = 40 + random.nextInt(50);
        double drop = run.wire().dropVolts(amps, run.feet(), 1);
        double before = 236 + random.nextInt(8);
        double volts = Math.max(0, Math.round(10 * (before - drop)) / 10.0);
        assertThat(judge(new Caught(amps, volts, before, false, null), run)
                        .verdicts()
                        .get(2)
                        .verdict())
                .as("seed %d", seed)
                .isEqualTo(Verdict.GOOD);
        double far = before - 3 * drop - 14;
        assertThat(judge(new Caught(amps, far, before, false, null), run)
                        .verdicts()
                        .get(2)
                        .verdict())
                .as("seed %d", seed)
                .isEqualTo(Verdict.WEAK);
    }

    @Test
    void whatCannotBeIsSaid() {
        assertThatThrownBy(() -> new Caught(80, 240, 230, false, null)).hasMessageContaining("before the start");
        assertThatThrownBy(() -> new Caught(0, 240, 240, false, null)).hasMessageContaining("most that was held");
        assertThatThrownBy(() -> judge(new Caught(80, 220, 240, false, null), copper("10", 0)))
                .hasMessageContaining("2000 ft");
    }
}
