package zestbench.core.amps;

/** Amps of a motor that stands under voltage, against those it runs with. */
public final class StandingAmps {
    private static final double LEAST = 2.5;
    private static final double MOST = 10;

    private StandingAmps() {}

    /**
     * Whether two figures of one motor can hardly be both right: it draws three to eight times its running amps while it
     * stands, a little less or more at the edges. [practice]
     *
     * @param running rated load or full load amps; NaN where not known
     * @param locked locked rotor amps; NaN where not known
     */
    public static boolean areUnlikely(double running, double locked) {
        double ratio = locked / running;
        return ratio < LEAST || ratio > MOST;
    }
}
