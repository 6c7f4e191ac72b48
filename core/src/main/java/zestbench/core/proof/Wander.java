package zestbench.core.proof;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import zestbench.core.judgement.Finding;
import zestbench.core.judgement.Judged;
import zestbench.core.judgement.Judgement;
import zestbench.core.judgement.Mark;
import zestbench.core.judgement.Reckoning;
import zestbench.core.judgement.Verdict;
import zestbench.core.quantity.Figures;
import zestbench.core.quantity.InputProblem;
import zestbench.core.quantity.Limits;
import zestbench.core.quantity.Reading;

/**
 * A figure of a running unit that does not stand still: from where to where it goes, and for how long that was watched.
 *
 * @param low least that was seen, in the figure's unit
 * @param high most that was seen, not under {@code low}
 * @param minutes for which it was watched, above 0
 */
public record Wander(ProofFigure figure, double low, double high, double minutes) {
    /** From here on superheat hunts, in °F. [practice] */
    private static final double HUNTING_FAHRENHEIT = 10;
    /** A swing has to be watched so long before it is one, in minutes. [practice] */
    private static final double LEAST_MINUTES = 2;

    private static final double MOST = 2_000;
    private static final double MOST_MINUTES = 240;

    public Wander {
        InputProblem.require(Math.abs(low) <= MOST, "low", low, "give the least that was seen");
        InputProblem.require(
                high >= low && high <= MOST, "high", high, "give the most that was seen, not under the least");
        InputProblem.require(
                minutes > 0 && minutes <= MOST_MINUTES, "minutes", minutes, "give for how many minutes it was watched");
    }

    /** As {@code 4 to 18 °F over 3 min}. */
    public String words() {
        return Figures.plain(low) + " to " + Figures.plain(high) + " "
                + figure.quantity().unit() + " over " + Figures.plain(minutes) + " min";
    }

    /** Its ends against the limits of the figure; null where nothing tells them. */
    public Judgement judge(@Nullable Limits limits) {
        List<Finding> findings = new ArrayList<>();
        double swing = Figures.tidy(high - low);
        boolean isWatched = minutes >= LEAST_MINUTES;
        if (!isWatched) {
            findings.add(Finding.info("Watched for under two minutes: a valve may only be finding its place."));
        } else if (figure == ProofFigure.SUPERHEAT && swing >= HUNTING_FAHRENHEIT) {
            findings.add(Finding.caution(
                    "It hunts, by {} °F: bulb loose, bare or where liquid lies, a valve too large, little load, or moisture and air in the circuit. No charge is judged by it meanwhile.",
                    swing));
        }
        boolean isLowOut = limits != null && low < limits.low();
        boolean isHighOut = limits != null && high > limits.high();
        boolean isAllOut = limits != null && (high < limits.low() || low > limits.high());
        boolean isHunting = isWatched && figure == ProofFigure.SUPERHEAT && swing >= HUNTING_FAHRENHEIT;
        Verdict verdict = limits == null
                ? Verdict.NOT_JUDGED
                : isAllOut ? Verdict.FAILED : isLowOut || isHighOut || isHunting ? Verdict.WEAK : Verdict.GOOD;
        String pattern = limits == null
                ? "{} to {}: nothing tells what it should be."
                : isAllOut
                        ? "{} to {}, and it should be {}: out of it all the time."
                        : isLowOut || isHighOut
                                ? "{} to {}, and it should be {}: out of it for part of the time."
                                : "{} to {}, within {}.";
        Reckoning why = limits == null
                ? Reckoning.of(Mark.PRACTICE, pattern, low, high)
                : Reckoning.of(Mark.PRACTICE, pattern, low, high, limits.text());
        return Judgement.of(
                List.of(new Judged(figure.name(), verdict, Reading.of(figure.quantity(), swing), 0, null, limits, why)),
                findings);
    }
}
