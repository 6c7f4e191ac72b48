package zestbench.core.call;

import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import zestbench.core.plate.Plates;
import zestbench.core.proof.Altitude;
import zestbench.core.proof.ProofSetup;
import zestbench.core.proof.SaturationTable;
import zestbench.core.quantity.InputProblem;
import zestbench.core.quantity.Meter;
import zestbench.core.quantity.Quantity;
import zestbench.core.shop.ShopRules;
import zestbench.core.tape.UnitHistory.OpenWriteUp;

/**
 * What stands around a call when something is done on it; plain values, each as the command {@link Command#needs() needs} it.
 *
 * @param status where the call stands
 * @param plates of its unit, whole, as its record has them
 * @param places of its unit; null for a quick check, which has none
 * @param stock of the kind the command looks for
 * @param writeUps of the unit that nobody ended
 * @param altitude where the unit stands
 * @param saturation of the unit's refrigerant; null where there is no table of it
 * @param rules of the shop
 * @param rulesNumber under which they are kept
 * @param meters in use; the usual one where none is named
 * @param fresh letters and digits that no other command was given, for the names of what it makes
 */
public record Surroundings(
        CallStatus status,
        Plates plates,
        @Nullable List<UnitPlace> places,
        Stock stock,
        List<OpenWriteUp> writeUps,
        Altitude altitude,
        @Nullable SaturationTable saturation,
        ShopRules rules,
        long rulesNumber,
        Map<Quantity, Meter> meters,
        String fresh) {
    private static final int PART_NAME = 8;

    /** The meter in use for {@code quantity}. */
    public Meter meter(Quantity quantity) {
        return meters.getOrDefault(quantity, Meter.USUAL);
    }

    /** The places, none where there is no unit. */
    public List<UnitPlace> knownPlaces() {
        return places == null ? List.of() : places;
    }

    /** The place meant. @param field by which it was given */
    public UnitPlace place(long id, String field) {
        InputProblem.require(places != null, field, id, "a quick check has no unit with places");
        return knownPlaces().stream()
                .filter(p -> p.id() == id)
                .findFirst()
                .orElseThrow(() -> InputProblem.of(field, String.valueOf(id), "no such place in this unit"));
    }

    /** What the proof of the unit goes by. @param now its plates as the call knows them */
    public ProofSetup proof(Plates now) {
        return ProofSetup.of(now, saturation, altitude, rules);
    }

    /** The name of a part that is taken into question. */
    String freshPart() {
        return "p" + fresh.substring(0, PART_NAME);
    }

    /** The name of the {@code n}th thing a command writes up, from 0. */
    String freshWriteUp(int n) {
        return "w" + fresh + (n == 0 ? "" : "-" + n);
    }
}
