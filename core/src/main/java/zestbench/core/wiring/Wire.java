package zestbench.core.wiring;

import org.jspecify.annotations.Nullable;

/**
 * A wire as it was found. Its colour tells it apart on this unit; it is no code for what it does.
 *
 * @param terminal the terminal it was found on
 * @param colour the colour's name
 * @param tracer the colour of the stripe, where there is one
 * @param name where it leads, such as "compressor S"
 */
public record Wire(String terminal, String colour, @Nullable String tracer, String name) {
    /** {@code orange/white: contactor T1}. */
    public String text() {
        String colours = tracer == null ? colour : colour + "/" + tracer;
        if (colours.isBlank()) {
            return name;
        }
        return name.isBlank() ? colours : colours + ": " + name;
    }
}
