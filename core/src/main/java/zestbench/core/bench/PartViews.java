package zestbench.core.bench;

import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import zestbench.core.amps.RunningAmps;
import zestbench.core.bench.ArrivalViews.SafeStepView;
import zestbench.core.family.Attribute;
import zestbench.core.family.PartProof;
import zestbench.core.family.Spec;
import zestbench.core.judgement.Demand;
import zestbench.core.judgement.Finding;
import zestbench.core.judgement.Grade;
import zestbench.core.judgement.Judged;
import zestbench.core.judgement.Mark;
import zestbench.core.judgement.Scale;
import zestbench.core.judgement.Verdict;
import zestbench.core.quantity.Figures;
import zestbench.core.quantity.Limits;
import zestbench.core.safety.Deadness;
import zestbench.core.tape.Entry;
import zestbench.core.tape.NextThing;
import zestbench.core.tape.PartEntry;
import zestbench.core.tape.Step;
import zestbench.core.tape.Stop;
import zestbench.core.tape.TapeText;
import zestbench.core.value.Value;
import zestbench.core.wiring.Wire;

/** What the bench shows of the parts of a call and of making safe, worded and worked out; a screen only lays it out. */
public final class PartViews {
    private PartViews() {}

    /** @param toRead what is still to be read, in its order: a proving of the meter by its key, a pair by its place and name */
    public record SafeView(
            boolean isSupplyDead,
            boolean live,
            @Nullable Long sinceMillis,
            List<PairView> pairs,
            List<DischargeView> discharge,
            List<SafeStepView> steps,
            List<String> toRead,
            SafeAction safeNext) {}

    /** What follows once nothing is left to read dead. @param words on the button @param part that is hooked up then; null where none waits */
    public record SafeAction(
            String words, boolean isDone, @Nullable String part) {}

    /**
     * A pair to be read dead.
     *
     * @param againAtMillis when it is to be read once more; null where that is not asked
     */
    public record PairView(
            String place,
            String placeTitle,
            String pair,
            @Nullable Double volts,
            boolean isDead,
            @Nullable Long againAtMillis) {
        public static PairView of(Deadness.Pair pair, String title) {
            return new PairView(
                    pair.place(),
                    title,
                    pair.name(),
                    pair.volts() < 0 ? null : pair.volts(),
                    pair.isDead(),
                    pair.againAtMillis() > 0 ? pair.againAtMillis() : null);
        }
    }

    /** How a capacitor in question is discharged. */
    public record DischargeView(
            String part, String title, String school, List<String> lines, String energy, String seconds) {}

    public record PartView(
            String id,
            String kind,
            String title,
            String place,
            String serves,
            String text,
            Spec fields,
            String shortRating,
            List<Attribute> attributes,
            List<MissingView> missing,
            List<DoubtView> doubts,
            List<String> sections,
            Map<String, String> units,
            List<String> terminals,
            List<JudgedView> readings,
            @Nullable Verdict verdict,
            String last,
            Set<Step> filled,
            boolean isGood,
            TestAction.ActionView test,
            ProveAction.ProveView prove,
            @Nullable ChosenView chosen,
            boolean isDead,
            boolean isSheetOpened,
            String benchFirst,
            boolean isFoundKept,
            @Nullable StopView stop,
            List<String> toMeasure,
            List<Wire> wires,
            List<Wire> foundOrPrinted,
            List<String> photos,
            List<CheckView> checks,
            List<CheckView> running,
            List<JudgedView> amps,
            List<ServedView> motors,
            List<SpeedView> speeds,
            List<LookView> looks,
            List<String> untested,
            @Nullable Long coolAtMillis,
            @Nullable LeadsView leads,
            List<String> primaryLeads,
            @Nullable LookView pair,
            @Nullable JudgedView sheave,
            @Nullable CapacitorView capacitor,
            @Nullable ClosedView closed,
            @Nullable LastTimeView lastTime,
            List<FindingView> history,
            List<String> condemnedFor,
            PartEntry.@Nullable Ordered ordered) {}

    /** A motor that hangs on the part. @param ratingName RLA or FLA @param rated by the plate; null where it does not tell */
    public record ServedView(
            RunningAmps.Place place,
            String name,
            String ratingName,
            @Nullable Double rated) {}

    /** A speed whose amps prove the part. @param rated its FLA; empty where the label does not tell */
    public record SpeedView(String name, String rated, boolean isProved) {}

    /** Something seen or felt. @param seen the key of the answer given; null where none is */
    public record LookView(
            String key,
            String question,
            boolean isAsked,
            @Nullable String seen,
            String meaning,
            List<SeenView> answers) {}

