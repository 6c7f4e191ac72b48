package zestbench.core.bench;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import zestbench.core.bench.ProveAction.Kind;
import zestbench.core.bench.ProveAction.Page;
import zestbench.core.bench.ProveAction.ProveView;
import zestbench.core.call.Command;
import zestbench.core.call.OnCall;
import zestbench.core.call.OnHookUp;
import zestbench.core.call.OnLabel;
import zestbench.core.call.OnMatch;
import zestbench.core.call.OnPart;
import zestbench.core.call.OnTest;
import zestbench.core.family.TestRequest.SectionReading;
import zestbench.core.quantity.Quantity;
import zestbench.core.quantity.Reading;
import zestbench.core.tape.Entry;
import zestbench.core.tape.ProofList;
import zestbench.core.wiring.Sheet;

/** What is next while a new part is proved, on a call that is worked on by commands alone. */
class ProveActionTest {
    private static final String LABEL = "45/5 MFD 440VAC ±6% C FAN HERM";
    private final WorkedCall call =
            new WorkedCall().then("Tech 1", new OnCall.AddPart("capacitor", null, "Outdoor unit", "compressor"));

    private void then(Command command) {
        call.then("Tech 1", command);
    }

    private ProveView prove() {
        return ProveAction.of(call.state().part(call.part()), call.state());
    }

    private Kind on(Page page) {
        return prove().next().get(page).kind();
    }

    private void measure(String section, double microfarads) {
        SectionReading read = new SectionReading(section, Reading.of(Quantity.MICROFARADS, microfarads));
        then(new OnTest.Read(call.part(), 0, Entry.Method.BENCH, List.of(read)));
    }

    @Test
    void withoutAChoiceOneIsLookedForFirst() {
        assertThat(prove().start()).isEqualTo(Page.NEW);
        assertThat(Page.values()).allSatisfy(page -> assertThat(on(page)).isEqualTo(Kind.FIND));
    }

    @Test
    void fromTheMeterToTheLastTick() {
        then(new OnLabel.Type(call.part(), LABEL));
        then(new OnMatch.ChooseTyped(call.part(), LABEL, null));
        assertThat(prove().next().get(Page.NEW).words()).startsWith("Measure the new 45+5 µF");
        assertThat(on(Page.AMPS)).isEqualTo(Kind.MEASURE_FIRST);
        measure("HERM", 45);
        assertThat(on(Page.NEW)).isEqualTo(Kind.MEASURE);
        measure("FAN", 5);
        assertThat(on(Page.NEW)).isEqualTo(Kind.HOOK_UP);

        readDead();
        then(new OnHookUp.OpenSheet(call.part()));
        Sheet sheet =
                call.state().together().sheet(call.state().part(call.part())).orElseThrow();
        sheet.steps().forEach(step -> then(new OnHookUp.Tick(call.part(), Entry.Checklist.SHEET, step.key(), true)));
        assertThat(prove().start()).isEqualTo(Page.LOOK);
        assertThat(on(Page.NEW)).isEqualTo(Kind.LOOK);
        assertThat(on(Page.LOOK)).isEqualTo(Kind.TICK);
        assertThat(on(Page.AMPS)).isEqualTo(Kind.LOOK);
        ProofList.of(call.state().part(call.part()))
                .before()
                .forEach(c -> then(new OnHookUp.Tick(call.part(), Entry.Checklist.PROOF, c.key(), true)));
        assertThat(prove().next().get(Page.LOOK).words()).isEqualTo("Power on: read the amps");
        assertThat(prove().next().get(Page.AMPS)).satisfies(next -> {
            assertThat(next.kind()).isEqualTo(Kind.CLOSE);
            assertThat(next.words()).startsWith("Close: ");
        });
        then(new OnPart.Close(call.part(), Entry.Outcome.REPLACED, "", null, new OnPart.Warranty(5, "2024-02-29")));
        assertThat(call.state().part(call.part()).closed().warrantyUntil())
                .as("five years from a leap day")
                .isEqualTo("2029-02-28");
        assertThat(on(Page.AMPS)).isEqualTo(Kind.GO_ON);
    }

    private void readDead() {
        then(new OnCall.ReadDead("SUPPLY", "L1–L2", 0));
        call.state().deadness().pairs().stream()
                .filter(pair -> !pair.isDead())
                .forEach(pair -> then(new OnCall.ReadDead(pair.place(), pair.name(), 0)));
    }
}
