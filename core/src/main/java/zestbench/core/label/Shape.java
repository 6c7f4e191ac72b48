package zestbench.core.label;

import java.util.List;
import org.jspecify.annotations.Nullable;
import zestbench.core.value.Value;

/** What figures a field takes. */
public interface Shape {
    /**
     * What a figure says where it is taken for the field.
     *
     * @param told values by path
     * @param cost how unusual that would be, from 0
     */
    record Fit(List<Told> told, double cost) {}

    /** One value; null where a digit of it is missing. */
    record Told(String path, @Nullable Value value) {}

    /** The fit of a figure with a unit, or without one; null where it cannot be. */
    @Nullable
    Fit fit(String path, Figure figure, @Nullable Unit unit);

    /** The fit of what is printed where it is a code or a date rather than a figure; null where it cannot be. */
    default @Nullable Fit printed(String path, String text) {
        return null;
    }

    /** Whether it takes codes or dates: those stand behind their names, never in front. */
    default boolean isCode() {
        return false;
    }
}
