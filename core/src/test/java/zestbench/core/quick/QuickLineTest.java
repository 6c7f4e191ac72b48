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
                "55+7.5 440 6% : 52.6 5.9 | HERM 52.60 µF, FAN 5.90 µF",
                "45/5 mfd 370 : 44,1 | HERM 44.10 µF",
                "45/5 mfd 370 : - 4.9 | FAN 4.90 µF",
                "35 440 : ol | CAPACITOR OL",
                "35 440 : open | CAPACITOR open",
                ": 52.6 5.9uf | HERM 52.60 µF, FAN 5.90 µF",
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
                "45/5 370 : 1e9 | is no reading",
            })
    void saysWhatIsWrongAndWhatWouldBeRight(String text, String problem) {
        assertThat(QuickLine.of(text, AT_HAND).problem()).contains(problem);
    }
}
