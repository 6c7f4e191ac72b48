package zestbench.core.label;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import zestbench.core.value.Value;

/** The usual shapes of figures. */
public final class Shapes implements Shape {
    /** How the numbers of a figure make the value. */
    private enum Form {
        SINGLE,
        SPAN,
        LIST,
        GROUPS
    }

    private static final double ENCLOSED = 0.6;
    private static final double ODD = 1.0;
    private static final double OF_PAIR = 1.34;
    private static final double OF_RANGE = 1.6;

    private final Form form;
    private final double low;
    private final double high;
    private final Map<Unit, Double> scale = new EnumMap<>(Unit.class);
    private final Set<Double> usual = new HashSet<>();
    private double softLow = Double.NEGATIVE_INFINITY;
    private double softHigh = Double.POSITIVE_INFINITY;
    private double unitless = 1;
    private boolean isWhole;
    private boolean hasFractions;
    private boolean needsUnit;
    private boolean isOnlyUsual;
    private String upper = "";
    private String other = "";

    private Shapes(Form form, double low, double high, Unit... units) {
        this.form = form;
        this.low = low;
        this.high = high;
        for (Unit unit : units) {
            scale.put(unit, 1.0);
        }
    }

    /** One number, or a fraction, from {@code low} to {@code high}. */
    public static Shapes number(double low, double high, Unit... units) {
        return new Shapes(Form.SINGLE, low, high, units);
    }

    /** Numbers in a row, as 208/230. */
    public static Shapes list(double low, double high, Unit... units) {
        return new Shapes(Form.LIST, low, high, units);
    }

    /** Rows of numbers, as 208-230/460. */
    public static Shapes groups(double low, double high, Unit... units) {
        return new Shapes(Form.GROUPS, low, high, units);
    }

    /** Two ends, of which the other goes to the path {@code upper}; a single number is the upper end. */
    public static Shapes span(String upper, double low, double high, Unit... units) {
        Shapes shape = new Shapes(Form.SPAN, low, high, units);
        shape.upper = upper;
        return shape;
    }

    /** Whole numbers only. */
    public Shapes whole() {
        isWhole = true;
        return this;
    }

    /** What a supply is made with, 50 or 60 Hz: a frame 56HZ is none. */
    public static Shapes hertz() {
        Shapes shape = list(50, 60, Unit.HERTZ).usual(50, 60);
        shape.isOnlyUsual = true;
        return shape;
    }

    /** Other figures are taken too, less readily. */
    public Shapes usual(double... figures) {
        for (double figure : figures) {
            usual.add(figure);
        }
        return this;
    }

    /** Figures outside are taken too, less readily. */
    public Shapes mostly(double from, double to) {
        softLow = from;
        softHigh = to;
        return this;
    }

    /** A unit that is so many of the field's own. */
    public Shapes also(Unit unit, double each) {
        scale.put(unit, each);
        return this;
    }

    /** The figure says the same of another path. */
    public Shapes and(String path) {
        other = path;
        return this;
    }

    /** What a figure without a unit is of the field's own. */
    public Shapes unitless(double each) {
        unitless = each;
        return this;
    }

    /** A fraction is a figure too. */
    public Shapes fractions() {
        hasFractions = true;
        return this;
    }

    /** Only figures with a unit. */
    public Shapes withUnit() {
        needsUnit = true;
        return this;
    }

    @Override
    public @Nullable Fit fit(String path, Figure figure, @Nullable Unit unit) {
        Double scaled = unit == null ? Double.valueOf(unitless) : scale.get(unit);
        if (scaled == null || (unit == null && needsUnit)) {
            return null;
        }
        double each = scaled;
        return switch (form) {
            case SINGLE -> single(path, figure, each);
            case SPAN -> span(path, figure, each);
            case LIST -> list(path, figure, each);
            case GROUPS -> groups(path, figure, each);
        };
    }

