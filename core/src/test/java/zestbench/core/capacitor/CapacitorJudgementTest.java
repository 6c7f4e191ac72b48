package zestbench.core.capacitor;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import zestbench.core.family.Spec;
import zestbench.core.family.TestRequest;
import zestbench.core.family.TestRequest.SectionReading;
import zestbench.core.judgement.Judgement;
import zestbench.core.judgement.Verdict;
import zestbench.core.quantity.InputProblem;
import zestbench.core.quantity.Limits;
import zestbench.core.quantity.Meter;
import zestbench.core.quantity.Quantity;
import zestbench.core.quantity.Reading;
import zestbench.core.shop.ShopRules;

class CapacitorJudgementTest {
    private static final ShopRules PREVENTIVE = new ShopRules(
            ShopRules.CapacitorOut.PREVENTIVE,
            false,
            ShopRules.MakeUp.STOPGAP,
            ShopRules.Universal.PERMANENT,
            true,
            ShopRules.PowerStep.ONE_STEP,
            true,
            ShopRules.Pitted.ADVISE,
            ShopRules.ShuntToTwoPole.UNLESS_CRANKCASE_HEAT,
            ShopRules.SmallerTransformer.NEVER,
            ShopRules.Discharge.RESISTOR,
            16,
            22);

    /** Limits by IEC 60252-1's tolerances (from memory) and worked check values. */
    @ParameterizedTest(name = "{0} µF +{1} −{2} % lies from {3} to {4}")
    @CsvSource({
        "35, 6, 6, 32.9, 37.1",
        "7.5, 6, 6, 7.05, 7.95",
        "5, 5, 5, 4.75, 5.25",
        "45, 6, 6, 42.3, 47.7",
        "40, 10, 5, 38, 44",
        "55, 6, 6, 51.7, 58.3",
        "80, 10, 10, 72, 88"
    })
    void limitsFollowFromTheLabel(double rated, double plus, double minus, double low, double high) {
        assertThat(new Tolerance(plus, minus, true).around(rated)).isEqualTo(new Limits(low, high));
    }

    /** Guarded acceptance by JCGM 106:2012, worked by hand for 55+7.5 ±6 %, meter 2 % + 5 counts of 6,000. */
    @ParameterizedTest(name = "{0} reads {1}: {2}, doubt {3}")
    @CsvSource({
        "HERM, 55, GOOD, 1.15", "HERM, 53.2, WEAK, 1.114", "HERM, 52.6, TOO_CLOSE, 1.102",
                "HERM, 50.9, TOO_CLOSE, 1.068",
        "HERM, 50.6, FAILED, 1.062", "HERM, 59.6, FAILED, 1.242", "HERM, 59.0, TOO_CLOSE, 1.23",
                "FAN, 5.9, FAILED, 0.123",
        "FAN, 7.5, GOOD, 0.2", "FAN, 0, FAILED, 0.005", "FAN, 0.04, FAILED, 0.0058"
    })
    void guardsTheLimitsByTheMetersDoubt(String section, double reading, Verdict verdict, double doubt) {
        var judged = judge(
                        Parts.spec(55, 7.5, 440, 6),
                        ShopRules.DEFAULT,
                        section,
                        Reading.of(Quantity.MICROFARADS, reading))
                .verdicts()
                .get(0);
        assertThat(judged.verdict()).isEqualTo(verdict);
        assertThat(judged.uncertainty()).isCloseTo(doubt, within(1e-9));
        assertThat(judged.reckoning().text()).contains(String.valueOf(reading).replaceAll("\\.0$", ""));
    }

    @Test
    void theWorstSectionDecidesAndThePreventiveSchoolDrawsTheLineAtHalf() {
        Spec spec = Parts.spec(55, 7.5, 440, 6);
        var readings = List.of(
                new SectionReading("HERM", Reading.of(Quantity.MICROFARADS, 51.9)),
                new SectionReading("FAN", Reading.of(Quantity.MICROFARADS, 7.5)));
        assertThat(CapacitorJudgement.of(new TestRequest(spec, readings, Meter.USUAL, ShopRules.DEFAULT))
                        .overall())
                .isEqualTo(Verdict.TOO_CLOSE);
        Judgement preventive = CapacitorJudgement.of(new TestRequest(spec, readings, Meter.USUAL, PREVENTIVE));
        assertThat(preventive.overall()).isEqualTo(Verdict.FAILED);
        assertThat(preventive.verdicts().get(0).limits()).isEqualTo(new Limits(53.35, 58.3));
    }

