package zestbench.core.capacitor;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import zestbench.core.Families;
import zestbench.core.family.Spec;
import zestbench.core.label.LabelRead;

/** Labels as they come: printed, dictated, rubbed, run together. */
class LabelCorpusTest {
    @ParameterizedTest(name = "{0}")
    @CsvSource(
            delimiter = '|',
            value = {
                "45+5 MFD 440 VAC | 45+5 µF 440 V",
                "45 + 5 MFD 440 VAC | 45+5 µF 440 V",
                "45/5MFD440VAC | 45+5 µF 440 V",
                "45/5 uf 440v | 45+5 µF 440 V",
                "45/5 μF 440 V~ | 45+5 µF 440 V",
                "45/5 µF 440 V AC | 45+5 µF 440 V",
                "45/5 MF 440 VOLT | 45+5 µF 440 V",
                "45/5 mfd 440 volts | 45+5 µF 440 V",
                "45/5 microfarads 440 volts ac | 45+5 µF 440 V",
                "45-5 MFD 440 VAC | 45+5 µF 440 V",
                "45–5 MFD 440 VAC | 45+5 µF 440 V",
                "MFD 45/5 VAC 440 | 45+5 µF 440 V",
                "MFD: 45/5 VAC: 440 | 45+5 µF 440 V",
                "35.0 MFD 370V | 35 µF 370 V",
                "35,0 MFD 370V | 35 µF 370 V",
                "7.5MFD 370/440VAC | 7.5 µF 440 V",
                "7.5MFD 440/370VAC | 7.5 µF 440 V",
                "7.5 MFD 370-440 VAC | 7.5 µF 440 V",
                "12.5 µF ±5% 450V | 12.5 µF 450 V ±5 %",
                "12.5 µF ± 5 % 450V | 12.5 µF 450 V ±5 %",
                "12.5 µF +-5% 450V | 12.5 µF 450 V ±5 %",
                "12.5 µF +/- 5% 450V | 12.5 µF 450 V ±5 %",
                "12.5 µF 5% 450V | 12.5 µF 450 V ±5 %",
                "12.5 µF tol 5% 450V | 12.5 µF 450 V ±5 %",
                "40 µF +10% -5% 440V | 40 µF 440 V +10 −5 %",
                "40 µF +10/-5% 440V | 40 µF 440 V +10 −5 %",
                "40 µF -5/+10% 440V | 40 µF 440 V +10 −5 %",
                "50/60HZ 30 MFD 370 VAC | 30 µF 370 V",
                "30 MFD 370 VAC 60 CPS | 30 µF 370 V",
                "30 MFD 370VAC 70C | 30 µF 370 V",
                "30 MFD 370VAC -40+70C | 30 µF 370 V",
                "30 MFD 370VAC LOT 1234 | 30 µF 370 V",
                "ROUND 30 MFD 370VAC NO PCB | 30 µF 370 V",
                "30 MFD 370VAC XR-4407-30 | 30 µF 370 V",
                "3O MFD 37O VAC | 30 µF 370 V",
                "l5 MFD 37OVAC | 15 µF 370 V",
                "4S/5 MFD 440VAC | 45+5 µF 440 V",
                "BO/7.S MFD 44O VAC | 80+7.5 µF 440 V",
                "45/5 MFO 440 VAC | 45+5 µF 440 V",
                "45/5 MFD 440 V4C | 45+5 µF 440 V",
                "HERM 45 FAN 5 MFD 440 VAC | 45+5 µF 440 V",
                "FAN 5 µF HERM 45 µF 440 VAC | 45+5 µF 440 V",
                "COMP 45 µF FAN 5 µF 440V | 45+5 µF 440 V",
                "145-174 MFD 220 VAC | 145–174 µF 220 V",
                "145-174 uF 250V 60Hz | 145–174 µF 250 V",
                "145 to 174 mfd 250 volts | 145–174 µF 250 V",
                "270/324 MFD 330V START | 270–324 µF 330 V",
                "forty plus five microfarad three seventy volt | 40+5 µF 370 V",
                "eighty over seven and a half mfd four forty | 80+7.5 µF 440 V",
                "ten microfarad three hundred and seventy volt | 10 µF 370 V",
                "seven point five mfd four hundred forty volts plus or minus six percent | 7.5 µF 440 V ±6 %",
                "fünf | µF not read",
            })
    void isReadForWhatItSays(String text, String rating) {
        CapacitorRating read =
                CapacitorRating.from(new Spec(CapacitorLabel.read(text).fields()));
        assertThat(read.text()).isEqualTo(rating);
    }

