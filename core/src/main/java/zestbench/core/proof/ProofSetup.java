package zestbench.core.proof;

import java.util.Optional;
import org.jspecify.annotations.Nullable;
import zestbench.core.family.Spec;
import zestbench.core.plate.PlateFacts;
import zestbench.core.plate.Plates;
import zestbench.core.shop.ShopRules;

/**
 * What a unit is made for, as far as its proof needs it.
 *
 * @param refrigerant as R-410A; empty where the plate does not say
 * @param table its saturation; null where there is none, so that nothing is computed from pressures
 * @param metering null where it is not known
 * @param targetSubcooling in °F, of the plate; null where it does not say
 * @param tons of nominal cooling, 0 where unknown
 * @param splitLow least temperature split of the shop, °F
 * @param splitHigh largest, °F
 */
public record ProofSetup(
        String refrigerant,
        @Nullable SaturationTable table,
        @Nullable Metering metering,
        @Nullable Double targetSubcooling,
        double tons,
        Altitude altitude,
        double splitLow,
        double splitHigh) {
    /** How refrigerant is let into the indoor coil. */
    public enum Metering {
        VALVE,
        ORIFICE
    }

    /** The same with nothing that a figure of the refrigerant could be held against. */
    ProofSetup unjudged() {
        return new ProofSetup(refrigerant, table, null, null, tons, altitude, splitLow, splitHigh);
    }

    /** The refrigerant of a unit, as its plates say; empty where they do not. */
    public static String refrigerantOf(Plates plates) {
        return plates.outdoor()
                .text("refrigerant")
                .or(() -> plates.indoor().text("refrigerant"))
                .orElse("");
    }

    /** Of a unit with these plates. The indoor coil's own word on metering goes before the outdoor plate's. */
    public static ProofSetup of(Plates plates, @Nullable SaturationTable table, Altitude altitude, ShopRules rules) {
        Spec outdoor = plates.outdoor();
        Optional<String> metering = plates.indoor().text("metering").or(() -> outdoor.text("metering"));
        return new ProofSetup(
                refrigerantOf(plates),
                table,
                metering.map(Metering::valueOf).orElse(null),
                outdoor.number("targetSubcoolingFahrenheit").orElse(null),
                PlateFacts.of(outdoor).tons(),
                altitude,
                rules.temperatureSplitLow(),
                rules.temperatureSplitHigh());
    }
}
