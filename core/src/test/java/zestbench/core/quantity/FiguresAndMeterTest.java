package zestbench.core.quantity;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import zestbench.core.judgement.Guard;
import zestbench.core.judgement.Verdict;

class FiguresAndMeterTest {
    @ParameterizedTest(name = "{0} prints as {1} and {2}")
    @CsvSource({
        "52.6, 52.60, 52.6",
        "-3.25, −3.25, −3.25",
        "1e7, 10000000.00, 10000000",
        "-0.0, 0.00, 0",
        "-230, −230.00, −230",
        "99999, 99999.00, 99999",
        "0.00004, 0.00, 0",
        "-0.00001, 0.00, 0",
        "51.699999999999996, 51.70, 51.7"
    })
    void figuresArePlainWithARealMinus(double x, String fixed, String plain) {
        assertThat(Figures.fixed(x, 2).replace("−0.00", "0.00")).isEqualTo(fixed);
        assertThat(Figures.plain(x)).isEqualTo(plain);
    }

    /** Against decimal arithmetic of the JDK: sums with dust, ties at the tenth and fifth decimal, all sizes that figures have. */
    @Test
    void dustAndDecimalsComeOffAsInDecimalArithmetic() {
        long seed = System.nanoTime();
        Random random = new Random(seed);
        for (int i = 0; i < 200_000; i++) {
            double size = Math.pow(10, random.nextInt(12) - 5);
            double plain = Math.rint(random.nextDouble() * 1_000) / 100 * size;
            double x = switch (random.nextInt(5)) {
                case 0 -> plain + 0.1 + 0.2;
                case 1 -> -plain * 1.1;
                case 2 -> (Math.floor(random.nextDouble() * 1e6) + 0.5) / 1e9;
                case 3 -> (Math.floor(random.nextDouble() * 1e6) + 0.5) / 1e4;
                default -> random.nextDouble() * size;
            };
            double tidy =
                    BigDecimal.valueOf(x).setScale(9, RoundingMode.HALF_UP).doubleValue();
            assertThat(Double.doubleToLongBits(Figures.tidy(x)))
                    .as("%s, seed %d", x, seed)
                    .isEqualTo(Double.doubleToLongBits(tidy));
            BigDecimal rounded = BigDecimal.valueOf(x).setScale(4, RoundingMode.HALF_UP);
            String printed =
                    rounded.signum() == 0 ? "0" : rounded.stripTrailingZeros().toPlainString();
            assertThat(Figures.plain(x)).as("%s, seed %d", x, seed).isEqualTo(printed.replace('-', '−'));
        }
        assertThat(Double.doubleToLongBits(Figures.tidy(-0.0))).isZero();
        assertThatThrownBy(() -> Figures.tidy(Double.NaN)).isInstanceOf(NumberFormatException.class);
    }

    /** A 6,000-count meter as the open interface fixes it: 0.001 up to 6 µF, 0.01 up to 60, 0.1 up to 600. */
    @ParameterizedTest(name = "{0} µF in steps of {1}")
    @CsvSource({"0, 0.001", "6, 0.001", "6.001, 0.01", "60, 0.01", "60.1, 0.1", "600, 0.1", "700, 1"})
    void resolutionFollowsTheRange(double microfarads, double step) {
        assertThat(Quantity.MICROFARADS.resolutionAt(microfarads)).isEqualTo(step);
    }

    @Test
    void theDoubtUsesWhatTheMeterToldOfItself() {
        Meter meter = new Meter(1, 3, 0.1, null);
        assertThat(meter.uncertaintyOf(Reading.of(Quantity.MICROFARADS, 50))).isEqualTo(0.8);
        assertThat(meter.uncertaintyOf(Reading.of(Quantity.MICROFARADS, 50, 0.01)))
                .as("the reading's own step beats the meter's")
                .isEqualTo(0.53);
    }

    @Test
    void impossibleValuesCannotBeMadeAndTheErrorNamesThem() {
        assertThatThrownBy(() -> Reading.of(Quantity.VOLTS, Double.NaN)).isInstanceOf(InputProblem.class);
        assertThatThrownBy(() -> Reading.of(Quantity.VOLTS, -1)).hasMessageContaining("from 0 upward");
        assertThatThrownBy(() -> new Meter(51, 0, null, null)).hasMessageContaining("0 to 50 %");
        assertThatThrownBy(() -> new Limits(2, 1)).hasMessageContaining("empty");
    }

    /** Guarded acceptance, JCGM 106:2012: the verdict never gets better as the reading moves away from the band. */
    @Test
    void verdictsAreMonotoneAndADoubtfulMeterOnlyWidensTooClose() {
        Random random = new Random(7);
        for (int i = 0; i < 2_000; i++) {
            double low = random.nextDouble() * 50;
            Limits limits = new Limits(low, low + 1 + random.nextDouble() * 20);
            double doubt = random.nextDouble() * 3;
            double middle = (limits.low() + limits.high()) / 2;
            double near = middle + (random.nextDouble() - 0.5) * 40;
            double far = middle + (near - middle) * (1 + random.nextDouble());
            Verdict nearer = Guard.judge(near, limits, doubt);
            assertThat(Guard.judge(far, limits, doubt)).isGreaterThanOrEqualTo(nearer);
            Verdict coarser = Guard.judge(near, limits, doubt * 2);
            assertThat(coarser == nearer || coarser == Verdict.TOO_CLOSE)
                    .as("%s ±%s in %s", near, doubt, limits)
                    .isTrue();
        }
    }
}
