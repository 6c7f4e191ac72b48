package zestbench.core.capacitor;

import org.jspecify.annotations.Nullable;
import zestbench.core.family.TestRequest.Derived;
import zestbench.core.family.TestRequest.SectionReading;
import zestbench.core.judgement.Mark;
import zestbench.core.judgement.Reckoning;
import zestbench.core.quantity.Figures;
import zestbench.core.quantity.InputProblem;
import zestbench.core.quantity.Meter;
import zestbench.core.quantity.Quantity;
import zestbench.core.quantity.Reading;

/**
 * Capacitance worked out with the motor running: C = I / (2πfV), the amps in the start-winding wire, the volts across
 * the capacitor.
 *
 * @param microfarads the capacitance
 * @param uncertainty the meter's doubt about it, in µF
 * @param volts across the capacitor
 */
public record UnderLoad(double microfarads, double uncertainty, double volts, Reckoning reckoning) {
    private static final double MICRO = 1_000_000;
    /** The doubts of two independent readings add in squares. */
    private static final Mark COMBINED = Mark.standard("JCGM 100, 5.1.2 combined standard uncertainty");

    /** @param hertz 50 or 60 */
    public static UnderLoad of(double amps, double volts, double hertz, Meter meter) {
        InputProblem.require(amps > 0 && Double.isFinite(amps), "amps", amps, "give the start-winding amps, above 0");
        InputProblem.require(
                volts > 0 && Double.isFinite(volts), "volts", volts, "give the volts across the capacitor, above 0");
        InputProblem.require(hertz == 50 || hertz == 60, "hertz", hertz, "give 50 or 60");
        double microfarads = MICRO * amps / (2 * Math.PI * hertz * volts);
        double shareOfAmps = meter.uncertaintyOf(Reading.of(Quantity.AMPS, amps)) / amps;
        double shareOfVolts = meter.uncertaintyOf(Reading.of(Quantity.VOLTS, volts)) / volts;
        double share = Math.sqrt(shareOfAmps * shareOfAmps + shareOfVolts * shareOfVolts);
        double rounded = Double.parseDouble(Figures.fixed(microfarads, 2));
        double uncertainty = Double.parseDouble(Figures.fixed(microfarads * share, 3));
        return new UnderLoad(
                rounded,
                uncertainty,
                volts,
                Reckoning.of(
                        COMBINED,
                        "1,000,000 × {} A ÷ (2π × {} Hz × {} V) = {} µF ±{}.",
                        amps,
                        hertz,
                        volts,
                        Figures.fixed(microfarads, 2),
                        uncertainty));
    }

    /** The same as a reading of {@code section}, with its own doubt. */
    public SectionReading of(@Nullable String section) {
        return new SectionReading(
                section, Reading.of(Quantity.MICROFARADS, microfarads), new Derived(uncertainty, reckoning, volts));
    }
}
