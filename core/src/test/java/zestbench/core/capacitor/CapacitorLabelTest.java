package zestbench.core.capacitor;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import zestbench.core.Families;
import zestbench.core.family.Spec;
import zestbench.core.label.LabelRead;

class CapacitorLabelTest {
    @ParameterizedTest(name = "{0} reads as {1}, {2}")
    @CsvSource(
            delimiter = '|',
            value = {
                "55/7.5 MFD 440VAC 50/60HZ SH-1 | 55+7.5 µF 440 V | run",
                "55+7.5 440 6% | 55+7.5 µF 440 V ±6 % | run",
                "45+5 µF ±6% 440/370 VAC | 45+5 µF 440 V ±6 % | run",
                "45-5 uF 370V | 45+5 µF 370 V | run",
                "CAPACITOR 7,5 MFD 370 VAC +/-6% | 7.5 µF 370 V ±6 % | run",
                "40 MFD +10-5% 440V | 40 µF 440 V +10 −5 % | run",
                "40 MFD -5+10% 440V | 40 µF 440 V +10 −5 % | run",
                "4O+S MFO 44OV4C | 40+5 µF 440 V | run",
                "35pF 440VAC ±5% | 35 µF 440 V ±5 % | run",
                "88-108 MFD 250VAC | 88–108 µF 250 V | start",
                "MOTOR START 189-227 uF 330 V~ | 189–227 µF 330 V | start",
                "fifty five over seven point five microfarad four forty volt | 55+7.5 µF 440 V | run",
                "thirty five plus five mfd three seventy volts plus or minus six percent | 35+5 µF 370 V ±6 % | run",
                "seven and a half microfarad four hundred and forty volt ac | 7.5 µF 440 V | run",
                "one oh eight to one thirty mfd two fifty volts | 108–130 µF 250 V | start",
                "HERM 40 µF FAN 5 µF 440V | 40+5 µF 440 V | run",
                "5+45 uF 440 | 45+5 µF 440 V | run",
                "30 µF 450V~ class B 40/85/21 S3 50/60 Hz | 30 µF 450 V | run",
                "MFD 45 440 VAC | 45 µF 440 V | run",
                "10uF 370VAC 60Hz | 10 µF 370 V | run",
            })
    void readsLabelsAsTheyAreTyped(String text, String rating, String duty) {
        LabelRead read = CapacitorLabel.read(text);
        Spec spec = new Spec(read.fields());
        assertThat(CapacitorRating.from(spec).text()).isEqualTo(rating);
        assertThat(spec.text("duty")).contains(duty);
        assertThat(Families.read("auto", text).kind()).as("told as a capacitor").isEqualTo("capacitor");
    }

    @Test
    void everyPieceIsTheExactSliceItCameFrom() {
        String text = "  55/7.5 MFD\n440VAC ±6% 50/60HZ -40/+70C 2.5 x 5 in round P2 SH-1 LOT 7";
        LabelRead read = CapacitorLabel.read(text);
        assertThat(read.reads()).isNotEmpty().allSatisfy(piece -> {
            assertThat(text.substring(piece.start(), piece.end())).isEqualTo(piece.text());
            assertThat(piece.sure()).isBetween(0.5, 1.0);
        });
        assertThat(read.reads())
                .extracting(LabelRead.Piece::field)
                .contains("sections[0].microfarads", "volts", "minCelsius");
        Spec spec = new Spec(read.fields());
        assertThat(spec.numbers("hertz")).containsExactly(50.0, 60.0);
        assertThat(spec.number("minCelsius")).contains(-40.0);
        assertThat(spec.number("maxCelsius")).contains(70.0);
        assertThat(spec.number("diameterInches")).contains(2.5);
        assertThat(spec.text("shape")).contains("round");
        assertThat(spec.text("protection")).contains("P2");
        assertThat(read.unread()).contains("SH-1", "LOT");
    }

    @Test
    void whatIsNotPrintedIsADoubtWithTheUsualValueAndNotAField() {
        LabelRead read = CapacitorLabel.read("45/5 MFD");
        assertThat(read.fields().fields()).doesNotContainKeys("tolerancePlusPercent", "volts");
        assertThat(read.doubts())
                .extracting(LabelRead.Doubt::field)
                .contains("tolerancePlusPercent", "toleranceMinusPercent", "volts");
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "30 µF 450V~ 10.000 h",
                "30 µF 450V~ 10 000 h",
                "AX65B-1 30 µF 450 VAC",
                "CBB60-3 30uF 450VAC",
                "30 µF 450V 3.000 Std"
            })
    void lifeInHoursAndTheTailOfACodeAreNoRatings(String text) {
        LabelRead read = CapacitorLabel.read(text);
        Spec spec = new Spec(read.fields());
        assertThat(spec.rows("sections"))
                .singleElement()
                .satisfies(section -> assertThat(section.number("microfarads")).contains(30.0));
        assertThat(read.doubts()).extracting(LabelRead.Doubt::field).noneMatch(field -> field.startsWith("sections"));
    }

    @Test
    void lifeClassDecidesTheVoltsNotTheHighestFigure() {
        // IEC 60252-1, from memory: class B 10,000 h, class D 1,000 h
        Spec spec =
                new Spec(CapacitorLabel.read("16 µF 400V B / 500V D 25/85/21").fields());
        assertThat(spec.number("volts")).contains(400.0);
        assertThat(spec.number("maxCelsius")).contains(85.0);
        assertThat(spec.rows("sections")).hasSize(1);
    }

    @Test
    void manySectionsMakeAUniversalPart() {
        CapacitorRating rating = CapacitorRating.from(
                new Spec(CapacitorLabel.read("2.5+5+5+10+20+25 µF 440V").fields()));
        assertThat(rating.isUniversal()).isTrue();
        assertThat(rating.subjects()).containsExactly("1", "2", "3", "4", "5", "6");
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "MFD 04/2016 MODEL XA-036 SERIAL 12",
                "1/4 HP 1075 RPM CAP 5 MFD 370V",
                "hello",
                "",
                "12/10/2024",
                "+++///",
                "OL OL OL",
                "%%% 6%",
                "°C",
                "- -",
                "5",
                "/",
                "±",
                "VAC VAC 440",
                "99999999999999999999 µF"
            })
    void textOfAnotherKindIsLeftUnreadAndNeverFails(String text) {
        LabelRead read = Families.read("auto", text);
        assertThat(read.kind()).as("not a capacitor's label").isIn(null, "motor", "unit-plate");
        CapacitorLabel.read(text);
    }

    /** parse∘print: what the short text says is read back as the same rating. */
    @Test
    void theShortTextReadsBackAsTheSameRating() {
        for (double herm : List.of(25.0, 30.0, 35.0, 40.0, 45.0, 50.0, 55.0, 60.0, 70.0, 80.0)) {
            for (double fan : List.of(0.0, 3.0, 4.0, 5.0, 7.5, 10.0, 12.5)) {
                for (double volts : List.of(370.0, 440.0)) {
                    for (int percent : new int[] {5, 6, 10}) {
                        CapacitorRating made = Parts.run(herm, fan, volts, percent);
                        CapacitorRating back = CapacitorRating.from(
                                new Spec(CapacitorLabel.read(made.text()).fields()));
                        assertThat(back).isEqualTo(made);
                    }
                }
            }
        }
    }
}
