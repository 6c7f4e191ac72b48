package zestbench.core.supply;

import zestbench.core.quantity.InputProblem;

/** Volts between two legs, or a leg and ground. @param pair such as L1-L2 or L1-G @param volts from 0 to 1,000 */
public record PairReading(String pair, double volts) {
    private static final double MOST_VOLTS = 1_000;

    public PairReading {
        pair = pair.strip().replace('–', '-').replace('−', '-');
        InputProblem.require(
                pair.matches("(L[123]|N)-(L[123]|N|G|GROUND)"), "pair", pair, "name two of L1, L2, L3, N, G, as L1-L2");
        InputProblem.require(
                volts >= 0 && volts <= MOST_VOLTS, "volts", volts, "give the volts that were read, 0 to 1,000");
    }

    /** Whether it reads what feeds a load: leg to leg, or leg to neutral. */
    public boolean isLine() {
        return isBetweenLegs() || pair.endsWith("-N");
    }

    public boolean isBetweenLegs() {
        return pair.matches("L[123]-L[123]");
    }

    /** The leg both pairs have; empty where they share none. */
    static String shared(PairReading a, PairReading b) {
        for (String leg : a.pair.split("-", -1)) {
            if (b.pair.contains(leg)) {
                return leg;
            }
        }
        return "";
    }
}
