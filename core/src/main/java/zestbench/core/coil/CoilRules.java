package zestbench.core.coil;

import static zestbench.core.judgement.Criterion.NOT_ON_LABEL;
import static zestbench.core.judgement.Grade.LIKE_FOR_LIKE;
import static zestbench.core.judgement.Grade.REFUSED;
import static zestbench.core.judgement.Grade.SUITABLE;
import static zestbench.core.judgement.Grade.UNDECIDED;

import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import zestbench.core.circuit.SystemVolts;
import zestbench.core.family.Comparison;
import zestbench.core.family.Spec;
import zestbench.core.judgement.Grade;
import zestbench.core.judgement.Mark;
import zestbench.core.quantity.Figures;
import zestbench.core.supply.ControlVoltage;

/** Whether a coil takes another's place: of a contactor or of a relay. */
public final class CoilRules {

    private static final Mark BAND = Mark.standard("IEC 60947-4-1");
    private static final String BURNS = "another coil burns or does not pull in";

    private CoilRules() {}

    /** Volts, and AC for AC, DC for DC. */
    public static void volts(Comparison p, Spec needed, Spec offered) {
        List<Double> old = needed.numbers("coilVolts");
        List<Double> now = offered.numbers("coilVolts");
        String wanted = words(needed);
        String given = words(offered);
        if (isDirect(needed) != isDirect(offered) && !old.isEmpty() && !now.isEmpty()) {
            p.add(
                    "coilVolts",
                    wanted,
                    given,
                    REFUSED,
                    Mark.PHYSICS,
                    "AC for AC, DC for DC: an AC coil burns on DC, a DC coil chatters on AC");
        } else if (old.isEmpty() || now.isEmpty()) {
            p.ask("Which volts are printed on the coil?");
            p.add("coilVolts", wanted, given, UNDECIDED, Mark.PRACTICE, BURNS);
        } else if (now.containsAll(old)) {
            boolean same = now.size() == old.size();
            p.add(
                    "coilVolts",
                    wanted,
                    given,
                    same ? LIKE_FOR_LIKE : SUITABLE,
                    Mark.PRACTICE,
                    same ? "same coil" : "serves that voltage too");
        } else {
            otherName(p, old, now, wanted, given);
        }
    }

    /** Rated names of one system serve it where the control volts lie inside the coil's band. */
    private static void otherName(Comparison p, List<Double> old, List<Double> now, String wanted, String given) {
        Set<Double> common = systems(old);
        common.retainAll(systems(now));
        if (common.isEmpty()) {
            p.add("coilVolts", wanted, given, REFUSED, Mark.PRACTICE, BURNS);
            return;
        }
        Double control = p.circuit.lineVolts();
        if (control == null || !isControlOf(control, old)) {
            p.ask("Which control voltage reads at the coil?");
            p.add("coilVolts", wanted, given, UNDECIDED, BAND, "serves only some of the volts the old coil did");
            return;
        }
        double rated = ControlVoltage.nearest(control, now);
        boolean isOfSystem = common.contains(SystemVolts.nominal(control)) && !SystemVolts.isBetween(control);
        boolean serves = isOfSystem && isInside(control, rated);
        if (!serves) {
            p.ask("Which system feeds the coil? " + Figures.plain(control) + " V was read.");
        }
        p.add(
                "coilVolts",
                wanted,
                given,
                serves ? SUITABLE : UNDECIDED,
                BAND,
                "{} V is {} % of {} V; 85 to 110 % serve it",
                control,
                Math.round(100 * control / rated),
                rated);
    }

    /** The supply's frequency in the coil's list; a coil that prints none is for 60 Hz. */
    public static void hertz(Comparison p, Spec offered) {
        if (isDirect(offered)) {
            return;
        }
        double supply = p.circuit.supplyHertz() != null ? p.circuit.supplyHertz() : SystemVolts.USUAL_HERTZ;
        List<Double> now = offered.numbers("coilHertz");
        if (now.isEmpty() && supply == SystemVolts.USUAL_HERTZ) {
            return;
        }
        boolean serves = now.contains(supply);
        Grade outcome = now.isEmpty() ? UNDECIDED : serves ? LIKE_FOR_LIKE : REFUSED;
        if (now.isEmpty()) {
            p.ask("Which frequency is printed behind the coil volts?");
        }
        p.add(
                "coilHertz",
                Figures.plain(supply) + " Hz",
                now.isEmpty() ? NOT_ON_LABEL : joined(now) + " Hz",
                outcome,
                Mark.PHYSICS,
                serves
                        ? "made for it"
                        : supply < SystemVolts.USUAL_HERTZ
                                ? "on 50 Hz a 60 Hz coil draws more and burns"
                                : "on 60 Hz a 50 Hz coil pulls less and may chatter");
    }

    /** {@code 208/240 V}, {@code 24 V DC}, or that the label does not tell it. */
    public static String words(Spec spec) {
        List<Double> volts = spec.numbers("coilVolts");
        return volts.isEmpty() ? NOT_ON_LABEL : joined(volts) + " V" + (isDirect(spec) ? " DC" : "");
    }

    private static boolean isDirect(Spec spec) {
        return spec.flag("coilDirectCurrent").orElse(false);
    }

    /** Whether what was measured can be what feeds the coil, and not a line that only its contacts switch. */
    private static boolean isControlOf(double measured, List<Double> rated) {
        return rated.stream().anyMatch(v -> isInside(measured, v));
    }

    private static boolean isInside(double control, double rated) {
        return control >= ControlVoltage.PICK_UP_SHARE * rated && control <= ControlVoltage.STAND_SHARE * rated;
    }

    private static Set<Double> systems(List<Double> rated) {
        Set<Double> out = new TreeSet<>();
        rated.forEach(v -> out.add(SystemVolts.servedBy(v)));
        return out;
    }

    private static String joined(List<Double> figures) {
        return String.join("/", figures.stream().map(Figures::plain).toList());
    }
}
