package zestbench.core.tape;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import zestbench.core.Families;
import zestbench.core.family.Family;
import zestbench.core.family.Spec;
import zestbench.core.value.Value;

/** What is typed later lies over what was read before, and takes nothing away. */
class LabelInPiecesTest {
    private static final Family CONTACTOR = Families.named("contactor");

    private static LabelInPieces after(String before, String typed) {
        return LabelInPieces.over(
                before, new Spec(CONTACTOR.read(before).fields()), List.of(), typed, CONTACTOR.read(typed));
    }

    @Test
    void aPieceAddsToWhatIsKnown() {
        LabelInPieces label = after("2 pole 24V coil", "30 FLA");
        assertThat(label.text()).isEqualTo("2 pole 24V coil\n30 FLA");
        assertThat(label.spec().number("poles")).contains(2.0);
        assertThat(label.spec().numbers("coilVolts")).isEqualTo(List.of(24.0));
        assertThat(label.spec().number("fullLoadAmps")).contains(30.0);
    }

    @Test
    void whatIsSaidAgainIsReplaced() {
        LabelInPieces label = after("2 pole 30 FLA 24V coil", "40 FLA");
        assertThat(label.spec().number("fullLoadAmps")).contains(40.0);
        assertThat(label.spec().number("poles")).contains(2.0);
    }

    @Test
    void whatWasSetByHandStaysWhenMoreIsTyped() {
        Spec set = new Spec(CONTACTOR.read("2 pole").fields()).with("coilVolts", Value.numbers(24));
        LabelInPieces label =
                LabelInPieces.over("2 pole", set, List.of(), "2 pole 30 FLA", CONTACTOR.read("2 pole 30 FLA"));
        assertThat(label.spec().numbers("coilVolts")).isEqualTo(List.of(24.0));
        assertThat(label.text()).isEqualTo("2 pole 30 FLA");
    }

    @Test
    void aWholeLabelStandsAlone() {
        assertThat(after("2 pole 24V coil", "3 POLE 40 FLA COIL 120V").text()).isEqualTo("3 POLE 40 FLA COIL 120V");
        LabelInPieces on = after("2 pole  24V coil", "2 pole 24v coil 30 FLA");
        assertThat(on.text()).isEqualTo("2 pole 24v coil 30 FLA");
        assertThat(on.spec().number("fullLoadAmps")).contains(30.0);
        assertThat(after("2 pole 24V coil", "24V coil").text()).isEqualTo("2 pole 24V coil");
    }

    @Test
    void coloursOfALabelAreWiresUntilSomebodyLooked() {
        Family transformer = Families.named("transformer");
        Spec spec = new Spec(transformer
                .read("40 VA PRI COM WHITE 120 BLACK 208 RED 240 ORANGE SEC 24 V")
                .fields());
        assertThat(transformer.printed(spec).stream().map(w -> w.terminal() + " " + w.colour()))
                .containsExactlyInAnyOrder("PRI COM white", "PRI 120 black", "PRI 208 red", "PRI 240 orange");
    }

    @Test
    void coloursOfAMotorsLabelAreWiresToo() {
        Family motor = Families.named("motor");
        assertThat(List.of(
                        "LEADS BLACK HIGH BLUE MED RED LOW 1/3 HP 1075 RPM BROWN CAP BRN/WHT CAP",
                        "1/3 HP 1075 RPM\nHI-BLK MED-BLU LO-RED\nBROWN & BROWN/WHITE TO CAPACITOR, CAP: BROWN"))
                .allSatisfy(label -> assertThat(
                                motor.printed(new Spec(motor.read(label).fields())).stream()
                                        .map(w -> w.terminal() + " " + w.colour()))
                        .containsExactlyInAnyOrder("HIGH black", "MED blue", "LOW red", "CAP brown"));
        assertThat(motor.printed(
                        new Spec(motor.read("1/3 HP BLACK HIGH 1075 RPM").fields())))
                .as("one lead is no list")
                .isEmpty();
    }
}
