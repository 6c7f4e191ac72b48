package zestbench.core.wiring;

import java.util.List;
import java.util.Map;

/** Terminals that wires usually sit on at places whose parts are no family here. What is printed on the part itself goes before. [practice] */
public final class Terminals {
    private static final Map<String, List<String>> USUAL = Map.of(
            "compressor", List.of("C", "R", "S", "T1", "T2", "T3"),
            "crankcase-heater", List.of("1", "2"),
            "switch", List.of("1", "2"));

    private Terminals() {}

    /** Empty where nothing is usual. */
    public static List<String> usual(String kind) {
        return USUAL.getOrDefault(kind, List.of());
    }
}
