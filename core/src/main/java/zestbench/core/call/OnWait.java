package zestbench.core.call;

import zestbench.core.tape.CallState;
import zestbench.core.tape.UnitEntry;
import zestbench.core.tape.WaitsFor;

/** A call that cannot go on today, and what it waits for. */
public sealed interface OnWait extends Command {
    /** Waits, in place of what it waited for before. @param until the day on which to look again, as 2026-11-27 */
    record Begin(WaitsFor what, String until, String note) implements OnWait {
        @Override
        public Decision decide(CallState state, Surroundings around) {
            return Decision.of(new UnitEntry.CallWaits(what, until, note.strip()));
        }
    }

    /** Goes on. */
    record End() implements OnWait {
        @Override
        public Decision decide(CallState state, Surroundings around) {
            if (state.waits() == null) {
                throw new Refusal("This call waits for nothing.");
            }
            return Decision.of(new UnitEntry.CallGoesOn());
        }
    }
}