    public record SeenView(String key, String words) {}

    /** The new part's leads by its own label, and those it is known to have. */
    public record LeadsView(List<Wire> wires, List<String> terminals, String connection, boolean isDual) {}

    /** The capacitor that goes with a motor. @param part in question; null where none is */
    public record CapacitorView(String wanted, @Nullable String part, boolean isDone) {}

    /** What was read with a doubt. @param suggest what it may be instead @param isDeciding whether a match waits for it */
    public record DoubtView(
            String attribute,
            String title,
            String why,
            @Nullable Value suggest,
            boolean isDeciding) {}

    public record MissingView(String name, String label, String where) {}

    public record ChosenView(
            String title,
            Grade grade,
            String word,
            boolean needsReturnDate,
            List<String> changes,
            @Nullable String returnDate,
            List<PieceView> pieces) {}

    /** A piece that goes in, with what its sections read before it goes in. */
    public record PieceView(
            int piece,
            @Nullable String stock,
            String shortRating,
            List<String> sections,
            List<JudgedView> readings,
            boolean isProved) {}

    public record CheckView(String key, String text, boolean done) {
        public static CheckView of(PartProof.Check check, Set<String> ticked) {
            return new CheckView(check.key(), check.text(), ticked.contains(check.key()));
        }
    }

    public record ClosedView(
            Entry.Outcome outcome,
            String words,
            String asLeft,
            String note,
            @Nullable String returnDate,
            @Nullable String warrantyUntil) {}

    /** The same part at an earlier visit. @param figures by what was read, in its unit */
    public record LastTimeView(
            long atMillis,
            String text,
            Spec fields,
            String shortRating,
            List<String> readings,
            Map<String, Double> figures) {}

    /** A verdict ready to be drawn. */
    public record JudgedView(
            long line,
            String subject,
            Verdict verdict,
            String word,
            String figure,
            String unit,
            String low,
            String high,
            String rated,
            @Nullable Scale scale,
            String reckoning,
            List<FindingView> findings,
            Mark mark) {
        /** One that is on no tape. */
        public static JudgedView of(Judged judged) {
            return of(0, judged, List.of());
        }

        public static JudgedView of(long line, Judged judged, List<Finding> findings) {
            return of(line, judged, findings, null);
        }

        /** @param last the same figure at the last visit; null where none was read */
        public static JudgedView of(long line, Judged judged, List<Finding> findings, @Nullable Double last) {
            Limits limits = judged.limits();
            boolean figure = judged.reading().isFigure();
            return new JudgedView(
                    line,
                    judged.subject(),
                    judged.verdict(),
                    judged.word(),
                    figure ? judged.reading().shown() : judged.reading().text(),
                    figure ? judged.reading().unit() : "",
                    limits == null ? "" : Figures.plain(limits.low()),
                    limits == null ? "" : Figures.plain(limits.high()),
                    judged.rated() == null ? "" : Figures.plain(judged.rated()),
                    Scale.of(judged, last),
                    judged.reckoning().text(),
                    findings.stream().map(FindingView::of).toList(),
                    judged.reckoning().mark());
        }
    }

    /** @param demand what a STOP asks for; null on what is none @param urgency with which it would be written up */
    public record FindingView(
            Finding.Severity severity,
            String text,
            @Nullable Demand demand,
            Finding.@Nullable Kind kind,
            Entry.Urgency urgency) {
        public static FindingView of(Finding finding) {
            return new FindingView(
                    finding.severity(),
                    finding.text(),
                    finding.demand(),
                    finding.kind(),
                    Entry.Urgency.of(finding.severity()));
        }
    }

    /**
     * A STOP that stands.
     *
     * @param action what it asks for, in words
     * @param done what a tap where it stands says; empty where no tap settles it
     * @param ends as what that tap closes the part
     * @param text why
     */
    public record StopView(
            Demand demand,
            String action,
            String done,
            Entry.@Nullable Outcome ends,
            String text,
            @Nullable String part,
            @Nullable Step step,
            NextThing.@Nullable CallStep callStep) {
        public static @Nullable StopView of(@Nullable Stop stop) {
            return stop == null
                    ? null
                    : new StopView(
                            stop.demand(),
                            stop.words(),
                            stop.ends() == null ? "" : stop.demand().done(),
                            stop.ends(),
                            stop.text(),
                            stop.part(),
                            stop.step(),
                            stop.callStep());
        }
    }

    public record LineView(
            long number,
            long atMillis,
            String who,
            @Nullable String part,
            TapeText text,
            boolean struck,
            boolean strikable) {}
}
