package zestbench.core.proof;

import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import org.jspecify.annotations.Nullable;
import zestbench.core.judgement.Finding;
import zestbench.core.quantity.Figures;

/** What the pressures of a running unit say in temperatures. @param evaporating and @param condensing in °F; null where not known */
record Saturated(@Nullable Double evaporating, @Nullable Double condensing) {
    /** Reads both pressures in the refrigerant's table; what cannot be read is said. */
    static Saturated of(Map<ProofPoint, Double> readings, ProofSetup setup, List<Finding> findings) {
        Double suction = readings.get(ProofPoint.SUCTION_PRESSURE);
        Double liquid = readings.get(ProofPoint.LIQUID_PRESSURE);
        SaturationTable table = setup.table();
        if (suction == null && liquid == null) {
            return new Saturated(null, null);
        }
        if (table == null) {
            findings.add(Finding.caution(
                    setup.refrigerant().isEmpty()
                            ? "The plate does not say which refrigerant: nothing is computed from pressures."
                            : "There is no saturation table for " + setup.refrigerant()
                                    + ": nothing is computed from pressures. Bring one in as CSV."));
            return new Saturated(null, null);
        }
        Double evaporating = suction == null
                ? null
                : known(suction, table.dewFahrenheit(suction, setup.altitude()), table, findings);
        Double condensing = liquid == null
                ? null
                : known(liquid, table.bubbleFahrenheit(liquid, setup.altitude()), table, findings);
        return new Saturated(evaporating, condensing);
    }

    private static @Nullable Double known(
            double psig, OptionalDouble fahrenheit, SaturationTable table, List<Finding> findings) {
        if (fahrenheit.isPresent()) {
            return Figures.tidy(fahrenheit.getAsDouble());
        }
        findings.add(Finding.caution(
                "{} psig lies beyond the table of {} ({}): nothing is computed from it.",
                psig,
                table.refrigerant(),
                table.reach()));
        return null;
    }
}