    @ParameterizedTest(name = "{0}: {1} to {2} °C, {3}")
    @CsvSource(
            delimiter = '|',
            value = {
                "16 µF 450V 40/70/21 | -40 | 70 | ",
                "16 µF 450V 25/085/21 P2 | -25 | 85 | P2",
                "16 µF 450V 10/100/56 S3 | -10 | 100 | S3",
                "16 µF 450V -40/+85°C 10000 AFC | -40 | 85 | 10000 AFC",
                "16 µF 450V -25 to +70 C | -25 | 70 | ",
                "16 µF 450V 10000AFC | | | 10000 AFC",
                "16 µF 450V S0/60HZ | | | ",
            })
    void climateAndProtection(String text, Double min, Double max, String protection) {
        Spec spec = new Spec(CapacitorLabel.read(text).fields());
        assertThat(spec.number("minCelsius").orElse(null)).isEqualTo(min);
        assertThat(spec.number("maxCelsius").orElse(null)).isEqualTo(max);
        assertThat(spec.text("protection").orElse(null)).isEqualTo(protection);
        assertThat(spec.rows("sections"))
                .as("a climate code is no row of sections")
                .hasSize(1);
    }

    /** Nothing that can be typed makes it fail, and every piece is the exact slice of what was typed. */
    @ParameterizedTest
    @ValueSource(ints = {1, 2, 3, 4})
    void brokenLabelsNeverFailAndPiecesStayExact(int seed) {
        Random random = new Random(seed);
        List<String> whole = List.of(
                "55/7.5 MFD 440VAC ±6% 50/60HZ -40/+70C SH-1",
                "88-108 µF 250 VAC MOTOR START 60Hz",
                "forty five over five microfarad three seventy volt",
                "2.5+5+5+10+20+25 µF 440V 10000 AFC round 2.5 x 5 in",
                "16 µF 400V B / 500V D 25/85/21 S3");
        for (int i = 0; i < 400; i++) {
            String text = broken(whole.get(random.nextInt(whole.size())), random);
            LabelRead read = CapacitorLabel.read(text);
            assertThat(read.reads())
                    .allSatisfy(piece -> assertThat(text.substring(piece.start(), piece.end()))
                            .isEqualTo(piece.text()));
            assertThat(read.sure()).isBetween(0.0, 1.0);
            Spec.checked(CapacitorAttributes.ALL, read.fields());
            Families.read("auto", text);
        }
    }

    private static String broken(String text, Random random) {
        StringBuilder out = new StringBuilder(text);
        for (int i = 0; i < 1 + random.nextInt(8) && !out.isEmpty(); i++) {
            int at = random.nextInt(out.length());
            switch (random.nextInt(4)) {
                case 0 -> out.deleteCharAt(at);
                case 1 -> out.insert(at, (char) (32 + random.nextInt(95)));
                case 2 -> out.setCharAt(at, "OolISBZ|.,/+-±µ%°~ \n\t\u0000é漢".charAt(random.nextInt(23)));
                default -> out.insert(at, out.substring(at, Math.min(out.length(), at + 6)));
            }
        }
        return out.toString();
    }

    /** Said aloud as people say figures, each is understood again. */
    @Test
    void spokenFiguresAreUnderstood() {
        for (double microfarads :
                new double[] {2, 2.5, 3, 4, 5, 6, 7.5, 10, 12.5, 15, 20, 25, 35, 40, 55, 60, 70, 80}) {
            for (int volts : new int[] {370, 440}) {
                String text = spoken(microfarads) + " microfarad " + spokenVolts(volts) + " volt";
                CapacitorRating read =
                        CapacitorRating.from(new Spec(CapacitorLabel.read(text).fields()));
                assertThat(read.voltsText())
                        .as(text)
                        .isEqualTo(CapacitorRating.from(Parts.spec(microfarads, 0, volts, 0))
                                .voltsText());
            }
        }
    }

    private static final String[] SMALL = {
        "zero", "one", "two", "three", "four", "five", "six", "seven", "eight", "nine", "ten", "eleven", "twelve"
    };
    private static final String[] TENS = {
        "", "ten", "twenty", "thirty", "forty", "fifty", "sixty", "seventy", "eighty", "ninety"
    };

    private static String spoken(double value) {
        int whole = (int) value;
        String words = whole <= 12
                ? SMALL[whole]
                : whole == 15 ? "fifteen" : TENS[whole / 10] + (whole % 10 == 0 ? "" : " " + SMALL[whole % 10]);
        return value == whole ? words : words + " point five";
    }

    private static String spokenVolts(int volts) {
        return SMALL[volts / 100] + " " + TENS[volts / 10 % 10];
    }
}
