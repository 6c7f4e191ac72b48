package zestbench.core.proof;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import zestbench.core.judgement.Finding;
import zestbench.core.judgement.Verdict;
import zestbench.core.proof.ProofSetup.Metering;
import zestbench.core.proof.SaturationTable.Row;
import zestbench.core.quantity.InputProblem;

class ProofTest {
    /** Dew curve of R-410A at common service temperatures, pressure-temperature charts of the trade. [from memory] */
    private static final SaturationTable TABLE = new SaturationTable(
            "R-410A",
            "pressure-temperature charts",
            List.of(row(20, 78.4), row(40, 118), row(70, 201), row(100, 318), row(110, 365), row(120, 418)));

    private static Row row(double fahrenheit, double psig) {
        return new Row(fahrenheit, psig, psig);
    }

    private static ProofSetup setup(@Nullable Metering metering, @Nullable Double subcooling) {
        return new ProofSetup("R-410A", TABLE, metering, subcooling, 3, Altitude.SEA_LEVEL, 16, 22);
    }

    private static Map<ProofPoint, Double> readings(Object... pointsAndValues) {
        Map<ProofPoint, Double> out = new EnumMap<>(ProofPoint.class);
        for (int i = 0; i < pointsAndValues.length; i += 2) {
            out.put((ProofPoint) pointsAndValues[i], ((Number) pointsAndValues[i + 1]).doubleValue());
        }
        return out;
    }

    private static Map<ProofPoint, Double> healthy() {
        return readings(
                ProofPoint.RETURN_AIR, 76,
                ProofPoint.SUPPLY_AIR, 57,
                ProofPoint.OUTDOOR_AIR, 88,
                ProofPoint.SUCTION_PRESSURE, 130,
                ProofPoint.SUCTION_LINE, 57,
                ProofPoint.LIQUID_PRESSURE, 365,
                ProofPoint.LIQUID_LINE, 100,
                ProofPoint.AIRFLOW, 1200);
    }

    private static Verdict verdict(UnitProof.Answer answer, ProofFigure figure) {
        return answer.verdicts().stream()
                .filter(v -> v.subject().equals(figure.name()))
                .findFirst()
                .orElseThrow()
                .verdict();
    }

    private static List<String> texts(UnitProof.Answer answer) {
        return answer.findings().stream().map(Finding::text).toList();
    }

    /** Rows between which 45 °F and 50 °F lie are 40 and 70: the charts print 130 and 143 psig there. */
    @ParameterizedTest
    @CsvSource({"130, 45, 0.6", "143, 50, 0.6", "118, 40, 0.001", "418, 120, 0.001"})
    void betweenTwoRowsLogPressureRunsStraightAgainstInverseTemperature(double psig, double fahrenheit, double off) {
        assertThat(TABLE.dewFahrenheit(psig, Altitude.SEA_LEVEL).orElseThrow()).isCloseTo(fahrenheit, within(off));
    }

    @Test
    void nothingIsReadBeyondTheTable() {
        assertThat(TABLE.dewFahrenheit(70, Altitude.SEA_LEVEL)).isEmpty();
        assertThat(TABLE.bubbleFahrenheit(419, Altitude.SEA_LEVEL)).isEmpty();
        UnitProof.Answer answer = UnitProof.of(
                readings(ProofPoint.SUCTION_PRESSURE, 20, ProofPoint.SUCTION_LINE, 50), setup(Metering.VALVE, 10.0));
        assertThat(answer.verdicts()).isEmpty();
        assertThat(texts(answer)).anyMatch(t -> t.contains("20 psig lies beyond the table of R-410A (78 to 418 psig)"));
    }

    /** U.S. Standard Atmosphere 1976: 12.228 psia at 5,000 ft. */
    @Test
    void heightMovesTheZeroOfTheGauge() {
        assertThat(new Altitude(5000).atmospherePsia()).isCloseTo(12.228, within(0.01));
        double high = TABLE.dewFahrenheit(118, new Altitude(5000)).orElseThrow();
        assertThat(high).isLessThan(40).isCloseTo(38.9, within(0.3));
        assertThatThrownBy(() -> new Altitude(40_000)).isInstanceOf(InputProblem.class);
    }

    @ParameterizedTest
    @CsvSource({
        "R-410A, 50, 150, 160, the bubble pressure",
        "R-410A, 50, 118, 118, rise from row to row",
        "R-410A, 40, 130, 130, rise from row to row",
        "coolant, 50, 142, 142, as R-410A",
        "R-410A, 50, 4000, 4000, 'up to 3,000'"
    })
    void aTableThatCannotBeIsRefused(String name, double fahrenheit, double bubble, double dew, String why) {
        List<Row> rows = List.of(row(10, 40), row(20, 78), row(40, 118), new Row(fahrenheit, bubble, dew));
        assertThatThrownBy(() -> new SaturationTable(name, "a chart", rows))
                .isInstanceOf(InputProblem.class)
                .hasMessageContaining(why);
    }

    /** Worked example of the trade: wet bulb 63 °F, outdoors 85 °F give a target of 12 °F. [practice] */
    @Test
    void theTargetSuperheatOfAFixedOrifice() {
        assertThat(UnitProof.targetSuperheat(63, 85)).isEqualTo(12);
        Map<ProofPoint, Double> readings = healthy();
        readings.put(ProofPoint.OUTDOOR_AIR, 85.0);
        readings.put(ProofPoint.RETURN_WET_BULB, 63.0);
        assertThat(verdict(UnitProof.of(readings, setup(Metering.ORIFICE, null)), ProofFigure.SUPERHEAT))
                .isEqualTo(Verdict.GOOD);
        readings.put(ProofPoint.RETURN_WET_BULB, 57.0);
        UnitProof.Answer dry = UnitProof.of(readings, setup(Metering.ORIFICE, null));
        assertThat(texts(dry)).anyMatch(t -> t.contains("under 5: do not charge by this"));
        assertThat(dry.verdicts()).noneMatch(v -> v.subject().equals("SUPERHEAT"));
    }

