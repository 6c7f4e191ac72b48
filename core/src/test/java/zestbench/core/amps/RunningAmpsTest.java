package zestbench.core.amps;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import org.jspecify.annotations.Nullable;
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
                List.of(new RunningAmps.Taken(RunningAmps.Place.FAN, 1.2, null, volts, null)),
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
        "COMPRESSOR, 14, true, true",
        "COMPRESSOR, 7, , ",
        "FAN, 7, true, "
    })
    void lowAmpsMeanSomethingOnlyWithThePressures(
            RunningAmps.Place place, double amps, @Nullable Boolean equal, @Nullable Boolean pumping) {
        RunningAmps.Taken taken = new RunningAmps.Taken(place, amps, null, null, equal);
        assertThat(taken.isPumping(17.9)).isEqualTo(pumping);
        Judgement judgement = RunningAmps.judge(List.of(taken), new RunningAmps.Rated(17.9, 17.9, null), Meter.USUAL);
        assertThat(judgement.findings().stream().anyMatch(f -> f.text().startsWith("Runs but does not pump")))
                .isEqualTo(Boolean.FALSE.equals(pumping));
    }
}
