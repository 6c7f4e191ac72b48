package zestbench.core.judgement;

import zestbench.core.quantity.Limits;

/** Guarded acceptance: a value passes or fails only where the meter's doubt is clear of the limit. [JCGM 106:2012] */
public final class Guard {
    private Guard() {}

    /** GOOD, FAILED, or TOO_CLOSE where the meter cannot tell. */
    public static Verdict judge(double x, Limits limits, double uncertainty) {
        if (x < limits.low() - uncertainty || x > limits.high() + uncertainty) {
            return Verdict.FAILED;
        }
        boolean clear = x >= limits.low() + uncertainty && x <= limits.high() - uncertainty;
        return clear ? Verdict.GOOD : Verdict.TOO_CLOSE;
    }

    /** Whether any value at all could be proved good: the band is wider than twice the doubt. */
    public static boolean canProve(Limits limits, double uncertainty) {
        return limits.low() + uncertainty <= limits.high() - uncertainty;
    }
}
