package zestbench.core.tape;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import zestbench.core.Families;
import zestbench.core.family.PartProof.Check;
import zestbench.core.family.Spec;
import zestbench.core.judgement.Grade;
import zestbench.core.plate.Plates;

/** What is looked at before power goes back on is what was done. */
class BeforePowerTest {
    private final List<Line> tape = new ArrayList<>();

    @Test
    void aUnitThatWasOnlyLookedAtAsksForLittle() {
        assertThat(keys()).containsExactly("jumpers", "tools", "panel");
    }

    @ParameterizedTest
    @CsvSource({
        "capacitor, 45+5 MFD 440 VAC, wired-p straps screws discharge jumpers tools panel",
        "motor, 1/4 HP 208-230 V 1 PH 60 HZ 1075 RPM 1.8 A, wired-p turns-p straps screws jumpers tools panel",
        "fuse, 35 A 600 V CLASS RK5 TIME DELAY, wired-p set-p straps screws jumpers tools panel",
        "contactor, 2 POLE 30 FLA COIL 24 V, wired-p straps screws jumpers tools panel",
        "transformer, 40 VA PRI 208/240 V SEC 24 V, wired-p straps screws jumpers tools panel"
    })
    void everyPartThatWentInAddsItsOwnLines(String kind, String label, String keys) {
        put(kind, "p", label);
        assertThat(keys()).containsExactly(keys.split(" "));
        assertThat(checks().get(0).text())
                .startsWith("The " + Families.named(kind).title().toLowerCase() + " is wired");
    }

    @Test
    void aPartThatStayedInIsNotAskedForButWhatWasOpenedIs() {
        add(new PartEntry.PartAdded("p", "capacitor", "Run capacitor", "Outdoor unit", ""));
        assertThat(keys()).containsExactly("straps", "screws", "discharge", "jumpers", "tools", "panel");
        put("motor", "m", "1/4 HP 208-230 V 1 PH 60 HZ 1075 RPM 1.8 A");
        assertThat(keys()).contains("wired-m", "turns-m").doesNotContain("wired-p");
        add(new PartEntry.PutBack("m", "Fan motor"));
        assertThat(keys()).doesNotContain("wired-m", "turns-m");
    }

    @Test
    void aLineIsKnownByItsKeyAndTicksStandOnTheTape() {
        put("capacitor", "p", "45+5 MFD 440 VAC");
        assertThat(BeforePower.textOf(state(), "discharge")).isEqualTo("Discharge tool off the capacitor");
        assertThat(BeforePower.textOf(state(), "nothing")).isEmpty();
        add(new LeaveEntry.UnitTicked("discharge", "Discharge tool off the capacitor", true));
        assertThat(state().leave().ticked()).containsExactly("discharge");
        add(new LeaveEntry.UnitTicked("discharge", "Discharge tool off the capacitor", false));
        assertThat(state().leave().ticked()).isEmpty();
    }

    private void put(String kind, String id, String label) {
        Spec spec = new Spec(Families.named(kind).read(label).fields());
        String title = Families.named(kind).title();
        add(new PartEntry.PartAdded(id, kind, title, "Outdoor unit", ""));
        add(new PartEntry.LabelRead(id, label, spec));
        add(new PartEntry.Chosen(
                id,
                title,
                Grade.LIKE_FOR_LIKE,
                List.of(new Entry.Piece("X-1", spec)),
                List.of(),
                List.of(),
                List.of(),
                null,
                0));
    }

    private void add(Entry entry) {
        tape.add(new Line(tape.size() + 1, 1_000L * tape.size(), "Tech 1", entry));
    }

    private CallState state() {
        return CallState.of(tape, Plates.NONE);
    }

    private List<Check> checks() {
        return BeforePower.of(state());
    }

    private List<String> keys() {
        return checks().stream().map(Check::key).toList();
    }
}
