package zestbench.core.contactor;

import java.util.Optional;
import zestbench.core.family.Comparison;
import zestbench.core.family.MatchRequest.Circuit;
import zestbench.core.shop.ShopRules;

/** An old contactor and one offered for it, with what it switches. */
final class ContactorPair extends Comparison {
    final ContactorRating needed;
    final ContactorRating offered;
    final Switched switched;

    ContactorPair(ContactorRating needed, ContactorRating offered, Circuit circuit, ShopRules rules) {
        super(needed.spec(), offered.spec(), circuit, rules);
        this.needed = needed;
        this.offered = offered;
        this.switched = Switched.of(circuit);
    }

    /** Volts of the circuit it switches: as measured, else the highest of the plate, else those of the old label. */
    Optional<Double> lineVolts() {
        if (circuit.lineVolts() != null) {
            return Optional.of(circuit.lineVolts());
        }
        Optional<Double> plate = circuit.plate().numbers("volts").stream().max(Double::compare);
        return plate.isPresent() ? plate : needed.rows().get(0).lineVolts();
    }
}
