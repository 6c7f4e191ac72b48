package zestbench.core.proof;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import zestbench.core.judgement.Finding;
import zestbench.core.judgement.Mark;
import zestbench.core.judgement.Reckoning;
import zestbench.core.proof.UnitProof.Shown;
import zestbench.core.quantity.Figures;
import zestbench.core.quantity.Quantity;
import zestbench.core.quantity.Reading;

/**
 * What readings of a unit that heats amount to. All of it is shown and nothing judged: the rise is held against the furnace's own
 * plate, and gas and combustion are for whoever is licensed for them.
 */
public final class HeatProof {
    /** BTU an hour for each cfm and °F, of standard air: 0.075 lb/ft³ × 0.24 BTU/lb°F × 60 min. [physics] */
    private static final double BTU_PER_CFM_FAHRENHEIT = 1.08;

    private HeatProof() {}

    /** @param readings what was read, each by its point; throws where one cannot be */
    public static UnitProof.Answer of(Map<ProofPoint, Double> readings) {
        readings.forEach(ProofPoint::checked);
        List<Shown> shown = new ArrayList<>();
        List<Finding> findings = new ArrayList<>();
        rise(readings, "the furnace's plate gives the range", shown, findings);
        gas(readings, shown);
        return new UnitProof.Answer(List.of(), List.copyOf(shown), List.copyOf(findings));
    }

    /**
     * The same of a heat pump: what its refrigerant does is shown as it is reckoned for cooling, the maker's table for heat says what it
     * should be.
     */
    public static UnitProof.Answer ofHeatPump(Map<ProofPoint, Double> readings, ProofSetup setup) {
        List<Shown> shown = new ArrayList<>();
        List<Finding> findings = new ArrayList<>();
        rise(readings, "it falls with the outdoor air; the maker's table says how far", shown, findings);
        Map<ProofPoint, Double> refrigerant = new EnumMap<>(ProofPoint.class);
        readings.forEach((point, value) -> {
            if (point.isOfCircuit()) {
                refrigerant.put(point, value);
            }
        });
        List<Shown> figures = UnitProof.of(refrigerant, setup.unjudged()).shown();
        shown.addAll(figures);
        if (!figures.isEmpty()) {
            findings.add(
                    Finding.info(
                            "While it heats its maker's table says what superheat and subcooling should be; charge is weighed, or set by that table."));
        }
        return new UnitProof.Answer(List.of(), List.copyOf(shown), List.copyOf(findings));
    }

    private static void rise(Map<ProofPoint, Double> readings, String by, List<Shown> shown, List<Finding> findings) {
        Double in = readings.get(ProofPoint.RETURN_AIR);
        Double out = readings.get(ProofPoint.SUPPLY_AIR);
        if (in != null && out != null) {
            double rise = Figures.tidy(out - in);
            shown.add(new Shown(
                    "Temperature rise",
                    Reading.of(Quantity.FAHRENHEIT, rise),
                    Reckoning.of(Mark.PRACTICE, "Supply {} − return {} = {} °F; " + by + ".", out, in, rise),
                    false));
            if (rise < 0) {
                findings.add(Finding.caution("Supply is colder than return: it does not heat."));
            }
            heat(readings.get(ProofPoint.AIRFLOW), rise, shown);
        }
    }

    private static void heat(@Nullable Double cfm, double rise, List<Shown> shown) {
        if (cfm == null || rise <= 0) {
            return;
        }
        double thousands = Math.round(BTU_PER_CFM_FAHRENHEIT * cfm * rise / 100) / 10.0;
        shown.add(new Shown(
                "Heat to the air",
                Reading.of(Quantity.THOUSAND_BTU_PER_HOUR, thousands),
                Reckoning.of(
                        Mark.PHYSICS,
                        "1.08 × {} cfm × {} °F = {} thousand BTU an hour, of standard air at sea level.",
                        cfm,
                        rise,
                        thousands),
                false));
    }

    /** Gas pressures and the flame's current stand as they were read, whatever the unit is proved for. */
    static void gas(Map<ProofPoint, Double> readings, List<Shown> shown) {
        for (ProofPoint point : List.of(ProofPoint.GAS_INLET, ProofPoint.GAS_MANIFOLD, ProofPoint.FLAME_SIGNAL)) {
            Double value = readings.get(point);
            if (value != null) {
                String by = point == ProofPoint.FLAME_SIGNAL
                        ? "As read. The board's own sheet says how much it needs."
                        : "As read. The furnace's plate says how much; it is set by whoever is licensed for gas.";
                shown.add(new Shown(
                        point.title(), Reading.of(point.quantity(), value), Reckoning.of(Mark.PRACTICE, by), false));
            }
        }
    }
}
