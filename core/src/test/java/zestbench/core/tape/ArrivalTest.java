package zestbench.core.tape;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import zestbench.core.Families;
import zestbench.core.family.Spec;
import zestbench.core.family.TestRequest;
import zestbench.core.family.TestRequest.SectionReading;
import zestbench.core.judgement.Judgement;
import zestbench.core.plate.PlateLabel;
import zestbench.core.plate.Plates;
import zestbench.core.quantity.InputProblem;
import zestbench.core.quantity.Meter;
import zestbench.core.quantity.Quantity;
import zestbench.core.quantity.Reading;
import zestbench.core.safety.Deadness;
import zestbench.core.safety.SafePeriod;
import zestbench.core.shop.ShopRules;
import zestbench.core.supply.ControlVoltage;
import zestbench.core.supply.PairReading;
import zestbench.core.supply.SupplyPoint;
import zestbench.core.supply.SupplyVoltage;
import zestbench.core.suspect.Fact;
import zestbench.core.suspect.Suspects;
import zestbench.core.winding.PairOhms;
import zestbench.core.winding.Windings;
import zestbench.core.wiring.Wire;

/** Asking, the plate, the supply and making safe, as folds over the tape. */
class ArrivalTest {
    private static final String PLATE = "MODEL A036B SERIAL 1234567 208/230-1-60 RLA 17.9\nFAN FLA 1.4\nMCA 23.8";
    private final List<Line> tape = new ArrayList<>();
    private Plates onRecord = Plates.NONE;

    private void add(Entry entry) {
        tape.add(new Line(tape.size() + 1, 1_000L * (tape.size() + 1), "Tech 1", entry));
    }

    private CallState state() {
        return CallState.of(tape, onRecord);
    }

    private NextThing next() {
        return NextThing.of(state());
    }

    private static Spec plate(String text) {
        return new Spec(PlateLabel.read(text).fields());
    }

    private void volts(SupplyPoint point, String pair, double volts) {
        Judgement judgement = point.isControl()
                ? ControlVoltage.judge(point, 24, volts, Meter.USUAL)
                : SupplyVoltage.onSite(state().plates().outdoor(), List.of(new PairReading(pair, volts)), Meter.USUAL);
        add(new UnitEntry.SupplyRead(point, judgement.verdicts().get(0), judgement.findings(), "2 % + 5"));
    }

    private String top() {
        return state().suspects().ranked().get(0).fault().key();
    }

    @Test
    void theNextThingLeadsFromTheQuestionToThePlateAndTheTest() {
        assertThat(next().callStep()).isEqualTo(NextThing.CallStep.ASK);
        add(new UnitEntry.Answered("compressor", "hums"));
        add(new UnitEntry.Answered("OUTDOOR_FAN_RUNS", "yes"));
        assertThat(next().text()).isEqualTo("Read the plate");
        add(new UnitEntry.PlateRead(Plates.Which.OUTDOOR, PLATE, plate(PLATE)));
        assertThat(next().callStep()).isIn(NextThing.CallStep.ASK, NextThing.CallStep.SUPPLY);
        assertThat(next().text()).matches("(Check|Measure): .+");
        assertThat(state().evidence()).containsEntry(Fact.THREE_PHASE, false);
        add(new PartEntry.PartAdded("p", "capacitor", "Run capacitor", "Outdoor unit", "compressor and outdoor fan"));
        assertThat(next().part()).isEqualTo("p");
    }

    @Test
    void anAnswerIsTakenBackAndAnotherTakesItsPlace() {
        add(new UnitEntry.Answered("ICE", "yes"));
        add(new UnitEntry.Answered("ICE", "no"));
        assertThat(state().evidence()).containsEntry(Fact.ICE, false);
        add(new UnitEntry.Answered("ICE", ""));
        assertThat(state().evidence()).doesNotContainKey(Fact.ICE);
        assertThat(state().answers()).isEmpty();
    }

