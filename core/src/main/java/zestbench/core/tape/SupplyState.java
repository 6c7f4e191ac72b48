package zestbench.core.tape;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import zestbench.core.controlchain.ControlChain;
import zestbench.core.controlchain.Link;
import zestbench.core.family.Spec;
import zestbench.core.judgement.Finding;
import zestbench.core.judgement.Judged;
import zestbench.core.judgement.Judgement;
import zestbench.core.quantity.Figures;
import zestbench.core.quantity.Meter;
import zestbench.core.supply.PairReading;
import zestbench.core.supply.PhaseMonitor;
import zestbench.core.supply.SupplyPoint;
import zestbench.core.supply.SupplyVoltage;
import zestbench.core.supply.Unbalance;

/** The latest volts at each point of the supply, and what they say together. */
public final class SupplyState {
    private static final int THREE_PAIRS = 3;
    private static final double MISSING_VOLTS = 60;

    private final Map<SupplyPoint, Map<String, Line>> readings = new EnumMap<>(SupplyPoint.class);

    private final Set<String> linksAbsent = new LinkedHashSet<>();

    /** @param link of the control circuit, as float switch */
    void link(String link, boolean isThere) {
        if (isThere) {
            linksAbsent.remove(link);
        } else {
            linksAbsent.add(link);
        }
    }

    /** What of the usual control circuit this unit has not. */
    public Set<String> linksAbsent() {
        return linksAbsent;
    }

    /**
     * The control circuit with what was read along it; what was read at the transformer and at the coil stands for its ends.
     *
     * @param isHeating whether heat is called for
     * @param switches those of the parts in question
     * @param rated volts
     */
    ControlChain chain(boolean isHeating, List<Link> switches, double rated) {
        Map<String, Line> lines = new LinkedHashMap<>(at(SupplyPoint.CHAIN));
        at(SupplyPoint.TRANSFORMER).values().forEach(line -> lines.merge(ControlChain.FIRST, line, SupplyState::later));
        at(SupplyPoint.COIL).values().forEach(line -> lines.merge(ControlChain.COIL, line, SupplyState::later));
        Map<String, Double> volts = new LinkedHashMap<>();
        lines.entrySet().stream()
                .sorted(Comparator.comparingLong(read -> read.getValue().number()))
                .forEach(read -> volts.put(
                        read.getKey(),
                        PartState.judged(read.getValue()).reading().value()));
        return ControlChain.of(isHeating, switches, linksAbsent, volts, rated);
    }

    private static Line later(Line one, Line other) {
        return one.number() > other.number() ? one : other;
    }

    void take(SupplyPoint point, String subject, Line line) {
        readings.computeIfAbsent(point, p -> new LinkedHashMap<>()).put(subject, line);
    }

    /** The latest reading of each pair at {@code point}. */
    public Map<String, Line> at(SupplyPoint point) {
        return readings.getOrDefault(point, Map.of());
    }

    /** The pairs at a point as readings. */
    public List<PairReading> pairs(SupplyPoint point) {
        List<PairReading> out = new ArrayList<>();
        at(point)
                .forEach((pair, line) -> out.add(
                        new PairReading(pair, PartState.judged(line).reading().value())));
        return out;
    }

    private List<PairReading> legs(SupplyPoint point) {
        return pairs(point).stream().filter(PairReading::isBetweenLegs).toList();
    }

    /** What the readings of a point say together: a lost leg, for one. */
    public List<Finding> findings(SupplyPoint point, Spec plate, Meter meter) {
        List<PairReading> pairs = pairs(point);
        return pairs.isEmpty()
                ? List.of()
                : SupplyVoltage.onSite(plate, pairs, meter).findings();
    }

    /** The unbalance of three pairs at a point, with what it means for the motors. */
    public Optional<Judgement> unbalance(SupplyPoint point, Meter meter) {
        List<PairReading> legs = legs(point);
        boolean isWhole = legs.size() == THREE_PAIRS && legs.stream().allMatch(p -> p.volts() > MISSING_VOLTS);
        return isWhole ? Optional.of(Unbalance.judge(legs, meter)) : Optional.empty();
    }

    /** How a phase monitor is set by what was read; empty where three live pairs were not read. */
    public List<PhaseMonitor.Setting> monitor(Meter meter) {
        for (SupplyPoint point : List.of(SupplyPoint.DISCONNECT, SupplyPoint.LINE)) {
            if (unbalance(point, meter).isPresent()) {
                return PhaseMonitor.settings(legs(point));
            }
        }
        return List.of();
    }

    /** Line volts of the unit: the mean of the pairs read alive, nearest to its motors first. */
    public Optional<Double> lineVolts() {
        for (SupplyPoint point : List.of(SupplyPoint.LOAD, SupplyPoint.LINE, SupplyPoint.DISCONNECT)) {
            OptionalDouble mean = pairs(point).stream()
                    .filter(PairReading::isLine)
                    .mapToDouble(PairReading::volts)
                    .filter(v -> v > MISSING_VOLTS)
                    .average();
            if (mean.isPresent()) {
                return Optional.of(Figures.tidy(Math.round(mean.getAsDouble() * 10) / 10.0));
            }
        }
        return Optional.empty();
    }

    /** Whether every pair between legs, or to neutral, is alive and no leg is lost at a point; empty where none was read. */
    Optional<Boolean> isAlive(SupplyPoint point) {
        Map<String, Line> all = at(point);
        if (all.isEmpty()) {
            return Optional.empty();
        }
        boolean alive = SupplyVoltage.lostLeg(legs(point)).isEmpty()
                && SupplyVoltage.backFed(legs(point)).isEmpty();
        for (PairReading pair : pairs(point)) {
            alive &= !pair.isLine() || pair.volts() > MISSING_VOLTS;
        }
        return Optional.of(alive);
    }

    /** Whether a leg is lost by three pairs; empty where three were not read. */
    Optional<Boolean> isLegLost() {
        for (SupplyPoint point : List.of(SupplyPoint.DISCONNECT, SupplyPoint.LINE, SupplyPoint.LOAD)) {
            List<PairReading> legs = legs(point);
            if (legs.size() == THREE_PAIRS) {
                return Optional.of(SupplyVoltage.lostLeg(legs).isPresent()
                        || SupplyVoltage.backFed(legs).isPresent());
            }
        }
        return Optional.empty();
    }

    /** Whether a lost leg is fed back through a motor at any point where three pairs were read; empty where none were. */
    Optional<Boolean> isBackFed() {
        Optional<Boolean> out = Optional.empty();
        for (SupplyPoint point : List.of(SupplyPoint.DISCONNECT, SupplyPoint.LINE, SupplyPoint.LOAD)) {
            List<PairReading> legs = legs(point);
            if (legs.size() == THREE_PAIRS) {
                out = Optional.of(
                        out.orElse(false) || SupplyVoltage.backFed(legs).isPresent());
            }
        }
        return out;
    }

    /** Whether control volts are there at a point; empty where they were not read. */
    Optional<Boolean> isControlled(SupplyPoint point) {
        for (Line line : at(point).values()) {
            Judged judged = PartState.judged(line);
            double rated = judged.rated() == null ? 0 : judged.rated();
            return Optional.of(judged.reading().value() > rated / 2);
        }
        return Optional.empty();
    }
}
