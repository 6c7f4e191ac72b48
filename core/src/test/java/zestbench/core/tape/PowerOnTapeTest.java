package zestbench.core.tape;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;
import zestbench.core.Families;
import zestbench.core.amps.RunningAmps;
import zestbench.core.family.Spec;
import zestbench.core.judgement.Demand;
import zestbench.core.judgement.Finding;
import zestbench.core.judgement.Grade;
import zestbench.core.judgement.Judged;
import zestbench.core.judgement.Judgement;
import zestbench.core.judgement.Mark;
import zestbench.core.judgement.Reckoning;
import zestbench.core.judgement.Verdict;
import zestbench.core.plate.PlateLabel;
import zestbench.core.plate.Plates;
import zestbench.core.proof.ProofPoint;
import zestbench.core.quantity.Meter;
import zestbench.core.quantity.Quantity;
import zestbench.core.quantity.Reading;
import zestbench.core.safety.Deadness;
import zestbench.core.supply.SupplyPoint;
import zestbench.core.tape.NextThing.CallStep;
import zestbench.core.wiring.Wire;

/** What shows power ends the dead reading, a STOP stands until it is seen to, and order does not matter to either. */
class PowerOnTapeTest {
    private static final String DUAL = "45+5 µF 440 V ±6%";
    private final List<Line> tape = new ArrayList<>();
    private Plates plates = Plates.NONE;

    /** Entries that say the line is live, each in its own way. */
    private enum Live {
        POWER_ON(new UnitEntry.PowerOn()),
        STARTED(new LeaveEntry.UnitStarted()),
        AMPS(new PartEntry.AmpsRead(null, RunningAmps.Place.FAN, read("FAN", Quantity.AMPS, 1.2), List.of())),
        PROOF(new LeaveEntry.ProofRead(ProofPoint.SUPPLY_AIR, 55)),
        LINE_VOLTS(new UnitEntry.SupplyRead(SupplyPoint.LINE, read("L1-L2", Quantity.VOLTS, 239), List.of(), "")),
        UNDER_LOAD(measured(Entry.Method.UNDER_LOAD, "HERM", Quantity.MICROFARADS, 44.8)),
        PRIMARY(measured(Entry.Method.BENCH, "PRIMARY", Quantity.VOLTS, 238)),
        SECONDARY(measured(Entry.Method.BENCH, "SECONDARY", Quantity.VOLTS, 25.1)),
        FUSE_IN_CIRCUIT(measured(Entry.Method.BENCH, "FUSE 1 LIVE", Quantity.VOLTS, 0)),
        PULLED_IN(new PartEntry.Looked("k", "SOUND", "hums", "", Verdict.WEAK, "")),
        RUNNING_TICK(new PartEntry.Ticked("p", Entry.Checklist.PROOF, "current", "", true));

        private final Entry entry;

        Live(Entry entry) {
            this.entry = entry;
        }
    }

    /** Whatever comes between: none of it shows power or takes any away. */
    private static final List<Entry> QUIET = List.of(
            new UnitEntry.Noted("hot attic"),
            new PartEntry.WiresFound("p", List.of(new Wire("C", "orange", "", "contactor"))),
            measured(Entry.Method.BENCH, "HERM", Quantity.MICROFARADS, 44.9),
            measured(Entry.Method.BENCH, "COIL", Quantity.OHMS, 12),
            new UnitEntry.SupplyRead(SupplyPoint.COIL, read("COIL", Quantity.VOLTS, 24.4), List.of(), ""),
            new UnitEntry.Answered("ICE", "no"),
            new UnitEntry.MeterProved(239),
            new PartEntry.SheetOpened("p"),
            new PartEntry.SheetOpened("k"));

    private static Judged read(String subject, Quantity quantity, double value) {
        Reading reading = Reading.of(quantity, value);
        return new Judged(subject, Verdict.GOOD, reading, 1, null, null, Reckoning.of(Mark.PRACTICE, "read"));
    }

