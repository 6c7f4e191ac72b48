package zestbench.core.bench;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import zestbench.core.bench.TestAction.Kind;
import zestbench.core.call.CallStatus;
import zestbench.core.call.Command;
import zestbench.core.call.Decider;
import zestbench.core.call.OnCall;
import zestbench.core.call.OnLabel;
import zestbench.core.call.OnPart;
import zestbench.core.call.OnTest;
import zestbench.core.call.Stock;
import zestbench.core.call.Surroundings;
import zestbench.core.family.TestRequest.SectionReading;
import zestbench.core.plate.Plates;
import zestbench.core.proof.Altitude;
import zestbench.core.quantity.Quantity;
import zestbench.core.quantity.Reading;
import zestbench.core.shop.ShopRules;
import zestbench.core.tape.CallState;
import zestbench.core.tape.Entry;
import zestbench.core.tape.Line;

/** What follows from a test, on a call that is worked on by commands alone. */
class TestActionTest {
    private static final Surroundings AROUND = new Surroundings(
            CallStatus.OPEN,
            Plates.NONE,
            null,
            Stock.NONE,
            List.of(),
            Altitude.SEA_LEVEL,
            null,
            ShopRules.DEFAULT,
            0,
            Map.of(),
            "fresh1234567");

    private CallState state = CallState.of(List.of(), Plates.NONE);

    private TestActionTest add() {
        return then(new OnCall.AddPart("capacitor", null, "Outdoor unit", "compressor and outdoor fan"));
    }

    private TestActionTest then(Command command) {
        for (Entry entry : Decider.decide(state, command, AROUND).entries()) {
            state = Decider.evolve(state, new Line(state.tape().size() + 1L, 0, "Tech 1", entry));
        }
        return this;
    }

    private TestActionTest label() {
        return then(new OnLabel.Type(part(), "45/5 MFD 440VAC ±6% C FAN HERM"));
    }

    private TestActionTest read(String section, double microfarads) {
        return then(new OnTest.Read(
                part(),
                null,
                Entry.Method.BENCH,
                List.of(new SectionReading(section, Reading.of(Quantity.MICROFARADS, microfarads)))));
    }

    private String part() {
        List<String> ids = new ArrayList<>();
        state.parts().forEach(p -> ids.add(p.id()));
        return ids.get(0);
    }

    private TestAction.ActionView next() {
        return TestAction.of(state.part(part()), ShopRules.DEFAULT);
    }

    @Test
    void withoutALabelItIsReadFirst() {
        assertThat(add().next().kind()).isEqualTo(Kind.READ_LABEL);
    }

    @Test
    void whatIsLeftToReadIsNamed() {
        assertThat(add().label().next()).isEqualTo(new TestAction.ActionView(Kind.READ_ON, "Read HERM and FAN"));
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
        then(new OnPart.Close(part(), Entry.Outcome.NOT_NEEDED, "", null));
        assertThat(next().kind()).isEqualTo(Kind.GO_ON);
    }

    @Test
    void atTheLimitItIsReadAgainAndWeakIsMatched() {
        add().label().read("HERM", 42.3).read("FAN", 5);
        assertThat(next().kind()).isEqualTo(Kind.READ_AGAIN);
        read("HERM", 43.5);
        assertThat(next()).isEqualTo(new TestAction.ActionView(Kind.MATCH, "Weak: see what could replace it"));
    }
}
