package zestbench.core.capacitor;

import zestbench.core.family.Spec;
import zestbench.core.quantity.Figures;
import zestbench.core.quantity.InputProblem;
import zestbench.core.quantity.Limits;

/**
 * How far a capacitor may lie from its rated value.
 *
 * @param plusPercent above it, 0 to 100
 * @param minusPercent below it, 0 to 100
 * @param printed false where the label is silent and the usual one is taken
 */
public record Tolerance(double plusPercent, double minusPercent, boolean printed) {
    /** Taken where a label cannot be read. [practice] */
    public static final Tolerance USUAL = new Tolerance(6, 6, false);

    private static final double NEARLY = 1;

    public Tolerance {
        InputProblem.require(plusPercent <= 100, "tolerancePlusPercent", plusPercent, "give 0 to 100 %");
        InputProblem.require(minusPercent <= 100, "toleranceMinusPercent", minusPercent, "give 0 to 100 %");
    }

    public static Tolerance plusMinus(double percent) {
        return new Tolerance(percent, percent, true);
    }

    static Tolerance from(Spec spec) {
        if (!spec.has("tolerancePlusPercent") && !spec.has("toleranceMinusPercent")) {
            return USUAL;
        }
        double plus = spec.number("tolerancePlusPercent").orElse(USUAL.plusPercent);
        double minus = spec.number("toleranceMinusPercent").orElse(USUAL.minusPercent);
        return new Tolerance(plus, minus, true);
    }

    /** The band around {@code rated}, in its unit. */
    public Limits around(double rated) {
        return new Limits(rated * (1 - minusPercent / 100), rated * (1 + plusPercent / 100));
    }

    /** The value below which more than half of the lower tolerance is used up. */
    public double weakBelow(double rated) {
        return Figures.tidy(rated * (1 - minusPercent / 200));
    }

    public boolean isWithin(Tolerance other) {
        return plusPercent <= other.plusPercent && minusPercent <= other.minusPercent;
    }

    /** Whether it is no more than one point wider than {@code other}: ±6 for ±5. [practice] */
    boolean isNearly(Tolerance other) {
        return plusPercent <= other.plusPercent + NEARLY && minusPercent <= other.minusPercent + NEARLY;
    }

    public String text() {
        String plus = Figures.plain(plusPercent);
        String minus = Figures.plain(minusPercent);
        return plus.equals(minus) ? "±" + plus + " %" : "+" + plus + " −" + minus + " %";
    }
}
