package zestbench.core.transformer;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import zestbench.core.label.Figure;
import zestbench.core.label.Shape;
import zestbench.core.label.Unit;
import zestbench.core.value.Value;

/** What figures a transformer's label has, and what they come to. */
final class TransformerShapes {
    private static final double LEAST_PRIMARY = 100;
    private static final double MOST_PRIMARY = 600;
    private static final double UNUSUAL = 0.4;
    private static final List<Double> USUAL = List.of(
            115.0, 120.0, 200.0, 208.0, 220.0, 230.0, 240.0, 277.0, 380.0, 400.0, 415.0, 460.0, 480.0, 575.0, 600.0);

    private TransformerShapes() {}

    /** Volts between two leads. */
    static Shape.@Nullable Fit pair(String path, Figure figure, @Nullable Unit unit) {
        return figure.first() == 0 ? null : lead(path, figure, unit);
    }

    /** Volts of one lead; 0 on the common. */
    static Shape.@Nullable Fit lead(String path, Figure figure, @Nullable Unit unit) {
        boolean isVolts = unit == null || unit == Unit.VOLTS;
        if (!isVolts || figure.size() != 1 || !isPrimary(figure.first(), true)) {
            return null;
        }
        return new Shape.Fit(List.of(new Shape.Told(path, Value.of(figure.first()))), cost(figure.numbers()));
    }

    private static boolean isPrimary(double volts, boolean isCommon) {
        return (isCommon && volts == 0) || (volts >= LEAST_PRIMARY && volts <= MOST_PRIMARY);
    }

    private static double cost(List<Double> volts) {
        return volts.stream().allMatch(v -> v == 0 || USUAL.contains(v)) ? 0 : UNUSUAL;
    }

    /** Volts of the taps; a cross between them says that two halves are put in series or parallel. */
    static Shape.@Nullable Fit primary(String path, Figure figure, @Nullable Unit unit) {
        if (unit != null && unit != Unit.VOLTS) {
            return null;
        }
        List<Double> volts = figure.list("/-&x ");
        if (volts == null || figure.hasGap()) {
            return volts == null ? null : new Shape.Fit(List.of(new Shape.Told(path, null)), 0);
        }
        List<Double> taps = volts.stream().filter(v -> v != 0).toList();
        if (taps.isEmpty() || !taps.stream().allMatch(v -> isPrimary(v, false))) {
            return null;
        }
        List<Shape.Told> told = new ArrayList<>();
        told.add(new Shape.Told(path, row(taps)));
        if (figure.joins().contains("x")) {
            told.add(new Shape.Told("windings", Value.of("SERIES_PARALLEL")));
        }
        return new Shape.Fit(told, cost(taps));
    }

    /** Primary and secondary in one figure, as 480 to 24. */
    static Shape.@Nullable Fit both(String path, Figure figure, @Nullable Unit unit) {
        int last = figure.size() - 1;
        if (last < 1
                || figure.hasGap()
                || figure.numbers().get(last) > 60
                || figure.numbers().get(last) < 6) {
            return null;
        }
        Shape.Fit primary = primary(path, figure.part(0, last), unit);
        if (primary == null) {
            return null;
        }
        List<Shape.Told> told = new ArrayList<>(primary.told());
        told.add(new Shape.Told(
                TransformerLabel.SECONDARY, Value.of(figure.numbers().get(last))));
        return new Shape.Fit(told, primary.cost());
    }

    static Value row(List<Double> numbers) {
        return Value.numbers(numbers.stream().mapToDouble(Double::doubleValue).toArray());
    }
}
