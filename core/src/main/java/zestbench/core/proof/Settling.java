package zestbench.core.proof;

import java.util.List;

/**
 * Whether a unit that was started has settled: ten minutes of running and two splits in a row that agree, or fifteen
 * minutes. [practice]
 *
 * @param fromMillis when readings begin to count
 * @param untilMillis when they count in any case
 */
public record Settling(long sinceMillis, long fromMillis, long untilMillis) {
    private static final long MILLIS_PER_MINUTE = 60_000;
    private static final long LEAST_MINUTES = 10;
    private static final long MOST_MINUTES = 15;
    private static final double AGREE_FAHRENHEIT = 1;

    /** A temperature split at an instant. */
    public record Split(long atMillis, double fahrenheit) {}

    public static Settling since(long startedMillis) {
        return new Settling(
                startedMillis,
                startedMillis + LEAST_MINUTES * MILLIS_PER_MINUTE,
                startedMillis + MOST_MINUTES * MILLIS_PER_MINUTE);
    }

    /** Whether what was read at {@code atMillis}, after these splits, is of a settled unit. */
    public boolean isSettled(long atMillis, List<Split> splits) {
        if (atMillis >= untilMillis) {
            return true;
        }
        if (atMillis < fromMillis || splits.size() < 2) {
            return false;
        }
        Split last = splits.get(splits.size() - 1);
        Split before = splits.get(splits.size() - 2);
        return last.atMillis() >= fromMillis && Math.abs(last.fahrenheit() - before.fahrenheit()) <= AGREE_FAHRENHEIT;
    }
}
