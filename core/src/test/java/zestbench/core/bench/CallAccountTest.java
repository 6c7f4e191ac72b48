package zestbench.core.bench;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import zestbench.core.bench.CallAccount.AccountLine;
import zestbench.core.call.CallStatus;
import zestbench.core.call.Command;
import zestbench.core.call.Decider;
import zestbench.core.call.OnCall;
import zestbench.core.call.OnLabel;
import zestbench.core.call.OnLeaving;
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

/** A call told in a few lines. */
class CallAccountTest {
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

    private void then(String who, Command command) {
        for (Entry entry : Decider.decide(state, command, AROUND).entries()) {
            state = Decider.evolve(state, new Line(state.tape().size() + 1L, 0, who, entry));
        }
    }

    private String part() {
        List<String> ids = new ArrayList<>();
        state.parts().forEach(p -> ids.add(p.id()));
        return ids.get(0);
    }

    private void read(String section, double microfarads) {
        then(
                "Tech 1",
                new OnTest.Read(
                        part(),
                        null,
                        Entry.Method.BENCH,
                        List.of(new SectionReading(section, Reading.of(Quantity.MICROFARADS, microfarads)))));
    }

    private List<String> told() {
        return CallAccount.of(state, "No cooling, fan slow").stream()
                .map(line -> line.name() + ": " + line.text())
                .toList();
    }

    @Test
    void saysWhatIsWrongWithItsFiguresAndNothingThatIsGood() {
        then("Tech 1", new OnCall.AddPart("capacitor", null, "Outdoor unit", "compressor and outdoor fan"));
        then("Tech 1", new OnLabel.Type(part(), "45/5 MFD 440VAC ±6% C FAN HERM"));
        read("HERM", 45);
        read("FAN", 2.1);
        assertThat(told())
                .startsWith(
                        "Complaint: No cooling, fan slow",
                        "Found: Run capacitor, outdoor unit FAN 2.10 µF of 5, failed; run capacitor, fan section")
                .contains("Still open: Run capacitor, outdoor unit", "By: Tech 1")
                .noneMatch(line -> line.contains("HERM"));
    }

    @Test
    void whatWasStruckIsNotToldAndWhatWasDoneAndAdvisedIs() {
        then("Tech 1", new OnCall.AddPart("capacitor", null, "Outdoor unit", ""));
        then("Tech 1", new OnLabel.Type(part(), "45/5 MFD 440VAC ±6% C FAN HERM"));
        read("FAN", 2.1);
        then("Tech 2", new OnCall.Strike(state.tape().size(), "lead slipped"));
        read("FAN", 5);
        then("Tech 2", new OnPart.Close(part(), Entry.Outcome.FIXED_WITHOUT_PART, "spade tightened", null));
        then("Tech 2", new OnLeaving.WriteUp("Outdoor unit", "coil matted.", "", Entry.Urgency.SOON, null));
        assertThat(CallAccount.of(state, "Hums")).hasSizeLessThanOrEqualTo(10);
        assertThat(told())
                .contains(
                        "Done: Run capacitor, outdoor unit: spade tightened",
                        "Advised: Outdoor unit: coil matted (this season)",
                        "By: Tech 1, Tech 2")
                .noneMatch(line -> line.contains("2.10") || line.startsWith("Still open"));
        assertThat(CallAccount.of(state, "").stream().map(AccountLine::name)).doesNotContain("Complaint");
    }
}
