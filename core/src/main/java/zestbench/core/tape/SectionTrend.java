package zestbench.core.tape;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import zestbench.core.family.Trait;
import zestbench.core.judgement.Judged;
import zestbench.core.quantity.Figures;
import zestbench.core.quantity.Limits;
import zestbench.core.quantity.Quantity;

/**
 * A capacitor section over the visits: a straight line through µF against date, and the day it crosses its lower limit. A
 * replaced part starts a new line. [practice] Two readings give a line, not a promise: under three readings or 60 days
 * nothing is foretold.
 *
 * @param limits of the label in force; null where it was not read
 * @param words how many readings over how long, and what they say
 * @param crossesMillis when the line crosses the lower limit; null where that is not foretold
 */
public record SectionTrend(
        String place,
        String section,
        List<Point> points,
        @Nullable Limits limits,
        String words,
        @Nullable Long crossesMillis) {
    private static final int LEAST_READINGS = 3;
    private static final long MILLIS_PER_DAY = 86_400_000;
    private static final long LEAST_DAYS = 60;
    private static final long MOST_DAYS_AHEAD = 3_650;

    /** A reading at an instant. */
    public record Point(long atMillis, double microfarads) {}

    /** A line as it grows. */
    private static final class Growing {
        final List<Point> points = new ArrayList<>();

        @Nullable
        Limits limits;
    }

    /**
     * Adds up visits.
     *
     * @param visits of a unit, the earliest first
     */
    public static List<SectionTrend> of(List<CallState> visits) {
        Map<String, Map<String, Growing>> places = new LinkedHashMap<>();
        for (CallState visit : visits) {
            for (PartState part : visit.parts()) {
                if (part.family().has(Trait.AGES)) {
                    Map<String, Growing> place =
                            places.computeIfAbsent(part.added().place(), p -> new LinkedHashMap<>());
                    take(place, part);
                }
            }
        }
        List<SectionTrend> out = new ArrayList<>();
        places.forEach((place, sections) -> sections.forEach((section, growing) -> {
            if (!growing.points.isEmpty()) {
                out.add(trend(place, section, growing));
            }
        }));
        return out;
    }

    private static void take(Map<String, Growing> place, PartState part) {
        part.tests().readings().forEach((section, taken) -> add(place, section, taken));
        PartEntry.PartClosed closed = part.closed();
        if (closed != null && closed.outcome() == Entry.Outcome.REPLACED) {
            place.clear();
            boolean isOnePiece = part.chosen() != null && part.chosen().pieces().size() == 1;
            part.tests().newReadings().forEach((key, taken) -> {
                if (isOnePiece) {
                    add(place, key.substring(key.indexOf(' ') + 1), taken);
                }
            });
        }
    }

    private static void add(Map<String, Growing> place, String section, Taken taken) {
        Judged judged = taken.judged();
        if (judged.reading().isFigure() && judged.reading().quantity() == Quantity.MICROFARADS) {
            Growing growing = place.computeIfAbsent(section, s -> new Growing());
            growing.points.add(
                    new Point(taken.line().atMillis(), judged.reading().value()));
            growing.limits = judged.limits();
        }
    }

    private static SectionTrend trend(String place, String section, Growing growing) {
        List<Point> points = List.copyOf(growing.points);
        Point first = points.get(0);
        Point last = points.get(points.size() - 1);
        long days = (last.atMillis() - first.atMillis()) / MILLIS_PER_DAY;
        String count = points.size() + (points.size() == 1 ? " reading" : " readings over " + days + " days");
        if (points.size() < LEAST_READINGS || days < LEAST_DAYS) {
            return new SectionTrend(place, section, points, growing.limits, count + ": no forecast yet.", null);
        }
        double perDay = slopePerDay(points);
        String drift = count + ", " + (perDay > 0 ? "+" : "") + Figures.fixed(perDay * 365, 2) + " µF a year";
        if (growing.limits != null && last.microfarads() < growing.limits.low()) {
            return new SectionTrend(
                    place, section, points, growing.limits, drift + "; it is below its lower limit.", null);
        }
        Long crosses = crossing(points, perDay, growing.limits);
        String words = crosses == null
                ? drift + "; it does not reach its lower limit in ten years."
                : drift + "; by this line it reaches its lower limit on";
        return new SectionTrend(place, section, points, growing.limits, words, crosses);
    }

    /** Least squares, in µF a day. */
    static double slopePerDay(List<Point> points) {
        double meanX = 0;
        double meanY = 0;
        for (Point point : points) {
            meanX += days(points, point);
            meanY += point.microfarads();
        }
        meanX /= points.size();
        meanY /= points.size();
        double xx = 0;
        double xy = 0;
        for (Point point : points) {
            double x = days(points, point) - meanX;
            xx += x * x;
            xy += x * (point.microfarads() - meanY);
        }
        return xx == 0 ? 0 : xy / xx;
    }

    private static double days(List<Point> points, Point point) {
        return (double) (point.atMillis() - points.get(0).atMillis()) / MILLIS_PER_DAY;
    }

    private static @Nullable Long crossing(List<Point> points, double perDay, @Nullable Limits limits) {
        if (limits == null || perDay >= 0) {
            return null;
        }
        double meanX = 0;
        double meanY = 0;
        for (Point point : points) {
            meanX += days(points, point);
            meanY += point.microfarads();
        }
        double at = meanX / points.size() + (limits.low() - meanY / points.size()) / perDay;
        double last = days(points, points.get(points.size() - 1));
        return at > last + MOST_DAYS_AHEAD
                ? null
                : points.get(0).atMillis() + Math.round(Math.max(at, 0)) * MILLIS_PER_DAY;
    }
}
