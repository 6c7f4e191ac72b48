package zestbench.core.proof;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import zestbench.core.amps.Pumping;
import zestbench.core.judgement.Finding;
import zestbench.core.judgement.Judged;
import zestbench.core.judgement.Verdict;
import zestbench.core.shop.ShopRules;

/** What holds of every proof, whatever was read: on random tables, plates and readings. */
class ProofPropertiesTest {
    private static final int ROUNDS = 400;

    /** A table of a made-up substance: ln p runs nearly straight over 1/T, dew a little under bubble. */
    private static SaturationTable table(Random random) {
        double slope = 3800 + random.nextInt(900);
        double level = Math.log(130 + random.nextInt(40)) + slope / 500;
        double glide = random.nextInt(3) * 0.02;
        List<SaturationTable.Row> rows = new ArrayList<>();
        for (int fahrenheit = -40; fahrenheit <= 150; fahrenheit += 5) {
            double psia = Math.exp(level - slope / (fahrenheit + 459.67));
            rows.add(new SaturationTable.Row(
                    fahrenheit, psia - Altitude.SEA_LEVEL_PSIA, psia * (1 - glide) - Altitude.SEA_LEVEL_PSIA));
        }
        return new SaturationTable("R-999", "made up", rows);
    }

    private static ProofSetup setup(Random random) {
        ShopRules rules = ShopRules.DEFAULT;
        return new ProofSetup(
                "R-999",
                random.nextInt(6) == 0 ? null : table(random),
                random.nextBoolean() ? ProofSetup.Metering.VALVE : ProofSetup.Metering.ORIFICE,
                random.nextBoolean() ? 8.0 + random.nextInt(6) : null,
                random.nextInt(6),
                new Altitude(random.nextInt(9_000)),
                rules.temperatureSplitLow(),
                rules.temperatureSplitHigh());
    }

    /** Readings that a unit may give, some of them missing. */
    private static Map<ProofPoint, Double> readings(Random random) {
        Map<ProofPoint, Double> out = new EnumMap<>(ProofPoint.class);
        double outdoor = 60 + random.nextInt(50);
        Map<ProofPoint, Double> all = Map.of(
                ProofPoint.OUTDOOR_AIR, outdoor,
                ProofPoint.RETURN_AIR, 65.0 + random.nextInt(25),
                ProofPoint.SUPPLY_AIR, 45.0 + random.nextInt(35),
                ProofPoint.RETURN_WET_BULB, 50.0 + random.nextInt(22),
                ProofPoint.SUCTION_PRESSURE, 10.0 + random.nextInt(160),
                ProofPoint.SUCTION_LINE, 20.0 + random.nextInt(60),
                ProofPoint.LIQUID_PRESSURE, 100.0 + random.nextInt(350),
                ProofPoint.LIQUID_LINE, 60.0 + random.nextInt(60),
                ProofPoint.AIRFLOW, (double) random.nextInt(3_000));
        all.forEach((point, value) -> {
            if (random.nextInt(4) > 0) {
                out.put(point, value);
            }
        });
        return out;
    }

    @ParameterizedTest
    @ValueSource(ints = {1, 2, 3})
    void everyProofIsToldInFullAndNothingIsMadeUp(int seed) {
        Random random = new Random(seed);
        for (int round = 0; round < ROUNDS; round++) {
            ProofSetup setup = setup(random);
            Map<ProofPoint, Double> readings = readings(random);
            UnitProof.Answer answer = UnitProof.of(readings, setup);
            Set<String> subjects = new HashSet<>();
            for (Judged judged : answer.verdicts()) {
                assertThat(subjects.add(judged.subject()))
                        .as("each figure once")
                        .isTrue();
                assertThat(judged.reckoning().text()).contains("=").doesNotContain("{}", "NaN", "Infinity");
                assertThat(judged.limits()).isNotNull();
                boolean isInside = judged.reading().value() >= judged.limits().low()
                        && judged.reading().value() <= judged.limits().high();
                if (judged.verdict() == Verdict.GOOD) {
                    assertThat(isInside).isTrue();
                } else if (judged.verdict() == Verdict.FAILED) {
                    assertThat(isInside).isFalse();
                }
            }
            if (setup.table() == null) {
                assertThat(subjects)
                        .as("without a table pressures say nothing")
                        .doesNotContain("SUPERHEAT", "SUBCOOLING", "CONDENSING_OVER_AMBIENT");
            }
            if (!readings.containsKey(ProofPoint.RETURN_AIR) || !readings.containsKey(ProofPoint.SUPPLY_AIR)) {
                assertThat(subjects).doesNotContain("SPLIT");
            }
            assertThat(answer.findings()).extracting(Finding::text).doesNotHaveDuplicates();
        }
    }

