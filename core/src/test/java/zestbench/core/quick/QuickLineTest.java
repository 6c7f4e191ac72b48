package zestbench.core.quick;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class QuickLineTest {
    private static final List<String> AT_HAND = List.of("HERM", "FAN");

    @ParameterizedTest(name = "\"{0}\" takes {1}")
    @CsvSource(
            delimiter = '|',
            value = {
                "55+7.5 440 6% : 52.6 5.9 | HERM 52.6 µF, FAN 5.9 µF",
                "45/5 mfd 370 : 44,1 | HERM 44.1 µF",
                "45/5 mfd 370 : - 4.9 | FAN 4.9 µF",
                "35 440 : ol | CAPACITOR OL",
                "35 440 : open | CAPACITOR open",
                "coil 24 : 18.2v | COIL VOLTS 18.2 V",
                "coil 24 v : 12.4 ohm | COIL 12.4 Ω",
                "fuse 30 rk5 td : 0.2 ol | FUSE 1 0.2 Ω, FUSE 2 OL",
                "xfmr 40va 208 to 24 : 208 23.1v | PRIMARY 208 V, SECONDARY 23.1 V",
                ": 52.6 5.9uf | HERM 52.6 µF, FAN 5.9 µF",
            })
    void readingsFollowTheSections(String text, String taken) {
        QuickLine quick = QuickLine.of(text, AT_HAND);
        assertThat(quick.problem()).isNull();
        assertThat(String.join(
                        ", ",
                        quick.readings().stream()
                                .map(r -> r.section() + " " + r.reading().text())
                                .toList()))
                .isEqualTo(taken);
    }

    @ParameterizedTest(name = "\"{0}\": {1}")
    @CsvSource(
            delimiter = '|',
            value = {
                "hello : 5 | no label",
                "45/5 370 : 1 2 3 | 3 readings",
                "45/5 370 : seven | is no reading",
                ": | write a label",
                "45/5 370 : -5 | is no reading",
                "coil 24 : x | coil 24 : 18.2v",
                "coil : 18 | coil 24 : 18.2v",
                "windings 0.9 2.1 | write the three pairs",
                "windings | write the three pairs",
                "windings 0.9 2.1 3.O | \"3.O\" are no ohms",
                "amps l.7 of 1.9 | \"l.7\" are no amps",
                "windings 0.9 2.1 x | \"x\" are no ohms",
                "windings ground x | \"x\" is no reading to ground",
                "amps | no amps were written",
                "amps 1.7 off 1.9 | are no amps",
                "motor 1/4 1075 1.9a 5uf : 7 | windings 0.9 2.1 3.0 or amps 1.7 of 1.9",
                "45/5 370 : 1e9 | is no reading",
            })
    void saysWhatIsWrongAndWhatWouldBeRight(String text, String problem) {
        assertThat(QuickLine.of(text, AT_HAND).problem()).contains(problem);
    }

    @ParameterizedTest(name = "\"{0}\" is {1}")
    @CsvSource(
            delimiter = '|',
            value = {
                "windings 0.9 2.1 3.0 | 1-2 0.9 Ω, 1-3 2.1 Ω, 2-3 3 Ω",
                "Winding: 0,9 OL ol | 1-2 0.9 Ω, 1-3 OL, 2-3 OL",
                "windings 0.9 2.1 3.0 ground OL | 1-2 0.9 Ω, 1-3 2.1 Ω, 2-3 3 Ω, 1-GROUND OL",
                "windings gnd 5M | 1-GROUND 5 MΩ",
                "windings point nine two point one three point zero | 1-2 0.9 Ω, 1-3 2.1 Ω, 2-3 3 Ω",
                "windings 0.9/2.1/3.0 to ground open | 1-2 0.9 Ω, 1-3 2.1 Ω, 2-3 3 Ω, 1-GROUND OL",
                "ohms 470 1k 1.5k | 1-2 470 Ω, 1-3 1000 Ω, 2-3 1500 Ω",
            })
    void windingsAreWrittenPairByPair(String text, String pairs) {
        MotorReadings read =
                java.util.Objects.requireNonNull(QuickLine.of(text, List.of()).motor());
        assertThat(String.join(
                        ", ",
                        read.pairs().stream()
                                .map(p -> p.pair() + " " + p.reading().text())
                                .toList()))
                .isEqualTo(pairs);
    }

    @ParameterizedTest(name = "\"{0}\" is {1} {2} of {3}, inrush {4}")
    @CsvSource({
        "amps 1.7 of 1.9, , 1.7, 1.9, ",
        "amps fan 1.7, FAN, 1.7, , ",
        "AMPS comp 17.2a of 17.9 a inrush 88, COMPRESSOR, 17.2, 17.9, 88",
        "amp blower .9, BLOWER, 0.9, , ",
        "amps one point seven of one point nine fan, FAN, 1.7, 1.9, ",
    })
    void ampsAreWrittenWithTheirRating(
            String text,
            zestbench.core.amps.RunningAmps.Place place,
            double amps,
            @org.jspecify.annotations.Nullable Double rated,
            @org.jspecify.annotations.Nullable Double inrush) {
        MotorReadings read =
                java.util.Objects.requireNonNull(QuickLine.of(text, List.of()).motor());
        assertThat(read.amps()).isEqualTo(new MotorReadings.Amps(place, amps, rated, inrush));
    }

    @ParameterizedTest
    @CsvSource({"motor 1/4 1075 208-230 1.9a cwle 5uf", "1/4 HP 1075 RPM 208-230V 1.9A CWLE"})
    void aMotorsLabelIsOneLikeAnyOther(String text) {
        QuickLine quick = QuickLine.of(text, List.of());
        assertThat(quick.problem()).isNull();
        assertThat(java.util.Objects.requireNonNull(quick.label()).kind()).isEqualTo("motor");
    }
}
