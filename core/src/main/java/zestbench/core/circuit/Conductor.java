package zestbench.core.circuit;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import zestbench.core.judgement.Mark;
import zestbench.core.quantity.InputProblem;

/**
 * A conductor by gauge and metal, as far as its resistance goes.
 *
 * @param ohmsPer1000Feet DC at 75 °C, of stranded wire, above 0
 */
public record Conductor(String gauge, Metal metal, double ohmsPer1000Feet) {
    /** What it is made of. */
    public enum Metal {
        COPPER,
        ALUMINUM
    }

    /** [NEC chapter 9, table 8, from memory; held against ρ·l/A in a test] */
    public static final Mark MARK = Mark.fromMemory("NEC chapter 9, table 8");

    private static final double MOST_FEET = 2_000;
    private static final double THOUSAND_FEET = 1_000;

    private static final Map<String, Double> COPPER = new LinkedHashMap<>();
    private static final Map<String, Double> ALUMINUM = new LinkedHashMap<>();

    static {
        put("14", 3.14, 0);
        put("12", 1.98, 3.25);
        put("10", 1.24, 2.04);
        put("8", 0.778, 1.28);
        put("6", 0.491, 0.808);
        put("4", 0.308, 0.508);
        put("3", 0.245, 0.403);
        put("2", 0.194, 0.319);
        put("1", 0.154, 0.253);
        put("1/0", 0.122, 0.201);
        put("2/0", 0.0967, 0.159);
        put("3/0", 0.0766, 0.126);
        put("4/0", 0.0608, 0.100);
    }

    private static void put(String gauge, double copper, double aluminum) {
        COPPER.put(gauge, copper);
        if (aluminum > 0) {
            ALUMINUM.put(gauge, aluminum);
        }
    }

    /** Gauges it is known of, the thinnest first. */
    public static List<String> gauges(Metal metal) {
        return List.copyOf(of(metal).keySet());
    }

    private static Map<String, Double> of(Metal metal) {
        return metal == Metal.COPPER ? COPPER : ALUMINUM;
    }

    /** Empty where the table has no such wire. @param gauge AWG, as 10 or 1/0 */
    public static Optional<Conductor> find(String gauge, Metal metal) {
        return Optional.ofNullable(of(metal).get(gauge.strip())).map(ohms -> new Conductor(gauge.strip(), metal, ohms));
    }

    /**
     * What it drops: there and back on one phase, √3 times one way on three. [physics]
     *
     * @param feet of its run, one way, above 0
     * @param phases 1 or 3
     */
    public double dropVolts(double amps, double feet, int phases) {
        InputProblem.require(
                feet > 0 && feet <= MOST_FEET, "feet", feet, "give the run of the wire one way, up to 2000 ft");
        return amps * ohmsPer1000Feet * feet / THOUSAND_FEET * (phases == 3 ? Math.sqrt(3) : 2);
    }
}
