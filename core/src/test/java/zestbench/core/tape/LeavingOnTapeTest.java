package zestbench.core.tape;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.TreeMap;
import org.apache.commons.math3.stat.regression.SimpleRegression;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import zestbench.core.Families;
import zestbench.core.family.Family;
import zestbench.core.family.Spec;
import zestbench.core.family.TestRequest;
import zestbench.core.family.TestRequest.SectionReading;
import zestbench.core.judgement.Grade;
import zestbench.core.judgement.Judgement;
import zestbench.core.plate.Plates;
import zestbench.core.proof.Altitude;
import zestbench.core.proof.ProofFigure;
import zestbench.core.proof.ProofPoint;
import zestbench.core.proof.ProofSetup;
import zestbench.core.proof.UnitProof;
import zestbench.core.quantity.Meter;
import zestbench.core.quantity.Quantity;
import zestbench.core.quantity.Reading;
import zestbench.core.shop.ShopRules;
import zestbench.core.supply.PairReading;
import zestbench.core.supply.SupplyPoint;
import zestbench.core.supply.SupplyVoltage;

/** What the visits to a unit say together: proofs, write-ups, drift, what was put in. */
class LeavingOnTapeTest {
    private static final Family CAPACITOR = Families.named("capacitor");
    private static final long DAY = 86_400_000;
    private static final long MINUTE = 60_000;
    private static final String LABEL = "45 µF 440 V ±6%";
    private static final ProofSetup AIR_ONLY = ProofSetup.of(Plates.NONE, null, Altitude.SEA_LEVEL, ShopRules.DEFAULT);
    private final Map<Long, List<Line>> tapes = new TreeMap<>();

    /** The core's own line against a general least-squares regression, on readings that wander. */
    @ParameterizedTest
    @CsvSource({"1, 3", "2, 4", "3, 7", "4, 12", "5, 30"})
    void theDriftIsTheLeastSquaresLineAndItsCrossingIsForetoldByIt(int seed, int count) {
        Random random = new Random(seed);
        SimpleRegression reference = new SimpleRegression();
        for (int visit = 0; visit < count; visit++) {
            long at = (visit * 200L + random.nextInt(60)) * DAY;
            double microfarads = 45.5 - 0.09 * visit + random.nextGaussian() * 0.04;
            measure(visit, at, microfarads);
            if (visit == 0) {
                reference.addData(0, microfarads);
            } else {
                reference.addData((at - firstAt()) / (double) DAY, microfarads);
            }
        }
        SectionTrend trend = history().sections().get(0);
        assertThat(trend.points()).hasSize(count);
        assertThat(SectionTrend.slopePerDay(trend.points())).isCloseTo(reference.getSlope(), within(1e-12));
        if (trend.crossesMillis() != null) {
            double days = (42.3 - reference.getIntercept()) / reference.getSlope();
            assertThat((trend.crossesMillis() - firstAt()) / (double) DAY).isCloseTo(days, within(1.0));
        }
    }

    @Test
    void underThreeReadingsOrSixtyDaysNothingIsForetold() {
        measure(0, 0, 45);
        measure(1, 300 * DAY, 44);
        assertThat(trend().words()).isEqualTo("2 readings over 300 days: no forecast yet.");
        assertThat(trend().crossesMillis()).isNull();
        measure(2, 301 * DAY, 43.9);
        assertThat(trend().crossesMillis()).isNotNull();
        tapes.clear();
        for (int visit = 0; visit < 5; visit++) {
            measure(visit, visit * 10L * DAY, 45 - visit * 0.1);
        }
        assertThat(trend().words()).isEqualTo("5 readings over 40 days: no forecast yet.");
    }

