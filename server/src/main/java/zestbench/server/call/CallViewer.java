package zestbench.server.call;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import zestbench.core.family.Proof;
import zestbench.core.family.Spec;
import zestbench.core.judgement.Reckoning;
import zestbench.core.judgement.Verdict;
import zestbench.core.quantity.Figures;
import zestbench.core.safety.Deadness;
import zestbench.core.safety.Discharge;
import zestbench.core.shop.ShopRules;
import zestbench.core.tape.CallState;
import zestbench.core.tape.Entry;
import zestbench.core.tape.Line;
import zestbench.core.tape.NextThing;
import zestbench.core.tape.PartState;
import zestbench.core.tape.ProofList;
import zestbench.core.tape.Stop;
import zestbench.core.tape.Taken;
import zestbench.server.call.ArrivalViews.SafeStepView;
import zestbench.server.call.CallViews.CallView;
import zestbench.server.call.CallViews.CheckView;
import zestbench.server.call.CallViews.ChosenView;
import zestbench.server.call.CallViews.ClosedView;
import zestbench.server.call.CallViews.DischargeView;
import zestbench.server.call.CallViews.DoubtView;
import zestbench.server.call.CallViews.JudgedView;
import zestbench.server.call.CallViews.LineView;
import zestbench.server.call.CallViews.MissingView;
import zestbench.server.call.CallViews.PairView;
import zestbench.server.call.CallViews.PartView;
import zestbench.server.call.CallViews.PieceView;
import zestbench.server.call.CallViews.SafeView;
import zestbench.server.call.CallViews.StopView;
import zestbench.server.shop.Shop;
import zestbench.server.unit.Unit;
import zestbench.server.unit.Units.UnitView;

/** Makes the bench's view of a call from its tape. */
@Component
class CallViewer {

    private final Shop shop;
    private final LastTime lastTime;
    private final ArrivalViewer arrival;
    private final MotorViewer motors;
    private final LeaveViewer leave;

    CallViewer(Shop shop, LastTime lastTime, ArrivalViewer arrival, MotorViewer motors, LeaveViewer leave) {
        this.shop = shop;
        this.lastTime = lastTime;
        this.arrival = arrival;
        this.motors = motors;
        this.leave = leave;
    }

    CallView view(Calls.Open opened) {
        CallRow call = opened.row();
        List<Line> tape = opened.tape();
        CallState state = opened.state();
        Shop.InForce rules = shop.inForce();
        List<PartView> parts = new ArrayList<>();
        Deadness deadness = state.deadness();
        for (PartState part : state.parts()) {
            parts.add(part(part, state, deadness, call));
        }
        Unit unit = call.unit();
        return new CallView(
                call.id(),
                unit == null ? null : UnitView.of(unit),
                call.complaint(),
                call.status().name(),
                call.openedAt().toEpochMilli(),
                NextThing.of(state),
                Stop.of(state).stream().findFirst().map(StopView::of).orElse(null),
                safe(state, deadness, rules.rules()),
                arrival.ask(state),
                arrival.plates(state),
                arrival.supply(state),
                arrival.windings(state, unit),
                arrival.amps(state, unit),
                arrival.found(state, unit),
                parts,
                leave.view(call, tape, state),
                lines(tape, state),
                rules.number(),
                rules.sinceMillis());
    }

    private static List<LineView> lines(List<Line> tape, CallState state) {
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
                for (Spec row : part.spec().rows("sections")) {
                    row.number("microfarads").ifPresent(uf -> discharge.add(discharge(part, row, uf, rules)));
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
                        .toList());
    }

