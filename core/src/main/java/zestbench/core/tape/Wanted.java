package zestbench.core.tape;

import java.util.List;
import java.util.function.Supplier;
import zestbench.core.family.MatchAnswer.Match;
import zestbench.core.judgement.Grade;
import zestbench.core.judgement.Verdict;

/** Why a truck should carry what a repair asked for and did not find on it. [practice] */
public final class Wanted {
    /** What was bought on the way is wanted on the truck for so long. */
    public static final long LATELY_MILLIS = 30L * 86_400_000;

    private Wanted() {}

    /**
     * The reason in words; empty where nothing is wanted.
     *
     * @param isOpen whether the part's call still runs
     * @param isStopgapIn whether a temporary part of that call is still in
     * @param matches what the truck offers for the part, asked for only where that decides
     */
    public static String why(
            PartState part, boolean isOpen, boolean isStopgapIn, long nowMillis, Supplier<List<Match>> matches) {
        if (part.spec().isEmpty()) {
            return "";
        }
        PartEntry.PartClosed closed = part.closed();
        if (closed != null) {
            if (closed.returnDate() != null && isStopgapIn) {
                return "a stopgap is in until " + closed.returnDate();
            }
            return isBought(part) && part.closedAtMillis() > nowMillis - LATELY_MILLIS ? "bought on the way" : "";
        }
        if (!isOpen) {
            return "";
        }
        PartEntry.Ordered ordered = part.ordered();
        if (ordered != null) {
            return "ordered, " + ordered.from();
        }
        boolean isOut = part.tests().verdict() == Verdict.FAILED && part.chosen() == null;
        if (!isOut || !part.family().isEnough(part.spec())) {
            return "";
        }
        boolean isThere =
                matches.get().stream().anyMatch(m -> m.grade() == Grade.LIKE_FOR_LIKE || m.grade() == Grade.SUITABLE);
        return isThere ? "" : "failed, nothing on the truck fits as it is";
    }

    /** Whether a part was put in that came from no truck. */
    static boolean isBought(PartState part) {
        PartEntry.Chosen chosen = part.chosen();
        return chosen != null
                && chosen.pieces().stream()
                        .anyMatch(p -> p.stock() == null && !p.spec().equals(part.spec()));
    }
}
