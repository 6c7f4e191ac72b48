package zestbench.core.motor;

import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import zestbench.core.circuit.SystemVolts;
import zestbench.core.family.Comparison;
import zestbench.core.family.MatchRequest.Circuit;
import zestbench.core.shop.ShopRules;

/** An old motor and one offered for it, with the circuit between them, and what comparing them brings to light. */
final class MotorPair extends Comparison {

    final MotorRating needed;
    final MotorRating offered;

    MotorPair(MotorRating needed, MotorRating offered, Circuit circuit, ShopRules rules) {
        super(needed.spec(), offered.spec(), circuit, rules);
        this.needed = needed;
        this.offered = offered;
    }

    /** Volts on the motor: as measured, else the only winding of the old one; null where the label leaves it open. */
    @Nullable
    Double lineVolts() {
        return circuit.lineVolts();
    }

    /** Which connection of {@code motor} serves the line; −1 where none does or the line is not known. */
    int connection(MotorRating motor) {
        Double line = lineVolts();
        for (int i = 0; line != null && i < motor.volts().size(); i++) {
            if (serves(motor.volts().get(i), line)) {
                return i;
            }
        }
        return line == null && motor.volts().size() == 1 ? 0 : -1;
    }

    static boolean serves(List<Double> named, double line) {
        return named.stream()
                .anyMatch(v -> Math.abs(line - v) <= SystemVolts.NAMED_WITHIN * v + MotorLimits.WHOLE_VOLT);
    }

    /** The phase it is fed: of the old motor, since a three-phase unit can have single-phase fans; else as given, or of the plate. */
    Optional<Integer> phase() {
        Optional<Integer> old = phaseOf(needed);
        return old.isPresent() ? old : circuit.knownPhase();
    }

    static Optional<Integer> phaseOf(MotorRating motor) {
        if (motor.phase().isPresent()) {
            return motor.phase();
        }
        return motor.kind().map(k -> k == MotorRating.Kind.THREE_PHASE ? 3 : 1);
    }

    /** The frequency of the supply: as given, else the only one of the old motor, else 60. */
    double hertz() {
        if (circuit.supplyHertz() != null) {
            return circuit.supplyHertz();
        }
        return needed.hertz().size() == 1 ? needed.hertz().get(0) : 60;
    }
}
