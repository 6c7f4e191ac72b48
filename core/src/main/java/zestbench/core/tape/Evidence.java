package zestbench.core.tape;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import zestbench.core.amps.RunningAmps;
import zestbench.core.capacitor.CapacitorLabel;
import zestbench.core.coil.CoilReadings;
import zestbench.core.contactor.ContactorLabel;
import zestbench.core.family.Spec;
import zestbench.core.fuse.FuseLabel;
import zestbench.core.judgement.Demand;
import zestbench.core.judgement.Judged;
import zestbench.core.judgement.Verdict;
import zestbench.core.proof.ProofFigure;
import zestbench.core.quantity.Letters;
import zestbench.core.quantity.Limits;
import zestbench.core.quantity.Quantity;
import zestbench.core.startdevice.StartDeviceLabel;
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
            Iterable<Line> windings,
            Iterable<Line> amps,
            Iterable<PartState> parts,
            @Nullable Line proof) {
        Evidence evidence = new Evidence();
        plate.number("phase").ifPresent(phase -> evidence.facts.put(Fact.THREE_PHASE, phase == 3));
        evidence.facts.putAll(Question.facts(answers));
        notes.forEach(note -> evidence.facts.putAll(BlinkCode.facts(note)));
        evidence.supply(supply);
        for (Line line : windings) {
            evidence.windings((Entry.WindingsRead) line.entry());
        }
        int startDevices = 0;
        for (PartState part : parts) {
            evidence.part(part);
            boolean isOpen = part.closed() == null;
            startDevices += isOpen && part.family().kind().equals(StartDeviceLabel.KIND) ? 1 : 0;
        }
        if (startDevices > 1) {
            evidence.facts.put(Fact.TWO_START_DEVICES, true);
        }
        for (Line line : amps) {
            evidence.amps((Entry.AmpsRead) line.entry());
        }
        if (proof != null && proof.entry() instanceof Entry.ProofKept kept) {
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

    private void windings(Entry.WindingsRead read) {
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
        for (Taken taken : part.readings().values()) {
            Judged judged = taken.judged();
            if (judged.verdict() == Verdict.TOO_CLOSE || judged.verdict() == Verdict.NOT_JUDGED) {
                continue;
            }
            boolean isOut = judged.verdict() == Verdict.FAILED;
            Optional<Fact> fact = factOf(part, judged.subject());
            if (isOut && isOpenThoughItTurns(fact, judged)) {
                facts.put(Fact.READING_DOUBTFUL, true);
            } else {
                fact.ifPresent(f -> facts.put(f, isOut));
            }
        }
        looked(part);
        Taken compressor = part.amps().get("COMPRESSOR");
        if (compressor != null) {
            compressor(compressor.judged());
        }
        if (part.family().kind().equals("motor")) {
            motor(part);
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

    private void looked(PartState part) {
        Entry.Looked stuck = part.looks().get("STUCK");
        if (stuck != null) {
            facts.put(Fact.CONTACTOR_STAYS_IN, stuck.seen().equals("stays"));
        }
        Entry.Looked starter = part.looks().get("CASE");
        if (starter != null && starter.verdict() == Verdict.FAILED) {
            facts.put(Fact.START_DEVICE_BAD, true);
        }
    }

    /** What a kept proof tells: whether it pumps, superheat and subcooling. */
    private void proof(Entry.ProofKept kept) {
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

    /** Two of them: as was looked, or by two wires that lead to one on the same terminal of the run capacitor. */
    private void startDevices(PartState part) {
        Entry.Looked look = part.looks().get("SECOND");
        if (look != null) {
            facts.put(Fact.TWO_START_DEVICES, look.seen().equals("two"));
        }
        long onHerm = part.wires().stream()
                .filter(w -> w.terminal().equals("HERM"))
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

    private void motor(PartState part) {
        Entry.Looked shaft = part.looks().get("SHAFT");
        Entry.Looked shell = part.looks().get("SHELL");
        String place = Letters.small(part.added().place());
        if (shaft != null && place.startsWith("outdoor fan")) {
            facts.put(Fact.FAN_TURNS_FREE, shaft.verdict() != Verdict.FAILED);
        }
        if (shell != null && place.contains("blower")) {
            facts.put(Fact.BLOWER_HOT, shell.seen().equals("hot"));
        }
    }

    /** Amps of motors that are no part in question. */
    private void amps(Entry.AmpsRead read) {
        if (read.place() == RunningAmps.Place.COMPRESSOR) {
            compressor(read.judged());
            if (read.isPumping() != null) {
                facts.put(Fact.NOT_PUMPING, !read.isPumping());
            }
        }
    }

    /** Which fact a section's reading settles: by its terminal, a single one by what it serves. */
    private static Optional<Fact> factOf(PartState part, String subject) {
        String kind = part.family().kind();
        if (kind.equals(FuseLabel.KIND)) {
            boolean isControl = Letters.small(part.added().place()).matches(".*(control|board|24 v|transformer).*");
            return Optional.of(isControl ? Fact.CONTROL_FUSE_OPEN : Fact.FUSE_OPEN);
        }
        if (kind.equals(ContactorLabel.KIND)) {
            return subject.equals(CoilReadings.COIL) ? Optional.of(Fact.COIL_OPEN) : Optional.empty();
        }
        if (kind.equals(StartDeviceLabel.KIND)) {
            return Optional.of(Fact.START_DEVICE_BAD);
        }
        if (!kind.equals(CapacitorLabel.KIND)) {
            return Optional.empty();
        }
        String serves = Letters.small(
                subject.equals("CAPACITOR")
                        ? part.added().serves() + " " + part.added().place()
                        : subject);
        if (serves.contains("blower") || serves.contains("indoor")) {
            return Optional.of(Fact.BLOWER_CAPACITOR_OUT);
        }
        if (serves.contains("fan")) {
            return Optional.of(Fact.FAN_OUT);
        }
        return serves.contains("herm") || serves.contains("compressor") ? Optional.of(Fact.HERM_OUT) : Optional.empty();
    }

    private void put(Fact fact, Optional<Boolean> isSo) {
        isSo.ifPresent(so -> facts.put(fact, so));
    }
}
