package zestbench.core.judgement;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import zestbench.core.quantity.Limits;
import zestbench.core.quantity.Quantity;
import zestbench.core.quantity.Reading;

/** The axis always runs from rated −15 % to rated +15 %, so that a small miss looks small. */
class ScaleTest {
    @ParameterizedTest(name = "{0} of a rated 50 stands at {1} %, {2}")
    @CsvSource({"50, 50, NO", "47, 30, NO", "42.5, 0, NO", "57.49, 99.933333, NO", "42, 0, UNDER", "58, 100, OVER"})
    void aReadingStandsWhereItLies(double reading, double at, Scale.Off off) {
        Scale scale = scale(reading, new Limits(47, 53));
        assertThat(scale.valueAt()).isCloseTo(at, within(1e-6));
        assertThat(scale.off()).isEqualTo(off);
        assertThat(scale.lowAt()).isCloseTo(30, within(1e-6));
        assertThat(scale.highAt()).isCloseTo(70, within(1e-6));
        assertThat(scale.doubtFrom()).isLessThanOrEqualTo(scale.valueAt());
        assertThat(scale.doubtTo()).isGreaterThanOrEqualTo(scale.valueAt());
    }

    @Test
    void aWideBandStillFitsAndNoFigureHasNoScale() {
        Scale wide = scale(50, new Limits(40, 60));
        assertThat(wide.lowAt()).isBetween(0.0, 50.0);
        assertThat(wide.highAt()).isBetween(50.0, 100.0);
        Judged open = new Judged(
                "HERM",
                Verdict.FAILED,
                Reading.open(Quantity.MICROFARADS),
                0,
                50.0,
                new Limits(47, 53),
                Reckoning.of(Mark.PRACTICE, "open"));
        assertThat(Scale.of(open, null)).isNull();
    }

    private static Scale scale(double reading, Limits limits) {
        return Scale.of(
                new Judged(
                        "HERM",
                        Verdict.GOOD,
                        Reading.of(Quantity.MICROFARADS, reading),
                        1,
                        50.0,
                        limits,
                        Reckoning.of(Mark.PRACTICE, "x")),
                null);
    }

    /** The last visit's mark stands where that reading would, and not at an end it lies beyond. */
    @Test
    void theLastVisitHasAMarkOnTheSameAxis() {
        Judged now = new Judged(
                "HERM",
                Verdict.GOOD,
                Reading.of(Quantity.MICROFARADS, 49),
                1,
                50.0,
                new Limits(47.5, 52.5),
                Reckoning.of(Mark.PRACTICE, "x"));
        Scale atLast = Scale.of(now, 49.0);
        assertThat(atLast.lastAt()).isEqualTo(atLast.valueAt());
        assertThat(Scale.of(now, 20.0).lastAt()).isNull();
        assertThat(Scale.of(now, null).lastAt()).isNull();
    }
}
