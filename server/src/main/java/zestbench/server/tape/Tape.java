package zestbench.server.tape;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import zestbench.core.plate.Plates;
import zestbench.core.tape.CallState;
import zestbench.core.tape.Line;

/** The lines of a call as they were read, with what follows from them; neither is ever changed, a longer tape is another. */
public final class Tape {
    private final List<Line> lines;
    private volatile @Nullable Folded folded;
    /** Where the call stood before the last line; forgotten once it is known where it stands. */
    private volatile @Nullable CallState before;

    private record Folded(Plates plates, CallState state) {}

    Tape(List<Line> lines) {
        this.lines = List.copyOf(lines);
    }

    public List<Line> lines() {
        return lines;
    }

    /** Number of the last line; 0 where there is none. */
    long last() {
        return lines.isEmpty() ? 0 : lines.get(lines.size() - 1).number();
    }

    Tape with(Line line) {
        List<Line> longer = new ArrayList<>(lines.size() + 1);
        longer.addAll(lines);
        longer.add(line);
        Tape tape = new Tape(longer);
        Folded known = folded;
        tape.before = known == null ? before : known.state();
        return tape;
    }

    /** Where the call stands. @param plates of its unit, as its record has them */
    public CallState state(Plates plates) {
        Folded known = folded;
        if (known == null || !known.plates().equals(plates)) {
            CallState earlier = before;
            CallState state = earlier == null ? CallState.of(lines, plates) : CallState.of(lines, plates, earlier);
            known = new Folded(plates, state);
            folded = known;
            before = null;
        }
        return known.state();
    }
}
