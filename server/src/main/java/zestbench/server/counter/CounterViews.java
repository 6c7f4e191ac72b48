package zestbench.server.counter;

import java.util.List;
import org.jspecify.annotations.Nullable;
import zestbench.core.family.Spec;

/** What a supply house says over HTTP. */
public final class CounterViews {
    private CounterViews() {}

    /** @param hours in words @param isOpen now */
    public record Branch(String id, String name, double miles, String hours, boolean isOpen) {}

    /**
     * A part on its shelf.
     *
     * @param spec its ratings, fields of its kind
     * @param price in dollars, for one
     * @param quantity in stock
     */
    public record CounterItem(
            String item, String kind, String label, Spec spec, double price, int quantity, Branch branch) {}

    /** @param ready the day it can be fetched, as 2026-11-27 */
    public record Order(String order, String item, int pieces, double price, String from, String ready) {}

    /** What is looked for: a kind, and what the circuit asks for as fields of that kind. */
    public record Wanted(
            String kind, Spec requirement, @Nullable Integer most) {}

    /** What is ordered. @param customer whose order it is */
    public record Wish(String item, int pieces, String customer) {}

    /** How the simulated counter behaves. */
    public enum Mode {
        NORMAL,
        SLOW,
        DOWN
    }

    /** @param mode of the simulated counter */
    public record CounterModeView(Mode mode) {}

    /** All that was found. */
    public record Found(List<CounterItem> items) {}
}
