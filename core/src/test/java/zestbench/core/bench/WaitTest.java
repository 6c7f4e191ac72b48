package zestbench.core.bench;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import org.junit.jupiter.api.Test;
import zestbench.core.call.OnJumper;
import zestbench.core.call.OnWait;
import zestbench.core.call.Refusal;
import zestbench.core.tape.CallDigest;
import zestbench.core.tape.CallDigest.Hold;
import zestbench.core.tape.WaitsFor;

/** A call that waits for more than a part: what for and until when stands on its lists, until it goes on. */
class WaitTest {
    private final WorkedCall call = new WorkedCall();

    private CallDigest digest() {
        return CallDigest.of(call.state().tape(), call.state());
    }

    @Test
    void whatItWaitsForStandsOnTheListsUntilItGoesOn() {
        String next = digest().next();
        call.then("Tech 1", new OnWait.Begin(WaitsFor.CUSTOMER, "2026-12-01", "asks her landlord"));
        assertThat(digest().next()).isEqualTo("It waits for the customer's decision");
        assertThat(digest().waiting()).singleElement().satisfies(w -> {
            assertThat(w.hold()).isEqualTo(Hold.WAIT);
            assertThat(w.ready()).isEqualTo("2026-12-01");
            assertThat(w.from()).isEqualTo("asks her landlord");
        });
        call.then("Tech 1", new OnWait.Begin(WaitsFor.THAW, "2026-11-30", ""));
        assertThat(digest().waiting()).as("one wait at a time").hasSize(1);
        call.then("Tech 2", new OnWait.End());
        assertThat(digest().waiting()).isEmpty();
        assertThat(digest().next()).isEqualTo(next);
        assertThatThrownBy(() -> call.then("Tech 2", new OnWait.End())).isInstanceOf(Refusal.class);
    }

    @Test
    void aJumperThatIsInStandsOnTheLists() {
        call.then("Tech 1", new OnJumper.PutIn("float switch", "pan is dry"));
        assertThat(digest().waiting()).singleElement().satisfies(w -> {
            assertThat(w.hold()).isEqualTo(Hold.JUMPER);
            assertThat(w.title()).isEqualTo("float switch");
        });
        call.then(
                "Tech 1",
                new OnJumper.TakeOut(((zestbench.core.tape.UnitEntry.JumperPut)
                                call.state().jumpers().open().get(0).entry())
                        .id()));
        assertThat(digest().waiting()).isEmpty();
    }
}
