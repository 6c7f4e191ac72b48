package zestbench.core.plate;

import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;
import zestbench.core.label.CodeShape;
import zestbench.core.label.Figure;
import zestbench.core.label.Shape;
import zestbench.core.label.Shapes;
import zestbench.core.label.Unit;
import zestbench.core.value.Value;

/** Figures and codes of rating plates that are more than one number. */
final class PlateShapes {
    private static final int MOST_OF_A_KIND = 8;
    private static final int CENTURY = 2000;
    private static final int FIRST_YEAR = 1970;
    private static final int LAST_YEAR = 2060;
    private static final int MONTHS = 12;
    private static final double LEAST_LOCKED = 2.5;
    private static final double MOST_LOCKED = 10;
    private static final double PSI_PER_MEGAPASCAL = 145.038;
    private static final double PSI_PER_BAR = 14.5038;

    /** A model or serial number, as printed. */
    static final Shape CODE = CodeShape.ANY;

    /** A model number without its name: letters first, and a group of digits in it that can be its size. */
    static final Shape MODEL = CodeShape.of(
            Pattern.compile("[A-Za-z]{2,5}-?[0-9]{2,3}[A-Za-z0-9-]*"),
            code -> !Capacity.candidates(code).isEmpty());

    private PlateShapes() {}

    /** Month and year, in any of the orders that are printed. */
    static Shape.@Nullable Fit date(String path, Figure figure, @Nullable Unit unit) {
        if (unit != null) {
            return null;
        }
        if (figure.hasGap()) {
            return new Shape.Fit(List.of(new Shape.Told(path, null)), 0);
        }
        if (figure.list("/- ") == null) {
            return null;
        }
        List<Double> parts = figure.numbers();
        double first = Math.abs(parts.get(0));
        double last = Math.abs(parts.get(parts.size() - 1));
        String made = null;
        if (figure.size() == 2) {
            made = first > LAST_YEAR || first < FIRST_YEAR ? made(first, last) : made(last, first);
        } else if (figure.size() == 3) {
            made = first >= FIRST_YEAR ? made(Math.abs(parts.get(1)), first) : made(first, last);
        }
        return made == null ? null : new Shape.Fit(List.of(new Shape.Told(path, Value.of(made))), 0);
    }

    /** A date that can be nothing else: month, day and year. */
    static Shape.@Nullable Fit wholeDate(String path, Figure figure, @Nullable Unit unit) {
        return figure.size() == 3
                        && figure.joins().equals("//")
                        && figure.numbers().get(2) >= FIRST_YEAR
                ? date(path, figure, unit)
                : null;
    }

    private static @Nullable String made(double month, double printedYear) {
        double year = printedYear < 100 ? CENTURY + printedYear : printedYear;
        boolean is = month >= 1
                && month <= MONTHS
                && month == Math.rint(month)
                && year == Math.rint(year)
                && year >= FIRST_YEAR
                && year <= LAST_YEAR;
        return is ? (int) year + "-" + (month < 10 ? "0" : "") + (int) month : null;
    }

    /** Volts, phase and frequency in one, as 208/230-1-60. */
    static Shape.@Nullable Fit supply(String path, Figure figure, @Nullable Unit unit) {
        int size = figure.size();
        if (figure.hasGap() || size < 2 || figure.list("/-") == null || (unit != null && unit != Unit.VOLTS)) {
            return null;
        }
        double last = Math.abs(figure.numbers().get(size - 1));
        boolean hasHertz = size > 2 && (last == 50 || last == 60);
        int phaseAt = hasHertz ? size - 2 : size - 1;
        double phase = Math.abs(figure.numbers().get(phaseAt));
        Shape.Fit volts = phase == 1 || phase == 3
                ? Shapes.list(100, 700, Unit.VOLTS).fit(path, figure.part(0, phaseAt), unit)
                : null;
        if (volts == null) {
            return null;
        }
        List<Shape.Told> told = new ArrayList<>(volts.told());
        told.add(new Shape.Told("phase", Value.of(phase)));
        if (hasHertz) {
            told.add(new Shape.Told("hertz", Value.numbers(last)));
        }
        return new Shape.Fit(told, volts.cost());
    }

