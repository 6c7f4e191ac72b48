package zestbench.core.fan;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import zestbench.core.judgement.Demand;
import zestbench.core.judgement.Finding;
import zestbench.core.judgement.Judged;
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
 * What a change of sheaves does to a belt-driven fan: its speed by the ratio of the sheaves, its amps by the cube of the
 * change. Refused where the amps go past FLA × service factor. [physics; fan laws, ASHRAE Handbook]
 *
 * @param fanRpm with the new sheaves
 * @param ratio of the new fan speed to the one it has
 * @param amps that are to be expected
 * @param beltInches length of belt for the new sheaves; null where the centre distance was not measured
 */
public record BeltDrive(
        double fanRpm,
        double ratio,
        double amps,
        double mostAmps,
        @Nullable Double beltInches,
        boolean isRefused,
        Judged judged,
        List<Reckoning> reckonings,
        List<Finding> findings) {
    private static final double LEAST_SHEAVE = 1;
    private static final double MOST_SHEAVE = 60;
    private static final double MOST_RPM = 3_600;
    private static final double MOST_AMPS = 200;
    private static final double MOST_FACTOR = 2;
    private static final double MOST_CENTRES = 120;

    /**
     * The sheaves as they are and as they are to be.
     *
     * @param centreInches between the shafts; null where it was not measured
     */
    public record Sheaves(
            double motorInches,
            double fanInches,
            double newMotorInches,
            double newFanInches,
            @Nullable Double centreInches) {}

    /**
     * Reckons a change through.
     *
     * @param motorRpm by its label
     * @param ampsNow as measured with the sheaves it has
     * @param fullLoadAmps by its label
     * @param serviceFactor by its label, 1 where none is printed
     */
    public static BeltDrive of(
            double motorRpm, double ampsNow, double fullLoadAmps, double serviceFactor, Sheaves sheaves) {
        require("motorRpm", motorRpm, 1, MOST_RPM, "rpm");
        require("ampsNow", ampsNow, 0.01, MOST_AMPS, "A");
        require("fullLoadAmps", fullLoadAmps, 0.01, MOST_AMPS, "A");
        require("serviceFactor", serviceFactor, 1, MOST_FACTOR, "");
        require("motorInches", sheaves.motorInches(), LEAST_SHEAVE, MOST_SHEAVE, "in");
        require("fanInches", sheaves.fanInches(), LEAST_SHEAVE, MOST_SHEAVE, "in");
        require("newMotorInches", sheaves.newMotorInches(), LEAST_SHEAVE, MOST_SHEAVE, "in");
        require("newFanInches", sheaves.newFanInches(), LEAST_SHEAVE, MOST_SHEAVE, "in");
        double was = motorRpm * sheaves.motorInches() / sheaves.fanInches();
        double is = motorRpm * sheaves.newMotorInches() / sheaves.newFanInches();
        double ratio = is / was;
        double amps = ampsNow * ratio * ratio * ratio;
        double most = fullLoadAmps * serviceFactor;
        boolean refused = amps > most;
        Reckoning power = Reckoning.of(
                FanLaws.MARK,
                "{} A × {}³ = {} A; at most {} A × {} = {} A.",
                ampsNow,
                Figures.fixed(ratio, 3),
                Figures.fixed(amps, 2),
                fullLoadAmps,
                serviceFactor,
                Figures.fixed(most, 2));
        List<Reckoning> reckonings = new ArrayList<>();
        reckonings.add(Reckoning.of(
                Mark.PHYSICS,
                "Fan {} rpm × {} ÷ {} = {} rpm, was {} rpm: air × {}.",
                motorRpm,
                sheaves.newMotorInches(),
                sheaves.newFanInches(),
                Figures.fixed(is, 0),
                Figures.fixed(was, 0),
                Figures.fixed(ratio, 2)));
        reckonings.add(power);
        Double belt = belt(sheaves);
        if (belt != null) {
            reckonings.add(Reckoning.of(
                    Mark.PHYSICS,
                    "Belt 2C + π(D + d) ÷ 2 + (D − d)² ÷ 4C = {} in along the pitch line.",
                    Figures.fixed(belt, 1)));
        }
        return new BeltDrive(
                is,
                ratio,
                amps,
                most,
                belt,
                refused,
                judged(amps, most, refused, power),
                reckonings,
                findings(refused, amps > fullLoadAmps));
    }

    /** What is changed, in words. */
    public String words(Sheaves sheaves) {
        return "Sheaves " + Figures.plain(sheaves.newMotorInches()) + " on motor, "
                + Figures.plain(sheaves.newFanInches()) + " on fan: " + Figures.fixed(fanRpm, 0) + " rpm"
                + (isRefused ? ", refused" : "");
    }

    /** Length of an open belt around two sheaves, by their pitch diameters. [physics] */
    private static @Nullable Double belt(Sheaves sheaves) {
        Double centre = sheaves.centreInches();
        if (centre == null) {
            return null;
        }
        double sum = sheaves.newMotorInches() + sheaves.newFanInches();
        require("centreInches", centre, sum / 2, MOST_CENTRES, "in, more than half of both sheaves");
        double apart = sheaves.newFanInches() - sheaves.newMotorInches();
        return 2 * centre + Math.PI * sum / 2 + apart * apart / (4 * centre);
    }

    private static Judged judged(double amps, double most, boolean refused, Reckoning power) {
        Reading reading = Reading.of(Quantity.AMPS, Figures.tidy(Math.round(amps * 100) / 100.0));
        return new Judged(
                "SHEAVE",
                refused ? Verdict.FAILED : Verdict.GOOD,
                reading,
                Meter.USUAL.uncertaintyOf(reading),
                null,
                new Limits(0, Figures.tidy(most)),
                power);
    }

    private static List<Finding> findings(boolean refused, boolean isAboveFullLoad) {
        if (refused) {
            return List.of(
                    Finding.stop(Demand.SHEAVE, "Refused: this sheave takes the motor past FLA × service factor."));
        }
        return List.of(
                isAboveFullLoad
                        ? Finding.caution(
                                "Past FLA, inside the service factor: nothing is left for a clean filter or an open door.")
                        : Finding.info("Reckoned, not measured: read the amps once it runs."));
    }

    private static void require(String field, double given, double least, double most, String unit) {
        InputProblem.require(
                given >= least && given <= most,
                field,
                given,
                "give " + Figures.plain(least) + " to " + Figures.plain(most) + (unit.isEmpty() ? "" : " " + unit));
    }
}
