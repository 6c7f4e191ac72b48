package zestbench.core.plate;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import zestbench.core.circuit.SystemVolts;
import zestbench.core.family.Spec;
import zestbench.core.judgement.Mark;
import zestbench.core.judgement.Reckoning;
import zestbench.core.quantity.Figures;
import zestbench.core.quantity.Limits;

/** The checks on a plate's voltage range, on its size against its compressors, and on its pressures. */
final class SupplyRangeChecks {
    /** How far a permissible range reaches below and above the rated volts; ±10 % is usual. [practice] */
    private static final double LEAST_LOW_SHARE = 0.85;

    private static final double MOST_HIGH_SHARE = 1.15;

    /** Design pressures in psig that plates of a refrigerant print, high side and low side. [practice, from memory] */
    private static final Map<String, Limits[]> DESIGN_PRESSURES = Map.of(
            "R-22", new Limits[] {new Limits(250, 450), new Limits(120, 300)},
            "R-407C", new Limits[] {new Limits(250, 500), new Limits(120, 350)},
            "R-134A", new Limits[] {new Limits(150, 350), new Limits(70, 250)},
            "R-410A", new Limits[] {new Limits(400, 700), new Limits(200, 450)},
            "R-32", new Limits[] {new Limits(400, 700), new Limits(200, 450)},
            "R-454B", new Limits[] {new Limits(400, 700), new Limits(200, 450)});

    private static final Limits[] ANY = {new Limits(0, 1e6), new Limits(0, 1e6)};

    private SupplyRangeChecks() {}

    /** Least volts below the lowest rated, most above the highest, neither far off the usual ±10 %. */
    static Optional<PlateChecks.Check> voltageRange(Spec plate) {
        Optional<Double> min = plate.number("minVolts");
        Optional<Double> max = plate.number("maxVolts");
        List<Double> rated = plate.numbers("volts");
        if (min.isEmpty() || max.isEmpty() || rated.isEmpty()) {
            return Optional.empty();
        }
        double lowest = rated.get(0);
        double highest = rated.get(0);
        for (double volts : rated) {
            lowest = Math.min(lowest, volts);
            highest = Math.max(highest, volts);
        }
        Limits low = new Limits(LEAST_LOW_SHARE * lowest, lowest);
        Limits high = new Limits(highest, MOST_HIGH_SHARE * highest);
        boolean lowAgrees = low.contains(min.get());
        List<PlateChecks.Correction> corrections = new ArrayList<>();
        if (!lowAgrees) {
            corrections.addAll(
                    Digits.mending("minVolts", min.get(), lowest * (1 - SystemVolts.NAMED_WITHIN), low::contains));
        }
        if (!high.contains(max.get())) {
            corrections.addAll(
                    Digits.mending("maxVolts", max.get(), highest * (1 + SystemVolts.NAMED_WITHIN), high::contains));
        }
        return Optional.of(PlateChecks.Check.of(
                "Voltage range",
                lowAgrees ? "maxVolts" : "minVolts",
                lowAgrees && high.contains(max.get()),
                Reckoning.of(
                        Mark.PRACTICE,
                        "{} to {} V about {}: usually 10 % below and above.",
                        min.get(),
                        max.get(),
                        lowest == highest
                                ? Figures.plain(lowest)
                                : Figures.plain(lowest) + "/" + Figures.plain(highest)),
                corrections));
    }

    /** The compressors' amps for each ton of nominal cooling. [practice] */
    static Optional<PlateChecks.Check> capacity(Spec plate) {
        Optional<Double> nominal = plate.number("nominalBtuPerHour").filter(b -> b > 0);
        CompressorAmps amps = CompressorAmps.of(plate);
        if (nominal.isEmpty() || !amps.isKnown()) {
            return Optional.empty();
        }
        double tons = nominal.get() / Capacity.BTU_PER_HOUR_PER_TON;
        List<PlateChecks.Correction> corrections = new ArrayList<>();
        List<Spec> rows = plate.rows("compressors");
        if (rows.size() == 1) {
            corrections.addAll(Digits.mending(
                    "compressors[0].ratedLoadAmps",
                    rows.get(0).number("ratedLoadAmps").orElse(0.0),
                    rows.get(0).number("ratedLoadAmps").orElse(0.0),
                    rla -> amps.ofOne(rla).agreesWith(tons)));
        }
        return Optional.of(PlateChecks.Check.of(
                "RLA for its size", "nominalBtuPerHour", amps.agreesWith(tons), amps.reckoning(tons), corrections));
    }

    /** High above low, both as plates of this refrigerant print them. */
    static Optional<PlateChecks.Check> designPressures(Spec plate) {
        Optional<Double> high = plate.number("highSideDesignPsig");
        Optional<Double> low = plate.number("lowSideDesignPsig");
        if (high.isEmpty() || low.isEmpty()) {
            return Optional.empty();
        }
        String refrigerant = plate.text("refrigerant").orElse("");
        Limits[] usual = DESIGN_PRESSURES.getOrDefault(refrigerant, ANY);
        boolean highAgrees = usual[0].contains(high.get()) && high.get() > low.get();
        boolean lowAgrees = usual[1].contains(low.get()) && high.get() > low.get();
        List<PlateChecks.Correction> corrections = new ArrayList<>();
        if (!highAgrees) {
            corrections.addAll(Digits.mending(
                    "highSideDesignPsig", high.get(), high.get(), psig -> usual[0].contains(psig) && psig > low.get()));
        }
        if (!lowAgrees) {
            corrections.addAll(Digits.mending(
                    "lowSideDesignPsig", low.get(), low.get(), psig -> usual[1].contains(psig) && psig < high.get()));
        }
        return Optional.of(PlateChecks.Check.of(
                "Design pressures",
                highAgrees ? "lowSideDesignPsig" : "highSideDesignPsig",
                highAgrees && lowAgrees,
                Reckoning.of(
                        Mark.PRACTICE,
                        "high {} psig, low {} psig{}.",
                        high.get(),
                        low.get(),
                        refrigerant.isEmpty() || !DESIGN_PRESSURES.containsKey(refrigerant)
                                ? ": high above low"
                                : "; " + refrigerant + " plates print " + text(usual[0]) + " and " + text(usual[1])),
                corrections));
    }

    private static String text(Limits limits) {
        return Figures.plain(limits.low()) + " to " + Figures.plain(limits.high());
    }
}
