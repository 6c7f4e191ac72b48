package zestbench.core.proof;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import zestbench.core.family.Spec;
import zestbench.core.plate.PlateLabel;
import zestbench.core.plate.Plates;
import zestbench.core.shop.ShopRules;

class MoistAirTest {
    /**
     * Humidity ratio, enthalpy over that of 55/54 °F air at the same pressure, and volume, as CoolProp 8.0.0 has them
     * (HAPropsSI, real gases; the handbook formulas take them for ideal ones, half a percent off).
     */
    @ParameterizedTest
    @CsvSource({
        "80, 67, 14.696, 0.011224, 8.9048, 13.8457",
        "75, 63, 14.696, 0.009579, 5.8795, 13.6816",
        "57, 55, 14.696, 0.008774, 0.6028, 13.2028",
        "95, 75, 14.696, 0.014135, 15.7967, 14.2968",
        "70, 50, 14.696, 0.003122, -2.3921, 13.4151",
    })
    void itAgreesWithAReferenceLibrary(
            double dry, double wet, double psia, double ratio, double enthalpyOver, double volume) {
        MoistAir air = MoistAir.of(dry, wet, psia).orElseThrow();
        MoistAir base = MoistAir.of(55, 54, psia).orElseThrow();
        assertThat(air.humidityRatio()).isCloseTo(ratio, within(0.00008));
        assertThat(air.btuPerPound() - base.btuPerPound()).isCloseTo(enthalpyOver, within(0.06));
        assertThat(air.cubicFeetPerPound()).isCloseTo(volume, within(0.01));
    }

    /** Up at 5,000 ft the same readings hold more water to a pound of air, and more room. CoolProp 8.0.0 at 12.228 psia. */
    @Test
    void thinnerAirHoldsMore() {
        MoistAir air = MoistAir.of(76, 64, 12.228).orElseThrow();
        assertThat(air.humidityRatio()).isCloseTo(0.012654, within(0.00008));
        assertThat(air.cubicFeetPerPound()).isCloseTo(16.5548, within(0.012));
    }

    @Test
    void whatNoAirReadsIsNone() {
        assertThat(MoistAir.of(60, 61, 14.696)).isEmpty();
        assertThat(MoistAir.of(100, 40, 14.696)).isEmpty();
    }

    /** Wetter air at the same dry bulb holds more water and more heat. */
    @Test
    void aHigherWetBulbIsMoreHeat() {
        Random random = new Random(11);
        for (int draw = 0; draw < 500; draw++) {
            double dry = 46 + 54 * random.nextDouble();
            double wet = dry - 12 * random.nextDouble();
            MoistAir less = MoistAir.of(dry, wet - 0.5, 14.696).orElseThrow();
            MoistAir more = MoistAir.of(dry, wet, 14.696).orElseThrow();
            assertThat(more.btuPerPound()).isGreaterThan(less.btuPerPound());
            assertThat(more.humidityRatio()).isGreaterThan(less.humidityRatio());
        }
    }

    /**
     * 1,200 cfm from 80/67 to 57/55 °F: 1200 × 60 ÷ 13.85 = 5,200 lb/h × 8.30 BTU/lb = 43,200 BTU/h, 3.6 ton; by CoolProp
     * 8.0.0 72,000 ÷ 13.8457 × (23.8349 − 15.5328) = 43,173 BTU/h.
     */
    @Test
    void aUnitDeliversWhatItsAirLoses() {
        Map<ProofPoint, Double> readings = new EnumMap<>(ProofPoint.class);
        readings.put(ProofPoint.RETURN_AIR, 80.0);
        readings.put(ProofPoint.RETURN_WET_BULB, 67.0);
        readings.put(ProofPoint.SUPPLY_AIR, 57.0);
        readings.put(ProofPoint.SUPPLY_WET_BULB, 55.0);
        ProofSetup setup = ProofSetup.of(
                new Plates(
                        new Spec(PlateLabel.read("MODEL A 4 TON 208/230-1-60").fields()), Spec.EMPTY),
                null,
                Altitude.SEA_LEVEL,
                ShopRules.DEFAULT);
        assertThat(titles(readings, setup)).doesNotContain("Delivered");
        readings.put(ProofPoint.AIRFLOW, 1200.0);
        UnitProof.Shown delivered = UnitProof.of(readings, setup).shown().stream()
                .filter(s -> s.title().equals("Delivered"))
                .findFirst()
                .orElseThrow();
        assertThat(delivered.reading().value()).isCloseTo(43_173 / 12_000.0, within(0.03));
        assertThat(delivered.reckoning().text())
                .contains("80/67")
                .contains("± 0.2")
                .contains("of 4 ton on the plate");
        readings.put(ProofPoint.SUPPLY_WET_BULB, 58.0);
        assertThat(UnitProof.of(readings, setup).findings())
                .as("a wet bulb over its dry bulb is said, and delivers nothing")
                .anyMatch(f -> f.text().contains("No air reads so"));
        assertThat(titles(readings, setup)).doesNotContain("Delivered");
    }

    private static List<String> titles(Map<ProofPoint, Double> readings, ProofSetup setup) {
        return UnitProof.of(readings, setup).shown().stream()
                .map(UnitProof.Shown::title)
                .toList();
    }
}