    /** The least and the most volts, in either order. */
    static Shape.@Nullable Fit permissible(String path, Figure figure, @Nullable Unit unit) {
        boolean is = figure.size() == 2
                && !figure.hasGap()
                && figure.list("/- ") != null
                && (unit == null || unit == Unit.VOLTS);
        double one = is ? Math.abs(figure.first()) : 0;
        double two = is ? Math.abs(figure.numbers().get(1)) : 0;
        return Math.min(one, two) >= 95 && Math.max(one, two) <= 700
                ? new Shape.Fit(
                        List.of(
                                new Shape.Told(path, Value.of(Math.min(one, two))),
                                new Shape.Told("maxVolts", Value.of(Math.max(one, two)))),
                        0)
                : null;
    }

    /** Rated load and locked rotor in one, as 10.9/78. */
    static Shape.@Nullable Fit ratedAndLocked(String path, Figure figure, @Nullable Unit unit) {
        boolean is = figure.size() == 2
                && !figure.hasGap()
                && figure.joins().equals("/")
                && figure.numbers().get(1) >= LEAST_LOCKED * figure.first()
                && figure.numbers().get(1) <= MOST_LOCKED * figure.first()
                && (unit == null || unit == Unit.AMPS);
        return is
                ? new Shape.Fit(
                        List.of(
                                new Shape.Told(path, Value.of(figure.first())),
                                new Shape.Told(
                                        "lockedRotorAmps",
                                        Value.of(figure.numbers().get(1)))),
                        0)
                : null;
    }

    /** How many there are, in brackets beside what they are: COND FAN (2). */
    static Shape.@Nullable Fit count(String path, Figure figure, @Nullable Unit unit) {
        Double number = figure.isEnclosed() && unit == null ? figure.single() : null;
        if (number == null || number != Math.rint(number) || number < 1 || number > MOST_OF_A_KIND) {
            return null;
        }
        return new Shape.Fit(List.of(new Shape.Told(path, Value.of(number))), 0);
    }

    /** So many of so many amps each, as 2 x 0.9. */
    static Shape.@Nullable Fit each(String path, Figure figure, @Nullable Unit unit) {
        boolean is = figure.size() == 2
                && !figure.hasGap()
                && figure.joins().equals("x")
                && figure.first() >= 1
                && figure.first() <= MOST_OF_A_KIND
                && unit == Unit.AMPS;
        return is
                ? new Shape.Fit(
                        List.of(
                                new Shape.Told(path, Value.of(figure.numbers().get(1))),
                                new Shape.Told("quantity", Value.of(figure.first()))),
                        0)
                : null;
    }

    /** Horsepower without its unit: a fraction only. */
    static Shape.@Nullable Fit fraction(String path, Figure figure, @Nullable Unit unit) {
        Double number = unit == null && figure.size() > 1 && !figure.hasGap() ? figure.single() : null;
        return number == null || number > 5 ? null : new Shape.Fit(List.of(new Shape.Told(path, Value.of(number))), 0);
    }

    /** The high and the low side in one, as 450/250; a single figure holds for both. */
    static Shape.@Nullable Fit bothPressures(String path, Figure figure, @Nullable Unit unit) {
        double each = unit == Unit.MEGAPASCAL ? PSI_PER_MEGAPASCAL : unit == Unit.BAR ? PSI_PER_BAR : 1;
        boolean isUnit = unit == null || unit == Unit.PSI || each != 1;
        if (!isUnit || figure.hasGap() || figure.size() > 2 || figure.list("/-") == null) {
            return null;
        }
        double one = Math.abs(figure.first()) * each;
        double two = Math.abs(figure.numbers().get(figure.size() - 1)) * each;
        boolean is = Math.min(one, two) >= 50 && Math.max(one, two) <= 900;
        return is
                ? new Shape.Fit(
                        List.of(
                                new Shape.Told(path, Value.of(Math.max(one, two))),
                                new Shape.Told("lowSideDesignPsig", Value.of(Math.min(one, two)))),
                        0.1)
                : null;
    }
}
