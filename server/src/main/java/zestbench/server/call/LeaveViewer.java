package zestbench.server.call;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import zestbench.core.judgement.Judged;
import zestbench.core.proof.Benchmark;
import zestbench.core.proof.ProofFigure;
import zestbench.core.proof.ProofPoint;
import zestbench.core.proof.ProofSetup;
import zestbench.core.proof.UnitProof;
import zestbench.core.quantity.Figures;
import zestbench.core.tape.BeforePower;
import zestbench.core.tape.CallState;
import zestbench.core.tape.LeaveState;
import zestbench.core.tape.Line;
import zestbench.core.tape.UnitHistory;
import zestbench.server.call.CallViews.CheckView;
import zestbench.server.call.CallViews.FindingView;
import zestbench.server.call.CallViews.JudgedView;
import zestbench.server.call.LeaveViews.BestFigureView;
import zestbench.server.call.LeaveViews.BestView;
import zestbench.server.call.LeaveViews.FigureView;
import zestbench.server.call.LeaveViews.InstantView;
import zestbench.server.call.LeaveViews.LeaveView;
import zestbench.server.call.LeaveViews.OptionView;
import zestbench.server.call.LeaveViews.PointView;
import zestbench.server.call.LeaveViews.ProofView;
import zestbench.server.call.LeaveViews.SeriesView;
import zestbench.server.call.LeaveViews.SettlingView;
import zestbench.server.call.LeaveViews.WriteUpView;

/** Makes the bench's view of how a call ends. */
@Component
class LeaveViewer {
    private final Histories histories;
    private final Leaving leaving;

    LeaveViewer(Histories histories, Leaving leaving) {
        this.histories = histories;
        this.leaving = leaving;
    }

    LeaveView view(CallRow call, List<Line> tape, CallState state) {
        UnitHistory history = histories.of(call, tape, state);
        LeaveState leave = state.leave();
        Set<String> done = BeforePower.done(state);
        return new LeaveView(
                BeforePower.of(state).stream().map(c -> CheckView.of(c, done)).toList(),
                proof(call, state, history),
                history.openWriteUps().stream()
                        .map(w -> WriteUpView.of(w, call.id()))
                        .toList(),
                leave.options().stream()
                        .map(o -> OptionView.of(o, leave.taken()))
                        .toList());
    }

    private ProofView proof(CallRow call, CallState state, UnitHistory history) {
        ProofSetup setup = leaving.setup(call, state);
        LeaveState leave = state.leave();
        Map<ProofPoint, Double> readings = leave.readings();
        UnitProof.Answer answer = UnitProof.of(readings, setup);
        boolean isSettled = leave.isSettled(setup);
        SettlingView settling = leave.settling()
                .map(s -> new SettlingView(s.sinceMillis(), s.fromMillis(), s.untilMillis(), isSettled))
                .orElse(null);
        Line kept = leave.kept();
        return new ProofView(
                leave.isRunning(),
                settling,
                setup.refrigerant(),
                setup.table() != null,
                points(leave),
                figures(answer),
                answer.findings().stream().map(FindingView::of).toList(),
                series(leave, setup),
                best(history.benchmarkBefore(call.id()), readings, answer),
                kept == null ? "" : kept.entry().told().detail(),
                Benchmark.standing(readings, answer, isSettled));
    }

    private static List<PointView> points(LeaveState leave) {
        Map<ProofPoint, LeaveState.Read> last = new EnumMap<>(ProofPoint.class);
        leave.reads().forEach(read -> last.put(read.point(), read));
        List<PointView> out = new ArrayList<>();
        for (ProofPoint point : ProofPoint.values()) {
            LeaveState.Read read = last.get(point);
            out.add(
                    read == null
                            ? PointView.of(point, null, null)
                            : PointView.of(point, read.value(), read.atMillis()));
        }
        return out;
    }

    static List<FigureView> figures(UnitProof.Answer answer) {
        List<FigureView> out = new ArrayList<>();
        for (Judged judged : answer.verdicts()) {
            out.add(new FigureView(
                    ProofFigure.valueOf(judged.subject()).title(),
                    judged.reading().shown(),
                    judged.reading().unit(),
                    judged.reckoning().text(),
                    JudgedView.of(0, judged, List.of())));
        }
        answer.shown()
                .forEach(s -> out.add(new FigureView(
                        s.title(),
                        s.reading().shown(),
                        s.reading().unit(),
                        s.reckoning().text(),
                        null)));
        return out;
    }

    private static List<SeriesView> series(LeaveState leave, ProofSetup setup) {
        Map<ProofFigure, List<InstantView>> out = new LinkedHashMap<>();
        leave.figures(setup)
                .forEach(f -> out.computeIfAbsent(f.figure(), k -> new ArrayList<>())
                        .add(new InstantView(f.atMillis(), f.value())));
        return out.entrySet().stream()
                .map(e -> new SeriesView(
                        e.getKey(), e.getKey().title(), e.getKey().quantity().unit(), e.getValue()))
                .toList();
    }

    private static @Nullable BestView best(
            Optional<Benchmark> known, Map<ProofPoint, Double> readings, UnitProof.Answer answer) {
        if (known.isEmpty()) {
            return null;
        }
        Benchmark best = known.get();
        Benchmark.Comparison comparison = best.compare(readings, answer);
        return view(best, readings.isEmpty() ? "" : comparison.words(), comparison);
    }

    static BestView view(Benchmark best, String words, Benchmark.Comparison comparison) {
        List<BestFigureView> figures = new ArrayList<>();
        best.figures().forEach((figure, value) -> {
            Benchmark.Compared compared = comparison.figures().stream()
                    .filter(c -> c.figure() == figure)
                    .findFirst()
                    .orElse(null);
            figures.add(BestFigureView.of(figure, value, compared));
        });
        Double outdoor = best.outdoorFahrenheit();
        return new BestView(
                best.atMillis(), outdoor == null ? "" : Figures.plain(outdoor) + " °F outdoors", words, figures);
    }
}
