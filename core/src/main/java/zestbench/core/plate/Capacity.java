package zestbench.core.plate;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;

/**
 * Nominal cooling capacity by a model number's digit groups, in thousands of Btu/h; 12,000 Btu/h is one ton. [practice]
 *
 * @param group the digits, such as 036
 * @param thousands of Btu/h
 */
public record Capacity(String group, int thousands) {
    private static final Set<Integer> LARGE = Set.of(72, 90, 102, 120, 150, 180, 240, 300);
    private static final int GROUP = 3;
    private static final int SMALLEST = 18;
    private static final int LARGEST_SMALL = 60;
    private static final int STEP = 6;
    private static final double THOUSANDS_PER_TON = 12;
    /** Amps a ton of a single-phase compressor at 230 V. [practice] */
    private static final double LEAST_AMPS_PER_TON = 5;

    private static final double MOST_AMPS_PER_TON = 8;

    /**
     * Every group of {@code model} that can be a capacity, in the order they stand in it. A run of six or nine digits is
     * groups of three; in a run of another length any three may be meant.
     */
    public static List<Capacity> candidates(String model) {
        List<Capacity> out = new ArrayList<>();
        int from = 0;
        while (from < model.length()) {
            int to = from;
            while (to < model.length() && isDigit(model.charAt(to))) {
                to++;
            }
            int step = (to - from) % GROUP == 0 ? GROUP : 1;
            for (int i = from; i + GROUP <= to; i += step) {
                String group = model.substring(i, i + GROUP);
                Capacity found = new Capacity(group, Integer.parseInt(group));
                if (isCapacity(found.thousands()) && !out.contains(found)) {
                    out.add(found);
                }
            }
            from = to + 1;
        }
        return out;
    }

    public int btuPerHour() {
        return thousands * 1_000;
    }

    public double tons() {
        return thousands / THOUSANDS_PER_TON;
    }

    /** Whether a compressor of this rated-load amps, single-phase at 230 V or three-phase, goes with it. [practice] */
    public boolean agreesWith(double ratedLoadAmps, int phase) {
        double perTon = ratedLoadAmps / tons() * (phase == 3 ? Math.sqrt(3) : 1);
        return perTon >= LEAST_AMPS_PER_TON && perTon <= MOST_AMPS_PER_TON;
    }

    private static boolean isCapacity(int thousands) {
        return (thousands >= SMALLEST && thousands <= LARGEST_SMALL && thousands % STEP == 0)
                || LARGE.contains(thousands);
    }

    private static boolean isDigit(char c) {
        return c >= '0' && c <= '9';
    }
}
