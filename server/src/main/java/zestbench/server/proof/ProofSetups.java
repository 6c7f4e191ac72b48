package zestbench.server.proof;

import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import zestbench.core.proof.Altitude;
import zestbench.core.proof.ProofSetup;
import zestbench.core.proof.SaturationTable;
import zestbench.server.refrigerant.Refrigerants;
import zestbench.server.shop.Shop;
import zestbench.server.tape.Calls;
import zestbench.server.unit.Unit;

/** What the proof of a call's unit goes by: its plates, the table of its refrigerant, where it stands, the shop's bands. */
@Component
public class ProofSetups {
    private final Refrigerants refrigerants;
    private final Shop shop;

    ProofSetups(Refrigerants refrigerants, Shop shop) {
        this.refrigerants = refrigerants;
        this.shop = shop;
    }

    public ProofSetup of(Calls.Open call) {
        Unit unit = call.row().unit();
        return ProofSetup.of(
                call.state().plates(),
                saturation(call),
                unit == null ? Altitude.SEA_LEVEL : unit.altitude(),
                shop.inForce().rules());
    }

    /** The table of its refrigerant; null where there is none. */
    public @Nullable SaturationTable saturation(Calls.Open call) {
        return refrigerants.find(ProofSetup.refrigerantOf(call.state().plates()));
    }
}
