package zestbench.server.record;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import org.springframework.data.domain.Limit;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.stereotype.Component;
import zestbench.core.bench.LastTime;
import zestbench.core.bench.PartViews.LastTimeView;
import zestbench.core.tape.PartState;
import zestbench.server.tape.CallEntity;
import zestbench.server.tape.Calls;
import zestbench.server.tape.Tapes;
import zestbench.server.unit.Unit;

/** What earlier visits said of the parts of a call. */
@Component
public class LastTimes {
    /** Calls by unit, latest first. */
    interface VisitRepository extends JpaRepository<CallEntity, Long> {
        List<CallEntity> findByUnit_IdAndIdLessThanOrderByIdDesc(long unit, long before, Limit most);
    }

    private static final int LOOK_BACK = 12;

    private final VisitRepository visits;
    private final Tapes tapes;

    LastTimes(VisitRepository visits, Tapes tapes) {
        this.visits = visits;
        this.tapes = tapes;
    }

    /** By the part's id. */
    public Map<String, LastTimeView> of(Calls.Open call) {
        Map<String, LastTimeView> out = new LinkedHashMap<>();
        boolean hasParts = call.state().parts().iterator().hasNext();
        Unit unit = hasParts ? call.row().unit() : null;
        if (unit == null) {
            return out;
        }
        List<CallEntity> before =
                visits.findByUnit_IdAndIdLessThanOrderByIdDesc(unit.id(), call.id(), Limit.of(LOOK_BACK));
        for (PartState part : call.state().parts()) {
            LastTimeView found = of(before, part);
            if (found != null) {
                out.put(part.id(), found);
            }
        }
        return out;
    }

    private @Nullable LastTimeView of(List<CallEntity> before, PartState part) {
        return before.stream()
                .map(visit -> LastTime.on(
                        tapes.of(visit.id()).state(visit.plates()),
                        visit.openedAt().toEpochMilli(),
                        part))
                .filter(Objects::nonNull)
                .findFirst()
                .orElse(null);
    }
}