    @Test
    void openAndOverRangeAreReadings() {
        Spec spec = Parts.spec(45, 0, 440, 6);
        assertThat(judge(spec, ShopRules.DEFAULT, null, Reading.open(Quantity.MICROFARADS))
                        .overall())
                .isEqualTo(Verdict.FAILED);
        assertThat(judge(spec, ShopRules.DEFAULT, null, Reading.overRange(Quantity.MICROFARADS))
                        .overall())
                .as("a 6,000 µF range reaches the limit: shorted")
                .isEqualTo(Verdict.FAILED);
        Meter small = new Meter(2, 5, null, 20.0);
        var low = new TestRequest(
                spec,
                List.of(new SectionReading(null, Reading.overRange(Quantity.MICROFARADS))),
                small,
                ShopRules.DEFAULT);
        Judgement judgement = CapacitorJudgement.of(low);
        assertThat(judgement.overall()).isEqualTo(Verdict.TOO_CLOSE);
        assertThat(judgement.verdicts().get(0).reckoning().text()).contains("use a higher range");
    }

    @Test
    void aCoarseMeterSaysThatItCannotProveThePartGood() {
        Meter coarse = new Meter(10, 5, null, null);
        var request = new TestRequest(
                Parts.spec(45, 0, 440, 6),
                List.of(new SectionReading(null, Reading.of(Quantity.MICROFARADS, 45))),
                coarse,
                ShopRules.DEFAULT);
        Judgement judgement = CapacitorJudgement.of(request);
        assertThat(judgement.overall()).isEqualTo(Verdict.TOO_CLOSE);
        assertThat(judgement.findings()).anySatisfy(f -> assertThat(f.text()).contains("cannot prove"));
    }

    /** Walking a reading through the band, the verdict never gets better away from the rated value. */
    @Test
    void verdictsGetNoBetterAwayFromTheRatedValue() {
        for (double rated : new double[] {3, 5, 7.5, 10, 35, 60, 80}) {
            Spec spec = Parts.spec(rated, 0, 440, 6);
            for (int direction : new int[] {-1, 1}) {
                Verdict before = Verdict.GOOD;
                for (int step = 0; step <= 200; step++) {
                    double x = rated * (1 + direction * step * 0.001);
                    Verdict now = judge(spec, ShopRules.DEFAULT, null, Reading.of(Quantity.MICROFARADS, x))
                            .overall();
                    assertThat(now).as("%s µF read as %s", rated, x).isGreaterThanOrEqualTo(before);
                    before = now;
                }
                assertThat(before).isEqualTo(Verdict.FAILED);
            }
        }
    }

    /** C = I/(2πfV), the handbook constants 2652.6 at 60 Hz and 3183.1 at 50 Hz. */
    @ParameterizedTest
    @CsvSource({"5.90, 348, 60, 44.97", "1, 1, 60, 2652.58", "1, 1, 50, 3183.10"})
    void worksOutCapacitanceUnderLoad(double amps, double volts, double hertz, double microfarads) {
        UnderLoad load = UnderLoad.of(amps, volts, hertz, Meter.USUAL);
        assertThat(load.microfarads()).isCloseTo(microfarads, within(0.005));
        double expected = load.microfarads()
                * Math.hypot((amps * 0.02 + 0.005) / amps, (volts * 0.02 + (volts > 60 ? 0.5 : 0.005)) / volts);
        assertThat(load.uncertainty()).isCloseTo(expected, within(0.002 * load.microfarads()));
    }

    @Test
    void aReadingThatCannotBeJudgedSaysWhatIsMissing() {
        assertThatThrownBy(() -> judge(Spec.EMPTY, ShopRules.DEFAULT, null, Reading.of(Quantity.MICROFARADS, 5)))
                .isInstanceOf(InputProblem.class)
                .hasMessageContaining("rated µF");
        assertThatThrownBy(() ->
                        judge(Parts.spec(45, 5, 440, 6), ShopRules.DEFAULT, null, Reading.of(Quantity.MICROFARADS, 5)))
                .isInstanceOf(InputProblem.class)
                .hasMessageContaining("HERM, FAN");
        assertThatThrownBy(() -> Reading.of(Quantity.MICROFARADS, -1)).isInstanceOf(InputProblem.class);
        assertThatThrownBy(() -> Reading.of(Quantity.MICROFARADS, Double.NaN)).isInstanceOf(InputProblem.class);
    }

    private static Judgement judge(Spec spec, ShopRules rules, String section, Reading reading) {
        return CapacitorJudgement.of(
                new TestRequest(spec, List.of(new SectionReading(section, reading)), Meter.USUAL, rules));
    }
}
