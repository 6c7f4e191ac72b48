package zestbench.core.proof;

import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import zestbench.core.judgement.Finding;
import zestbench.core.judgement.Mark;
import zestbench.core.judgement.Reckoning;
import zestbench.core.plate.Capacity;
import zestbench.core.quantity.Quantity;
import zestbench.core.quantity.Reading;

/**
 * What the air loses on its way through a unit: cfm × 60 ÷ ft³/lb × Δ BTU/lb. [standard: ASHRAE Handbook, Fundamentals, chapter
 * 1] It is held against no figure: a plate's tons are those of other air.
 */
final class Delivered {
    private static final double MINUTES_PER_HOUR = 60;
    private static final Mark MARK = Mark.standard("ASHRAE Handbook, Fundamentals, chapter 1");

    private Delivered() {}

    /** Adds it to what is shown, once all five readings are there; or says that no air reads so. */
    static void of(
            Map<ProofPoint, Double> readings, ProofSetup setup, List<UnitProof.Shown> shown, List<Finding> findings) {
        Double cfm = readings.get(ProofPoint.AIRFLOW);
        Double in = readings.get(ProofPoint.RETURN_AIR);
        Double out = readings.get(ProofPoint.SUPPLY_AIR);
        Double wetIn = readings.get(ProofPoint.RETURN_WET_BULB);
        Double wetOut = readings.get(ProofPoint.SUPPLY_WET_BULB);
        if (cfm == null || in == null || out == null || wetIn == null || wetOut == null) {
            return;
        }
        double psia = setup.altitude().atmospherePsia();
        Optional<MoistAir> before = MoistAir.of(in, wetIn, psia);
        Optional<MoistAir> after = MoistAir.of(out, wetOut, psia);
        if (before.isEmpty() || after.isEmpty()) {
            findings.add(
                    Finding.caution(
                            "No air reads so: a wet bulb stands under the dry bulb beside it, and not too far. Read both again."));
            return;
        }
        double fell = before.get().btuPerPound() - after.get().btuPerPound();
        if (fell < 0) {
            findings.add(Finding.caution("The supply air carries more heat than the return: nothing is delivered."));
            return;
        }
        double tonsPerBtu = cfm * MINUTES_PER_HOUR / before.get().cubicFeetPerPound() / Capacity.BTU_PER_HOUR_PER_TON;
        double tons = UnitProof.tenth(tonsPerBtu * fell);
        double doubt = UnitProof.tenth(
                tonsPerBtu * Math.hypot(slip(in, wetIn, psia, before.get()), slip(out, wetOut, psia, after.get())));
        boolean isKnown = setup.tons() > 0;
        Object[] values = {cfm, in, wetIn, UnitProof.tenth(fell), out, wetOut, tons, doubt, setup.tons()};
        shown.add(new UnitProof.Shown(
                "Delivered",
                Reading.of(Quantity.TONS, tons),
                Reckoning.of(
                        MARK,
                        "{} cfm of {}/{} °F air, {} BTU/lb down to {}/{}: {} ton, ± {} by the wet bulbs alone"
                                + (isKnown ? ", of {} ton on the plate, which are those of other air." : "."),
                        isKnown ? values : Arrays.copyOf(values, values.length - 1)),
                false));
    }

    /** By how much the heat of air is off where its wet bulb is, by a thermometer's own doubt. [JCGM 100:2008, 5.1.2] */
    private static double slip(double dry, double wet, double psia, MoistAir air) {
        return MoistAir.of(dry, wet - UnitProof.THERMOMETER_FAHRENHEIT, psia)
                .map(less -> air.btuPerPound() - less.btuPerPound())
                .orElse(0.0);
    }
}