    private static Entry measured(Entry.Method method, String subject, Quantity quantity, double value) {
        return new PartEntry.Measured("p", null, method, read(subject, quantity, value), "", List.of(), "", 0);
    }

    private void add(Entry entry) {
        tape.add(new Line(tape.size() + 1, 60_000L * (tape.size() + 1), "Tech 1", entry));
    }

    private CallState state() {
        return CallState.of(tape, plates);
    }

    private static Spec spec(String kind, String label) {
        return new Spec(Families.named(kind).read(label).fields());
    }

    private void chosen(String id, String kind, String label) {
        add(new PartEntry.PartAdded(
                id, kind, Families.named(kind).title(), "Outdoor unit", "compressor and outdoor fan"));
        add(new PartEntry.LabelRead(id, label, spec(kind, label)));
        List<Entry.Piece> pieces = List.of(new Entry.Piece("X-1", spec(kind, label)));
        add(new PartEntry.Chosen(id, "new", Grade.LIKE_FOR_LIKE, pieces, List.of(), List.of(), List.of(), null, 0));
    }

    private void readDead() {
        for (Deadness.Pair pair : state().deadness().pairs()) {
            add(new UnitEntry.DeadRead(pair.place(), pair.name(), 0.3));
        }
    }

    /** The same rule said again, over nothing but the order of the lines. */
    @ParameterizedTest(name = "tape {0}")
    @ValueSource(ints = {1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12, 13, 14, 15, 16, 17, 18, 19, 20, 21, 22, 23, 24})
    void noSheetIsOpenAfterALiveLineUntilTheNextDeadReadings(int seed) {
        Random random = new Random(seed);
        chosen("p", "capacitor", DUAL);
        chosen("k", "contactor", "2 POLE 30 FLA COIL 24 V");
        boolean isDead = false;
        for (int step = 0; step < 60; step++) {
            int what = random.nextInt(8);
            if (what == 0) {
                readDead();
                isDead = true;
            } else if (what == 1) {
                Live live = Live.values()[random.nextInt(Live.values().length)];
                if (live != Live.PULLED_IN && live != Live.RUNNING_TICK) {
                    add(live.entry);
                    isDead = false;
                }
            } else {
                add(QUIET.get(random.nextInt(QUIET.size())));
            }
            CallState state = state();
            for (String id : List.of("p", "k")) {
                assertThat(state.deadness().isDeadFor(id))
                        .as("%s after %s", id, last())
                        .isEqualTo(isDead);
                assertThat(state.together().isSheetOpen(state.part(id)) && !isDead)
                        .as("%s open after %s", id, last())
                        .isFalse();
            }
        }
    }

    private Entry last() {
        return tape.get(tape.size() - 1).entry();
    }

    @ParameterizedTest
    @EnumSource(
            value = Live.class,
            names = {"PULLED_IN", "RUNNING_TICK"},
            mode = EnumSource.Mode.EXCLUDE)
    void eachSignOfPowerEndsIt(Live live) {
        chosen("p", "capacitor", DUAL);
        readDead();
        add(new PartEntry.SheetOpened("p"));
        assertThat(state().together().isSheetOpen(state().part("p"))).isTrue();
        add(live.entry);
        assertThat(state().together().isSheetOpen(state().part("p"))).isFalse();
        readDead();
        assertThat(state().together().isSheetOpen(state().part("p")))
                .as("read dead again")
                .isTrue();
    }

