package zestbench.core.quantity;

/** What a motor gives at its shaft, against what it takes from the line. [physics] */
public final class ShaftPower {
    /** One mechanical horsepower, 550 ft·lbf/s. */
    private static final double WATTS_PER_HORSEPOWER = 745.7;

    private ShaftPower() {}

    /**
     * Whether a rating cannot be: no motor gives more than all that it takes, its power factor and efficiency taken as one.
     *
     * @param volts the highest rated
     * @param amps the highest rated
     * @param phases 1 or 3; others are taken as 3, which allows more
     */
    public static boolean isImpossible(double horsepower, double volts, double amps, double phases) {
        double taken = volts * amps * (phases == 1 ? 1 : Math.sqrt(3));
        return horsepower * WATTS_PER_HORSEPOWER > taken && taken > 0;
    }

    /** Why a rating cannot be, in words. */
    public static String words(double horsepower, double volts, double amps) {
        return Figures.plain(horsepower) + " hp is more than " + Figures.plain(amps) + " A of " + Figures.plain(volts)
                + " V can give: compare with the label";
    }
}
