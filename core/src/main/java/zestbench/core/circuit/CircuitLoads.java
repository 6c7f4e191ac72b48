package zestbench.core.circuit;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import zestbench.core.family.Spec;
import zestbench.core.judgement.Mark;
import zestbench.core.judgement.Reckoning;
import zestbench.core.quantity.Figures;

/**
 * The loads that hang on one circuit of a unit, and what its wire and its fuse follow from. Made from a plate, or with one
 * load changed from another; the same for a plate's proof-reading and for the recheck after a motor was changed.
 */
public record CircuitLoads(List<Load> loads) {
    /** What a load is. */
    public enum Kind {
        COMPRESSOR,
        OUTDOOR_FAN,
        BLOWER,
        HEATER
    }

    /**
     * One load.
     *
     * @param field where it stands on the plate
     * @param amps rated-load, full-load or heater amps, above 0
     */
    public record Load(String field, Kind kind, double amps) {}

    /** Standard ratings of fuses and breakers. [NEC 240.6(A)] */
    public static final List<Integer> STANDARD_RATINGS = List.of(
            15, 20, 25, 30, 35, 40, 45, 50, 60, 70, 80, 90, 100, 110, 125, 150, 175, 200, 225, 250, 300, 350, 400, 450,
            500, 600);

    private static final Mark COOLING = Mark.standard("NEC 440.33");
    private static final Mark HEATING = Mark.fromMemory("NEC 424.4(B)");
    private static final Mark HERMETIC_PROTECTION = Mark.standard("NEC 440.22, 240.6(A)");
    private static final Mark OTHER_LARGEST = Mark.fromMemory("NEC 440.22(B)(2), 430.53(C)(4), 430.52(C)(1)");
    private static final Mark MOTOR_PROTECTION = Mark.standard("NEC 430.52, dual-element fuse");
    private static final double LARGEST_FOR_AMPACITY = 1.25;
    private static final double LARGEST_HERMETIC = 2.25;
    /** Of the largest motor where none is hermetic, by a dual-element fuse. [NEC 430.52] */
    private static final double LARGEST_MOTOR = 1.75;

    private static final double WATTS_PER_KILOWATT = 1_000;

    public CircuitLoads {
        loads = List.copyOf(loads);
    }

    /** What {@code plate} names; a branch-circuit selection current takes the first compressor's RLA's place. [NEC 440.4(C)] */
    public static CircuitLoads of(Spec plate) {
        List<Load> out = new ArrayList<>();
        Optional<Double> selection = plate.number("branchCircuitSelectionAmps");
        List<Spec> compressors = plate.rows("compressors");
        for (int i = 0; i < compressors.size(); i++) {
            Optional<Double> rated = i == 0 && selection.isPresent()
                    ? selection
                    : compressors.get(i).number("ratedLoadAmps");
            add(out, "compressors[" + i + "].ratedLoadAmps", Kind.COMPRESSOR, rated);
        }
        fans(out, plate, "outdoorFans", Kind.OUTDOOR_FAN);
        fans(out, plate, "indoorFans", Kind.BLOWER);
        if (plate.number("heaterAmps").isPresent()) {
            add(out, "heaterAmps", Kind.HEATER, plate.number("heaterAmps"));
        } else {
            add(out, "heaterKilowatts", Kind.HEATER, heaterAmps(plate));
        }
        return new CircuitLoads(out);
    }

    private static void fans(List<Load> out, Spec plate, String rows, Kind kind) {
        List<Spec> fans = plate.rows(rows);
        for (int i = 0; i < fans.size(); i++) {
            add(out, rows + "[" + i + "].fullLoadAmps", kind, fans.get(i).number("fullLoadAmps"));
        }
    }

    private static void add(List<Load> out, String field, Kind kind, Optional<Double> amps) {
        amps.filter(a -> a > 0).ifPresent(a -> out.add(new Load(field, kind, a)));
    }

    /** 1000 × kW ÷ V, in three phases ÷ √3 too, at the highest rated volts. [physics] */
    private static Optional<Double> heaterAmps(Spec plate) {
        double volts = 0;
        for (double rated : plate.numbers("volts")) {
            volts = Math.max(volts, rated);
        }
        if (volts <= 0) {
            return Optional.empty();
        }
        double across = volts * (plate.number("phase").orElse(1.0) == 3 ? Math.sqrt(3) : 1);
        return plate.number("heaterKilowatts").map(kw -> Figures.tidy(WATTS_PER_KILOWATT * kw / across));
    }

    /** The same with the load of {@code field} at other amps. */
    public CircuitLoads with(String field, double amps) {
        return new CircuitLoads(loads.stream()
                .map(l -> l.field().equals(field) ? new Load(field, l.kind(), amps) : l)
                .toList());
    }

    public boolean isEmpty() {
        return loads.isEmpty();
    }

    /** The larger of the cooling sum and, where there is electric heat, the heating sum; the two never run together. */
    public double minimumAmps() {
        return Math.max(coolingAmps(), heatingAmps());
    }

    /** 1.25 × the largest motor + the others. [NEC 440.33] */
    public double coolingAmps() {
        return Figures.tidy(weighted(LARGEST_FOR_AMPACITY));
    }