    @Test
    void everyReadingReckonsTheSuspectsAnew() {
        add(new UnitEntry.Answered("compressor", "hums"));
        add(new UnitEntry.Answered("OUTDOOR_FAN_RUNS", "yes"));
        assertThat(top()).isEqualTo("capacitor-herm");
        String label = "45+5 µF 440 V ±6%";
        Spec spec = new Spec(Families.named("capacitor").read(label).fields());
        add(new PartEntry.PartAdded("p", "capacitor", "Run capacitor", "Outdoor unit", "compressor and outdoor fan"));
        add(new PartEntry.LabelRead("p", label, spec));
        measured(spec, "HERM", 44.9);
        assertThat(state().evidence()).containsEntry(Fact.HERM_OUT, false);
        assertThat(top()).as("a good section clears it").isNotEqualTo("capacitor-herm");
        measured(spec, "HERM", 20);
        assertThat(top()).isEqualTo("capacitor-herm");
    }

    private void windings(Boolean shellHot, String... pairsAndOhms) {
        List<PairOhms> readings = new ArrayList<>();
        for (int i = 0; i < pairsAndOhms.length; i += 2) {
            Reading reading = pairsAndOhms[i + 1].equals("OL")
                    ? Reading.overRange(Quantity.OHMS)
                    : Reading.of(Quantity.OHMS, Double.parseDouble(pairsAndOhms[i + 1]));
            readings.add(PairOhms.of(pairsAndOhms[i], reading, 0));
        }
        Windings.Found found = Windings.judge(readings, shellHot, 1, Meter.USUAL);
        add(new PartEntry.WindingsRead(
                null,
                "Compressor",
                "compressor",
                shellHot,
                found.judgement().verdicts(),
                found.judgement().findings(),
                found.named().map(Windings.Named::words).orElse(""),
                found.isCoolingDown(),
                "2 % + 5"));
    }

    @Test
    void windingsNameTheTerminalsAndTellTheSuspects() {
        windings(true, "1-2", "OL", "1-3", "OL", "2-3", "3.0");
        assertThat(state().evidence())
                .containsEntry(Fact.WINDING_OPEN, true)
                .containsEntry(Fact.SHELL_HOT, true)
                .doesNotContainKey(Fact.GROUNDED);
        assertThat(top()).isEqualTo("overload-open");
        assertThat(((PartEntry.WindingsRead)
                                state().windings().get("Compressor").entry())
                        .isCoolingDown())
                .isTrue();
        windings(false, "1-2", "0.9", "1-3", "2.1", "2-3", "3.0", "1-GROUND", "120");
        assertThat(state().evidence()).containsEntry(Fact.WINDING_OPEN, false).containsEntry(Fact.GROUNDED, true);
        windings(null, "1-GROUND", "OL");
        assertThat(state().evidence())
                .as("ground read by itself takes nothing back of the pairs")
                .containsEntry(Fact.WINDING_OPEN, false)
                .containsEntry(Fact.SHELL_HOT, false)
                .containsEntry(Fact.GROUNDED, false);
        TapeText text = tape.get(1).entry().told();
        assertThat(text.title()).isEqualTo("Windings, compressor: C is 1, R is 2, S is 3");
        assertThat(text.word()).isEqualTo("FAILED");
        assertThat(text.reckoning()).anyMatch(l -> l.contains("No more fuses"));
    }

    private void measured(Spec spec, String section, double microfarads) {
        var judged = Families.named("capacitor")
                .judge(new TestRequest(
                        spec,
                        List.of(new SectionReading(section, Reading.of(Quantity.MICROFARADS, microfarads))),
                        Meter.USUAL,
                        ShopRules.DEFAULT))
                .verdicts()
                .get(0);
        add(new PartEntry.Measured("p", null, Entry.Method.BENCH, judged, "", List.of(), "", 0));
    }

