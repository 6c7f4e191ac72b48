package zestbench.core.tape;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import zestbench.core.Families;
import zestbench.core.amps.RunningAmps;
import zestbench.core.amps.RunningAmps.Rated;
import zestbench.core.amps.RunningAmps.Taken;
import zestbench.core.call.PartMatch;
import zestbench.core.family.Family;
import zestbench.core.family.MatchAnswer;
import zestbench.core.family.MatchRequest;
import zestbench.core.family.MatchRequest.StockLine;
import zestbench.core.family.Spec;
import zestbench.core.family.TestRequest;
import zestbench.core.family.TestRequest.SectionReading;
import zestbench.core.judgement.Grade;
import zestbench.core.judgement.Judgement;
import zestbench.core.judgement.Verdict;
import zestbench.core.plate.PlateLabel;
import zestbench.core.plate.Plates;
import zestbench.core.plate.RatedMotor;
import zestbench.core.quantity.Meter;
import zestbench.core.quantity.Quantity;
import zestbench.core.quantity.Reading;
import zestbench.core.shop.ShopRules;
import zestbench.core.suspect.Fact;
import zestbench.core.winding.PairOhms;
import zestbench.core.winding.Windings;
import zestbench.core.wiring.Sheet;
import zestbench.core.wiring.Wire;

/** A fan motor from its label to its proof, as a fold over the tape. */
class MotorOnTapeTest {
    private static final Family MOTOR = Families.named("motor");
    private static final Family CAPACITOR = Families.named("capacitor");
    private static final String FAN = "Outdoor fan motor";
    private static final String OLD = "1/4 HP 208-230 V 1 PH 60 HZ 1075 RPM 1.8 A CWLE CAP 7.5 MFD 370 V PSC";
    private static final String NEW = "1/4 HP 208-230 V 1 PH 60 HZ 1075 RPM 1.9 A REV CAP 5 MFD 370 V PSC";
    private static final Plates UNIT = new Plates(
            new Spec(PlateLabel.read("208/230-1-60 COMPRESSOR RLA 20.6 LRA 124\nOUTDOOR FAN FLA 1.8\n"
                            + "INDOOR BLOWER 1/2 HP FLA 4.1\nMCA 31.7")
                    .fields()),
            Spec.EMPTY);
    private final List<Line> tape = new ArrayList<>();

    private void add(Entry entry) {
        tape.add(new Line(tape.size() + 1, 1_000L * (tape.size() + 1), "Tech 1", entry));
    }

    private CallState state() {
        return CallState.of(tape, UNIT);
    }

    private PartState motor() {
        return state().part("m");
    }

    private static Spec spec(String label) {
        return new Spec(MOTOR.read(label).fields());
    }

    private void motorWithItsLabel() {
        add(new PartEntry.PartAdded("m", "motor", FAN, FAN, ""));
        add(new PartEntry.LabelRead("m", OLD, spec(OLD)));
    }

    private void look(String look, String seen) {
        var answer = MOTOR.looks(zestbench.core.shop.ShopRules.DEFAULT).stream()
                .filter(l -> l.key().equals(look))
                .findFirst()
                .flatMap(l -> l.answer(seen))
                .orElseThrow();
        add(new PartEntry.Looked("m", look, seen, answer.words(), answer.verdict(), answer.meaning()));
    }

    private void windings(@Nullable String part, double... ohms) {
        List<PairOhms> pairs = new ArrayList<>();
        String[] names = {"1-2", "1-3", "2-3"};
        for (int i = 0; i < ohms.length; i++) {
            pairs.add(PairOhms.of(names[i], Reading.of(Quantity.OHMS, ohms[i]), 0));
        }
        Windings.Found found = Windings.judge(pairs, null, 0, Meter.USUAL);
        add(new PartEntry.WindingsRead(
                part,
                FAN,
                "motor",
                null,
                found.judgement().verdicts(),
                found.judgement().findings(),
                "",
                false,
                ""));
    }

