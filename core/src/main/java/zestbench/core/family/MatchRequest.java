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
     */
    public record Circuit(
            @Nullable Double supplyHertz,
            @Nullable Double lineVolts,
            @Nullable Integer phase,
            Spec plate,
            @Nullable Integer usedTaps) {
        public static final Circuit UNKNOWN = new Circuit(null);

        public Circuit(@Nullable Double supplyHertz) {
            this(supplyHertz, null, null, Spec.EMPTY, null);
        }
    }

    /** One part offered as it is. */
    public record Offer(String id, Spec spec) {}

    /** A line of stock. @param cost of one piece, 0 where unknown */
    public record StockLine(String id, int quantity, Spec spec, double cost) {}
}
