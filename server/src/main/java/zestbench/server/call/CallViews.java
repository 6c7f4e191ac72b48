package zestbench.server.call;

import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import zestbench.core.amps.RunningAmps;
import zestbench.core.family.Attribute;
import zestbench.core.family.Proof;
import zestbench.core.family.Spec;
import zestbench.core.judgement.Demand;
import zestbench.core.judgement.Finding;
import zestbench.core.judgement.Grade;
import zestbench.core.judgement.Judged;
import zestbench.core.judgement.Scale;
import zestbench.core.judgement.Verdict;
import zestbench.core.quantity.Figures;
import zestbench.core.quantity.Limits;
import zestbench.core.safety.Deadness;
import zestbench.core.tape.Entry;
import zestbench.core.tape.NextThing;
import zestbench.core.tape.Step;
import zestbench.core.tape.Stop;
import zestbench.core.tape.TapeText;
import zestbench.core.value.Value;
import zestbench.core.wiring.Wire;
import zestbench.server.call.ArrivalViews.AmpsView;
import zestbench.server.call.ArrivalViews.AskView;
import zestbench.server.call.ArrivalViews.FoundView;
import zestbench.server.call.ArrivalViews.PlatesView;
import zestbench.server.call.ArrivalViews.SafeStepView;
import zestbench.server.call.ArrivalViews.SupplyView;
import zestbench.server.call.ArrivalViews.WindingsView;
import zestbench.server.call.LeaveViews.LeaveView;
import zestbench.server.unit.Units.UnitView;

/** What the bench shows, worded and worked out; the screen only lays it out. */
final class CallViews {
    private CallViews() {}

    record CallView(
            long id,
            @Nullable UnitView unit,
            String complaint,
            String status,
            long openedAtMillis,
            NextThing next,
            @Nullable StopView stop,
            SafeView safe,
            AskView ask,
            PlatesView plates,
            SupplyView supply,
            List<WindingsView> windings,
            List<AmpsView> amps,
            List<FoundView> found,
            List<PartView> parts,
            LeaveView leave,
            List<LineView> tape,
            long rules,
            @Nullable Long rulesSinceMillis) {}

    /** A call on the list of calls. */
    record CallCard(
            long id,
            String site,
            String unit,
            String line,
            String complaint,
            String status,
            long openedAtMillis,
            String next,
            boolean isToday,
            int parts,
            List<Set<Step>> slices) {}

    /** An earlier or present visit on a unit's record. */
    record VisitView(long callId, long openedAtMillis, String complaint, String status, List<VisitPartView> parts) {}

    /** @param how what came of it, in words */
    record VisitPartView(
            String title,
            String place,
            String rating,
            @Nullable Verdict verdict,
            List<String> readings,
            String how,
            String asLeft) {}

    /** A temporary fix and the day it has to come out. */
    record DueView(
            long callId, String site, String unit, String part, String asLeft, String returnDate, boolean isDue) {}

    /** A part that was ordered. @param isReady whether it can be fetched today */
    record WaitingView(
            long callId,
            String site,
            String unit,
            String part,
            String title,
            String from,
            String ready,
            boolean isReady) {}

    /** Seen and not done on one unit. @param words of the most urgent */
    record UnitWriteUps(long unitId, String site, String unit, int count, Entry.Urgency urgency, String words) {}

    record SafeView(
            boolean isSupplyDead,
            boolean live,
            @Nullable Long sinceMillis,
            List<PairView> pairs,
            List<DischargeView> discharge,
            List<SafeStepView> steps) {}