    private @Nullable Fit single(String path, Figure figure, double each) {
        if (figure.hasGap()) {
            return figure.size() == 1 || figure.joins().equals("/") ? new Fit(List.of(new Told(path, null)), 0) : null;
        }
        Double one = figure.size() > 1 && !hasFractions ? null : figure.single();
        if (one == null) {
            return null;
        }
        double cost = cost(Math.abs(one) * each);
        if (cost < 0) {
            return null;
        }
        Told told = new Told(path, Value.of(Math.abs(one) * each));
        // a number by itself in brackets is how many there are, more often than a rating
        double most = figure.isEnclosed() && !needsUnit ? cost + ENCLOSED : cost;
        return new Fit(other.isEmpty() ? List.of(told) : List.of(told, new Told(other, told.value())), most);
    }

    private @Nullable Fit span(String path, Figure figure, double each) {
        if (figure.hasGap() && figure.size() == 2 && figure.joins().equals("-")) {
            return new Fit(
                    List.of(
                            end(path, figure.first(), each),
                            end(upper, figure.numbers().get(1), each)),
                    0);
        }
        List<Double> ends = figure.range();
        if (ends == null && figure.size() == 2 && figure.single() == null && figure.list("/&") != null) {
            ends = figure.numbers();
        }
        if (ends == null) {
            Fit fit = single(upper, figure, each);
            if (fit == null || fit.told().get(0).value() == null) {
                return null;
            }
            return new Fit(
                    List.of(
                            new Told(path, fit.told().get(0).value()),
                            fit.told().get(0)),
                    fit.cost() + Costs.UNUSUAL);
        }
        double lower = cost(ends.get(0) * each);
        double higher = cost(ends.get(1) * each);
        if (lower < 0 || higher < 0 || ends.get(0) > ends.get(1)) {
            return null;
        }
        return new Fit(List.of(end(path, ends.get(0), each), end(upper, ends.get(1), each)), lower + higher);
    }

    private static Told end(String path, double number, double each) {
        return new Told(path, Double.isNaN(number) ? null : Value.of(number * each));
    }

    private @Nullable Fit list(String path, Figure figure, double each) {
        List<Double> numbers = figure.list("/-& x");
        if (numbers == null) {
            return null;
        }
        if (figure.hasGap()) {
            return new Fit(List.of(new Told(path, null)), 0);
        }
        double cost = costOf(numbers, each);
        return cost < 0 ? null : new Fit(List.of(new Told(path, row(numbers, each))), cost);
    }

    private @Nullable Fit groups(String path, Figure figure, double each) {
        if (figure.list("/-& x") == null) {
            return null;
        }
        if (figure.hasGap()) {
            return new Fit(List.of(new Told(path, null)), 0);
        }
        double cost = costOf(figure.numbers(), each);
        if (cost < 0) {
            return null;
        }
        List<Double> numbers = figure.numbers();
        List<Value> rows = new ArrayList<>();
        List<Double> row = new ArrayList<>();
        int taken = 0;
        for (double number : numbers) {
            // two figures within a third of each other are one winding's range, a figure far off is another winding
            boolean isRange = !row.isEmpty() && figure.joins().charAt(taken - 1) == '-';
            if (!row.isEmpty() && number > row.get(row.size() - 1) * (isRange ? OF_RANGE : OF_PAIR)) {
                rows.add(row(row, each));
                row = new ArrayList<>();
            }
            row.add(number);
            taken++;
        }
        rows.add(row(row, each));
        Value value = rows.size() == 1 ? rows.get(0) : new Value.Items(rows);
        return new Fit(List.of(new Told(path, value)), cost);
    }

    private double costOf(List<Double> numbers, double each) {
        double cost = 0;
        for (double number : numbers) {
            double one = cost(Math.abs(number) * each);
            if (one < 0) {
                return -1;
            }
            cost = Math.max(cost, one);
        }
        return numbers.size() > 6 ? -1 : cost;
    }

    private static Value row(List<Double> numbers, double each) {
        return new Value.Items(numbers.stream()
                .map(n -> Value.of(Math.abs(n) * each))
                .map(Value.class::cast)
                .toList());
    }

    /** How unusual a number is; below 0 where it cannot be. */
    private double cost(double number) {
        if (number < low || number > high || (isWhole && number != Math.rint(number))) {
            return -1;
        }
        boolean isOdd = !usual.isEmpty() && !usual.contains(number);
        if (isOdd && isOnlyUsual) {
            return -1;
        }
        double cost = isOdd ? Costs.UNUSUAL : 0;
        return number < softLow || number > softHigh ? cost + ODD : cost;
    }
}
