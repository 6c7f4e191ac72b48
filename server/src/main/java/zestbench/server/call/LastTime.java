package zestbench.server.call;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.stereotype.Component;
import zestbench.core.tape.CallState;
import zestbench.core.tape.Entry;
import zestbench.core.tape.PartState;
import zestbench.core.tape.Taken;
import zestbench.server.call.CallViews.LastTimeView;

/** What an earlier visit said of the part in the same place. */
@Component
class LastTime {
    /** Calls by unit, latest first. */
    interface Visits extends JpaRepository<CallRow, Long> {
        List<CallRow> findByUnit_IdAndIdLessThanOrderByIdDesc(long unit, long before);
    }

    private static final int LOOK_BACK = 12;

    private final Visits visits;
    private final Tapes tapes;

    LastTime(Visits visits, Tapes tapes) {
        this.visits = visits;
        this.tapes = tapes;
    }

    @Nullable
    LastTimeView of(CallRow call, PartState part) {
        if (call.unit() == null || !part.spec().isEmpty()) {
            return null;
        }
        List<CallRow> before =
                visits.findByUnit_IdAndIdLessThanOrderByIdDesc(call.unit().id(), call.id());
        for (CallRow visit : before.subList(0, Math.min(LOOK_BACK, before.size()))) {
            LastTimeView found = on(visit, part.added());
            if (found != null) {
                return found;
            }
        }
        return null;
    }

    private @Nullable LastTimeView on(CallRow visit, Entry.PartAdded wanted) {
        CallState state = tapes.of(visit.id()).state(visit.plates());
        for (PartState part : state.parts()) {
            boolean same = part.added().place().equals(wanted.place())
                    && part.added().title().equals(wanted.title());
            if (same && !part.spec().isEmpty()) {
                return view(visit, part);
            }
        }
        return null;
    }

    /** A replaced part counts with the label and values it was left with. */
    private static LastTimeView view(CallRow visit, PartState part) {
        Entry.Chosen chosen = part.closed() != null ? part.chosen() : null;
        boolean replaced = chosen != null && chosen.pieces().size() == 1;
        var spec = replaced && chosen != null ? chosen.pieces().get(0).spec() : part.spec();
        List<String> readings = new ArrayList<>();
        for (Taken taken : (chosen != null ? part.newReadings() : part.readings()).values()) {
            var judged = taken.judged();
            readings.add(judged.subject() + " " + judged.reading().text());
        }
        String rating = part.family().shortText().apply(spec);
        return new LastTimeView(visit.openedAt().toEpochMilli(), rating, spec, rating, readings);
    }
}
