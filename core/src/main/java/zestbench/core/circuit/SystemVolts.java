package zestbench.core.circuit;

/**
 * Nominal voltages of supply systems, and which of them a rated voltage is made for. A rated (utilisation) name lies below
 * the system it serves: 230 serves 240. [ANSI C84.1, NEMA MG 1, from memory]
 */
public final class SystemVolts {
    /** Hz. What a supply has where nobody says otherwise. [practice] */
    public static final double USUAL_HERTZ = 60;
    /**
     * V. From here on a circuit is fed from leg to leg: a 120 V one never reads so much, the lowest of 208 V, sagging, never so
     * little. [physics, over ANSI C84.1]
     */
    public static final double LEG_TO_LEG_FROM = 150;
    /** As a share. A motor or start device runs so far below and above the volts it names. [NEMA MG 1, 12.44] */
    public static final double NAMED_WITHIN = 0.10;

    private static final double[] SYSTEMS = {120, 208, 240, 277, 347, 480, 600};
    /** Read between these a line may be a 208 V system that runs high or a 240 V one that sags. */
    private static final double BETWEEN_FROM = 215;

    private static final double BETWEEN_TO = 228;

    private SystemVolts() {}

    /** The system voltage nearest to what was read. */
    public static double nominal(double measured) {
        double nearest = SYSTEMS[0];
        for (double system : SYSTEMS) {
            nearest = Math.abs(system - measured) < Math.abs(nearest - measured) ? system : nearest;
        }
        return nearest;
    }

    /** Whether {@code measured} lies between a 208 and a 240 V system, so that somebody has to say which it is. */
    public static boolean isBetween(double measured) {
        return measured >= BETWEEN_FROM && measured <= BETWEEN_TO;
    }

    /** The system that a rated voltage is made for; itself where it is none of the usual names. */
    public static double servedBy(double rated) {
        if (rated == 110 || rated == 115) {
            return 120;
        }
        if (rated == 200) {
            return 208;
        }
        if (rated == 220 || rated == 230) {
            return 240;
        }
        if (rated == 265) {
            return 277;
        }
        if (rated == 440 || rated == 460) {
            return 480;
        }
        return rated == 550 || rated == 575 ? 600 : rated;
    }
}
