package zestbench.server.call;

import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import zestbench.core.call.Command;
import zestbench.core.call.Decider;
import zestbench.core.call.Decision;
import zestbench.core.tape.Entry;
import zestbench.server.person.Sender;
import zestbench.server.tape.Calls;
import zestbench.server.truck.Truck;
import zestbench.server.unit.Unit;
import zestbench.server.unit.Units;

/** Carries out what is done on a call: the core decides once, what it decides is written in one transaction. */
@Service
public class CallChanges {
    private final Calls calls;
    private final CallSurroundings surroundings;
    private final Truck truck;
    private final Units units;

    CallChanges(Calls calls, CallSurroundings surroundings, Truck truck, Units units) {
        this.calls = calls;
        this.surroundings = surroundings;
        this.truck = truck;
        this.units = units;
    }

    /** Carries {@code command} out, whole or not at all. */
    @Transactional
    public void make(long callId, Sender sender, Command command) {
        Calls.Open call = calls.open(callId);
        Decision decision = Decider.decide(call.state(), command, surroundings.of(call, command, sender.depot()));
        if (decision.becomes() != null) {
            calls.become(call, decision.becomes());
        }
        calls.add(callId, sender.who(), decision.entries().toArray(Entry[]::new));
        decision.taken().forEach(line -> truck.take(line, sender.who(), callId));
        decision.givenBack().forEach(line -> truck.giveBack(line, sender.who(), callId));
        Decision.PlateKept plate = decision.plate();
        Unit unit = plate == null ? null : call.row().unit();
        if (plate != null && unit != null) {
            units.read(unit.id(), plate.which(), plate.spec());
        }
    }
}
