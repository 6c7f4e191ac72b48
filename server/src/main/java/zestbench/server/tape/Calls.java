package zestbench.server.tape;

import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import java.util.function.LongFunction;
import org.jspecify.annotations.Nullable;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import zestbench.core.Families;
import zestbench.core.call.CallStatus;
import zestbench.core.call.Decider;
import zestbench.core.call.OnCall;
import zestbench.core.plate.Plates;
import zestbench.core.tape.CallState;
import zestbench.core.tape.Entry;
import zestbench.core.tape.Line;
import zestbench.core.tape.PartEntry;
import zestbench.core.tape.PartState;
import zestbench.core.tape.UnitEntry;
import zestbench.server.data.CommittedCache;
import zestbench.server.person.TapTime;
import zestbench.server.problem.NotHere;
import zestbench.server.unit.Unit;
import zestbench.server.unit.Units;

/** Opens calls, adds to their tapes, and says where they stand. Every change is one transaction on one call. */
@Service
public class Calls {
    private static final int HEADS_KEPT = 5_000;

    private final CallRepository store;
    private final Tapes tapes;
    private final Units units;
    private final Clock clock;
    private final TapTime tapped;
    private final ApplicationEventPublisher events;
    private final CommittedCache<Long, Head> heads = new CommittedCache<>(HEADS_KEPT, (id, head) -> 1);

    Calls(
            CallRepository store,
            Tapes tapes,
            Units units,
            Clock clock,
            TapTime tapped,
            ApplicationEventPublisher events) {
        this.events = events;
        this.store = store;
        this.tapes = tapes;
        this.units = units;
        this.clock = clock;
        this.tapped = tapped;
    }

    /** A call with its tape and what follows from it; the rest of what is kept of it is fetched when it is asked for. */
    public static final class Open {
        private final Head head;
        private final Tape tape;
        private final CallState state;
        private final LongFunction<CallEntity> kept;
        private @Nullable CallEntity row;

        private Open(Head head, Tape tape, CallState state, LongFunction<CallEntity> kept) {
            this.head = head;
            this.tape = tape;
            this.state = state;
            this.kept = kept;
        }

        public long id() {
            return head.id();
        }

        public CallStatus status() {
            return head.status();
        }

        public CallEntity row() {
            CallEntity known = row;
            if (known == null) {
                known = kept.apply(head.id());
                row = known;
            }
            return known;
        }

        public List<Line> tape() {
            return tape.lines();
        }

        public CallState state() {
            return state;
        }

        public PartState part(String id) {
            return state.part(id);
        }
    }

    /** What of a call every look at it needs. @param unit it is at; null for a quick check */
    private record Head(long id, @Nullable Long unit, CallStatus status) {}

    private CallEntity row(long id) {
        return store.findById(id).orElseThrow(() -> new NotHere("There is no call " + id + "."));
    }

    public Open open(long id) {
        Head head = heads.get(id, any -> {
            CallEntity row = row(id);
            Unit unit = row.unit();
            return new Head(id, unit == null ? null : unit.id(), row.status());
        });
        Tape tape = tapes.of(id);
        Long unit = head.unit();
        return new Open(head, tape, tape.state(unit == null ? Plates.NONE : units.plates(unit)), this::row);
    }

    @EventListener
    void changed(CallChanged change) {
        if (change.isAnew()) {
            heads.forget(change.call());
        }
    }

    /** The call, if it still takes entries. */
    public Open working(long id) {
        Open call = open(id);
        Decider.requireOpen(call.status());
        return call;
    }

    /** Opens a call now. */
    @Transactional
    public long start(long unitId, String complaint) {
        return start(unitId, complaint, tapped.at(null));
    }

    /** Opens a call now, with what its complaint says by itself. */
    @Transactional
    public long start(long unitId, String complaint, String who) {
        long id = start(unitId, complaint);
        add(id, who, OnCall.opening(complaint).toArray(Entry[]::new));
        return id;
    }

    @Transactional
    public long start(long unitId, String complaint, Instant at) {
        Unit unit = units.get(unitId);
        long id = store.save(new CallEntity(unit, complaint.strip(), at)).id();
        events.publishEvent(new CallChanged(id, true));
        return id;
    }

    /** The tape of a technician's quick checks, begun when first asked for. */
    @Transactional
    public long quickCheck(long technician) {
        CallEntity known = store.findFirstByTechnician(technician);
        return known != null
                ? known.id()
                : store.save(new CallEntity(technician, clock.instant())).id();
    }

    /** Adds entries in the order given. */
    @Transactional
    public void add(long callId, String who, Entry... entries) {
        addAt(callId, who, tapped.at(tapes.last(callId, who)), entries);
    }

    @Transactional
    public void addAt(long callId, String who, Instant at, Entry... entries) {
        for (Entry entry : entries) {
            tapes.append(callId, at, who, entry);
        }
    }

    /** Takes a part into question now. @return its id on the call */
    @Transactional
    public String addPart(long callId, String who, String kind, String title, String place, String serves) {
        return addPart(callId, who, tapped.at(tapes.last(callId, who)), kind, title, place, serves);
    }

    /** Takes a part into question. @return its id on the call */
    @Transactional
    public String addPart(long callId, String who, Instant at, String kind, String title, String place, String serves) {
        Families.named(kind);
        String id = "p" + UUID.randomUUID().toString().substring(0, 8);
        addAt(callId, who, at, new PartEntry.PartAdded(id, kind, title, place, serves));
        return id;
    }

    @Transactional
    public void end(long callId, String who, Entry.End end, String note) {
        become(working(callId), end == Entry.End.CLOSED ? CallStatus.CLOSED : CallStatus.CANCELLED);
        add(callId, who, new UnitEntry.CallEnded(end, note));
    }

    /** From now on the call stands at {@code next}. */
    public void become(Open call, CallStatus next) {
        call.row().become(next);
        store.save(call.row());
        events.publishEvent(new CallChanged(call.id(), true));
    }
}
