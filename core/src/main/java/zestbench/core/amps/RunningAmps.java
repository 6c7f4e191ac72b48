package zestbench.core.amps;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import zestbench.core.circuit.SystemVolts;
import zestbench.core.judgement.Demand;
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

    /** Under this share of its rating a motor draws next to nothing: it did not start. [practice] */
    private static final double STILL = 0.03;
    /** A compressor that is said to be silent and draws less than this share of RLA does not run. [practice] */
    private static final double SILENT = 0.40;

    private static final String DID_NOT_START =
            "Did not start: volts at its terminals, overload, capacitor and leads come next.";

    private static final Finding MAY_NOT_PUMP =
            Finding.info("Under 60 % of RLA: with near-equal pressures it is not pumping.");
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
     * @param saidSilent whether the compressor was said not to run
     * @param legs amps of L1, L2 and L3, of which {@code amps} is the most; empty where it was not read leg by leg
     */
    public record Taken(
            Place place,
            double amps,
            @Nullable Double inrush,
            @Nullable Double volts,
            @Nullable Boolean pressuresEqual,
            boolean saidSilent,
            List<Double> legs) {
        public Taken {
            legs = List.copyOf(legs);
        }

        public Taken(
                Place place,
                double amps,
                @Nullable Double inrush,
                @Nullable Double volts,
                @Nullable Boolean pressuresEqual,
                boolean saidSilent) {
            this(place, amps, inrush, volts, pressuresEqual, saidSilent, List.of());
        }

        public Taken(Place place, double amps, @Nullable Double inrush) {
            this(place, amps, inrush, null, null, false);
        }

        /** Whether a compressor that runs pumps, by its pressures alone; null where that was not looked at, or it does not run. */
        public @Nullable Boolean isPumping(@Nullable Double rated) {
            boolean runs = amps > 0 && (rated == null || !isStill(amps, rated)) && !isSilent(rated);
            return place == Place.COMPRESSOR && pressuresEqual != null && runs
                    ? Boolean.valueOf(!pressuresEqual)
                    : null;
        }

        private boolean isSilent(@Nullable Double rated) {
            return saidSilent && place == Place.COMPRESSOR && rated != null && amps < SILENT * rated;
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

        /** What limits the running amps there: RLA of a compressor, FLA of a fan or blower; null where it is not known. */
        public @Nullable Double limit(Place place) {
            return place == Place.COMPRESSOR ? ratedLoad : fullLoad;
        }
    }

    private RunningAmps() {}

    /** The most of three legs; throws where they are no three. */
    public static double mostOf(List<Double> legs) {
        return LegAmps.most(legs);
    }

    /** Amps of one or several motors, with what they took to start; without a rating they are kept and not judged. */
    public static Judgement judge(List<Taken> readings, Rated rated, Meter meter) {
        InputProblem.require(!readings.isEmpty(), "readings", "none", "give a place and its amps");
        List<Judged> verdicts = new ArrayList<>();
        List<Finding> findings = new ArrayList<>();
        for (Taken taken : readings) {
            Double limit = rated.limit(taken.place());
            running(taken, limit, rated.lockedRotor(), meter, verdicts, findings);
            if (taken.inrush() != null) {
                inrush(taken, rated, meter, verdicts, findings);
            }
            if (!taken.legs().isEmpty()) {
                verdicts.add(LegAmps.judge(taken.place(), taken.legs(), meter, findings));
            }
            if (taken.volts() != null && !rated.volts().isEmpty()) {
                verdicts.add(volts(taken.place(), taken.volts(), rated.volts(), meter, findings));
            }
        }
        return Judgement.of(verdicts, findings);
    }

    /** What it draws: no start before anything else, then pressures before amps, then amps against the rating. */
    private static void running(
            Taken taken,
            @Nullable Double limit,
            @Nullable Double lockedRotor,
            Meter meter,
            List<Judged> verdicts,
            List<Finding> findings) {
        if (lockedRotor != null && taken.amps() >= NOT_STARTING * lockedRotor) {
            verdicts.add(notStarting(taken, lockedRotor, meter));
            findings.add(Finding.stop(
                    Demand.START_PARTS,
                    "Not starting: amps stay near LRA. Off within a second; look at capacitor, start device, volts."));
        } else if (limit == null ? taken.amps() == 0 : isStill(taken.amps(), limit) || taken.isSilent(limit)) {
            verdicts.add(still(taken, limit, meter));
            findings.add(Finding.caution(DID_NOT_START));
        } else if (Boolean.FALSE.equals(taken.isPumping(limit))) {
            verdicts.add(notPumping(taken, limit, meter));
            findings.add(Pumping.stop());
        } else if (limit == null) {
            verdicts.add(notJudged(taken, meter));
            findings.add(Finding.info(
                    "Not judged: no {} known. Give it and the figure is judged then.",
                    taken.place() == Place.COMPRESSOR ? "RLA" : "FLA"));
        } else {
            Judgement running = judge(taken.place(), taken.amps(), limit, meter);
            verdicts.addAll(running.verdicts());
            running.findings().stream()
                    .filter(f -> taken.pressuresEqual() == null || !f.equals(MAY_NOT_PUMP))
                    .forEach(findings::add);
        }
    }

    /** Whether what is drawn is next to nothing: a motor that should run and does not. [practice] */
    public static boolean isStill(double amps, double rated) {
        return amps < STILL * rated;
    }

    private static Judged still(Taken taken, @Nullable Double limit, Meter meter) {
        Reckoning reckoning = limit == null
                ? Reckoning.of(Mark.PRACTICE, "{} A: did not start.", taken.amps())
                : Reckoning.of(
                        Mark.PRACTICE,
                        "{} A is {} % of {} A: did not start.",
                        taken.amps(),
                        Figures.fixed(100 * taken.amps() / limit, 1),
                        limit);
        return withoutLimits(taken, Verdict.FAILED, limit, meter, reckoning);
    }

    private static Judged notPumping(Taken taken, @Nullable Double limit, Meter meter) {
        return withoutLimits(
                taken,
                Verdict.FAILED,
                limit,
                meter,
                Reckoning.of(
                        Mark.PRACTICE,
                        "{} A with near-equal pressures: it runs and does not pump; amps alone do not tell.",
                        taken.amps()));
    }

    private static Judged notJudged(Taken taken, Meter meter) {
        return withoutLimits(
                taken,
                Verdict.NOT_JUDGED,
                null,
                meter,
                Reckoning.of(
                        Mark.PRACTICE,
                        "{} A, not judged: no {} known.",
                        taken.amps(),
                        taken.place() == Place.COMPRESSOR ? "RLA" : "FLA"));
    }

    /** A verdict that no limits decided. */
    private static Judged withoutLimits(
            Taken taken, Verdict verdict, @Nullable Double rated, Meter meter, Reckoning reckoning) {
        Reading reading = Reading.of(Quantity.AMPS, taken.amps());
        return new Judged(taken.place().name(), verdict, reading, meter.uncertaintyOf(reading), rated, null, reckoning);
    }

    /** ±10 % of the rated volts under load. [NEMA MG 1, 12.44] */
    private static Judged volts(Place place, double volts, List<Double> rated, Meter meter, List<Finding> findings) {
        double low = rated.stream().min(Double::compare).orElse(0.0) * (1 - SystemVolts.NAMED_WITHIN);
        double high = rated.stream().max(Double::compare).orElse(0.0) * (1 + SystemVolts.NAMED_WITHIN);
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

    /**
     * Normal up to LRA × (volts ÷ rated volts), since a rotor that stands draws with its volts [physics]; it is kept because its
     * growth over the years is the news. The clamp's own doubt is left clear.
     */
    private static void inrush(Taken taken, Rated rated, Meter meter, List<Judged> verdicts, List<Finding> findings) {
        double amps = taken.inrush() == null ? 0 : taken.inrush();
        Double lockedRotor = rated.lockedRotor();
        Reading reading = Reading.of(Quantity.AMPS, amps);
        if (lockedRotor == null) {
            findings.add(Finding.info("Inrush {} A is kept; without the plate's LRA nothing judges it.", amps));
            return;
        }
        double ratedVolts = rated.volts().stream().max(Double::compare).orElse(0.0);
        double volts = taken.volts() == null || ratedVolts <= 0 ? ratedVolts : taken.volts();
        double most = ratedVolts > 0 ? Figures.tidy(lockedRotor * volts / ratedVolts) : lockedRotor;
        double doubt = meter.uncertaintyOf(reading);
        boolean high = amps > most + doubt;
        boolean isScaled = Math.abs(most - lockedRotor) > 1e-9;
        verdicts.add(new Judged(
                taken.place().name() + " INRUSH",
                high ? Verdict.WEAK : Verdict.GOOD,
                reading,
                doubt,
                null,
                new Limits(0, most),
                Reckoning.of(
                        isScaled ? Mark.PHYSICS : Mark.PRACTICE,
                        "{} A of {} {} A is {} %; up to it is normal, the clamp's doubt is ±{} A.",
                        amps,
                        isScaled
                                ? "LRA " + Figures.plain(lockedRotor) + " × " + Figures.plain(volts) + " ÷ "
                                        + Figures.plain(ratedVolts) + " ="
                                : "LRA",
                        Figures.plain(Math.round(10 * most) / 10.0),
                        Math.round(100 * amps / most),
                        Figures.fixed(doubt, 1))));
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
            out.add(Finding.stop(Demand.STOP_MOTOR, "Above 110 % of FLA: stop the motor and find out why."));
        } else if (!compressor && share > 1) {
            out.add(Finding.caution("Above FLA: check blade, voltage and capacitor before leaving."));
        }
        return out;
    }
}
