package zestbench.core.family;

import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import zestbench.core.shop.ShopRules;
import zestbench.core.value.Value;

/** What the circuit needs, who says so, and what there is to serve it with: either offers one by one, or stock to combine. */
public record MatchRequest(
        Spec required,
        List<Witness> witnesses,
        Circuit circuit,
        List<Offer> offers,
        List<StockLine> stock,
        ShopRules rules,
        Doubted doubted) {
    /** What the plate says is one fact, whoever hands it in: a witness {@code UNIT_PLATE} is laid under the circuit's plate. */
    public MatchRequest {
        for (Witness witness : witnesses) {
            circuit = witness.from() == Source.UNIT_PLATE ? circuit.withPlate(witness.spec()) : circuit;
        }
    }

    public MatchRequest(
            Spec required,
            List<Witness> witnesses,
            Circuit circuit,
            List<Offer> offers,
            List<StockLine> stock,
            ShopRules rules) {
        this(required, witnesses, circuit, offers, stock, rules, Doubted.NOTHING);
    }

    /** The same with another requirement. */
    public MatchRequest requiring(Spec other) {
        return new MatchRequest(other, witnesses, circuit, offers, stock, rules, doubted);
    }

    /**
     * Fields that were read with a doubt; they decide nothing until they are confirmed.
     *
     * @param required of what is needed
     * @param offers of each offer or line of stock, by its id
     */
    public record Doubted(Set<String> required, Map<String, Set<String>> offers) {
        public static final Doubted NOTHING = new Doubted(Set.of(), Map.of());
    }

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
     * @param role what the part does in it
     */
    public record Circuit(
            @Nullable Double supplyHertz,
            @Nullable Double lineVolts,
            @Nullable Integer phase,
            Spec plate,
            @Nullable Integer usedTaps,
            Beside beside,
            Role role) {
        public static final Circuit UNKNOWN = new Circuit(null);

        public Circuit(
                @Nullable Double supplyHertz,
                @Nullable Double lineVolts,
                @Nullable Integer phase,
                Spec plate,
                @Nullable Integer usedTaps,
                Beside beside) {
            this(supplyHertz, lineVolts, phase, plate, usedTaps, beside, Role.UNKNOWN);
        }

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

        /** The same with {@code said} laid under what is known of the plate. */
        Circuit withPlate(Spec said) {
            Spec all = plate;
            for (Map.Entry<String, Value> field : said.values().fields().entrySet()) {
                all = all.has(field.getKey()) ? all : all.with(field.getKey(), field.getValue());
            }
            return new Circuit(supplyHertz, lineVolts, phase, all, usedTaps, beside, role);
        }

        /** Of the supply: as given, else as the plate says; empty where neither does. */
        public java.util.Optional<Integer> knownPhase() {
            return phase != null
                    ? java.util.Optional.of(phase)
                    : plate.number("phase").map(Double::intValue);
        }
    }

    /** What a fuse protects. */
    public enum Protects {
        /** the unit's own supply: its plate's window is for these */
        UNIT,
        TRANSFORMER,
        CONTROL,
        FAN,
        HEATER,
        OTHER
    }

    /** What a contactor switches. */
    public enum Switches {
        COMPRESSOR,
        FAN,
        HEAT,
        ALL
    }

    /**
     * What the part does in its circuit; null where that is not known.
     *
     * @param loadAmps of what hangs on it alone
     * @param isIndoors whether it sits in the indoor unit's air
     * @param isCauseFound whether it is known why a fuse opened
     */
    public record Role(
            @Nullable Protects protects,
            @Nullable Switches switches,
            @Nullable Double loadAmps,
            @Nullable Boolean isIndoors,
            @Nullable Boolean isCauseFound) {
        public static final Role UNKNOWN = new Role(null, null, null, null, null);
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
     * @param contactorLockedRotorAmps that the contactor which is in breaks, by its label
     */
    public record Beside(
            @Nullable Double voltAmps,
            @Nullable Double inrushVoltAmps,
            @Nullable CrankcaseHeat crankcaseHeat,
            @Nullable Integer wiresFound,
            @Nullable String refrigerant,
            @Nullable Double shortCircuitKiloamps,
            @Nullable Double contactorLockedRotorAmps) {
        public static final Beside UNKNOWN = new Beside(null, null, null, null, null, null);

        public Beside(
                @Nullable Double voltAmps,
                @Nullable Double inrushVoltAmps,
                @Nullable CrankcaseHeat crankcaseHeat,
                @Nullable Integer wiresFound,
                @Nullable String refrigerant,
                @Nullable Double shortCircuitKiloamps) {
            this(voltAmps, inrushVoltAmps, crankcaseHeat, wiresFound, refrigerant, shortCircuitKiloamps, null);
        }
    }

    /** One part offered as it is. */
    public record Offer(String id, Spec spec) {}

    /** A line of stock. @param cost of one piece, 0 where unknown */
    public record StockLine(String id, int quantity, Spec spec, double cost) {}
}
