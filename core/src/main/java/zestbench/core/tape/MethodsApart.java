package zestbench.core.tape;

import java.util.Optional;
import zestbench.core.judgement.Finding;
import zestbench.core.judgement.Judged;
import zestbench.core.quantity.Figures;

/**
 * A capacitor read on the bench and read running. Where the two are more than 5 % apart the bench reading stands: the
 * running one also sees start devices, leads and the wave's shape. [practice]
 */
public final class MethodsApart {
    private static final double APART = 0.05;

    private MethodsApart() {}

    /** Whether {@code before} is a bench reading that a running one does not take the place of. */
    static boolean benchStands(Line before, PartEntry.Measured running) {
        return finding(before, running).isPresent();
    }

    /** What is said where a running reading is kept beside a bench reading that disagrees with it. */
    public static Optional<Finding> finding(Line before, PartEntry.Measured running) {
        boolean both = running.method() == Entry.Method.UNDER_LOAD
                && before.entry() instanceof PartEntry.Measured bench
                && bench.method() == Entry.Method.BENCH;
        Judged old = PartState.judged(before);
        double was = old.reading().value();
        double now = running.judged().reading().value();
        if (!both || !old.reading().isFigure() || Math.abs(now - was) <= APART * was) {
            return Optional.empty();
        }
        return Optional.of(Finding.caution(
                "Bench {} and running {} are more than 5 % apart: the bench reading stands. Start device off, clamp on the start-winding wire alone?",
                Figures.fixed(was, 2), Figures.fixed(now, 2)));
    }
}
