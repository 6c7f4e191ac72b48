package zestbench.core.amps;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import zestbench.core.judgement.Finding;
import zestbench.core.judgement.Judgement;
import zestbench.core.judgement.Verdict;
import zestbench.core.quantity.InputProblem;
import zestbench.core.quantity.Meter;

class RunningAmpsTest {
    /** Practice: a compressor over 110 % of RLA is investigated, a fan over FLA watched and over 110 % stopped. */
    @ParameterizedTest(name = "{0} {1} A of {2} A: {3} {4}")
    @CsvSource({
        "COMPRESSOR, 17.9, 17.9, GOOD, ", "COMPRESSOR, 19.6, 17.9, GOOD, ", "COMPRESSOR, 19.8, 17.9, WEAK, CAUTION",
        "COMPRESSOR, 9, 17.9, GOOD, INFO", "FAN, 1.4, 1.4, GOOD, ", "FAN, 1.5, 1.4, WEAK, CAUTION",
        "FAN, 1.55, 1.4, FAILED, STOP", "BLOWER, 0.1, 3, GOOD, "
    })
    void aRatingIsACeiling(
            RunningAmps.Place place, double amps, double rated, Verdict verdict, Finding.Severity severity) {
        Judgement judgement = RunningAmps.judge(place, amps, rated, Meter.USUAL);
        assertThat(judgement.overall()).isEqualTo(verdict);
        assertThat(judgement.findings())
                .extracting(Finding::severity)
                .isEqualTo(severity == null ? java.util.List.of() : java.util.List.of(severity));
        assertThatThrownBy(() -> RunningAmps.judge(place, amps, 0, Meter.USUAL)).isInstanceOf(InputProblem.class);
    }

    /** Volts under load within ±10 % of the label. [NEMA MG 1, 12.44] */
    @ParameterizedTest(name = "{0} V under load of 208-230: {1}")
    @CsvSource({"231, GOOD", "200, GOOD", "180, FAILED", "187.2, TOO_CLOSE", "265, FAILED"})
    void voltsAreInViewBesideTheAmps(double volts, Verdict verdict) {
        Judgement judgement = RunningAmps.judge(
                List.of(new RunningAmps.Taken(RunningAmps.Place.FAN, 1.2, null, volts, null, false)),
                new RunningAmps.Rated(null, 1.4, null, List.of(208.0, 230.0)),
                Meter.USUAL);
        assertThat(judgement.verdicts()).extracting(v -> v.subject()).containsExactly("FAN", "FAN VOLTS");
        assertThat(judgement.verdicts().get(1).verdict()).isEqualTo(verdict);
        assertThat(judgement.findings()).hasSize(verdict == Verdict.FAILED ? 1 : 0);
    }

    /** Practice: under about 60 % of RLA with near-equal pressures a compressor runs but does not pump. */
    @ParameterizedTest(name = "{0} {1} A of 17.9, pressures equal {2}: pumping {3}")
    @CsvSource({
        "COMPRESSOR, 7, true, false",
        "COMPRESSOR, 7, false, true",
        "COMPRESSOR, 14, true, false",
        "COMPRESSOR, 14, false, true",
        "COMPRESSOR, 0.3, true, ",
        "COMPRESSOR, 7, , ",
        "FAN, 7, true, "
    })
    void nearEqualPressuresDecideWhateverItDraws(
            RunningAmps.Place place, double amps, @Nullable Boolean equal, @Nullable Boolean pumping) {
        RunningAmps.Taken taken = new RunningAmps.Taken(place, amps, null, null, equal, false);
        assertThat(taken.isPumping(17.9)).isEqualTo(pumping);
        Judgement judgement = RunningAmps.judge(List.of(taken), new RunningAmps.Rated(17.9, 17.9, null), Meter.USUAL);
        assertThat(judgement.findings().stream().anyMatch(f -> f.text().startsWith("Runs but does not pump")))
                .isEqualTo(Boolean.FALSE.equals(pumping));
        assertThat(judgement.overall() == Verdict.GOOD)
                .as("a compressor that does not pump, or does not run, is never good")
                .isEqualTo(place == RunningAmps.Place.FAN || (amps > 1 && !Boolean.TRUE.equals(equal)));
    }

    /** Under 3 % of its rating a motor did not start; without a rating its amps are kept and not judged. */
    @ParameterizedTest(name = "{0} {1} A of {2}: {3}")
    @CsvSource({
        "COMPRESSOR, 0, 17.9, FAILED",
        "FAN, 0, 1.4, FAILED",
        "FAN, 0.04, 1.4, FAILED",
        "FAN, 0.9, 1.4, GOOD",
        "FAN, 0, , FAILED",
        "FAN, 0.9, , NOT_JUDGED",
        "COMPRESSOR, 11.2, , NOT_JUDGED"
    })
    void noStartIsNoGoodReadingAndNothingIsJudgedWithoutARating(
            RunningAmps.Place place, double amps, @Nullable Double rated, Verdict verdict) {
        Judgement judgement = RunningAmps.judge(
                List.of(new RunningAmps.Taken(place, amps, null)),
                new RunningAmps.Rated(rated, rated, null),
                Meter.USUAL);
        assertThat(judgement.verdicts().get(0).verdict()).isEqualTo(verdict);
        assertThat(judgement.verdicts().get(0).reading().value()).isEqualTo(amps);
        assertThat(judgement.overall()).isEqualTo(verdict == Verdict.NOT_JUDGED ? null : verdict);
    }

    /** LRA is at rated volts: 104 % of the volts draw 104 % of it [physics]; the clamp's 2 % + 5 counts are left clear. */
    @ParameterizedTest(name = "{0} A at {1} V of LRA 105 at 230 V: {2}")
    @CsvSource({"107, 239, GOOD", "105, 230, GOOD", "118, 239, WEAK", "111, 208, WEAK", "96, 208, GOOD", "106, , GOOD"})
    void inrushIsHeldAgainstTheVoltsThatWereThere(double inrush, @Nullable Double volts, Verdict verdict) {
        Judgement judgement = RunningAmps.judge(
                List.of(new RunningAmps.Taken(RunningAmps.Place.COMPRESSOR, 14, inrush, volts, null, false)),
                new RunningAmps.Rated(17.9, null, 105.0, List.of(208.0, 230.0)),
                Meter.USUAL);
        assertThat(judgement.verdicts().get(1).verdict()).isEqualTo(verdict);
    }

    /** Said to be silent, a compressor that draws a third of RLA with equal pressures does not start; it is not "not pumping". */
    @Test
    void aSilentCompressorIsNotOneThatRunsWithoutPumping() {
        Judgement judgement = RunningAmps.judge(
                List.of(new RunningAmps.Taken(RunningAmps.Place.COMPRESSOR, 6, null, null, true, true)),
                new RunningAmps.Rated(17.9, null, 105.0),
                Meter.USUAL);
        assertThat(judgement.overall()).isEqualTo(Verdict.FAILED);
        assertThat(judgement.findings()).noneMatch(f -> f.text().contains("not pump"));
    }

    /** Liquid less suction under 30 psi, or their absolute ratio under 1.3. [practice] */
    @ParameterizedTest(name = "{0} and {1} psig: near-equal {2}")
    @CsvSource({
        "150, 175, true",
        "150, 260, false",
        "118, 365, false",
        "300, 390, true",
        "69, 260, false",
        "140, 140, true"
    })
    void pressuresAreNearEqualByDifferenceOrByRatio(double suction, double liquid, boolean isEqual) {
        assertThat(Pumping.isEqual(suction, liquid, 14.7)).isEqualTo(isEqual);
    }
}
