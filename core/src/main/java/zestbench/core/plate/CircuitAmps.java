package zestbench.core.plate;

import java.util.List;
import zestbench.core.judgement.Mark;
import zestbench.core.judgement.Reckoning;
import zestbench.core.quantity.Figures;

/** What a plate's circuit figures follow from: its motors, the largest of them weighted. */
public final class CircuitAmps {
    /** Standard ratings of fuses and breakers. [NEC 240.6(A)] */
    public static final List<Integer> STANDARD_RATINGS = List.of(
            15, 20, 25, 30, 35, 40, 45, 50, 60, 70, 80, 90, 100, 110, 125, 150, 175, 200, 225, 250, 300, 350, 400, 450,
            500, 600);

    private static final double LARGEST_FOR_AMPACITY = 1.25;
    private static final double LARGEST_FOR_PROTECTION = 2.25;

    private CircuitAmps() {}

    /** 1.25 × the largest + the others. [NEC 440.33] */
    public static double minimumCircuitAmps(List<Double> motors) {
        return Figures.tidy(weighted(motors, LARGEST_FOR_AMPACITY));
    }

    /**
     * The largest fuse or breaker: 2.25 × the largest + the others, down to a standard size and not under 15 A; where
     * that is below MCA the next size above it. [NEC 440.22(A), 440.22(B)(1), 240.6(A)]
     */
    public static int protectionCeiling(List<Double> motors) {
        double ceiling = weighted(motors, LARGEST_FOR_PROTECTION);
        double least = weighted(motors, LARGEST_FOR_AMPACITY);
        int size = STANDARD_RATINGS.get(0);
        for (int rating : STANDARD_RATINGS) {
            size = rating <= ceiling ? rating : size;
        }
        if (size >= least) {
            return size;
        }
        for (int rating : STANDARD_RATINGS) {
            if (rating >= least) {
                return rating;
            }
        }
        return STANDARD_RATINGS.get(STANDARD_RATINGS.size() - 1);
    }

    static Reckoning ampacityReckoning(List<Double> motors) {
        return Reckoning.of(
                Mark.standard("NEC 440.33"),
                "1.25 × {}{} = {} A.",
                largest(motors),
                others(motors),
                Figures.plain(minimumCircuitAmps(motors)));
    }

    static Reckoning ceilingReckoning(List<Double> motors) {
        return Reckoning.of(
                Mark.standard("NEC 440.22, 240.6(A)"),
                "2.25 × {}{} = {} A, a standard size of {} A at the most.",
                largest(motors),
                others(motors),
                Figures.plain(Figures.tidy(weighted(motors, LARGEST_FOR_PROTECTION))),
                protectionCeiling(motors));
    }

    private static String others(List<Double> motors) {
        double rest = Figures.tidy(sum(motors) - largest(motors));
        return rest > 0 ? " + " + Figures.plain(rest) : "";
    }

    private static double weighted(List<Double> motors, double weight) {
        return sum(motors) + (weight - 1) * largest(motors);
    }

    private static double largest(List<Double> motors) {
        double largest = 0;
        for (double amps : motors) {
            largest = Math.max(largest, amps);
        }
        return largest;
    }

    private static double sum(List<Double> motors) {
        double sum = 0;
        for (double amps : motors) {
            sum += amps;
        }
        return sum;
    }
}