    @Test
    void aTickOfWhatIsSeenRunningAndALookAtARunningPartEndItToo() {
        chosen("m", "motor", "1/4 HP 208-230 V 1 PH 60 HZ 1075 RPM 1.8 A CWLE 5 µF 370 V");
        readDead();
        String running = ProofList.of(state().part("m")).running().get(0).key();
        add(new PartEntry.Ticked("m", Entry.Checklist.PROOF, running, "", true));
        assertThat(state().deadness().isSupplyDead()).isFalse();
        readDead();
        String before = ProofList.of(state().part("m")).before().get(0).key();
        add(new PartEntry.Ticked("m", Entry.Checklist.PROOF, before, "", true));
        assertThat(state().deadness().isSupplyDead())
                .as("that one is ticked before power")
                .isTrue();
        add(new PartEntry.PartAdded("s", "start-device", "Start device", "Outdoor unit", "compressor"));
        add(new PartEntry.Looked("s", "TRIED", "hot", "tried", Verdict.GOOD, ""));
        assertThat(state().deadness().isSupplyDead()).isFalse();
    }

    private void stopped(Demand demand) {
        add(new PartEntry.AmpsRead(
                null,
                RunningAmps.Place.COMPRESSOR,
                read("COMPRESSOR", Quantity.AMPS, 60),
                List.of(Finding.stop(demand, "Stays at LRA.")),
                "Compressor",
                null,
                null,
                null,
                null,
                null));
    }

    @Test
    void aStopIsTheNextThingUntilItIsSeenToOrGoneOnPastWithAReason() {
        chosen("p", "capacitor", DUAL);
        stopped(Demand.START_PARTS);
        NextThing next = NextThing.of(state());
        assertThat(next.text()).isEqualTo("Power off: test capacitor and start device");
        assertThat(next.callStep()).isEqualTo(CallStep.SAFE);
        assertThat(last().told().toString()).contains("Compressor", "60");
        add(new PartEntry.Overridden(null, Demand.START_PARTS, "new capacitor is on the way"));
        assertThat(NextThing.of(state()).part()).as("the part is next again").isEqualTo("p");
        assertThat(last().told().toString()).contains("new capacitor is on the way");
    }

    @Test
    void aLaterGoodReadingEndsTheStop() {
        stopped(Demand.START_PARTS);
        assertThat(Stop.of(state())).hasSize(1);
        add(new PartEntry.AmpsRead(
                null,
                RunningAmps.Place.COMPRESSOR,
                read("COMPRESSOR", Quantity.AMPS, 14),
                List.of(),
                "Compressor",
                null,
                null,
                null,
                null,
                null));
        assertThat(Stop.of(state())).isEmpty();
    }

    private void volts(SupplyPoint point, String pair, double volts) {
        add(new UnitEntry.SupplyRead(point, read(pair, Quantity.VOLTS, volts), List.of(), ""));
    }

    /** Control volts come from the transformer, and what lies behind a dead point says nothing of what lies before it. */
    @Test
    void aDeadPointIsSeenToByLineVoltsNearerToTheSourceAlone() {
        volts(SupplyPoint.LINE, "L1-L2", 0);
        assertThat(Stop.of(state()))
                .singleElement()
                .satisfies(s -> assertThat(s.demand()).isEqualTo(Demand.UPSTREAM));
        volts(SupplyPoint.COIL, "COIL", 24.4);
        volts(SupplyPoint.TRANSFORMER, "TRANSFORMER", 26);
        volts(SupplyPoint.LOAD, "L1-L2", 238);
        assertThat(Stop.of(state())).as("nothing was read upstream").hasSize(1);
        volts(SupplyPoint.DISCONNECT, "L1-L2", 239);
        assertThat(Stop.of(state())).isEmpty();
        volts(SupplyPoint.DISCONNECT, "L1-L2", 0);
        volts(SupplyPoint.LINE, "L1-L2", 239);
        assertThat(Stop.of(state()))
                .as("the first point, until it is read alive")
                .hasSize(1);
        volts(SupplyPoint.DISCONNECT, "L1-L2", 239);
        assertThat(Stop.of(state())).isEmpty();
    }

