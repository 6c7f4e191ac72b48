package zestbench.core.stock;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import zestbench.core.judgement.Grade;

/**
 * Pieces that together serve every terminal.
 *
 * @param pieces one entry for each physical piece
 * @param error sum over terminals of |wanted − given| ÷ wanted
 * @param ids of the pieces in order, with repeats
 */
public record Combination<P>(List<Piece<P>> pieces, Grade grade, double error, double cost, List<String> ids) {
    /** A physical piece and what it gives to each terminal; 0 where it gives nothing. */
    public record Piece<P>(Lot<P> lot, Lot.Unit unit, List<Integer> masks) {}

    static <P> Combination<P> of(List<Piece<P>> pieces, Grade grade, double error, double cost) {
        List<String> ids = new ArrayList<>(pieces.size());
        for (Piece<P> piece : pieces) {
            ids.add(piece.unit().id());
        }
        ids.sort(Comparator.naturalOrder());
        return new Combination<>(pieces, grade, error, cost, ids);
    }

    /** Grade, then fewest pieces, then the smaller error, then cost, then ids. */
    public static <P> Comparator<Combination<P>> bestFirst() {
        return Comparator.comparing((Combination<P> c) -> c.grade())
                .thenComparingInt(c -> c.pieces().size())
                .thenComparingDouble(Combination::error)
                .thenComparingDouble(Combination::cost)
                .thenComparing(Combination::ids, Combination::compareInOrder)
                .thenComparingInt(Combination::sectionsUsed)
                .thenComparing(
                        c -> c.pieces().stream().map(Piece::masks).toList().toString());
    }

    private int sectionsUsed() {
        int count = 0;
        for (Piece<P> piece : pieces) {
            for (int mask : piece.masks()) {
                count += Integer.bitCount(mask);
            }
        }
        return count;
    }

    private static int compareInOrder(List<String> left, List<String> right) {
        for (int i = 0; i < Math.min(left.size(), right.size()); i++) {
            int order = left.get(i).compareTo(right.get(i));
            if (order != 0) {
                return order;
            }
        }
        return Integer.compare(left.size(), right.size());
    }
}
