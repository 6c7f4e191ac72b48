package zestbench.core.proof;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import zestbench.core.judgement.Judgement;
import zestbench.core.judgement.Verdict;
import zestbench.core.quantity.Limits;

/** Readings that do not stand still are kept as what they are. */
class WanderTest {
    /** Superheat at a valve, 5 to 20 °F [practice]; ten degrees of swing hunt. [practice] */
    @ParameterizedTest(name = "{0} to {1} over {2} min: {3}")
    @CsvSource(
            nullValues = "-",
            value = {
                "8, 14, 5, GOOD, -",
                "6, 18, 5, WEAK, hunts",
                "6, 18, 1, GOOD, under two minutes",
                "2, 12, 5, WEAK, hunts",
                "21, 26, 5, FAILED, -",
            })
    void superheatIsHeldAtBothItsEnds(double low, double high, double minutes, Verdict verdict, @Nullable String says) {
        Judgement judgement = new Wander(ProofFigure.SUPERHEAT, low, high, minutes).judge(new Limits(5, 20));
        assertThat(judgement.verdicts().get(0).verdict()).isEqualTo(verdict);
        assertThat(
                        says == null
                                ? judgement.findings().isEmpty()
                                : judgement.findings().stream()
                                        .anyMatch(f -> f.text().contains(says)))
                .as(judgement.findings().toString())
                .isTrue();
    }

    @Test
    void withoutLimitsNothingIsJudged() {
        Wander wander = new Wander(ProofFigure.SUBCOOLING, 6, 11.5, 3);
        assertThat(wander.judge(null).verdicts().get(0).verdict()).isEqualTo(Verdict.NOT_JUDGED);
        assertThat(wander.words()).isEqualTo("6 to 11.5 °F over 3 min");
    }

    @Test
    void whatCannotBeIsSaid() {
        assertThatThrownBy(() -> new Wander(ProofFigure.SPLIT, 9, 4, 3)).hasMessageContaining("not under the least");
        assertThatThrownBy(() -> new Wander(ProofFigure.SPLIT, 4, 9, 0)).hasMessageContaining("how many minutes");
    }
}
