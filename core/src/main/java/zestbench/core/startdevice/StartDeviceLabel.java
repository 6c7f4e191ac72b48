package zestbench.core.startdevice;

import static zestbench.core.label.LabelField.of;
import static zestbench.core.label.LabelField.told;

import java.util.List;
import org.jspecify.annotations.Nullable;
import zestbench.core.label.Figure;
import zestbench.core.label.LabelGrammar;
import zestbench.core.label.LabelRead;
import zestbench.core.label.LabelReader;
import zestbench.core.label.Shape;
import zestbench.core.label.Shapes;
import zestbench.core.label.Unit;
import zestbench.core.value.Value;

/** What a start device's label says, and in which words. */
public final class StartDeviceLabel {
    /** Its name in the open interface. */
    public static final String KIND = "start-device";

    private static final double BTU_PER_TON = 12_000;

    public static final LabelGrammar GRAMMAR = new LabelGrammar(KIND)
            .hasAnyOf("type|tonsLow")
            .tells(
                    "hard start|hard start kit|start device|start kit|start assist|dispositivo de arranque",
                    "kit de arranque|start relay")
            .field(told("type", "type")
                    .by("PTC", "ptc|ptc start device|solid state ptc|ptcr|kaltleiter")
                    .by(
                            "POTENTIAL_RELAY",
                            "potential relay|potential|pot relay|relevador potencial|electronic potential relay",
                            "relais de potentiel")
                    .by("SOLID_STATE", "solid state|electronic"))
            .field(of("voltsLow", Shapes.span("voltsHigh", 90, 600, Unit.VOLTS), "volts|voltage|v|rated")
                    .bare(0.05)
                    .alone(0.8))
            .field(of(
                            "tonsLow",
                            Shapes.span("tonsHigh", 0.25, 25, Unit.TONS)
                                    .also(Unit.BTU, 1 / BTU_PER_TON)
                                    .fractions(),
                            "tons|ton|tonnage|for")
                    .bare(0.05)
                    .alone(1.2))
            .field(of("microfarads", Shapes.list(10, 500, Unit.MICROFARADS), "cap|capacitor")
                    .bare(0.1))
            .field(of("ohms", Shapes.number(1, 200, Unit.OHMS)).bare(0.1))
            .field(told("kit").by(Value.of(true), "kit|hard start kit|start kit"))
            .field(of(
                    "pickUpVolts",
                    StartDeviceLabel::upper,
                    "pick up|pickup|pick-up volts|pick up volts|pick-up|pu|p.u.|hot pick up|hot pickup|anzug"))
            .field(of(
                    "dropOutVolts",
                    StartDeviceLabel::upper,
                    "drop out|dropout|drop-out volts|drop out volts|drop-out|do|d.o.|abfall"))
            .field(
                    of(
                            "continuousVolts",
                            StartDeviceLabel::upper,
                            "coil|cont|continuous|continuous coil volts|cont v|cont volts|continuous volts|max coil volts|coil volts"))
            .joins('-', "a")
            .foreign("cold|wire|ul file|contacts|contact|max|max amps|bleeder")
            .fillers(
                    "use on|kit|3 wire|wire|do not use on three phase or inverter|relay|capacitor|start capacitor",
                    "start cap")
            .finish(taking -> {
                taking.move("microfarads", "");
                taking.move("ohms", "");
                taking.remove("microfarads");
                taking.remove("ohms");
            });

    private StartDeviceLabel() {}

    /** Volts of a potential relay, which are not the line's; of a range its upper end. */
    private static Shape.@Nullable Fit upper(String path, Figure figure, @Nullable Unit unit) {
        boolean is = !figure.hasGap() && figure.size() <= 2 && (unit == null || unit == Unit.VOLTS);
        double volts = is ? Math.abs(figure.numbers().get(figure.size() - 1)) : 0;
        return volts >= 30 && volts <= 600 ? new Shape.Fit(List.of(new Shape.Told(path, Value.of(volts))), 0) : null;
    }

    /** Reads {@code text} as such a label; never fails, what it cannot read is left over. */
    public static LabelRead read(String text) {
        return LabelReader.read(GRAMMAR, text);
    }
}
