package zestbench.benchmark;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import zestbench.benchmark.Bench.Line;

/**
 * The plainest way to the one best offer: every multiset of up to three values for each terminal, and the cheapest pieces of
 * each value. It finds no second best and says nothing of it, so it is what the search is measured beside.
 */
final class Enumeration {
    private static final int MOST_ON_TERMINAL = 3;
    private static final int MOST_OF_VALUE = 2 * MOST_ON_TERMINAL;
    private static final int TENTHS = 10;

    /** @param cents of all pieces together */
    record Best(int pieces, int cents) {}

    private final int[] tenths;
    private final int[][] cheapest;

    private Enumeration(List<Line> lines) {
        Map<Integer, List<Integer>> byValue = new TreeMap<>();
        for (Line line : lines) {
            List<Integer> costs =
                    byValue.computeIfAbsent((int) Math.round(line.microfarads() * TENTHS), v -> new ArrayList<>());
            for (int i = 0; i < Math.min(MOST_OF_VALUE, line.quantity()); i++) {
                costs.add(line.cents());
            }
        }
        tenths = byValue.keySet().stream().mapToInt(Integer::intValue).toArray();
        cheapest = new int[tenths.length][];
        for (int i = 0; i < tenths.length; i++) {
            cheapest[i] = byValue.getOrDefault(tenths[i], List.of()).stream()
                    .sorted(Comparator.naturalOrder())
                    .limit(MOST_OF_VALUE)
                    .mapToInt(Integer::intValue)
                    .toArray();
        }
    }

    static Best best(List<Line> lines, double herm, double fan) {
        Enumeration all = new Enumeration(lines);
        Best best = new Best(Integer.MAX_VALUE, Integer.MAX_VALUE);
        List<int[]> onFan = all.of((int) Math.round(fan * TENTHS));
        for (int[] first : all.of((int) Math.round(herm * TENTHS))) {
            for (int[] second : onFan) {
                int pieces = first.length + second.length;
                if (pieces <= best.pieces()) {
                    int cents = all.cents(first, second);
                    if (cents >= 0 && (pieces < best.pieces() || cents < best.cents())) {
                        best = new Best(pieces, cents);
                    }
                }
            }
        }
        return best;
    }

    /** Multisets of values that add up to {@code sum}, as places in the list of values. */
    private List<int[]> of(int sum) {
        List<int[]> out = new ArrayList<>();
        for (int a = 0; a < tenths.length; a++) {
            if (tenths[a] == sum) {
                out.add(new int[] {a});
            }
            for (int b = a; b < tenths.length; b++) {
                if (tenths[a] + tenths[b] == sum) {
                    out.add(new int[] {a, b});
                }
                for (int c = b; c < tenths.length; c++) {
                    if (tenths[a] + tenths[b] + tenths[c] == sum) {
                        out.add(new int[] {a, b, c});
                    }
                }
            }
        }
        return out;
    }

    /** What the cheapest pieces cost; below 0 where there are not so many. */
    private int cents(int[] first, int[] second) {
        int[] used = new int[tenths.length];
        int cents = 0;
        for (int[] some : List.of(first, second)) {
            for (int value : some) {
                if (used[value] == cheapest[value].length) {
                    return -1;
                }
                cents += cheapest[value][used[value]++];
            }
        }
        return cents;
    }
}