    private void amps(
            @Nullable String part, String place, @Nullable String speed, double amps, @Nullable Double inrush) {
        RatedMotor motor = RatedMotor.at(UNIT, place);
        Judgement judgement =
                RunningAmps.judge(List.of(new Taken(motor.kind(), amps, null)), motor.rated(), Meter.USUAL);
        add(new PartEntry.AmpsRead(
                part,
                motor.kind(),
                judgement.verdicts().get(0),
                judgement.findings(),
                place,
                speed,
                null,
                inrush,
                null,
                null));
    }

    private void choose(String part, Family family, Spec... pieces) {
        List<Entry.Piece> chosen = new ArrayList<>();
        for (Spec piece : pieces) {
            chosen.add(new Entry.Piece(null, piece));
        }
        add(new PartEntry.Chosen(
                part,
                family.shortText(pieces[0]),
                Grade.NEEDS_CHANGE,
                chosen,
                List.of(),
                List.of(),
                List.of(),
                null,
                0));
    }

    @Test
    void aMotorIsTestedByHandAndByWindingsAndAFailedLookEndsTheAsking() {
        motorWithItsLabel();
        assertThat(motor().tests().untested()).containsExactly("WINDINGS", "SHAFT");
        windings("m", 12, 31, 43);
        assertThat(motor().tests().untested()).containsExactly("SHAFT");
        look("SHAFT", "free");
        assertThat(motor().tests().isTested()).isTrue();
        assertThat(motor().tests().isGood()).isTrue();
        look("SHAFT", "rough");
        assertThat(motor().tests().verdict()).isEqualTo(Verdict.WEAK);
        tape.clear();
        motorWithItsLabel();
        look("SHAFT", "bound");
        assertThat(motor().tests().isTested()).as("nothing else matters then").isTrue();
        assertThat(motor().tests().verdict()).isEqualTo(Verdict.FAILED);
        assertThat(NextThing.of(state()).step()).isEqualTo(Step.MATCH);
        assertThat(state().evidence()).containsEntry(Fact.FAN_TURNS_FREE, false);
    }

    @Test
    void windingsAndLooksOutliveACorrectedLabelButAmpsDoNot() {
        motorWithItsLabel();
        windings("m", 12, 31, 43);
        amps("m", FAN, null, 1.7, null);
        assertThat(motor().tests().readings().keySet()).containsExactly("1-2", "1-3", "2-3", "FAN");
        add(new PartEntry.LabelRead("m", OLD + " TEAO", spec(OLD + " TEAO")));
        assertThat(motor().tests().readings().keySet()).containsExactly("1-2", "1-3", "2-3");
        windings("m", 11, 30, 41);
        assertThat(Objects.requireNonNull(motor().tests().readings().get("1-2"))
                        .judged()
                        .reading()
                        .value())
                .as("the newest three stand")
                .isEqualTo(11);
        assertThat(state().windings().keySet()).containsExactly(FAN);
    }

    @Test
    void theProofWaitsForRotationAndForAmpsInsideTheLabel() {
        motorWithItsLabel();
        look("SHAFT", "bound");
        choose("m", MOTOR, spec(NEW));
        assertThat(ProofList.open(motor()))
                .anyMatch(o -> o.startsWith("tick: Turns CW"))
                .contains("read its amps, inside its label");
        amps("m", FAN, null, 2.4, null);
        assertThat(ProofList.open(motor())).as("2.4 A is out").contains("read its amps, inside its label");
        amps("m", FAN, null, 1.78, 6.2);
        ProofList.of(motor())
                .all()
                .forEach(c -> add(new PartEntry.Ticked("m", Entry.Checklist.PROOF, c.key(), "", true)));
        assertThat(ProofList.open(motor())).isEmpty();
        assertThat(ProofList.asLeft(motor())).contains("1/4 HP 1075 rpm", "1.78 A");
        assertThat(motor().tests().readings())
                .as("the old motor's readings are not touched")
                .isEmpty();
        add(new PartEntry.PutBack("m", "motor"));
        assertThat(motor().tests().amps())
                .as("amps of a motor that is gone say nothing")
                .isEmpty();
    }

