package zestbench.core.call;

import org.jspecify.annotations.Nullable;
import zestbench.core.proof.ProofPoint;
import zestbench.core.quantity.InputProblem;
import zestbench.core.tape.CallState;
import zestbench.core.tape.UnitEntry;
import zestbench.core.tape.Work;

/** Work for which no part goes in. */
public sealed interface OnWork extends Command {
    /**
     * Something was done.
     *
     * @param place where; empty where that is plain
     * @param detail in a few words; empty where there is nothing to say
     * @param before of what shows its effect, in that point's unit; null where it was not read
     * @param after the same afterwards
     * @param returnDate the day a temporary fix is done properly, as 2026-11-27; null where it stays
     */
    record Done(
            Work work,
            String place,
            String detail,
            @Nullable Double before,
            @Nullable Double after,
            @Nullable String returnDate)
            implements OnWork {
        @Override
        public Decision decide(CallState state, Surroundings around) {
            ProofPoint shows = work.shows();
            InputProblem.require(
                    shows != null || (before == null && after == null),
                    "before",
                    before == null ? after : before,
                    "nothing is read before and after that shows this work: leave it out");
            InputProblem.require(
                    work != Work.OTHER || !detail.isBlank(),
                    "detail",
                    detail,
                    "say what was done, such as guard bent back");
            return Decision.of(new UnitEntry.WorkDone(
                    work,
                    place.strip(),
                    detail.strip(),
                    checked(shows, before),
                    checked(shows, after),
                    returnDate == null ? null : OnMatch.dayOut(returnDate)));
        }

        private static @Nullable Double checked(@Nullable ProofPoint shows, @Nullable Double value) {
            return shows == null || value == null ? null : Double.valueOf(shows.checked(value));
        }
    }
}
