package zestbench.core.tape;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import zestbench.core.judgement.Judged;

/** What went into the circuits and came out on a call, and whether a leak that was found is still open. */
public final class ChargeState {
    private final List<Line> moved = new ArrayList<>();
    private final List<Line> tests = new ArrayList<>();
    private ChargeEntry.@Nullable LeakSought leak;

    void moved(Line line) {
        moved.add(line);
    }

    void sought(ChargeEntry.LeakSought found) {
        leak = found;
    }

    void tested(Line line) {
        tests.add(line);
    }

    /** The lines of what was weighed in and out, as it happened. */
    public List<Line> moved() {
        return moved;
    }

    /** The lines of pressure tests and vacuums. */
    public List<Line> tests() {
        return tests;
    }

    /** What a pressure test or vacuum came to. @param line one of {@link #tests} */
    public static Judged judged(Line line) {
        return line.entry() instanceof ChargeEntry.TightnessTested test
                ? test.judged()
                : ((ChargeEntry.Evacuated) line.entry()).judged();
    }

    /** What was last found of leaks; null where none was looked for. */
    public ChargeEntry.@Nullable LeakSought leak() {
        return leak;
    }

    /** Whether a leak was found that nobody repaired. */
    public boolean isLeaking() {
        return leak != null && !leak.place().isEmpty() && !leak.isRepaired();
    }
}
