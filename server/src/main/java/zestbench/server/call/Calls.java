package zestbench.server.call;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.data.domain.Sort;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import zestbench.core.Families;
import zestbench.core.quantity.InputProblem;
import zestbench.core.tape.CallState;
import zestbench.core.tape.Entry;
import zestbench.core.tape.Line;
import zestbench.core.tape.NextThing;
import zestbench.core.tape.PartState;
import zestbench.core.tape.Step;
import zestbench.server.call.CallViews.CallCard;
import zestbench.server.call.CallViews.DueView;
import zestbench.server.call.CallViews.WaitingView;
import zestbench.server.person.TapTime;
import zestbench.server.problem.Conflict;
import zestbench.server.problem.NotHere;
import zestbench.server.unit.Unit;
import zestbench.server.unit.Units;

/** Opens calls, adds to their tapes, and says where they stand. Every change is one transaction on one call. */
@Service
public class Calls {
    /** Calls as kept. */
    interface Store extends JpaRepository<CallRow, Long> {
        @Nullable
        CallRow findFirstByTechnician(long technician);
    }

    private final Store store;
    private final Tapes tapes;
    private final Units units;
    private final Clock clock;
    private final TapTime tapped;

    Calls(Store store, Tapes tapes, Units units, Clock clock, TapTime tapped) {
        this.store = store;
        this.tapes = tapes;
        this.units = units;
        this.clock = clock;
        this.tapped = tapped;
    }

    /** A call with its tape and what follows from it. */
    record Open(CallRow row, List<Line> tape, CallState state) {
        PartState part(String id) {
            return state.part(id);
        }
    }

    Open open(long id) {
        CallRow row = store.findById(id).orElseThrow(() -> new NotHere("There is no call " + id + "."));
        return opened(row);
    }

    private Open opened(CallRow row) {
        Tape tape = tapes.of(row.id());
        return new Open(row, tape.lines(), tape.state(row.plates()));
    }

    /** The call, if it still takes entries. */
    Open working(long id) {
        Open call = open(id);
        if (call.row().status() == CallRow.Status.CLOSED || call.row().status() == CallRow.Status.CANCELLED) {
            throw new Conflict("This call is " + call.row().status().name().toLowerCase(java.util.Locale.ROOT)
                    + ": reopen it first.");
        }
        return call;
    }

    /** Opens a call now. */
    @Transactional
    public long start(long unitId, String complaint) {
        return start(unitId, complaint, tapped.at(null));
    }

    @Transactional
    public long start(long unitId, String complaint, Instant at) {
        Unit unit = units.get(unitId);
        return store.save(new CallRow(unit, complaint.strip(), at)).id();
    }

    /** The tape of a technician's quick checks, begun when first asked for. */
    @Transactional
    public long quickCheck(long technician) {
        CallRow known = store.findFirstByTechnician(technician);
        return known != null
                ? known.id()
                : store.save(new CallRow(technician, clock.instant())).id();
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
        addAt(callId, who, at, new Entry.PartAdded(id, kind, title, place, serves));
        return id;
    }

    @Transactional
    public void end(long callId, String who, Entry.End end, String note) {
        Open call = working(callId);
        if (call.row().status() == CallRow.Status.QUICK_CHECK) {
            throw new Conflict("A quick check is no call: there is nothing to close.");
        }
        call.row().become(end == Entry.End.CLOSED ? CallRow.Status.CLOSED : CallRow.Status.CANCELLED);
        store.save(call.row());
        add(callId, who, new Entry.CallEnded(end, note));
    }

    @Transactional
    public void reopen(long callId, String who) {
        Open call = open(callId);
        if (call.row().status() == CallRow.Status.OPEN || call.row().status() == CallRow.Status.QUICK_CHECK) {
            throw new Conflict("This call is open already.");
        }
        call.row().become(CallRow.Status.OPEN);
        store.save(call.row());
        add(callId, who, new Entry.CallReopened());
    }

