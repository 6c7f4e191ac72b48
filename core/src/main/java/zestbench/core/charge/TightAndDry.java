package zestbench.core.charge;

import java.util.OptionalDouble;
import java.util.stream.DoubleStream;
import org.jspecify.annotations.Nullable;
import zestbench.core.judgement.Judged;
import zestbench.core.judgement.Mark;
import zestbench.core.judgement.Phrase;
import zestbench.core.judgement.Reckoning;
import zestbench.core.judgement.Verdict;
import zestbench.core.plate.Plates;
import zestbench.core.quantity.Figures;
import zestbench.core.quantity.InputProblem;
import zestbench.core.quantity.Limits;
import zestbench.core.quantity.Quantity;
import zestbench.core.quantity.Reading;

/** Whether a circuit that was opened is tight and dry. */
public final class TightAndDry {
    /** psi. What a gauge and a warming afternoon alone do to nitrogen. [practice] */
    private static final double STILL_PSI = 1;
    /** Minutes. A pressure that stood for less says little. [practice] */
    private static final double LEAST_MINUTES = 15;
    /** Microns. As deep as it is drawn. [practice] */
    private static final double DEEP_MICRONS = 500;
    /** Microns. Where it may have risen to, shut off; further up there is water or a leak. [practice] */
    private static final double RISEN_MICRONS = 1_000;
    /** Minutes for which it is shut off to see it rise. [practice] */
    private static final double RISE_MINUTES = 10;

    private static final double MOST_MICRONS = 760_000;
    private static final double MOST_MINUTES = 10_000;

    private TightAndDry() {}

    /** The most a circuit may be put under: the least design pressure that any of its plates names; empty where none does. */
    public static OptionalDouble mostPsig(Plates plates) {
        return DoubleStream.of(
                        plates.outdoor().number("lowSideDesignPsig").orElse(Double.POSITIVE_INFINITY),
                        plates.outdoor().number("highSideDesignPsig").orElse(Double.POSITIVE_INFINITY),
                        plates.indoor().number("lowSideDesignPsig").orElse(Double.POSITIVE_INFINITY),
                        plates.indoor().number("highSideDesignPsig").orElse(Double.POSITIVE_INFINITY))
                .filter(Double::isFinite)
                .min();
    }

    /**
     * Nitrogen that stood in it.
     *
     * @param psig at first
     * @param after psig at the end
     * @param minutes it stood
     * @param warmth of the circuit at first and at the end; null where it was not read
     */
    public static Judged tightness(double psig, double after, double minutes, @Nullable Warmth warmth) {
        minutes(minutes);
        double expected = warmth == null ? psig : Math.round(10 * warmth.pressed(psig)) / 10.0;
        double fell = Figures.tidy(expected - after);
        boolean hasRisen = fell < -STILL_PSI;
        Verdict verdict = fell > STILL_PSI
                ? Verdict.FAILED
                : hasRisen || minutes < LEAST_MINUTES ? Verdict.TOO_CLOSE : Verdict.GOOD;
        String pattern = verdict == Verdict.FAILED
                ? warmth == null
                        ? "{} psig fell to {} in {} min: it leaks, or it cooled down; find the leak first."
                        : "{} psig, {} after {} min: it leaks."
                : hasRisen
                        ? warmth == null
                                ? "{} psig rose to {} in {} min: it warmed, which hides a leak; read again as warm as at first."
                                : "{} psig, {} after {} min: more than its warmth explains; read pressure and line again."
                        : verdict == Verdict.TOO_CLOSE
                                ? "{} psig, {} after {} min: too short to tell, 15 min at the least."
                                : "{} psig, {} after {} min: it stands.";
        Phrase why = Phrase.of(pattern, psig, after, minutes);
        Phrase whole = warmth == null
                ? why
                : why.then(Phrase.of(
                        "From {} to {} °F it goes to {} psig by itself, as its absolute pressure and temperature do.",
                        warmth.first(),
                        warmth.last(),
                        expected));
        return new Judged(
                "TIGHTNESS",
                verdict,
                Reading.of(Quantity.PSIG, after),
                0,
                psig,
                new Limits(expected - STILL_PSI, expected + STILL_PSI),
                new Reckoning(whole, warmth == null ? Mark.PRACTICE : Mark.PHYSICS));
    }

    /** How warm a circuit was, in °F. @param first when it was put under pressure @param last at the end */
    public record Warmth(double first, double last) {
        private static final double COLDEST = -60;
        private static final double WARMEST = 180;
        /** °F above absolute zero at 0 °F. */
        private static final double RANKINE = 459.67;

        private static final double ATMOSPHERE_PSIA = 14.7;

        public Warmth {
            for (double each : new double[] {first, last}) {
                InputProblem.require(
                        each >= COLDEST && each <= WARMEST,
                        "fahrenheit",
                        each,
                        "give how warm the circuit was, from -60 to 180 °F");
            }
        }

        /** What {@code psig} of a shut gas become: p ÷ T stays. [physics] */
        double pressed(double psig) {
            return (psig + ATMOSPHERE_PSIA) * (last + RANKINE) / (first + RANKINE) - ATMOSPHERE_PSIA;
        }
    }

    /** A vacuum that was shut off. @param microns when it was @param after microns at the end @param minutes it stood */
    public static Judged vacuum(double microns, double after, double minutes) {
        minutes(minutes);
        for (double each : new double[] {microns, after}) {
            InputProblem.require(each >= 0 && each <= MOST_MICRONS, "microns", each, "give microns from 0 to 760000");
        }
        boolean isDeep = microns <= DEEP_MICRONS;
        boolean isHeld = after <= RISEN_MICRONS;
        Verdict verdict =
                !isDeep || !isHeld ? Verdict.FAILED : minutes < RISE_MINUTES ? Verdict.TOO_CLOSE : Verdict.GOOD;
        Reckoning why = Reckoning.of(
                Mark.PRACTICE,
                !isDeep
                        ? "{} microns: not under 500, go on pumping. After {} min it read {}."
                        : !isHeld
                                ? "{} microns rose in {} min to {}: water in it, or a leak."
                                : verdict == Verdict.TOO_CLOSE
                                        ? "{} microns; shut off for {} min it read {}: 10 min tell."
                                        : "{} microns; after {} min shut off {}, under 1000: tight and dry.",
                microns,
                minutes,
                after);
        return new Judged(
                "VACUUM", verdict, Reading.of(Quantity.MICRONS, after), 0, null, new Limits(0, RISEN_MICRONS), why);
    }

    private static void minutes(double minutes) {
        InputProblem.require(
                minutes > 0 && minutes <= MOST_MINUTES,
                "minutes",
                minutes,
                "give for how many minutes it stood, above 0");
    }
}
