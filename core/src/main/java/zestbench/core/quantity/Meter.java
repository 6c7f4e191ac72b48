package zestbench.core.quantity;

import org.jspecify.annotations.Nullable;

/**
 * How far a meter can be trusted: a share of the reading and a number of last-digit steps.
 *
 * @param percent of the reading, 0 to 50
 * @param counts of the smallest step, 0 to 1,000
 * @param resolution the smallest step, where known; else that of a 6,000-count meter
 * @param range the largest value it shows, where known
 */
public record Meter(
        double percent,
        double counts,
        @Nullable Double resolution,
        @Nullable Double range) {
    /** 2 % + 5 counts, 6,000 counts. [practice] */
    public static final Meter USUAL = new Meter(2, 5, null, null);

    private static final double MOST_PERCENT = 50;
    private static final double MOST_COUNTS = 1_000;

    public Meter {
        InputProblem.require(
                percent >= 0 && percent <= MOST_PERCENT, "meter.percent", percent, "give 0 to 50 % of the reading");
        InputProblem.require(counts >= 0 && counts <= MOST_COUNTS, "meter.counts", counts, "give 0 to 1,000 counts");
        InputProblem.require(
                resolution == null || (resolution > 0 && Double.isFinite(resolution)),
                "meter.resolution",
                resolution,
                "the smallest step is a number above 0");
        InputProblem.require(
                range == null || (range > 0 && Double.isFinite(range)),
                "meter.range",
                range,
                "the largest value shown is a number above 0");
    }

    /** The half-width of the meter's doubt about {@code reading}, in the quantity's unit. */
    public double uncertaintyOf(Reading reading) {
        return Figures.tidy(reading.value() * percent / 100 + counts * resolutionOf(reading));
    }

    /** Whether its highest range shows values up to {@code value}. */
    public boolean reaches(Quantity quantity, double value) {
        return value <= (range != null ? range : quantity.usualRange());
    }

    public String text() {
        return Figures.plain(percent) + " % + " + Figures.plain(counts);
    }

    private double resolutionOf(Reading reading) {
        if (reading.resolution() != null) {
            return reading.resolution();
        }
        return resolution != null ? resolution : reading.quantity().resolutionAt(reading.value());
    }
}
