package zestbench.core.quantity;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Fixed points: ice and boiling water at one atmosphere, and where both scales meet. */
class CelsiusTest {
    @ParameterizedTest
    @CsvSource({"32, 0 °C", "212, 100 °C", "-40, −40 °C", "75, 23.9 °C"})
    void standsBesideFahrenheit(double fahrenheit, String celsius) {
        assertThat(Celsius.of(fahrenheit)).isEqualTo(celsius);
    }

    /** A superheat has no freezing point. */
    @ParameterizedTest
    @CsvSource({"0, 0 °C", "9, 5 °C", "20, 11.1 °C"})
    void ofADifferenceNothingIsTakenOff(double fahrenheit, String celsius) {
        assertThat(Celsius.ofDifference(fahrenheit)).isEqualTo(celsius);
    }
}
