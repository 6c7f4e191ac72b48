package zestbench.core.bench;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import zestbench.core.call.CallStatus;
import zestbench.core.call.Decider;
import zestbench.core.call.OnLeaving;
import zestbench.core.call.Refusal;
import zestbench.core.call.Stock;
import zestbench.core.call.Surroundings;
import zestbench.core.family.PartProof.Check;
import zestbench.core.plate.Plates;
import zestbench.core.proof.Altitude;
import zestbench.core.shop.ShopRules;
import zestbench.core.tape.BeforePower;
import zestbench.core.tape.CallState;
import zestbench.core.tape.Entry.Urgency;
import zestbench.core.tape.LeaveEntry.UnitStarted;
import zestbench.core.tape.LeaveEntry.WrittenUp;
import zestbench.core.tape.Line;
import zestbench.core.tape.UnitHistory.OpenWriteUp;

/** A unit that is tagged out, or off until somebody looked. */
class StandstillTest {
    private final WorkedCall call = new WorkedCall();

    @Test
    void aTagStandsInTheAccountWithWhatItIsFor() {
        call.then(
                "Tech 1",
                new OnLeaving.WriteUp(
                        "", "Gas off, may not fire", "heat exchanger cracked", Urgency.TAGGED_OUT, null, "2026-12-04"));
        assertThat(CallAccount.of(call.state(), "No heat"))
                .anySatisfy(line -> {
                    assertThat(line.name()).isEqualTo("As left");
                    assertThat(line.text()).isEqualTo("TAGGED OUT: Gas off, may not fire");
                })
                .anySatisfy(line -> assertThat(line.text()).contains("may not run"));
        assertThat(call.state().tape().get(0).entry().told().title()).startsWith("TAGGED OUT: Gas off");
        assertThat(call.state().tape().get(0).entry().told().detail()).contains("2026-12-04");
    }

    /** The whole unit is not started under its tag; a part of it that is tagged keeps nothing else from running. */
    @ParameterizedTest
    @CsvSource({"'', TAGGED_OUT, false", "Gas heat, TAGGED_OUT, true", "'', OFF, true", "'', NOW, true"})
    void theUnitIsNotStartedUnderItsTag(String place, Urgency urgency, boolean starts) {
        CallState state = CallState.of(List.of(), Plates.NONE);
        WrittenUp tag = new WrittenUp("w1", place, "Gas off", "", urgency);
        Surroundings around = new Surroundings(
                CallStatus.OPEN,
                Plates.NONE,
                null,
                Stock.NONE,
                List.of(new OpenWriteUp(1, 0, "Tech 2", tag)),
                Altitude.SEA_LEVEL,
                null,
                ShopRules.DEFAULT,
                0,
                Map.of(),
                "fresh1234567");
        OnLeaving.StartUnit start = new OnLeaving.StartUnit();
        for (Check check : BeforePower.of(state)) {
            state = Decider.evolve(
                    state,
                    new Line(
                            state.tape().size() + 1L,
                            0,
                            "Tech 1",
                            new OnLeaving.TickBeforePower(check.key(), true)
                                    .decide(state, around)
                                    .entries()
                                    .get(0)));
        }
        CallState ticked = state;
        if (starts) {
            assertThat(start.decide(ticked, around).entries().get(0)).isInstanceOf(UnitStarted.class);
        } else {
            assertThatThrownBy(() -> start.decide(ticked, around))
                    .isInstanceOf(Refusal.class)
                    .hasMessageContaining("tagged out by Tech 2");
        }
    }

    /** What stands still comes first wherever write-ups are listed, the most urgent first. */
    @Test
    void whatMayNotRunComesFirst() {
        assertThat(Urgency.values())
                .containsExactly(Urgency.TAGGED_OUT, Urgency.OFF, Urgency.NOW, Urgency.SOON, Urgency.WATCH);
        assertThat(Urgency.values()).allSatisfy(u -> {
            assertThat(u.isStandstill()).isEqualTo(u.ordinal() < 2);
            assertThat(u.usual().isEmpty()).isEqualTo(!u.isStandstill());
        });
    }
}
