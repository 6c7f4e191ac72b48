package zestbench.core.supply;

import java.util.List;
import java.util.Optional;
import zestbench.core.circuit.SystemVolts;
import zestbench.core.family.Spec;
import zestbench.core.judgement.Mark;
import zestbench.core.judgement.Reckoning;
import zestbench.core.quantity.InputProblem;
import zestbench.core.quantity.Limits;

/** The volts a unit's plate names, and the limits that follow: the plate's own first, else those of its rated volts. */
record RatedVolts(List<Double> rated, Optional<Limits> printed) {

    private static final double PAIR_LOW = 208;
    private static final double PAIR_HIGH = 230;
    /** What a 208/230 plate stands. [practice, AHRI 110 range, from memory] */
    private static final Limits OF_PAIR = new Limits(187, 253);

    static RatedVolts from(Spec plate) {
        Optional<Double> low = plate.number("minVolts");
        Optional<Double> high = plate.number("maxVolts");
        Optional<Limits> printed = Optional.empty();
        if (low.isPresent() && high.isPresent()) {
            InputProblem.require(
                    low.get() < high.get(), "spec.minVolts", low.get(), "the least volts lie below maxVolts");
            printed = Optional.of(new Limits(low.get(), high.get()));
        }
        List<Double> rated = plate.numbers("volts");
        InputProblem.require(
                printed.isPresent() || !rated.isEmpty(),
                "spec.volts",
                null,
                "give the plate's volts, such as [208, 230], or its minVolts and maxVolts");
        return new RatedVolts(rated, printed);
    }

    Limits limits() {
        if (printed.isPresent()) {
            return printed.get();
        }
        double lowest = rated.get(0);
        double highest = rated.get(0);
        for (double volts : rated) {
            lowest = Math.min(lowest, volts);
            highest = Math.max(highest, volts);
        }
        return isPair(lowest, highest)
                ? OF_PAIR
                : new Limits(lowest * (1 - SystemVolts.NAMED_WITHIN), highest * (1 + SystemVolts.NAMED_WITHIN));
    }

    Reckoning rule() {
        Limits limits = limits();
        if (printed.isPresent()) {
            return Reckoning.of(Mark.PRACTICE, "the plate's own {} to {} V.", limits.low(), limits.high());
        }
        if (limits.equals(OF_PAIR)) {
            return Reckoning.of(
                    Mark.fromMemory("AHRI 110 range"), "a 208/230 plate: {} to {} V.", limits.low(), limits.high());
        }
        return Reckoning.of(
                Mark.standard("NEMA MG 1, 12.44"), "rated volts ±10 %: {} to {} V.", limits.low(), limits.high());
    }

    private static boolean isPair(double lowest, double highest) {
        return lowest == PAIR_LOW && highest == PAIR_HIGH;
    }
}
