package zestbench.core.wiring;

import java.util.List;
import java.util.Map;

/** Terminals that wires at a place of a kind usually sit on. What is printed on the part itself goes before. [practice] */
public final class Terminals {
    private static final Map<String, List<String>> USUAL = Map.of(
            "contactor", List.of("L1", "L2", "L3", "T1", "T2", "T3", "A1", "A2"),
            "compressor", List.of("C", "R", "S", "T1", "T2", "T3"),
            "motor", List.of("LINE 1", "LINE 2", "CAP", "HIGH", "MED", "LOW", "GND"),
            "relay", List.of("COM", "NO", "NC", "COIL 1", "COIL 2"),
            "transformer", List.of("PRI COM", "PRI 120", "PRI 208", "PRI 240", "SEC R", "SEC C"),
            "fuse", List.of("L1", "L2", "L3", "T1", "T2", "T3", "GND"),
            "start-device", List.of("1", "2", "5"),
            "crankcase-heater", List.of("1", "2"),
            "switch", List.of("1", "2"),
            "capacitor", List.of("C", "HERM", "FAN"));

    private Terminals() {}

    /** Empty where nothing is usual. */
    public static List<String> usual(String kind) {
        return USUAL.getOrDefault(kind, List.of());
    }
}
