package zestbench.core.tape;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import zestbench.core.quantity.Figures;

/** Starts of one motor over the visits to its unit; a new motor starts a new line. @param words how the latest went beside the first; empty under two */
public record StartTrend(String place, List<Point> points, String words) {
    /** @param amps the most that was held @param dip of the volts @param seconds for which the amps stayed; null where nobody could tell */
    public record Point(
            long atMillis,
            double amps,
            double dip,
            @Nullable Double seconds) {}

    /** One for each motor whose start was caught. @param tapes of a unit, the earliest visit first */
    public static List<StartTrend> all(List<List<Line>> tapes) {
        Set<String> places = new LinkedHashSet<>();
        for (List<Line> tape : tapes) {
            for (Line line : tape) {
                if (line.entry() instanceof StartEntry.StartCaught start && start.at() != null) {
                    places.add(start.at());
                }
            }
        }
        return places.stream()
                .map(place -> of(tapes, place))
                .filter(trend -> !trend.points().isEmpty())
                .toList();
    }

    private static StartTrend of(List<List<Line>> tapes, String place) {
        List<Point> points = new ArrayList<>();
        for (Line line : SinceNew.lines(tapes, place)) {
            if (line.entry() instanceof StartEntry.StartCaught start && place.equals(start.at())) {
                points.add(new Point(
                        line.atMillis(),
                        start.verdicts().get(0).reading().value(),
                        start.verdicts().get(2).reading().value(),
                        start.seconds()));
            }
        }
        return new StartTrend(place, List.copyOf(points), words(points));
    }

    private static String words(List<Point> points) {
        if (points.size() < 2) {
            return points.isEmpty() ? "" : "The line starts here: one start.";
        }
        Point first = points.get(0);
        Point last = points.get(points.size() - 1);
        String time = first.seconds() == null || last.seconds() == null
                ? ""
                : ", " + Figures.plain(first.seconds()) + " s to " + Figures.plain(last.seconds()) + " s";
        return points.size() + " starts, " + Figures.plain(first.amps()) + " A to " + Figures.plain(last.amps())
                + " A, dip " + Figures.plain(first.dip()) + " V to " + Figures.plain(last.dip()) + " V" + time + ".";
    }
}
