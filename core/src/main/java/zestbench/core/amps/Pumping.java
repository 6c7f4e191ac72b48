package zestbench.core.amps;

import zestbench.core.judgement.Demand;
import zestbench.core.judgement.Finding;

/**
 * Whether a compressor that has run for a minute moves refrigerant. Near-equal pressures decide alone, whatever it draws:
 * amps, superheat, subcooling and split then say nothing. [practice]
 */
public final class Pumping {
    /** Under this difference between liquid and suction it does not pump, in psi. */
    private static final double LEAST_DIFFERENCE_PSI = 30;
    /** Under this ratio of the absolute pressures it does not either. */
    private static final double LEAST_RATIO = 1.3;

    private Pumping() {}

    /**
     * @param suctionPsig at the suction service port
     * @param liquidPsig at the liquid service port
     * @param atmospherePsia of the site, 14.7 at sea level
     */
    public static boolean isEqual(double suctionPsig, double liquidPsig, double atmospherePsia) {
        double suction = suctionPsig + atmospherePsia;
        return liquidPsig - suctionPsig < LEAST_DIFFERENCE_PSI
                || (suction > 0 && (liquidPsig + atmospherePsia) / suction < LEAST_RATIO);
    }

    /** What is to be said of a compressor that runs with near-equal pressures. */
    public static Finding stop() {
        return Finding.stop(
                Demand.PUMPING,
                "Runs but does not pump: near-equal pressures decide, whatever it draws. On three phases it may "
                        + "turn backwards, on a heat pump the reversing valve may by-pass; a start device may be tried once.");
    }
}
