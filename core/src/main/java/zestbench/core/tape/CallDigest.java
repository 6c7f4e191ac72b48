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
 * @param waiting parts that were ordered and are not in hand
 * @param putIn parts that were put in on it, in the order they were taken into question
 * @param writeUps what was seen on it, not done, and not ended on it
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
        long boughtAtMillis,
        long lastAtMillis,
        String lastWho,
        String lastLine) {
    /** @param part what it is for @param ready the day it can be fetched, as 2026-11-27 */
    public record Waiting(String part, String title, String from, String ready) {}

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
            slices.add(state.filled(part));
            PartEntry.Ordered order = part.ordered();
            if (order != null && part.chosen() == null) {
                waiting.add(new Waiting(part.added().title(), order.title(), order.from(), order.ready()));
            }
            PartEntry.PartClosed closed = part.closed();
            if (closed != null && closed.outcome() == Entry.Outcome.REPLACED) {
                putIn.add(new PutIn(part.added().place(), part.added().title(), closed.asLeft(), closed.returnDate()));
            }
            if (closed != null && Wanted.isBought(part)) {
                bought = Math.max(bought, part.closedAtMillis());
            }
        }
        List<WriteUp> writeUps = new ArrayList<>();
        state.leave().openWriteUps().forEach((id, line) -> {
            if (line.entry() instanceof LeaveEntry.WrittenUp written) {
                writeUps.add(new WriteUp(id, line.atMillis(), written.urgency(), written.what()));
            }
        });
        Line last = tape.isEmpty() ? null : tape.get(tape.size() - 1);
        return new CallDigest(
                NextThing.of(state).text(),
                slices,
                waiting,
                putIn,
                writeUps,
                new LinkedHashSet<>(state.leave().endedHere()),
                bought,
                last == null ? 0 : last.atMillis(),
                last == null ? "" : last.who(),
                last == null ? "" : last.entry().told().title());
    }
}
