package zestbench.core.tape;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import zestbench.core.amps.RunningAmps;
import zestbench.core.amps.StartTest;
import zestbench.core.controlchain.ControlChain;
import zestbench.core.family.Sections;
import zestbench.core.family.Spec;
import zestbench.core.family.Trait;
import zestbench.core.family.UnitSpot;
import zestbench.core.judgement.Demand;
import zestbench.core.judgement.Judged;
import zestbench.core.judgement.Verdict;
import zestbench.core.proof.ProofFigure;
import zestbench.core.quantity.Letters;
import zestbench.core.quantity.Limits;
import zestbench.core.quantity.Quantity;
import zestbench.core.supply.SupplyPoint;
import zestbench.core.suspect.BlinkCode;
import zestbench.core.suspect.Fact;
import zestbench.core.suspect.Question;
import zestbench.core.winding.PairOhms;

/** What a call knows for its suspects: what was answered, and over it what was read and measured. */
final class Evidence {
    /** About no capacitance at all. */
    private static final double OPEN_MICROFARADS = 0.2;

    private final Map<Fact, Boolean> facts = new EnumMap<>(Fact.class);

    private Evidence() {}

    static Map<Fact, Boolean> of(
            Map<String, String> answers,
            List<String> notes,
            Spec plate,
            SupplyState supply,
            ControlChain chain,
            Iterable<Line> windings,
            Iterable<Line> amps,
            Iterable<Line> starts,
            Iterable<PartState> parts,
            @Nullable Line proof) {
        Evidence evidence = new Evidence();
        plate.number("phase").ifPresent(phase -> evidence.facts.put(Fact.THREE_PHASE, phase == 3));
        evidence.facts.putAll(Question.facts(answers));
        notes.forEach(note -> evidence.facts.putAll(BlinkCode.facts(note)));
        evidence.supply(supply);
        evidence.facts.putAll(chain.facts());
        for (Line line : windings) {
            evidence.windings((PartEntry.WindingsRead) line.entry());
        }
        int startDevices = 0;
        for (PartState part : parts) {
            evidence.part(part);
            boolean isOpen = part.closed() == null;
            startDevices += isOpen && part.family().has(Trait.STARTS) ? 1 : 0;
        }
        if (startDevices > 1) {
            evidence.facts.put(Fact.TWO_START_DEVICES, true);
        }
        for (Line line : amps) {
            evidence.amps((PartEntry.AmpsRead) line.entry());
        }
        for (Line line : starts) {
            evidence.start((StartEntry.StartCaught) line.entry());
        }
        if (proof != null && proof.entry() instanceof LeaveEntry.ProofKept kept) {
            evidence.proof(kept);
        }
        return evidence.facts;
    }

    private void supply(SupplyState supply) {
        put(Fact.DISCONNECT_VOLTS, supply.isAlive(SupplyPoint.DISCONNECT));
        put(Fact.LINE_VOLTS, supply.isAlive(SupplyPoint.LINE));
        put(Fact.BACK_FED, supply.isBackFed());
        put(Fact.LOAD_VOLTS, supply.isAlive(SupplyPoint.LOAD));
        put(Fact.LEG_LOST, supply.isLegLost());
        put(Fact.COIL_VOLTS, supply.isControlled(SupplyPoint.COIL));
        put(Fact.SECONDARY_VOLTS, supply.isControlled(SupplyPoint.TRANSFORMER));
    }

    private void windings(PartEntry.WindingsRead read) {
        if (!read.kind().equals("compressor")) {
            return;
        }
        boolean toGround = read.verdicts().stream().anyMatch(Evidence::isToGround);
        boolean between = read.verdicts().stream().anyMatch(j -> !isToGround(j));
        if (between) {
            facts.put(
                    Fact.WINDING_OPEN,
                    read.verdicts().stream()
                            .anyMatch(j -> !isToGround(j) && !j.reading().isFigure()));
        }
        if (toGround) {
            facts.put(
                    Fact.GROUNDED,
                    read.verdicts().stream().anyMatch(j -> isToGround(j) && j.verdict() == Verdict.FAILED));
        }
        if (read.shellHot() != null) {
            facts.put(Fact.SHELL_HOT, read.shellHot());
        }
    }

