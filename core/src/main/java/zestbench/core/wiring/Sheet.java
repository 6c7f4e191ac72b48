package zestbench.core.wiring;

import java.util.List;

/** A hook-up sheet: as found, as left, and the difference as a list to tick off. */
public record Sheet(Graph found, Graph left, List<Step> steps) {
    /**
     * One thing to do.
     *
     * @param key names the step, so that its tick stays with it
     * @param colour of the wire it is about; empty where it is none
     */
    public record Step(String key, String colour, String tracer, String text) {}
}
