package zestbench.core.plate;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import zestbench.core.family.Spec;
import zestbench.core.judgement.Finding;

/** What the plates of one circuit, outdoor and indoor, say against each other. */
public final class PlatesTogether {
    private static final List<String> MILDLY_FLAMMABLE = List.of("R-32", "R-454B");

    private PlatesTogether() {}

    /** @param indoor empty where the unit is packaged or its indoor plate was not read */
    public static List<Finding> findings(Spec outdoor, Spec indoor) {
        List<Finding> out = new ArrayList<>();
        Optional<String> one = outdoor.text("refrigerant");
        Optional<String> two = indoor.text("refrigerant");
        if (one.isPresent() && two.isPresent() && !one.equals(two)) {
            out.add(Finding.stop(
                    "Outdoor plate {}, indoor plate {}: find out what is in the circuit before anything else.",
                    one.get(),
                    two.get()));
        }
        lowestPressure(outdoor, indoor)
                .ifPresent(psig -> out.add(Finding.caution(
                        "Pressure test never above {} psig, the lowest design pressure on any plate of the circuit; old coils well below it.",
                        psig)));
        if (outdoor.text("metering").equals(Optional.of("VALVE")) && !indoor.isEmpty() && !indoor.has("metering")) {
            out.add(Finding.info(
                    "The outdoor plate speaks of a metering valve; that does not prove the indoor coil has one."));
        }
        if (MILDLY_FLAMMABLE.contains(one.orElse(two.orElse("")))) {
            out.add(Finding.caution(
                    "{} burns: ventilate before live tests, only parts the unit's maker lists, never jumper the leak detector.",
                    one.orElse(two.orElse(""))));
        }
        return out;
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
