package zestbench.core.call;

import java.util.ArrayList;
import java.util.List;
import zestbench.core.tape.CallState;
import zestbench.core.tape.Entry;
import zestbench.core.tape.Line;

/** What a command comes to, and where a call stands after an entry. No clock, no database, nothing kept. */
public final class Decider {
    private Decider() {}

    /**
     * What {@code command} comes to on a call that stands at {@code state}.
     *
     * @throws zestbench.core.quantity.InputProblem where something given cannot be used
     * @throws Refusal where it cannot be done now
     */
    public static Decision decide(CallState state, Command command, Surroundings around) {
        if (around.status().isOver() && !command.isDoneAfterTheEnd()) {
            throw closed(around.status());
        }
        return command.decide(state, around);
    }

    /** Throws where the call takes no more entries. */
    public static void requireOpen(CallStatus status) {
        if (status.isOver()) {
            throw closed(status);
        }
    }

    private static Refusal closed(CallStatus status) {
        return new Refusal("This call is " + status.word() + ": reopen it first.");
    }

    /** Where the call stands after {@code line}. */
    public static CallState evolve(CallState state, Line line) {
        List<Line> tape = new ArrayList<>(state.tape());
        tape.add(line);
        return CallState.of(tape, state.onRecord());
    }

    /** Where the call would stand after {@code entries}, of which neither time nor writer matters yet. */
    static CallState evolve(CallState state, List<Entry> entries) {
        List<Line> tape = new ArrayList<>(state.tape());
        Line last = tape.isEmpty() ? null : tape.get(tape.size() - 1);
        long number = last == null ? 0 : last.number();
        long at = last == null ? 0 : last.atMillis();
        for (Entry entry : entries) {
            number++;
            tape.add(new Line(number, at, "", entry));
        }
        return CallState.of(tape, state.onRecord());
    }
}
