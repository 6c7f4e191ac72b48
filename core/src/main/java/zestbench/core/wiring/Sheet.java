package zestbench.core.wiring;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** A hook-up sheet: as found, as left, and the difference as a list to tick off. @param notes to be looked up, not done */
public record Sheet(Graph found, Graph left, List<Step> steps, List<String> notes) {
    public Sheet(Graph found, Graph left, List<Step> steps) {
        this(found, left, steps, List.of());
    }

    /** The number of each step that is done by itself, by its key, as the list counts them; what stays by name has none. */
    public Map<String, Integer> numbers() {
        Map<String, Integer> out = new LinkedHashMap<>();
        for (Step step : steps) {
            if (!step.stays()) {
                out.put(step.key(), out.size() + 1);
            }
        }
        return out;
    }

    /**
     * One thing to do.
     *
     * @param key names the step, so that its tick stays with it
     * @param colour of the wire it is about; empty where it is none
     * @param stays whether it is a wire that goes back on the terminal of the same name
     */
    public record Step(String key, String colour, String tracer, String text, boolean stays) {
        public Step(String key, String colour, String tracer, String text) {
            this(key, colour, tracer, text, false);
        }
    }
}
