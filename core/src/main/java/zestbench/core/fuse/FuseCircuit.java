package zestbench.core.fuse;

import java.util.Optional;
import zestbench.core.circuit.CircuitLoads;
import zestbench.core.family.MatchRequest.Circuit;
import zestbench.core.family.MatchRequest.Protects;
import zestbench.core.family.Spec;
import zestbench.core.quantity.Figures;

/**
 * The circuit a fuse protects, and the amps it may have there. A unit's own supply fuses go by its plate; a fuse of an inner
 * circuit (transformer, board, fan, heater) by nothing but its own rating.
 *
 * @param kind which of the two, as far as that is known
 * @param least the plate's MCA, else reckoned from its loads; empty where neither is known, and in inner circuits
 * @param most the plate's largest fuse, else its largest breaker, else reckoned from its loads; empty likewise
 * @param words the window in words
 * @param isBreakerOnly whether the plate names a breaker and no fuse
 */
record FuseCircuit(Kind kind, Optional<Double> least, Optional<Double> most, String words, boolean isBreakerOnly) {
    /** Which circuit it is. */
    enum Kind {
        UNIT,
        INNER,
        /** larger than any inner circuit usually has, smaller than the unit's own can be */
        UNSURE
    }

    static FuseCircuit of(Circuit circuit, Optional<Double> old) {
        Spec plate = circuit.plate();
        CircuitLoads loads = CircuitLoads.of(plate);
        boolean isReckonable = loads.isReckonable();
        Optional<Double> printedLeast = plate.number("minimumCircuitAmps");
        Optional<Double> fuse = plate.number("maximumFuseAmps");
        Optional<Double> breaker = plate.number("maximumBreakerAmps");
        Optional<Double> printedMost = fuse.isPresent() ? fuse : breaker;
        Optional<Double> least =
                printedLeast.isPresent() || !isReckonable ? printedLeast : Optional.of(loads.minimumAmps());
        Optional<Double> most = printedMost.isPresent() || !isReckonable
                ? printedMost
                : Optional.of((double) loads.protectionCeiling());
        String words = words("MCA", least, printedLeast) + ", "
                + words(fuse.isEmpty() && breaker.isPresent() ? "max breaker" : "max fuse", most, printedMost);
        Kind kind = kind(circuit.role().protects(), old, least);
        return new FuseCircuit(kind, least, most, words, fuse.isEmpty() && breaker.isPresent());
    }

    private static Kind kind(
            @org.jspecify.annotations.Nullable Protects protects, Optional<Double> old, Optional<Double> least) {
        if (protects != null) {
            return protects == Protects.UNIT ? Kind.UNIT : Kind.INNER;
        }
        if (old.filter(a -> a < FuseLimits.LEAST_AMPS_OF_A_UNIT).isPresent()) {
            return Kind.INNER;
        }
        boolean isFarUnder = old.isPresent() && least.isPresent() && old.get() < FuseLimits.INNER_SHARE * least.get();
        return isFarUnder ? Kind.UNSURE : Kind.UNIT;
    }

    private static String words(String name, Optional<Double> amps, Optional<Double> printed) {
        return amps.map(a ->
                        (printed.isPresent() ? "the plate's " : "reckoned ") + name + " " + Figures.plain(a) + " A")
                .orElse("no " + name);
    }

    /** {@code 23.8 to 40 A}; the old rating alone where no window is known or meant. */
    String wanted(Optional<Double> old) {
        if (kind == Kind.INNER || (least.isEmpty() && most.isEmpty())) {
            return old.map(a -> Figures.plain(a) + " A").orElse("?");
        }
        return least.map(Figures::plain).orElse("?") + " to "
                + most.map(Figures::plain).orElse("?") + " A";
    }
}
