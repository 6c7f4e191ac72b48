package zestbench.core.bench;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import zestbench.core.bench.LeaveViews.BestFigureView;
import zestbench.core.bench.LeaveViews.BestView;
import zestbench.core.bench.LeaveViews.CircuitView;
import zestbench.core.bench.LeaveViews.FigureView;
import zestbench.core.bench.LeaveViews.InstantView;
import zestbench.core.bench.LeaveViews.LeaveView;
import zestbench.core.bench.LeaveViews.OptionSourceView;
import zestbench.core.bench.LeaveViews.OptionView;
import zestbench.core.bench.LeaveViews.PointView;
import zestbench.core.bench.LeaveViews.ProofView;
import zestbench.core.bench.LeaveViews.SeriesView;
import zestbench.core.bench.LeaveViews.SettlingView;
import zestbench.core.bench.LeaveViews.UrgencyView;
import zestbench.core.bench.LeaveViews.WanderView;
import zestbench.core.bench.LeaveViews.WriteUpView;
import zestbench.core.bench.PartViews.CheckView;
import zestbench.core.bench.PartViews.FindingView;
import zestbench.core.bench.PartViews.JudgedView;
import zestbench.core.call.Surroundings;
import zestbench.core.family.Trait;
import zestbench.core.judgement.Judged;
import zestbench.core.proof.Benchmark;
import zestbench.core.proof.ProofFigure;
import zestbench.core.proof.ProofPoint;
import zestbench.core.proof.ProofSetup;
import zestbench.core.proof.Running;
import zestbench.core.proof.UnitProof;
import zestbench.core.quantity.Figures;
import zestbench.core.quantity.Letters;
import zestbench.core.tape.BeforePower;
import zestbench.core.tape.CallState;
import zestbench.core.tape.LeaveEntry;
import zestbench.core.tape.LeaveState;
import zestbench.core.tape.Line;
import zestbench.core.tape.PartState;

/** What the bench shows of how a call ends. */
public final class LeaveBench {
    private static final String FIRST = LeaveEntry.CircuitProved.FIRST;

    private LeaveBench() {}

    static LeaveView view(CallState state, Surroundings around, Before before) {
        LeaveState leave = state.leave();
        Set<String> done = BeforePower.done(state);
        return new LeaveView(
                BeforePower.of(state).stream().map(c -> CheckView.of(c, done)).toList(),
                proof(state, around.proof(state.plates()), before),
                around.writeUps().stream()
                        .map(w -> WriteUpView.of(w, before.call()))
                        .toList(),
                UrgencyView.all(),
                leave.options().stream()
                        .map(o -> OptionView.of(o, leave.taken()))
                        .toList(),
                sources(state),
                leave.isDeclined());
    }

    /** Parts that are open and readable by what matches them; a compressor, condemned too, by the three ways that are open then. */
    private static List<OptionSourceView> sources(CallState state) {
        LeaveState leave = state.leave();
        List<OptionSourceView> out = new ArrayList<>();
        for (PartState part : state.parts()) {
            String title = part.added().title();
            if (part.family().has(Trait.COMPRESSES)) {
                if (part.closed() == null || part.isCondemned()) {
                    boolean isFirst = part.isCondemned() && leave.options().isEmpty() && !leave.isDeclined();
                    out.add(new OptionSourceView(part.id(), title + ", outdoor unit or whole system", isFirst));
                }
            } else if (part.closed() == null && part.missing().isEmpty()) {
                out.add(new OptionSourceView(part.id(), "From matches: " + Letters.inSentence(title), false));
            }
        }
        return out;
    }

