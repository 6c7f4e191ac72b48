package zestbench.core.tape;

import java.util.Map;
import zestbench.core.proof.HeatProof;
import zestbench.core.proof.ProofFigure;
import zestbench.core.proof.ProofSetup;
import zestbench.core.proof.Running;
import zestbench.core.proof.UnitProof;
import zestbench.core.quantity.Quantity;
import zestbench.core.suspect.Fact;
import zestbench.core.suspect.Question;

/** The unit as it runs: what for, as it was said on the call, and what its readings amount to. */
public final class RunningUnit {
    private final Map<String, String> answers;
    private final LeaveState leave;

    /** @param answers by question */
    RunningUnit(Map<String, String> answers, LeaveState leave) {
        this.answers = answers;
        this.leave = leave;
    }

    /** Whether heat is called for, as it was said. */
    public boolean isHeating() {
        return "yes".equals(answers.get(Fact.HEATING.name()));
    }

    /** What the unit runs for, as it was said: cooling where nobody says. */
    public Running runsFor() {
        if (!isHeating()) {
            return Running.COOLING;
        }
        return Question.PUMP.equals(answers.get(Fact.GAS_HEAT.name())) ? Running.HEAT_PUMP : Running.HEAT;
    }

    /** What the readings of the running unit amount to, for what it was called. */
    public UnitProof.Answer proved(ProofSetup setup) {
        return switch (runsFor()) {
            case COOLING -> UnitProof.of(leave.readings(), setup);
            case HEAT -> HeatProof.of(leave.readings());
            case HEAT_PUMP -> HeatProof.ofHeatPump(leave.readings(), setup);
        };
    }

    /** The same of another circuit: what hangs on its refrigerant. */
    public UnitProof.Answer proved(ProofSetup setup, String circuit) {
        UnitProof.Answer whole = UnitProof.of(leave.readings(circuit), setup);
        // the air is told with the first circuit
        UnitProof.Answer first = UnitProof.of(leave.readings(), setup);
        return new UnitProof.Answer(
                whole.verdicts().stream()
                        .filter(v -> ProofFigure.valueOf(v.subject()).isOfCircuit())
                        .toList(),
                whole.shown().stream()
                        .filter(s -> s.reading().quantity() == Quantity.FAHRENHEIT)
                        .toList(),
                whole.findings().stream()
                        .filter(f -> !first.findings().contains(f))
                        .toList());
    }
}
