package zestbench.core.call;

import java.util.Set;
import org.jspecify.annotations.Nullable;
import zestbench.core.tape.CallState;

/** One thing that somebody does on a call. It knows itself what it comes to. */
public sealed interface Command
        permits OnCall,
                OnArrival,
                OnLabel,
                OnTest,
                OnMotor,
                OnMatch,
                OnHookUp,
                OnPart,
                OnLeaving,
                OnJumper,
                OnWait,
                OnWork,
                OnCharge,
                QuickEntry {
    /**
     * What it comes to where the call stands so.
     *
     * @throws zestbench.core.quantity.InputProblem where something given cannot be used
     * @throws Refusal where it cannot be done now
     */
    Decision decide(CallState state, Surroundings around);

    /** What it looks at beyond the call. */
    default Set<Need> needs() {
        return Set.of();
    }

    /** The part for which it looks at what the trucks and the shop have; null where it does not. */
    default @Nullable String stockFor() {
        return null;
    }

    /** Whether it is also done on a call that is over. */
    default boolean isDoneAfterTheEnd() {
        return false;
    }
}
