package zestbench.server.api;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import zestbench.core.amps.RunningAmps;
import zestbench.core.family.MatchRequest.Protects;
import zestbench.core.family.MatchRequest.Source;
import zestbench.core.family.MatchRequest.Switches;
import zestbench.core.judgement.Finding;
import zestbench.core.judgement.Grade;
import zestbench.core.judgement.Mark;
import zestbench.core.judgement.Verdict;
import zestbench.core.proof.ProofPoint;
import zestbench.core.value.Value;
import zestbench.server.vision.PhotoText;

/** The bodies of the open interface; names and units are fixed. */
final class ApiModels {
    private ApiModels() {}

    record ReadRequest(
            @Nullable String kind,
            @NotNull(message = "give the label's text") String text) {}

    record ReadAnswer(
            @Nullable String kind,
            double sure,
            Value.Fields fields,
            List<Piece> reads,
            List<Doubt> doubts,
            List<String> unread) {}

    record Piece(String field, String text, int start, int end, double sure) {}

    record Doubt(String field, String why, @Nullable Value suggest) {}

    /**
     * A photo that was read; boxes are four corners, clockwise, each x and y in px of the upright picture.
     *
     * @param text what was recognised; offsets of {@code reads} are in it
     * @param turned degrees clockwise by which the given picture was turned upright
     */
    record PhotoAnswer(
            @Nullable String kind,
            double sure,
            Value.Fields fields,
            List<PlacedPiece> reads,
            List<Doubt> doubts,
            List<String> unread,
            String text,
            int width,
            int height,
            int turned,
            List<PhotoLine> lines,
            List<PhotoText.Code> codes) {}

    record PlacedPiece(
            String field,
            String text,
            int start,
            int end,
            double sure,
            @Nullable List<List<Integer>> box) {}

    record PhotoLine(String text, double sure, List<List<Integer>> box) {}

    record JudgeRequest(
            @NotNull(message = "give the kind of test") String kind,
            Value.@Nullable Fields spec,
            @NotNull(message = "give the readings") List<@Valid TakenReading> readings,
            @Nullable Boolean shellHot,
            @Nullable MeterGiven meter,
            @Nullable RulesPart rules,
            @Nullable Double altitudeFeet) {}

    /**
     * One reading: exactly one of microfarads, open, overRange; under load amps, volts and hertz; of the supply a pair,
     * such as L1-L2, and its volts; of windings a pair, such as 1-2 or 1-GROUND, and its ohms, open or overRange, with the
     * DC volts of an insulation tester where one was used; of a running motor its place and amps;
     * of a running unit temperatures and pressures by their point.
     */
    record TakenReading(
            @Nullable String pair,
            @Nullable String section,
            @Nullable Double microfarads,
            @Nullable Boolean open,
            @Nullable Boolean overRange,
            @Nullable Double resolution,
            @Nullable Double amps,
            @Nullable Double volts,
            @Nullable Double hertz,
            @Nullable Double ohms,
            @Nullable Double testVolts,
            RunningAmps.@Nullable Place place,
            @Nullable Double inrushAmps,
            @Nullable Integer position,
            @Nullable Double voltsAcross,
            @Nullable Boolean loadOn,
            @Nullable Double coilOhms,
            @Nullable Double coilVolts,
            @Nullable Integer pole,
            @Nullable Boolean pulledIn,
            @Nullable Double primaryVolts,
            @Nullable Double secondaryVolts,
            @Nullable Boolean loaded,
            @Nullable Double returnFahrenheit,
            @Nullable Double supplyFahrenheit,
            @Nullable Double outdoorFahrenheit,
            @Nullable Double suctionPsig,
            @Nullable Double suctionLineFahrenheit,
            @Nullable Double liquidPsig,
            @Nullable Double liquidLineFahrenheit,
            @Nullable Double returnWetBulbFahrenheit,
            @Nullable Double supplyWetBulbFahrenheit,
            @Nullable Double airflowCfm,
            @Nullable Double gasInletInchesOfWater,
            @Nullable Double gasManifoldInchesOfWater,
            @Nullable Double flameMicroamps) {
        /** What was read of a running unit; null where that was not. */
        @Nullable
        Double at(ProofPoint point) {
            return switch (point) {
                case RETURN_AIR -> returnFahrenheit;
                case SUPPLY_AIR -> supplyFahrenheit;
                case OUTDOOR_AIR -> outdoorFahrenheit;
                case SUCTION_PRESSURE -> suctionPsig;
                case SUCTION_LINE -> suctionLineFahrenheit;
                case LIQUID_PRESSURE -> liquidPsig;
                case LIQUID_LINE -> liquidLineFahrenheit;
                case RETURN_WET_BULB -> returnWetBulbFahrenheit;
                case SUPPLY_WET_BULB -> supplyWetBulbFahrenheit;
                case AIRFLOW -> airflowCfm;
                case GAS_INLET -> gasInletInchesOfWater;
                case GAS_MANIFOLD -> gasManifoldInchesOfWater;
                case FLAME_SIGNAL -> flameMicroamps;
            };
        }
    }

