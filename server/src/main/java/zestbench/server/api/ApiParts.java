package zestbench.server.api;

import java.util.LinkedHashMap;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import zestbench.core.family.Family;
import zestbench.core.family.GivenReading;
import zestbench.core.family.MatchRequest.Beside;
import zestbench.core.family.MatchRequest.CrankcaseHeat;
import zestbench.core.family.MatchRequest.Role;
import zestbench.core.family.TestRequest.SectionReading;
import zestbench.core.quantity.InputProblem;
import zestbench.server.api.ApiModels.CircuitGiven;
import zestbench.server.api.ApiModels.TakenReading;

/** Readings of parts in the open interface, and what hangs beside them. */
final class ApiParts {
    private ApiParts() {}

    /** One reading under the name its family reads it by. */
    static SectionReading reading(Family family, TakenReading taken, String field) {
        Map<String, Double> figures = new LinkedHashMap<>();
        put(figures, "microfarads", taken.microfarads());
        put(figures, "ohms", taken.ohms());
        put(figures, "amps", taken.amps());
        put(figures, "volts", taken.volts());
        put(figures, "coilOhms", taken.coilOhms());
        put(figures, "coilVolts", taken.coilVolts());
        put(figures, "voltsAcross", taken.voltsAcross());
        put(figures, "primaryVolts", taken.primaryVolts());
        put(figures, "secondaryVolts", taken.secondaryVolts());
        put(figures, "pole", taken.pole() == null ? null : (double) taken.pole());
        put(figures, "position", taken.position() == null ? null : (double) taken.position());
        Map<String, Boolean> flags = new LinkedHashMap<>();
        put(flags, "open", taken.open());
        put(flags, "overRange", taken.overRange());
        put(flags, "loadOn", taken.loadOn());
        put(flags, "loaded", taken.loaded());
        put(flags, "pulledIn", taken.pulledIn());
        try {
            return family.named(new GivenReading(taken.section(), figures, flags, taken.resolution()));
        } catch (InputProblem problem) {
            throw problem.within(field);
        }
    }

    private static <T> void put(Map<String, T> out, String name, @Nullable T given) {
        if (given != null) {
            out.put(name, given);
        }
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
