package zestbench.core.contactor;

import java.util.Optional;
import zestbench.core.circuit.CircuitLoads;
import zestbench.core.family.Comparison;
import zestbench.core.family.MatchRequest.Circuit;
import zestbench.core.family.Spec;
import zestbench.core.shop.ShopRules;

/** An old contactor and one offered for it, with what it switches. */
final class ContactorPair extends Comparison {
    /** Locked-rotor amps of a fan whose label does not tell them. [practice] */
    private static final double FAN_LOCKED_ROTOR = 6;

    final ContactorRating needed;
    final ContactorRating offered;

    ContactorPair(ContactorRating needed, ContactorRating offered, Circuit circuit, ShopRules rules) {
        super(circuit, rules);
        this.needed = needed;
        this.offered = offered;
    }

    /** Volts of the circuit it switches: as measured, else the highest of the plate, else those of the old label. */
    Optional<Double> lineVolts() {
        if (circuit.lineVolts() != null) {
            return Optional.of(circuit.lineVolts());
        }
        Optional<Double> plate = circuit.plate().numbers("volts").stream().max(Double::compare);
        return plate.isPresent() ? plate : needed.rows().get(0).lineVolts();
    }

    /** Compressors and outdoor fans of the plate; empty where it does not tell them. */
    Optional<Double> switchedAmps() {
        double amps = CircuitLoads.of(circuit.plate()).switchedAmps();
        return amps > 0 ? Optional.of(amps) : Optional.empty();
    }

    /** Locked-rotor sum of what it switches; empty where a compressor's is not on the plate. */
    Optional<Double> switchedLockedRotor() {
        double sum = 0;
        for (Spec compressor : circuit.plate().rows("compressors")) {
            Optional<Double> locked = compressor.number("lockedRotorAmps");
            if (locked.isEmpty()) {
                return Optional.empty();
            }
            sum += locked.get();
        }
        if (sum == 0) {
            return Optional.empty();
        }
        for (Spec fan : circuit.plate().rows("outdoorFans")) {
            sum += FAN_LOCKED_ROTOR * fan.number("fullLoadAmps").orElse(0.0);
        }
        return Optional.of(sum);
    }
}
