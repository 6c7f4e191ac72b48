package zestbench.server.board;

import java.util.List;
import java.util.Set;
import zestbench.core.tape.Entry;
import zestbench.core.tape.Step;

/** The lists calls stand on. */
public final class BoardViews {
    private BoardViews() {}

    /** A call on the list of calls. @param lastWho who wrote its last line; empty where nobody did */
    public record CallCard(
            long id,
            String site,
            String unit,
            String line,
            String complaint,
            String status,
            long openedAtMillis,
            String next,
            boolean isToday,
            int parts,
            List<Set<Step>> slices,
            String lastWho) {}

    /** A temporary fix and the day it has to come out. */
    public record DueView(
            long callId, String site, String unit, String part, String asLeft, String returnDate, boolean isDue) {}

    /** A part that was ordered. @param isReady whether it can be fetched today */
    public record WaitingView(
            long callId,
            String site,
            String unit,
            String part,
            String title,
            String from,
            String ready,
            boolean isReady) {}

    /** Seen and not done on one unit. @param words of the most urgent */
    public record UnitWriteUps(long unitId, String site, String unit, int count, Entry.Urgency urgency, String words) {}
}