    @Test
    void whatTheCircuitIsComesFromPlateSupplyAndWires() {
        motorWithItsLabel();
        assertThat(state().together().circuit(motor()).lineVolts()).isNull();
        assertThat(state().together().circuit(motor()).plate().number("minimumCircuitAmps"))
                .contains(31.7);
        add(new PartEntry.PartAdded("b", "motor", "Indoor blower motor", "Indoor blower motor", ""));
        assertThat(state().together().circuit(state().part("b")).plate())
                .as("packaged: one plate")
                .isEqualTo(UNIT.outdoor());
        Plates split = new Plates(
                new Spec(PlateLabel.read("208/230-1-60 RLA 17.9\nFAN FLA 1.4").fields()), Spec.EMPTY);
        CallState elsewhere = CallState.of(tape, split);
        assertThat(elsewhere.together().circuit(elsewhere.part("b")).plate())
                .as("a split system's blower is on a circuit of its own")
                .isEqualTo(Spec.EMPTY);
    }

    @Test
    void aCapacitorForThatMotorAloneGoesNewWithItByTheNewLabel() {
        motorWithItsLabel();
        add(new PartEntry.PartAdded("c", "capacitor", "Run capacitor", FAN, FAN));
        assertThat(state().together().filled(state().part("c")))
                .as("no motor is chosen")
                .isEmpty();
        choose("m", MOTOR, spec(NEW));
        assertThat(state().together().filled(state().part("c"))).containsExactly(Step.READ, Step.TEST, Step.JUDGE);
        MatchAnswer answer = new PartMatch(state(), "c", ShopRules.DEFAULT)
                .onTruck(List.of(
                        new StockLine(
                                "old",
                                1,
                                new Spec(CAPACITOR.read("7.5 µF 370 V ±6%").fields()),
                                0),
                        new StockLine(
                                "new",
                                1,
                                new Spec(CAPACITOR.read("5 µF 370 V ±6%").fields()),
                                0)));
        assertThat(answer.matches())
                .filteredOn(m -> m.grade().equals(Grade.LIKE_FOR_LIKE))
                .extracting(MatchAnswer.Match::offer)
                .contains(List.of("new"))
                .doesNotContain(List.of("old"));
        add(new PartEntry.PartAdded("d", "capacitor", "Run capacitor", "Outdoor unit", "compressor and outdoor fan"));
        assertThat(state().together().filled(state().part("d")))
                .as("a dual's other half is read")
                .isEmpty();
    }

    @Test
    void theCapacitorBesideFollowsTheMotorAndTheGoodDualCanStay() {
        motorWithItsLabel();
        add(new PartEntry.PartAdded("c", "capacitor", "Run capacitor", "Outdoor unit", "compressor and outdoor fan"));
        Spec dual = new Spec(CAPACITOR.read("50+7.5 µF 440 V ±6%").fields());
        add(new PartEntry.LabelRead("c", "", dual));
        assertThat(wanted()).as("the old motor's own label is a witness too").isEqualTo(7.5);
        choose("m", MOTOR, spec(NEW));
        assertThat(wanted()).as("then the new one's").isEqualTo(5);
        assertThat(state().together().standing(state().part("c")))
                .as("not measured")
                .isEmpty();
        Judgement judgement = CAPACITOR.judge(new TestRequest(
                dual,
                List.of(
                        new SectionReading("HERM", Reading.of(Quantity.MICROFARADS, 50.1)),
                        new SectionReading("FAN", Reading.of(Quantity.MICROFARADS, 7.5))),
                Meter.USUAL,
                ShopRules.DEFAULT));
        judgement
                .verdicts()
                .forEach(j -> add(new PartEntry.Measured("c", null, Entry.Method.BENCH, j, "", List.of(), "", 0)));
        assertThat(state().together().standing(state().part("c"))).hasSize(1);
        MatchRequest request = new MatchRequest(
                dual,
                state().together().witnesses(state().part("c")),
                MatchRequest.Circuit.UNKNOWN,
                List.of(),
                List.of(
                        state().together().standing(state().part("c")).get(0),
                        new MatchRequest.StockLine(
                                "five",
                                1,
                                new Spec(CAPACITOR.read("5 µF 440 V ±6%").fields()),
                                8)),
                ShopRules.DEFAULT);
        var best = CAPACITOR.match(request).matches().get(0);
        assertThat(best.offer()).containsExactlyInAnyOrder(PartsTogether.STAYING, "five");
        assertThat(best.grade().fits()).isTrue();
        assertThat(state().together().capacitorOf(motor()).map(PartState::id)).contains("c");
    }

