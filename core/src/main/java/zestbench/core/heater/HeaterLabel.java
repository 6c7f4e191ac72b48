package zestbench.core.heater;

import static zestbench.core.label.LabelField.of;
import static zestbench.core.label.LabelField.told;

import zestbench.core.label.LabelGrammar;
import zestbench.core.label.Shapes;
import zestbench.core.label.Unit;

/** What a crankcase heater's label says, and in which words. */
public final class HeaterLabel {
    /** Its name in the open interface. */
    public static final String KIND = "crankcase-heater";

    static final LabelGrammar GRAMMAR = new LabelGrammar(KIND)
            .hasAnyOf("watts")
            .tells(
                    "crankcase heater|crank case heater|crankcase htr|sump heater|oil heater",
                    "calentador de carter|resistance de carter|ölsumpfheizung")
            .field(of(
                            "volts",
                            Shapes.list(100, 600, Unit.VOLTS).usual(120, 208, 230, 240, 277, 460, 480),
                            "volts|voltage|v")
                    .bare(0.3)
                    .alone(1.2))
            .field(of(
                            "watts",
                            Shapes.number(10, 250, Unit.WATTS).usual(27, 40, 50, 60, 65, 70, 75, 80, 90),
                            "watts|wattage|power")
                    .bare(0.2)
                    .alone(1.6))
            .field(told("element")
                    .by("PTC", "ptc|self regulating|self-regulating|self limiting")
                    .by("FIXED", "fixed|resistance wire|wire wound"))
            .field(told("form")
                    .by("BAND", "belly band|belly band heater|band|wrap around|wrap")
                    .by("INSERT", "insertion|insert|immersion|well|stick"))
            .fillers("heater|compressor|crankcase");

    private HeaterLabel() {}
}