    record MeterGiven(
            @Nullable Double percent,
            @Nullable Double counts,
            @Nullable Double resolution,
            @Nullable Double range) {}

    /** @param overall left out where nothing was judged */
    record JudgeAnswer(
            List<VerdictGiven> verdicts, @Nullable Outcome overall, List<FindingGiven> findings) {}

    /** The four words every test is judged in. */
    enum Outcome {
        GOOD,
        WEAK,
        TOO_CLOSE,
        FAILED;

        static Outcome of(Verdict verdict) {
            return valueOf(verdict.name());
        }
    }

    record VerdictGiven(
            String subject,
            Outcome verdict,
            @Nullable Double low,
            @Nullable Double high,
            @Nullable Double reading,
            double uncertainty,
            String reckoning,
            Mark mark) {}

    record FindingGiven(Finding.Severity severity, String text) {
        static List<FindingGiven> of(List<Finding> findings) {
            return findings.stream()
                    .map(f -> new FindingGiven(f.severity(), f.text()))
                    .toList();
        }
    }

    record MatchAsked(
            @NotNull(message = "give the kind of part") String kind,
            Value.@Nullable Fields required,
            @Nullable List<WitnessGiven> witnesses,
            @Nullable CircuitGiven context,
            @Nullable List<OfferGiven> offers,
            @Nullable List<StockGiven> stock,
            @Nullable RulesPart rules,
            @Nullable DoubtedGiven doubted) {}

    record WitnessGiven(@NotNull Source from, @NotNull Value.Fields fields) {}

    record CircuitGiven(
            @Nullable Double lineVolts,
            @Nullable Integer phase,
            @Nullable Double supplyHertz,
            Value.@Nullable Fields plate,
            @Nullable Double connectedVoltAmps,
            @Nullable Double connectedInrushVoltAmps,
            @Nullable String crankcaseHeat,
            @Nullable Integer wiresFound,
            @Nullable Integer usedTaps,
            @Nullable String refrigerant,
            @Nullable Double shortCircuitKiloamps,
            @Nullable Protects protects,
            @Nullable Switches switches,
            @Nullable Double loadAmps,
            @Nullable Boolean indoors) {}

    /** Fields that were read with a doubt, of what is needed and of each offer or line of stock by its id. */
    record DoubtedGiven(
            @Nullable List<String> required, @Nullable Map<String, List<String>> offers) {}

    record OfferGiven(String id, Value.Fields spec) {}

    /** @param cost of one piece, decides between equals */
    record StockGiven(
            String id,
            int quantity,
            Value.Fields spec,
            @Nullable Double cost) {}

    record MatchedAnswer(List<FindingGiven> findings, List<MatchGiven> matches) {}

    record MatchGiven(
            List<String> offer,
            List<AssignmentGiven> assignment,
            Grade grade,
            List<CriterionGiven> criteria,
            List<String> changes,
            List<String> asks) {}

    record AssignmentGiven(String id, @Nullable String terminal, List<Integer> sections) {}

    record CriterionGiven(String attribute, String required, String offered, Grade outcome, String why, Mark mark) {}
}
