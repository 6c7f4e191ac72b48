package zestbench.core.family;

import java.util.List;
import org.jspecify.annotations.Nullable;
import zestbench.core.shop.ShopRules;

/** What the circuit needs, who says so, and what there is to serve it with: either offers one by one, or stock to combine. */
public record MatchRequest(
        Spec required,
        List<Witness> witnesses,
        Circuit circuit,
        List<Offer> offers,
        List<StockLine> stock,
        ShopRules rules) {
    /** Who says what the circuit needs, from the most trusted. */
    public enum Source {
        MOTOR_LABEL,
        UNIT_DIAGRAM,
        UNIT_PLATE,
        PART_LABEL,
        MEASURED;

        public String words() {
            return switch (this) {
                case MOTOR_LABEL -> "the motor's own label";
                case UNIT_DIAGRAM -> "the unit's diagram";
                case UNIT_PLATE -> "the unit's plate";
                case PART_LABEL -> "the old label";
                case MEASURED -> "the measurement";
            };
        }
    }

    /** One witness of the requirement. */
    public record Witness(Source from, Spec spec) {}

    /**
     * Plain facts of the circuit that are known; null or empty where they are not.
     *
     * @param lineVolts as measured
     * @param plate of the unit
     * @param usedTaps speeds that the unit switches
     * @param beside what else hangs in it
     */
    public record Circuit(
            @Nullable Double supplyHertz,
            @Nullable Double lineVolts,
            @Nullable Integer phase,
            Spec plate,
            @Nullable Integer usedTaps,
            Beside beside) {
        public static final Circuit UNKNOWN = new Circuit(null);

        public Circuit(
                @Nullable Double supplyHertz,
                @Nullable Double lineVolts,
                @Nullable Integer phase,
                Spec plate,
                @Nullable Integer usedTaps) {
            this(supplyHertz, lineVolts, phase, plate, usedTaps, Beside.UNKNOWN);
        }

        public Circuit(@Nullable Double supplyHertz) {
            this(supplyHertz, null, null, Spec.EMPTY, null);
        }
    }

    /** Where crankcase heat comes from. */
    public enum CrankcaseHeat {
        NONE,
        /** through the leg that a single pole leaves hot */
        UNSWITCHED_LEG,
        OWN_SUPPLY
    }

    /**
     * What else hangs in a circuit; null where it is not known.
     *
     * @param voltAmps held by what is on the 24 V circuit
     * @param inrushVoltAmps the most it takes at once
     * @param wiresFound on the part
     * @param shortCircuitKiloamps available at the unit
     */
    public record Beside(
            @Nullable Double voltAmps,
            @Nullable Double inrushVoltAmps,
            @Nullable CrankcaseHeat crankcaseHeat,
            @Nullable Integer wiresFound,
            @Nullable String refrigerant,
            @Nullable Double shortCircuitKiloamps) {
        public static final Beside UNKNOWN = new Beside(null, null, null, null, null, null);
    }

    /** One part offered as it is. */
    public record Offer(String id, Spec spec) {}

    /** A line of stock. @param cost of one piece, 0 where unknown */
    public record StockLine(String id, int quantity, Spec spec, double cost) {}
}
