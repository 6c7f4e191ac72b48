package zestbench.core.bench;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import zestbench.core.call.OnWork;
import zestbench.core.quantity.InputProblem;
import zestbench.core.tape.CallDigest;
import zestbench.core.tape.CallDigest.PutIn;
import zestbench.core.tape.Work;

class WorkTest {
    private final WorkedCall call = new WorkedCall();

    private String account(String name) {
        return CallAccount.of(call.state(), "Warm").stream()
                .filter(l -> l.name().equals(name))
                .map(CallAccount.AccountLine::text)
                .findFirst()
                .orElse("");
    }

    @Test
    void whatWasDoneIsToldWithWhatItShowed() {
        call.then("Tech 1", new OnWork.Done(Work.CONDENSER_CLEANED, "Outdoor unit", "from inside", 365.0, 318.0, null));
        call.then("Tech 1", new OnWork.Done(Work.FILTER_CHANGED, "", "16x25x1", null, null, null));
        assertThat(account("Done"))
                .isEqualTo("Condenser coil cleaned, outdoor unit: from inside (liquid pressure 365 → 318 psig); "
                        + "Filter changed: 16x25x1");
        assertThat(account("Temporary until")).isEmpty();
    }

    /** A temporary fix comes due as a temporary part does; done properly at the same place it is due no more. */
    @Test
    void aTemporaryFixComesDue() {
        call.then(
                "Tech 1",
                new OnWork.Done(Work.WIRE_REPAIRED, "Outdoor unit", "taped, brown to C", null, null, "2026-12-04"));
        assertThat(account("Temporary until")).isEqualTo("2026-12-04, wire repaired");
        assertThat(CallDigest.of(call.state().tape(), call.state()).putIn())
                .containsExactly(new PutIn("Outdoor unit", "Wire repaired", "taped, brown to C", "2026-12-04"));
        assertThatThrownBy(
                        () -> call.then("Tech 1", new OnWork.Done(Work.WIRE_REPAIRED, "", "", null, null, "next week")))
                .isInstanceOf(InputProblem.class);
    }

    @Test
    void whatCannotBeIsSaid() {
        assertThatThrownBy(() -> call.then("Tech 1", new OnWork.Done(Work.DRAIN_CLEARED, "", "", 3.0, null, null)))
                .hasMessageContaining("leave it out");
        assertThatThrownBy(() -> call.then("Tech 1", new OnWork.Done(Work.OTHER, "", " ", null, null, null)))
                .hasMessageContaining("what was done");
        assertThatThrownBy(() ->
                        call.then("Tech 1", new OnWork.Done(Work.CONDENSER_CLEANED, "", "", 99_000.0, null, null)))
                .isInstanceOf(InputProblem.class);
    }

    @ParameterizedTest
    @EnumSource(Work.class)
    void eachHasWordsForBothEnds(Work work) {
        assertThat(work.words()).isNotBlank().isNotEqualTo(work.still());
        assertThat(work.still()).contains("to be");
        assertThat(work.hint()).isNotBlank();
    }
}
