package zestbench.core.tape;

import java.util.EnumMap;
import java.util.Map;
import java.util.Optional;
import zestbench.core.family.Spec;
import zestbench.core.judgement.Judged;
import zestbench.core.judgement.Verdict;
import zestbench.core.quantity.Letters;
import zestbench.core.supply.SupplyPoint;
import zestbench.core.suspect.Fact;
import zestbench.core.suspect.Question;
import zestbench.core.winding.PairOhms;

/** What a call knows for its suspects: what was answered, and over it what was read and measured. */
final class Evidence {
    private final Map<Fact, Boolean> facts = new EnumMap<>(Fact.class);

    private Evidence() {}

    static Map<Fact, Boolean> of(
            Map<String, String> answers,
            Spec plate,
            SupplyState supply,
            Iterable<Line> windings,
            Iterable<PartState> parts) {
        Evidence evidence = new Evidence();
        plate.number("phase").ifPresent(phase -> evidence.facts.put(Fact.THREE_PHASE, phase == 3));
        answers.forEach((question, answer) -> Question.named(question)
                .flatMap(q -> q.answer(answer))
                .ifPresent(a -> evidence.facts.putAll(a.facts())));
        evidence.supply(supply);
        for (Line line : windings) {
            evidence.windings((Entry.WindingsRead) line.entry());
        }
        for (PartState part : parts) {
            evidence.part(part);
        }
        return evidence.facts;
    }

    private void supply(SupplyState supply) {
        put(Fact.LINE_VOLTS, supply.isAlive(SupplyPoint.LINE).or(() -> supply.isAlive(SupplyPoint.DISCONNECT)));
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
        for (Line line : part.readings().values()) {
            Judged judged = PartState.judged(line);
            if (judged.verdict() != Verdict.TOO_CLOSE) {
                factOf(part, judged.subject()).ifPresent(fact -> facts.put(fact, judged.verdict() == Verdict.FAILED));
            }
        }
        Line compressor = part.amps().get("COMPRESSOR");
        if (compressor != null) {
            facts.put(Fact.AMPS_HIGH, PartState.judged(compressor).verdict() != Verdict.GOOD);
        }
    }

    /** Which fact a section's reading settles: by its terminal, a single one by what it serves. */
    private static Optional<Fact> factOf(PartState part, String subject) {
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
