package zestbench.core.supply;

import java.util.ArrayList;
import java.util.List;
import zestbench.core.judgement.Demand;
import zestbench.core.judgement.Finding;
import zestbench.core.judgement.Judged;
import zestbench.core.judgement.Judgement;
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
 * Voltage unbalance of a three-phase supply: the greatest deviation from the mean, in percent of the mean. [NEMA MG 1,
 * 14.36]
 */
public final class Unbalance {
    /** To here a motor gives its full rating. [NEMA MG 1, 14.36] */
    private static final double FULL_RATING_PERCENT = 1;
    /** To here it is judged good. [practice] */
    private static final double GOOD_PERCENT = 2;
    /** What a utility is held to. [ANSI C84.1] */
    private static final double UTILITY_PERCENT = 3;
    /** Above this a motor is not run. [NEMA MG 1, 14.36] */
    private static final double NEVER_PERCENT = 5;
    /** Share of the rating at 1, 2, 3, 4 and 5 %. [NEMA MG 1, figure 14-1, from memory] */
    private static final double[] DERATING = {1.00, 0.95, 0.88, 0.82, 0.75};

    private Unbalance() {}

    /** @param readings exactly three pairs, leg to leg, none of them 0 together */
    public static Judgement judge(List<PairReading> readings, Meter meter) {
        InputProblem.require(
                readings.size() == 3
                        && readings.stream().allMatch(PairReading::isBetweenLegs)
                        && readings.stream().map(PairReading::pair).distinct().count() == 3,
                "readings",
                readings.size() + " given",
                "give the three pairs L1-L2, L2-L3 and L1-L3");
        double sum = 0;
        for (PairReading pair : readings) {
            sum += pair.volts();
        }
        InputProblem.require(sum > 0, "readings", "all 0", "there is no supply to judge");
        double mean = sum / readings.size();
        double deviation = 0;
        for (PairReading pair : readings) {
            deviation = Math.max(deviation, Math.abs(pair.volts() - mean));
        }
        double percent = Figures.tidy(100 * deviation / mean);
        Verdict verdict =
                percent > NEVER_PERCENT ? Verdict.FAILED : percent > GOOD_PERCENT ? Verdict.WEAK : Verdict.GOOD;
        Reckoning reckoning = Reckoning.of(
                Mark.standard("NEMA MG 1, 14.36"),
                "mean {} V, greatest deviation {} V: 100 × {} ÷ {} = {} %.",
                Figures.fixed(mean, 1),
                Figures.fixed(deviation, 1),
                Figures.fixed(deviation, 1),
                Figures.fixed(mean, 1),
                Figures.fixed(percent, 2));
        Judged judged = new Judged(
                "UNBALANCE",
                verdict,
                Reading.of(Quantity.PERCENT, percent),
                doubt(mean, meter),
                null,
                new Limits(0, NEVER_PERCENT),
                reckoning);
        return Judgement.of(List.of(judged), findings(percent));
    }

    /** One meter reads all three, so that its share of the reading cancels and its counts remain. [JCGM 100] */
    private static double doubt(double mean, Meter meter) {
        double counts = meter.counts() * Quantity.VOLTS.resolutionAt(mean);
        return Figures.tidy(100 * counts * Math.sqrt(4.0 / 3) / mean);
    }

    private static List<Finding> findings(double percent) {
        List<Finding> out = new ArrayList<>();
        if (percent > NEVER_PERCENT) {
            out.add(Finding.stop(Demand.UNBALANCE, "Above 5 %: do not run a motor on it."));
            return out;
        }
        if (percent > FULL_RATING_PERCENT) {
            out.add(Finding.caution(
                    "A motor gives about {} of its rating at {} %.",
                    Figures.fixed(derating(percent), 2), Figures.fixed(percent, 2)));
        }
        if (percent > UTILITY_PERCENT) {
            out.add(Finding.caution("Above 3 %, which ANSI C84.1 holds a utility to: look for it at the source too."));
        }
        return out;
    }

    /** Share of its rating that a motor gives at {@code percent}; 0 above 5 %. */
    public static double derating(double percent) {
        if (percent <= FULL_RATING_PERCENT) {
            return 1;
        }
        if (percent > NEVER_PERCENT) {
            return 0;
        }
        int below = (int) Math.min(DERATING.length - 2, Math.floor(percent) - 1);
        double share = percent - 1 - below;
        return DERATING[below] + share * (DERATING[below + 1] - DERATING[below]);
    }
}
