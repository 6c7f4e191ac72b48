package zestbench.core.fuse;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import zestbench.core.circuit.CircuitLoads;

class FuseSizesTest {
    /** UL 248, from memory: body by class, volts and amp group. */
    @ParameterizedTest(name = "{0} {1} V {2} A: {3}")
    @CsvSource({
        "H, 250, 30, 9/16 × 2 in",
        "RK5, 250, 15, 9/16 × 2 in",
        "K5, 600, 30, 13/16 × 5 in",
        "RK1, 250, 31, 13/16 × 3 in",
        "RK5, 600, 60, 1-1/16 × 5-1/2 in",
        "J, 600, 30, 13/16 × 2-1/4 in",
        "J, 600, 60, 1-1/16 × 2-3/8 in",
        "CC, 600, 30, 13/32 × 1-1/2 in"
    })
    void aBodyFollowsFromClassVoltsAndAmps(String fuseClass, double volts, double amps, String inches) {
        assertThat(FuseSizes.inches(fuseClass, volts, amps)).isEqualTo(inches);
    }

    /** Groups 0–30, 31–60, 61–100, 101–200, 201–400, 401–600; G: 15, 20, 30, 60; CC to 30. */
    @ParameterizedTest(name = "{0} {1} A: to {2} A")
    @CsvSource({
        "RK5, 30, 30",
        "RK5, 31, 60",
        "RK5, 61, 100",
        "RK5, 101, 200",
        "RK5, 201, 400",
        "RK5, 600, 600",
        "RK5, 601, 0",
        "G, 15, 15",
        "G, 16, 20",
        "G, 21, 30",
        "G, 31, 60",
        "CC, 30, 30",
        "CC, 31, 0"
    })
    void ampsShareABodyInGroups(String fuseClass, double amps, int group) {
        assertThat(FuseSizes.group(fuseClass, amps)).isEqualTo(group);
    }

    /** NEC 240.6(A): the same sizes that a plate's ceiling is rounded to, and the small ones of fuses. */
    @Test
    void standardRatingsAreThoseOfTheCode() {
        long count = IntStream.rangeClosed(1, 601).filter(FuseSizes::isStandard).count();
        assertThat(count).isEqualTo(31);
        assertThat(CircuitLoads.STANDARD_RATINGS.stream().filter(r -> r <= 600)).allMatch(FuseSizes::isStandard);
    }
}
