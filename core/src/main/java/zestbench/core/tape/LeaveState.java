package zestbench.core.tape;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import zestbench.core.options.CustomerOption;
import zestbench.core.proof.ProofFigure;
import zestbench.core.proof.ProofPoint;
import zestbench.core.proof.ProofSetup;
import zestbench.core.proof.Settling;
import zestbench.core.proof.UnitProof;
import zestbench.core.safety.Deadness;

/** How a call ends: the proof of the whole unit, what was seen and not done, and what the customer was offered. */
public final class LeaveState {
    private final Set<String> ticked = new LinkedHashSet<>();
    private final List<Read> reads = new ArrayList<>();
    private final Map<String, Line> writeUps = new LinkedHashMap<>();
    private final Set<String> endedHere = new LinkedHashSet<>();
    private final Map<String, List<Read>> others = new LinkedHashMap<>();
    private final Map<String, Line> wanders = new LinkedHashMap<>();
    private List<CustomerOption> options = List.of();
    private boolean isDeclined;
    private String taken = "";
    private long startedMillis;
    private @Nullable Line kept;

    /** A reading of the running unit. */
    public record Read(long line, long atMillis, ProofPoint point, double value) {}

    /** What a figure was at an instant. @param line on the tape that made it so */
    public record FigureAt(ProofFigure figure, long line, long atMillis, double value) {}

    void start(long atMillis) {
        startedMillis = atMillis;
        reads.clear();
        wanders.clear();
        others.clear();
    }

    /** A unit that is read dead does not run. @param volts that were read */
    void readDead(double volts) {
        startedMillis = volts < Deadness.DEAD_VOLTS ? 0 : startedMillis;
    }

    void tick(String key, boolean on) {
        if (on) {
            ticked.add(key);
        } else {
            ticked.remove(key);
        }
    }

    void read(Line line, ProofPoint point, double value, @Nullable String circuit) {
        Read read = new Read(line.number(), line.atMillis(), point, value);
        if (circuit == null) {
            reads.add(read);
        } else {
            others.computeIfAbsent(circuit, c -> new ArrayList<>()).add(read);
        }
    }

    /** Readings of the circuits beside the first, by their names. */
    public Map<String, List<Read>> others() {
        return others;
    }

    /** What stands for another circuit: its own readings, and those of the air. */
    public Map<ProofPoint, Double> readings(String circuit) {
        Map<ProofPoint, Double> out = new LinkedHashMap<>(readings());
        out.keySet().removeIf(ProofPoint::isOfCircuit);
        others.getOrDefault(circuit, List.of()).forEach(read -> out.put(read.point(), read.value()));
        return out;
    }

    void wander(Line line) {
        wanders.put(((LeaveEntry.FigureWandered) line.entry()).title(), line);
    }

    /** Figures that do not stand still, the latest of each since the unit was started, by their titles. */
    public Map<String, Line> wanders() {
        return wanders;
    }

    void keep(Line line) {
        kept = line;
    }

    void writeUp(String id, Line line) {
        writeUps.put(id, line);
    }

    void endWriteUp(String id) {
        endedHere.add(id);
    }

    void offer(List<CustomerOption> offered) {
        options = offered;
        taken = "";
        isDeclined = false;
    }

    void take(String key) {
        taken = key;
        isDeclined = false;
    }

    void decline() {
        taken = "";
        isDeclined = true;
    }

    public Set<String> ticked() {
        return ticked;
    }

    /** Whether the unit was started and not read dead since. */
    public boolean isRunning() {
        return startedMillis > 0;
    }

    /** When it will have settled; empty where it does not run. */
    public Optional<Settling> settling() {
        return isRunning() ? Optional.of(Settling.since(startedMillis)) : Optional.empty();
    }

    /** The latest reading of each point since the unit was started. */
    public Map<ProofPoint, Double> readings() {
        Map<ProofPoint, Double> out = new LinkedHashMap<>();
        reads.forEach(read -> out.put(read.point(), read.value()));
        return out;
    }

    /** Every reading since the unit was started. */
    public List<Read> reads() {
        return reads;
    }

    /** Each figure as the readings came: what they amounted to after each of them. */
    public List<FigureAt> figures(ProofSetup setup) {
        return figures(setup, LeaveEntry.CircuitProved.FIRST);
    }

    /** The same of one circuit, with the air of the whole unit. @param circuit as 2 */
    public List<FigureAt> figures(ProofSetup setup, String circuit) {
        List<FigureAt> out = new ArrayList<>();
        Map<ProofPoint, Double> so = new LinkedHashMap<>();
        Map<ProofFigure, Double> before = Map.of();
        for (Read read : reads(circuit)) {
            so.put(read.point(), read.value());
            Map<ProofFigure, Double> now = UnitProof.figures(UnitProof.of(so, setup));
            for (Map.Entry<ProofFigure, Double> figure : now.entrySet()) {
                if (!figure.getValue().equals(before.get(figure.getKey())) || figure.getKey() == moved(read.point())) {
                    out.add(new FigureAt(figure.getKey(), read.line(), read.atMillis(), figure.getValue()));
                }
            }
            before = now;
        }
        return out;
    }

    /** The figure a point completes when it is read a second time with the same value; null where nothing is made of it. */
    private static @Nullable ProofFigure moved(ProofPoint point) {
        return switch (point) {
            case RETURN_AIR, SUPPLY_AIR, RETURN_WET_BULB, SUPPLY_WET_BULB -> ProofFigure.SPLIT;
            case OUTDOOR_AIR -> ProofFigure.CONDENSING_OVER_AMBIENT;
            case SUCTION_PRESSURE, SUCTION_LINE -> ProofFigure.SUPERHEAT;
            case LIQUID_PRESSURE, LIQUID_LINE -> ProofFigure.SUBCOOLING;
            case AIRFLOW -> ProofFigure.AIRFLOW_PER_TON;
            case GAS_INLET, GAS_MANIFOLD, FLAME_SIGNAL -> null;
        };
    }

    private List<Read> reads(String circuit) {
        if (circuit.equals(LeaveEntry.CircuitProved.FIRST)) {
            return reads;
        }
        List<Read> out = new ArrayList<>(reads);
        out.removeIf(read -> read.point().isOfCircuit());
        out.addAll(others.getOrDefault(circuit, List.of()));
        out.sort(Comparator.comparingLong(Read::line));
        return out;
    }

    /** Whether what was read last is of a settled unit. */
    public boolean isSettled(ProofSetup setup) {
        if (reads.isEmpty() || !isRunning()) {
            return false;
        }
        List<Settling.Split> splits = figures(setup).stream()
                .filter(f -> f.figure() == ProofFigure.SPLIT)
                .map(f -> new Settling.Split(f.atMillis(), f.value()))
                .toList();
        return Settling.since(startedMillis)
                .isSettled(reads.get(reads.size() - 1).atMillis(), splits);
    }

    /** The proof that was kept last; null where none was. */
    public @Nullable Line kept() {
        return kept;
    }

    /** What was seen and not done on this call, by its id; what was ended on it is not among them. */
    public Map<String, Line> openWriteUps() {
        Map<String, Line> out = new LinkedHashMap<>(writeUps);
        out.keySet().removeAll(endedHere);
        return out;
    }

    /** Ids that were ended on this call, its own and those of earlier visits. */
    public Set<String> endedHere() {
        return endedHere;
    }

    public List<CustomerOption> options() {
        return options;
    }

    /** Whether the customer wants none of the options. */
    public boolean isDeclined() {
        return isDeclined;
    }

    /** The key of the option that was chosen; empty where none is. */
    public String taken() {
        return taken;
    }
}
