package zestbench.core.safety;

import java.util.ArrayList;
import java.util.List;
import zestbench.core.judgement.Finding;
import zestbench.core.judgement.Mark;
import zestbench.core.judgement.Reckoning;
import zestbench.core.quantity.Figures;
import zestbench.core.quantity.InputProblem;

/**
 * What a capacitor holds and how a resistor takes it away.
 *
 * @param joules stored at the peak
 * @param seconds until 50 V are left
 * @param watts in the resistor at the first instant
 */
public record Discharge(
        double joules, double seconds, double watts, List<Reckoning> reckonings, List<Finding> findings) {
    /** Counted as harmless to touch. [practice] */
    public static final double SAFE_VOLTS = 50;

    /** A resistor that is at hand and quick enough. [practice] */
    public static final double USUAL_OHMS = 20_000;
    /** Taken where the capacitor's volts were not read: the higher of the usual two. [practice] */
    public static final double USUAL_VOLTS = 440;

    private static final double MICRO = 1_000_000;
    private static final double TOO_SLOW_SECONDS = 30;

    /**
     * From the peak of {@code volts} rms down to 50 V through {@code ohms}.
     *
     * @param microfarads above 0
     * @param volts rms, above 0
     * @param ohms above 0
     */
    public static Discharge of(double microfarads, double volts, double ohms) {
        InputProblem.require(microfarads > 0 && microfarads < MICRO, "microfarads", microfarads, "give µF above 0");
        InputProblem.require(volts > 0 && volts < 10_000, "volts", volts, "give rms volts above 0");
        InputProblem.require(ohms > 0 && Double.isFinite(ohms), "ohms", ohms, "give the resistor's ohms, above 0");
        double farads = microfarads / MICRO;
        double peak = volts * Math.sqrt(2);
        double joules = farads * peak * peak / 2;
        double tau = ohms * farads;
        double seconds = Math.max(0, tau * Math.log(peak / SAFE_VOLTS));
        double watts = peak * peak / ohms;
        List<Reckoning> reckonings = List.of(
                Reckoning.of(
                        Mark.PHYSICS, "½ × {} µF × ({} V × √2)² = {} J.", microfarads, volts, Figures.fixed(joules, 2)),
                Reckoning.of(
                        Mark.PHYSICS,
                        "{} Ω × {} µF = {} s; from {} V to 50 V takes {} s.",
                        ohms,
                        microfarads,
                        Figures.fixed(tau, 2),
                        Figures.fixed(peak, 1),
                        Figures.fixed(seconds, 2)),
                Reckoning.of(
                        Mark.PHYSICS,
                        "First instant {}² ÷ {} = {} W.",
                        Figures.fixed(peak, 1),
                        ohms,
                        Figures.fixed(watts, 1)));
        List<Finding> findings = new ArrayList<>();
        if (seconds > TOO_SLOW_SECONDS) {
            findings.add(Finding.caution(
                    "{} s is too slow to be a tool: take a resistor near 20 kΩ.", Figures.fixed(seconds, 0)));
        }
        return new Discharge(joules, seconds, watts, reckonings, findings);
    }
}
