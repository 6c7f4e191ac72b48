package zestbench.core.bench;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import zestbench.core.bench.ArrivalViews.AmpsView;
import zestbench.core.bench.ArrivalViews.AskView;
import zestbench.core.bench.ArrivalViews.FoundView;
import zestbench.core.bench.ArrivalViews.MarkingView;
import zestbench.core.bench.ArrivalViews.PlatesView;
import zestbench.core.bench.ArrivalViews.SafeStepView;
import zestbench.core.bench.ArrivalViews.SupplyView;
import zestbench.core.bench.ArrivalViews.WindingsView;
import zestbench.core.bench.CallAccount.AccountLine;
import zestbench.core.bench.LeaveViews.LeaveView;
import zestbench.core.bench.LeaveViews.WriteUpView;
import zestbench.core.bench.PartViews.DischargeView;
import zestbench.core.bench.PartViews.FindingView;
import zestbench.core.bench.PartViews.LineView;
import zestbench.core.bench.PartViews.PairView;
import zestbench.core.bench.PartViews.PartView;
import zestbench.core.bench.PartViews.SafeAction;
import zestbench.core.bench.PartViews.SafeView;
import zestbench.core.bench.PartViews.StopView;
import zestbench.core.call.OnJumper;
import zestbench.core.call.Surroundings;
import zestbench.core.call.UnitPlace;
import zestbench.core.family.Sections;
import zestbench.core.family.Spec;
import zestbench.core.judgement.Reckoning;
import zestbench.core.quantity.Figures;
import zestbench.core.quantity.Letters;
import zestbench.core.quantity.Quantity;
import zestbench.core.safety.Deadness;
import zestbench.core.safety.Discharge;
import zestbench.core.safety.SafePeriod;
import zestbench.core.shop.ShopRules;
import zestbench.core.tape.CallState;
import zestbench.core.tape.Line;
import zestbench.core.tape.NextThing;
import zestbench.core.tape.PartState;
import zestbench.core.tape.Stop;
import zestbench.core.tape.UnitEntry;

/**
 * All that the bench shows of a call.
 *
 * @param next what to do next
 * @param stop that stands; null where none does
 * @param markings how the terminals of a winding may be marked
 * @param account the call in a few lines
 * @param tape the last line first
 * @param undo what takes the last thing back; null where nothing does
 */