    private double wanted() {
        return state().together()
                .witnesses(state().part("c"))
                .get(0)
                .spec()
                .number("capacitorMicrofarads")
                .orElse(0.0);
    }

    @Test
    void printedLeadsAreOnTheSheetAndANewChoiceForgetsThem() {
        motorWithItsLabel();
        choose("m", MOTOR, spec(NEW));
        add(new PartEntry.LeadsPrinted("m", List.of(new Wire("LINE 1", "purple", null, "")), ""));
        Sheet sheet = state().together().sheet(motor()).orElseThrow();
        assertThat(sheet.steps()).anyMatch(s -> s.text().startsWith("purple: LINE 1"));
        add(new PartEntry.PutBack("m", "motor"));
        choose("m", MOTOR, spec(NEW));
        assertThat(state().together().sheet(motor()).orElseThrow().steps())
                .noneMatch(s -> s.text().contains("purple"));
    }

    @Test
    void aNewMotorStartsANewLineAndAPutBackOneGoesOn() {
        amps(null, FAN, null, 1.58, null);
        List<Line> first = List.copyOf(tape);
        tape.clear();
        amps(null, FAN, null, 1.71, 6.0);
        amps(null, "Compressor", null, 18.2, null);
        List<Line> second = List.copyOf(tape);
        AmpTrend trend = AmpTrend.of(List.of(first, second), FAN);
        assertThat(trend.points()).extracting(AmpTrend.Point::amps).containsExactly(1.58, 1.71);
        assertThat(trend.points().get(1).inrush()).isEqualTo(6.0);
        assertThat(trend.words()).isEqualTo("2 readings, 1.58 A to 1.71 A: +8 %.");
        tape.clear();
        motorWithItsLabel();
        choose("m", MOTOR, spec(NEW));
        amps("m", FAN, null, 1.9, null);
        assertThat(AmpTrend.of(List.of(first, second, List.copyOf(tape)), FAN).points())
                .hasSize(1);
        add(new PartEntry.PutBack("m", ""));
        assertThat(AmpTrend.of(List.of(first, second, List.copyOf(tape)), FAN).points())
                .hasSize(2);
        add(new PartEntry.AmpsRead(
                "m", RunningAmps.Place.FAN, motorAmps(1.8), List.of(), FAN, null, null, null, null, null));
        add(new UnitEntry.Struck(tape.size(), "wrong wire"));
        assertThat(AmpTrend.of(List.of(first, List.copyOf(tape)), FAN).points())
                .as("a struck reading is no point")
                .hasSize(1);
    }

    private static zestbench.core.judgement.Judged motorAmps(double amps) {
        return RunningAmps.judge(RunningAmps.Place.FAN, amps, 1.8, Meter.USUAL)
                .verdicts()
                .get(0);
    }

    @ParameterizedTest(name = "{0}: {1} {2} A, LRA {3}")
    @CsvSource({
        "Compressor, COMPRESSOR, 20.6, 124",
        "Outdoor fan motor, FAN, 1.8, ",
        "Outdoor fan motor 2, FAN, , ",
        "Indoor blower motor, BLOWER, 4.1, ",
    })
    void thePlateRatesTheMotorOfAPlace(
            String place, RunningAmps.Place kind, @Nullable Double amps, @Nullable Double lockedRotor) {
        RatedMotor motor = RatedMotor.at(UNIT, place);
        Rated rated = motor.rated();
        assertThat(motor.kind()).isEqualTo(kind);
        assertThat(kind == RunningAmps.Place.COMPRESSOR ? rated.ratedLoad() : rated.fullLoad())
                .isEqualTo(amps);
        assertThat(rated.lockedRotor()).isEqualTo(lockedRotor);
        assertThat(rated.volts()).containsExactly(208.0, 230.0);
    }

