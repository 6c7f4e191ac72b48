package zestbench.core.bench;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import zestbench.core.call.OnCall;
import zestbench.core.call.OnLabel;
import zestbench.core.call.OnLeaving;
import zestbench.core.call.OnPart;
import zestbench.core.call.OnTest;
import zestbench.core.call.PartMatch;
import zestbench.core.call.UnitStory;
import zestbench.core.options.CustomerOption;
import zestbench.core.shop.ShopRules;
import zestbench.core.tape.Entry;
import zestbench.core.tape.NextThing;

/** A condemned compressor asks for what may come in its place, until something was offered. */
class CondemnedCompressorTest {
    private final WorkedCall call =
            new WorkedCall().then("Tech 1", new OnCall.AddPart("compressor", null, "Outdoor unit", ""));

    @Test
    void theThreeWaysAreNextOnceItIsCondemned() {
        call.then("Tech 1", new OnLabel.Type(call.part(), "3 TON R-410A SCROLL 208/230V 1 PH RLA 15.4 LRA 83"));
        call.then("Tech 1", new OnTest.LookAt(call.part(), "STARTS", "seized"));
        call.then("Tech 1", new OnTest.LookAt(call.part(), "ACID", "acid"));
        assertThat(NextThing.of(call.state()).callStep()).isNotEqualTo(NextThing.CallStep.OPTIONS);
        call.then("Tech 1", new OnPart.Close(call.part(), Entry.Outcome.CONDEMNED, "seized", null));
        assertThat(NextThing.of(call.state()).callStep()).isEqualTo(NextThing.CallStep.OPTIONS);
        List<CustomerOption> options = new PartMatch(call.state(), call.part(), ShopRules.DEFAULT)
                .options(List.of(), new UnitStory(1, null, null, "2026-11-28"), id -> {
                    throw new AssertionError(id);
                });
        assertThat(options).hasSize(3);
        assertThat(options.toString()).contains("3 ton R-410A").contains("Suction line drier");
        call.then("Tech 1", new OnLeaving.Offer(options));
        assertThat(NextThing.of(call.state()).callStep()).isEqualTo(NextThing.CallStep.LEAVE);
    }
}
