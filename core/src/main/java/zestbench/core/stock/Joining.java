package zestbench.core.stock;

import java.util.ArrayList;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;

/** Lays shares of two terminals onto as few physical pieces as they allow. */
final class Joining {
    private Joining() {}

    static <P> List<Combination.Piece<P>> alone(List<Share<P>> shares) {
        List<List<Integer>> masks = new ArrayList<>();
        List<Lot<P>> lots = new ArrayList<>();
        for (Share<P> share : shares) {
            lots.add(share.lot());
            masks.add(List.of(share.mask()));
        }
        return withUnits(lots, masks);
    }

    /** Each share of the second terminal goes onto a piece of the first where its sections are still free there. */
    static <P> List<Combination.Piece<P>> of(List<Share<P>> first, List<Share<P>> second) {
        int[] onto = best(first, second, 0, new int[second.size()], new boolean[first.size()]);
        List<Lot<P>> lots = new ArrayList<>();
        List<List<Integer>> masks = new ArrayList<>();
        for (Share<P> share : first) {
            lots.add(share.lot());
            masks.add(List.of(share.mask(), 0));
        }
        for (int j = 0; j < second.size(); j++) {
            if (onto[j] > 0) {
                masks.set(onto[j] - 1, disjoint(first.get(onto[j] - 1), second.get(j)));
            } else {
                lots.add(second.get(j).lot());
                masks.add(List.of(0, second.get(j).mask()));
            }
        }
        return withUnits(lots, masks);
    }

    static <P> boolean isInStock(List<Combination.Piece<P>> pieces) {
        for (Combination.Piece<P> piece : pieces) {
            if (piece.unit() == NONE) {
                return false;
            }
        }
        return true;
    }

    private static final Lot.Unit NONE = new Lot.Unit("", 0);

    /** For each second share the first share (from 1) it goes onto, or 0; as many as can be. */
    private static <P> int[] best(List<Share<P>> first, List<Share<P>> second, int j, int[] onto, boolean[] used) {
        if (j == second.size()) {
            return onto.clone();
        }
        int[] best = null;
        for (int i = 0; i < first.size(); i++) {
            boolean fits = !used[i]
                    && first.get(i).lot() == second.get(j).lot()
                    && !disjoint(first.get(i), second.get(j)).isEmpty();
            if (fits) {
                used[i] = true;
                onto[j] = i + 1;
                best = more(best, best(first, second, j + 1, onto, used));
                used[i] = false;
                onto[j] = 0;
            }
        }
        return more(best, best(first, second, j + 1, onto, used));
    }

    private static int[] more(int @org.jspecify.annotations.Nullable [] left, int[] right) {
        return left != null && joined(left) >= joined(right) ? left : right;
    }

    private static int joined(int[] onto) {
        int count = 0;
        for (int target : onto) {
            count += target > 0 ? 1 : 0;
        }
        return count;
    }

    /** Two disjoint choices of sections with the values of both shares; empty where there are none. */
    private static <P> List<Integer> disjoint(Share<P> first, Share<P> second) {
        if ((first.mask() & second.mask()) == 0) {
            return List.of(first.mask(), second.mask());
        }
        int one = lowest(first, 0);
        int two = lowest(second, one);
        return two == 0 ? List.of() : List.of(one, two);
    }

    /** Sections of the same values, the first ones there are outside {@code taken}; 0 where there are not enough. */
    private static <P> int lowest(Share<P> share, int taken) {
        List<Long> values = share.lot().values();
        int mask = 0;
        for (int i = 0; i < values.size(); i++) {
            if ((share.mask() & (1 << i)) == 0) {
                continue;
            }
            int free = 0;
            while (free < values.size()
                    && (((taken | mask) & (1 << free)) != 0 || !values.get(free).equals(values.get(i)))) {
                free++;
            }
            if (free == values.size()) {
                return 0;
            }
            mask |= 1 << free;
        }
        return mask;
    }

    private static <P> List<Combination.Piece<P>> withUnits(List<Lot<P>> lots, List<List<Integer>> masks) {
        Map<Lot<P>, Integer> taken = new IdentityHashMap<>();
        List<Combination.Piece<P>> out = new ArrayList<>();
        for (int i = 0; i < lots.size(); i++) {
            Lot<P> lot = lots.get(i);
            int n = taken.merge(lot, 1, Integer::sum) - 1;
            Lot.Unit unit = n < lot.units().size() ? lot.units().get(n) : NONE;
            out.add(new Combination.Piece<>(lot, unit, masks.get(i)));
        }
        return out;
    }
}
