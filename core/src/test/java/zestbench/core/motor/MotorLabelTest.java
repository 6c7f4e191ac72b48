package zestbench.core.motor;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Map;
import java.util.TreeMap;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import zestbench.core.Families;
import zestbench.core.family.Spec;
import zestbench.core.label.LabelRead;
import zestbench.core.value.Value;

/** Motor labels in the forms they are printed, typed and spoken. */
class MotorLabelTest {
    private static String worded(Value value) {
        if (value instanceof Value.Num num) {
            return zestbench.core.quantity.Figures.plain(num.number());
        }
        if (value instanceof Value.Items items) {
            return items.items().stream()
                    .map(MotorLabelTest::worded)
                    .toList()
                    .toString()
                    .replace(" ", "");
        }
        return value instanceof Value.Text text ? text.text() : String.valueOf(((Value.Flag) value).flag());
    }

    private static Map<String, String> fields(LabelRead read) {
        Map<String, String> out = new TreeMap<>();
        read.fields().fields().forEach((name, value) -> out.put(name, worded(value)));
        return out;
    }

    /** The fields asked for after the arrow, each as name=value. */
    @ParameterizedTest(name = "{0}")
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '`',
            value = {
                "1/4 HP 1075 RPM 208-230V 1PH 60HZ 1.9A CWLE 5uF/370V | horsepower=0.25 rpm=[1075] volts=[208,230] phase=1"
                        + " hertz=[60] fullLoadAmps=[1.9] rotation=CW rotationView=LEAD_END capacitorMicrofarads=5"
                        + " capacitorVolts=370 type=PSC",
                "motor 1/4 1075 208-230 1.9a cwle 5uf | horsepower=0.25 rpm=[1075] volts=[208,230] fullLoadAmps=[1.9]"
                        + " rotation=CW rotationView=LEAD_END capacitorMicrofarads=5",
                "HP 1/3 VOLTS 208-230 PH 1 HZ 60 RPM 825 FLA 2.6 LRA 6.2 FR 48Y ENCL TEAO AMB 60°C INS CL B ROT REV"
                        + " | horsepower=0.3333 volts=[208,230] phase=1 hertz=[60] rpm=[825] fullLoadAmps=[2.6]"
                        + " lockedRotorAmps=6.2 frame=48Y enclosure=TEAO ambientCelsius=60 insulationClass=B rotation=REVERSIBLE",
                "2 HP 230/460-3-60 FLA 6.8/3.4 1725 RPM FRAME 145T SF 1.15 ODP THERMALLY PROTECTED"
                        + " | horsepower=2 volts=[[230],[460]] phase=3 hertz=[60] fullLoadAmps=[6.8,3.4] rpm=[1725] frame=145T"
                        + " serviceFactor=1.15 enclosure=ODP thermallyProtected=true type=THREE_PHASE",
                "208-230/460V 3PH 1-1/2 HP 1140RPM | volts=[[208,230],[460]] horsepower=1.5 phase=3 rpm=[1140]",
                "0.18 kW 220-240V 50 Hz 1.3 A 900 r | horsepower=0.25 volts=[220,240] hertz=[50] fullLoadAmps=[1.3]",
                "1/2 HP 115V 1075/3 SPD 7.9 FLA CCW-SE CAP 10 MFD 370 VAC | horsepower=0.5 volts=[115] rpm=[1075] speeds=3"
                        + " fullLoadAmps=[7.9] rotation=CCW rotationView=SHAFT_END capacitorMicrofarads=10 capacitorVolts=370",
                "1/6HP RPM 1075/900/825 208-230V F.L.A. 1.1 CCW FACING LEAD END | horsepower=0.1667 rpm=[1075,900,825]"
                        + " speeds=3 fullLoadAmps=[1.1] rotation=CCW rotationView=LEAD_END",
                "one quarter horse ten seventy five rpm two oh eight to two thirty volt clockwise shaft end"
                        + " | horsepower=0.25 rpm=[1075] volts=[208,230] rotation=CW rotationView=SHAFT_END",
                "½ HP 460V 3 PHASE FRAME 56Z 1O75 RPM | horsepower=0.5 volts=[460] phase=3 frame=56Z rpm=[1075]",
                "ECM constant torque 1/2 HP 120/240V | type=CONSTANT_TORQUE horsepower=0.5 volts=[[120],[240]]",
                "shaded pole 1/15 HP 115V 1550 RPM CW/CCW | type=SHADED_POLE horsepower=0.0667 rotation=REVERSIBLE rpm=[1550]",
                "3/4 HP 277V 1075RPM 5.6\" DIA SHAFT 1/2 X 6 BALL BELLY BAND SHAFT DOWN | bodyDiameterInches=5.6"
                        + " shaftDiameterInches=0.5 shaftLengthInches=6 bearing=BALL mount=`belly~band` shaftPosition=down",
                "1/4 HP 6 POLE 230V NOT THERMALLY PROTECTED INS CLASS F | poles=6 thermallyProtected=false insulationClass=F",
            })
    void isReadInEveryForm(String text, String expected) {
        Map<String, String> read = fields(MotorLabel.read(text));
        for (String pair : expected.replace("`", "").split(" ")) {
            String[] nameAndValue = pair.replace('~', ' ').split("=");
            assertThat(read).as(text).containsEntry(nameAndValue[0], nameAndValue[1]);
        }
        Spec.checked(MotorAttributes.ALL, MotorLabel.read(text).fields());
    }

    @ParameterizedTest(name = "{0} → {1}")
    @CsvSource(
            delimiter = '|',
            value = {
                "1/4 HP 1075 RPM 208-230V CW | rotationView",
                "1/4 HP 1075 RPM 208-230V CWLE | type",
                "1/4 HP 1075 RPM 208-230V 5 MFD | hertz",
                "1/4 HP 1075 RPM 208-230V 60HZ 5 MFD | phase",
            })
    void whatIsNotPrintedIsAsked(String text, String field) {
        assertThat(MotorLabel.read(text).doubts()).anyMatch(d -> d.field().equals(field));
    }

    @ParameterizedTest(name = "{0} → {1}")
    @CsvSource(
            delimiter = '|',
            value = {
                "1/4 HP 1075 RPM 208-230V 1.9A CWLE 5uF | motor",
                "motor 1/4 1075 208-230 1.9a cwle 5uf | motor",
                "motor 1/4 1075 208-230 1.9a rev 5uf | motor",
                "45+5 MFD 440 VAC | capacitor",
                "MOTOR RUN CAPACITOR 7.5/10 MFD 440VAC | capacitor",
                "MODEL A036B RLA 17.9 FAN 1/4 HP FLA 1.4 MCA 23.8 | unit-plate",
            })
    void tellsItselfFromOtherLabels(String text, String kind) {
        assertThat(Families.read(Families.AUTO, text).kind()).isEqualTo(kind);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "1/4 HP 1075 RPM 208-230V 1PH 60HZ 1.9A CWLE 5uF/370V PART MT-2214 OIL YEARLY",
                "HP / / V - RPM RPM A 1/ 2/0 HP ½½ hp CW CW LE SE frame FR. :: ins cl 3PH-",
                "2 HP 230/460-3-60 FLA 6.8/3.4",
                "",
                "nothing here",
            })
    void everyPieceIsASliceOfTheTextAndNothingFails(String text) {
        LabelRead read = MotorLabel.read(text);
        for (LabelRead.Piece piece : read.reads()) {
            assertThat(text.substring(piece.start(), piece.end())).isEqualTo(piece.text());
        }
        assertThat(read.unread()).doesNotContain("1/4", "1075");
        assertThat(read.kind() == null).isEqualTo(read.fields().fields().isEmpty());
    }
}