    /** 1.25 × (heater + blower). [NEC 424.4(B), from memory] */
    public double heatingAmps() {
        double heater = sum(Kind.HEATER);
        return heater > 0 ? Figures.tidy(LARGEST_FOR_AMPACITY * (heater + sum(Kind.BLOWER))) : 0;
    }

    /**
     * The largest fuse or breaker, down to a standard size and not under 15 A; where that is below MCA the next size above
     * it. Where a compressor is the largest motor 2.25 × it + the others [NEC 440.22(A), 440.22(B)(1), 240.6(A)]. Where a
     * fan is, what protects that fan alone, 1.75 × up to a standard size, + the others [NEC 440.22(B)(2), 430.53(C)(4),
     * 430.52(C)(1), from memory]. Without a compressor 1.75 × the largest + the others [NEC 430.52].
     */
    public int protectionCeiling() {
        double ceiling = ceilingSum();
        double least = minimumAmps();
        int size = STANDARD_RATINGS.get(0);
        for (int rating : STANDARD_RATINGS) {
            size = rating <= ceiling ? rating : size;
        }
        return size >= least ? size : nextStandard(least);
    }

    private static int nextStandard(double amps) {
        for (int rating : STANDARD_RATINGS) {
            if (rating >= amps) {
                return rating;
            }
        }
        return STANDARD_RATINGS.get(STANDARD_RATINGS.size() - 1);
    }

    /** How {@link #minimumAmps} came about. */
    public Reckoning minimumReckoning() {
        if (heatingAmps() > coolingAmps()) {
            return Reckoning.of(
                    HEATING,
                    "electric heat alone 1.25 × ({} + {}) = {} A, more than cooling's {} A.",
                    Figures.fixed(sum(Kind.HEATER), 1),
                    Figures.plain(sum(Kind.BLOWER)),
                    Figures.fixed(heatingAmps(), 2),
                    Figures.plain(coolingAmps()));
        }
        return Reckoning.of(
                COOLING, "1.25 × {}{} = {} A.", Figures.plain(largest()), others(), Figures.plain(coolingAmps()));
    }

    /** How {@link #protectionCeiling} came about. */
    public Reckoning ceilingReckoning() {
        String above = protectionCeiling() > ceilingSum() ? ", MCA asks for the size above it" : "";
        if (isHermetic() && !isHermeticLargest()) {
            return Reckoning.of(
                    OTHER_LARGEST,
                    "a fan is the largest motor: 1.75 × {} A up to {} A{} = {} A{}: a standard size of {} A at the most.",
                    Figures.plain(largest()),
                    nextStandard(LARGEST_MOTOR * largest()),
                    others(),
                    Figures.plain(Figures.tidy(ceilingSum())),
                    above,
                    protectionCeiling());
        }
        return Reckoning.of(
                isHermetic() ? HERMETIC_PROTECTION : MOTOR_PROTECTION,
                "{} × {}{} = {} A{}: a standard size of {} A at the most.",
                isHermetic() ? LARGEST_HERMETIC : LARGEST_MOTOR,
                Figures.plain(largest()),
                others(),
                Figures.plain(Figures.tidy(ceilingSum())),
                above,
                protectionCeiling());
    }

    /** What one contactor for the whole unit switches: its compressors and outdoor fans. [practice] */
    public double switchedAmps() {
        return Figures.tidy(sum(Kind.COMPRESSOR) + sum(Kind.OUTDOOR_FAN));
    }

    /** Whether enough of a unit's loads is known to reckon its circuit: a compressor or electric heat is among them. */
    public boolean isReckonable() {
        return loads.stream().anyMatch(l -> l.kind() == Kind.COMPRESSOR || l.kind() == Kind.HEATER);
    }

    /** Of the electric heat; 0 where there is none. */
    public double heaterAmps() {
        return Figures.tidy(sum(Kind.HEATER));
    }

    private boolean isHermetic() {
        return loads.stream().anyMatch(l -> l.kind() == Kind.COMPRESSOR);
    }

    private boolean isHermeticLargest() {
        double largest = largest();
        return loads.stream().anyMatch(l -> l.kind() == Kind.COMPRESSOR && l.amps() >= largest);
    }

    private double ceilingSum() {
        if (isHermetic() && !isHermeticLargest()) {
            return nextStandard(LARGEST_MOTOR * largest()) + motors() - largest();
        }
        return weighted(isHermetic() ? LARGEST_HERMETIC : LARGEST_MOTOR);
    }

    private String others() {
        double rest = Figures.tidy(motors() - largest());
        return rest > 0 ? " + " + Figures.plain(rest) : "";
    }

    private double weighted(double weight) {
        return motors() + (weight - 1) * largest();
    }

    private double largest() {
        double largest = 0;
        for (Load load : loads) {
            largest = load.kind() == Kind.HEATER ? largest : Math.max(largest, load.amps());
        }
        return largest;
    }

    private double motors() {
        return sum(Kind.COMPRESSOR) + sum(Kind.OUTDOOR_FAN) + sum(Kind.BLOWER);
    }

    private double sum(Kind kind) {
        double sum = 0;
        for (Load load : loads) {
            sum += load.kind() == kind ? load.amps() : 0;
        }
        return sum;
    }
}
