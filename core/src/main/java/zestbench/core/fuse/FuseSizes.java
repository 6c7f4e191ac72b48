package zestbench.core.fuse;

import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Standard ratings, and which body a class has at its volts and amps. */
final class FuseSizes {
    /** [NEC 240.6(A)] */
    private static final List<Integer> RATINGS = List.of(
            1, 3, 6, 10, 15, 20, 25, 30, 35, 40, 45, 50, 60, 70, 80, 90, 100, 110, 125, 150, 175, 200, 225, 250, 300,
            350, 400, 450, 500, 600, 601);

    private static final List<Integer> GROUPS = List.of(30, 60, 100, 200, 400, 600);
    private static final List<Integer> G_GROUPS = List.of(15, 20, 30, 60);
    /** Plug fuses whose adapters reject the next size. [NEC 240.53, 240.54, from memory] */
    private static final List<Integer> S_GROUPS = List.of(15, 20, 30);

    /** What a class breaks where its label does not say. [UL 248; K is typical] */
    private static final Map<String, Double> KILOAMPS = Map.ofEntries(
            Map.entry("H", 10.0),
            Map.entry("K5", 50.0),
            Map.entry("G", 100.0),
            Map.entry("RK1", 200.0),
            Map.entry("RK5", 200.0),
            Map.entry("J", 200.0),
            Map.entry("T", 200.0),
            Map.entry("CC", 200.0),
            Map.entry("L", 200.0),
            Map.entry("M", 10.0));

    private FuseSizes() {}

    static boolean isStandard(double amps) {
        return RATINGS.stream().anyMatch(r -> r == amps);
    }

    static Optional<Double> kiloamps(String fuseClass) {
        return Optional.ofNullable(KILOAMPS.get(fuseClass));
    }

    /** Classes whose bodies are the same: rejection fuses have those of H and K. */
    private static String shape(String fuseClass) {
        return switch (fuseClass) {
            case "RK1", "RK5", "H", "K5" -> "H/K/R";
            case "CC", "M" -> "CC";
            default -> fuseClass;
        };
    }

    /** The upper end of the amps that share a body; 0 where the class has none so large. */
    static int group(String fuseClass, double amps) {
        List<Integer> groups = fuseClass.equals("G")
                ? G_GROUPS
                : fuseClass.equals("S")
                        ? S_GROUPS
                        : fuseClass.equals("CC") || fuseClass.equals("M") ? List.of(30) : GROUPS;
        return groups.stream().filter(g -> amps <= g).findFirst().orElse(0);
    }

    /** Whether listed reducers put a smaller fuse of this class into larger clips. [practice] */
    static boolean hasReducers(String fuseClass) {
        return shape(fuseClass).equals("H/K/R") || fuseClass.equals("J");
    }

    /** Names a body: two fuses of one name fit the same clips. Class J has one body whatever its volts. */
    static String body(String fuseClass, double volts, double amps) {
        String shape = shape(fuseClass);
        boolean hasVolts = shape.equals("H/K/R") || shape.equals("T");
        return shape + (hasVolts ? " " + (volts > 300 ? "600 V" : shape.equals("T") ? "300 V" : "250 V") : "") + ", to "
                + group(fuseClass, amps) + " A";
    }

    /** Diameter and length in inches, in words; empty where the table has none. [UL 248, from memory] */
    static String inches(String fuseClass, double volts, double amps) {
        int group = group(fuseClass, amps);
        boolean isHigh = volts > 300;
        return switch (shape(fuseClass)) {
            case "H/K/R" ->
                group == 30
                        ? isHigh ? "13/16 × 5 in" : "9/16 × 2 in"
                        : group == 60 ? isHigh ? "1-1/16 × 5-1/2 in" : "13/16 × 3 in" : "";
            case "J" -> group == 30 ? "13/16 × 2-1/4 in" : group == 60 ? "1-1/16 × 2-3/8 in" : "";
            case "CC" -> "13/32 × 1-1/2 in";
            default -> "";
        };
    }
}
