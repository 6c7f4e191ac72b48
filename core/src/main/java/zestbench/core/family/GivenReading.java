package zestbench.core.family;

import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import zestbench.core.quantity.InputProblem;
import zestbench.core.quantity.Quantity;
import zestbench.core.quantity.Reading;

/**
 * A reading by the names another program gives it.
 *
 * @param section as named by it; null where it is told by the figures' names
 * @param figures by name, such as {@code coilOhms}
 * @param flags by name, such as {@code open}
 * @param resolution of the display, in the figure's unit; null where it is not known
 */
public record GivenReading(
        @Nullable String section,
        Map<String, Double> figures,
        Map<String, Boolean> flags,
        @Nullable Double resolution) {
    public boolean has(String name) {
        return figures.containsKey(name) || flags.containsKey(name);
    }

    public Optional<Double> figure(String name) {
        return Optional.ofNullable(figures.get(name));
    }

    /** Whether it is said to be so; empty where nothing is said. */
    public Optional<Boolean> flag(String name) {
        return Optional.ofNullable(flags.get(name));
    }

    /** A figure in volts; throws {@code how} where it is not given. */
    public Reading volts(String name, String how) {
        return Reading.of(Quantity.VOLTS, InputProblem.given(figures.get(name), name, how), resolution);
    }

    /** Ohms, or that there is no way through, or more than the display shows: exactly one of them. */
    public Reading ohms(String name) {
        return through(Quantity.OHMS, name, "ohms");
    }

    /** Microfarads, or that nothing was read of them. */
    public Reading microfarads() {
        return through(Quantity.MICROFARADS, "microfarads", "microfarads");
    }

    private Reading through(Quantity quantity, String name, String called) {
        boolean isOpen = flag("open").orElse(false);
        boolean isOver = flag("overRange").orElse(false);
        Optional<Double> figure = figure(name);
        int given = (figure.isPresent() ? 1 : 0) + (isOpen ? 1 : 0) + (isOver ? 1 : 0);
        InputProblem.require(
                given == 1,
                called,
                given + " given",
                "give exactly one of " + called + ", open: true, overRange: true");
        if (figure.isEmpty()) {
            return isOpen ? Reading.open(quantity) : Reading.overRange(quantity);
        }
        return Reading.of(quantity, figure.get(), resolution);
    }
}
