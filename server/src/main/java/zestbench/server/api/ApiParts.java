package zestbench.server.api;

import java.util.Set;
import org.jspecify.annotations.Nullable;
import zestbench.core.coil.CoilReadings;
import zestbench.core.contactor.ContactorJudgement;
import zestbench.core.contactor.ContactorLabel;
import zestbench.core.family.Family;
import zestbench.core.family.MatchRequest.Beside;
import zestbench.core.family.MatchRequest.CrankcaseHeat;
import zestbench.core.family.MatchRequest.Role;
import zestbench.core.family.TestRequest.SectionReading;
import zestbench.core.fuse.FuseJudgement;
import zestbench.core.fuse.FuseLabel;
import zestbench.core.quantity.InputProblem;
import zestbench.core.quantity.Quantity;
import zestbench.core.quantity.Reading;
import zestbench.core.relay.RelayLabel;
import zestbench.core.startdevice.StartDeviceLabel;
import zestbench.core.transformer.TransformerJudgement;
import zestbench.core.transformer.TransformerLabel;
import zestbench.server.api.ApiModels.CircuitGiven;
import zestbench.server.api.ApiModels.TakenReading;

/** Readings of contactors, relays, fuses, transformers and start devices in the open interface, and what hangs beside them. */
final class ApiParts {
    private static final Set<String> KINDS =
            Set.of(ContactorLabel.KIND, RelayLabel.KIND, FuseLabel.KIND, TransformerLabel.KIND, StartDeviceLabel.KIND);

    private ApiParts() {}

    static boolean isOne(String kind) {
        return KINDS.contains(kind);
    }

    /** One reading under the name its family reads it by. */
    static SectionReading reading(Family family, TakenReading taken, String field) {
        try {
            return switch (family.kind()) {
                case ContactorLabel.KIND, RelayLabel.KIND -> coil(taken);
                case FuseLabel.KIND -> fuse(taken);
                case TransformerLabel.KIND -> transformer(taken);
                default -> new SectionReading(null, ohms(taken, taken.ohms()));
            };
        } catch (InputProblem problem) {
            throw problem.within(field);
        }
    }

    private static SectionReading coil(TakenReading taken) {
        if (taken.pole() != null || taken.voltsAcross() != null) {
            int pole = InputProblem.given(taken.pole(), "pole", "say which pole, from 1");
            double volts =
                    InputProblem.given(taken.voltsAcross(), "voltsAcross", "give the volts across the closed pole");
            return new SectionReading(ContactorJudgement.POLE + pole, volts(taken, volts));
        }
        if (taken.coilVolts() != null) {
            return new SectionReading(CoilReadings.COIL_VOLTS, volts(taken, taken.coilVolts()));
        }
        if (taken.pulledIn() != null) {
            return new SectionReading(
                    ContactorJudgement.PULLED_IN,
                    Reading.of(Quantity.VOLTS, Boolean.TRUE.equals(taken.pulledIn()) ? 1 : 0));
        }
        return new SectionReading(CoilReadings.COIL, ohms(taken, taken.coilOhms()));
    }

    private static SectionReading fuse(TakenReading taken) {
        int position = taken.position() == null ? 1 : taken.position();
        InputProblem.require(position >= 1 && position <= 6, "position", position, "give 1 to 6");
        if (taken.voltsAcross() != null) {
            boolean isOn = !Boolean.FALSE.equals(taken.loadOn());
            return new SectionReading(FuseJudgement.live(position, isOn), volts(taken, taken.voltsAcross()));
        }
        return new SectionReading("FUSE " + position, ohms(taken, taken.ohms()));
    }

    private static SectionReading transformer(TakenReading taken) {
        if (taken.primaryVolts() != null) {
            return new SectionReading(TransformerJudgement.PRIMARY, volts(taken, taken.primaryVolts()));
        }
        double secondary = InputProblem.given(
                taken.secondaryVolts(),
                "secondaryVolts",
                "give primaryVolts, or secondaryVolts and whether it is loaded");
        boolean isLoaded = Boolean.TRUE.equals(taken.loaded());
        return new SectionReading(
                isLoaded ? TransformerJudgement.SECONDARY : TransformerJudgement.SECONDARY_UNLOADED,
                volts(taken, secondary));
    }

    private static Reading volts(TakenReading taken, double volts) {
        return Reading.of(Quantity.VOLTS, volts, taken.resolution());
    }

    private static Reading ohms(TakenReading taken, @Nullable Double ohms) {
        boolean open = Boolean.TRUE.equals(taken.open());
        boolean overRange = Boolean.TRUE.equals(taken.overRange());
        int given = (ohms != null ? 1 : 0) + (open ? 1 : 0) + (overRange ? 1 : 0);
        InputProblem.require(
                given == 1, "ohms", given + " given", "give exactly one of ohms, open: true, overRange: true");
        if (ohms == null) {
            return open ? Reading.open(Quantity.OHMS) : Reading.overRange(Quantity.OHMS);
        }
        return Reading.of(Quantity.OHMS, ohms, taken.resolution());
    }

    /** What else hangs in the circuit. */
    static Beside beside(CircuitGiven given) {
        positive(given.connectedVoltAmps(), "connectedVoltAmps");
        positive(given.connectedInrushVoltAmps(), "connectedInrushVoltAmps");
        positive(given.shortCircuitKiloamps(), "shortCircuitKiloamps");
        Integer wires = given.wiresFound();
        InputProblem.require(wires == null || wires >= 0, "context.wiresFound", wires, "give 0 or more");
        return new Beside(
                given.connectedVoltAmps(),
                given.connectedInrushVoltAmps(),
                heat(given.crankcaseHeat()),
                wires,
                given.refrigerant(),
                given.shortCircuitKiloamps());
    }

    /** What the part does in its circuit; why a fuse opened is not asked of other programs. */
    static Role role(CircuitGiven given) {
        positive(given.loadAmps(), "loadAmps");
        return new Role(given.protects(), given.switches(), given.loadAmps(), given.indoors(), null);
    }

    private static @Nullable CrankcaseHeat heat(@Nullable String given) {
        if (given == null) {
            return null;
        }
        for (CrankcaseHeat heat : CrankcaseHeat.values()) {
            if (heat.name().equals(given)) {
                return heat;
            }
        }
        throw InputProblem.of("context.crankcaseHeat", given, "give NONE, UNSWITCHED_LEG or OWN_SUPPLY");
    }

    private static void positive(@Nullable Double given, String name) {
        InputProblem.require(
                given == null || (given >= 0 && Double.isFinite(given)), "context." + name, given, "give 0 or more");
    }
}
