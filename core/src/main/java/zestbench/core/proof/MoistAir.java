package zestbench.core.proof;

import java.util.Optional;

/**
 * Air with the water in it, from dry bulb and wet bulb. [standard: ASHRAE Handbook, Fundamentals (2017), chapter 1, equations 5,
 * 6, 21, 26, 28 and 33, in inch-pound units]
 *
 * @param humidityRatio pounds of water to a pound of dry air
 * @param btuPerPound enthalpy, BTU to a pound of dry air, 0 at 0 °F
 * @param cubicFeetPerPound volume of a pound of dry air with its water
 */
public record MoistAir(double humidityRatio, double btuPerPound, double cubicFeetPerPound) {
    private static final double RANKINE = 459.67;
    private static final double FREEZING = 32;
    private static final double WATER_TO_AIR = 0.621945;

    /** Empty where no air reads so. @param dryBulb °F @param wetBulb °F @param psia of the air */
    public static Optional<MoistAir> of(double dryBulb, double wetBulb, double psia) {
        double saturation = saturationPsia(wetBulb);
        double saturated = WATER_TO_AIR * saturation / (psia - saturation);
        double ratio = wetBulb >= FREEZING
                ? ((1093 - 0.556 * wetBulb) * saturated - 0.240 * (dryBulb - wetBulb))
                        / (1093 + 0.444 * dryBulb - wetBulb)
                : ((1220 - 0.04 * wetBulb) * saturated - 0.240 * (dryBulb - wetBulb))
                        / (1220 + 0.444 * dryBulb - 0.48 * wetBulb);
        if (wetBulb > dryBulb || ratio < 0) {
            return Optional.empty();
        }
        return Optional.of(new MoistAir(
                ratio,
                0.240 * dryBulb + ratio * (1061 + 0.444 * dryBulb),
                0.370486 * (dryBulb + RANKINE) * (1 + 1.607858 * ratio) / psia));
    }

    /** Pressure of saturated water vapour, over ice below freezing. @param fahrenheit −148 to 392 */
    static double saturationPsia(double fahrenheit) {
        double t = fahrenheit + RANKINE;
        double log = fahrenheit < FREEZING
                ? -1.0214165e4 / t
                        - 4.8932428
                        - 5.3765794e-3 * t
                        + 1.9202377e-7 * t * t
                        + 3.5575832e-10 * t * t * t
                        - 9.0344688e-14 * t * t * t * t
                        + 4.1635019 * Math.log(t)
                : -1.0440397e4 / t
                        - 1.1294650e1
                        - 2.7022355e-2 * t
                        + 1.2890360e-5 * t * t
                        - 2.4780681e-9 * t * t * t
                        + 6.5459673 * Math.log(t);
        return Math.exp(log);
    }
}
