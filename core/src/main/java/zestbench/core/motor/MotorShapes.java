package zestbench.core.motor;

import java.util.List;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;
import zestbench.core.label.Figure;
import zestbench.core.label.Shape;
import zestbench.core.label.Shapes;
import zestbench.core.label.Unit;
import zestbench.core.quantity.Letters;
import zestbench.core.value.Value;

/** Figures of motors that are more than one number. */
final class MotorShapes {
    private static final double MOST_HORSEPOWER = 250;
    private static final double WITHIN = 0.03;
    private static final double LEAST_FRAME = 11;
    private static final double MOST_FRAME = 449;
    private static final Pattern KNOWN = Pattern.compile("(?i)(42|48|56)(Y|YZ|H|HZ|C|CZ|J|Z|HC|CY|YY)");
    private static final Pattern CODE = Pattern.compile("[0-9]{2,3}[A-Za-z]{0,3}");

    /** A NEMA frame: two or three digits, and letters. */
    static final Shape FRAME = new Shape() {
        @Override
        public @Nullable Fit fit(String path, Figure figure, @Nullable Unit unit) {
            Double number = unit == null || unit == Unit.HERTZ ? figure.single() : null;
            if (number == null || number != Math.rint(number) || number < LEAST_FRAME || number > MOST_FRAME) {
                return null;
            }
            boolean isSupply = unit == Unit.HERTZ && (number == 50 || number == 60);
            // 56HZ is a frame too
            String frame = number.intValue() + (unit == null ? "" : "HZ");
            return isSupply ? null : new Fit(List.of(new Told(path, Value.of(frame))), 0);
        }

        @Override
        public @Nullable Fit printed(String path, String text) {
            return CODE.matcher(text).matches()
                    ? new Fit(List.of(new Told(path, Value.of(Letters.large(text)))), 0)
                    : null;
        }
    };

    /** A frame of fan motors that nothing else is written like: 48Y, 56H. */
    static final Shape KNOWN_FRAME = new Shape() {
        @Override
        public @Nullable Fit fit(String path, Figure figure, @Nullable Unit unit) {
            return null;
        }

        @Override
        public @Nullable Fit printed(String path, String text) {
            return KNOWN.matcher(text).matches()
                    ? new Fit(List.of(new Told(path, Value.of(Letters.large(text)))), 0)
                    : null;
        }
    };

    private MotorShapes() {}

    /** Horsepower as a fraction or a number; kilowatts only where they stand for a step that motors are made in. */
    static Shape.@Nullable Fit power(String path, Figure figure, @Nullable Unit unit) {
        if (figure.hasGap()) {
            return unit == Unit.HORSEPOWER || unit == null
                    ? new Shape.Fit(List.of(new Shape.Told(path, null)), 0)
                    : null;
        }
        Double number = figure.single();
        if (number == null || number <= 0 || number > MOST_HORSEPOWER) {
            return null;
        }
        double horsepower = number;
        if (unit == Unit.KILOWATTS) {
            horsepower = HorsepowerSteps.ofKilowatts(number);
        } else if (unit != null && unit != Unit.HORSEPOWER) {
            return null;
        }
        boolean isFraction = figure.size() > 1 || number < 1;
        double value = horsepower;
        boolean isStep = HorsepowerSteps.ALL.stream().anyMatch(s -> Math.abs(s - value) <= WITHIN * s);
        if (unit == Unit.KILOWATTS && !isStep) {
            return null;
        }
        double cost = isStep ? 0 : 0.5;
        return new Shape.Fit(
                List.of(new Shape.Told(path, Value.of(horsepower))), cost + (isFraction || unit != null ? 0 : 0.6));
    }

    /** The speed and how many taps there are, as 1075/3 SPD. */
    static Shape.@Nullable Fit speedAndTaps(String path, Figure figure, @Nullable Unit unit) {
        boolean is = unit == Unit.SPEEDS
                && figure.size() == 2
                && figure.joins().equals("/")
                && figure.first() >= 400
                && figure.numbers().get(1) <= 6;
        return is
                ? new Shape.Fit(
                        List.of(
                                new Shape.Told(path, Value.numbers(figure.first())),
                                new Shape.Told(
                                        "speeds", Value.of(figure.numbers().get(1)))),
                        0)
                : null;
    }

    /** Volts, phase and frequency in one, as 208-230/1/60. */
    static Shape.@Nullable Fit supply(String path, Figure figure, @Nullable Unit unit) {
        int size = figure.size();
        if (figure.hasGap() || size < 2 || figure.list("/-") == null || (unit != null && unit != Unit.VOLTS)) {
            return null;
        }
        double last = figure.numbers().get(size - 1);
        boolean hasHertz = size > 2 && (last == 50 || last == 60);
        int phaseAt = hasHertz ? size - 2 : size - 1;
        double phase = figure.numbers().get(phaseAt);
        if (phase != 1 && phase != 3) {
            return null;
        }
        Shape.Fit volts = Shapes.groups(100, 700, Unit.VOLTS).fit(path, figure.part(0, phaseAt), unit);
        if (volts == null) {
            return null;
        }
        Shape.Told ofVolts = volts.told().get(0);
        Shape.Told ofPhase = new Shape.Told("phase", Value.of(phase));
        return new Shape.Fit(
                hasHertz
                        ? List.of(ofVolts, ofPhase, new Shape.Told("hertz", Value.numbers(last)))
                        : List.of(ofVolts, ofPhase),
                0);
    }

    /** Capacitance and volts in one, as 5/370. */
    static Shape.@Nullable Fit capacitor(String path, Figure figure, @Nullable Unit unit) {
        boolean isPair = figure.size() == 2
                && !figure.hasGap()
                && figure.list("/&- ") != null
                && figure.first() >= 1
                && figure.first() <= 100
                && figure.numbers().get(1) >= 165
                && figure.numbers().get(1) <= 500;
        boolean isUnit = unit == null || unit == Unit.VOLTS;
        return isPair && isUnit
                ? new Shape.Fit(
                        List.of(
                                new Shape.Told(path, Value.of(figure.first())),
                                new Shape.Told(
                                        "capacitorVolts",
                                        Value.of(figure.numbers().get(1)))),
                        0)
                : null;
    }

    /** Diameter by length, as 1/2 x 6. */
    static Shape.@Nullable Fit shaft(String path, Figure figure, @Nullable Unit unit) {
        List<Figure> sides = figure.split('x');
        Double across = sides.get(0).single();
        Double along = sides.size() == 2 ? sides.get(1).single() : null;
        return across == null || along == null || across > 3 || along > 20
                ? null
                : new Shape.Fit(
                        List.of(
                                new Shape.Told(path, Value.of(across)),
                                new Shape.Told("shaftLengthInches", Value.of(along))),
                        0);
    }

    /** The highest ambient; of a range its upper end. */
    static Shape.@Nullable Fit ambient(String path, Figure figure, @Nullable Unit unit) {
        if ((unit != null && unit != Unit.CELSIUS) || figure.size() > 2) {
            return null;
        }
        if (figure.hasGap()) {
            return new Shape.Fit(List.of(new Shape.Told(path, null)), 0);
        }
        double top = figure.numbers().get(figure.size() - 1);
        return top >= 25 && top <= 90 ? new Shape.Fit(List.of(new Shape.Told(path, Value.of(top))), 0) : null;
    }
}
