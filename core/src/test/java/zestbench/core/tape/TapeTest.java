package zestbench.core.tape;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import zestbench.core.Families;
import zestbench.core.amps.RunningAmps;
import zestbench.core.family.Family;
import zestbench.core.family.MatchAnswer.Match;
import zestbench.core.family.MatchRequest;
import zestbench.core.family.MatchRequest.Circuit;
import zestbench.core.family.MatchRequest.Offer;
import zestbench.core.family.Spec;
import zestbench.core.family.TestRequest;
import zestbench.core.family.TestRequest.SectionReading;
import zestbench.core.judgement.Verdict;
import zestbench.core.plate.PlateLabel;
import zestbench.core.plate.Plates;
import zestbench.core.quantity.Meter;
import zestbench.core.quantity.Quantity;
import zestbench.core.quantity.Reading;
import zestbench.core.safety.Deadness;
import zestbench.core.shop.ShopRules;

/** Rail, slices, gate and next thing as folds over the tape. */
class TapeTest {
    private static final Family CAPACITOR = Families.named("capacitor");
    private static final String LABEL = "45+5 µF 440 V ±6%";
    private static final Plates SINGLE = new Plates(
            new Spec(PlateLabel.read("208/230-1-60 RLA 17.9\nFAN FLA 1.4").fields()), Spec.EMPTY);
    private final List<Line> tape = new ArrayList<>();

    @Test
    void segmentsFillAsTheStepsAreDoneAndTheNextThingFollows() {
        assertThat(next()).isEqualTo("Ask what ran");
        add(new PartEntry.PartAdded("p", "capacitor", "Run capacitor", "Outdoor unit", ""));
        assertThat(next()).isEqualTo("Read the label of the run capacitor");
        add(new PartEntry.LabelRead("p", LABEL, spec(LABEL)));
        assertThat(filled()).containsExactly(Step.READ);
        measure("HERM", 44.9, null);
        assertThat(filled()).as("each section is to be read").containsExactly(Step.READ);
        measure("FAN", 4.74, null);
        assertThat(filled()).as("too close to call is not judged").containsExactly(Step.READ, Step.TEST);
        assertThat(next()).startsWith("Read again");
        measure("FAN", 3.1, null);
        assertThat(filled()).containsExactly(Step.READ, Step.TEST, Step.JUDGE);
        choose();
        assertThat(next()).startsWith("Measure the new 45+5");
        assertThat(ProofList.open(part())).anyMatch(o -> o.startsWith("measure the new"));
        measure("HERM", 45.1, 0);
        measure("FAN", 5.02, 0);
        assertThat(next()).startsWith("Make safe, then hook up");
        readDead();
        assertThat(next()).startsWith("Hook up");
        state().together()
                .sheet(part())
                .orElseThrow()
                .steps()
                .forEach(s -> add(new PartEntry.Ticked("p", Entry.Checklist.SHEET, s.key(), s.text(), true)));
        assertThat(filled()).contains(Step.HOOK_UP);
        ProofList.of(part())
                .before()
                .forEach(c -> add(new PartEntry.Ticked("p", Entry.Checklist.PROOF, c.key(), c.text(), true)));
        assertThat(ProofList.open(part())).isEmpty();
        add(new PartEntry.PartClosed("p", Entry.Outcome.REPLACED, ProofList.asLeft(part()), "", null));
        assertThat(filled()).containsExactlyInAnyOrder(Step.values());
        assertThat(next()).isEqualTo("Prove the whole unit");
        assertThat(ProofList.asLeft(part())).contains("HERM 45.1 µF", "FAN 5.02 µF");
    }

    @Test
    void aStrikeTakesALineOutOfEverythingThatFollowsFromIt() {
        add(new PartEntry.PartAdded("p", "capacitor", "Run capacitor", "Outdoor unit", ""));
        add(new PartEntry.LabelRead("p", LABEL, spec(LABEL)));
        readDead();
        assertThat(state().deadness().isDeadFor("p")).isTrue();
        add(new UnitEntry.Struck(tape.size(), "wrong leg"));
        assertThat(state().deadness().isDeadFor("p")).isFalse();
        assertThat(tape).as("nothing is ever taken off").hasSize(9);
    }

    @Test
    void powerSeenOnEndsTheSafePeriod() {
        add(new PartEntry.PartAdded("p", "capacitor", "Run capacitor", "Outdoor unit", ""));
        add(new PartEntry.LabelRead("p", LABEL, spec(LABEL)));
        readDead();
        var amps = RunningAmps.judge(RunningAmps.Place.FAN, 1.1, 1.4, Meter.USUAL);
        add(new PartEntry.AmpsRead("p", RunningAmps.Place.FAN, amps.verdicts().get(0), amps.findings()));
        assertThat(state().deadness().live()).isTrue();
        assertThat(state().deadness().isSupplyDead()).isFalse();
    }

