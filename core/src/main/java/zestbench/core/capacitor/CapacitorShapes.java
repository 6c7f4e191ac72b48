package zestbench.core.capacitor;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import zestbench.core.label.Figure;
import zestbench.core.label.Shape;
import zestbench.core.label.Shapes;
import zestbench.core.label.Unit;
import zestbench.core.value.Value;

/** Figures of capacitors that are more than one number. */
final class CapacitorShapes {
    private static final double MOST_RUN_MICROFARADS = 200;
    private static final double WIDEST_CAN_INCHES = 4;
    private static final double TALLEST_CAN_INCHES = 12;
    private static final double COLDEST_CELSIUS = -60;
    private static final Shapes HOTTEST = Shapes.number(40, 130, Unit.CELSIUS);

    private CapacitorShapes() {}

    private static boolean isMicrofarads(@Nullable Unit unit) {
        return unit == null || unit == Unit.MICROFARADS;
    }

    private static Value num(double number) {
        return Value.of(number);
    }

    /** Two sections, as 45+5: the larger is the compressor's. */
    static Shape.@Nullable Fit pair(String path, Figure figure, @Nullable Unit unit) {
        if (!isMicrofarads(unit) || figure.size() != 2 || figure.list("/+& -") == null) {
            return null;
        }
        double one = figure.numbers().get(0);
        double two = figure.numbers().get(1);
        if (figure.hasGap()) {
            return new Shape.Fit(
                    List.of(
                            new Shape.Told(CapacitorLabel.HERM, Double.isNaN(one) ? null : num(Math.abs(one))),
                            new Shape.Told(CapacitorLabel.FAN, Double.isNaN(two) ? null : num(Math.abs(two)))),
                    0.1);
        }
        double large = Math.max(Math.abs(one), Math.abs(two));
        double small = Math.min(Math.abs(one), Math.abs(two));
        boolean isUsual = large >= 10 && large <= 120 && small >= 1.5 && small <= 40 && large > small;
        if (small < 0.5 || large > 250) {
            return null;
        }
        boolean isDash = figure.joins().equals("-");
        if (isDash && !(isUsual && large > 2 * small)) {
            return null;
        }
        return new Shape.Fit(
                List.of(
                        new Shape.Told(CapacitorLabel.HERM, num(large)),
                        new Shape.Told(CapacitorLabel.FAN, num(small))),
                (isUsual ? 0 : 0.8) + (isDash ? 0.2 : 0));
    }

    /** Three sections and more, as 2.5+5+10+20. */
    static Shape.@Nullable Fit many(String path, Figure figure, @Nullable Unit unit) {
        if (!isMicrofarads(unit) || figure.size() < 3 || figure.hasGap() || figure.list("+/") == null) {
            return null;
        }
        boolean areSections = figure.numbers().stream().allMatch(n -> n >= 0.5 && n <= 100);
        return areSections && figure.joins().contains("+")
                ? new Shape.Fit(
                        figure.numbers().stream()
                                .map(n -> new Shape.Told(path, num(n)))
                                .toList(),
                        0)
                : null;
    }

    /** One or two sections and the volts in one figure, as 80/7.5/440. */
    static Shape.@Nullable Fit pairAndVolts(String path, Figure figure, @Nullable Unit unit) {
        int last = figure.size() - 1;
        if ((unit != null && unit != Unit.VOLTS)
                || last < 1
                || figure.hasGap()
                || "/ ".indexOf(figure.joins().charAt(last - 1)) < 0) {
            return null;
        }
        double volts = figure.numbers().get(last);
        if (volts < 200 || volts > 660) {
            return null;
        }
        List<Shape.Told> told = new ArrayList<>();
        if (last == 1 && Math.abs(figure.first()) > MOST_RUN_MICROFARADS) {
            return null;
        }
        if (last == 1) {
            told.add(new Shape.Told(CapacitorLabel.ONLY, num(Math.abs(figure.first()))));
        } else {
            Shape.Fit pair = pair(path, figure.part(0, last), null);
            if (pair == null) {
                return null;
            }
            told.addAll(pair.told());
        }
        told.add(new Shape.Told("ratedVolts", num(volts)));
        return new Shape.Fit(told, 0);
    }

    /** The band of a start capacitor, as 88-108. */
    static Shape.@Nullable Fit range(String path, Figure figure, @Nullable Unit unit) {
        if (!isMicrofarads(unit) || figure.size() != 2 || figure.list("-/") == null) {
            return null;
        }
        double low = figure.first();
        double high = figure.numbers().get(1);
        boolean isRange = figure.hasGap() || (low >= 15 && high > low * 1.05 && high < low * 1.6 && high <= 1500);
        return isRange
                ? new Shape.Fit(
                        List.of(
                                new Shape.Told(CapacitorLabel.LOW, Double.isNaN(low) ? null : num(Math.abs(low))),
                                new Shape.Told(CapacitorLabel.HIGH, Double.isNaN(high) ? null : num(Math.abs(high)))),
                        figure.joins().equals("-") ? 0 : 0.3)
                : null;
    }