    @Test
    void twoStartDevicesAskForTheAddedOneToComeOutAfterMakingSafe() {
        add(new PartEntry.PartAdded("s", "start-device", "Start device", "Outdoor unit", "compressor"));
        add(new PartEntry.Looked("s", "SECOND", "two", "two", Verdict.FAILED, "At most one"));
        assertThat(NextThing.of(state()).text()).isEqualTo("Take the added start device out");
        assertThat(NextThing.of(state()).callStep()).isEqualTo(CallStep.SAFE);
        readDead();
        assertThat(NextThing.of(state()).step()).isEqualTo(Step.TEST);
        add(new PartEntry.Looked("s", "SECOND", "one", "one", Verdict.GOOD, ""));
        assertThat(Stop.of(state())).isEmpty();
    }

    @ParameterizedTest
    @CsvSource({
        "'Disconnect and fuses', '208/230-1-60', 2",
        "'Disconnect and fuses', '460-3-60', 3",
        "'Control fuse, indoor unit', '460-3-60', 1"
    })
    void fusesAndLegsAreAsManyAsTheCircuitHas(String place, String supply, int count) {
        plates = new Plates(
                new Spec(PlateLabel.read(supply + " RLA 17.9 MCA 23.8").fields()), Spec.EMPTY);
        add(new PartEntry.PartAdded("f", "fuse", "Fuse", place, ""));
        String label = "30 A 600 V CLASS RK5 TIME DELAY";
        add(new PartEntry.LabelRead("f", label, spec("fuse", label)));
        assertThat(state().part("f").sections().stream().filter(s -> s.matches("FUSE \\d")))
                .hasSize(count);
        assertThat(state().part("f").terminals()).hasSize(2 * count);
    }

    @Test
    void ampsTakenBeforeTheirRatingAreJudgedOnceThePlateIsRead() {
        Judgement unknown = RunningAmps.judge(
                List.of(new RunningAmps.Taken(RunningAmps.Place.COMPRESSOR, 25, null, null, null, false)),
                new RunningAmps.Rated(null, null, null),
                Meter.USUAL);
        assertThat(unknown.verdicts().get(0).verdict()).isEqualTo(Verdict.NOT_JUDGED);
        add(new PartEntry.AmpsRead(
                null,
                RunningAmps.Place.COMPRESSOR,
                unknown.verdicts().get(0),
                unknown.findings(),
                "Compressor",
                null,
                null,
                null,
                null,
                null));
        assertThat(last().told().toString()).contains("25");
        assertThat(ampsVerdict()).isEqualTo(Verdict.NOT_JUDGED);
        add(new UnitEntry.PlateRead(
                Plates.Which.OUTDOOR,
                "",
                new Spec(PlateLabel.read("208/230-1-60 RLA 17.9 FAN FLA 1.4").fields())));
        assertThat(ampsVerdict()).as("25 A of RLA 17.9").isEqualTo(Verdict.WEAK);
    }

    @Test
    void ampsOfAMotorAreJudgedOnceItsLabelIsRead() {
        add(new PartEntry.PartAdded("m", "motor", "Outdoor fan motor", "Outdoor fan motor", ""));
        Judgement unknown = RunningAmps.judge(
                List.of(new RunningAmps.Taken(RunningAmps.Place.FAN, 1.7, null, null, null, false)),
                new RunningAmps.Rated(null, null, null),
                Meter.USUAL);
        add(new PartEntry.AmpsRead(
                "m",
                RunningAmps.Place.FAN,
                unknown.verdicts().get(0),
                unknown.findings(),
                "Outdoor fan motor",
                null,
                null,
                null,
                null,
                null));
        assertThat(state().part("m").tests().readings().get("FAN").judged().verdict())
                .isEqualTo(Verdict.NOT_JUDGED);
        String label = "1/4 HP 208-230 V 1 PH 60 HZ 1075 RPM 1.9 A CWLE 5 µF 370 V";
        add(new PartEntry.LabelRead("m", label, spec("motor", label)));
        assertThat(state().part("m").tests().readings().get("FAN").judged().verdict())
                .isEqualTo(Verdict.GOOD);
    }