    private static ProofView proof(CallState state, ProofSetup setup, Before before) {
        LeaveState leave = state.leave();
        Map<ProofPoint, Double> readings = leave.readings();
        UnitProof.Answer answer = state.runningUnit().proved(setup);
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
                points(leave, state.runningUnit().runsFor()),
                figures(answer),
                wanders(leave),
                state.runningUnit().isHeating() ? List.of() : circuits(state, setup, before),
                ChargeBench.views(state, setup),
                ChargeBench.circuits(state, setup),
                answer.findings().stream().map(FindingView::of).toList(),
                series(leave, setup),
                best(before.bests().get(FIRST), readings, answer),
                kept == null ? "" : kept.entry().told().detail(),
                Benchmark.standing(readings, answer, isSettled));
    }

    private static List<PointView> points(LeaveState leave, Running running) {
        Map<ProofPoint, LeaveState.Read> last = new EnumMap<>(ProofPoint.class);
        leave.reads().forEach(read -> last.put(read.point(), read));
        List<PointView> out = new ArrayList<>();
        for (ProofPoint point : ProofPoint.values()) {
            LeaveState.Read read = last.get(point);
            if (read == null && !point.isReadOf(running)) {
                continue;
            }
            out.add(
                    read == null
                            ? PointView.of(point, null, null)
                            : PointView.of(point, read.value(), read.atMillis()));
        }
        return out;
    }

    /** As many as its plate tells, and as were read. */
    private static List<CircuitView> circuits(CallState state, ProofSetup setup, Before before) {
        LeaveState leave = state.leave();
        int last = state.plates().circuits();
        for (String read : leave.others().keySet()) {
            last = Math.max(last, Integer.parseInt(read));
        }
        List<CircuitView> out = new ArrayList<>();
        for (int circuit = 2; circuit <= last; circuit++) {
            String name = String.valueOf(circuit);
            Map<ProofPoint, LeaveState.Read> read = new EnumMap<>(ProofPoint.class);
            leave.others().getOrDefault(name, List.of()).forEach(r -> read.put(r.point(), r));
            List<PointView> points = new ArrayList<>();
            for (ProofPoint point : ProofPoint.values()) {
                if (point.isOfCircuit()) {
                    LeaveState.Read at = read.get(point);
                    points.add(PointView.of(point, at == null ? null : at.value(), at == null ? null : at.atMillis()));
                }
            }
            UnitProof.Answer answer = state.runningUnit().proved(setup, name);
            out.add(new CircuitView(
                    circuit,
                    points,
                    read.isEmpty() ? List.of() : figures(answer),
                    read.isEmpty()
                            ? List.of()
                            : answer.findings().stream().map(FindingView::of).toList(),
                    best(before.bests().get(name), leave.readings(name), answer)));
        }
        return out;
    }

    private static List<WanderView> wanders(LeaveState leave) {
        return leave.wanders().values().stream()
                .map(line -> {
                    LeaveEntry.FigureWandered at = (LeaveEntry.FigureWandered) line.entry();
                    return new WanderView(
                            at.title(),
                            at.wander().words(),
                            JudgedView.of(line.number(), at.judged(), List.of()),
                            at.findings().stream().map(FindingView::of).toList());
                })
                .toList();
    }

    /** Figures of a proof as they are shown. */
    public static List<FigureView> figures(UnitProof.Answer answer) {
        List<FigureView> out = new ArrayList<>();
        for (Judged judged : answer.verdicts()) {
            out.add(FigureView.of(
                    ProofFigure.valueOf(judged.subject()).title(),
                    judged.reading(),
                    true,
                    judged.reckoning().text(),
                    JudgedView.of(0, judged, List.of())));
        }
        answer.shown()
                .forEach(s -> out.add(FigureView.of(
                        s.title(),
                        s.reading(),
                        !Boolean.TRUE.equals(s.isTemperature()),
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
            @Nullable Benchmark best, Map<ProofPoint, Double> readings, UnitProof.Answer answer) {
        if (best == null) {
            return null;
        }
        Benchmark.Comparison comparison = best.compare(readings, answer);
        return view(best, readings.isEmpty() ? "" : comparison.words(), comparison);
    }

    /** The best of a unit, and how another proof stands against it. */
    public static BestView view(Benchmark best, String words, Benchmark.Comparison comparison) {
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