public record Bench(
        NextThing next,
        @Nullable StopView stop,
        SafeView safe,
        AskView ask,
        PlatesView plates,
        SupplyView supply,
        List<WindingsView> windings,
        List<MarkingView> markings,
        List<AmpsView> amps,
        List<FoundView> found,
        List<PartView> parts,
        LeaveView leave,
        List<AccountLine> account,
        List<JumperView> jumpers,
        @Nullable WaitView waits,
        List<WriteUpView> standstill,
        List<LineView> tape,
        @Nullable UndoAction undo) {

    /** What the call waits for. @param words such as waits for the coil to thaw @param until as 2026-11-27 */
    public record WaitView(String words, String until, String note, long atMillis, String who) {
        static @Nullable WaitView of(@Nullable Line line) {
            return line != null && line.entry() instanceof UnitEntry.CallWaits wait
                    ? new WaitView(
                            "waits for " + wait.what().words(), wait.until(), wait.note(), line.atMillis(), line.who())
                    : null;
        }
    }

    /** A jumper that is in. @param caution what to mind while it is; empty where nothing is known of it */
    public record JumperView(String id, String across, String why, String caution, long atMillis, String who) {
        static JumperView of(Line line) {
            UnitEntry.JumperPut put = (UnitEntry.JumperPut) line.entry();
            String caution = OnJumper.USUAL.stream()
                    .filter(usual -> usual.across().equals(put.across()))
                    .map(OnJumper.Usual::caution)
                    .findFirst()
                    .orElse("");
            return new JumperView(put.id(), put.across(), put.why(), caution, line.atMillis(), line.who());
        }
    }

    /** Of a call that stands at {@code state}. */
    public static Bench of(CallState state, Surroundings around, Before before) {
        List<UnitPlace> places = around.knownPlaces();
        Deadness deadness = state.deadness();
        List<PartView> parts = new ArrayList<>();
        List<Line> tape = state.tape();
        long lastMillis = tape.isEmpty() ? 0 : tape.get(tape.size() - 1).atMillis();
        for (PartState part : state.parts()) {
            parts.add(PartBench.of(
                    part,
                    state,
                    deadness,
                    around,
                    before.lastTimes().get(part.id()),
                    PartHistory.of(
                                    part,
                                    state.plates(),
                                    before.replaced().getOrDefault(part.id(), List.of()),
                                    before.story(),
                                    lastMillis)
                            .stream()
                            .map(FindingView::of)
                            .toList()));
        }
        return new Bench(
                NextThing.of(state),
                Stop.of(state).stream().findFirst().map(StopView::of).orElse(null),
                safe(state, deadness, around.rules()),
                ArrivalBench.ask(state),
                ArrivalBench.plates(state),
                ArrivalBench.supply(state, around.meter(Quantity.VOLTS), before),
                ArrivalBench.windings(state, places),
                MarkingView.all(),
                ArrivalBench.amps(state, places, before),
                ArrivalBench.found(state, places),
                parts,
                LeaveBench.view(state, around, before),
                CallAccount.of(state, before.complaint(), around.proof(state.plates())),
                state.jumpers().open().stream().map(JumperView::of).toList(),
                WaitView.of(state.waits()),
                around.writeUps().stream()
                        .filter(w -> w.writeUp().urgency().isStandstill())
                        .map(w -> WriteUpView.of(w, before.call()))
                        .toList(),
                lines(state),
                UndoAction.of(state));
    }

    private static List<LineView> lines(CallState state) {
        List<Line> tape = state.tape();
        List<LineView> out = new ArrayList<>();
        for (int i = tape.size() - 1; i >= 0; i--) {
            Line line = tape.get(i);
            boolean struck = state.isStruck(line.number());
            out.add(new LineView(
                    line.number(),
                    line.atMillis(),
                    line.who(),
                    line.entry().part(),
                    line.entry().told(),
                    struck,
                    !struck && line.entry().canBeStruck()));
        }
        return out;
    }

    private static SafeView safe(CallState state, Deadness deadness, ShopRules rules) {
        List<PairView> pairs = new ArrayList<>();
        for (Deadness.Pair pair : deadness.pairs()) {
            boolean supply = pair.place().equals(Deadness.SUPPLY);
            pairs.add(PairView.of(
                    pair,
                    supply ? "Disconnect" : state.part(pair.place()).added().title()));
        }
        List<DischargeView> discharge = new ArrayList<>();
        for (PartState part : state.parts()) {
            if (part.closed() == null) {
                for (Spec row : Sections.of(part.spec())) {
                    row.number(Sections.MICROFARADS).ifPresent(uf -> discharge.add(discharge(part, row, uf, rules)));
                }
            }
        }
        return new SafeView(
                deadness.isSupplyDead(),
                deadness.live(),
                deadness.isSupplyDead() ? deadness.sinceMillis() : null,
                pairs,
                discharge,
                state.safeSteps().stream()
                        .map(s -> new SafeStepView(s.key(), s.text(), s.isReading(), s.isDone()))
                        .toList(),
                toRead(state, deadness),
                safeNext(state, deadness));
    }

    /** The meter is proved before the first pair and after the last one. */
    private static List<String> toRead(CallState state, Deadness deadness) {
        List<String> out = new ArrayList<>();
        deadness.pairs().stream()
                .filter(pair -> !pair.isDead())
                .forEach(pair -> out.add(pair.place() + " " + pair.name()));
        String proving = out.isEmpty() ? SafePeriod.PROVED_AGAIN : SafePeriod.PROVED;
        boolean isToProve =
                state.safeSteps().stream().anyMatch(step -> step.key().equals(proving) && !step.isDone());
        if (isToProve) {
            out.add(0, proving);
        }
        return out;
    }

    private static SafeAction safeNext(CallState state, Deadness deadness) {
        long open = deadness.pairs().stream().filter(pair -> !pair.isDead()).count();
        if (open > 0) {
            return new SafeAction(open + (open == 1 ? " pair" : " pairs") + " to read dead", false, null);
        }
        for (PartState part : state.parts()) {
            if (part.chosen() != null && part.closed() == null) {
                return new SafeAction(
                        "Hook up the " + Letters.inSentence(part.added().title()), true, part.id());
            }
        }
        return new SafeAction("Dead: go on", true, null);
    }

    private static DischargeView discharge(PartState part, Spec row, double microfarads, ShopRules rules) {
        double volts = part.spec().number("volts").orElse(Discharge.USUAL_VOLTS);
        Discharge discharge = Discharge.of(microfarads, volts, Discharge.USUAL_OHMS);
        boolean resistor = rules.discharge() == ShopRules.Discharge.RESISTOR;
        String title = Sections.terminal(row).map(t -> "C–" + t).orElse("a–b");
        List<String> lines =
                discharge.reckonings().stream().map(Reckoning::text).toList();
        return new DischargeView(
                part.id(),
                title,
                rules.discharge().name(),
                resistor ? lines : lines.subList(0, 1),
                Figures.fixed(discharge.joules(), 2) + " J",
                Figures.fixed(discharge.seconds(), 1) + " s");
    }
}