    private Verdict ampsVerdict() {
        Line line = state().amps().values().iterator().next();
        return ((PartEntry.AmpsRead) line.entry()).judged().verdict();
    }

    @Test
    void aGoodSectionStaysAndAFreeOneOfAnotherChoiceIsThereToo() {
        add(new PartEntry.PartAdded("c", "capacitor", "Run capacitor", "Outdoor unit", "compressor and outdoor fan"));
        add(new PartEntry.LabelRead("c", DUAL, spec("capacitor", DUAL)));
        add(new PartEntry.Measured(
                "c", null, Entry.Method.BENCH, read("HERM", Quantity.MICROFARADS, 44.8), "", List.of(), "", 0));
        Judged out = new Judged(
                "FAN",
                Verdict.FAILED,
                Reading.of(Quantity.MICROFARADS, 2),
                0,
                null,
                null,
                Reckoning.of(Mark.PRACTICE, ""));
        add(new PartEntry.Measured("c", null, Entry.Method.BENCH, out, "", List.of(), "", 0));
        var standing = state().together().standing(state().part("c"));
        assertThat(standing).hasSize(1);
        assertThat(standing.get(0).spec().rows("sections")).hasSize(1);
        assertThat(standing.get(0).spec().rows("sections").get(0).number("microfarads"))
                .contains(45.0);
        var readings = state().together()
                .readingsOfStaying(state().part("c"), standing.get(0).spec(), 1);
        assertThat(readings).extracting(PartEntry.Measured::piece).containsExactly(1);
        assertThat(readings.get(0).judged().subject())
                .as("the only section of a piece")
                .isEqualTo("CAPACITOR");
        add(new PartEntry.PartAdded("d", "capacitor", "Run capacitor", "Outdoor unit", "outdoor fan"));
        assertThat(state().together().standing(state().part("d"))).isEmpty();
        List<Entry.Piece> pieces = List.of(new Entry.Piece("X-9", spec("capacitor", DUAL)));
        var onlyHerm = List.of(new zestbench.core.family.MatchAnswer.Assignment("HERM", 0, "HERM", List.of(0)));
        add(new PartEntry.Chosen("c", "new", Grade.SUITABLE, pieces, onlyHerm, List.of(), List.of(), null, 0));
        assertThat(state().together().standing(state().part("d")))
                .extracting(l -> l.id())
                .containsExactly("spare-of-c");
    }

    @Test
    void whatWasTickedForThePartsIsNotAskedAgainForTheUnit() {
        chosen("p", "capacitor", DUAL);
        assertThat(BeforePower.done(state())).isEmpty();
        ProofList.of(state().part("p"))
                .before()
                .forEach(check ->
                        add(new PartEntry.Ticked("p", Entry.Checklist.PROOF, check.key(), check.text(), true)));
        List<String> open = new ArrayList<>(BeforePower.of(state()).stream()
                .map(c -> c.key())
                .filter(key -> !BeforePower.done(state()).contains(key))
                .toList());
        assertThat(open).as("left to the unit alone").isSubsetOf("lock", "panel", "screws", "wired-p");
        assertThat(BeforePower.done(state())).contains("straps");
    }

    @Test
    void aNewPartIsMeasuredBeforeItsSheet() {
        chosen("p", "capacitor", DUAL);
        assertThat(ProofList.toMeasure(state().part("p"))).hasSize(1);
        for (Map.Entry<String, Double> section :
                Map.of("HERM", 45.1, "FAN", 5.02).entrySet()) {
            Judged good = read(section.getKey(), Quantity.MICROFARADS, section.getValue());
            add(new PartEntry.Measured("p", 0, Entry.Method.BENCH, good, "", List.of(), "", 0));
        }
        assertThat(ProofList.toMeasure(state().part("p"))).isEmpty();
    }
}
