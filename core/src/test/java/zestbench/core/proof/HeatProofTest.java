package zestbench.core.proof;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Map;
import org.junit.jupiter.api.Test;
import zestbench.core.cases.ShippedTables;

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

    /** R-410A: 118 psig boil at 40 °F, 318 psig condense at 100 °F (rulebook §9). A suction line of 50 °F is 10 °F over, a liquid line of 92 °F 8 °F under; neither is judged while it heats. */
    @Test
    void ofAHeatPumpItsRefrigerantIsShownToo() {
        ProofSetup setup = new ProofSetup(
                "R-410A", ShippedTables.find("R-410A"), ProofSetup.Metering.VALVE, 10.0, 3, Altitude.SEA_LEVEL, 16, 22);
        UnitProof.Answer answer = HeatProof.ofHeatPump(
                Map.of(
                        ProofPoint.RETURN_AIR, 68.0,
                        ProofPoint.SUPPLY_AIR, 96.0,
                        ProofPoint.OUTDOOR_AIR, 40.0,
                        ProofPoint.SUCTION_PRESSURE, 118.0,
                        ProofPoint.SUCTION_LINE, 50.0,
                        ProofPoint.LIQUID_PRESSURE, 318.0,
                        ProofPoint.LIQUID_LINE, 92.0),
                setup);
        assertThat(answer.verdicts()).isEmpty();
        Map<ProofFigure, Double> figures = UnitProof.figures(answer);
        assertThat(figures.get(ProofFigure.SUPERHEAT)).isCloseTo(10, within(.6));
        assertThat(figures.get(ProofFigure.SUBCOOLING)).isCloseTo(8, within(1.0));
        assertThat(answer.shown().get(0).title()).isEqualTo("Temperature rise");
        assertThat(answer.findings()).anyMatch(f -> f.text().contains("maker's table"));
    }
}
