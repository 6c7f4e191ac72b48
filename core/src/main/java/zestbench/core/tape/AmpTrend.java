package zestbench.core.tape;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import zestbench.core.quantity.Figures;

/**
 * Amps of one motor over the visits to its unit. A new motor starts a new line. What was held while it started is kept
 * beside, because its growth is the news.
 *
 * @param words the change since the first reading; empty under two readings
 */
public record AmpTrend(String place, List<Point> points, String words) {
    /** @param speed the tap it ran on; empty on a single speed @param inrush null where it was not held */
    public record Point(
            long atMillis,
            double amps,
            String speed,
            @Nullable Double inrush) {}

    /**
     * Adds up visits.
     *
     * @param tapes of a unit, the earliest visit first
     * @param place by its name
     */
    public static AmpTrend of(List<List<Line>> tapes, String place) {
        List<Point> points = new ArrayList<>();
        for (Line line : SinceNew.lines(tapes, place)) {
            if (line.entry() instanceof PartEntry.AmpsRead read && place.equals(read.at())) {
                points.add(new Point(
                        line.atMillis(),
                        read.judged().reading().value(),
                        read.speed() == null ? "" : read.speed(),
                        read.inrush()));
            }
        }
        return new AmpTrend(place, List.copyOf(points), words(points));
    }

    private static String words(List<Point> points) {
        List<Point> same = points.isEmpty()
                ? List.of()
                : points.stream()
                        .filter(p ->
                                p.speed().equals(points.get(points.size() - 1).speed()))
                        .toList();
        if (same.size() < 2) {
            return points.isEmpty() ? "" : "The line starts here: one reading.";
        }
        double first = same.get(0).amps();
        double last = same.get(same.size() - 1).amps();
        double change = first > 0 ? 100 * (last / first - 1) : 0;
        String percent = (change >= 0 ? "+" : "") + Figures.fixed(change, 0);
        return same.size() + " readings, " + Figures.plain(first) + " A to " + Figures.plain(last) + " A: " + percent
                + " %.";
    }
}
