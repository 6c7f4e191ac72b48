package zestbench.core.plate;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import zestbench.core.family.FlammableRefrigerant;
import zestbench.core.family.Spec;
import zestbench.core.judgement.Demand;
import zestbench.core.judgement.Finding;
import zestbench.core.quantity.Figures;

/** What the plates of one circuit, outdoor and indoor, say against each other. */
public final class PlatesTogether {
    /** An indoor coil may be half a ton larger than the outdoor unit, not smaller. [practice] */
    private static final double LARGER_BY = 6_000;

    private PlatesTogether() {}

    /** @param indoor empty where the unit is packaged or its indoor plate was not read */
    public static List<Finding> findings(Spec outdoor, Spec indoor) {
        List<Finding> out = new ArrayList<>();
        Optional<String> one = outdoor.text("refrigerant");
        Optional<String> two = indoor.text("refrigerant");
        if (one.isPresent() && two.isPresent() && !one.equals(two)) {
            boolean isOnly = indoor.flag("refrigerantOnly").orElse(false);
            boolean isValve = indoor.text("metering").equals(Optional.of("VALVE"));
            out.add(Finding.stop(
                    Demand.REFRIGERANT,
                    "Outdoor plate {}, indoor plate {}{}: one circuit holds one refrigerant.{}",
                    one.get(),
                    two.get(),
                    isOnly ? " only" : "",
                    isValve ? " A metering valve is made for one refrigerant." : ""));
        }
        sizes(outdoor, indoor).ifPresent(out::add);
        lowestPressure(outdoor, indoor)
                .ifPresent(psig -> out.add(Finding.caution(
                        "Pressure test never above {} psig, the lowest design pressure on any plate of the circuit; old coils well below it.",
                        psig)));
        if (outdoor.text("metering").equals(Optional.of("VALVE")) && !indoor.isEmpty() && !indoor.has("metering")) {
            out.add(Finding.info(
                    "The outdoor plate speaks of a metering valve; that does not prove the indoor coil has one."));
        }
        String refrigerant = one.orElse(two.orElse(""));
        FlammableRefrigerant.of(refrigerant)
                .ifPresent(burning -> out.add(Finding.caution(
                        "{} is {}: ventilate before live tests, only parts the unit's maker lists, never jumper the leak detector.",
                        refrigerant,
                        burning.words())));
        return out;
    }

    /** The coil's size against the outdoor unit's. */
    private static Optional<Finding> sizes(Spec outdoor, Spec indoor) {
        double unit = outdoor.number("nominalBtuPerHour").orElse(0.0);
        double coil = indoor.number("nominalBtuPerHour").orElse(0.0);
        if (unit == 0 || coil == 0 || (coil >= unit && coil <= unit + LARGER_BY)) {
            return Optional.empty();
        }
        return Optional.of(Finding.caution(
                "Outdoor unit {} ton, indoor coil {} ton: a {} coil{}",
                Figures.plain(Figures.tidy(unit / Capacity.BTU_PER_HOUR_PER_TON)),
                Figures.plain(Figures.tidy(coil / Capacity.BTU_PER_HOUR_PER_TON)),
                coil < unit ? "smaller" : "far larger",
                coil < unit ? " frosts and holds the pressures low." : " than the unit; look for the matched set."));
    }

    private static Optional<Double> lowestPressure(Spec outdoor, Spec indoor) {
        Optional<Double> lowest = Optional.empty();
        for (Spec plate : List.of(outdoor, indoor)) {
            for (String field : List.of("lowSideDesignPsig", "highSideDesignPsig")) {
                Optional<Double> psig = plate.number(field);
                if (psig.isPresent() && (lowest.isEmpty() || psig.get() < lowest.get())) {
                    lowest = psig;
                }
            }
        }
        return lowest;
    }
}
