package zestbench.core.proof;

import zestbench.core.quantity.InputProblem;

/**
 * Height of a site over the sea, which moves the zero of a gauge.
 *
 * @param feet −1,500 to 15,000
 */
public record Altitude(double feet) {
    /** One standard atmosphere. */
    public static final double SEA_LEVEL_PSIA = 14.696;

    public static final Altitude SEA_LEVEL = new Altitude(0);

    private static final double LOWEST = -1_500;
    private static final double HIGHEST = 15_000;
    private static final double LAPSE_PER_FOOT = 6.8756e-6;
    private static final double EXPONENT = 5.2559;

    public Altitude {
        InputProblem.require(
                feet >= LOWEST && feet <= HIGHEST, "altitudeFeet", feet, "give −1,500 to 15,000 feet over the sea");
    }

    /** Pressure of the air at this height. [standard: U.S. Standard Atmosphere 1976] */
    public double atmospherePsia() {
        return SEA_LEVEL_PSIA * Math.pow(1 - LAPSE_PER_FOOT * feet, EXPONENT);
    }
}