    @Test
    void theSupplyNamesTheLostLegAndTellsTheSuspects() {
        onRecord = new Plates(plate("460-3-60 RLA 14.8"), Spec.EMPTY);
        volts(SupplyPoint.DISCONNECT, "L1-L2", 462);
        volts(SupplyPoint.DISCONNECT, "L2-L3", 231);
        assertThat(state().supply().unbalance(SupplyPoint.DISCONNECT, Meter.USUAL))
                .isEmpty();
        volts(SupplyPoint.DISCONNECT, "L1-L3", 228);
        assertThat(state().supply()
                        .findings(SupplyPoint.DISCONNECT, onRecord.outdoor(), Meter.USUAL)
                        .get(0)
                        .text())
                .startsWith("Leg L3 is lost");
        assertThat(state().evidence()).containsEntry(Fact.LEG_LOST, true).containsEntry(Fact.THREE_PHASE, true);
        assertThat(top()).isEqualTo("leg-lost");
        volts(SupplyPoint.LINE, "L1-L2", 0.4);
        assertThat(state().evidence()).containsEntry(Fact.LINE_VOLTS, false);
    }

    @Test
    void threeGoodPairsGiveUnbalanceAndTheMonitorsSettings() {
        onRecord = new Plates(plate("460-3-60 RLA 14.8"), Spec.EMPTY);
        assertThat(state().supply().monitor(Meter.USUAL)).isEmpty();
        volts(SupplyPoint.LINE, "L1-L2", 460);
        volts(SupplyPoint.LINE, "L2-L3", 467);
        volts(SupplyPoint.LINE, "L1-L3", 450);
        // NEMA MG 1, 14.36: 460, 467, 450 → 1.96 %
        assertThat(state().supply()
                        .unbalance(SupplyPoint.LINE, Meter.USUAL)
                        .orElseThrow()
                        .verdicts()
                        .get(0)
                        .reckoning()
                        .text())
                .contains("1.96 %");
        assertThat(state().supply().monitor(Meter.USUAL).get(0).value()).isEqualTo("480 V");
        assertThat(state().evidence()).containsEntry(Fact.LEG_LOST, false).containsEntry(Fact.LINE_VOLTS, true);
    }

    @Test
    void voltsAreJudgedBeforeThePlateIsRead() {
        volts(SupplyPoint.DISCONNECT, "L1-L2", 243);
        assertThat(((UnitEntry.SupplyRead) tape.get(0).entry())
                        .findings()
                        .get(0)
                        .text())
                .contains("as a 240 V system");
        volts(SupplyPoint.COIL, "", 0.2);
        assertThat(state().evidence()).containsEntry(Fact.COIL_VOLTS, false);
    }

    private static String key(SafePeriod.Step step) {
        return step.key();
    }

    private List<String> done() {
        return state().safeSteps().stream()
                .filter(SafePeriod.Step::isDone)
                .map(ArrivalTest::key)
                .toList();
    }

    private void readDead() {
        state().deadness().pairs().forEach(p -> add(new UnitEntry.DeadRead(p.place(), p.name(), 0.2)));
    }

    @Test
    void proveTestProveAndPowerOnOpensANewPeriod() {
        assertThat(state().safeSteps().stream().map(ArrivalTest::key))
                .startsWith(SafePeriod.LOCKED, SafePeriod.PROVED, SafePeriod.DEAD, SafePeriod.PROVED_AGAIN)
                .hasSize(7);
        add(new UnitEntry.SafeTicked(SafePeriod.LOCKED, SafePeriod.textOf(SafePeriod.LOCKED), true));
        add(new UnitEntry.MeterProved(121));
        assertThat(done()).containsExactly(SafePeriod.LOCKED, SafePeriod.PROVED);
        readDead();
        assertThat(done()).containsExactly(SafePeriod.LOCKED, SafePeriod.PROVED, SafePeriod.DEAD);
        add(new UnitEntry.MeterProved(121));
        assertThat(done()).contains(SafePeriod.PROVED_AGAIN);
        volts(SupplyPoint.COIL, "", 26);
        assertThat(state().deadness().isSupplyDead())
                .as("24 V comes from indoors and stays")
                .isTrue();
        add(new UnitEntry.PowerOn());
        assertThat(done()).as("all of it anew").isEmpty();
        assertThat(state().deadness().live()).isTrue();
    }