    private static boolean isToGround(Judged judged) {
        return judged.subject().endsWith(PairOhms.GROUND);
    }

    private void part(PartState part) {
        UnitSpot spot = new UnitSpot(part.added().place(), part.added().serves());
        for (Taken taken : part.tests().readings().values()) {
            Judged judged = taken.judged();
            if (judged.verdict() == Verdict.TOO_CLOSE || judged.verdict() == Verdict.NOT_JUDGED) {
                continue;
            }
            boolean isOut = judged.verdict() == Verdict.FAILED;
            Optional<Fact> fact = part.family().factOf(judged.subject(), spot);
            if (isOut && isOpenThoughItTurns(fact, judged)) {
                facts.put(Fact.READING_DOUBTFUL, true);
            } else {
                fact.ifPresent(f -> facts.put(f, isOut));
            }
        }
        facts.putAll(part.family().facts(part.tests().seen(), spot));
        Taken compressor = part.tests().amps().get("COMPRESSOR");
        if (compressor != null) {
            compressor(compressor.judged());
        }
        startDevices(part);
    }

    /** A section of about 0 µF cannot be behind a motor that turns: the reading is doubted before the part. */
    private boolean isOpenThoughItTurns(Optional<Fact> fact, Judged judged) {
        boolean isOpen = judged.reading().quantity() == Quantity.MICROFARADS
                && judged.reading().value() <= Math.max(judged.uncertainty(), OPEN_MICROFARADS);
        return isOpen
                && fact.filter(f -> f == Fact.FAN_OUT).isPresent()
                && Boolean.TRUE.equals(facts.get(Fact.OUTDOOR_FAN_RUNS));
    }

    /** What a kept proof tells: whether it pumps, superheat and subcooling. */
    private void proof(LeaveEntry.ProofKept kept) {
        if (kept.findings().stream().anyMatch(f -> f.demand() == Demand.PUMPING)) {
            facts.put(Fact.NOT_PUMPING, true);
            return;
        }
        for (Judged judged : kept.verdicts()) {
            Limits limits = judged.limits();
            if (limits == null || judged.verdict() == Verdict.TOO_CLOSE) {
                continue;
            }
            double x = judged.reading().value();
            if (judged.subject().equals(ProofFigure.SUPERHEAT.name())) {
                facts.put(Fact.SUPERHEAT_HIGH, x > limits.high());
            } else if (judged.subject().equals(ProofFigure.SUBCOOLING.name())) {
                facts.put(Fact.SUBCOOLING_LOW, x < limits.low());
            }
        }
    }

    /** Two of them, by two wires that lead to one on the same terminal of the run capacitor. */
    private void startDevices(PartState part) {
        long onHerm = part.wires().stream()
                .filter(w -> w.terminal().equals(Sections.HERM))
                .filter(w -> Letters.small(w.name()).contains("start"))
                .count();
        if (onHerm > 1) {
            facts.put(Fact.TWO_START_DEVICES, true);
        }
    }

    /** Whether a compressor draws more than its rating; whether it pumps is told by what was read with it. */
    private void compressor(Judged judged) {
        boolean isHigh = judged.limits() != null
                && judged.reading().value() > judged.limits().high();
        facts.put(Fact.AMPS_HIGH, isHigh);
    }

    /** How a compressor started: whether its amps stay, and whether its volts fall. */
    private void start(StartEntry.StartCaught start) {
        if (start.kind().equals(RunningAmps.Place.COMPRESSOR.name())) {
            facts.put(Fact.START_AMPS_STAY, start.verdicts().get(0).verdict() == Verdict.FAILED);
            facts.put(Fact.LOW_VOLTS, StartTest.isLow(start.verdicts()));
        }
    }

    /** Amps of motors that are no part in question. */
    private void amps(PartEntry.AmpsRead read) {
        if (read.place() == RunningAmps.Place.COMPRESSOR) {
            compressor(read.judged());
            if (read.isPumping() != null) {
                facts.put(Fact.NOT_PUMPING, !read.isPumping());
            }
        }
    }

    private void put(Fact fact, Optional<Boolean> isSo) {
        isSo.ifPresent(so -> facts.put(fact, so));
    }
}
