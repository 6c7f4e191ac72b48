package zestbench.core.amps;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

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
}