    @Test
    void whatRisesOrDriftsSlowlyDoesNotCrossAndWhatIsBelowAlreadyIsNotForetold() {
        for (int visit = 0; visit < 4; visit++) {
            measure(visit, visit * 100L * DAY, 44 + visit * 0.2);
        }
        assertThat(trend().words()).endsWith("it does not reach its lower limit in ten years.");
        tapes.clear();
        for (int visit = 0; visit < 4; visit++) {
            measure(visit, visit * 100L * DAY, 45 - visit * 1.2);
        }
        assertThat(trend().words()).endsWith("it is below its lower limit.");
        assertThat(trend().crossesMillis()).isNull();
    }

    @Test
    void aNewPartStartsANewLineAndAStruckReadingIsNone() {
        measure(0, 0, 45);
        measure(1, 200 * DAY, 44.5);
        measure(2, 400 * DAY, 40);
        strikeLast(2, 400 * DAY);
        assertThat(trend().points()).hasSize(2);
        measure(3, 500 * DAY, 39);
        add(3, 500 * DAY, new PartEntry.PartClosed("p", Entry.Outcome.REPLACED, "45 µF", "", null));
        assertThat(history().sections()).as("the old part's line ended with it").isEmpty();
        measure(4, 900 * DAY, 45.1);
        assertThat(trend().points()).hasSize(1);
    }

    @Test
    void aUnitSettlesInTenToFifteenMinutesAndReadingsBeforeDoNotCount() {
        add(0, 1, new LeaveEntry.UnitStarted());
        read(0, 2 * MINUTE, 76, 70);
        assertThat(leave().isSettled(AIR_ONLY)).isFalse();
        read(0, 11 * MINUTE, 76, 58);
        assertThat(leave().isSettled(AIR_ONLY)).as("it still moved by 12 °F").isFalse();
        read(0, 14 * MINUTE, 76, 57.8);
        assertThat(leave().isSettled(AIR_ONLY)).isTrue();
        assertThat(leave().figures(AIR_ONLY))
                .filteredOn(f -> f.figure() == ProofFigure.SPLIT)
                .extracting(LeaveState.FigureAt::value)
                .startsWith(6.0)
                .endsWith(18.2);
        add(0, 20 * MINUTE, new UnitEntry.DeadRead("SUPPLY", "L1-L2", 0.2));
        assertThat(leave().isRunning()).as("read dead: it does not run").isFalse();
        add(0, 25 * MINUTE, new LeaveEntry.UnitStarted());
        assertThat(leave().readings()).as("a new start reads anew").isEmpty();
    }

    @Test
    void theBestIsTheLastThatWasKeptAsSuchBeforeThisVisit() {
        keep(0, 0, 88, 76, 57, true);
        keep(1, 100 * DAY, 90, 76, 58, false);
        keep(2, 200 * DAY, 84, 75, 55, true);
        assertThat(history().benchmark().orElseThrow().figures()).containsEntry(ProofFigure.SPLIT, 20.0);
        assertThat(history().benchmarksBefore(2).get("1").outdoorFahrenheit()).isEqualTo(88);
        assertThat(history().benchmarksBefore(0).get("1").outdoorFahrenheit()).isEqualTo(84);
        UnitHistory.FigureTrend split = history().figureTrends().get(0);
        assertThat(split.points())
                .extracting(UnitHistory.FigureTrend.Point::value)
                .containsExactly(19.0, 18.0, 20.0);
        assertThat(split.points().get(1).outdoorFahrenheit()).isEqualTo(90);
    }

    @Test
    void writeUpsOfAllVisitsStandByUrgencyUntilTheyAreEnded() {
        add(0, 0, new LeaveEntry.WrittenUp("a", "", "Insulation gone", "", Entry.Urgency.WATCH));
        add(0, 0, new LeaveEntry.WrittenUp("b", "Blower", "Belt frayed", "It slips", Entry.Urgency.NOW));
        add(1, DAY, new LeaveEntry.WrittenUp("c", "", "Pan rusted", "", Entry.Urgency.SOON));
        assertThat(history().openWriteUps()).extracting(w -> w.writeUp().id()).containsExactly("b", "c", "a");
        add(1, DAY, new LeaveEntry.WriteUpEnded("b", "Belt frayed", "new belt"));
        assertThat(history().openWriteUps()).extracting(w -> w.writeUp().id()).containsExactly("c", "a");
        assertThat(new LeaveEntry.WrittenUp("b", "Blower", "Belt frayed", "It slips", Entry.Urgency.NOW)
                        .told()
                        .title())
                .isEqualTo("Write-up, blower: Belt frayed");
    }

