package zestbench.core.plate;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import zestbench.core.family.Spec;
import zestbench.core.judgement.Reckoning;

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
    /** 12,000 Btu/h is one ton. */
    static final double BTU_PER_HOUR_PER_TON = 12_000;

    /**
     * A size the model number can mean.
     *
     * @param likely whether the compressors' rated-load amps go with it
     * @param reckoning amps a ton; null where no rated-load amps are known
     */
    public record Candidate(
            Capacity capacity, boolean likely, @Nullable Reckoning reckoning) {}

    /** The candidates of a plate's model number, those that go with its compressors first. */
    public static List<Candidate> ranked(Spec plate) {
        CompressorAmps amps = CompressorAmps.of(plate);
        List<Candidate> out = new ArrayList<>();
        for (Capacity each : candidates(plate.text("model").orElse(""))) {
            out.add(new Candidate(
                    each, amps.agreesWith(each.tons()), amps.isKnown() ? amps.reckoning(each.tons()) : null));
        }
        out.sort(Comparator.comparing(c -> !c.likely()));
        return out;
    }

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
        return btuPerHour() / BTU_PER_HOUR_PER_TON;
    }

    private static boolean isCapacity(int thousands) {
        return (thousands >= SMALLEST && thousands <= LARGEST_SMALL && thousands % STEP == 0)
                || LARGE.contains(thousands);
    }

    private static boolean isDigit(char c) {
        return c >= '0' && c <= '9';
    }
}
