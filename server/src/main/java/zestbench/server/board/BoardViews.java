package zestbench.server.board;

import java.util.List;
import java.util.Set;
import zestbench.core.tape.CallDigest;
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

    /**
     * What keeps an open call from its end: a part that was ordered, a wait, a jumper that is in.
     *
     * @param words what it is
     * @param ready the day it can be fetched or looked at again; empty where it has none
     * @param isReady whether that is today or was before
     */
    public record WaitingView(
            long callId, String site, String unit, CallDigest.Hold hold, String words, String ready, boolean isReady) {}

    /** Seen and not done on one unit. @param words of the most urgent */
    public record UnitWriteUps(
            long unitId, String site, String unit, int count, Entry.Urgency urgency, String flag, String words) {}
}
