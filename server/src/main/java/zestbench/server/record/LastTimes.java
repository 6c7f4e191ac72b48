package zestbench.server.record;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.stereotype.Component;
import zestbench.core.bench.LastTime;
import zestbench.core.bench.PartViews.LastTimeView;
import zestbench.core.tape.PartState;
import zestbench.server.tape.CallEntity;
import zestbench.server.tape.Calls;
import zestbench.server.tape.Tapes;

/** What earlier visits said of the parts whose label is not read yet. */
@Component
public class LastTimes {
    /** Calls by unit, latest first. */
    interface VisitController extends JpaRepository<CallEntity, Long> {
        List<CallEntity> findByUnit_IdAndIdLessThanOrderByIdDesc(long unit, long before);
    }

    private static final int LOOK_BACK = 12;

    private final VisitController visits;
    private final Tapes tapes;

    LastTimes(VisitController visits, Tapes tapes) {
        this.visits = visits;
        this.tapes = tapes;
    }

    /** By the part's id. */
    public Map<String, LastTimeView> of(Calls.Open call) {
        Map<String, LastTimeView> out = new LinkedHashMap<>();
        for (PartState part : call.state().parts()) {
            LastTimeView found = part.spec().isEmpty() ? of(call, part) : null;
            if (found != null) {
                out.put(part.id(), found);
            }
        }
        return out;
    }

    private @Nullable LastTimeView of(Calls.Open call, PartState part) {
        if (call.row().unit() == null) {
            return null;
        }
        List<CallEntity> before =
                visits.findByUnit_IdAndIdLessThanOrderByIdDesc(call.row().unit().id(), call.id());
        return before.stream()
                .limit(LOOK_BACK)
                .map(visit -> LastTime.on(
                        tapes.of(visit.id()).state(visit.plates()),
                        visit.openedAt().toEpochMilli(),
                        part))
                .filter(Objects::nonNull)
                .findFirst()
                .orElse(null);
    }
}
