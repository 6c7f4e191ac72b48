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
    /** Two digits are the commonest way of printing it. [practice] */
    private static final Set<Integer> PAIRS = Set.of(18, 24, 30, 36, 42, 48, 60);

    private static final int GROUP = 3;
    private static final int PAIR = 2;
    private static final int SMALLEST = 18;
    private static final int LARGEST_SMALL = 60;
    private static final int STEP = 6;
    /** 12,000 Btu/h is one ton. */
    public static final double BTU_PER_HOUR_PER_TON = 12_000;

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
     * Every group of {@code model} that can be a capacity, in the order they stand in it. Two digits by themselves, or four,
     * are pairs; a run of six or nine digits is groups of three; in a run of another length any three may be meant.
     */
    public static List<Capacity> candidates(String model) {
        List<Capacity> out = new ArrayList<>();
        int from = 0;
        while (from < model.length()) {
            int to = from;
            while (to < model.length() && isDigit(model.charAt(to))) {
                to++;
            }
            if (to - from == PAIR || to - from == 2 * PAIR) {
                for (int i = from; i < to; i += PAIR) {
                    add(model.substring(i, i + PAIR), out);
                }
            }
            int step = (to - from) % GROUP == 0 ? GROUP : 1;
            for (int i = from; i + GROUP <= to; i += step) {
                add(model.substring(i, i + GROUP), out);
            }
            from = to + 1;
        }
        return out;
    }

    private static void add(String group, List<Capacity> out) {
        int thousands = Integer.parseInt(group);
        boolean isPair = group.length() == PAIR;
        boolean isSize = isPair ? PAIRS.contains(thousands) : isCapacity(thousands);
        if (isSize && out.stream().noneMatch(c -> c.thousands() == thousands)) {
            out.add(new Capacity(group, thousands));
        }
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
