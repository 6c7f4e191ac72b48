package zestbench.core.stock;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import zestbench.core.judgement.Grade;

/** All ways to serve one terminal with one, two or three pieces, cheapest first; worked out when asked for. */
final class Servings<P> {
    /** One way. */
    record Serving<P>(List<Share<P>> shares, Grade grade, double error, double cost) {}

    private static final int MOST_SECTIONS = 8;

    private final int slot;
    private final Want want;
    private final Rules<P> rules;
    /** The values that can be given, rising, and what gives each. */
    private final long[] values;

    private final List<List<Share<P>>> giving;
    private final Map<Integer, List<Serving<P>>> bySize = new TreeMap<>();
    private final Budget budget;

    Servings(int slot, Want want, List<Lot<P>> lots, Rules<P> rules, Budget budget) {
        this.slot = slot;
        this.want = want;
        this.rules = rules;
        this.budget = budget;
        TreeMap<Long, List<Share<P>>> byValue = new TreeMap<>();
        for (Lot<P> lot : lots) {
            for (Share<P> share : distinctShares(lot)) {
                long sum = share.sum();
                if (sum <= want.high()) {
                    byValue.computeIfAbsent(sum, v -> new ArrayList<>()).add(share);
                }
            }
        }
        values = byValue.keySet().stream().mapToLong(Long::longValue).toArray();
        giving = new ArrayList<>(byValue.values());
    }

    List<Serving<P>> ofSize(int size) {
        List<Serving<P>> known = bySize.get(size);
        if (known == null) {
            known = new ArrayList<>();
            extend(new ArrayList<>(), size, 0, 0, 0, known);
            known.sort(Comparator.comparingDouble((Serving<P> s) -> s.error()).thenComparingDouble(s -> s.cost()));
            bySize.put(size, known);
        }
        return known;
    }

    /** Adds shares in rising order of value, and of place within one value, so that each multiset comes once. */
    private void extend(List<Share<P>> soFar, int left, long sum, int fromValue, int fromPlace, List<Serving<P>> out) {
        if (left == 0) {
            add(soFar, sum, out);
            return;
        }
        for (int at = fromValue; at < values.length && sum + left * values[at] <= want.high(); at++) {
            if (left == 1 && sum + values[at] < want.low()) {
                continue;
            }
            List<Share<P>> shares = giving.get(at);
            for (int place = at == fromValue ? fromPlace : 0; place < shares.size(); place++) {
                soFar.add(shares.get(place));
                extend(soFar, left - 1, sum + values[at], at, place, out);
                soFar.remove(soFar.size() - 1);
            }
        }
    }

    private void add(List<Share<P>> shares, long sum, List<Serving<P>> out) {
        budget.spend();
        if (!inStock(shares)) {
            return;
        }
        Grade grade = rules.serving(slot, shares);
        if (grade.fits()) {
            double cost = 0;
            for (Share<P> share : shares) {
                cost += share.lot().units().get(0).cost();
            }
            out.add(new Serving<>(List.copyOf(shares), grade, want.error(sum), cost));
        }
    }

    private static <P> boolean inStock(List<Share<P>> shares) {
        for (Share<P> share : shares) {
            int needed = 0;
            for (Share<P> other : shares) {
                needed += other.lot() == share.lot() ? 1 : 0;
            }
            if (needed > share.lot().units().size()) {
                return false;
            }
        }
        return true;
    }

    /** Every non-empty choice of sections, one for each multiset of their values. */
    private static <P> List<Share<P>> distinctShares(Lot<P> lot) {
        int sections = Math.min(MOST_SECTIONS, lot.values().size());
        List<Share<P>> out = new ArrayList<>();
        List<List<Long>> seen = new ArrayList<>();
        for (int mask = 1; mask < 1 << sections; mask++) {
            List<Long> values = valuesOf(lot, mask);
            if (!seen.contains(values)) {
                seen.add(values);
                out.add(new Share<>(lot, mask));
            }
        }
        return out;
    }

    private static <P> List<Long> valuesOf(Lot<P> lot, int mask) {
        List<Long> values = new ArrayList<>();
        for (int i = 0; i < lot.values().size(); i++) {
            if ((mask & (1 << i)) != 0) {
                values.add(lot.values().get(i));
            }
        }
        values.sort(Comparator.naturalOrder());
        return values;
    }
}
