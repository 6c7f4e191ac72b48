package zestbench.core.bench;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static zestbench.core.proof.ProofPoint.LIQUID_LINE;
import static zestbench.core.proof.ProofPoint.LIQUID_PRESSURE;
import static zestbench.core.proof.ProofPoint.OUTDOOR_AIR;
import static zestbench.core.proof.ProofPoint.SUCTION_LINE;
import static zestbench.core.proof.ProofPoint.SUCTION_PRESSURE;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import zestbench.core.bench.LeaveViews.ChargeView;
import zestbench.core.bench.LeaveViews.ProofView;
import zestbench.core.call.OnCharge;
import zestbench.core.call.OnLeaving;
import zestbench.core.call.UnitStory;
import zestbench.core.cases.ShippedTables;
import zestbench.core.family.Spec;
import zestbench.core.plate.PlateLabel;
import zestbench.core.plate.Plates;
import zestbench.core.proof.ProofFigure;
import zestbench.core.proof.ProofPoint;
import zestbench.core.proof.Wander;
import zestbench.core.quantity.InputProblem;
import zestbench.core.tape.BeforePower;
import zestbench.core.tape.CallState;
import zestbench.core.tape.ChargeEntry.Way;
import zestbench.core.tape.LeaveEntry;
import zestbench.core.tape.Line;
import zestbench.core.tape.NextThing;
import zestbench.core.tape.UnitHistory;
import zestbench.core.value.Value;

/** Circuits side by side: each with what was weighed into it, what wanders in it and what it did at its best. */
class TwoCircuitsTest {
    private static final Plates PLATES = new Plates(
            new Spec(PlateLabel.read(
                            "MODEL A R-410A 208/230-3-60 TXV SUBCOOLING 10 COMPRESSOR A RLA 20 LRA 150 COMPRESSOR B RLA 20 LRA 150")
                    .fields()),
            Spec.EMPTY);
    private final WorkedCall call = new WorkedCall(PLATES, ShippedTables.find("R-410A"));

    @BeforeEach
    void runs() {
        BeforePower.of(call.state())
                .forEach(check -> call.then("Tech 1", new OnLeaving.TickBeforePower(check.key(), true)));
        call.then("Tech 1", new OnLeaving.StartUnit());
    }

    private void read(ProofPoint point, double value, @Nullable Integer circuit) {
        call.then("Tech 1", new OnLeaving.ReadProof(point, value, circuit));
    }

    private void charge(String circuit) {
        call.then("Tech 1", new OnCharge.Weigh(Way.ADDED, "", 12, "C-114", circuit, "", null));
    }

    private ProofView proof() {
        Before before = new Before(1, "", Map.of(), Map.of(), Map.of(), UnitStory.UNKNOWN, Map.of());
        return LeaveBench.view(call.state(), call.around(), before).proof();
    }

    @Test
    void aPlateTellsHowManyCircuitsThereAre() {
        assertThat(PLATES.circuits()).isEqualTo(2);
        assertThat(proof().circuits()).hasSize(1);
        Spec tandem = PLATES.outdoor().with("circuits", Value.of(1));
        assertThat(PLATES.with(Plates.Which.OUTDOOR, tandem).circuits()).isEqualTo(1);
        assertThat(Plates.NONE.circuits()).isEqualTo(1);
    }

