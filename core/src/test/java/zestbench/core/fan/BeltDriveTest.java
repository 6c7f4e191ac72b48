package zestbench.core.fan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import zestbench.core.fan.BeltDrive.Sheaves;
import zestbench.core.judgement.Finding;
import zestbench.core.judgement.Verdict;
import zestbench.core.quantity.InputProblem;

class BeltDriveTest {
    private static BeltDrive drive(
            double amps, double fla, double factor, double from, double to, @Nullable Double apart) {
        return BeltDrive.of(1725, amps, fla, factor, new Sheaves(from, 8, to, 8, apart));
    }

    /** A worked change of sheave: 6.0 A and r = 1.10 come to 7.99 A; fan laws, ASHRAE Handbook. */
    @Test
    void ampsGoWithTheCubeOfTheSpeed() {
        BeltDrive drive = drive(6.0, 8, 1, 4, 4.4, null);
        assertThat(drive.amps()).isCloseTo(7.99, within(0.005));
        assertThat(drive.ratio()).isCloseTo(1.10, within(1e-9));
        assertThat(drive.fanRpm()).isCloseTo(1725 * 4.4 / 8, within(1e-9));
        assertThat(drive.isRefused()).isFalse();
        assertThat(drive.beltInches()).isNull();
    }

    @ParameterizedTest(name = "{0} A of {1} A × {2}, sheave {3} → {4}: refused {5}, {6}")
    @CsvSource({
        "6.0, 8, 1.0, 4, 4.4, false, INFO",
        "6.0, 7.9, 1.0, 4, 4.4, true, STOP",
        "6.0, 7.9, 1.15, 4, 4.4, false, CAUTION",
        "6.0, 6.0, 1.0, 4, 4, false, INFO",
        "6.0, 6.0, 1.0, 4, 3.6, false, INFO",
        "2.6, 3.4, 1.15, 4, 4.8, true, STOP",
    })
    void pastFullLoadTimesServiceFactorIsRefused(
            double amps, double fla, double factor, double from, double to, boolean refused, Finding.Severity said) {
        BeltDrive drive = drive(amps, fla, factor, from, to, null);
        assertThat(drive.isRefused()).isEqualTo(refused);
        assertThat(drive.judged().verdict()).isEqualTo(refused ? Verdict.FAILED : Verdict.GOOD);
        assertThat(drive.findings()).extracting(Finding::severity).containsExactly(said);
    }

    /** Two equal sheaves: the belt is twice the distance and once around; checked by hand. */
    @Test
    void theBeltGoesAroundBothSheaves() {
        Double equal =
                BeltDrive.of(1725, 2, 3, 1, new Sheaves(6, 6, 6, 6, 20.0)).beltInches();
        assertThat(equal).isCloseTo(2 * 20 + Math.PI * 6, within(1e-9));
        // exact length of an open belt: 2·√(C² − ((D−d)/2)²) + arcs; the handbook's series is within a hundredth here
        double half = (10.0 - 4.0) / 2;
        double tangent = 2 * Math.sqrt(20 * 20 - half * half);
        double angle = Math.asin(half / 20);
        double exact = tangent + 10 / 2.0 * (Math.PI + 2 * angle) + 4 / 2.0 * (Math.PI - 2 * angle);
        Double unequal =
                BeltDrive.of(1725, 2, 3, 1, new Sheaves(4, 10, 4, 10, 20.0)).beltInches();
        assertThat(unequal).isCloseTo(exact, within(0.01));
    }

    /** Changing there and back again is no change; a larger motor sheave never lowers the amps. */
    @ParameterizedTest
    @CsvSource({"3, 3.4", "4, 6", "5.5, 2.8", "9, 9"})
    void thereAndBackIsNoChange(double from, double to) {
        BeltDrive there = drive(2, 50, 1, from, to, null);
        BeltDrive back = drive(there.amps(), 50, 1, to, from, null);
        assertThat(back.amps()).isCloseTo(2, within(1e-9));
        assertThat(there.amps() >= 2).isEqualTo(to >= from);
    }

    @ParameterizedTest(name = "{0}")
    @CsvSource({
        "motorInches, 0.5, 8, 4, 8, ",
        "fanInches, 4, 0, 4, 8, ",
        "newMotorInches, 4, 8, 99, 8, ",
        "newFanInches, 4, 8, 4, -1, ",
        "centreInches, 4, 8, 4, 8, 5",
    })
    void whatCannotBeASheaveIsSaid(String field, double m, double f, double nm, double nf, @Nullable Double apart) {
        assertThatThrownBy(() -> BeltDrive.of(1725, 2, 3, 1, new Sheaves(m, f, nm, nf, apart)))
                .isInstanceOf(InputProblem.class)
                .satisfies(p -> assertThat(((InputProblem) p).fields())
                        .extracting(InputProblem.Field::field)
                        .containsExactly(field));
    }
}
