package zestbench.core.bench;

import java.util.List;
import org.jspecify.annotations.Nullable;
import zestbench.core.tape.CallState;
import zestbench.core.tape.Line;
import zestbench.core.tape.Undo;

/**
 * What takes the last thing that happened back.
 *
 * @param line it is on
 * @param part it is about; null where it is about the call
 * @param words what would be taken back
 */
public record UndoAction(long line, Undo how, @Nullable String part, String words) {
    /** Of a call; null where the last thing cannot be taken back by a tap. */
    static @Nullable UndoAction of(CallState state) {
        List<Line> tape = state.tape();
        Line last = tape.isEmpty() ? null : tape.get(tape.size() - 1);
        // one tap may write several lines, which bear one time
        for (int i = tape.size() - 1; last != null && i >= 0 && tape.get(i).atMillis() == last.atMillis(); i--) {
            Line line = tape.get(i);
            Undo how = line.entry().undo();
            if (how != null && !state.isStruck(line.number())) {
                return new UndoAction(
                        line.number(),
                        how,
                        line.entry().part(),
                        line.entry().told().title());
            }
        }
        return null;
    }
}
