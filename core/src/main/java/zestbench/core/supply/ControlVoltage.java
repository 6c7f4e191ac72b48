package zestbench.core.supply;

import java.util.ArrayList;
import java.util.List;
import zestbench.core.judgement.Finding;
import zestbench.core.judgement.Guard;
import zestbench.core.judgement.Judged;
import zestbench.core.judgement.Judgement;
import zestbench.core.judgement.Mark;
import zestbench.core.judgement.Phrase;
import zestbench.core.judgement.Reckoning;
import zestbench.core.judgement.Verdict;
import zestbench.core.quantity.InputProblem;
import zestbench.core.quantity.Limits;
import zestbench.core.quantity.Meter;
import zestbench.core.quantity.Quantity;
import zestbench.core.quantity.Reading;

/** Control volts against what a coil must pick up at and stand: 85 to 110 % of its rated volts. [IEC 60947-4-1] */
public final class ControlVoltage {
    /** Of its rated volts. From here on a coil is promised to pull in. [IEC 60947-4-1] */
    public static final double PICK_UP_SHARE = 0.85;
    /** Of its rated volts. What a coil stands. [IEC 60947-4-1] */
    public static final double STAND_SHARE = 1.10;
    /** How far above its rated volts a small transformer reads with nothing on it. [practice] */
    private static final double UNLOADED_SHARE = 1.15;

    private static final double NOTHING = 2;
    private static final double MOST_VOLTS = 1_000;
    /** What a control circuit is where nothing says otherwise. [practice] */
    public static final double USUAL_COIL = 24;
    /** More than this no control circuit of 24 V has, unloaded and high on its tap. [practice] */
    private static final double MOST_OF_24 = 60;

    private ControlVoltage() {}

    /**
     * Volts where no label says what the coil or the transformer is rated: taken for 24 V, unless they cannot be.
     *
     * @param rated volts of the labels that are known, of which the nearest counts; empty where none is
     */
    public static Judgement judge(SupplyPoint point, List<Double> rated, double volts, Meter meter) {
        if (!rated.isEmpty()) {
            return judge(point, nearest(volts, rated), volts, meter);
        }
        Judgement as24 = judge(point, USUAL_COIL, volts, meter);
        if (volts <= MOST_OF_24) {
            return as24;
        }
        Judged taken = as24.verdicts().get(0);
        return Judgement.of(
                List.of(new Judged(
                        taken.subject(),
                        Verdict.NOT_JUDGED,
                        taken.reading(),
                        taken.uncertainty(),
                        null,
                        null,
                        Reckoning.of(
                                Mark.PRACTICE,
                                "{} V is no circuit of 24 V, and no label says what it is made for.",
                                volts))),
                List.of(
                        Finding.caution(
                                point == SupplyPoint.COIL
                                        ? "Read the label of the contactor first: its coil is made for other volts, or a wrong one is in."
                                        : "Read the label of the transformer first: this is not the 24 V side, or no 24 V transformer.")));
    }

    /** The rated volts nearest to what was read. */
    public static double nearest(double volts, List<Double> rated) {
        double best = rated.get(0);
        for (double each : rated) {
            best = Math.abs(each - volts) < Math.abs(best - volts) ? each : best;
        }
        return best;
    }

    /**
     * @param point the coil or the transformer
     * @param coilVolts rated, such as 24
     * @param volts read at {@code point}, 0 to 1,000; at the coil it is loaded, at the transformer it may not be
     */
    public static Judgement judge(SupplyPoint point, double coilVolts, double volts, Meter meter) {
        InputProblem.require(
                coilVolts > 0 && coilVolts <= MOST_VOLTS,
                "coilVolts",
                coilVolts,
                "give the coil's rated volts, such as 24");
        InputProblem.require(
                volts >= 0 && volts <= MOST_VOLTS, "volts", volts, "give the volts that were read, 0 to 1,000");
        InputProblem.require(point.isControl(), "point", point, "give COIL, TRANSFORMER or CHAIN");
        boolean mayBeUnloaded = point == SupplyPoint.TRANSFORMER;
        Limits limits = new Limits(PICK_UP_SHARE * coilVolts, STAND_SHARE * coilVolts);
        Limits judgedBy = mayBeUnloaded ? new Limits(limits.low(), UNLOADED_SHARE * coilVolts) : limits;
        Reading reading = Reading.of(Quantity.VOLTS, volts);
        double doubt = meter.uncertaintyOf(reading);
        Verdict verdict = Guard.judge(volts, judgedBy, doubt);
        if (mayBeUnloaded && verdict == Verdict.FAILED && volts > judgedBy.high()) {
            verdict = Verdict.WEAK;
        }
        Phrase working = Phrase.of(
                "coil {} V: picks up from 85 % = {} V, stands 110 % = {} V.", coilVolts, limits.low(), limits.high());
        if (mayBeUnloaded) {
            working = working.then(Phrase.of(
                    "Unloaded a small transformer reads up to 15 % high, {} V: too high is judged under load only.",
                    judgedBy.high()));
        }
        return Judgement.of(
                List.of(new Judged(
                        point.name(),
                        verdict,
                        reading,
                        doubt,
                        coilVolts,
                        judgedBy,
                        new Reckoning(working, Mark.standard("IEC 60947-4-1")))),
                findings(point, volts, limits));
    }

    private static List<Finding> findings(SupplyPoint point, double volts, Limits limits) {
        List<Finding> out = new ArrayList<>();
        if (point == SupplyPoint.CHAIN) {
            // what they say is said of the circuit as a whole
            return out;
        }
        if (point == SupplyPoint.TRANSFORMER && volts > limits.high()) {
            out.add(Finding.caution(
                    "Above {} V: read it under load; too high there it is the tap, not a dead part.", limits.high()));
        }
        if (volts < NOTHING) {
            out.add(
                    point == SupplyPoint.COIL
                            ? Finding.caution(
                                    "No control volts: a thermostat with its own battery stays lit without 24 V. Read at the transformer next.")
                            : Finding.caution(
                                    "No control volts from the transformer: its primary, its own breaker, the control fuse."));
        } else if (volts < limits.low()) {
            out.add(Finding.caution(
                    "Under {} V a contactor may chatter or not pull in: load sum, tap, long thermostat wire.",
                    limits.low()));
        }
        return out;
    }
}
