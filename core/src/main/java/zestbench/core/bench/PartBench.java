package zestbench.core.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import zestbench.core.bench.PartViews.CheckView;
import zestbench.core.bench.PartViews.ChosenView;
import zestbench.core.bench.PartViews.ClosedView;
import zestbench.core.bench.PartViews.DoubtView;
import zestbench.core.bench.PartViews.FindingView;
import zestbench.core.bench.PartViews.JudgedView;
import zestbench.core.bench.PartViews.LastTimeView;
import zestbench.core.bench.PartViews.MissingView;
import zestbench.core.bench.PartViews.PartView;
import zestbench.core.bench.PartViews.PieceView;
import zestbench.core.bench.PartViews.StopView;
import zestbench.core.call.Surroundings;
import zestbench.core.family.PartProof;
import zestbench.core.judgement.Verdict;
import zestbench.core.safety.Deadness;
import zestbench.core.tape.CallState;
import zestbench.core.tape.Entry;
import zestbench.core.tape.PartEntry;
import zestbench.core.tape.PartState;
import zestbench.core.tape.ProofList;
import zestbench.core.tape.Stop;
import zestbench.core.tape.Taken;

/** What the bench shows of one part. */
final class PartBench {
    private PartBench() {}

    static PartView of(
            PartState part,
            CallState state,
            Deadness deadness,
            Surroundings around,
            @Nullable LastTimeView lastTime,
            List<FindingView> history) {
        PartProof proof = ProofList.of(part);
        Set<String> ticked = part.ticked(Entry.Checklist.PROOF);
        List<MissingView> missing = part.missing().stream()
                .map(a -> new MissingView(a.name(), a.label(), a.where()))
                .toList();
        List<JudgedView> readings = judged(part.tests().readings(), lastTime);
        return new PartView(
                part.id(),
                part.added().kind(),
                part.added().title(),
                part.added().place(),
                part.added().serves(),
                part.text(),
                part.spec(),
                part.spec().isEmpty() ? "" : part.family().shortText(part.spec()),
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
                                s -> s, s -> part.family().quantity(s).unit())),
                part.terminals(),
                readings,
                part.tests().verdict(),
                last(part, readings),
                state.together().filled(part),
                part.tests().isGood(),
                TestAction.of(part, around.rules()),
                ProveAction.of(part, state),
                chosen(part),
                deadness.isDeadFor(part.id()),
                state.together().isSheetOpen(part),
                part.benchFirst(),
                part.isFoundKept(),
                StopView.of(Stop.on(state, part)),
                ProofList.toMeasure(part),
                part.wires(),
                part.foundOrPrinted(),
                part.photos(),
                proof.before().stream().map(c -> CheckView.of(c, ticked)).toList(),
                proof.running().stream().map(c -> CheckView.of(c, ticked)).toList(),
                judged(part.tests().amps(), lastTime),
                MotorBench.served(part, state),
                MotorBench.speeds(part, proof),
                MotorBench.looks(part, around.rules()),
                part.tests().untested(),
                part.tests().coolAtMillis() > 0 ? part.tests().coolAtMillis() : null,
                MotorBench.leads(part),
                MotorBench.primaryLeads(part),
                MotorBench.pair(part),
                MotorBench.sheave(part),
                MotorBench.capacitor(part, state),
                closed(part),
                lastTime,
                history,
                part.family().condemnedFor(),
                part.ordered());
    }

    private static List<JudgedView> judged(Map<String, Taken> readings, @Nullable LastTimeView lastTime) {
        return readings.values().stream().map(t -> judged(t, lastTime)).toList();
    }

    private static JudgedView judged(Taken taken, @Nullable LastTimeView lastTime) {
        Double last =
                lastTime == null ? null : lastTime.figures().get(taken.judged().subject());
        return JudgedView.of(taken.line().number(), taken.judged(), taken.findings(), last);
    }

    /** The worst of what was read or seen in short, such as "FAN 5.9 µF". */
    private static String last(PartState part, List<JudgedView> readings) {
        Verdict worst = part.tests().verdict();
        return readings.stream()
                .filter(r -> r.verdict() == worst)
                .findFirst()
                .map(r -> (part.family().called(r.subject()) + " "
                                + r.figure()
                                + (r.unit().isEmpty() ? "" : " " + r.unit()))
                        .strip())
                .or(() -> part.tests().looks().values().stream()
                        .filter(l -> l.verdict() == worst)
                        .findFirst()
                        .map(l -> l.words().substring(l.words().lastIndexOf(": ") + 2)))
                .orElse("");
    }

    private static @Nullable ChosenView chosen(PartState part) {
        PartEntry.Chosen chosen = part.chosen();
        if (chosen == null) {
            return null;
        }
        List<PieceView> pieces = new ArrayList<>();
        for (int i = 0; i < chosen.pieces().size(); i++) {
            Entry.Piece piece = chosen.pieces().get(i);
            int index = i;
            List<JudgedView> readings = part.tests().newReadings().entrySet().stream()
                    .filter(e -> e.getKey().startsWith(index + " "))
                    .map(e -> judged(e.getValue(), null))
                    .toList();
            pieces.add(new PieceView(
                    i,
                    piece.stock(),
                    part.family().shortText(piece.spec()),
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
        PartEntry.PartClosed closed = part.closed();
        return closed == null
                ? null
                : new ClosedView(
                        closed.outcome(),
                        closed.outcome().words(),
                        closed.asLeft(),
                        closed.note(),
                        closed.returnDate(),
                        closed.warrantyUntil());
    }
}
