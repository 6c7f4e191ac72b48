package zestbench.server.tape;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import org.jspecify.annotations.Nullable;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.data.domain.Sort;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.JsonNode;
import zestbench.core.call.CallStatus;
import zestbench.core.plate.Plates;
import zestbench.core.quantity.InputProblem;
import zestbench.core.tape.CallState;
import zestbench.core.tape.Entry;
import zestbench.core.tape.Line;
import zestbench.server.unit.Unit;
import zestbench.server.unit.Units;

/** Calls with their tapes as they are carried from bench to bench. */
@Component
public class CallCopies {
    /** A call. @param unit the id of its unit wherever it is carried to @param status OPEN, CLOSED or CANCELLED */
    public record CallCopy(
            String id, String unit, String complaint, Instant openedAt, String status, List<LineCopy> tape) {
        /** Whether {@code longer} is this call with more lines at its end. */
        public boolean isContinuedBy(CallCopy longer) {
            return id.equals(longer.id)
                    && unit.equals(longer.unit)
                    && complaint.equals(longer.complaint)
                    && openedAt.equals(longer.openedAt)
                    && longer.tape.size() > tape.size()
                    && longer.tape.subList(0, tape.size()).equals(tape);
        }
    }

    /** A line of a tape. @param kind of entry @param entry as it is kept */
    public record LineCopy(long number, Instant at, String who, String kind, JsonNode entry) {}

    private final CallCopyRepository store;
    private final Tapes tapes;
    private final Units units;
    private final ApplicationEventPublisher events;

    CallCopies(CallCopyRepository store, Tapes tapes, Units units, ApplicationEventPublisher events) {
        this.events = events;
        this.store = store;
        this.tapes = tapes;
        this.units = units;
    }

    /** One call of a unit; empty for a quick check. */
    public Optional<CallCopy> byNumber(long call) {
        return store.findById(call).filter(row -> row.unit() != null).map(this::copy);
    }

    public Optional<CallCopy> byId(String id) {
        return store.findByUid(id).map(this::copy);
    }

    public List<CallCopy> ofUnit(long unit) {
        return store.findByUnit_IdOrderByOpenedAtAscIdAsc(unit).stream()
                .map(this::copy)
                .toList();
    }

    public List<CallCopy> all() {
        return store.findAll(Sort.by("openedAt", "id")).stream()
                .filter(row -> row.unit() != null)
                .map(this::copy)
                .toList();
    }

    private CallCopy copy(CallEntity row) {
        Unit unit = row.unit();
        return new CallCopy(
                row.uid(),
                unit == null ? "" : unit.uid(),
                row.complaint(),
                row.openedAt(),
                row.status().name(),
                tapes.copies(row.id()));
    }

    /** Reads a call through as the bench would: every entry, numbers without a gap, and what they add up to. */
    public void check(CallCopy call) {
        List<Line> lines = new ArrayList<>();
        for (LineCopy line : call.tape()) {
            String at = "tape[" + lines.size() + "]";
            InputProblem.require(
                    line.number() == lines.size() + 1L,
                    at + ".number",
                    line.number(),
                    "lines are numbered without a gap, here " + (lines.size() + 1));
            Entry entry = tapes.entry(at, line);
            try {
                entry.told();
            } catch (RuntimeException broken) {
                throw InputProblem.of(
                        at + ".entry", null, "this says nothing that can be told: " + broken.getMessage());
            }
            lines.add(new Line(line.number(), line.at().toEpochMilli(), line.who(), entry));
        }
        try {
            CallState.of(lines, Plates.NONE);
        } catch (RuntimeException broken) {
            throw InputProblem.of("tape", null, "its lines do not go together: " + String.valueOf(broken.getMessage()));
        }
    }

    /** Names of the photos a call shows. */
    public static Set<String> photos(CallCopy call) {
        Set<String> out = new TreeSet<>();
        for (LineCopy line : call.tape()) {
            JsonNode photo = line.entry().get("photo");
            if (photo != null && photo.isString()) {
                out.add(photo.asString());
            }
        }
        return out;
    }

    /** Keeps a call as it came; one that is known becomes it, its tape too. */
    @Transactional
    public void put(CallCopy call) {
        Unit unit = units.byUid(call.unit())
                .orElseThrow(() -> InputProblem.of("unit", call.unit(), "that unit is neither here nor in the file"));
        CallEntity row = store.findByUid(call.id()).orElseGet(() -> new CallEntity(call.id()));
        row.become(unit, call.complaint(), call.openedAt(), CallStatus.valueOf(call.status()));
        long id = store.saveAndFlush(row).id();
        List<LineCopy> known = tapes.copies(id);
        boolean isLonger = call.tape().size() >= known.size()
                && call.tape().subList(0, known.size()).equals(known);
        if (!isLonger) {
            tapes.clear(id);
        }
        tapes.append(
                id, call.tape().subList(isLonger ? known.size() : 0, call.tape().size()));
        events.publishEvent(new CallChanged(id, true));
    }

    /** How a call is called in words. */
    public static String title(CallCopy call, @Nullable String unit) {
        return (unit == null ? "" : unit + ": ") + call.complaint();
    }

    /** What of two tellings of a call differs, in words. */
    public static List<String> differences(CallCopy ours, CallCopy theirs) {
        List<String> out = new ArrayList<>();
        Map<String, List<Object>> fields = Map.of(
                "complaint", List.of(ours.complaint(), theirs.complaint()),
                "status", List.of(ours.status(), theirs.status()));
        fields.forEach((name, two) -> {
            if (!two.get(0).equals(two.get(1))) {
                out.add(name + ": ours " + two.get(0) + ", theirs " + two.get(1));
            }
        });
        int same = 0;
        while (same < Math.min(ours.tape().size(), theirs.tape().size())
                && ours.tape().get(same).equals(theirs.tape().get(same))) {
            same++;
        }
        if (same < ours.tape().size() || same < theirs.tape().size()) {
            out.add("tape: alike for " + same + " lines, then ours has "
                    + (ours.tape().size() - same) + " more, theirs "
                    + (theirs.tape().size() - same));
        }
        return out;
    }
}
