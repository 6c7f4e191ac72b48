package zestbench.core.amps;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import zestbench.core.amps.RunningAmps.Rated;
import zestbench.core.circuit.Conductor;
import zestbench.core.judgement.Demand;
import zestbench.core.judgement.Finding;
import zestbench.core.judgement.Guard;
import zestbench.core.judgement.Judged;
import zestbench.core.judgement.Judgement;
import zestbench.core.judgement.Mark;
import zestbench.core.judgement.Reckoning;
import zestbench.core.judgement.Verdict;
import zestbench.core.quantity.Figures;
import zestbench.core.quantity.InputProblem;
import zestbench.core.quantity.Limits;
import zestbench.core.quantity.Meter;
import zestbench.core.quantity.Quantity;
import zestbench.core.quantity.Reading;

/**
 * A start: amps and volts that were caught together. A weak supply and a tight rotor both keep the amps high; the volts that are left,
 * and what the wire explains of those that are not, tell them apart.
 */
public final class StartTest {
    /** From this share of LRA on, scaled by the volts that were there, a rotor stands. [practice] */
    private static final double STANDING = 0.75;
    /** Of the least rated volts, under this a motor may not come up. [practice] */
    private static final double LEAST_VOLTS = 0.85;
    /** What the wire drops by its resistance and what is read differ by joints and reactance. [practice] */
    private static final double EXPLAINED = 1.5;

    /** Of the volts at rest, a dip over this asks where it is lost. [practice] */
    private static final double FAR = 0.10;

    private static final double LEAST_READ = 1;
    private static final double MOST_SECONDS = 60;
    /** A rotor that comes up has let go of its locked amps by then. [practice] */
    private static final double STARTED_SECONDS = 0.5;

    private static final double MOST_AMPS = 3_000;
    private static final double MOST_VOLTS = 1_000;

    /** What the volts at the start are called. */
    public static final String VOLTS = "START VOLTS";

    private static final String AMPS = "START AMPS";
    private static final String DIP = "DIP";

    /**
     * What was caught.
     *
     * @param amps the most that was held
     * @param volts the least while it started, at the unit
     * @param before at the same two screws at rest
     * @param stays whether the amps stayed there for over half a second
     * @param seconds for which they stayed; null where the clamp does not tell
     */
    public record Caught(
            double amps,
            double volts,
            double before,
            boolean stays,
            @Nullable Double seconds) {
        public Caught {
            InputProblem.require(
                    seconds == null || seconds >= 0 && seconds <= MOST_SECONDS,
                    "seconds",
                    seconds,
                    "give for how many seconds the amps stayed, 0 to 60");
            stays = seconds == null ? stays : seconds > STARTED_SECONDS;
            InputProblem.require(
                    amps > 0 && amps <= MOST_AMPS,
                    "amps",
                    amps,
                    "give the most that was held while it started, in amps");
            InputProblem.require(
                    volts >= LEAST_READ && volts <= MOST_VOLTS,
                    "volts",
                    volts,
                    "give the least volts while it started, from 1 V on: without any it did not start");
            InputProblem.require(
                    before >= volts && before <= MOST_VOLTS,
                    "before",
                    before,
                    "give the volts before the start: they are not under those at the start");
        }
    }

    /** Its wire from the panel. @param feet one way */
    public record Run(Conductor wire, double feet) {}

    private final Caught caught;
    private final Rated rated;
    private final Meter meter;
    private final List<Finding> findings = new ArrayList<>();

    private StartTest(Caught caught, Rated rated, Meter meter) {
        this.caught = caught;
        this.rated = rated;
        this.meter = meter;
    }

    /** @param run null where nobody knows the wire @param phases 1 or 3 @param amps the clamp @param volts the meter */
    public static Judgement judge(Caught caught, Rated rated, int phases, @Nullable Run run, Meter amps, Meter volts) {
        StartTest test = new StartTest(caught, rated, volts);
        Judged current = test.amps(amps);
        Judged left = test.volts();
        boolean isLow = left.verdict() == Verdict.FAILED;
        if (current.verdict() == Verdict.FAILED) {
            test.standing(isLow);
        } else if (isLow) {
            test.findings.add(
                    Finding.caution(
                            "It came up, with few volts: on a hot day, or against pressure, it may not. The supply comes first."));
        }
        return Judgement.of(List.of(current, left, test.dip(phases, run)), test.findings);
    }

    /** Whether the volts fell too far, as {@link #judge} found. */
    public static boolean isLow(List<Judged> verdicts) {
        return verdicts.stream().anyMatch(v -> v.subject().equals(VOLTS) && v.verdict() == Verdict.FAILED);
    }

    private void standing(boolean isLow) {
        double made = leastRated();
        if (isLow) {
            findings.add(Finding.caution(
                    "It stands, and only {} V are left of {}: of its torque {} % are left, the square of that. The supply first, then capacitor and compressor.",
                    caught.volts(), made, Math.round(100 * Math.pow(caught.volts() / made, 2))));
        } else if (made > 0) {
            findings.add(Finding.stop(
                    Demand.START_PARTS,
                    "It stands with " + Figures.plain(caught.volts())
                            + " V there, enough by its plate: capacitor and start device, then a tight rotor."));
        } else {
            findings.add(Finding.stop(
                    Demand.START_PARTS,
                    "Not starting: look at volts, capacitor and start device before it is tried again."));
        }
    }

    private double leastRated() {
        return rated.volts().stream().min(Double::compare).orElse(0.0);
    }

