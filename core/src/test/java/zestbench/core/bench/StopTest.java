package zestbench.core.bench;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import zestbench.core.bench.PartViews.StopView;
import zestbench.core.call.OnCall;
import zestbench.core.call.OnLabel;
import zestbench.core.call.OnPart;
import zestbench.core.call.OnTest;
import zestbench.core.call.Refusal;
import zestbench.core.family.Spec;
import zestbench.core.judgement.Demand;
import zestbench.core.plate.PlateLabel;
import zestbench.core.plate.Plates;
import zestbench.core.safety.Deadness;
import zestbench.core.tape.CallState;
import zestbench.core.tape.Entry;
import zestbench.core.tape.Line;
import zestbench.core.tape.NextThing.CallStep;
import zestbench.core.tape.PartEntry;
import zestbench.core.tape.Step;
import zestbench.core.tape.Stop;

/** A STOP is the next action, and ends by what it asks for. */
class StopTest {
    private static final String WHO = "Tech 1";

    @Test
    void theSecondStartDeviceComesOutOfADeadCircuitAndNothingGoesIn() {
        WorkedCall call = new WorkedCall().then(WHO, new OnCall.AddPart("start-device", null, "Outdoor unit", ""));
        String part = call.part();
        call.then(WHO, new OnLabel.Type(part, "PTC 1-3 TON 208/277 V"))
                .then(WHO, new OnTest.LookAt(part, "SECOND", "two"));
        OnPart.Close out = new OnPart.Close(part, Entry.Outcome.TAKEN_OUT, "", null);
        assertThat(stop(call).callStep()).isEqualTo(CallStep.SAFE);
        assertThat(StopView.of(stop(call)).done()).isEmpty();
        assertThatThrownBy(() -> call.then(WHO, out))
                .isInstanceOf(Refusal.class)
                .hasMessageContaining("read dead");
        for (Deadness.Pair pair : call.state().deadness().pairs()) {
            call.then(WHO, new OnCall.ReadDead(pair.place(), pair.name(), 0.2));
        }
        assertThat(stop(call).step()).isEqualTo(Step.TEST);
        assertThat(StopView.of(stop(call)).done()).isEqualTo("It is out: close this part");
        call.then(WHO, out);
        assertThat(Stop.of(call.state())).isEmpty();
        assertThat(CallAccount.of(call.state(), "").toString()).contains("taken out");
    }

    private static Stop stop(WorkedCall call) {
        return Stop.on(call.state(), call.state().part(call.part()));
    }

    /** It holds up no electrical repair, and stands before the unit is proved. */
    @Test
    void twoRefrigerantsOnTwoPlatesAreFoundOutBeforeTheUnitIsProved() {
        Plates plates = new Plates(plate("R-410A"), plate("R-22"));
        List<Line> tape = new ArrayList<>();
        tape.add(new Line(1, 1, WHO, new PartEntry.PartAdded("p", "capacitor", "Run capacitor", "Outdoor unit", "")));
        assertThat(Stop.of(CallState.of(tape, plates))).isEmpty();
        assertThat(Stop.onPlates(CallState.of(tape, plates)))
                .hasValueSatisfying(s -> assertThat(s.demand()).isEqualTo(Demand.REFRIGERANT));
        tape.add(new Line(2, 2, WHO, new PartEntry.PartClosed("p", Entry.Outcome.NOT_NEEDED, "", "", null)));
        assertThat(Stop.of(CallState.of(tape, plates)))
                .singleElement()
                .satisfies(s -> assertThat(s.callStep()).isEqualTo(CallStep.PLATE));
        assertThat(Stop.onPlates(CallState.of(tape, new Plates(plate("R-410A"), plate("R-410A")))))
                .isEmpty();
    }

    private static Spec plate(String refrigerant) {
        return new Spec(
                PlateLabel.read("MODEL AX-036 208/230 V 1 PH " + refrigerant).fields());
    }
}
