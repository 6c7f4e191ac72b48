package zestbench.core.bench;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import zestbench.core.plate.Plates;
import zestbench.core.tape.CallState;
import zestbench.core.tape.Entry;
import zestbench.core.tape.Line;
import zestbench.core.tape.PartEntry;
import zestbench.core.tape.Undo;
import zestbench.core.tape.UnitEntry;

class UndoActionTest {
    private final List<Line> tape = new ArrayList<>();

    private void add(long atMillis, Entry entry) {
        tape.add(new Line(tape.size() + 1, atMillis, "Tech 1", entry));
    }

    private CallState state() {
        return CallState.of(tape, Plates.NONE);
    }

    /** A strike is taken back by a strike of its own, and that one by a third. */
    @Test
    void whatWasStruckStandsAgainWhereTheStrikeIsStruck() {
        add(1, new UnitEntry.Noted("hot attic"));
        add(2, new UnitEntry.Struck(1, "wrong roof"));
        assertThat(state().isStruck(1)).isTrue();
        assertThat(UndoAction.of(state())).isEqualTo(new UndoAction(2, Undo.STRIKE, null, "Struck line 1"));
        add(3, new UnitEntry.Struck(2, "right after all"));
        assertThat(state().isStruck(1)).isFalse();
        assertThat(state().isStruck(2)).isTrue();
        add(4, new UnitEntry.Struck(3, "no"));
        assertThat(state().isStruck(1)).isTrue();
        assertThat(state().isStruck(2)).isFalse();
    }

    /** A tap that writes two lines is taken back by what undoes either; a later line leaves nothing to take back. */
    @Test
    void onlyTheLastTapIsTakenBack() {
        add(1, new PartEntry.PartAdded("p", "capacitor", "Run capacitor", "Outdoor unit", ""));
        assertThat(UndoAction.of(state())).isNull();
        add(5, new PartEntry.PartClosed("p", Entry.Outcome.NOT_NEEDED, "", "", null));
        add(5, new UnitEntry.Noted("as it was"));
        UndoAction undo = UndoAction.of(state());
        assertThat(undo).isNotNull();
        assertThat(undo.how()).isEqualTo(Undo.REOPEN_PART);
        assertThat(undo.part()).isEqualTo("p");
        add(9, new UnitEntry.Noted("later"));
        assertThat(UndoAction.of(state())).isNull();
        add(11, new UnitEntry.CallEnded(Entry.End.CLOSED, ""));
        assertThat(UndoAction.of(state()).how()).isEqualTo(Undo.REOPEN_CALL);
    }
}
