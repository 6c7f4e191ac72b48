package zestbench.core.proof;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Map;
import org.junit.jupiter.api.Test;

/** What a heating unit reads is shown and judged by nothing. */
class HeatProofTest {
    /** 1.08 × 1200 cfm × 50 °F = 64.8 thousand BTU an hour, of standard air. [physics] */
    @Test
    void riseHeatAndGasAreShown() {
        UnitProof.Answer answer = HeatProof.of(Map.of(
                ProofPoint.RETURN_AIR, 68.0,
                ProofPoint.SUPPLY_AIR, 118.0,
                ProofPoint.AIRFLOW, 1200.0,
                ProofPoint.GAS_MANIFOLD, 3.5,
                ProofPoint.FLAME_SIGNAL, 2.1));
        assertThat(answer.verdicts()).isEmpty();
        assertThat(answer.shown())
                .extracting(UnitProof.Shown::title)
                .containsExactly("Temperature rise", "Heat to the air", "Gas, manifold", "Flame signal");
        assertThat(answer.shown().get(1).reading().value()).isCloseTo(64.8, within(.05));
        assertThat(answer.findings()).isEmpty();
    }

    @Test
    void aUnitThatCoolsDoesNotHeat() {
        assertThat(HeatProof.of(Map.of(ProofPoint.RETURN_AIR, 70.0, ProofPoint.SUPPLY_AIR, 60.0))
                        .findings())
                .anyMatch(f -> f.text().contains("does not heat"));
    }
}
