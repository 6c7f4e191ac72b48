package zestbench.core.supply;

import java.util.ArrayList;
import java.util.List;
import zestbench.core.judgement.Mark;
import zestbench.core.judgement.Reckoning;
import zestbench.core.quantity.Figures;

/** How a phase and voltage monitor is set from the three pairs that were read. */
public final class PhaseMonitor {
    /** System voltages a monitor is set to. [ANSI C84.1] */
    private static final double[] SYSTEMS = {208, 240, 480, 600};

    private static final double TOLERANCE = 0.10;

    private PhaseMonitor() {}

    /** One setting with where it comes from. */
    public record Setting(String name, String value, Reckoning reckoning) {}

    /** @param legs three pairs, leg to leg, all of them alive */
    public static List<Setting> settings(List<PairReading> legs) {
        double sum = 0;
        for (PairReading pair : legs) {
            sum += pair.volts();
        }
        double mean = sum / legs.size();
        double nominal = SYSTEMS[0];
        for (double system : SYSTEMS) {
            nominal = Math.abs(system - mean) < Math.abs(nominal - mean) ? system : nominal;
        }
        List<Setting> out = new ArrayList<>();
        out.add(new Setting(
                "Nominal",
                Figures.plain(nominal) + " V",
                Reckoning.of(
                        Mark.standard("ANSI C84.1"),
                        "mean {} V: the nearest system voltage, not the mean itself.",
                        Figures.fixed(mean, 1))));
        out.add(new Setting(
                "Under and over voltage",
                Figures.plain(nominal * (1 - TOLERANCE)) + " and " + Figures.plain(nominal * (1 + TOLERANCE)) + " V",
                Reckoning.of(Mark.PRACTICE, "{} V ± 10 %.", nominal)));
        out.add(new Setting(
                "Unbalance trip", "3 %", Reckoning.of(Mark.standard("ANSI C84.1"), "3 %; never over 5 %, NEMA MG 1.")));
        out.add(new Setting("Restart delay", "3 to 5 min", Reckoning.of(Mark.PRACTICE, "pressures level out first.")));
        out.add(new Setting(
                "Output contact",
                "closed when healthy",
                Reckoning.of(Mark.PRACTICE, "it is drawn as normally open: the drawing shows it without power.")));
        return out;
    }
}