    @Test
    void aUnitThatDoesItsWorkIsGoodThroughout() {
        UnitProof.Answer answer = UnitProof.of(healthy(), setup(Metering.VALVE, 10.0));
        assertThat(answer.verdicts()).hasSize(5).allMatch(v -> v.verdict() == Verdict.GOOD);
        assertThat(texts(answer)).isEmpty();
        assertThat(UnitProof.figures(answer))
                .containsEntry(ProofFigure.SPLIT, 19.0)
                .containsEntry(ProofFigure.SUBCOOLING, 10.0)
                .containsEntry(ProofFigure.CONDENSING_OVER_AMBIENT, 22.0)
                .containsEntry(ProofFigure.AIRFLOW_PER_TON, 400.0);
    }

    /** Where a figure is out, air and dirt are named before charge. [practice] */
    @ParameterizedTest
    @CsvSource({
        "AIRFLOW, 800, Too little air",
        "SUPPLY_AIR, 48, Too little air",
        "OUTDOOR_AIR, 70, Condensing far over",
        "SUCTION_LINE, 44, No superheat",
        "SUCTION_LINE, 48, Low superheat",
        "LIQUID_LINE, 112, warmer than it can be"
    })
    void whatIsOutSaysWhereToLook(ProofPoint point, double value, String says) {
        Map<ProofPoint, Double> readings = healthy();
        readings.put(point, value);
        UnitProof.Answer answer = UnitProof.of(readings, setup(Metering.VALVE, 10.0));
        assertThat(texts(answer)).anyMatch(t -> t.contains(says)).last().isEqualTo(Suspicion.ORDER);
    }

    @Test
    void chargeIsSuspectedOnlyWhereTheAirIsRight() {
        Map<ProofPoint, Double> readings = healthy();
        readings.put(ProofPoint.SUCTION_LINE, 75.0);
        readings.put(ProofPoint.LIQUID_LINE, 108.0);
        assertThat(texts(UnitProof.of(readings, setup(Metering.VALVE, 10.0))))
                .anyMatch(t -> t.contains("too little charge"));
        readings.put(ProofPoint.AIRFLOW, 700.0);
        assertThat(texts(UnitProof.of(readings, setup(Metering.VALVE, 10.0))))
                .noneMatch(t -> t.contains("too little charge"))
                .anyMatch(t -> t.contains("Too little air"));
    }

    @Test
    void whatIsNotKnownIsNotJudged() {
        UnitProof.Answer noTable = UnitProof.of(
                healthy(), new ProofSetup("R-999", null, Metering.VALVE, 10.0, 0, Altitude.SEA_LEVEL, 16, 22));
        assertThat(noTable.verdicts()).extracting(v -> v.subject()).containsExactly("SPLIT");
        assertThat(texts(noTable))
                .anyMatch(t -> t.contains("no saturation table for R-999"))
                .anyMatch(t -> t.contains("does not tell its tons"));
        UnitProof.Answer noMetering = UnitProof.of(healthy(), setup(null, null));
        assertThat(noMetering.shown()).extracting(UnitProof.Shown::title).contains("Superheat", "Subcooling");
        assertThat(texts(noMetering)).anyMatch(t -> t.contains("Valve or orifice is not known"));
    }

    @Test
    void theBestIsHeldAgainstTodayOnlyAtLikeOutdoorAir() {
        UnitProof.Answer best = UnitProof.of(healthy(), setup(Metering.VALVE, 10.0));
        Benchmark benchmark = Benchmark.of(1, healthy(), best);
        Map<ProofPoint, Double> today = healthy();
        today.put(ProofPoint.SUPPLY_AIR, 61.0);
        UnitProof.Answer now = UnitProof.of(today, setup(Metering.VALVE, 10.0));
        assertThat(benchmark.compare(today, now).figures())
                .filteredOn(Benchmark.Compared::isWorse)
                .singleElement()
                .satisfies(c -> assertThat(c.reckoning().text()).isEqualTo("15 now, 19 at its best: −4 °F, worse."));
        today.put(ProofPoint.OUTDOOR_AIR, 70.0);
        assertThat(benchmark.compare(today, now).words()).contains("too far apart");
        today.remove(ProofPoint.OUTDOOR_AIR);
        assertThat(benchmark.compare(today, now).words()).contains("Read the outdoor air");
    }

    @Test
    void aUnitSettlesOnceTwoSplitsAgreeAfterTenMinutesOrAtFifteen() {
        Settling settling = Settling.since(0);
        List<Settling.Split> agree = List.of(new Settling.Split(500_000, 18), new Settling.Split(610_000, 18.8));
        List<Settling.Split> apart = List.of(new Settling.Split(500_000, 14), new Settling.Split(610_000, 18.8));
        assertThat(settling.isSettled(599_000, agree)).isFalse();
        assertThat(settling.isSettled(610_000, agree)).isTrue();
        assertThat(settling.isSettled(610_000, apart)).isFalse();
        assertThat(settling.isSettled(900_000, apart)).isTrue();
    }
}
