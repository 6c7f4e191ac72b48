package zestbench.core.bench;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import zestbench.core.bench.CallAccount.AccountLine;
import zestbench.core.call.OnCall;
import zestbench.core.call.OnLabel;
import zestbench.core.call.OnLeaving;
import zestbench.core.call.OnPart;
import zestbench.core.tape.Entry;

/** A call told in a few lines. */
class CallAccountTest {
    private final WorkedCall call = new WorkedCall();

    private List<String> told() {
        return CallAccount.of(call.state(), "No cooling, fan slow").stream()
                .map(line -> line.name() + ": " + line.text())
                .toList();
    }

    @Test
    void saysWhatIsWrongWithItsFiguresAndNothingThatIsGood() {
        call.then("Tech 1", new OnCall.AddPart("capacitor", null, "Outdoor unit", "compressor and outdoor fan"));
        call.then("Tech 1", new OnLabel.Type(call.part(), "45/5 MFD 440VAC ±6% C FAN HERM"));
        call.read("HERM", 45);
        call.read("FAN", 2.1);
        assertThat(told())
                .startsWith(
                        "Complaint: No cooling, fan slow",
                        "Found: Run capacitor, outdoor unit FAN 2.1 µF of 5, failed; run capacitor, fan section")
                .contains("Still open: Run capacitor, outdoor unit", "By: Tech 1")
                .noneMatch(line -> line.contains("HERM"));
    }

    @Test
    void whatWasStruckIsNotToldAndWhatWasDoneAndAdvisedIs() {
        call.then("Tech 1", new OnCall.AddPart("capacitor", null, "Outdoor unit", ""));
        call.then("Tech 1", new OnLabel.Type(call.part(), "45/5 MFD 440VAC ±6% C FAN HERM"));
        call.read("FAN", 2.1);
        call.then("Tech 2", new OnCall.Strike(call.state().tape().size(), "lead slipped"));
        call.read("FAN", 5);
        call.then("Tech 2", new OnPart.Close(call.part(), Entry.Outcome.FIXED_WITHOUT_PART, "spade tightened", null));
        call.then("Tech 2", new OnLeaving.WriteUp("Outdoor unit", "coil matted.", "", Entry.Urgency.SOON, null, null));
        assertThat(CallAccount.of(call.state(), "Hums")).hasSizeLessThanOrEqualTo(10);
        assertThat(told())
                .contains(
                        "Done: Run capacitor, outdoor unit: spade tightened",
                        "Advised: Outdoor unit: coil matted (this season)",
                        "By: Tech 1, Tech 2")
                .noneMatch(line -> line.contains("2.1 ") || line.startsWith("Still open"));
        assertThat(CallAccount.of(call.state(), "").stream().map(AccountLine::name))
                .doesNotContain("Complaint");
    }
}