    @ParameterizedTest
    @CsvSource({
        "0, 0 days",
        "1, 1 day",
        "59, 59 days",
        "61, 2 months",
        "400, 13 months",
        "731, 2 years",
        "820, 2 years 3 months"
    })
    void aPartsAgeIsToldInUnitsThatSaySomething(long days, String words) {
        assertThat(new UnitHistory.PutIn(1, 0, "Outdoor unit", "Run capacitor", "45 µF", "", null, null)
                        .age(days * DAY))
                .isEqualTo(words);
    }

    @Test
    void whatWasPutInLastIsInAndEveryPartStandsAsFoundAndLeft() {
        measure(0, 0, 40);
        add(0, 0, new PartEntry.PartClosed("p", Entry.Outcome.REPLACED, "45 µF", "", "2026-12-01"));
        add(0, 0, new UnitEntry.CallEnded(Entry.End.CLOSED, "Bring the proper one"));
        measure(1, 30 * DAY, 39);
        add(1, 30 * DAY, new PartEntry.PartClosed("p", Entry.Outcome.REPLACED, "45 µF, proper", "", null));
        assertThat(history().putIn()).hasSize(1);
        assertThat(history().putIn().get(0).returnDate())
                .as("the stopgap is out")
                .isNull();
        assertThat(history().foundAndLeft())
                .extracting(UnitHistory.FoundAndLeft::asLeft)
                .containsExactly("45 µF, proper", "45 µF");
        assertThat(history().foundAndLeft().get(0).asFound()).contains("39");
        assertThat(history().lastNote()).isEqualTo("Bring the proper one");
    }

    @Test
    void aTruckWantsWhatRepairsDidNotFindOnIt() {
        measure(0, 0, 30);
        assertThat(wanted(true, false, DAY)).isEqualTo("failed, nothing on the truck fits as it is");
        assertThat(wanted(false, false, DAY)).as("the call is over").isEmpty();
        add(0, 0, new PartEntry.Ordered("p", "A-1", "S-1", "45 µF 440 V", LABEL, 20, "Quay counter", "2026-11-27"));
        assertThat(wanted(true, false, DAY)).isEqualTo("ordered, Quay counter");
        Entry.Piece bought =
                new Entry.Piece(null, new Spec(CAPACITOR.read("45 µF 370 V").fields()));
        add(
                0,
                0,
                new PartEntry.Chosen(
                        "p", "45 µF", Grade.SUITABLE, List.of(bought), List.of(), List.of(), List.of(), null, 0));
        add(0, DAY, new PartEntry.PartClosed("p", Entry.Outcome.REPLACED, "45 µF", "", "2026-12-01"));
        assertThat(wanted(false, true, DAY)).isEqualTo("a stopgap is in until 2026-12-01");
        assertThat(wanted(false, false, 20 * DAY)).isEqualTo("bought on the way");
        assertThat(wanted(false, false, 40 * DAY)).as("long ago").isEmpty();
    }

    private String wanted(boolean isOpen, boolean isStopgapIn, long now) {
        return Wanted.why(state(0).part("p"), isOpen, isStopgapIn, now, List::of);
    }

    @Test
    void anOrderedPartHoldsTheNextThingUntilItIsHere() {
        add(0, 0, new PartEntry.PartAdded("p", "capacitor", "Run capacitor", "Outdoor unit", ""));
        add(0, 0, new PartEntry.LabelRead("p", LABEL, spec()));
        measureOn(0, 0, 30);
        add(0, 0, new PartEntry.Ordered("p", "A-1", "S-1", "45 µF 440 V", LABEL, 20, "Quay counter", "2026-11-27"));
        assertThat(NextThing.of(state(0)).text()).isEqualTo("Waits for its part, ready 2026-11-27: 45 µF 440 V");
        add(0, 0, new PartEntry.OrderEnded("p", "A-1", true));
        assertThat(NextThing.of(state(0)).text()).startsWith("Match a replacement");
    }

