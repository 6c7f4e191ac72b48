package zestbench.core.quantity;

import org.jspecify.annotations.Nullable;

/**
 * What the meter showed: a figure, no continuity at all, or OL. All three are readings; none is a missing number.
 *
 * @param value the figure in the quantity's unit; 0 where the state is not {@link State#FIGURE}
 * @param resolution the smallest step the meter showed it in, where the meter told it
 */
public record Reading(
        Quantity quantity,
        State state,
        double value,
        @Nullable Double resolution) {
    private static final double MEGOHM = 1_000_000;
    /** No meter shows as much in any unit. */
    private static final double LARGEST = 1e12;

    /** How the meter answered. */
    public enum State {
        FIGURE,
        OPEN,
        OVER_RANGE
    }

    public Reading {
        if (!(Math.abs(value) <= LARGEST) || (value < 0 && !quantity.goesBelowZero())) {
            throw InputProblem.of(
                    "value", String.valueOf(value), "a reading is a number from 0 upward, to 1,000,000,000,000");
        }
        if (resolution != null && !(resolution > 0 && Double.isFinite(resolution))) {
            throw InputProblem.of("resolution", String.valueOf(resolution), "the smallest step is a number above 0");
        }
    }

    public static Reading of(Quantity quantity, double value) {
        return new Reading(quantity, State.FIGURE, value, null);
    }

    public static Reading of(Quantity quantity, double value, @Nullable Double resolution) {
        return new Reading(quantity, State.FIGURE, value, resolution);
    }

    public static Reading open(Quantity quantity) {
        return new Reading(quantity, State.OPEN, 0, null);
    }

    public static Reading overRange(Quantity quantity) {
        return new Reading(quantity, State.OVER_RANGE, 0, null);
    }

    public boolean isFigure() {
        return state == State.FIGURE;
    }

    /** The figure in its unit as it was read, or the word for what it showed. */
    public String text() {
        return switch (state) {
            case FIGURE -> shown() + " " + unit();
            case OPEN -> "open";
            case OVER_RANGE -> "OL";
        };
    }

    /** The unit it is shown in; insulation is read in megohms. */
    public String unit() {
        return isInMegohms() ? "MΩ" : quantity.unit();
    }

    private boolean isInMegohms() {
        return quantity == Quantity.OHMS && value >= MEGOHM / 10;
    }

    /** The figure alone, as it was read. */
    public String shown() {
        return Figures.plain(isInMegohms() ? value / MEGOHM : value);
    }
}