    @Test
    void aMeterProvedOnlyAfterwardsIsNotProvedBefore() {
        readDead();
        add(new UnitEntry.MeterProved(121));
        assertThat(done()).containsExactly(SafePeriod.DEAD, SafePeriod.PROVED_AGAIN);
        assertThat(state().deadness().isSupplyDead())
                .as("only the dead reading locks anything")
                .isTrue();
        assertThatThrownBy(() -> SafePeriod.proving(3)).isInstanceOf(InputProblem.class);
        assertThatThrownBy(() -> SafePeriod.textOf("no such")).isInstanceOf(InputProblem.class);
    }

    @Test
    void lineVoltsOnTheTapeEndTheDeadReading() {
        readDead();
        volts(SupplyPoint.LINE, "L1-L2", 1.1);
        assertThat(state().deadness().isSupplyDead()).as("under 5 V is dead").isTrue();
        volts(SupplyPoint.LINE, "L1-L2", 241);
        assertThat(state().deadness().isSupplyDead()).isFalse();
    }

    @Test
    void aPlaceKeepsItsWiresAndPhotosAndEveryLineHasWords() {
        add(new UnitEntry.PlaceWires("Contactor", List.of(new Wire("T1", "black", null, "compressor C"))));
        add(new UnitEntry.PlacePhoto("Contactor", "x"));
        add(new UnitEntry.PlacePhoto("Contactor", "y"));
        assertThat(state().place("Contactor").wires()).hasSize(1);
        assertThat(state().place("Contactor").photos()).containsExactly("x", "y");
        assertThat(state().place("Compressor").photos()).isEmpty();
        add(new UnitEntry.Answered("ICE", ""));
        add(new UnitEntry.PlateRead(Plates.Which.INDOOR, "coil", plate(PLATE)));
        add(new UnitEntry.MeterProved(24));
        add(new UnitEntry.SafeTicked(SafePeriod.LOCKED, "Disconnect pulled and locked", false));
        add(new UnitEntry.PowerOn());
        volts(SupplyPoint.LINE, "L1-L2", 241);
        assertThat(tape).allSatisfy(l -> assertThat(l.entry().told().title()).isNotBlank());
        assertThat(tape.get(3).entry().told().title()).isEqualTo("Ice on the lines: not known");
    }

    @Test
    void suppliesArePairedByTheRecordsPlate() {
        assertThat(state().supplyPairs()).contains("L1–L2");
        onRecord = new Plates(plate("460-3-60"), Spec.EMPTY);
        assertThat(state().supplyPairs()).hasSize(6);
        assertThat(state().deadness().pairs()).extracting(Deadness.Pair::name).contains("L2–L3");
    }

    /** What a longer tape takes over is what it would work out anew. */
    @Test
    void theSuspectsAreTakenOverWhereNoFactWasAdded() {
        add(new UnitEntry.Answered("compressor", "hums"));
        CallState shorter = state();
        Suspects worked = shorter.suspects();
        add(new UnitEntry.Noted("Gate code is with the office"));
        CallState noted = CallState.of(tape, onRecord, shorter);
        assertThat(noted.suspects()).isSameAs(worked);
        add(new UnitEntry.Answered("OUTDOOR_FAN_RUNS", "yes"));
        CallState answered = CallState.of(tape, onRecord, noted);
        assertThat(answered.suspects()).isNotSameAs(worked);
        assertThat(answered.suspects().ranked()).isEqualTo(state().suspects().ranked());
        assertThat(answered.suspects().tests()).isEqualTo(state().suspects().tests());
        add(new UnitEntry.Struck(tape.size(), "asked of another unit"));
        CallState struck = CallState.of(tape, onRecord, answered);
        assertThat(struck.suspects().ranked()).isEqualTo(state().suspects().ranked());
    }
}