    /**
     * A pair to be read dead.
     *
     * @param againAtMillis when it is to be read once more; null where that is not asked
     */
    record PairView(
            String place,
            String placeTitle,
            String pair,
            @Nullable Double volts,
            boolean isDead,
            @Nullable Long againAtMillis) {
        static PairView of(Deadness.Pair pair, String title) {
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
    record DischargeView(String part, String title, String school, List<String> lines, String energy, String seconds) {}

    record PartView(
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
            Entry.@Nullable Ordered ordered) {}

    /** A motor that hangs on the part. @param ratingName RLA or FLA @param rated by the plate; null where it does not tell */
    record ServedView(
            RunningAmps.Place place,
            String name,
            String ratingName,
            @Nullable Double rated) {}

    /** A speed whose amps prove the part. @param rated its FLA; empty where the label does not tell */
    record SpeedView(String name, String rated, boolean isProved) {}

    /** Something seen or felt. @param seen the key of the answer given; null where none is */
    record LookView(
            String key,
            String question,
            boolean isAsked,
            @Nullable String seen,
            String meaning,
            List<SeenView> answers) {}

    record SeenView(String key, String words) {}

    /** The new part's leads by its own label, and those it is known to have. */
    record LeadsView(List<Wire> wires, List<String> terminals, String connection, boolean isDual) {}

    /** The capacitor that goes with a motor. @param part in question; null where none is @param placeId where it sits, null where the unit has none */
    record CapacitorView(
            String wanted, @Nullable String part, @Nullable Long placeId, boolean isDone) {}

    /** What was read with a doubt. @param suggest what it may be instead @param isDeciding whether a match waits for it */
    record DoubtView(
            String attribute,
            String title,
            String why,
            @Nullable Value suggest,
            boolean isDeciding) {}

    record MissingView(String name, String label, String where) {}

    record ChosenView(
            String title,
            Grade grade,
            String word,
            boolean needsReturnDate,
            List<String> changes,
            @Nullable String returnDate,
            List<PieceView> pieces) {}

    /** A piece that goes in, with what its sections read before it goes in. */
    record PieceView(
            int piece,
            @Nullable String stock,
            String shortRating,
            List<String> sections,
            List<JudgedView> readings,
            boolean isProved) {}

    record CheckView(String key, String text, boolean done) {
        static CheckView of(Proof.Check check, Set<String> ticked) {
            return new CheckView(check.key(), check.text(), ticked.contains(check.key()));
        }
    }

    record ClosedView(
            Entry.Outcome outcome,
            String asLeft,
            String note,
            @Nullable String returnDate) {}

    /** The same part at an earlier visit. */
    record LastTimeView(long atMillis, String text, Spec fields, String shortRating, List<String> readings) {}

    /** A verdict ready to be drawn. */
    record JudgedView(
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
            zestbench.core.judgement.Mark mark) {
        static JudgedView of(long line, Judged judged, List<Finding> findings) {
            Limits limits = judged.limits();
            boolean figure = judged.reading().isFigure();
            return new JudgedView(
                    line,
                    judged.subject(),
                    judged.verdict(),
                    judged.verdict().word(),
                    figure ? judged.reading().shown() : judged.reading().text(),
                    figure ? judged.reading().unit() : "",
                    limits == null ? "" : Figures.plain(limits.low()),
                    limits == null ? "" : Figures.plain(limits.high()),
                    judged.rated() == null ? "" : Figures.plain(judged.rated()),
                    Scale.of(judged),
                    judged.reckoning().text(),
                    findings.stream().map(FindingView::of).toList(),
                    judged.reckoning().mark());
        }
    }

    /** @param demand what a STOP asks for; null on what is none @param urgency with which it would be written up */
    record FindingView(
            Finding.Severity severity,
            String text,
            @Nullable Demand demand,
            Finding.@Nullable Kind kind,
            Entry.Urgency urgency) {
        static FindingView of(Finding finding) {
            return new FindingView(
                    finding.severity(),
                    finding.text(),
                    finding.demand(),
                    finding.kind(),
                    Entry.Urgency.of(finding.severity()));
        }
    }

    /** A STOP that stands. @param action what it asks for, in words @param text why */
    record StopView(
            Demand demand,
            String action,
            String text,
            @Nullable String part,
            @Nullable Step step,
            NextThing.@Nullable CallStep callStep) {
        static @Nullable StopView of(@Nullable Stop stop) {
            return stop == null
                    ? null
                    : new StopView(stop.demand(), stop.words(), stop.text(), stop.part(), stop.step(), stop.callStep());
        }
    }

    record LineView(
            long number,
            long atMillis,
            String who,
            @Nullable String part,
            TapeText text,
            boolean struck,
            boolean strikable) {}
}
