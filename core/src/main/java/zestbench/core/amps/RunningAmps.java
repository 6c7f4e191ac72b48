package zestbench.core.amps;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import zestbench.core.judgement.Finding;
import zestbench.core.judgement.Guard;
import zestbench.core.judgement.Judged;
import zestbench.core.judgement.Judgement;
import zestbench.core.judgement.Mark;
import zestbench.core.judgement.Phrase;
import zestbench.core.judgement.Reckoning;
import zestbench.core.judgement.Verdict;
import zestbench.core.quantity.Figures;
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

    /** From this share of LRA on, held for over half a second, a rotor does not turn. [practice] */
    private static final double NOT_STARTING = 0.75;

    private static final Finding MAY_NOT_PUMP =
            Finding.info("Under 60 % of RLA: with near-equal pressures it is not pumping.");
    private static final double VOLTS_WITHIN = 0.10;
    private static final Mark MOTOR_VOLTS = Mark.standard("NEMA MG 1, 12.44");

    /** Which motor is read. */
    public enum Place {
        COMPRESSOR,
        FAN,
        BLOWER
    }

    /**
     * Amps of one motor.
     *
     * @param inrush the most that was held while it started; null where it was not taken
     * @param volts on the motor while it ran; null where they were not read
     * @param pressuresEqual whether suction and discharge of a compressor stay near-equal; null where no one looked
     */
    public record Taken(
            Place place,
            double amps,
            @Nullable Double inrush,
            @Nullable Double volts,
            @Nullable Boolean pressuresEqual) {
        public Taken(Place place, double amps, @Nullable Double inrush) {
            this(place, amps, inrush, null, null);
        }

        /** Whether a compressor pumps, by amps and pressures together; null where that was not looked at. */
        public @Nullable Boolean isPumping(double rated) {
            return place == Place.COMPRESSOR && pressuresEqual != null
                    ? Boolean.valueOf(!(pressuresEqual && amps < IDLE * rated))
                    : null;
        }
    }

    /**
     * What the plate or label says; null or empty where it does not.
     *
     * @param ratedLoad of the compressor
     * @param fullLoad of fan or blower
     * @param volts it is made for
     */
    public record Rated(
            @Nullable Double ratedLoad,
            @Nullable Double fullLoad,
            @Nullable Double lockedRotor,
            List<Double> volts) {
        public Rated(@Nullable Double ratedLoad, @Nullable Double fullLoad, @Nullable Double lockedRotor) {
            this(ratedLoad, fullLoad, lockedRotor, List.of());
        }
    }

    private RunningAmps() {}

    /** Amps of one or several motors, with what they took to start. */
    public static Judgement judge(List<Taken> readings, Rated rated, Meter meter) {
        InputProblem.require(!readings.isEmpty(), "readings", "none", "give a place and its amps");
        List<Judged> verdicts = new ArrayList<>();
        List<Finding> findings = new ArrayList<>();
        for (Taken taken : readings) {
            boolean compressor = taken.place() == Place.COMPRESSOR;
            Double limit = compressor ? rated.ratedLoad() : rated.fullLoad();
            Judgement running = judge(
                    taken.place(),
                    taken.amps(),
                    InputProblem.given(
                            limit,
                            compressor ? "spec.ratedLoadAmps" : "spec.fullLoadAmps",
                            "give the plate's rating to hold the amps against"),
                    meter);
            Double lockedRotor = rated.lockedRotor();
            if (lockedRotor != null && taken.amps() >= NOT_STARTING * lockedRotor) {
                verdicts.add(notStarting(taken, lockedRotor, meter));
                findings.add(
                        Finding.stop(
                                "Not starting: amps stay near LRA. Off within a second; look at capacitor, start device, volts."));
            } else {
                verdicts.addAll(running.verdicts());
                running.findings().stream()
                        .filter(f -> taken.pressuresEqual() == null || !f.equals(MAY_NOT_PUMP))
                        .forEach(findings::add);
            }
            if (Boolean.FALSE.equals(taken.isPumping(limit == null ? 0 : limit))) {
                findings.add(Finding.caution("Runs but does not pump: amps under 60 % with near-equal pressures. "
                        + "On three phases look at the phase order first."));
            }
            if (taken.inrush() != null) {
                inrush(taken.place(), taken.inrush(), lockedRotor, meter, verdicts, findings);
            }
            if (taken.volts() != null && !rated.volts().isEmpty()) {
                verdicts.add(volts(taken.place(), taken.volts(), rated.volts(), meter, findings));
            }
        }
        return Judgement.of(verdicts, findings);
    }

    /** ±10 % of the rated volts under load. [NEMA MG 1, 12.44] */
    private static Judged volts(Place place, double volts, List<Double> rated, Meter meter, List<Finding> findings) {
        double low = rated.stream().min(Double::compare).orElse(0.0) * (1 - VOLTS_WITHIN);
        double high = rated.stream().max(Double::compare).orElse(0.0) * (1 + VOLTS_WITHIN);
        Limits limits = new Limits(Figures.tidy(low), Figures.tidy(high));
        Reading reading = Reading.of(Quantity.VOLTS, volts);
        double doubt = meter.uncertaintyOf(reading);
        Verdict verdict = Guard.judge(volts, limits, doubt);
        if (verdict == Verdict.FAILED) {
            findings.add(Finding.caution(
                    "{} V under load is outside {}: amps mean little until the volts are right.",
                    volts,
                    limits.text()));
        }
        return new Judged(
                place.name() + " VOLTS",
                verdict,
                reading,
                doubt,
                null,
                limits,
                Reckoning.of(MOTOR_VOLTS, "{} V under load, {} allowed: ±10 % of the label.", volts, limits.text()));
    }

    private static Judged notStarting(Taken taken, double lockedRotor, Meter meter) {
        Reading reading = Reading.of(Quantity.AMPS, taken.amps());
        return new Judged(
                taken.place().name(),
                Verdict.FAILED,
                reading,
                meter.uncertaintyOf(reading),
                null,
                new Limits(0, NOT_STARTING * lockedRotor),
                Reckoning.of(
                        Mark.PRACTICE,
                        "{} A is {} % of LRA {} A; from 75 % on the rotor does not turn.",
                        taken.amps(),
                        Math.round(100 * taken.amps() / lockedRotor),
                        lockedRotor));
    }

    /** Normal up to LRA; it is kept because its growth over the years is the news. [practice] */
    private static void inrush(
            Place place,
            double amps,
            @Nullable Double lockedRotor,
            Meter meter,
            List<Judged> verdicts,
            List<Finding> findings) {
        Reading reading = Reading.of(Quantity.AMPS, amps);
        if (lockedRotor == null) {
            findings.add(Finding.info("Inrush {} A is kept; without the plate's LRA nothing judges it.", amps));
            return;
        }
        boolean high = amps > lockedRotor;
        verdicts.add(new Judged(
                place.name() + " INRUSH",
                high ? Verdict.WEAK : Verdict.GOOD,
                reading,
                meter.uncertaintyOf(reading),
                null,
                new Limits(0, lockedRotor),
                Reckoning.of(
                        Mark.PRACTICE,
                        "{} A of LRA {} A is {} %; up to LRA is normal.",
                        amps,
                        lockedRotor,
                        Math.round(100 * amps / lockedRotor))));
        if (high) {
            findings.add(Finding.caution("Inrush above LRA: a tight rotor, shorted turns, or two start devices."));
        }
    }

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
            out.add(MAY_NOT_PUMP);
        } else if (!compressor && share > CEILING) {
            out.add(Finding.stop("Above 110 % of FLA: stop the motor and find out why."));
        } else if (!compressor && share > 1) {
            out.add(Finding.caution("Above FLA: check blade, voltage and capacitor before leaving."));
        }
        return out;
    }
}
