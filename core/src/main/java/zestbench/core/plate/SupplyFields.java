package zestbench.core.plate;

import static zestbench.core.label.LabelField.of;
import static zestbench.core.label.LabelField.told;

import zestbench.core.label.LabelGrammar;
import zestbench.core.label.Shapes;
import zestbench.core.label.Unit;
import zestbench.core.value.Value;

/** How plates and compressors name the supply they are made for: volts, phase, frequency. */
public final class SupplyFields {
    private SupplyFields() {}

    /** Declares them. @param group rows they belong to; empty where they are of the whole label */
    public static void declare(LabelGrammar grammar, String group) {
        grammar.field(of(
                                "volts",
                                Shapes.list(100, 700, Unit.VOLTS)
                                        .usual(110, 115, 120, 208, 220, 230, 240, 277, 380, 400, 415, 460, 480, 575),
                                "voltage|rated voltage|voltios|power supply|tension|voltaje|spannung|nom volts|nominal volts")
                        .by(Unit.VOLTS)
                        .in(group)
                        .bare(0.05)
                        .alone(1.3))
                .field(of("volts", PlateShapes::supply, "electrical|voltage|power supply")
                        .by(Unit.VOLTS)
                        .in(group)
                        .bare(0.05)
                        .alone(0.1))
                .field(of("phase", Shapes.number(1, 3, Unit.PHASES).usual(1, 3).whole(), "fases|phases")
                        .by(Unit.PHASES)
                        .in(group)
                        .bare(0))
                .field(told("phase")
                        .by(Value.of(1), "single phase|1~|1 f")
                        .by(Value.of(3), "three phase|3~|3n~")
                        .in(group))
                .field(of("hertz", Shapes.hertz(), "frequency")
                        .by(Unit.HERTZ)
                        .in(group)
                        .bare(0));
    }
}