    private void keep(long visit, long at, double outdoor, double back, double supply, boolean isBest) {
        Map<ProofPoint, Double> readings = new LinkedHashMap<>();
        readings.put(ProofPoint.OUTDOOR_AIR, outdoor);
        readings.put(ProofPoint.RETURN_AIR, back);
        readings.put(ProofPoint.SUPPLY_AIR, supply);
        UnitProof.Answer answer = UnitProof.of(readings, AIR_ONLY);
        add(
                visit,
                at,
                new LeaveEntry.ProofKept(readings, answer.verdicts(), answer.shown(), answer.findings(), true, isBest));
    }

    private void read(long visit, long at, double back, double supply) {
        add(visit, at, new LeaveEntry.ProofRead(ProofPoint.RETURN_AIR, back));
        add(visit, at, new LeaveEntry.ProofRead(ProofPoint.SUPPLY_AIR, supply));
    }

    private void measure(long visit, long at, double microfarads) {
        add(visit, at, new PartEntry.PartAdded("p", "capacitor", "Run capacitor", "Outdoor unit", ""));
        add(visit, at, new PartEntry.LabelRead("p", LABEL, spec()));
        measureOn(visit, at, microfarads);
    }

    private void measureOn(long visit, long at, double microfarads) {
        var judgement = CAPACITOR.judge(new TestRequest(
                spec(),
                List.of(new SectionReading("CAPACITOR", Reading.of(Quantity.MICROFARADS, microfarads))),
                Meter.USUAL,
                ShopRules.DEFAULT));
        add(
                visit,
                at,
                new PartEntry.Measured(
                        "p",
                        null,
                        Entry.Method.BENCH,
                        judgement.verdicts().get(0),
                        "45 µF",
                        judgement.findings(),
                        Meter.USUAL.text(),
                        0));
    }

    private void strikeLast(long visit, long at) {
        add(visit, at, new UnitEntry.Struck(tapes.get(visit).size(), "misread"));
    }

    private void add(long visit, long at, Entry entry) {
        List<Line> tape = tapes.computeIfAbsent(visit, v -> new ArrayList<>());
        tape.add(new Line(tape.size() + 1, at, "Tech 1", entry));
    }

    private long firstAt() {
        return tapes.get(0L).get(0).atMillis();
    }

    @Test
    void theVoltsOfTheLastVisitAreThoseBeforeThisOne() {
        for (int visit = 0; visit < 3; visit++) {
            Judgement read =
                    SupplyVoltage.onSite(Spec.EMPTY, List.of(new PairReading("L1-L2", 236 + visit)), Meter.USUAL);
            tapes.put(
                    (long) visit,
                    List.of(new Line(
                            1,
                            visit * DAY,
                            "Tech 1",
                            new UnitEntry.SupplyRead(
                                    SupplyPoint.LINE, read.verdicts().get(0), List.of(), ""))));
        }
        String key = UnitHistory.figureKey("LINE", "L1-L2");
        assertThat(history().figuresBefore(2)).containsEntry(key, 237.0);
        assertThat(history().figuresBefore(0)).isEmpty();
    }

    private SectionTrend trend() {
        return history().sections().get(0);
    }

    private LeaveState leave() {
        return state(0).leave();
    }

    private CallState state(long visit) {
        return CallState.of(tapes.get(visit), Plates.NONE);
    }

    private UnitHistory history() {
        List<UnitHistory.Visit> visits = new ArrayList<>();
        tapes.forEach((id, tape) -> visits.add(new UnitHistory.Visit(id, tape, CallState.of(tape, Plates.NONE))));
        return new UnitHistory(visits);
    }

    private static Spec spec() {
        return new Spec(CAPACITOR.read(LABEL).fields());
    }
}
