package zestbench.core.proof;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import zestbench.core.judgement.Mark;
import zestbench.core.judgement.Reckoning;
import zestbench.core.judgement.Verdict;
import zestbench.core.quantity.Figures;
import zestbench.core.quantity.Reading;

/**
 * What a unit can do at its best, at the outdoor temperature it did it at. Later proofs are held against it.
 *
 * @param outdoorFahrenheit null where it was not read
 */
public record Benchmark(long atMillis, @Nullable Double outdoorFahrenheit, Map<ProofFigure, Double> figures) {
    /** Further apart than this outdoors, two proofs are not held against each other. [practice] */
    public static final double OUTDOORS_WITHIN = 10;

    /** One figure now and at its best. @param change in its own unit */
    public record Compared(
            ProofFigure figure, Reading now, Reading best, double change, boolean isWorse, Reckoning reckoning) {}

    /** How a proof stands against the unit's best. @param words why nothing is compared; empty where it is */
    public record Comparison(List<Compared> figures, String words) {
        /** Nothing was read to compare with. */
        public static final Comparison NONE = new Comparison(List.of(), "");
    }

    /** How a proof may become what a unit can do at its best. */
    public enum Standing {
        /** not settled, nothing judged, or the outdoor air not read */
        NO,
        /** nothing is out */
        BEST,
        /** something is out: the best this unit does, with why */
        POOR
    }

    /** The rule, once: settled, something judged, outdoor air read; a unit that is poor needs a reason. [practice] */
    public static Standing standing(Map<ProofPoint, Double> readings, UnitProof.Answer answer, boolean isSettled) {
        if (!isSettled || answer.verdicts().isEmpty() || !readings.containsKey(ProofPoint.OUTDOOR_AIR)) {
            return Standing.NO;
        }
        boolean isOut = answer.verdicts().stream().anyMatch(v -> v.verdict() == Verdict.FAILED);
        return isOut ? Standing.POOR : Standing.BEST;
    }

    /** The benchmark that a proof makes. */
    public static Benchmark of(long atMillis, Map<ProofPoint, Double> readings, UnitProof.Answer answer) {
        return new Benchmark(atMillis, readings.get(ProofPoint.OUTDOOR_AIR), UnitProof.figures(answer));
    }

    /** Holds a proof of today against it. */
    public Comparison compare(Map<ProofPoint, Double> readings, UnitProof.Answer now) {
        Double outdoor = readings.get(ProofPoint.OUTDOOR_AIR);
        if (outdoor == null || outdoorFahrenheit == null) {
            return new Comparison(
                    List.of(),
                    outdoor == null
                            ? "Read the outdoor air: the unit's best hangs on it."
                            : "The benchmark has no outdoor temperature: it is not held against today.");
        }
        if (Math.abs(outdoor - outdoorFahrenheit) > OUTDOORS_WITHIN) {
            return new Comparison(
                    List.of(),
                    "The benchmark was taken at " + Figures.plain(outdoorFahrenheit) + " °F outdoors, today is "
                            + Figures.plain(outdoor) + " °F: too far apart to be held against each other.");
        }
        List<Compared> out = new ArrayList<>();
        Map<ProofFigure, Double> today = UnitProof.figures(now);
        for (Map.Entry<ProofFigure, Double> best : figures.entrySet()) {
            Double x = today.get(best.getKey());
            if (x != null) {
                out.add(compared(best.getKey(), x, best.getValue()));
            }
        }
        return new Comparison(List.copyOf(out), "");
    }

    private static Compared compared(ProofFigure figure, double now, double best) {
        double change = Figures.tidy(now - best);
        boolean isWorse = figure.isWorse(change);
        String signed = (change > 0 ? "+" : "") + Figures.plain(change);
        return new Compared(
                figure,
                Reading.of(figure.quantity(), now),
                Reading.of(figure.quantity(), best),
                change,
                isWorse,
                Reckoning.of(
                        Mark.PRACTICE,
                        "{} now, {} at its best: {} " + figure.quantity().unit()
                                + (isWorse ? ", worse." : ", as good."),
                        now,
                        best,
                        signed));
    }
}
