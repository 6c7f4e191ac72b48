package zestbench.core.bench;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import zestbench.core.call.OnCall;
import zestbench.core.call.OnJumper;
import zestbench.core.call.Refusal;
import zestbench.core.quantity.InputProblem;
import zestbench.core.tape.Entry;
import zestbench.core.tape.LeaveEntry;

/** A jumper across a switch is a test, never a repair: it stays on the list until it is reported out. */
class JumperTest {
    private static final String WHO = "Tech 1";
    private final WorkedCall call = new WorkedCall();

    private String put(String across) {
        call.then(WHO, new OnJumper.PutIn(across, ""));
        return call.state().jumpers().first().id();
    }

    private void close() {
        call.then(WHO, new OnCall.End(Entry.End.CLOSED, ""));
    }

    @Test
    void nobodyLeavesWhileOneIsInAndEverybodyMayOnceItIsOut() {
        String id = put("float switch");
        assertThatThrownBy(this::close).isInstanceOf(Refusal.class).hasMessageContaining("across the float switch");
        call.then(WHO, new OnJumper.TakeOut(id));
        assertThat(call.state().jumpers().open()).isEmpty();
        assertThatThrownBy(() -> call.then(WHO, new OnJumper.TakeOut(id))).hasMessageContaining("out already");
        close();
        assertThat(call.state().ended()).isNotNull();
    }

    @Test
    void oneThatStaysIsDecidedByNameAndStopsWhoeverComesNext() {
        String id = put("limit");
        assertThatThrownBy(() -> call.then(WHO, new OnJumper.Leave(id, " "))).isInstanceOf(InputProblem.class);
        call.then(WHO, new OnJumper.Leave(id, "customer told, breaker off"));
        assertThat(call.state().leave().openWriteUps().values())
                .singleElement()
                .satisfies(line -> assertThat((LeaveEntry.WrittenUp) line.entry())
                        .satisfies(up -> {
                            assertThat(up.urgency()).isEqualTo(Entry.Urgency.NOW);
                            assertThat(up.what()).isEqualTo("STOP: a jumper is in across the limit");
                        }));
        assertThat(call.state().tape()).anyMatch(l -> l.entry().told().title().equals("JUMPER LEFT IN: limit"));
        // whoever strikes the write-up alone has the jumper back on the list
        int writeUp = call.state().tape().size();
        call.then(WHO, new OnCall.Strike(writeUp, "typed twice"));
        assertThatThrownBy(this::close).isInstanceOf(Refusal.class);
        call.then(WHO, new OnJumper.Leave(id, "customer told"));
        close();
        assertThat(call.state().ended()).isNotNull();
    }

    @Test
    void theSameIsNotJumperedTwiceAndAStruckLineIsNoJumper() {
        put("float switch");
        assertThatThrownBy(() -> put("Float switch")).hasMessageContaining("already");
        call.then(WHO, new OnCall.Strike(1, "wrong unit"));
        assertThat(call.state().jumpers().open()).isEmpty();
    }

    @ParameterizedTest
    @ValueSource(strings = {"leak detector", "Refrigerant sensor", "the gas detector's contacts"})
    void aLeakDetectorIsNeverJumpered(String across) {
        assertThatThrownBy(() -> put(across)).isInstanceOf(Refusal.class).hasMessageContaining("never jumpered");
    }

    @Test
    void whatIsOftenJumperedSaysWhatToMind() {
        put("low-pressure switch");
        assertThat(call.state().jumpers().open())
                .singleElement()
                .satisfies(l -> assertThat(Bench.JumperView.of(l).caution()).contains("vacuum"));
        assertThat(OnJumper.USUAL).extracting(OnJumper.Usual::across).doesNotHaveDuplicates();
    }
}
