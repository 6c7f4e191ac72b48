package zestbench.server.call;

import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import org.springframework.stereotype.Component;
import zestbench.core.call.Command;
import zestbench.core.call.Need;
import zestbench.core.call.Stock;
import zestbench.core.call.Surroundings;
import zestbench.core.call.UnitPlace;
import zestbench.core.proof.Altitude;
import zestbench.core.tape.UnitHistory.OpenWriteUp;
import zestbench.server.proof.ProofSetups;
import zestbench.server.record.UnitHistories;
import zestbench.server.shop.Meters;
import zestbench.server.shop.Shop;
import zestbench.server.tape.Calls;
import zestbench.server.truck.Truck;
import zestbench.server.unit.Place;
import zestbench.server.unit.Unit;

/** Finds what stands around a call: its unit, the shop's rules, meters, stock, earlier visits. */
@Component
class CallSurroundings {
    private final UnitHistories histories;
    private final ProofSetups proofs;
    private final Shop shop;
    private final Meters meters;
    private final Truck truck;

    CallSurroundings(UnitHistories histories, ProofSetups proofs, Shop shop, Meters meters, Truck truck) {
        this.histories = histories;
        this.proofs = proofs;
        this.shop = shop;
        this.meters = meters;
        this.truck = truck;
    }

    /** For a command. @param depot the truck its sender drives */
    Surroundings of(Calls.Open call, Command command, String depot) {
        String part = command.stockFor();
        Set<Need> needs = command.needs();
        return of(
                call,
                needs,
                part == null ? Stock.NONE : stock(call.part(part).added().kind(), depot),
                needs.contains(Need.WRITE_UPS)
                        ? histories.of(call.row(), call.tape(), call.state()).openWriteUps()
                        : List.of());
    }

    /** For a look at the call. @param writeUps that nobody ended on its unit */
    Surroundings of(Calls.Open call, List<OpenWriteUp> writeUps) {
        return of(call, EnumSet.allOf(Need.class), Stock.NONE, writeUps);
    }

    private Surroundings of(Calls.Open call, Set<Need> needs, Stock stock, List<OpenWriteUp> writeUps) {
        Unit unit = needs.contains(Need.UNIT) || needs.contains(Need.PROOF)
                ? call.row().unit()
                : null;
        Shop.InForce rules = shop.inForce();
        return new Surroundings(
                call.status(),
                call.state().onRecord(),
                unit == null
                        ? null
                        : unit.places().stream().map(CallSurroundings::place).toList(),
                stock,
                writeUps,
                unit == null ? Altitude.SEA_LEVEL : unit.altitude(),
                needs.contains(Need.PROOF) ? proofs.saturation(call) : null,
                rules.rules(),
                rules.number(),
                meters.all(),
                UUID.randomUUID().toString().replace("-", "").substring(0, 12));
    }

    /** Throws where the call's unit has no such place. */
    void requirePlace(Calls.Open call, long place) {
        of(call, EnumSet.of(Need.UNIT), Stock.NONE, List.of()).place(place, "place");
    }

    private static UnitPlace place(Place place) {
        return new UnitPlace(place.id(), place.name(), place.kind(), place.serves(), place.title());
    }

    private Stock stock(String kind, String depot) {
        return new Stock(truck.lines(kind, depot), truck.elsewhere(kind, depot));
    }
}