    /** The highest of the volts printed. */
    static Shape.@Nullable Fit volts(String path, Figure figure, @Nullable Unit unit) {
        if ((unit != null && unit != Unit.VOLTS) || figure.list("/-&") == null || figure.size() > 3) {
            return null;
        }
        if (figure.hasGap()) {
            return new Shape.Fit(List.of(new Shape.Told(path, null)), 0);
        }
        double most =
                figure.numbers().stream().mapToDouble(Double::doubleValue).max().orElse(0);
        double least =
                figure.numbers().stream().mapToDouble(Double::doubleValue).min().orElse(0);
        if (least < 100 || most > 1000) {
            return null;
        }
        boolean isUsual = List.of(
                        110.0, 125.0, 165.0, 220.0, 250.0, 330.0, 370.0, 400.0, 425.0, 440.0, 450.0, 480.0, 500.0,
                        660.0)
                .contains(most);
        return new Shape.Fit(List.of(new Shape.Told(path, num(most))), isUsual ? 0 : 0.4);
    }

    static Shape.@Nullable Fit tolerance(String path, Figure figure, @Nullable Unit unit) {
        if ((unit != null && unit != Unit.PERCENT) || figure.size() > 2 || figure.list("/-+") == null) {
            return null;
        }
        if (figure.hasGap()) {
            return new Shape.Fit(List.of(new Shape.Told(path, null)), 0);
        }
        double plus = Math.abs(figure.first());
        double minus = Math.abs(figure.numbers().get(figure.size() - 1));
        if (plus > 50 || minus > 50 || plus < 1) {
            return null;
        }
        Shape.Told above = new Shape.Told(path, num(plus));
        Shape.Told below = new Shape.Told("toleranceMinusPercent", num(minus));
        if (figure.isSigned() && figure.size() == 1) {
            return new Shape.Fit(List.of(figure.first() < 0 ? below : above), 0);
        }
        boolean isTurned = figure.size() == 2 && figure.isSigned() && figure.first() < 0;
        return isTurned
                ? new Shape.Fit(List.of(new Shape.Told(path, num(minus)), new Shape.Told(below.path(), num(plus))), 0)
                : new Shape.Fit(List.of(above, below), 0);
    }

    static Shape.@Nullable Fit span(String path, Figure figure, @Nullable Unit unit) {
        boolean isSpan = figure.size() == 2
                && !figure.hasGap()
                && figure.first() < 0
                && figure.numbers().get(1) >= 40
                && figure.numbers().get(1) <= 130
                && (unit == null || unit == Unit.CELSIUS);
        return isSpan
                ? new Shape.Fit(
                        List.of(
                                new Shape.Told(CapacitorLabel.MIN, num(figure.first())),
                                new Shape.Told(
                                        CapacitorLabel.MAX, num(figure.numbers().get(1)))),
                        0)
                : null;
    }

    /** The cold end by itself, which is below nought. */
    static Shape.@Nullable Fit coldest(String path, Figure figure, @Nullable Unit unit) {
        boolean is = figure.size() == 1 && figure.first() < 0 && figure.first() >= COLDEST_CELSIUS;
        return is && (unit == null || unit == Unit.CELSIUS)
                ? new Shape.Fit(List.of(new Shape.Told(path, num(figure.first()))), 0)
                : null;
    }

    /** The hot end by itself: what is below nought is the cold one. */
    static Shape.@Nullable Fit hottest(String path, Figure figure, @Nullable Unit unit) {
        boolean isBelowNought = figure.size() == 1 && figure.first() < 0;
        return isBelowNought ? null : HOTTEST.fit(path, figure, unit);
    }

    /** The climatic class of IEC 60068-1, as 25/085/21: from 25 below to 85 above nought, 21 days of damp. */
    static Shape.@Nullable Fit climate(String path, Figure figure, @Nullable Unit unit) {
        boolean isClass = unit == null
                && figure.size() == 3
                && figure.joins().equals("//")
                && List.of(10.0, 25.0, 40.0, 55.0).contains(figure.first())
                && figure.numbers().get(1) >= 55
                && figure.numbers().get(1) <= 125
                && List.of(4.0, 10.0, 21.0, 56.0).contains(figure.numbers().get(2));
        return isClass
                ? new Shape.Fit(
                        List.of(
                                new Shape.Told(CapacitorLabel.MIN, num(-figure.first())),
                                new Shape.Told(
                                        CapacitorLabel.MAX, num(figure.numbers().get(1)))),
                        0)
                : null;
    }

    /** The can across and along, in inches. */
    static Shape.@Nullable Fit can(String path, Figure figure, @Nullable Unit unit) {
        List<Figure> sides = figure.split('x');
        Double across = figure.isSigned() ? null : sides.get(0).single();
        Double along = sides.size() == 2 ? sides.get(1).single() : null;
        boolean isLength = unit == null || unit == Unit.INCHES;
        if (!isLength || across == null || along == null || across > WIDEST_CAN_INCHES || along > TALLEST_CAN_INCHES) {
            return null;
        }
        return new Shape.Fit(List.of(new Shape.Told(path, num(across)), new Shape.Told("heightInches", num(along))), 0);
    }
}
