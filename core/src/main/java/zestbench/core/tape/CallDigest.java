package zestbench.core.tape;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * What lists show of a call, so that they need not read its tape: it follows from the tape and the unit's plates alone.
 *
 * @param next the next thing on it, while it is open
 * @param slices steps that are done, for each part in question
 * @param waiting what keeps it from its end: parts that were ordered and are not in hand, a wait, jumpers that are in
 * @param putIn parts that were put in on it, in the order they were taken into question
 * @param writeUps what was seen on it, not done, and not ended on it
 * @param charge what was weighed in and out
 * @param ended ids of what was ended on it, its own and those of earlier visits
 * @param boughtAtMillis when a part bought on the way was last put in; 0 where none was
 * @param lastAtMillis when its last line was written; 0 where there is none
 * @param lastWho by whom
 * @param lastLine what it says
 */
public record CallDigest(
        String next,
        List<Set<Step>> slices,
        List<Waiting> waiting,
        List<PutIn> putIn,
        List<WriteUp> writeUps,
        Set<String> ended,
        List<Charge> charge,
        long boughtAtMillis,
        long lastAtMillis,
        String lastWho,
        String lastLine) {
    /** Refrigerant that was weighed in or out. @param ounces above 0 */
    public record Charge(
            long atMillis, ChargeEntry.Way way, String refrigerant, double ounces, String cylinder, String who) {}

    /** What keeps a call from its end. */
    public enum Hold {
        /** a part that was ordered */
        PART,
        /** a thaw, a decision, another trade */
        WAIT,
        /** a jumper that is in */
        JUMPER
    }

    /** @param part what it is for @param ready the day it can be fetched or looked at again, as 2026-11-27; empty for a jumper */
    public record Waiting(Hold hold, String part, String title, String from, String ready) {}

    /** @param returnDate the day a temporary one comes out, as 2026-11-27 */
    public record PutIn(
            String place,
            String title,
            String asLeft,
            @Nullable String returnDate) {}

    public record WriteUp(String id, long atMillis, Entry.Urgency urgency, String what) {}

    public static CallDigest of(List<Line> tape, CallState state) {
        List<Set<Step>> slices = new ArrayList<>();
        List<Waiting> waiting = new ArrayList<>();
        List<PutIn> putIn = new ArrayList<>();
        long bought = 0;
        for (PartState part : state.parts()) {
            slices.add(state.together().filled(part));
            PartEntry.Ordered order = part.ordered();
            if (order != null && part.chosen() == null) {
                waiting.add(new Waiting(Hold.PART, part.added().title(), order.title(), order.from(), order.ready()));
            }
            PartEntry.PartClosed closed = part.closed();
            if (closed != null && closed.outcome() == Entry.Outcome.REPLACED) {
                putIn.add(new PutIn(part.added().place(), part.added().title(), closed.asLeft(), closed.returnDate()));
            }
            if (closed != null && Wanted.isBought(part)) {
                bought = Math.max(bought, part.closedAtMillis());
            }
        }
        List<Charge> charge = new ArrayList<>();
        for (Line line : state.charge().moved()) {
            if (line.entry() instanceof ChargeEntry.ChargeMoved moved) {
                charge.add(new Charge(
                        line.atMillis(),
                        moved.way(),
                        moved.refrigerant(),
                        moved.ounces(),
                        moved.cylinder(),
                        moved.holder().isEmpty() ? line.who() : moved.holder()));
                if (moved.way() == ChargeEntry.Way.ADDED) {
                    putIn.add(new PutIn(moved.circuit(), "Charge", moved.words(), moved.returnDate()));
                }
            }
        }
        // a temporary fix that is no part comes due as a temporary part does
        state.work().forEach(w -> putIn.add(new PutIn(w.place(), w.work().words(), w.detail(), w.returnDate())));
        Line waits = state.waits();
        if (waits != null && waits.entry() instanceof UnitEntry.CallWaits wait) {
            waiting.add(new Waiting(Hold.WAIT, "", "waits for " + wait.what().words(), wait.note(), wait.until()));
        }
        state.jumpers().open().forEach(line -> {
            if (line.entry() instanceof UnitEntry.JumperPut jumper) {
                waiting.add(new Waiting(Hold.JUMPER, "", jumper.across(), jumper.why(), ""));
            }
        });
        List<WriteUp> writeUps = new ArrayList<>();
        state.leave().openWriteUps().forEach((id, line) -> {
            if (line.entry() instanceof LeaveEntry.WrittenUp written) {
                writeUps.add(new WriteUp(id, line.atMillis(), written.urgency(), written.what()));
            }
        });
        Line last = tape.isEmpty() ? null : tape.get(tape.size() - 1);
        return new CallDigest(
                waiting.stream()
                        .filter(w -> w.hold() == Hold.WAIT)
                        .map(w -> "It " + w.title())
                        .findFirst()
                        .orElseGet(() -> NextThing.of(state).text()),
                slices,
                waiting,
                putIn,
                writeUps,
                new LinkedHashSet<>(state.leave().endedHere()),
                charge,
                bought,
                last == null ? 0 : last.atMillis(),
                last == null ? "" : last.who(),
                last == null ? "" : last.entry().told().title());
    }
}
