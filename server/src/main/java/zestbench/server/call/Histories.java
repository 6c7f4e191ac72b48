package zestbench.server.call;

import java.util.ArrayList;
import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.stereotype.Component;
import zestbench.core.call.CallStatus;
import zestbench.core.tape.CallState;
import zestbench.core.tape.Line;
import zestbench.core.tape.UnitHistory;

/** All visits to a unit, added up. */
@Component
class Histories {
    /** Calls by unit, the earliest first. */
    interface Store extends JpaRepository<CallRow, Long> {
        List<CallRow> findByUnit_IdOrderByOpenedAtAscIdAsc(long unit);
    }

    private final Store store;
    private final Tapes tapes;

    Histories(Store store, Tapes tapes) {
        this.store = store;
        this.tapes = tapes;
    }

    /** Visits that were not cancelled. */
    UnitHistory of(long unitId) {
        List<UnitHistory.Visit> visits = new ArrayList<>();
        for (CallRow row : store.findByUnit_IdOrderByOpenedAtAscIdAsc(unitId)) {
            if (row.status() != CallStatus.CANCELLED) {
                Tape tape = tapes.of(row.id());
                visits.add(new UnitHistory.Visit(row.id(), tape.lines(), tape.state(row.plates())));
            }
        }
        return new UnitHistory(visits);
    }

    /** Of the unit a call is about; without one, only what is on its own tape. */
    UnitHistory of(CallRow call, List<Line> tape, CallState state) {
        return call.unit() == null
                ? new UnitHistory(List.of(new UnitHistory.Visit(call.id(), tape, state)))
                : of(call.unit().id());
    }
}
