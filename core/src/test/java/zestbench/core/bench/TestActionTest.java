package zestbench.core.bench;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import org.junit.jupiter.api.Test;
import zestbench.core.bench.TestAction.Kind;
import zestbench.core.call.Command;
import zestbench.core.call.OnCall;
import zestbench.core.call.OnLabel;
import zestbench.core.call.OnPart;
import zestbench.core.call.Refusal;
import zestbench.core.quantity.InputProblem;
import zestbench.core.shop.ShopRules;
import zestbench.core.tape.Entry;

/** What follows from a test, on a call that is worked on by commands alone. */
class TestActionTest {
    private final WorkedCall call = new WorkedCall();

    private TestActionTest add() {
        return then(new OnCall.AddPart("capacitor", null, "Outdoor unit", "compressor and outdoor fan"));
    }

    private TestActionTest then(Command command) {
        call.then("Tech 1", command);
        return this;
    }

    private TestActionTest label() {
        return then(new OnLabel.Type(call.part(), "45/5 MFD 440VAC ±6% C FAN HERM"));
    }

    private TestActionTest read(String section, double microfarads) {
        call.read(section, microfarads);
        return this;
    }

    private TestAction.ActionView next() {
        return TestAction.of(call.state().part(call.part()), ShopRules.DEFAULT);
    }

    @Test
    void withoutALabelItIsReadFirst() {
        assertThat(add().next().kind()).isEqualTo(Kind.READ_LABEL);
    }

    @Test
    void whatIsLeftToReadIsNamed() {
        assertThat(add().label().next())
                .isEqualTo(new TestAction.ActionView(Kind.READ_ON, "Read HERM and FAN", "HERM"));
        assertThat(read("HERM", 45).next().words()).isEqualTo("Read FAN");
    }

    @Test
    void oneSectionOutIsEnoughToLookForAReplacement() {
        assertThat(add().label().read("FAN", 2.1).next().kind()).isEqualTo(Kind.MATCH);
    }

    @Test
    void goodIsClosedAndThenTheCallGoesOn() {
        add().label().read("HERM", 45).read("FAN", 5);
        assertThat(next().kind()).isEqualTo(Kind.CLOSE_GOOD);
        then(new OnPart.Close(call.part(), Entry.Outcome.NOT_NEEDED, "", null));
        assertThat(next().kind()).isEqualTo(Kind.GO_ON);
    }

    @Test
    void atTheLimitItIsReadAgainAndWeakIsMatched() {
        add().label().read("HERM", 42.3).read("FAN", 5);
        assertThat(next().kind()).isEqualTo(Kind.READ_AGAIN);
        read("HERM", 43.5);
        assertThat(next()).isEqualTo(new TestAction.ActionView(Kind.MATCH, "Weak: see what could replace it"));
    }

    /** Said by name and with a reason, once something was read or seen; whoever comes next is stopped by it. */
    @Test
    void aCondemnedPartIsWrittenUpOnTheUnit() {
        add().label();
        assertThatThrownBy(() -> condemn("seized"))
                .isInstanceOf(Refusal.class)
                .hasMessageContaining("Nothing was read or seen");
        read("FAN", 0);
        assertThatThrownBy(() -> condemn(" ")).isInstanceOf(InputProblem.class).hasMessageContaining("say why");
        condemn("burst, oil in the panel");
        assertThat(next().kind()).isEqualTo(Kind.GO_ON);
        assertThat(call.state().leave().openWriteUps().values())
                .singleElement()
                .satisfies(line -> assertThat(line.entry().told().toString()).contains("Run capacitor condemned"));
        assertThat(CallAccount.of(call.state(), "").toString()).contains("condemned: burst, oil in the panel");
    }

    private void condemn(String why) {
        then(new OnPart.Close(call.part(), Entry.Outcome.CONDEMNED, why, null));
    }
}
