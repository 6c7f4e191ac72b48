package zestbench.server.record;

import java.util.ArrayList;
import java.util.List;
import org.springframework.stereotype.Component;
import zestbench.core.call.CallStatus;
import zestbench.core.tape.CallState;
import zestbench.core.tape.Line;
import zestbench.core.tape.UnitHistory;
import zestbench.server.tape.CallEntity;
import zestbench.server.tape.Tape;
import zestbench.server.tape.Tapes;

/** All visits to a unit, added up. */
@Component
public class UnitHistories {
    private final UnitVisitRepository store;
    private final Tapes tapes;

    UnitHistories(UnitVisitRepository store, Tapes tapes) {
        this.store = store;
        this.tapes = tapes;
    }

    /** VisitController that were not cancelled. */
    public UnitHistory of(long unitId) {
        List<UnitHistory.Visit> visits = new ArrayList<>();
        for (CallEntity row : store.findByUnit_IdOrderByOpenedAtAscIdAsc(unitId)) {
            if (row.status() != CallStatus.CANCELLED) {
                Tape tape = tapes.of(row.id());
                visits.add(new UnitHistory.Visit(row.id(), tape.lines(), tape.state(row.plates())));
            }
        }
        return new UnitHistory(visits);
    }

    /** Of the unit a call is about; without one, only what is on its own tape. */
    public UnitHistory of(CallEntity call, List<Line> tape, CallState state) {
        return call.unit() == null
                ? new UnitHistory(List.of(new UnitHistory.Visit(call.id(), tape, state)))
                : of(call.unit().id());
    }
}