    @Transactional
    public void strike(long callId, String who, long number, String reason) {
        Open call = working(callId);
        Line line = call.tape().stream()
                .filter(l -> l.number() == number)
                .findFirst()
                .orElseThrow(() -> new NotHere("There is no line " + number + " on this tape."));
        if (call.state().isStruck(number)) {
            throw new Conflict("Line " + number + " is struck already.");
        }
        InputProblem.require(
                CallState.isStrikable(line.entry()), "line", number, "only readings, labels and notes can be struck");
        add(callId, who, new Entry.Struck(number, reason));
    }

    /** Every call of a unit, the earliest first. */
    List<Open> ofUnits() {
        List<Open> out = new ArrayList<>();
        for (CallRow row : store.findAll(Sort.by("openedAt", "id"))) {
            if (row.unit() != null) {
                out.add(opened(row));
            }
        }
        return out;
    }

    /** The calls as cards, the latest first. @param all as {@link #ofUnits} gives them */
    static List<CallCard> cards(List<Open> all, LocalDate today) {
        List<CallCard> out = new ArrayList<>();
        for (Open call : all) {
            if (call.row().unit() != null) {
                out.add(0, card(call, call.row().unit(), today));
            }
        }
        return out;
    }

    private static CallCard card(Open call, Unit unit, LocalDate today) {
        CallRow row = call.row();
        CallState state = call.state();
        List<Set<Step>> slices = new ArrayList<>();
        state.parts().forEach(part -> slices.add(state.filled(part)));
        String next = row.status() == CallRow.Status.OPEN
                ? NextThing.of(state).text()
                : row.status() == CallRow.Status.CLOSED ? "Closed" : "Cancelled";
        return new CallCard(
                row.id(),
                unit.site(),
                unit.name(),
                Units.UnitView.of(unit).line(),
                row.complaint(),
                row.status().name(),
                row.openedAt().toEpochMilli(),
                next,
                day(row.openedAt()).equals(today),
                slices.size(),
                slices);
    }

    private static LocalDate day(Instant at) {
        return LocalDate.ofInstant(at, ZoneId.systemDefault());
    }

    /** Today, where the bench stands. */
    LocalDate today() {
        return day(clock.instant());
    }

    /** Parts that open calls wait for, the first to be ready first. */
    static List<WaitingView> waiting(List<Open> all, LocalDate today) {
        List<WaitingView> out = new ArrayList<>();
        for (Open call : all) {
            Unit unit = call.row().unit();
            if (unit == null || call.row().status() != CallRow.Status.OPEN) {
                continue;
            }
            for (PartState part : call.state().parts()) {
                Entry.Ordered order = part.ordered();
                if (order != null && part.chosen() == null) {
                    out.add(new WaitingView(
                            call.row().id(),
                            unit.site(),
                            unit.name(),
                            part.added().title(),
                            order.title(),
                            order.from(),
                            order.ready(),
                            !LocalDate.parse(order.ready()).isAfter(today)));
                }
            }
        }
        out.sort(Comparator.comparing(WaitingView::ready));
        return out;
    }

    /** Temporary fixes still in: for each place of a unit the last closed part decides. */
    List<DueView> due() {
        return due(ofUnits(), today());
    }

    static List<DueView> due(List<Open> all, LocalDate today) {
        Map<String, DueView> byPlace = new LinkedHashMap<>();
        for (Open call : all) {
            CallRow row = call.row();
            Unit unit = row.unit();
            if (unit == null || row.status() == CallRow.Status.CANCELLED) {
                continue;
            }
            for (PartState part : call.state().parts()) {
                Entry.PartClosed closed = part.closed();
                if (closed == null || closed.outcome() != Entry.Outcome.REPLACED) {
                    continue;
                }
                String key = unit.id() + " " + part.added().place() + " "
                        + part.added().title();
                String date = closed.returnDate();
                if (date == null) {
                    byPlace.remove(key);
                } else {
                    boolean isDue = !LocalDate.parse(date).isAfter(today);
                    byPlace.put(
                            key,
                            new DueView(
                                    row.id(),
                                    unit.site(),
                                    unit.name(),
                                    part.added().title(),
                                    closed.asLeft(),
                                    date,
                                    isDue));
                }
            }
        }
        return byPlace.values().stream()
                .sorted(Comparator.comparing(DueView::returnDate))
                .toList();
    }
}