    /** Line temperature less superheat is the dew point, less subcooling below the bubble point. */
    @Test
    void superheatAndSubcoolingAreTheDistanceToSaturation() {
        Random random = new Random(7);
        int seen = 0;
        for (int round = 0; round < ROUNDS; round++) {
            SaturationTable table = table(random);
            double dew = -20 + random.nextInt(90);
            double bubble = 70 + random.nextInt(70);
            ProofSetup setup =
                    new ProofSetup("R-999", table, ProofSetup.Metering.VALVE, 10.0, 3, Altitude.SEA_LEVEL, 16, 22);
            SaturationTable.Row low = row(table, dew);
            SaturationTable.Row high = row(table, bubble);
            Map<ProofPoint, Double> readings = new EnumMap<>(ProofPoint.class);
            readings.put(ProofPoint.SUCTION_PRESSURE, Math.max(-14, low.dewPsig()));
            readings.put(ProofPoint.SUCTION_LINE, low.fahrenheit() + 9);
            readings.put(ProofPoint.LIQUID_PRESSURE, Math.min(900, high.bubblePsig()));
            readings.put(ProofPoint.LIQUID_LINE, high.fahrenheit() - 11);
            Map<ProofFigure, Double> figures = UnitProof.figures(UnitProof.of(readings, setup));
            if (low.dewPsig() > -14 && figures.containsKey(ProofFigure.SUPERHEAT)) {
                assertThat(figures.get(ProofFigure.SUPERHEAT)).isCloseTo(9, within(0.11));
                seen++;
            }
            boolean pumps = !Pumping.isEqual(
                    readings.get(ProofPoint.SUCTION_PRESSURE), readings.get(ProofPoint.LIQUID_PRESSURE), 14.7);
            if (high.bubblePsig() < 900 && pumps) {
                assertThat(figures.get(ProofFigure.SUBCOOLING)).isCloseTo(11, within(0.11));
            }
        }
        assertThat(seen).as("the check has something to check").isGreaterThan(ROUNDS / 4);
    }

    private static SaturationTable.Row row(SaturationTable table, double fahrenheit) {
        return table.rows().stream()
                .min((a, b) ->
                        Double.compare(Math.abs(a.fahrenheit() - fahrenheit), Math.abs(b.fahrenheit() - fahrenheit)))
                .orElseThrow();
    }

    /** Heights and pressures of the U.S. Standard Atmosphere 1976, table of pressure against altitude. [standard] */
    @ParameterizedTest
    @CsvSource({"0, 14.696", "1000, 14.173", "5000, 12.228", "10000, 10.106", "15000, 8.294"})
    void theAtmosphereIsTheStandardOne(double feet, double psia) {
        assertThat(new Altitude(feet).atmospherePsia()).isCloseTo(psia, within(0.005));
    }

    /** A higher site makes the same gauge reading a lower saturation temperature, never a higher one. */
    @Test
    void heightOnlyEverLowersWhatAGaugeMeans() {
        Random random = new Random(11);
        for (int round = 0; round < ROUNDS; round++) {
            SaturationTable table = table(random);
            double psig = 20 + random.nextInt(200);
            double before = Double.POSITIVE_INFINITY;
            for (int feet = 0; feet <= 12_000; feet += 1_500) {
                ProofSetup setup =
                        new ProofSetup("R-999", table, ProofSetup.Metering.VALVE, null, 3, new Altitude(feet), 16, 22);
                Map<ProofPoint, Double> readings = new EnumMap<>(ProofPoint.class);
                readings.put(ProofPoint.SUCTION_PRESSURE, psig);
                readings.put(ProofPoint.SUCTION_LINE, 60.0);
                Double superheat =
                        UnitProof.figures(UnitProof.of(readings, setup)).get(ProofFigure.SUPERHEAT);
                if (superheat != null) {
                    assertThat(60 - superheat).isLessThanOrEqualTo(before + 1e-6);
                    before = 60 - superheat;
                }
            }
        }
    }
}
