package zestbench.core.amps;

import java.util.List;
import zestbench.core.judgement.Finding;
import zestbench.core.judgement.Judged;
import zestbench.core.judgement.Mark;
import zestbench.core.judgement.Reckoning;
import zestbench.core.judgement.Verdict;
import zestbench.core.quantity.Figures;
import zestbench.core.quantity.InputProblem;
import zestbench.core.quantity.Limits;
import zestbench.core.quantity.Meter;
import zestbench.core.quantity.Quantity;
import zestbench.core.quantity.Reading;

/**
 * Amps of a three-phase motor leg by leg: the greatest deviation from their mean, in percent of it. Amps go apart six to ten times as far as
 * the volts. [NEMA MG 1, 14.36]
 */
final class LegAmps {
    private static final int LEGS = 3;
    /** From here on it is looked for where it comes from. [practice] */
    private static final double APART_PERCENT = 10;
    /** Under this share of the most, a leg carries nothing. [practice] */
    private static final double LOST = 0.05;

    private static final double MOST_AMPS = 2_000;

    private LegAmps() {}

    /** The most of {@code legs}; throws where they are no three. */
    static double most(List<Double> legs) {
        InputProblem.require(
                legs.size() == LEGS && legs.stream().allMatch(a -> a >= 0 && a <= MOST_AMPS),
                "legs",
                legs,
                "give the amps of L1, L2 and L3");
        return legs.stream().max(Double::compare).orElseThrow();
    }

    static Judged judge(RunningAmps.Place place, List<Double> legs, Meter meter, List<Finding> findings) {
        double most = most(legs);
        double mean = legs.stream().mapToDouble(a -> a).average().orElse(0);
        double deviation =
                legs.stream().mapToDouble(a -> Math.abs(a - mean)).max().orElse(0);
        double percent = mean > 0 ? Math.round(1000 * deviation / mean) / 10.0 : 0;
        boolean isLost = most > 0 && legs.stream().anyMatch(a -> a < LOST * most);
        if (isLost) {
            findings.add(
                    Finding.caution(
                            "A leg carries next to nothing: a lost leg, an open contact or fuse. Volts of three pairs at the motor next."));
        } else if (percent > APART_PERCENT) {
            findings.add(Finding.caution(
                    "Legs {} % apart: volts of three pairs first. Then all three leads one place on: what stays with the line is the supply, what goes with the lead is the motor.",
                    percent));
        }
        double counts = meter.counts() * Quantity.AMPS.resolutionAt(mean);
        return new Judged(
                place.name() + " LEGS",
                isLost ? Verdict.FAILED : percent > APART_PERCENT ? Verdict.WEAK : Verdict.GOOD,
                Reading.of(Quantity.PERCENT, percent),
                mean > 0 ? Figures.tidy(100 * counts / mean) : 0,
                null,
                new Limits(0, APART_PERCENT),
                Reckoning.of(
                        Mark.PRACTICE,
                        "L1 {}, L2 {}, L3 {} A: mean {} A, greatest deviation {} A: {} %.",
                        legs.get(0),
                        legs.get(1),
                        legs.get(2),
                        Figures.fixed(mean, 1),
                        Figures.fixed(deviation, 1),
                        percent));
    }
}