    /** 130 psig boil at 45 °F: 73 °F on the line are 28 °F of superheat, 57 °F 12 °F (rulebook §9). */
    @Test
    void aChargeIsTiedToWhatItsOwnCircuitReadBeforeAndAfter() {
        read(SUCTION_PRESSURE, 130, 2);
        read(SUCTION_LINE, 73, 2);
        charge("Circuit 2");
        ChargeView open = proof().charge().get(0);
        assertThat(open.words()).isEqualTo("R-410A added 12 oz, circuit 2");
        assertThat(open.missing()).startsWith("Not read since");
        assertThat(NextThing.of(call.state()).callStep()).isNotEqualTo(NextThing.CallStep.LEAVE);
        read(SUCTION_LINE, 57, 2);
        ChargeView read = proof().charge().get(0);
        assertThat(read.missing()).isEmpty();
        assertThat(read.figures()).anySatisfy(f -> {
            assertThat(f.title()).isEqualTo(ProofFigure.SUPERHEAT.title());
            assertThat(Double.parseDouble(String.valueOf(f.before()))).isBetween(27.5, 28.5);
            assertThat(Double.parseDouble(String.valueOf(f.after()))).isBetween(11.5, 12.5);
        });
        assertThat(CallAccount.of(call.state(), "", call.around().proof(PLATES)).toString())
                .containsPattern("added 12 oz, circuit 2, cylinder C-114, superheat (27|28).* to 1[12].* °F");
        charge("1");
        assertThat(proof().charge().get(1).figures())
                .as("nothing of the first circuit was read")
                .isEmpty();
    }

    @Test
    void withoutAReadingBeforeItHowFarItMovedIsNotKnown() {
        charge("");
        read(SUCTION_PRESSURE, 130, null);
        read(SUCTION_LINE, 57, null);
        assertThat(proof().charge().get(0).missing()).startsWith("Not read before it");
    }

    @Test
    void whatWandersIsOfItsCircuit() {
        Wander wander = new Wander(ProofFigure.SUPERHEAT, 4, 18, 3);
        assertThatThrownBy(() -> call.then("Tech 1", new OnLeaving.SayWandering(wander, 2)))
                .isInstanceOf(InputProblem.class)
                .hasMessageContaining("nothing of this circuit was read");
        read(SUCTION_PRESSURE, 130, 2);
        read(SUCTION_LINE, 57, 2);
        call.then("Tech 1", new OnLeaving.SayWandering(wander, 2));
        call.then("Tech 1", new OnLeaving.SayWandering(new Wander(ProofFigure.SUPERHEAT, 8, 12, 3), null));
        assertThat(proof().wanders())
                .extracting(LeaveViews.WanderView::title)
                .containsExactly("Superheat, circuit 2", "Superheat");
    }

    @Test
    void eachHasItsOwnBestAndItsOwnTrend() {
        read(OUTDOOR_AIR, 90, null);
        for (Integer circuit : new Integer[] {null, 2}) {
            read(SUCTION_PRESSURE, 130, circuit);
            read(SUCTION_LINE, circuit == null ? 55 : 60, circuit);
            read(LIQUID_PRESSURE, 365, circuit);
            read(LIQUID_LINE, 100, circuit);
        }
        CallState state = call.state();
        LeaveEntry.ProofKept kept = new LeaveEntry.ProofKept(
                state.leave().readings(),
                state.runningUnit().proved(call.around().proof(PLATES)).verdicts(),
                List.of(),
                List.of(),
                true,
                true,
                null,
                List.of(new LeaveEntry.CircuitProved(
                        "2",
                        state.leave().readings("2"),
                        state.runningUnit()
                                .proved(call.around().proof(PLATES), "2")
                                .verdicts(),
                        List.of(),
                        List.of())));
        List<Line> tape = new ArrayList<>(state.tape());
        tape.add(new Line(tape.size() + 1L, 9_000_000, "Tech 1", kept));
        UnitHistory history = new UnitHistory(List.of(new UnitHistory.Visit(7, tape, CallState.of(tape, PLATES))));
        assertThat(history.benchmarksBefore(8)).containsOnlyKeys("1", "2");
        assertThat(history.benchmarksBefore(7)).isEmpty();
        double second = history.benchmarksBefore(8).get("2").figures().get(ProofFigure.SUBCOOLING);
        assertThat(second).isBetween(9.5, 10.5);
        assertThat(history.figureTrends())
                .extracting(UnitHistory.FigureTrend::title)
                .contains("Subcooling", "Subcooling, circuit 2");
    }
}
