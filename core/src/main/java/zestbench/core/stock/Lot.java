package zestbench.core.stock;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/**
 * Pieces of equal rating lying in stock, taken as one.
 *
 * @param part what the pieces are
 * @param values one figure for each section, in thousandths of its unit so that sums are exact
 * @param units the pieces, cheapest first, no more than a combination can use
 */
public record Lot<P>(P part, List<Long> values, List<Unit> units) {
    /** Pieces one combination can use at the most: three for each of two terminals. */
    public static final int MOST_UNITS = 6;

    /** One physical piece. @param id of the stock line it lies on */
    public record Unit(String id, double cost) implements Comparable<Unit> {
        private static final Comparator<Unit> CHEAPEST =
                Comparator.comparingDouble(Unit::cost).thenComparing(Unit::id);

        @Override
        public int compareTo(Unit other) {
            return CHEAPEST.compare(this, other);
        }
    }

    /** @param units all pieces there are, in any order */
    public static <P> Lot<P> of(P part, List<Long> values, List<Unit> units) {
        List<Unit> cheapest = new ArrayList<>(units);
        cheapest.sort(Comparator.naturalOrder());
        return new Lot<>(
                part, List.copyOf(values), List.copyOf(cheapest.subList(0, Math.min(MOST_UNITS, cheapest.size()))));
    }

    /** The sum of the sections in {@code mask}. */
    public long sum(int mask) {
        long sum = 0;
        for (int i = 0; i < values.size(); i++) {
            if ((mask & (1 << i)) != 0) {
                sum += values.get(i);
            }
        }
        return sum;
    }
}