    private static DischargeView discharge(PartState part, Spec row, double microfarads, ShopRules rules) {
        double volts = part.spec().number("volts").orElse(Discharge.USUAL_VOLTS);
        Discharge discharge = Discharge.of(microfarads, volts, Discharge.USUAL_OHMS);
        boolean resistor = rules.discharge() == ShopRules.Discharge.RESISTOR;
        String title = row.text("terminal").map(t -> "C–" + t).orElse("a–b");
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

    private PartView part(PartState part, CallState state, Deadness deadness, CallRow call) {
        Proof proof = ProofList.of(part);
        Set<String> ticked = part.ticked(Entry.Checklist.PROOF);
        List<MissingView> missing = part.missing().stream()
                .map(a -> new MissingView(a.name(), a.label(), a.where()))
                .toList();
        List<JudgedView> readings = judged(part.readings());
        return new PartView(
                part.id(),
                part.added().kind(),
                part.added().title(),
                part.added().place(),
                part.added().serves(),
                part.text(),
                part.spec(),
                part.spec().isEmpty() ? "" : part.family().shortText().apply(part.spec()),
                part.family().attributes(),
                missing,
                part.doubts().stream()
                        .map(d -> new DoubtView(
                                d.attribute(),
                                part.family().titleOf(d.attribute()),
                                d.why(),
                                d.instead(),
                                part.isDeciding(d)))
                        .toList(),
                part.sections(),
                part.sections().stream()
                        .collect(Collectors.toMap(
                                s -> s, s -> part.family().quantity().apply(s).unit())),
                part.terminals(),
                readings,
                part.verdict(),
                last(part, readings),
                state.filled(part),
                part.isGood(),
                chosen(part),
                deadness.isDeadFor(part.id()),
                state.isSheetOpen(part),
                part.benchFirst(),
                part.isFoundKept(),
                StopView.of(Stop.on(state, part)),
                ProofList.toMeasure(part),
                part.wires(),
                part.foundOrPrinted(),
                part.photos(),
                proof.before().stream().map(c -> CheckView.of(c, ticked)).toList(),
                proof.running().stream().map(c -> CheckView.of(c, ticked)).toList(),
                judged(part.amps()),
                MotorViewer.served(part, state),
                motors.speeds(part, proof),
                motors.looks(part, shop.inForce().rules()),
                part.untested(),
                part.coolAtMillis() > 0 ? part.coolAtMillis() : null,
                motors.leads(part),
                motors.primaryLeads(part),
                motors.pair(part),
                motors.sheave(part),
                motors.capacitor(part, state, call.unit()),
                closed(part),
                lastTime.of(call, part),
                part.ordered());
    }

    private static List<JudgedView> judged(Map<String, Taken> readings) {
        return readings.values().stream().map(CallViewer::judged).toList();
    }

    private static JudgedView judged(Taken taken) {
        return JudgedView.of(taken.line().number(), taken.judged(), taken.findings());
    }

    /** The worst of what was read or seen in short, such as "FAN 5.90 µF". */
    private static String last(PartState part, List<JudgedView> readings) {
        Verdict worst = part.verdict();
        return readings.stream()
                .filter(r -> r.verdict() == worst)
                .findFirst()
                .map(r -> (r.subject().equals("CAPACITOR") ? "" : r.subject() + " ")
                        + r.figure()
                        + (r.unit().isEmpty() ? "" : " " + r.unit()))
                .or(() -> part.looks().values().stream()
                        .filter(l -> l.verdict() == worst)
                        .findFirst()
                        .map(l -> l.words().substring(l.words().lastIndexOf(": ") + 2)))
                .orElse("");
    }

    private static @Nullable ChosenView chosen(PartState part) {
        Entry.Chosen chosen = part.chosen();
        if (chosen == null) {
            return null;
        }
        List<PieceView> pieces = new ArrayList<>();
        for (int i = 0; i < chosen.pieces().size(); i++) {
            Entry.Piece piece = chosen.pieces().get(i);
            int index = i;
            List<JudgedView> readings = part.newReadings().entrySet().stream()
                    .filter(e -> e.getKey().startsWith(index + " "))
                    .map(e -> judged(e.getValue()))
                    .toList();
            pieces.add(new PieceView(
                    i,
                    piece.stock(),
                    part.family().shortText().apply(piece.spec()),
                    ProofList.sectionsToRead(part, chosen, i),
                    readings,
                    ProofList.isProved(part, i)));
        }
        return new ChosenView(
                chosen.title(),
                chosen.grade(),
                chosen.grade().word(),
                chosen.grade().needsReturnDate(),
                chosen.changes(),
                chosen.returnDate(),
                pieces);
    }

    private static @Nullable ClosedView closed(PartState part) {
        Entry.PartClosed closed = part.closed();
        return closed == null
                ? null
                : new ClosedView(closed.outcome(), closed.asLeft(), closed.note(), closed.returnDate());
    }
}