    private Judged amps(Meter clamp) {
        Reading reading = Reading.of(Quantity.AMPS, caught.amps());
        double doubt = clamp.uncertaintyOf(reading);
        Double locked = rated.lockedRotor();
        double most = rated.volts().stream().max(Double::compare).orElse(0.0);
        if (locked == null) {
            return new Judged(
                    AMPS,
                    caught.stays() ? Verdict.FAILED : Verdict.NOT_JUDGED,
                    reading,
                    doubt,
                    null,
                    null,
                    Reckoning.of(
                            Mark.PRACTICE,
                            caught.stays()
                                    ? "{} A that stay for over half a second: the rotor stands."
                                    : "{} A, and they fall at once; no LRA is known to hold them against.",
                            caught.amps()));
        }
        double standing = most > 0 ? Figures.tidy(locked * caught.volts() / most) : locked;
        long share = Math.round(100 * caught.amps() / standing);
        boolean isNear = caught.amps() + doubt >= STANDING * standing;
        boolean stands = caught.stays() && isNear;
        boolean isOver = caught.amps() - doubt > standing;
        if (isOver) {
            findings.add(Finding.caution(
                    "More than a rotor that stands would draw at {} V: shorted turns, two start devices, or a clamp around two wires.",
                    caught.volts()));
        }
        return new Judged(
                AMPS,
                stands ? Verdict.FAILED : caught.stays() || isOver ? Verdict.WEAK : Verdict.GOOD,
                reading,
                doubt,
                null,
                new Limits(0, standing),
                Reckoning.of(
                        Mark.PHYSICS,
                        "{} A are {} % of what it draws standing, LRA {} × {} ÷ {} V = {} A; {}.",
                        caught.amps(),
                        share,
                        locked,
                        caught.volts(),
                        most > 0 ? most : caught.volts(),
                        Figures.fixed(standing, 0),
                        stands
                                ? "they stay" + howLong(" for ") + ": the rotor stands"
                                : caught.stays()
                                        ? "they stay" + howLong(" for ")
                                                + ", below what it draws standing: it comes up slowly"
                                        : "they fall" + (caught.seconds() == null ? " at once" : howLong(" after "))
                                                + ": it comes up"));
    }

    private String howLong(String how) {
        return caught.seconds() == null ? "" : how + Figures.plain(caught.seconds()) + " s";
    }

    private Judged volts() {
        Reading reading = Reading.of(Quantity.VOLTS, caught.volts());
        double doubt = meter.uncertaintyOf(reading);
        double made = leastRated();
        if (made <= 0) {
            return new Judged(
                    VOLTS,
                    Verdict.NOT_JUDGED,
                    reading,
                    doubt,
                    null,
                    null,
                    Reckoning.of(Mark.PRACTICE, "No plate says for how many volts it is made."));
        }
        Limits limits = new Limits(LEAST_VOLTS * made, 2 * MOST_VOLTS);
        return new Judged(
                VOLTS,
                Guard.judge(caught.volts(), limits, doubt),
                reading,
                doubt,
                made,
                null,
                Reckoning.of(
                        Mark.PRACTICE,
                        "{} V of {} V are {} %; from 85 % on it should come up.",
                        caught.volts(),
                        made,
                        Math.round(100 * caught.volts() / made)));
    }

    /** The dip against what the wire drops by its resistance. [physics] */
    private Judged dip(int phases, @Nullable Run run) {
        double dip = Figures.tidy(caught.before() - caught.volts());
        Reading reading = Reading.of(Quantity.VOLTS, dip);
        double doubt = meter.uncertaintyOf(Reading.of(Quantity.VOLTS, caught.before()))
                + meter.uncertaintyOf(Reading.of(Quantity.VOLTS, caught.volts()));
        double share = caught.before() > 0 ? Math.round(1000 * dip / caught.before()) / 10.0 : 0;
        if (run == null && share > 100 * FAR) {
            findings.add(Finding.info(
                    "A dip of {} %: gauge and run of its wire say whether the supply is weak besides.", share));
        }
        if (run == null) {
            return new Judged(
                    DIP,
                    Verdict.NOT_JUDGED,
                    reading,
                    doubt,
                    null,
                    null,
                    Reckoning.of(
                            Mark.PRACTICE,
                            "{} − {} = {} V, {} %. Gauge and run of its wire say how much of it the wire explains.",
                            caught.before(),
                            caught.volts(),
                            dip,
                            share));
        }
        double drop = run.wire().dropVolts(caught.amps(), run.feet(), phases);
        double most = Figures.tidy(EXPLAINED * drop);
        boolean isExplained = dip <= most + doubt;
        double shown = Math.round(10 * drop) / 10.0;
        if (!isExplained) {
            findings.add(Finding.caution(
                    "Of {} V the wire explains {}: the rest is lost before it, or in a joint. Catch the dip at the disconnect, at the panel, at the meter; where it grows, there it is.",
                    dip,
                    shown));
        } else if (drop > (1 - LEAST_VOLTS) * caught.before()) {
            findings.add(Finding.caution("The wire itself drops {} V at the start: too thin for its run.", shown));
        }
        return new Judged(
                DIP,
                isExplained ? Verdict.GOOD : Verdict.WEAK,
                reading,
                doubt,
                null,
                new Limits(0, most),
                Reckoning.of(
                        Mark.PHYSICS,
                        "{} V, {} %. {} AWG {}, {} ft: {} × {} A × {} Ω/1000 ft × {} ft = {} V; half as much again for joints and reactance.",
                        dip,
                        share,
                        run.wire().gauge(),
                        run.wire().metal() == Conductor.Metal.COPPER ? "copper" : "aluminum",
                        run.feet(),
                        phases == 3 ? "√3" : "2",
                        caught.amps(),
                        run.wire().ohmsPer1000Feet(),
                        run.feet(),
                        shown));
    }
}
