package zestbench.core.amps;

import java.util.ArrayList;
import java.util.List;
import zestbench.core.judgement.Finding;
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

/** Amps of a running motor against its rating. A rating is a ceiling, not what it should draw. */
public final class RunningAmps {
    /** Above this share of the rating something is wrong. [practice] */
    private static final double CEILING = 1.10;
    /** Below this share a compressor may not be pumping. [practice] */
    private static final double IDLE = 0.60;

    /** Which motor is read. */
    public enum Place {
        COMPRESSOR,
        FAN,
        BLOWER
    }

    private RunningAmps() {}

    /** @param rated RLA of a compressor, FLA of a fan or blower, above 0 */
    public static Judgement judge(Place place, double amps, double rated, Meter meter) {
        InputProblem.require(
                rated > 0 && Double.isFinite(rated), "rated", rated, "give the plate's RLA or FLA, above 0");
        Reading reading = Reading.of(Quantity.AMPS, amps);
        double share = amps / rated;
        boolean compressor = place == Place.COMPRESSOR;
        Verdict verdict = verdict(compressor, share);
        double percent = Math.round(share * 100);
        Phrase working = Phrase.of(
                "{} A of {} {} A is {} %; ceiling 110 %, {} A.",
                amps, compressor ? "RLA" : "FLA", rated, percent, CEILING * rated);
        Judged judged = new Judged(
                place.name(),
                verdict,
                reading,
                meter.uncertaintyOf(reading),
                rated,
                new Limits(0, compressor ? CEILING * rated : rated),
                new Reckoning(working, Mark.PRACTICE));
        return Judgement.of(List.of(judged), findings(compressor, share));
    }

    private static Verdict verdict(boolean compressor, double share) {
        if (share > CEILING) {
            return compressor ? Verdict.WEAK : Verdict.FAILED;
        }
        return !compressor && share > 1 ? Verdict.WEAK : Verdict.GOOD;
    }

    private static List<Finding> findings(boolean compressor, double share) {
        List<Finding> out = new ArrayList<>();
        if (compressor && share > CEILING) {
            out.add(Finding.caution(
                    "Above 110 % of RLA: look for a dirty condenser, high head, low voltage, a tight compressor."));
        } else if (compressor && share < IDLE) {
            out.add(Finding.info("Under 60 % of RLA: with near-equal pressures it is not pumping."));
        } else if (!compressor && share > CEILING) {
            out.add(Finding.stop("Above 110 % of FLA: stop the motor and find out why."));
        } else if (!compressor && share > 1) {
            out.add(Finding.caution("Above FLA: check blade, voltage and capacitor before leaving."));
        }
        return out;
    }
}