    @Test
    void lowAmpsWithNearEqualPressuresPointToACompressorThatDoesNotPump() {
        add(new PartEntry.AmpsRead(
                null,
                RunningAmps.Place.COMPRESSOR,
                motorAmps(1),
                List.of(),
                "Compressor",
                null,
                null,
                null,
                false,
                null));
        assertThat(state().evidence()).containsEntry(Fact.NOT_PUMPING, true);
        assertThat(state().suspects().ranked().get(0).speaksFor()).isNotEmpty();
    }

    @Test
    void twoStartDevicesAreSeenByTheEyeOrByTwoWiresOnOneStud() {
        add(new PartEntry.PartAdded("c", "capacitor", "Run capacitor", "Outdoor unit", "compressor and outdoor fan"));
        assertThat(state().evidence()).doesNotContainKey(Fact.TWO_START_DEVICES);
        Wire one = new Wire("HERM", "red", null, "start device");
        add(new PartEntry.WiresFound("c", List.of(one)));
        assertThat(state().evidence()).doesNotContainKey(Fact.TWO_START_DEVICES);
        add(new PartEntry.WiresFound("c", List.of(one, new Wire("HERM", "black", null, "second start kit"))));
        assertThat(state().evidence()).containsEntry(Fact.TWO_START_DEVICES, true);
        add(new PartEntry.PartAdded("s", "start-device", "Start device", "Start device", "compressor"));
        add(new PartEntry.Looked("s", "SECOND", "two", "two", Verdict.FAILED, ""));
        assertThat(state().part("s").tests().verdict()).isEqualTo(Verdict.FAILED);
        tape.clear();
        add(new PartEntry.PartAdded("s", "start-device", "Start device", "Start device", "compressor"));
        assertThat(state().evidence()).doesNotContainKey(Fact.TWO_START_DEVICES);
        add(new PartEntry.PartAdded("t", "start-device", "Start device", "In the panel", "compressor"));
        assertThat(state().evidence()).as("two parts in question are two").containsEntry(Fact.TWO_START_DEVICES, true);
    }

    @Test
    void aTriedPtcIsCoolFiveMinutesLater() {
        add(new PartEntry.PartAdded("s", "start-device", "Start device", "Start device", "compressor"));
        assertThat(state().part("s").tests().coolAtMillis()).isZero();
        add(new PartEntry.Looked("s", "TRIED", "hot", "tried", Verdict.GOOD, ""));
        assertThat(state().part("s").tests().coolAtMillis())
                .isEqualTo(tape.get(1).atMillis() + 300_000);
        add(new PartEntry.Looked("s", "TRIED", "cold", "tried", Verdict.GOOD, ""));
        assertThat(state().part("s").tests().coolAtMillis()).isZero();
    }

    /** Volts of the line are read with the power on, so that they end the dead reading; a coil's low volts may come from elsewhere. */
    @ParameterizedTest(name = "{0} read in volts: power seen on {1}")
    @CsvSource({"POLE 1, true", "FUSE 1 LIVE, true", "PRIMARY, true", "COIL VOLTS, false", "SECONDARY, true"})
    void lineVoltsOnAPartEndTheDeadReading(String subject, boolean isLive) {
        add(new PartEntry.PartAdded("k", "contactor", "Contactor", "Contactor", ""));
        zestbench.core.judgement.Judged judged = new zestbench.core.judgement.Judged(
                subject,
                Verdict.GOOD,
                Reading.of(Quantity.VOLTS, 24),
                1,
                null,
                null,
                zestbench.core.judgement.Reckoning.of(zestbench.core.judgement.Mark.PRACTICE, "read"));
        add(new PartEntry.Measured("k", null, Entry.Method.BENCH, judged, "", List.of(), "", 0));
        assertThat(state().deadness().live()).isEqualTo(isLive);
    }
}
