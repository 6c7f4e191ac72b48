package zestbench.core.capacitor;

import java.util.ArrayList;
import java.util.List;
import zestbench.core.stock.Combination;
import zestbench.core.stock.Lot;
import zestbench.core.stock.Share;

/**
 * Pieces put together to serve a requirement.
 *
 * @param shares for each terminal what serves it; empty where nothing does
 */
record Assembly(List<Combination.Piece<CapacitorRating>> pieces, List<List<Share<CapacitorRating>>> shares) {
    static Assembly of(Combination<CapacitorRating> combination, int slots) {
        List<List<Share<CapacitorRating>>> shares = new ArrayList<>();
        for (int slot = 0; slot < slots; slot++) {
            List<Share<CapacitorRating>> serving = new ArrayList<>();
            for (Combination.Piece<CapacitorRating> piece : combination.pieces()) {
                if (piece.masks().get(slot) != 0) {
                    serving.add(new Share<>(piece.lot(), piece.masks().get(slot)));
                }
            }
            shares.add(serving);
        }
        return new Assembly(combination.pieces(), shares);
    }

    /** One piece used in the way that serves best. */
    static Assembly ofOne(Requirement needed, CapacitorForm form, Lot<CapacitorRating> lot) {
        int slots = needed.slots().size();
        List<Integer> masks = switch (slots) {
            case 0 -> List.of();
            case 1 -> List.of(forOne(needed, lot));
            default -> forTwo(needed, lot);
        };
        Combination.Piece<CapacitorRating> piece =
                new Combination.Piece<>(lot, lot.units().get(0), masks);
        List<List<Share<CapacitorRating>>> shares = new ArrayList<>();
        for (int mask : masks) {
            shares.add(mask == 0 ? List.of() : List.of(new Share<>(lot, mask)));
        }
        return new Assembly(List.of(piece), shares);
    }

    /** The same one piece with another that is rated alike in its place. */
    Assembly of(Lot.Unit unit) {
        Combination.Piece<CapacitorRating> piece = pieces.get(0);
        return piece.unit().equals(unit)
                ? this
                : new Assembly(List.of(new Combination.Piece<>(piece.lot(), unit, piece.masks())), shares);
    }

    List<CapacitorRating> parts() {
        return pieces.stream().map(p -> p.lot().part()).distinct().toList();
    }

    boolean isMakeUp() {
        return shares.stream().anyMatch(s -> s.size() > 1);
    }

    /** The fewest sections that sum to the value; else the section nearest to it. */
    private static int forOne(Requirement needed, Lot<CapacitorRating> lot) {
        int best = fewest(lot, CapacitorForm.thousandths(needed.microfarads(0)), 0);
        return best != 0 ? best : nearest(lot, needed.microfarads(0));
    }

    private static List<Integer> forTwo(Requirement needed, Lot<CapacitorRating> lot) {
        CapacitorRating part = lot.part();
        long herm = CapacitorForm.thousandths(needed.microfarads(0));
        long fan = CapacitorForm.thousandths(needed.microfarads(1));
        if (part.isDual()) {
            int own = part.sections().get(0).terminal() == needed.slots().get(0) ? 0 : 1;
            boolean crossed = lot.values().get(1 - own) == herm && lot.values().get(own) == fan && herm != fan;
            int first = crossed ? 1 - own : own;
            return List.of(1 << first, 1 << (1 - first));
        }
        List<Integer> best = List.of(0, 0);
        int fewest = Integer.MAX_VALUE;
        for (int mask = 1; mask < sectionsLimit(lot); mask++) {
            int other = lot.sum(mask) == herm ? fewest(lot, fan, mask) : 0;
            int used = Integer.bitCount(mask) + Integer.bitCount(other);
            if (other != 0 && used < fewest) {
                fewest = used;
                best = List.of(mask, other);
            }
        }
        if (fewest == Integer.MAX_VALUE) {
            int single = fewest(lot, herm, 0);
            int second = single == 0 ? fewest(lot, fan, 0) : 0;
            return single == 0 && second == 0 && lot.values().size() == 1 ? List.of(1, 0) : List.of(single, second);
        }
        return best;
    }

    private static int fewest(Lot<CapacitorRating> lot, long sum, int taken) {
        int best = 0;
        for (int mask = 1; mask < sectionsLimit(lot); mask++) {
            boolean fewer = best == 0 || Integer.bitCount(mask) < Integer.bitCount(best);
            if ((mask & taken) == 0 && fewer && lot.sum(mask) == sum) {
                best = mask;
            }
        }
        return best;
    }

    private static int nearest(Lot<CapacitorRating> lot, double microfarads) {
        int best = 0;
        long wanted = CapacitorForm.thousandths(microfarads);
        for (int i = 1; i < lot.values().size(); i++) {
            if (Math.abs(lot.values().get(i) - wanted) < Math.abs(lot.values().get(best) - wanted)) {
                best = i;
            }
        }
        return lot.values().isEmpty() ? 0 : 1 << best;
    }

    private static int sectionsLimit(Lot<CapacitorRating> lot) {
        return 1 << Math.min(8, lot.values().size());
    }
}