    /** A wrong figure is struck; that the power was on when it was taken is not. */
    @Test
    void aStruckLiveReadingDoesNotBringTheDeadReadingBack() {
        add(new PartEntry.PartAdded("p", "capacitor", "Run capacitor", "Outdoor unit", ""));
        add(new PartEntry.LabelRead("p", LABEL, spec(LABEL)));
        readDead();
        add(running(42));
        add(new UnitEntry.Struck(tape.size(), "wrong clamp"));
        assertThat(part().tests().readings()).isEmpty();
        assertThat(state().deadness().isSupplyDead()).isFalse();
    }

    @Test
    void aNewLabelVoidsReadingsJudgedByTheOldOne() {
        add(new PartEntry.PartAdded("p", "capacitor", "Run capacitor", "Outdoor unit", ""));
        add(new PartEntry.LabelRead("p", LABEL, spec(LABEL)));
        measure("HERM", 44.9, null);
        add(new PartEntry.LabelRead("p", "55+5 µF 440 V ±6%", spec("55+5 µF 440 V ±6%")));
        assertThat(part().tests().readings()).isEmpty();
    }

    @Test
    void aBenchReadingStandsAgainstARunningOneThatIsMoreThanFivePercentOff() {
        add(new PartEntry.PartAdded("p", "capacitor", "Run capacitor", "Outdoor unit", ""));
        add(new PartEntry.LabelRead("p", LABEL, spec(LABEL)));
        measure("HERM", 45, null);
        add(running(42));
        assertThat(part().tests().verdict())
                .as("7 % apart: the bench reading stands")
                .isEqualTo(Verdict.GOOD);
        add(running(43.5));
        assertThat(java.util.Objects.requireNonNull(part().tests().readings().get("HERM"))
                        .judged()
                        .reading()
                        .value())
                .as("3 % apart: the newest stands")
                .isEqualTo(43.5);
        measure("HERM", 30, null);
        assertThat(part().tests().verdict())
                .as("a later bench reading always stands")
                .isEqualTo(Verdict.FAILED);
    }

    private PartEntry.Measured running(double microfarads) {
        var judgement = CAPACITOR.judge(new TestRequest(
                spec(LABEL),
                List.of(new SectionReading("HERM", Reading.of(Quantity.MICROFARADS, microfarads))),
                Meter.USUAL,
                ShopRules.DEFAULT));
        return new PartEntry.Measured(
                "p", null, Entry.Method.UNDER_LOAD, judgement.verdicts().get(0), LABEL, List.of(), "2 % + 5", 0);
    }

    @Test
    void everyKindOfLineHasWords() {
        segmentsFillAsTheStepsAreDoneAndTheNextThingFollows();
        add(new PartEntry.PutBack("p", "45+5 µF"));
        add(new PartEntry.PhotoAdded("p", "x"));
        add(new PartEntry.PartReopened("p"));
        add(new UnitEntry.Noted("hot attic"));
        add(new UnitEntry.CallEnded(Entry.End.CANCELLED, ""));
        add(new UnitEntry.CallReopened());
        assertThat(tape).allSatisfy(line -> {
            TapeText text = line.entry().told();
            assertThat(text.title()).isNotBlank();
            assertThat(text.figure().isEmpty()).isEqualTo(text.verdict() == null);
        });
    }

    private void add(Entry entry) {
        tape.add(new Line(tape.size() + 1, 1_000L * tape.size(), "Tech 1", entry));
    }

    private void measure(String section, double microfarads, Integer piece) {
        var judgement = CAPACITOR.judge(new TestRequest(
                spec(LABEL),
                List.of(new SectionReading(section, Reading.of(Quantity.MICROFARADS, microfarads))),
                Meter.USUAL,
                ShopRules.DEFAULT));
        add(new PartEntry.Measured(
                "p",
                piece,
                Entry.Method.BENCH,
                judgement.verdicts().get(0),
                LABEL,
                judgement.findings(),
                "2 % + 5",
                0));
    }

    private void choose() {
        Match match = CAPACITOR
                .match(new MatchRequest(
                        spec(LABEL),
                        List.of(),
                        Circuit.UNKNOWN,
                        List.of(new Offer("x", spec(LABEL))),
                        List.of(),
                        ShopRules.DEFAULT))
                .matches()
                .get(0);
        add(new PartEntry.Chosen(
                "p",
                match.title(),
                match.grade(),
                List.of(new Entry.Piece("x", spec(LABEL))),
                match.assignment(),
                match.criteria(),
                match.changes(),
                null,
                0));
    }

    private void readDead() {
        for (Deadness.Pair pair : state().deadness().pairs()) {
            add(new UnitEntry.DeadRead(pair.place(), pair.name(), 0.2));
        }
    }

    private CallState state() {
        return CallState.of(tape, SINGLE);
    }

    private PartState part() {
        return state().part("p");
    }

    private String next() {
        return NextThing.of(state()).text();
    }

    private java.util.Set<Step> filled() {
        return state().together().filled(part());
    }

    private static Spec spec(String label) {
        return new Spec(CAPACITOR.read(label).fields());
    }
}
