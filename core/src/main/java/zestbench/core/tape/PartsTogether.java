package zestbench.core.tape;

import java.util.ArrayList;
import java.util.Collection;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import zestbench.core.family.Look;
import zestbench.core.family.MatchRequest.Beside;
import zestbench.core.family.MatchRequest.Circuit;
import zestbench.core.family.MatchRequest.CrankcaseHeat;
import zestbench.core.family.MatchRequest.Source;
import zestbench.core.family.MatchRequest.StockLine;
import zestbench.core.family.MatchRequest.Witness;
import zestbench.core.family.Spec;
import zestbench.core.family.Trait;
import zestbench.core.family.Turning;
import zestbench.core.judgement.Demand;
import zestbench.core.plate.PlaceRole;
import zestbench.core.plate.UnitPlaces;
import zestbench.core.quantity.Letters;
import zestbench.core.wiring.Sheet;

/** The parts of a call beside one another: which serves which, what circuit each is in, and what it has to be for that. */
public final class PartsTogether {
    private final CallState call;
    private final Collection<PartState> all;

    PartsTogether(CallState call, Collection<PartState> all) {
        this.call = call;
        this.all = all;
    }

    /** What is known of the circuit a part is in; an indoor part of a split system is on a circuit of its own. */
    public Circuit circuit(PartState part) {
        boolean isIndoor = Letters.small(part.added().place()).startsWith("indoor");
        boolean isElsewhere =
                isIndoor && call.plates().outdoor().rows("indoorFans").isEmpty();
        Boolean isCauseFound =
                part.tests().seen(Look.About.CAUSE) != null || part.overridden(Demand.FIND_CAUSE) != null;
        Turning turning = part.family().turning();
        return new Circuit(
                null,
                isElsewhere ? null : call.supply().lineVolts().orElse(null),
                null,
                isElsewhere ? call.plates().indoor() : call.plates().outdoor(),
                turning != null && !part.wires().isEmpty() ? turning.usedTaps(part.spec(), part.wires()) : null,
                beside(part),
                PlaceRole.of(
                        part.added().place(),
                        part.added().serves(),
                        call.plates().outdoor(),
                        isCauseFound));
    }

    private Beside beside(PartState part) {
        PartEntry.Looked heat = part.tests().seen(Look.About.CRANKCASE_HEAT);
        return new Beside(
                null,
                null,
                heat == null ? null : CrankcaseHeat.valueOf(heat.seen()),
                part.wires().isEmpty() ? null : part.wires().size(),
                null,
                null,
                part.family().has(Trait.COMPRESSES) ? brokenFor(part) : null);
    }

    /** Locked-rotor amps that the contactor of a compressor breaks, the new one's first; null where no label of it was read. */
    private @Nullable Double brokenFor(PartState compressor) {
        String place = Letters.small(compressor.added().place());
        for (PartState each : all) {
            String serves = Letters.small(each.added().serves());
            if (each.family().has(Trait.MAKES_THE_LINE) && !serves.isEmpty() && place.contains(serves)) {
                PartEntry.Chosen chosen = each.chosen();
                Spec label =
                        chosen == null ? each.spec() : chosen.pieces().get(0).spec();
                return label.number("lockedRotorAmps").orElse(null);
            }
        }
        return null;
    }

    /** Witnesses of what a part has to be: a capacitor's is the label of the motor it serves, the new one's first. */
    public List<Witness> witnesses(PartState part) {
        List<Witness> out = new ArrayList<>();
        for (PartState motor : all) {
            if (isServedBy(motor, part) && motor.closed() == null) {
                PartEntry.Chosen choice = motor.chosen();
                Spec label =
                        choice == null ? motor.spec() : choice.pieces().get(0).spec();
                Turning turning = motor.family().turning();
                Spec wanted = turning == null ? Spec.EMPTY : turning.capacitor(label);
                if (!wanted.isEmpty()) {
                    out.add(new Witness(Source.MOTOR_LABEL, wanted));
                }
            }
        }
        return out;
    }

    /** The id of a part that stays in beside a new one. */
    public static final String STAYING = "stays-in";

    /** The id, with the other part's behind it, of a section that a piece chosen for another part has to spare. */
    public static final String SPARE = "spare-of-";

    /** Whether an offer's piece is one that is there already. */
    public static boolean isStanding(String id) {
        return id.equals(STAYING) || id.startsWith(SPARE);
    }

    /**
     * What need not come off the truck: the sections of the old part that read good and can stay in, and sections that a piece
     * chosen for another capacitor of this call leaves free. They cost nothing.
     */
    public List<StockLine> standing(PartState part) {
        List<StockLine> out = new ArrayList<>();
        Standing.staying(part, !witnesses(part).isEmpty())
                .ifPresent(spec -> out.add(new StockLine(STAYING, 1, spec, 0)));
        for (PartState other : all) {
            if (other != part && other.closed() == null) {
                Standing.spare(part, other).ifPresent(spec -> out.add(new StockLine(SPARE + other.id(), 1, spec, 0)));
            }
        }
        return out;
    }

    /** Readings that stand for the {@code piece} of a choice that is the old part, or a section of it. */
    public List<PartEntry.Measured> readingsOfStaying(PartState part, Spec staying, int piece) {
        return Standing.readings(part, staying, piece);
    }

    /** The capacitor in question that serves {@code motor}. */
    public Optional<PartState> capacitorOf(PartState motor) {
        return all.stream()
                .filter(part -> isServedBy(motor, part) && part.closed() == null)
                .findFirst();
    }

    private static boolean isServedBy(PartState motor, PartState capacitor) {
        return motor.family().turns()
                && capacitor.family().has(Trait.SERVES_A_MOTOR)
                && UnitPlaces.isServedBy(
                        motor.added().place(), capacitor.added().serves());
    }

    /** The hook-up sheet of a part whose replacement is chosen. */
    public Optional<Sheet> sheet(PartState part) {
        Sheet beside = capacitorOf(part).flatMap(this::sheet).orElse(null);
        return part.hookup(circuit(part), beside).map(part.family()::sheet);
    }

    /** Whether its hook-up sheet is open: it was opened, and nothing showed power since it was read dead. */
    public boolean isSheetOpen(PartState part) {
        return part.isSheetOpened() && call.deadness().isDeadFor(part.id());
    }

    public Set<Step> filled(PartState part) {
        List<String> keys = sheet(part)
                .map(s -> s.steps().stream().map(Sheet.Step::key).toList())
                .orElse(List.of());
        Set<Step> out = part.filled(keys);
        if (goesNewWithItsMotor(part)) {
            out.addAll(EnumSet.of(Step.READ, Step.TEST, Step.JUDGE));
        }
        return out;
    }

    /**
     * Whether the label of the motor that is chosen tells all that a capacitor has to be, since it serves that motor alone: no
     * old one has to be read or tested for it (common practice: a PSC motor goes in with a new capacitor).
     */
    private boolean goesNewWithItsMotor(PartState part) {
        return part.spec().isEmpty()
                && part.tests().readings().isEmpty()
                && !witnesses(part).isEmpty()
                && all.stream()
                        .anyMatch(motor -> motor.chosen() != null
                                && isServedBy(motor, part)
                                && motor.added().place().equals(part.added().serves()));
    }
}
